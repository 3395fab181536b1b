import { BATTER, expansion } from "./batter-physics";
import type { Mesh } from "./mesh";

/**
 * The tin at a height above its floor, against its plan at the mesh's own: areas, wall lengths
 * along the slope, and links.
 */
export type PlanAt = { readonly area: number; readonly wall: number; readonly link: number };

/** A column stops levelling at this mean, °C. */
const SETS_AT_C = 86;
/** How much of what levelling asks a column really gives or takes. */
const LEVELLING = 0.7;

/**
 * The batter as cells, columns of layers: cell = column · layers + layer, layers from the floor. A
 * cell keeps its batter while it grows, and all that changes slowly stands here between one
 * reshaping and the next. SI units, °C.
 */
export type Cells = {
  readonly columns: number;
  readonly layers: number;
  readonly count: number;
  readonly tempsC: Float64Array;
  /** Raw volume of a cell and of its whole column, m³. */
  readonly raw: Float64Array;
  readonly rawOfColumn: Float64Array;
  /** Volume over raw volume; never less than it has been. */
  readonly expanded: Float64Array;
  readonly heightsM: Float64Array;
  readonly areasM2: Float64Array;
  /** Length of wall along the slope for each of plan. */
  readonly wall: Float64Array;
  readonly capacityJPerK: Float64Array;
  /** Neighbours, and what lies between them: area over distance, m. */
  readonly linkA: Int32Array;
  readonly linkB: Int32Array;
  readonly linkM: Float64Array;
  /** Share of its raw batter a column has after levelling, and whether it has set. */
  readonly mobility: Float64Array;
  readonly isSet: Uint8Array;
  readonly totalRaw: number;
};

/** Raw batter at `startC` in the cells of a mesh, its layers as thick as given. */
export function rawCells(
  mesh: Mesh,
  layersM: readonly number[],
  planAt: (heightM: number) => PlanAt,
  startC: number,
): Cells {
  const columns = mesh.areasM2.length;
  const layers = layersM.length;
  const count = columns * layers;
  const raw = new Float64Array(count);
  const rawOfColumn = new Float64Array(columns);
  let z = 0;
  layersM.forEach((heightM, layer) => {
    const { area } = planAt(z + heightM / 2);
    mesh.areasM2.forEach((plan, column) => {
      raw[column * layers + layer] = plan * area * heightM;
      rawOfColumn[column] = (rawOfColumn[column] as number) + plan * area * heightM;
    });
    z += heightM;
  });
  const links = columns * (layers - 1) + mesh.links.length * layers;
  return {
    columns,
    layers,
    count,
    raw,
    rawOfColumn,
    tempsC: new Float64Array(count).fill(startC),
    expanded: new Float64Array(count).fill(1),
    heightsM: new Float64Array(count),
    areasM2: new Float64Array(count),
    wall: new Float64Array(count),
    capacityJPerK: new Float64Array(count),
    linkA: new Int32Array(links),
    linkB: new Int32Array(links),
    linkM: new Float64Array(links),
    mobility: new Float64Array(columns).fill(1),
    isSet: new Uint8Array(columns),
    totalRaw: rawOfColumn.reduce((sum, each) => sum + each, 0),
  };
}

/**
 * Lets the batter rise and level to its temperatures, and works out anew all that follows: heights,
 * areas, heat capacity, links.
 */
