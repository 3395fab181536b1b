import type { TinGeometry } from "./geometry";
import { surfaceArea } from "./volume";
import { cutAt, wallKnots } from "./wall";

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
 * Areas of tin that batter standing `heightMm` deep touches, mm².
 * Wall area is the integral of sqrt(P² + A'²) over the height, summed slice by slice as sqrt((P̄·Δh)² + ΔA²), which is
 * exact for any straight wall of even slope. Above the rim the wall goes on upright.
 * @param heightMm 0 or more
 */
export function wettedAreas(geometry: TinGeometry, heightMm: number): WettedAreas {
  const inside = Math.min(heightMm, geometry.depthMm);
  const knots = wallKnots(geometry.wall).filter((knot) => knot < inside);
  const perimeterScale = Math.sqrt(geometry.areaScale);
  let sideMm2 = 0;
  let tubeMm2 = 0;
  let below = cutAt(geometry.wall, 0);
  knots.forEach((from, index) => {
    const to = knots[index + 1] ?? inside;
    for (let slice = 1; slice <= SLICES; slice += 1) {
      const cut = cutAt(geometry.wall, from + ((to - from) * slice) / SLICES);
      const rise = (to - from) / SLICES;
      sideMm2 += slope((below.outerPerimeterMm + cut.outerPerimeterMm) / 2, rise, cut.outerAreaMm2 - below.outerAreaMm2);
      tubeMm2 += slope((below.innerPerimeterMm + cut.innerPerimeterMm) / 2, rise, cut.innerAreaMm2 - below.innerAreaMm2);
      below = cut;
    }
  });
  const above = Math.max(0, heightMm - geometry.depthMm);
  return {
    floorMm2: surfaceArea(geometry, 0),
    sideMm2: perimeterScale * (sideMm2 + above * below.outerPerimeterMm),
    tubeMm2: perimeterScale * (tubeMm2 + above * below.innerPerimeterMm),
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

/** The {@link Spans} of a tin at `heightMm`. Hexagons and hearts count as the round of equal area, ovals as their box. */
export function spansAt(geometry: TinGeometry, heightMm: number): Spans {
  const cut = cutAt(geometry.wall, Math.min(heightMm, geometry.depthMm));
  if (cut.tubeRadiusMm > 0) return { kind: "ring", troughMm: cut.halfLengthMm - cut.tubeRadiusMm };
  const plan = geometry.wall.kind === "straight" ? geometry.wall.plan : "round";
  if (plan === "rectangle" || plan === "oval") {
    return { kind: "rectangle", lengthMm: 2 * cut.halfLengthMm, widthMm: 2 * cut.halfWidthMm };
  }
  return { kind: "round", diameterMm: Math.sqrt((4 * cut.outerAreaMm2 * geometry.areaScale) / Math.PI) };
}

/** The short side of a tin at its rim, mm; the trough's width for rings. */
export function rimWidth(geometry: TinGeometry): number {
  const cut = cutAt(geometry.wall, geometry.depthMm);
  return cut.tubeRadiusMm > 0 ? cut.halfLengthMm - cut.tubeRadiusMm : 2 * cut.halfWidthMm;
}

/** Area and perimeter of the outer curve and of the tube's at one height, mm² and mm; zeros for no tube. */
export type Outline = {
  readonly areaMm2: number;
  readonly perimeterMm: number;
  readonly tubeAreaMm2: number;
  readonly tubePerimeterMm: number;
};

/** The {@link Outline} of a cake cut level at `heightMm`; above the rim that of the rim. */
export function outlineAt(geometry: TinGeometry, heightMm: number): Outline {
  const cut = cutAt(geometry.wall, Math.min(heightMm, geometry.depthMm));
  const stretch = Math.sqrt(geometry.areaScale);
  return {
    areaMm2: cut.outerAreaMm2 * geometry.areaScale,
    perimeterMm: cut.outerPerimeterMm * stretch,
    tubeAreaMm2: cut.innerAreaMm2 * geometry.areaScale,
    tubePerimeterMm: cut.innerPerimeterMm * stretch,
  };
}
