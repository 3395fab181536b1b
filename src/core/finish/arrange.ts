import { bad, good, type Result } from "../measure";
import type { Pattern } from "./schema";
import { PACKINGS } from "./packings";

/** Middles of the pieces, from the middle of the top, mm. */
export type PiecePlace = readonly [xMm: number, yMm: number];

/** What pieces are laid on: a round, a round with a hole, or a rectangle; mm. */
export type Ground =
  | { readonly kind: "round"; readonly diameterMm: number; readonly holeMm: number }
  | { readonly kind: "rectangle"; readonly lengthMm: number; readonly widthMm: number };

/** Width of the ground over that of a piece from which on so many fit: see {@link PACKINGS}. */
export const PACKING_THRESHOLDS: readonly number[] = [
  1, 2, 2.155, 2.414, 2.701, 3, 3, 3.305, 3.613, 3.813, 3.924, 4.03, 4.236, 4.328, 4.521, 4.615,
  4.792, 4.864, 4.864, 5.122,
];
/** Soft pieces give by so much when they are pressed together. */
export const SQUEEZE = 0.025;
const ROW_STEP = Math.sqrt(3) / 2;
/** Pieces measured by ruler: nearer than this is the same, mm. */
const SAME_MM = 1e-6;
/** More pieces than anybody lays. */
const MOST = 2000;

/**
 * Places for pieces `widthMm` wide. Rings: R1 = (D-d)/2, n = floor(π / asin(d(1-o)/2R)), inwards by
 * d(1-o), one in the middle if it fits. Packed: the best known packing of up to 20, beyond that the
 * fuller of rings and shifted rows. On a rectangle rings and packed are rows. Fails for pieces
 * wider than the ground, or too small to be counted.
 * @param overlap share of a piece's width that the next one covers, 0 to 0.4
 */
export function arranged(
  ground: Ground,
  widthMm: number,
  pattern: Pattern,
  overlap = 0,
): Result<readonly PiecePlace[]> {
  const mostMm =
    ground.kind === "rectangle"
      ? Math.min(ground.lengthMm, ground.widthMm)
      : (ground.diameterMm - ground.holeMm) / (ground.holeMm > 0 ? 2 : 1);
  if (widthMm > mostMm + SAME_MM)
    return bad({
      code: "out-of-range",
      path: "finish.fruit.widthMm",
      value: widthMm,
      min: 8,
      max: Math.floor(mostMm),
      unit: "mm",
      because: "fruit-wider-than-cake",
    });
  const stepMm = widthMm * (1 - overlap);
  const places =
    ground.kind === "rectangle"
      ? inRectangle(
          ground.lengthMm,
          ground.widthMm,
          widthMm,
          stepMm,
          pattern === "grid" ? "grid" : "staggered",
        )
      : inRound(ground, widthMm, stepMm, pattern);
  if (places.length > MOST)
    return bad({ code: "too-many", path: "finish.fruit", value: places.length, max: MOST });
  return good(places);
}

function inRound(
  { diameterMm, holeMm }: Extract<Ground, { kind: "round" }>,
  widthMm: number,
  stepMm: number,
  pattern: Pattern,
): readonly PiecePlace[] {
  const rings = inRings(diameterMm, holeMm, widthMm, stepMm);
  if (pattern === "rings" || (pattern === "packed" && holeMm > 0)) return rings;
  const rows = (style: "grid" | "staggered"): readonly PiecePlace[] =>
    inRows(diameterMm, holeMm, widthMm, stepMm, style);
  // Where no row passes between edge and hole, a ring does.
  const inEach = pattern === "packed" ? [] : rows(pattern);
  if (pattern !== "packed") return inEach.length > 0 ? inEach : rings;
  // Overlapping pieces are laid as if they were narrower, and the edge pieces' own width kept
  // inside.
  const across = (diameterMm - widthMm) / (stepMm * (1 - SQUEEZE)) + 1;
  const known = PACKING_THRESHOLDS.findLastIndex((threshold) => across + SAME_MM >= threshold);
  const packing = PACKINGS[known];
  const shifted = rows("staggered");
  const fuller = rings.length >= shifted.length ? rings : shifted;
  if (packing === undefined || (known === PACKINGS.length - 1 && fuller.length > packing.length))
    return fuller;
  if (packing.length < fuller.length) return fuller;
  const reach = Math.max(...packing.map(([x, y]) => Math.hypot(x, y)));
  const scale = reach === 0 ? 0 : (diameterMm - widthMm) / 2 / reach;
  return packing.map(([x, y]) => [x * scale, y * scale]);
}

