import { areaFactorAt, type TinGeometry } from "./geometry";
import { cutAt, wallKnots } from "./wall";

/**
 * One height of a tin's upright section along its length, mm from the middle line and from the
 * floor.
 */
export type SectionPoint = {
  readonly heightMm: number;
  readonly halfLengthMm: number;
  readonly tubeRadiusMm: number;
};

/** Points to one smooth interval of a curved wall: enough that no corner shows. */
const POINTS = 4;

/**
 * The inside of the wall as seen when the tin is sawn through along its length, from floor to rim,
 * lowest first. The tube's radius is 0 in tins without one.
 */
export function tinSection(geometry: TinGeometry): readonly SectionPoint[] {
  const knots = wallKnots(geometry.wall);
  const heights = knots.flatMap((from, index) => {
    const to = knots[index + 1];
    if (to === undefined) return [from];
    const isStraight =
      geometry.wall.kind === "profile" ||
      (geometry.wall.kind === "straight" && index === knots.length - 2);
    const parts = isStraight ? 1 : POINTS;
    return Array.from({ length: parts }, (_, part) => from + ((to - from) * part) / parts);
  });
  return heights.map((heightMm) => sectionAt(geometry, heightMm));
}

/**
 * The section's half-lengths at one height, for drawing a level; above the rim those of the rim.
 */
export function sectionAt(geometry: TinGeometry, heightMm: number): SectionPoint {
  const inside = Math.min(heightMm, geometry.depthMm);
  const cut = cutAt(geometry.wall, inside);
  // A fluted tin is sawn through the crests of its flutes, which is also where its width is
  // measured.
  const crest = geometry.wall.kind === "trough" ? 1 + geometry.wall.fluteDepth : 1;
  return {
    heightMm,
    halfLengthMm: cut.halfLengthMm * crest * Math.sqrt(areaFactorAt(geometry, inside)),
    tubeRadiusMm: cut.tubeRadiusMm,
  };
}
