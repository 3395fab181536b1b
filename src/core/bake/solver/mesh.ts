import type { PlanMask } from "../../tin";

/** A side of a column that touches the tin. */
export type WallFace = {
  readonly column: number;
  readonly lengthM: number;
  readonly halfM: number;
  readonly isTube: boolean;
};

/**
 * Two columns side by side: the length they share over the distance of their middles, which scaling
 * the plan leaves alone.
 */
export type MeshLink = { readonly a: number; readonly b: number; readonly ratio: number };

/**
 * The plan of a cake cut into columns: all of a round or a ring, a quarter of a block, a quarter or
 * a half of a mask. Metres.
 */
export type Mesh = {
  readonly areasM2: Float64Array;
  readonly links: readonly MeshLink[];
  readonly walls: readonly WallFace[];
  /**
   * The columns a saw cuts through on its way from the middle, or the tube, to the wall; the last
   * stands at the wall.
   */
  readonly section: readonly number[];
  /** Their edges, m from the middle: one more than there are columns. */
  readonly sectionEdgesM: readonly number[];
};

/** Columns are this wide at a wall and grow inwards, m. */
const AT_WALL_M = 0.01;
const GROWTH = 1.7;
const WIDEST_M = 0.035;

/** Widths from a wall inwards that fill `spanM`, finer by `finer` times. */
export function widthsFromWall(spanM: number, finer = 1): readonly number[] {
  const widths: number[] = [];
  let width = AT_WALL_M / finer;
  let filled = 0;
  while (filled + width / 2 < spanM || widths.length === 0) {
    widths.push(width);
    filled += width;
    width = Math.min(width * GROWTH ** (1 / finer), WIDEST_M / finer);
  }
  return widths.map((each) => (each * spanM) / filled);
}

/** A disc, or with a tube a ring, in annuli from the middle or the tube outwards. */
export function roundMesh(outerM: number, tubeM: number, finer = 1): Mesh {
  const widths =
    tubeM > 0 ? fromBothWalls(outerM - tubeM, finer) : widthsFromWall(outerM, finer).toReversed();
  const edges = [tubeM];
  for (const width of widths) edges.push((edges.at(-1) ?? 0) + width);
  const middles = widths.map((width, index) => (edges[index] ?? 0) + width / 2);
  const last = widths.length - 1;
  const walls: WallFace[] = [
    { column: last, lengthM: 2 * Math.PI * outerM, halfM: (widths[last] ?? 0) / 2, isTube: false },
  ];
  if (tubeM > 0)
    walls.push({
      column: 0,
      lengthM: 2 * Math.PI * tubeM,
      halfM: (widths[0] ?? 0) / 2,
      isTube: true,
    });
  return {
    section: widths.map((_, index) => index),
    sectionEdgesM: edges,
    areasM2: Float64Array.from(
      widths,
      (_, index) => Math.PI * ((edges[index + 1] ?? 0) ** 2 - (edges[index] ?? 0) ** 2),
    ),
    links: middles.slice(1).map((middle, index) => ({
      a: index,
      b: index + 1,
      ratio: (2 * Math.PI * (edges[index + 1] ?? 0)) / (middle - (middles[index] ?? 0)),
    })),
    walls,
  };
}

function fromBothWalls(spanM: number, finer: number): readonly number[] {
  const half = widthsFromWall(spanM / 2, finer);
  return [...half, ...half.toReversed()];
}

/** A quarter of a block, from its middle to its walls. */
export function blockMesh(halfLengthM: number, halfWidthM: number, finer = 1): Mesh {
  const xs = widthsFromWall(halfLengthM, finer).toReversed();
  const ys = widthsFromWall(halfWidthM, finer).toReversed();
  const areasM2 = new Float64Array(xs.length * ys.length);
  const links: MeshLink[] = [];
  const walls: WallFace[] = [];
  xs.forEach((dx, i) => {
    ys.forEach((dy, j) => {
      const column = i * ys.length + j;
      areasM2[column] = dx * dy;
      const right = xs[i + 1];
      const up = ys[j + 1];
      if (right === undefined) walls.push({ column, lengthM: dy, halfM: dx / 2, isTube: false });
      else links.push({ a: column, b: column + ys.length, ratio: (2 * dy) / (dx + right) });
      if (up === undefined) walls.push({ column, lengthM: dx, halfM: dy / 2, isTube: false });
      else links.push({ a: column, b: column + 1, ratio: (2 * dx) / (dy + up) });
    });
  });
  return {
    areasM2,
    links,
    walls,
    section: xs.map((_, i) => i * ys.length),
    sectionEdgesM: edgesOf(xs, 0),
  };
}

