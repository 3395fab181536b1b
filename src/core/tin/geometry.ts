import { bad, good, type Issue, type RangeReason, type Result } from "../measure";
import { wallDefaults, type StraightDefaults, type TroughDefaults } from "./defaults";
import type { PlanSize } from "./plan";
import { tinCount, TIN_LIMITS, type Material, type Tin } from "./schema";
import { cutAt, fluteStretch, wallKnots, type StraightWall, type TroughWall, type Tube, type Wall } from "./wall";

/** A knot of the wall and the volume below it. */
export type Stratum = { readonly heightMm: number; readonly belowMm3: number };

/** A tin with everything settled: each wall measure given or taken from the usual build of its shape. */
export type TinGeometry = {
  readonly tin: Tin;
  readonly count: number;
  readonly material: Material;
  readonly depthMm: number;
  readonly wall: Wall;
  /** What the drawn wall holds up to each of its knots, lowest first, mm³, before {@link areaScale}. */
  readonly strata: readonly Stratum[];
  /** Factor on every area when a water fill could be met in no better way; else 1. */
  readonly areaScale: number;
};

/**
 * The settled geometry of one tin, before any water fill: see `tinGeometry`.
 * @param taperDeg lean of the wall from upright; usual build of the shape when left out
 */
export function drawnGeometry(tin: Tin, overrides: { readonly taperDeg?: number; readonly bulge?: number } = {}): Result<TinGeometry> {
  const wall = wallFor(tin, overrides);
  if (!wall.ok) return wall;
  return good({
    tin,
    count: tinCount(tin),
    material: tin.material ?? "bright",
    depthMm: tin.depthMm,
    wall: wall.value,
    strata: strataOf(wall.value),
    areaScale: 1,
  });
}

function strataOf(wall: Wall): readonly Stratum[] {
  let belowMm3 = 0;
  const knots = wallKnots(wall);
  return knots.map((heightMm, index) => {
    if (index > 0) belowMm3 += volumeBetween(wall, knots[index - 1] ?? 0, heightMm);
    return { heightMm, belowMm3 };
  });
}

/** Five-point Gauss-Legendre nodes and weights on -1 to 1; exact for polynomials up to the ninth degree. */
const GAUSS: readonly (readonly [number, number])[] = [
  [-0.906179845938664, 0.23692688505618908],
  [-0.538469310105683, 0.47862867049936647],
  [0, 0.5688888888888889],
  [0.538469310105683, 0.47862867049936647],
  [0.906179845938664, 0.23692688505618908],
];

/** Integral of the cut's area over the heights within one smooth interval of a wall, mm³. */
export function volumeBetween(wall: Wall, fromMm: number, toMm: number): number {
  const middle = (fromMm + toMm) / 2;
  const half = (toMm - fromMm) / 2;
  let sum = 0;
  for (const [node, weight] of GAUSS) {
    const cut = cutAt(wall, middle + half * node);
    sum += weight * (cut.outerAreaMm2 - cut.innerAreaMm2);
  }
  return half * sum;
}

function wallFor(tin: Tin, overrides: { readonly taperDeg?: number; readonly bulge?: number }): Result<Wall> {
  const defaults = wallDefaults(tin);
  switch (defaults.wall) {
    case "dome":
      return good({ kind: "dome", depthMm: tin.depthMm, rimRadiusMm: rimSize(tin).widthMm / 2 });
    case "trough":
      return troughWall(tin, { ...defaults, bulge: overrides.bulge ?? defaults.bulge });
    case "straight":
      return straightWall(tin, defaults, overrides.taperDeg ?? tin.taperDeg);
  }
}

function rimSize(tin: Tin): { readonly lengthMm: number; readonly widthMm: number } {
  if ("diameterMm" in tin) return { lengthMm: tin.diameterMm, widthMm: tin.diameterMm };
  if ("sideMm" in tin) return { lengthMm: tin.sideMm, widthMm: tin.sideMm };
  if ("rimMm" in tin) return { lengthMm: tin.rimMm, widthMm: tin.rimMm };
  if ("lengthMm" in tin) return { lengthMm: Math.max(tin.lengthMm, tin.widthMm), widthMm: Math.min(tin.lengthMm, tin.widthMm) };
  return { lengthMm: tin.widthMm, widthMm: tin.widthMm };
}

