import { bad, good, type Issue, type RangeReason, type Result } from "../measure";
import { movedIn, planRow, type PlanSize } from "./plans";
import { rimSize } from "./rim-size";
import { shapeRow, tinCount, tinDepth, type Tin } from "./shapes";
import { TIN_LIMITS, type Material } from "./shapes/fields";
import type { StraightDefaults, TroughDefaults } from "./shapes/row";
import {
  fluteStretch,
  netAreaAt,
  wallKnots,
  type StraightWall,
  type TroughWall,
  type Tube,
  type Wall,
} from "./wall";

/** A knot of the wall and the volume below it. */
export type Stratum = { readonly heightMm: number; readonly belowMm3: number };

/**
 * A tin with everything settled: each wall measure given or taken from the usual build of its
 * shape.
 */
export type TinGeometry = {
  readonly tin: Tin;
  readonly count: number;
  readonly material: Material;
  readonly depthMm: number;
  readonly wall: Wall;
  /** What it holds up to each of its wall's knots, lowest first, mm³. */
  readonly strata: readonly Stratum[];
  /**
   * Factor on the drawn wall's areas where a water fill could be met in no better way; 1 and 1
   * else.
   */
  readonly areaFactor: AreaFactor;
};

/** A factor on areas at the floor and at the rim, straight in between. */
export type AreaFactor = { readonly floor: number; readonly rim: number };

/** The {@link AreaFactor} at a height inside the tin. */
export function areaFactorAt(
  { areaFactor, depthMm }: Pick<TinGeometry, "areaFactor" | "depthMm">,
  heightMm: number,
): number {
  return areaFactor.floor + ((areaFactor.rim - areaFactor.floor) * heightMm) / depthMm;
}

/**
 * The settled geometry of one tin, before any water fill: see `tinGeometry`.
 * @param taperDeg lean of the wall from upright; usual build of the shape when left out
 */
export function drawnGeometry(
  tin: Tin,
  overrides: { readonly taperDeg?: number; readonly bulge?: number } = {},
): Result<TinGeometry> {
  const wall = wallFor(tin, overrides);
  if (!wall.ok) return wall;
  return good({
    tin,
    count: tinCount(tin),
    material: tin.material ?? "bright",
    ...withFactor(wall.value, { floor: 1, rim: 1 }),
  });
}

type FactoredWall = Pick<TinGeometry, "wall" | "depthMm" | "strata" | "areaFactor">;

/** A wall with its areas multiplied, and what it then holds. */
export function withFactor(wall: Wall, areaFactor: AreaFactor): FactoredWall {
  const { depthMm } = wall;
  const knots = wallKnots(wall);
  let belowMm3 = 0;
  const strata = knots.map((heightMm, index) => {
    if (index > 0)
      belowMm3 += volumeBetween({ wall, areaFactor, depthMm }, knots[index - 1] ?? 0, heightMm);
    return { heightMm, belowMm3 };
  });
  return { wall, depthMm, strata, areaFactor };
}

/**
 * Five-point Gauss-Legendre nodes and weights on -1 to 1; exact for polynomials up to the ninth
 * degree.
 */
const GAUSS: readonly (readonly [number, number])[] = [
  [-0.906179845938664, 0.23692688505618908],
  [-0.538469310105683, 0.47862867049936647],
  [0, 0.5688888888888889],
  [0.538469310105683, 0.47862867049936647],
  [0.906179845938664, 0.23692688505618908],
];

/** Two points, exact to the third degree: a straight wall's area is one of the second, times a line. */
const GAUSS_OF_STRAIGHT: typeof GAUSS = [
  [-Math.sqrt(1 / 3), 1],
  [Math.sqrt(1 / 3), 1],
];

/** Integral of the cut's area over the heights within one smooth interval of a wall, mm³. */
export function volumeBetween(
  tin: Pick<TinGeometry, "wall" | "areaFactor" | "depthMm">,
  fromMm: number,
  toMm: number,
): number {
  const middle = (fromMm + toMm) / 2;
  const half = (toMm - fromMm) / 2;
  const isStraight = tin.wall.kind === "straight" && fromMm >= tin.wall.filletMm;
  let sum = 0;
  for (const [node, weight] of isStraight ? GAUSS_OF_STRAIGHT : GAUSS) {
    const heightMm = middle + half * node;
    sum += weight * areaFactorAt(tin, heightMm) * netAreaAt(tin.wall, heightMm);
  }
  return half * sum;
}

