import type { Batter } from "../mix";
import type { TinGeometry } from "../tin";
import { fruitOf, type FillOptions } from "./options";
import { commonDepth, groupsOf, isFlat, overTins } from "./share";
import {
  MIDDLE,
  SHELF_MM2,
  stepAt,
  DEPTH_STEPS,
  STEPS_PER_E,
  tabulated,
  timesAt,
  type StockTin,
  type Tabulated,
  type Wanted,
} from "./stock";

export type SetLimits = {
  readonly mostTins: number;
  readonly mostKinds: number;
  /** How many sets to return. */
  readonly best: number;
};

const USUAL_LIMITS: SetLimits = { mostTins: 6, mostKinds: 4, best: 20 };

/** A set of tins that takes all of a batter. */
export type TinSet = {
  readonly tins: readonly { readonly id: string; readonly pieces: number }[];
  readonly basis: Wanted["basis"];
  /** How deep, or how full for its limit, against the recipe's own tins: 1 is the same. */
  readonly times: number;
  /** How many loads of one shelf they make. */
  readonly loads: number;
  /** Lower is better. */
  readonly score: number;
};

/**
 * What a set costs: being deeper or shallower than the recipe's own, more kinds, more tins, more
 * loads. Judgement.
 */
const COST = { depth: 4, kind: 0.25, tin: 0.1, load: 0.3 } as const;

/**
 * Which tins of the cupboard take this batter: all sets in which it stands within half to twice the
 * recipe's own depth (where a ring, a loaf or a cup is involved, share of what each takes), none
 * too thin or past its limit; the best first by 4·|ln(h/h*)| + 0.25·(kinds - 1) + 0.10·(tins - 1) +
 * 0.3·(loads - 1). Depth first over counts by decreasing volume, pruned on what can still be
 * reached within the score of the worst kept; exact: nothing better is left out.
 * @param batter as it is to be baked
 * @param reference the recipe's own tins, and `ownMl` the batter written for them, mL
 */
export function bestTinSets(
  batter: Batter,
  reference: readonly TinGeometry[],
  ownMl: number,
  stock: readonly StockTin[],
  options: FillOptions = {},
  limits = USUAL_LIMITS,
): readonly TinSet[] {
  const own = groupsOf(batter.kind, reference, { ...options, fruitG: 0, onBatter: [] });
  const share: Wanted = {
    basis: "limit",
    share: ownMl / overTins(own, ({ limit }) => limit.volumeMl),
  };
  const kept: TinSet[] = [];
  // Fruit takes its space in whichever tins; counted as batter it is given a little more room to
  // rise than it needs.
  const volumeMl = batter.volumeMl + fruitOf(options).volumeMl;
  const table = (wanted: Wanted, tins: readonly StockTin[]): readonly Tabulated[] =>
    tins
      .filter(({ owned }) => owned > 0)
      .map((each) => tabulated(batter.kind, each, wanted, { ...options, fruitG: 0 }));
  if (reference.every(isFlat)) {
    const depth: Wanted = { basis: "depth", depthMm: commonDepth(own, ownMl) };
    search(
      volumeMl,
      depth,
      table(
        depth,
        stock.filter(({ geometry }) => isFlat(geometry)),
      ),
      "any",
      limits,
      kept,
    );
    search(volumeMl, share, table(share, stock), "not-all-flat", limits, kept);
  } else {
    search(volumeMl, share, table(share, stock), "any", limits, kept);
  }
  return kept;
}

/** Sets of so many tins are looked through before the others. */
const FEW = 2;

/**
 * Adds the best sets of one basis to those kept, in order of their score. Fills are steps of the
 * table throughout.
 */
