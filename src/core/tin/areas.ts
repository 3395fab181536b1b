import { areaFactorAt, type TinGeometry } from "./geometry";
import { planRow } from "./plans";
import { surfaceArea } from "./volume";
import { cutAt, wallKnots, type Cut } from "./wall";

export type WettedAreas = {
  /** The flat floor, mm². */
  readonly floorMm2: number;
  /** Outer wall up to the level, mm². */
  readonly sideMm2: number;
  /** Tube up to the level, mm²; 0 without a tube. */
  readonly tubeMm2: number;
};

/** Slices to one smooth interval of a curved wall. */
const SLICES = 6;

/**
 * Areas of tin that batter standing `heightMm` deep touches, mm². Wall area is the integral of
 * sqrt(P² + A'²) over the height, summed slice by slice as sqrt((P̄·Δh)² + ΔA²), which is exact for
 * any straight wall of even slope. Above the rim the wall goes on upright.
 * @param heightMm 0 or more
 */
export function wettedAreas(geometry: TinGeometry, heightMm: number): WettedAreas {
  const inside = Math.min(heightMm, geometry.depthMm);
  const knots = wallKnots(geometry.wall).filter((knot) => knot < inside);
  let sideMm2 = 0;
  let tubeMm2 = 0;
  let below = stretchedCut(geometry, 0);
  knots.forEach((from, index) => {
    const to = knots[index + 1] ?? inside;
    for (let slice = 1; slice <= SLICES; slice += 1) {
      const cut = stretchedCut(geometry, from + ((to - from) * slice) / SLICES);
      const rise = (to - from) / SLICES;
      sideMm2 += slope(
        (below.outerPerimeterMm + cut.outerPerimeterMm) / 2,
        rise,
        cut.outerAreaMm2 - below.outerAreaMm2,
      );
      tubeMm2 += slope(
        (below.innerPerimeterMm + cut.innerPerimeterMm) / 2,
        rise,
        cut.innerAreaMm2 - below.innerAreaMm2,
      );
      below = cut;
    }
  });
  const above = Math.max(0, heightMm - geometry.depthMm);
  return {
    floorMm2: surfaceArea(geometry, 0),
    sideMm2: sideMm2 + above * below.outerPerimeterMm,
    tubeMm2: tubeMm2 + above * below.innerPerimeterMm,
  };
}

/**
 * The wall's cut with its areas multiplied by the water fill's factor, and its perimeters by the
 * root of it.
 */
function stretchedCut(geometry: TinGeometry, heightMm: number): Cut {
  const cut = cutAt(geometry.wall, heightMm);
  const factor = areaFactorAt(geometry, heightMm);
  if (factor === 1) return cut;
  const stretch = Math.sqrt(factor);
  return {
    ...cut,
    outerAreaMm2: cut.outerAreaMm2 * factor,
    innerAreaMm2: cut.innerAreaMm2 * factor,
    outerPerimeterMm: cut.outerPerimeterMm * stretch,
    innerPerimeterMm: cut.innerPerimeterMm * stretch,
  };
}

function slope(perimeterMm: number, riseMm: number, areaStepMm2: number): number {
  return Math.hypot(perimeterMm * riseMm, areaStepMm2);
}

/** How far heat has to come in from the side: the spans of a level cut, mm. */
export type Spans =
  | { readonly kind: "round"; readonly diameterMm: number }
  | { readonly kind: "rectangle"; readonly lengthMm: number; readonly widthMm: number }
  | { readonly kind: "ring"; readonly troughMm: number };

/**
 * The {@link Spans} of a tin at `heightMm`. Hexagons and hearts count as the round of equal area,
 * ovals as their box.
 */
export function spansAt(geometry: TinGeometry, heightMm: number): Spans {
  const cut = stretchedCut(geometry, Math.min(heightMm, geometry.depthMm));
  if (cut.tubeRadiusMm > 0) return { kind: "ring", troughMm: cut.halfLengthMm - cut.tubeRadiusMm };
  if (isOblong(geometry)) {
    return { kind: "rectangle", lengthMm: 2 * cut.halfLengthMm, widthMm: 2 * cut.halfWidthMm };
  }
  return { kind: "round", diameterMm: Math.sqrt((4 * cut.outerAreaMm2) / Math.PI) };
}

function isOblong({ wall }: TinGeometry): boolean {
  if (wall.kind === "profile") return wall.longerMm > 0;
  return wall.kind === "straight" && planRow(wall.plan).isOblong;
}

/** The short side of a tin at its rim, mm; the trough's width for rings. */
export function rimWidth(geometry: TinGeometry): number {
  const cut = cutAt(geometry.wall, geometry.depthMm);
  return cut.tubeRadiusMm > 0 ? cut.halfLengthMm - cut.tubeRadiusMm : 2 * cut.halfWidthMm;
}

/**
 * Area and perimeter of the outer curve and of the tube's at one height, mm² and mm; zeros for no
 * tube.
 */
export type Outline = {
  readonly areaMm2: number;
  readonly perimeterMm: number;
  readonly tubeAreaMm2: number;
  readonly tubePerimeterMm: number;
  /** How much its corners lose to a band inside it, where that is over a square's 4. */
  readonly cornering?: number;
};

/** The {@link Outline} of a cake cut level at `heightMm`; above the rim that of the rim. */
export function outlineAt(geometry: TinGeometry, heightMm: number): Outline {
  const cut = stretchedCut(geometry, Math.min(heightMm, geometry.depthMm));
  return {
    areaMm2: cut.outerAreaMm2,
    perimeterMm: cut.outerPerimeterMm,
    tubeAreaMm2: cut.innerAreaMm2,
    tubePerimeterMm: cut.innerPerimeterMm,
    ...corneringOf(geometry),
  };
}

function corneringOf({ wall }: TinGeometry): Pick<Outline, "cornering"> {
  const cornering = wall.kind === "straight" ? planRow(wall.plan).cornering : undefined;
  return cornering === undefined ? {} : { cornering };
}