function wallFor(
  tin: Tin,
  overrides: { readonly taperDeg?: number; readonly bulge?: number },
): Result<Wall> {
  const defaults = shapeRow(tin.shape).wall(tin);
  if (
    "sizesAt" in tin &&
    tin.sizesAt === "floor" &&
    (defaults.wall !== "straight" || tin.shape === "well")
  ) {
    return bad({ code: "not-a-choice", path: "sizesAt", value: "floor", allowed: ["rim"] });
  }
  switch (defaults.wall) {
    case "dome":
    case "trough": {
      const rim = rimSize(tin, 0);
      if (!rim.ok) return rim;
      if (defaults.wall === "trough")
        return troughWall(tin, rim.value.widthMm, {
          ...defaults,
          bulge: overrides.bulge ?? defaults.bulge,
        });
      return good({ kind: "dome", depthMm: tinDepth(tin), rimRadiusMm: rim.value.widthMm / 2 });
    }
    case "profile":
      return profileWall(tin);
    case "straight":
      return straightWall(
        tin,
        defaults,
        overrides.taperDeg ?? ("taperDeg" in tin ? tin.taperDeg : undefined),
      );
  }
}

function outOfRange(
  path: string,
  value: number,
  min: number,
  max: number,
  because?: RangeReason,
): { ok: false; issue: Issue } {
  return bad({
    code: "out-of-range",
    path,
    value,
    min,
    max,
    unit: "mm",
    ...(because === undefined ? {} : { because }),
  });
}

function tooMuch(
  path: string,
  value: number,
  max: number,
  because: RangeReason,
  min = 0,
): { ok: false; issue: Issue } {
  const unit = path === "taperDeg" ? "°" : "mm";
  return bad({
    code: "out-of-range",
    path,
    value,
    min,
    max: Math.floor(max * 10) / 10,
    unit,
    because,
  });
}

function profileWall(tin: Tin): Result<Wall> {
  if (tin.shape !== "drawn") throw new RangeError(`a ${tin.shape} has no profile`);
  const { profile: points, depthMm } = tin;
  const [floor, rim] = [points[0], points.at(-1)];
  if (floor === undefined || rim === undefined) throw new RangeError("a profile needs two points");
  if (floor.heightMm !== 0)
    return outOfRange(
      "profile[0].heightMm",
      floor.heightMm,
      0,
      0,
      "profile-goes-from-floor-to-rim",
    );
  if (rim.heightMm !== depthMm) {
    return outOfRange(
      `profile[${points.length - 1}].heightMm`,
      rim.heightMm,
      depthMm,
      depthMm,
      "profile-goes-from-floor-to-rim",
    );
  }
  for (const [index, point] of points.entries()) {
    const below = points[index - 1];
    if (below !== undefined && point.heightMm <= below.heightMm) {
      return outOfRange(
        `profile[${index}].heightMm`,
        point.heightMm,
        below.heightMm + 1,
        TIN_LIMITS.depthMm.max,
        "profile-rises",
      );
    }
  }
  const longerMm = tin.rimLengthMm === undefined ? 0 : tin.rimLengthMm - rim.widthMm;
  if (longerMm < 0)
    return outOfRange("rimLengthMm", tin.rimLengthMm ?? 0, rim.widthMm, TIN_LIMITS.widthMm.max);
  return good({ kind: "profile", depthMm, points, longerMm });
}