export function reshape(
  cells: Cells,
  mesh: Mesh,
  planAt: (heightM: number) => PlanAt,
  rises: boolean,
): void {
  const {
    columns,
    layers,
    tempsC,
    raw,
    rawOfColumn,
    expanded,
    heightsM,
    areasM2,
    wall,
    capacityJPerK,
    mobility,
    isSet,
  } = cells;
  const linkScale = new Float64Array(cells.count);
  for (let column = 0; column < columns; column += 1) {
    let mean = 0;
    for (let cell = column * layers; cell < (column + 1) * layers; cell += 1) {
      const e = rises ? expansion(tempsC[cell] as number) : 1;
      if (e > (expanded[cell] as number)) expanded[cell] = e;
      mean += ((tempsC[cell] as number) * (raw[cell] as number)) / (rawOfColumn[column] as number);
    }
    if (mean >= SETS_AT_C) isSet[column] = 1;
  }
  if (rises) levelUnset(cells, mesh);
  for (let column = 0; column < columns; column += 1) {
    let z = 0;
    const plan = mesh.areasM2[column] as number;
    const moved = mobility[column] as number;
    const effective = 1 + LEVELLING * (moved - 1);
    for (let cell = column * layers; cell < (column + 1) * layers; cell += 1) {
      const volume = (raw[cell] as number) * (expanded[cell] as number) * effective;
      // Half-way up by the area just below is near enough: at the next reshaping it is worked out
      // again.
      const guess = volume / (plan * planAt(z + (heightsM[cell] as number) / 2).area);
      const here = planAt(z + guess / 2);
      areasM2[cell] = plan * here.area;
      wall[cell] = here.wall;
      linkScale[cell] = here.link;
      heightsM[cell] = volume / (areasM2[cell] as number);
      z += heightsM[cell] as number;
      capacityJPerK[cell] =
        BATTER.densityKgPerM3 * BATTER.heatJPerKgK * (raw[cell] as number) * moved;
    }
  }
  relink(cells, mesh, linkScale);
}

/** Cells side by side: up each column, then across each layer. */
function relink(
  { columns, layers, heightsM, areasM2, linkA, linkB, linkM }: Cells,
  mesh: Mesh,
  linkScale: Float64Array,
): void {
  let link = 0;
  for (let column = 0; column < columns; column += 1) {
    for (let cell = column * layers + 1; cell < (column + 1) * layers; cell += 1) {
      linkA[link] = cell - 1;
      linkB[link] = cell;
      linkM[link] =
        (2 * Math.min(areasM2[cell] as number, areasM2[cell - 1] as number)) /
        ((heightsM[cell] as number) + (heightsM[cell - 1] as number));
      link += 1;
    }
  }
  for (const { a, b, ratio } of mesh.links) {
    for (let layer = 0; layer < layers; layer += 1) {
      const left = a * layers + layer;
      const right = b * layers + layer;
      linkA[link] = left;
      linkB[link] = right;
      linkM[link] =
        (ratio *
          (linkScale[left] as number) *
          ((heightsM[left] as number) + (heightsM[right] as number))) /
        2;
      link += 1;
    }
  }
}

/** Batter that has not set finds one level; its columns give and take among themselves. */
function levelUnset(cells: Cells, mesh: Mesh): void {
  const { columns, mobility, rawOfColumn, isSet } = cells;
  let unset = cells.totalRaw;
  let room = 0;
  for (let column = 0; column < columns; column += 1) {
    if (isSet[column] === 1)
      unset -= (mobility[column] as number) * (rawOfColumn[column] as number);
    else room += (mesh.areasM2[column] as number) / meanExpansion(cells, column);
  }
  if (room === 0) return;
  const level = unset / room;
  for (let column = 0; column < columns; column += 1) {
    if (isSet[column] === 1) continue;
    mobility[column] =
      (level * (mesh.areasM2[column] as number)) /
      (meanExpansion(cells, column) * (rawOfColumn[column] as number));
  }
}

function meanExpansion({ layers, expanded, raw, rawOfColumn }: Cells, column: number): number {
  let sum = 0;
  for (let cell = column * layers; cell < (column + 1) * layers; cell += 1)
    sum += ((expanded[cell] as number) * (raw[cell] as number)) / (rawOfColumn[column] as number);
  return sum;
}

/** Height of a column, m. */
export function columnHeightM({ layers, heightsM }: Cells, column: number): number {
  let sum = 0;
  for (let cell = column * layers; cell < (column + 1) * layers; cell += 1)
    sum += heightsM[cell] as number;
  return sum;
}
