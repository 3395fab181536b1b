import type { Outline } from "./areas";

/**
 * Area enclosed by an outline moved outwards by `byMm`, or inwards for a negative one, mm²; the
 * tube's hole is filled in for as much. Outwards A + P·t + πt² (Steiner, convex outlines). Inwards
 * A - P·w + κ·w² with κ = P²/4A, at most 4 or what sharper corners have: exact for rounds,
 * rectangles, hexagons and triangles, within 1 % for ovals. 0 once nothing is left.
 * @example movedArea(roundOf200, 8) // π·108²
 */
export function movedArea(outline: Outline, byMm: number): number {
  return Math.max(
    0,
    movedCurve(outline.areaMm2, outline.perimeterMm, byMm, outline.cornering) -
      movedCurve(outline.tubeAreaMm2, outline.tubePerimeterMm, -byMm),
  );
}

/** Area without the tube's, mm². */
export function solidArea({ areaMm2, tubeAreaMm2 }: Outline): number {
  return areaMm2 - tubeAreaMm2;
}

/** Widest band that fits inside an outline from its edge on, mm: half of what is left closes it. */
export function inRadius({ areaMm2, perimeterMm, tubePerimeterMm, cornering }: Outline): number {
  if (tubePerimeterMm > 0) return (perimeterMm - tubePerimeterMm) / (4 * Math.PI);
  return closedAt(areaMm2, perimeterMm, cornering);
}

/** Where A - P·w + κ·w² first is 0, mm. */
function closedAt(areaMm2: number, perimeterMm: number, cornering?: number): number {
  const corners = squareness(areaMm2, perimeterMm, cornering);
  return (
    (perimeterMm - Math.sqrt(Math.max(0, perimeterMm ** 2 - 4 * corners * areaMm2))) / (2 * corners)
  );
}

function movedCurve(
  areaMm2: number,
  perimeterMm: number,
  byMm: number,
  cornering?: number,
): number {
  if (areaMm2 === 0) return 0;
  if (byMm >= 0) return areaMm2 + perimeterMm * byMm + Math.PI * byMm * byMm;
  if (-byMm >= closedAt(areaMm2, perimeterMm, cornering)) return 0;
  return areaMm2 + perimeterMm * byMm + squareness(areaMm2, perimeterMm, cornering) * byMm * byMm;
}

const squareness = (areaMm2: number, perimeterMm: number, most = 4): number =>
  Math.min(most, perimeterMm ** 2 / (4 * areaMm2));
