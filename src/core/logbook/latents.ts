// The hidden things that make bakes differ from their forecasts, and how sure one is of them.
import { cholesky, solved, type Triangle } from "./cholesky";

/** A bake as far as it can be like others. */
export type BakePlace = {
  readonly recipe: string;
  /** Shape group and kind of metal of its tin, and of the tin its recipe was written for. */
  readonly family: string;
  readonly ownFamily: string;
  /** The very tin, and the one its recipe was written for. */
  readonly tin: string;
  readonly ownTin: string;
  /** What a degree more takes off the logarithm of its minutes, 1/°C: about −0.01. */
  readonly perC: number;
};

/** σ of what differs, as logarithms of minutes; of the oven in °C. */
const SIGMA = { recipe: 0.12, family: 0.07, tin: 0.08 } as const;
const SIGMA_OVEN_C = 8;
/** σ of one reading of an oven thermometer, °C. */
const SIGMA_READING_C = 6;

/** σ of the oven's true heat about its dial's after so many readings, whose mean the dial has. */
export function ovenSigma(readings: number): number {
  return 1 / Math.sqrt(SIGMA_OVEN_C ** -2 + readings * SIGMA_READING_C ** -2);
}

type Entry = readonly [at: number, by: number];
/** What of the hidden things is in one bake: those of all recipes, and those of its own. */
type Row = {
  readonly shared: readonly Entry[];
  readonly block: number;
  readonly own: readonly Entry[];
};

/** The hidden things of a log: the oven and tin families, then each recipe's own and its tins'. */
export type Latents = {
  /** Bakes alike in all of this share one. */
  readonly rows: readonly Row[];
  /** Which row each bake has. */
  readonly rowAt: readonly number[];
  readonly rowOf: (place: BakePlace) => Row;
  readonly sharedPrior: readonly number[];
  /** Prior precisions of each block's own. */
  readonly ownPrior: readonly (readonly number[])[];
};

/** The hidden things of some bakes, and of those that are to be told of. */
export function latentsOf(
  places: readonly BakePlace[],
  asked: readonly BakePlace[],
  readings: number,
): Latents {
  const all = [...places, ...asked];
  const families = numbered(all.flatMap(({ family, ownFamily }) => [family, ownFamily]));
  const recipes = numbered(all.map(({ recipe }) => recipe));
  const named = new Map<string, string[]>();
  for (const { recipe, tin, ownTin } of all) {
    const names = named.get(recipe) ?? [];
    names.push(tin, ownTin);
    named.set(recipe, names);
  }
  const tins = [...named.values()].map(numbered);
  const contrast = (numbers: ReadonlyMap<string, number>, one: string, other: string): Entry[] =>
    one === other
      ? []
      : [
          [1 + (numbers.get(one) ?? 0), 1],
          [1 + (numbers.get(other) ?? 0), -1],
        ];
  const rowOf = ({ recipe, family, ownFamily, tin, ownTin, perC }: BakePlace): Row => {
    const block = recipes.get(recipe) ?? 0;
    return {
      shared: [[0, perC], ...contrast(families, family, ownFamily)],
      block,
      own: [[0, 1], ...contrast(tins[block] ?? new Map(), tin, ownTin)],
    };
  };
  const times = (count: number, sigma: number): number[] =>
    Array.from({ length: count }, () => sigma ** -2);
  const keys = places.map(({ recipe, family, ownFamily, tin, ownTin, perC }) =>
    JSON.stringify([recipe, family, ownFamily, tin, ownTin, perC]),
  );
  const firsts = new Map<string, BakePlace>();
  for (const [bake, place] of places.entries())
    if (!firsts.has(keys[bake] ?? "")) firsts.set(keys[bake] ?? "", place);
  const at = numbered([...firsts.keys()]);
  return {
    rows: [...firsts.values()].map(rowOf),
    rowAt: keys.map((key) => at.get(key) ?? 0),
    rowOf,
    sharedPrior: [ovenSigma(readings) ** -2, ...times(families.size, SIGMA.family)],
    ownPrior: tins.map((own) => [SIGMA.recipe ** -2, ...times(own.size, SIGMA.tin)]),
  };
}

function numbered(names: readonly string[]): ReadonlyMap<string, number> {
  return new Map([...new Set(names)].map((name, at) => [name, at]));
}

/** Values of the hidden things, in the order of {@link Latents}. */
export type Values = {
  readonly shared: readonly number[];
  readonly own: readonly (readonly number[])[];
};

/** What a bake's hidden things come to. */
export function sumOf({ shared, block, own }: Row, values: Values): number {
  const add = (entries: readonly Entry[], of: readonly number[]): number =>
    entries.reduce((sum, [at, by]) => sum + by * (of[at] ?? 0), 0);
  return add(shared, values.shared) + add(own, values.own[block] ?? []);
}