function straightWall(
  tin: Tin,
  defaults: StraightDefaults,
  givenTaperDeg: number | undefined,
): Result<Wall> {
  const depthMm = tinDepth(tin);
  const taperDeg = givenTaperDeg ?? defaults.taperDeg;
  const slopeMm = depthMm * Math.tan((taperDeg * Math.PI) / 180);
  const inside = rimSize(tin, slopeMm);
  if (!inside.ok) return inside;
  const rim = inside.value;
  if (tin.shape === "well" && tin.floorMm !== undefined && tin.floorMm > rim.widthMm) {
    return tooMuch(
      "floorMm",
      tin.floorMm,
      rim.widthMm,
      "floor-wider-than-rim",
      TIN_LIMITS.widthMm.min,
    );
  }
  const measuredFloor =
    tin.shape === "well" && givenTaperDeg === undefined ? tin.floorMm : undefined;
  const lean = measuredFloor === undefined ? slopeMm : (rim.widthMm - measuredFloor) / 2;

  const filletMm = defaults.filletMm;
  if (filletMm > depthMm)
    return tooMuch("depthMm", depthMm, TIN_LIMITS.depthMm.max, "fillet-deeper-than-tin", filletMm);
  // A floor narrower than this is a point, and a fillet on each side has to fit on it.
  const leastFloor = Math.max(5, 2 * filletMm + 1);
  const plan = planRow(defaults.plan);
  const mostLean = (rim.widthMm - leastFloor) / plan.narrows.width;
  if (lean > mostLean) {
    const mostTaperDeg = (Math.atan(Math.max(0, mostLean) / depthMm) * 180) / Math.PI;
    return tooMuch("taperDeg", taperDeg, mostTaperDeg, "base-would-close");
  }

  const corners = cornersOf(
    tin,
    defaults,
    rim.widthMm / plan.narrows.width,
    rim.widthMm / plan.narrows.width - lean,
  );
  if (!corners.ok) return corners;
  const tube = tubeOf(tin, defaults, lean, filletMm);
  if (!tube.ok) return tube;
  const size = (by: number, cornerMm: number): PlanSize => ({
    ...movedIn(plan, { ...rim, cornerMm: 0 }, by),
    cornerMm,
  });
  const wall: StraightWall = {
    kind: "straight",
    plan: defaults.plan,
    depthMm,
    floor: size(lean, corners.value[1]),
    rim: size(0, corners.value[0]),
    filletMm,
    tube: tube.value,
  };
  return good(wall);
}

/** Corner radii at rim and floor, mm, no larger than the circles inside them allow. */
function cornersOf(
  tin: Tin,
  defaults: StraightDefaults,
  rimRadiusMm: number,
  floorRadiusMm: number,
): Result<readonly [number, number]> {
  const [usualRim, usualFloor] = defaults.cornerMm;
  const cornerMm = "cornerMm" in tin ? tin.cornerMm : undefined;
  if (cornerMm === undefined)
    return good([Math.min(usualRim, rimRadiusMm / 2), Math.min(usualFloor, floorRadiusMm / 2)]);
  if (cornerMm > rimRadiusMm)
    return tooMuch("cornerMm", cornerMm, rimRadiusMm, "corner-rounder-than-side");
  const ratio = usualRim > 0 ? usualFloor / usualRim : 1;
  return good([cornerMm, Math.min(cornerMm * ratio, floorRadiusMm)]);
}

function tubeOf(
  tin: Tin,
  defaults: StraightDefaults,
  leanMm: number,
  filletMm: number,
): Result<Tube | null> {
  if (tin.shape !== "tube" || defaults.tubeFraction === undefined) return good(null);
  const rimMm = tin.tubeMm ?? defaults.tubeFraction * tin.diameterMm;
  const floorMm = rimMm + 2 * leanMm;
  const most = tin.diameterMm - 4 * leanMm - 4 * filletMm - 10;
  if (rimMm > most) return tooMuch("tubeMm", rimMm, most, "tube-wider-than-tin", 10);
  return good({ floorMm, rimMm });
}

function troughWall(tin: Tin, diameterMm: number, defaults: TroughDefaults): Result<Wall> {
  const tubeMm =
    "tubeMm" in tin && tin.tubeMm !== undefined ? tin.tubeMm : defaults.tubeFraction * diameterMm;
  const outerRadiusMm = diameterMm / 2 / (1 + defaults.fluteDepth);
  if (tubeMm / 2 > outerRadiusMm - 5)
    return tooMuch("tubeMm", tubeMm, 2 * outerRadiusMm - 10, "tube-wider-than-tin", 10);
  const wall: TroughWall = {
    kind: "trough",
    depthMm: tinDepth(tin),
    outerRadiusMm,
    tubeRadiusMm: tubeMm / 2,
    bulge: defaults.bulge,
    outerShare: defaults.outerShare,
    fluteDepth: defaults.fluteDepth,
    fluteStretch: fluteStretch(defaults.fluteDepth, defaults.flutes),
  };
  return good(wall);
}