function edgesOf(widths: readonly number[], from: number): readonly number[] {
  const edges = [from];
  for (const width of widths) edges.push((edges.at(-1) ?? 0) + width);
  return edges;
}

/** Cells of a mask are this wide: fine enough for its staircase to follow a curve, m. */
const MASK_CELL_M = 0.013;
/** A cell is tried at this many points each way. */
const TRIED = 4;

/**
 * Any other plan, on a grid whose cells count when at least half of them lies inside: a quarter, or
 * for plans that differ front and back the right half. The caller rescales areas and walls to the
 * true ones.
 */
export function maskMesh(
  { halfLengthMm, halfWidthMm, isQuartered, isInside }: PlanMask,
  finer = 1,
): Mesh {
  const cell = MASK_CELL_M / finer;
  const [halfLengthM, widthM] = [halfLengthMm / 1000, ((isQuartered ? 1 : 2) * halfWidthMm) / 1000];
  const [across, up] = [
    Math.max(3, Math.round(halfLengthM / cell)),
    Math.max(3, Math.round(widthM / cell)),
  ];
  const [dx, dy] = [halfLengthM / across, widthM / up];
  const fromY = isQuartered ? 0 : -halfWidthMm / 1000;
  const columnAt = new Map<number, number>();
  for (let i = 0; i < across; i += 1) {
    for (let j = 0; j < up; j += 1) {
      let inside = 0;
      for (let a = 0; a < TRIED; a += 1) {
        for (let b = 0; b < TRIED; b += 1)
          if (
            isInside(
              1000 * (i + (a + 0.5) / TRIED) * dx,
              1000 * (fromY + (j + (b + 0.5) / TRIED) * dy),
            )
          )
            inside += 1;
      }
      if (2 * inside >= TRIED * TRIED) columnAt.set(i * up + j, columnAt.size);
    }
  }
  const links: MeshLink[] = [];
  const walls: WallFace[] = [];
  const rows = new Map<number, number[]>();
  for (const [place, column] of columnAt) {
    const [i, j] = [Math.floor(place / up), place % up];
    rows.set(j, [...(rows.get(j) ?? []), column]);
    const right = i + 1 < across ? columnAt.get(place + up) : undefined;
    const above = j + 1 < up ? columnAt.get(place + 1) : undefined;
    if (right === undefined) walls.push({ column, lengthM: dy, halfM: dx / 2, isTube: false });
    else links.push({ a: column, b: right, ratio: dy / dx });
    if (above === undefined) walls.push({ column, lengthM: dx, halfM: dy / 2, isTube: false });
    else links.push({ a: column, b: above, ratio: dx / dy });
    const isAtMiddle = isQuartered && j === 0;
    if (!isAtMiddle && (j === 0 || !columnAt.has(place - 1)))
      walls.push({ column, lengthM: dx, halfM: dy / 2, isTube: false });
    if (i > 0 && !columnAt.has(place - up))
      walls.push({ column, lengthM: dy, halfM: dx / 2, isTube: false });
  }
  const widest = [...rows.values()].reduce(
    (best, row) => (row.length > best.length ? row : best),
    [],
  );
  return {
    areasM2: new Float64Array(columnAt.size).fill(dx * dy),
    links,
    walls,
    section: widest,
    sectionEdgesM: edgesOf(
      widest.map(() => dx),
      0,
    ),
  };
}

/**
 * Layers of `heightM`, thin at floor and top where heat comes in: thickness ∝ 1 +
 * 1.5·sin(π(k+½)/n), n by 5.5 mm within 6 to 8.
 */
export function layerHeights(heightM: number, finer = 1): readonly number[] {
  const count = finer * Math.min(8, Math.max(6, Math.round(heightM / 0.0055)));
  const weights = Array.from(
    { length: count },
    (_, layer) => 1 + 1.5 * Math.sin((Math.PI * (layer + 0.5)) / count),
  );
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return weights.map((weight) => (weight * heightM) / sum);
}