/** A precision matrix of the hidden things, ready to be solved with. */
export type Precision = {
  readonly schur: Triangle;
  readonly blocks: readonly {
    readonly lower: Triangle;
    readonly across: readonly (readonly number[])[];
  }[];
};

/**
 * The precision Λ⁻¹ + Zᵀ W Z of the hidden things after bakes of some weights. Recipes have nothing
 * of their own in common, so each is solved by itself against what all share: the work grows with
 * the bakes, not with their cube.
 * @param weights W, one a row
 */
export function precisionOf(
  { rows, sharedPrior, ownPrior }: Latents,
  weights: readonly number[],
): Precision {
  const shared = diagonal(sharedPrior);
  const own = ownPrior.map(diagonal);
  // Across: one row an own thing, one column a shared one.
  const across = ownPrior.map((prior) => prior.map(() => sharedPrior.map(() => 0)));
  for (const [index, row] of rows.entries()) {
    const weight = weights[index] ?? 0;
    addOuter(shared, row.shared, row.shared, weight);
    addOuter(own[row.block] ?? [], row.own, row.own, weight);
    addOuter(across[row.block] ?? [], row.own, row.shared, weight);
  }
  const blocks = own.map((matrix, block) => ({
    lower: cholesky(matrix),
    across: across[block] ?? [],
  }));
  for (const block of blocks) {
    for (let column = 0; column < shared.length; column += 1) {
      const line = block.across.map((each) => each[column] ?? 0);
      if (line.every((value) => value === 0)) continue;
      const gone = solved(block.lower, line);
      for (const [row, values] of shared.entries())
        values[column] =
          (values[column] ?? 0) -
          block.across.reduce((sum, each, at) => sum + (each[row] ?? 0) * (gone[at] ?? 0), 0);
    }
  }
  return { schur: cholesky(shared), blocks };
}

/** The values of the hidden things for which precision · values = right. */
export function solvedFor({ schur, blocks }: Precision, right: Values): Values {
  const each = blocks.map(({ lower }, block) => solved(lower, right.own[block] ?? []));
  const left = right.shared.map(
    (value, column) =>
      value -
      blocks.reduce(
        (sum, { across }, block) =>
          sum +
          across.reduce((own, row, at) => own + (row[column] ?? 0) * (each[block]?.[at] ?? 0), 0),
        0,
      ),
  );
  const shared = solved(schur, left);
  return {
    shared,
    own: blocks.map(({ lower, across }, block) => {
      const pulled = across.map((row) =>
        row.reduce((sum, by, at) => sum + by * (shared[at] ?? 0), 0),
      );
      const back = solved(lower, pulled);
      return (each[block] ?? []).map((value, at) => value - (back[at] ?? 0));
    }),
  };
}

/** One row's part of a sum of rows, times a factor, put to the values. */
export function addRow(to: { shared: number[]; own: number[][] }, row: Row, by: number): void {
  for (const [at, value] of row.shared) to.shared[at] = (to.shared[at] ?? 0) + by * value;
  const own = to.own[row.block];
  if (own !== undefined) for (const [at, value] of row.own) own[at] = (own[at] ?? 0) + by * value;
}

/** Zeroes for every hidden thing. */
export function noValues({ sharedPrior, ownPrior }: Latents): {
  shared: number[];
  own: number[][];
} {
  return { shared: sharedPrior.map(() => 0), own: ownPrior.map((prior) => prior.map(() => 0)) };
}

/** The variance of what a bake's hidden things come to, zᵀ · precision⁻¹ · z. */
export function varianceOf({ schur, blocks }: Precision, { shared, block, own }: Row): number {
  const { lower, across } = blocks[block] ?? { lower: [], across: [] };
  const [ofAll, ofOwn] = [filled(schur.length, shared), filled(lower.length, own)];
  const alone = solved(lower, ofOwn);
  const left = ofAll.map(
    (value, column) =>
      value - across.reduce((sum, row, at) => sum + (row[column] ?? 0) * (alone[at] ?? 0), 0),
  );
  return dot(ofOwn, alone) + dot(left, solved(schur, left));
}

const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, value, at) => sum + value * (b[at] ?? 0), 0);

function filled(size: number, entries: readonly Entry[]): number[] {
  const values = Array.from({ length: size }, () => 0);
  for (const [at, by] of entries) values[at] = (values[at] ?? 0) + by;
  return values;
}

function diagonal(values: readonly number[]): number[][] {
  return values.map((value, row) => values.map((_, column) => (row === column ? value : 0)));
}

function addOuter(
  matrix: number[][],
  rows: readonly Entry[],
  columns: readonly Entry[],
  weight: number,
): void {
  for (const [row, byRow] of rows) {
    const line = matrix[row];
    if (line === undefined) continue;
    for (const [column, byColumn] of columns)
      line[column] = (line[column] ?? 0) + weight * byRow * byColumn;
  }
}