function tooMuch(path: string, value: number, max: number, because: RangeReason, min = 0): { ok: false; issue: Issue } {
  const unit = path === "taperDeg" ? "°" : "mm";
  return bad({ code: "out-of-range", path, value, min, max: Math.floor(max * 10) / 10, unit, because });
}

function straightWall(tin: Tin, defaults: StraightDefaults, givenTaperDeg: number | undefined): Result<Wall> {
  const rim = rimSize(tin);
  const { depthMm } = tin;
  if (tin.shape === "well" && tin.floorMm !== undefined && tin.floorMm > tin.rimMm) {
    return tooMuch("floorMm", tin.floorMm, tin.rimMm, "floor-wider-than-rim", TIN_LIMITS.widthMm.min);
  }
  const measuredFloor = tin.shape === "well" && givenTaperDeg === undefined ? tin.floorMm : undefined;
  const taperDeg = givenTaperDeg ?? defaults.taperDeg;
  const lean = measuredFloor === undefined ? depthMm * Math.tan((taperDeg * Math.PI) / 180) : (rim.widthMm - measuredFloor) / 2;

  const filletMm = defaults.filletMm;
  if (filletMm > depthMm) return tooMuch("depthMm", depthMm, TIN_LIMITS.depthMm.max, "fillet-deeper-than-tin", filletMm);
  // A floor narrower than this is a point, and a fillet on each side has to fit on it.
  const leastFloor = Math.max(5, 2 * filletMm + 1);
  const mostLean = (rim.widthMm - leastFloor) / 2;
  if (lean > mostLean) {
    const mostTaperDeg = (Math.atan(Math.max(0, mostLean) / depthMm) * 180) / Math.PI;
    return tooMuch("taperDeg", taperDeg, mostTaperDeg, "base-would-close");
  }

  const corners = cornersOf(tin, defaults, rim.widthMm, rim.widthMm - 2 * lean);
  if (!corners.ok) return corners;
  const tube = tubeOf(tin, defaults, lean, filletMm);
  if (!tube.ok) return tube;
  const size = (by: number, cornerMm: number): PlanSize => ({ lengthMm: rim.lengthMm - 2 * by, widthMm: rim.widthMm - 2 * by, cornerMm });
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

function cornersOf(tin: Tin, defaults: StraightDefaults, rimMm: number, floorMm: number): Result<readonly [number, number]> {
  const [usualRim, usualFloor] = defaults.cornerMm;
  if (tin.cornerMm === undefined) return good([Math.min(usualRim, rimMm / 4), Math.min(usualFloor, floorMm / 4)]);
  if (tin.cornerMm > rimMm / 2) return tooMuch("cornerMm", tin.cornerMm, rimMm / 2, "corner-rounder-than-side");
  const ratio = usualRim > 0 ? usualFloor / usualRim : 1;
  return good([tin.cornerMm, Math.min(tin.cornerMm * ratio, floorMm / 2)]);
}

function tubeOf(tin: Tin, defaults: StraightDefaults, leanMm: number, filletMm: number): Result<Tube | null> {
  if (tin.shape !== "tube" || defaults.tubeFraction === undefined) return good(null);
  const rimMm = tin.tubeMm ?? defaults.tubeFraction * tin.diameterMm;
  const floorMm = rimMm + 2 * leanMm;
  const most = tin.diameterMm - 4 * leanMm - 4 * filletMm - 10;
  if (rimMm > most) return tooMuch("tubeMm", rimMm, most, "tube-wider-than-tin", 10);
  return good({ floorMm, rimMm });
}

function troughWall(tin: Tin, defaults: TroughDefaults): Result<Wall> {
  const diameterMm = rimSize(tin).widthMm;
  const tubeMm = "tubeMm" in tin && tin.tubeMm !== undefined ? tin.tubeMm : defaults.tubeFraction * diameterMm;
  const outerRadiusMm = diameterMm / 2 / (1 + defaults.fluteDepth);
  if (tubeMm / 2 > outerRadiusMm - 5) return tooMuch("tubeMm", tubeMm, 2 * outerRadiusMm - 10, "tube-wider-than-tin", 10);
  const wall: TroughWall = {
    kind: "trough",
    depthMm: tin.depthMm,
    outerRadiusMm,
    tubeRadiusMm: tubeMm / 2,
    bulge: defaults.bulge,
    outerShare: defaults.outerShare,
    fluteDepth: defaults.fluteDepth,
    fluteStretch: fluteStretch(defaults.fluteDepth, defaults.flutes),
  };
  return good(wall);
}