function search(
  volumeMl: number,
  wanted: Wanted,
  table: readonly Tabulated[],
  which: "any" | "not-all-flat",
  limits: SetLimits,
  kept: TinSet[],
): void {
  const usable = table
    .filter(({ leastStep, mostStep }) => leastStep <= mostStep)
    .toSorted((a, b) => middle(b) - middle(a));
  const flat = usable.filter(({ stock: { geometry } }) => isFlat(geometry));
  const others = usable.filter((each) => !flat.includes(each));
  // Where a set has to hold one that is not flat, those stand first and every set begins with one
  // of them.
  const kinds = which === "any" ? usable : [...others, ...flat];
  const beginnings = which === "any" ? kinds.length : others.length;
  const largest = largestFrom(kinds);
  // Sets of few tins are looked through first: they cost least, and what they cost cuts off most of
  // the others.
  let [fewest, most] = [1, Math.min(FEW, limits.mostTins)];
  const chosen: Tabulated[] = [];
  const pieces: number[] = [];

  function worst(): number {
    return kept.length < limits.best ? Infinity : (kept.at(-1)?.score ?? Infinity);
  }

  function keep(tins: number, least: number, highest: number, loads: number): void {
    if (tins < fewest) return;
    const times = solved(chosen, pieces, volumeMl);
    if (times === null) return;
    const step = stepAt(times);
    if (step < least || step > highest) return;
    const score = COST.depth * Math.abs(Math.log(times)) + fixedCost(chosen.length, tins, loads);
    if (score >= worst()) return;
    const at = kept.findIndex((each) => each.score > score);
    const set: TinSet = {
      tins: chosen.map(({ stock: { id } }, index) => ({ id, pieces: pieces[index] ?? 0 })),
      basis: wanted.basis,
      times,
      loads,
      score,
    };
    kept.splice(at < 0 ? kept.length : at, 0, set);
    if (kept.length > limits.best) kept.pop();
  }

  function extend(
    from: number,
    tins: number,
    least: number,
    highest: number,
    footprintMm2: number,
  ): void {
    if (chosen.length >= limits.mostKinds || tins >= most) return;
    const last = tins === 0 ? beginnings : kinds.length;
    for (let index = from; index < last; index += 1) {
      const kind = kinds[index] as Tabulated;
      const newLeast = Math.max(least, kind.leastStep);
      const newMost = Math.min(highest, kind.mostStep);
      if (newLeast > newMost) continue;
      chosen.push(kind);
      pieces.push(0);
      for (let count = 1; count <= kind.stock.owned && tins + count <= most; count += 1) {
        pieces[pieces.length - 1] = count;
        const footprint = footprintMm2 + count * kind.footprintMm2;
        const loads = Math.ceil(footprint / SHELF_MM2);
        // What a set that holds these tins may still cost for its depth, and so how many steps it
        // may lie off.
        const spare = worst() - fixedCost(chosen.length, tins + count, loads);
        if (spare < 0) break;
        const off = (spare / COST.depth) * STEPS_PER_E;
        const low = within(Math.floor(Math.max(MIDDLE - off, newLeast)));
        if (held(chosen, pieces, low) > volumeMl) break;
        const high = within(Math.ceil(Math.min(MIDDLE + off, newMost)));
        const still = Math.min(most - tins - count, Math.floor(spare / COST.tin));
        if (held(chosen, pieces, high) + still * (largest[index]?.[high] ?? 0) < volumeMl) continue;
        keep(tins + count, newLeast, newMost, loads);
        extend(index + 1, tins + count, newLeast, newMost, footprint);
      }
      chosen.pop();
      pieces.pop();
    }
  }

  extend(0, 0, 0, DEPTH_STEPS - 1, 0);
  [fewest, most] = [most + 1, limits.mostTins];
  if (fewest <= most) extend(0, 0, 0, DEPTH_STEPS - 1, 0);
}

/** The most that one more piece of each kind or a later one adds, at each step, mL. */
function largestFrom(kinds: readonly Tabulated[]): readonly Float64Array[] {
  const largest = kinds.map(({ volumesMl }) => volumesMl.slice());
  for (let index = kinds.length - 2; index >= 0; index -= 1) {
    const [row, later] = [largest[index], largest[index + 1]];
    row?.forEach((own, step) => {
      row[step] = Math.max(own, later?.[step] ?? 0);
    });
  }
  return largest;
}

/** What the chosen pieces hold in all at a step, mL. */
function held(chosen: readonly Tabulated[], pieces: readonly number[], step: number): number {
  let sum = 0;
  for (let index = 0; index < chosen.length; index += 1)
    sum += (pieces[index] ?? 0) * (chosen[index]?.volumesMl[step] ?? 0);
  return sum;
}

const middle = ({ volumesMl }: Tabulated): number => volumesMl[MIDDLE] ?? 0;

function fixedCost(kinds: number, tins: number, loads: number): number {
  return COST.kind * (kinds - 1) + COST.tin * (tins - 1) + COST.load * (loads - 1);
}

/** A step within the table. */
function within(step: number): number {
  return Math.min(DEPTH_STEPS - 1, Math.max(0, step));
}

/**
 * How many times the wanted fill a set holds `volumeMl` at, between the steps on a straight line;
 * null outside them.
 */
function solved(
  chosen: readonly Tabulated[],
  pieces: readonly number[],
  volumeMl: number,
): number | null {
  let [low, high] = [0, DEPTH_STEPS - 1];
  let [below, above] = [held(chosen, pieces, low), held(chosen, pieces, high)];
  if (volumeMl < below || volumeMl > above) return null;
  while (high - low > 1) {
    const half = (low + high) >> 1;
    const between = held(chosen, pieces, half);
    if (between <= volumeMl) [low, below] = [half, between];
    else [high, above] = [half, between];
  }
  const part = above === below ? 0 : (volumeMl - below) / (above - below);
  return timesAt(low) + part * (timesAt(high) - timesAt(low));
}