function inRings(
  diameterMm: number,
  holeMm: number,
  widthMm: number,
  stepMm: number,
): readonly PiecePlace[] {
  const places: PiecePlace[] = [];
  let radiusMm = (diameterMm - widthMm) / 2;
  const leastMm = holeMm > 0 ? (holeMm + widthMm) / 2 : stepMm / 2;
  for (; radiusMm + SAME_MM >= leastMm; radiusMm -= stepMm) {
    const count = Math.floor(Math.PI / Math.asin(Math.min(1, stepMm / (2 * radiusMm))) + SAME_MM);
    for (let piece = 0; piece < count; piece += 1) {
      const turn = (2 * Math.PI * piece) / count;
      places.push([radiusMm * Math.cos(turn), radiusMm * Math.sin(turn)]);
    }
    if (places.length > MOST) return places;
  }
  // What is left in the middle is as wide as the innermost ring leaves it.
  if (holeMm === 0 && radiusMm > -SAME_MM) places.push([0, 0]);
  return places;
}

function inRectangle(
  lengthMm: number,
  acrossMm: number,
  widthMm: number,
  stepMm: number,
  style: "grid" | "staggered",
): readonly PiecePlace[] {
  if (style === "grid") return rowsOf(lengthMm, acrossMm, widthMm, stepMm, stepMm, 0);
  const along = rowsOf(lengthMm, acrossMm, widthMm, stepMm, stepMm * ROW_STEP, stepMm / 2);
  const turned = rowsOf(acrossMm, lengthMm, widthMm, stepMm, stepMm * ROW_STEP, stepMm / 2).map(
    ([x, y]): PiecePlace => [y, x],
  );
  return along.length >= turned.length ? along : turned;
}

function rowsOf(
  lengthMm: number,
  acrossMm: number,
  widthMm: number,
  stepMm: number,
  rowMm: number,
  shiftMm: number,
): readonly PiecePlace[] {
  const rows = Math.floor((acrossMm - widthMm) / rowMm + SAME_MM) + 1;
  const inRow = (roomMm: number): number => Math.floor((roomMm - widthMm) / stepMm + SAME_MM) + 1;
  const full = inRow(lengthMm);
  const spanMm = (full - 1) * stepMm;
  const hasRoom = lengthMm - widthMm - spanMm + SAME_MM >= shiftMm;
  if (full * rows > MOST * 2) return Array.from({ length: MOST + 1 }, (): PiecePlace => [0, 0]);
  return Array.from({ length: rows }, (_, row): readonly PiecePlace[] => {
    const isShifted = shiftMm > 0 && row % 2 === 1;
    const count = isShifted && !hasRoom ? full - 1 : full;
    const startMm =
      -spanMm / 2 +
      (isShifted ? (hasRoom ? shiftMm / 2 : shiftMm) : hasRoom && shiftMm > 0 ? -shiftMm / 2 : 0);
    const y = (row - (rows - 1) / 2) * rowMm;
    return Array.from({ length: count }, (__, piece): PiecePlace => [startMm + piece * stepMm, y]);
  }).flat();
}

/** Rows over the square round a round, without what passes its edge or its hole. */
function inRows(
  diameterMm: number,
  holeMm: number,
  widthMm: number,
  stepMm: number,
  style: "grid" | "staggered",
): readonly PiecePlace[] {
  const rowMm = style === "grid" ? stepMm : stepMm * ROW_STEP;
  const reachMm = (diameterMm - widthMm) / 2;
  const leastMm = holeMm > 0 ? (holeMm + widthMm) / 2 : 0;
  const lay = (offX: number, offY: number): readonly PiecePlace[] => {
    const rows = Math.ceil(reachMm / rowMm) + 1;
    const pieces = Math.ceil(reachMm / stepMm) + 1;
    const places: PiecePlace[] = [];
    for (let row = -rows; row <= rows; row += 1) {
      for (let piece = -pieces; piece <= pieces; piece += 1) {
        const x = (piece + offX + (style === "staggered" && row % 2 !== 0 ? 0.5 : 0)) * stepMm;
        const y = (row + offY) * rowMm;
        const r = Math.hypot(x, y);
        if (r <= reachMm + SAME_MM && r + SAME_MM >= leastMm) places.push([x, y]);
      }
      if (places.length > MOST) return places;
    }
    return places;
  };
  return [lay(0, 0), lay(0.5, 0), lay(0, 0.5), lay(0.5, 0.5)].reduce((best, each) =>
    each.length > best.length ? each : best,
  );
}
