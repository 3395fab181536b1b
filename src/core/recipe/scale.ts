import {
  kitchenMeasure,
  weighedGrams,
  type KitchenMeasure,
  type KitchenMeasures,
  EGG_WHITE_SHARE,
  eggWeight,
  US_CUP_ML,
} from "../measure";
import { cupGrams, type FoodGroup } from "../pantry";
import type { AltitudeChanges } from "./altitude";
import type { EggChoice } from "./eggs";
import { batterPart, type Formula, type FormulaRow } from "./formula";

/**
 * How the new amount is chosen: so many times, for portions, from the eggs there are, or from grams
 * of one line.
 */
export type ScaleBy =
  | { readonly by: "times"; readonly times: number }
  | { readonly by: "portions"; readonly portions: number }
  | { readonly by: "eggs"; readonly eggs: number }
  | { readonly by: "line"; readonly line: string; readonly massG: number };

/** Leaveners as written, or gently less in big batches for wide tins. */
export type LeaveningSchool = "as-written" | "less-when-wide";

/**
 * Beyond this many times the recipe a wide tin takes a little less leavener: over it, only this
 * share is added. Judgement.
 */
const LINEAR_TO = 2;
const SHARE_BEYOND = 0.8;

/**
 * The factor a way of scaling comes to; null when the recipe gives nothing to scale by (no
 * portions, no eggs, no weight).
 * @example scaleTimes({ by: "portions", portions: 18 }, formula, 12) // 1.5
 */
export function scaleTimes(
  scale: ScaleBy,
  formula: Formula,
  portions: number | null,
): number | null {
  switch (scale.by) {
    case "times":
      return scale.times;
    case "portions":
      return portions === null ? null : scale.portions / portions;
    case "eggs": {
      const eggs = eggsIn(formula);
      return eggs === 0 ? null : scale.eggs / eggs;
    }
    case "line": {
      const row = formula.parts
        .flatMap(({ rows }) => rows)
        .find(({ line }) => line.id === scale.line);
      return row === undefined || row.massG === null || row.massG === 0
        ? null
        : scale.massG / row.massG;
    }
  }
}

/** Whole eggs in the batter, as counted in its lines; whites and yolks alone do not count. */
export function eggsIn(formula: Formula): number {
  return batterPart(formula).rows.reduce((sum, { ingredient, read }) => {
    if (ingredient?.group !== "egg") return sum;
    return (
      sum +
      read.measures.reduce(
        (count, { amount, unit }) =>
          count + (unit === "piece" ? (amount.low + amount.high) / 2 : 0),
        0,
      )
    );
  }, 0);
}

/** Leaveners: linear to twice the recipe, then by the school. */
export function leavenerTimes(times: number, school: LeaveningSchool): number {
  return school === "as-written" || times <= LINEAR_TO
    ? times
    : LINEAR_TO + SHARE_BEYOND * (times - LINEAR_TO);
}

/** A line as it is to be weighed. */
export type ScaledRow = {
  readonly row: FormulaRow;
  /** Null when the line has no weight. */
  readonly massG: number | null;
  /** As read off a scale. */
  readonly shownG: number | null;
  /** In cups and spoons; null for what is not measured so. */
  readonly kitchen: KitchenMeasure | null;
  /** Eggs, when they are counted: 2.5. */
  readonly eggs: number | null;
};

export type ScaleChoices = {
  readonly times: number;
  readonly leavening: LeaveningSchool;
  readonly egg: EggChoice | null;
  /** Thin air's changes; none when left out. */
  readonly altitude?: AltitudeChanges | null;
};

const SUGARS: readonly FoodGroup[] = ["sugar", "brown-sugar"];
const LIQUIDS: readonly FoodGroup[] = ["milk", "cultured-milk", "water", "acid-liquid"];
const FINE: readonly FoodGroup[] = ["leavener", "soda", "salt", "spice", "setting"];

/** A line scaled: leaveners by their school, eggs as they were settled, all else by the factor. */
export function scaledRow(
  row: FormulaRow,
  { times, leavening, egg, altitude = null }: ScaleChoices,
  measures: KitchenMeasures,
): ScaledRow {
  const { ingredient, massG } = row;
  if (massG === null || ingredient === null)
    return {
      row,
      massG: massG === null ? null : massG * times,
      shownG: massG === null ? null : weighedGrams(massG * times, false),
      kitchen: null,
      eggs: null,
    };
  const isLeavener = ingredient.group === "leavener" || ingredient.group === "soda";
  const isRoundedEgg = ingredient.group === "egg" && egg?.how === "eggs-only";
  const own = isLeavener
    ? leavenerTimes(times, leavening)
    : isRoundedEgg
      ? egg.eggs / (egg.wanted / egg.times)
      : times;
  const scaled = massG * own * airFactor(ingredient.group, altitude);
  const { cupG } = ingredient;
  const volumeMl =
    cupG === null
      ? 0
      : (scaled / cupGrams(cupG, row.read.way ?? usualCup(ingredient.group, measures))) * US_CUP_ML;
  return {
    row,
    massG: scaled,
    shownG: weighedGrams(scaled, FINE.includes(ingredient.group)),
    kitchen: volumeMl > 0.3 ? kitchenMeasure(volumeMl, measures) : null,
    eggs: eggCount(row, scaled, measures),
  };
}

function airFactor(group: FoodGroup, altitude: AltitudeChanges | null): number {
  if (altitude === null) return 1;
  if (group === "leavener" || group === "soda") return altitude.leavening;
  if (SUGARS.includes(group)) return altitude.sugar;
  return LIQUIDS.includes(group) ? altitude.liquid : 1;
}

function usualCup(group: FoodGroup, measures: KitchenMeasures): "spooned" | "dipped" | "packed" {
  return group === "brown-sugar" ? "packed" : measures.flour;
}

function eggCount(
  { ingredient, read, massG }: FormulaRow,
  scaledG: number,
  measures: KitchenMeasures,
): number | null {
  const isCounted = read.measures.length > 0 && read.measures.every(({ unit }) => unit === "piece");
  if (
    ingredient === null ||
    !isCounted ||
    !["egg", "egg-white", "egg-yolk"].includes(ingredient.group)
  )
    return null;
  const counted = read.measures.reduce(
    (sum, { amount }) => sum + (amount.low + amount.high) / 2,
    0,
  );
  const share =
    ingredient.group === "egg"
      ? 1
      : ingredient.group === "egg-white"
        ? EGG_WHITE_SHARE
        : 1 - EGG_WHITE_SHARE;
  const eachG = massG === null || counted === 0 ? eggWeight(measures) * share : massG / counted;
  return Math.round((scaledG / eachG) * 100) / 100;
}

/** Grams of scaled lines in all; those without a weight count as nothing. */
export function totalMass(rows: readonly ScaledRow[]): number {
  return rows.reduce((sum, { massG }) => sum + (massG ?? 0), 0);
}

/** What has to be bought or peeled for a net weight, g, and the other way round. */
export function grossOf(netG: number, yieldShare: number): number {
  return netG / yieldShare;
}

/**
 * After weighing again what was prepared: how much is short, and about how many more pieces that
 * takes.
 */
export function shortfall(
  wantedG: number,
  weighedG: number,
  eachG: number | null,
  yieldShare: number,
): { readonly shortG: number; readonly pieces: number | null } {
  const shortG = Math.max(0, wantedG - weighedG);
  return {
    shortG,
    pieces: eachG === null || shortG === 0 ? null : Math.ceil(shortG / (eachG * yieldShare)),
  };
}
