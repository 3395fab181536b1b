import type { FoodGroup } from "../pantry";
import { isSelfRaising, massOfGroups, type FormulaRow, type PartFormula } from "./formula";

/**
 * A proportion that is out of what is usual; a remark with its reason, never an error. Shares are
 * of the flour, in per cent.
 */
export type BalanceRemark = {
  readonly code:
    | "sugar"
    | "egg-under-fat"
    | "liquid-under-sugar"
    | "powder"
    | "soda"
    | "salt"
    | "soda-without-acid";
  readonly value: number;
  readonly low: number;
  readonly high: number;
};

/** The ranges of usual formulas, flour 100. Judgement from kitchen practice. */
const SUGAR = { low: 80, high: 140 };
const POWDER = { low: 3.5, high: 5.5 };
const SODA = { low: 0.5, high: 1.4 };
const SALT = { low: 0.8, high: 2.5 };
const BUTTER_FAT = 0.82;
/** Short by a tenth is still "at or above" to any scale. */
const NEARLY = 0.9;
const LIQUIDS: readonly FoodGroup[] = [
  "egg",
  "egg-white",
  "egg-yolk",
  "milk",
  "cultured-milk",
  "cream",
  "water",
  "acid-liquid",
  "puree",
];
const EGGS: readonly FoodGroup[] = ["egg", "egg-white", "egg-yolk"];

/**
 * How much of the usual balance a batter is held to: all of it, its leavening only, or nothing but
 * that soda has its acid.
 */
export type BalanceRules = "all" | "leavening" | "soda";

/**
 * What is out of the ordinary in a batter of flour, by baker's percentages. Nothing is said of one
 * without flour.
 * @param rules `all` for creamed, oil and thin batters; `leavening` for quick ones; `soda` for
 * those that follow other rules
 */
export function balanceRemarks(part: PartFormula, rules: BalanceRules): readonly BalanceRemark[] {
  const { flourG, totals } = part;
  if (flourG === 0) return [];
  const percent = (grams: number): number => (100 * grams) / flourG;
  const of = (groups: readonly FoodGroup[]): number => percent(massOfGroups(part, groups));
  const remarks: BalanceRemark[] = [];
  const outside = (
    code: BalanceRemark["code"],
    value: number,
    { low, high }: { readonly low: number; readonly high: number },
  ): void => {
    if (value < low || value > high) remarks.push({ code, value, low, high });
  };
  const [fat, egg, liquid, sugar] = [
    of(["oil"]) + BUTTER_FAT * of(["butter"]),
    of(EGGS),
    of(LIQUIDS),
    percent(totals.sugar),
  ];
  if (rules === "all") {
    outside("sugar", sugar, SUGAR);
    if (egg < NEARLY * fat)
      remarks.push({ code: "egg-under-fat", value: egg, low: fat, high: Infinity });
    if (liquid < NEARLY * sugar)
      remarks.push({ code: "liquid-under-sugar", value: liquid, low: sugar, high: Infinity });
  }
  const powder = powderPercent(part);
  const soda = percent(
    part.rows.reduce(
      (sum, { ingredient, massG: grams }) =>
        sum + (ingredient?.group === "soda" ? (grams ?? 0) : 0),
      0,
    ),
  );
  // A part of soda does the work of four of powder.
  if (rules !== "soda" && powder > 0 && soda === 0) outside("powder", powder, POWDER);
  if (rules !== "soda" && soda > 0)
    outside("soda", soda, { low: powder > 0 ? 0.1 : SODA.low, high: SODA.high });
  if (soda > 0 && !part.rows.some(hasAcid))
    remarks.push({ code: "soda-without-acid", value: soda, low: 0, high: 0 });
  const salt = part.rows.reduce((sum, row) => sum + saltG(row), 0);
  if (rules === "all" && salt > 0) outside("salt", percent(salt), SALT);
  return remarks;
}

/** Baking powder over flour, per cent, that in self-raising flour included (5 % of it). */
function powderPercent({ rows, flourG }: PartFormula): number {
  const grams = rows.reduce((sum, { ingredient, massG }) => {
    if (ingredient?.id === "baking-powder") return sum + (massG ?? 0);
    return isSelfRaising(ingredient) ? sum + 0.05 * (massG ?? 0) : sum;
  }, 0);
  return (100 * grams) / flourG;
}

function hasAcid({ ingredient, massG }: FormulaRow): boolean {
  return ingredient?.hasAcid === true && massG !== null && massG > 0;
}

/** Salt itself and that in salted fat; the sodium of leaveners tastes otherwise and is left out. */
function saltG({ ingredient, massG }: FormulaRow): number {
  if (
    ingredient === null ||
    massG === null ||
    ingredient.group === "leavener" ||
    ingredient.group === "soda"
  )
    return 0;
  return (massG * ingredient.per100.salt) / 100;
}

/** A suggestion for a line without an amount, g; marked as one wherever it is shown. */
export type Suggestion = { readonly lowG: number; readonly highG: number };

/**
 * Usual share of flour, per cent, for what recipes most often leave out. Judgement; the same ranges
 * as the remarks where there are any.
 */
const USUAL_PERCENT: Partial<
  Readonly<Record<string, { readonly low: number; readonly high: number }>>
> = {
  "baking-powder": POWDER,
  bicarbonate: { low: 0.8, high: 1.2 },
  salt: { low: 0.8, high: 1.5 },
  "flaky-salt": { low: 0.8, high: 1.5 },
  "vanilla-extract": { low: 1.5, high: 4 },
  cinnamon: { low: 0.8, high: 2.5 },
  "ginger-ground": { low: 1, high: 3 },
  "mixed-spice": { low: 0.8, high: 2.5 },
  cardamom: { low: 0.6, high: 1.5 },
  nutmeg: { low: 0.3, high: 0.8 },
  cloves: { low: 0.2, high: 0.6 },
  "lemon-zest": { low: 1.5, high: 4 },
  "lime-zest": { low: 1.5, high: 4 },
  "orange-zest": { low: 2, high: 5 },
};
const USUAL_PERCENT_OF_GROUP: Partial<
  Readonly<Record<FoodGroup, { readonly low: number; readonly high: number }>>
> = {
  sugar: { low: 80, high: 120 },
  "brown-sugar": { low: 80, high: 120 },
  butter: { low: 60, high: 100 },
  oil: { low: 50, high: 80 },
  egg: { low: 70, high: 110 },
  milk: { low: 40, high: 80 },
  "cultured-milk": { low: 60, high: 110 },
  nuts: { low: 30, high: 70 },
  "dried-fruit": { low: 40, high: 100 },
  "fresh-fruit": { low: 60, high: 120 },
};

/**
 * A range for an amount that is missing, from what is usual for the flour of its part; null when
 * there is no flour to go by or nothing usual. For flour itself: from the sugar, which it is
 * usually about as much as.
 */
export function suggestedAmount(row: FormulaRow, part: PartFormula): Suggestion | null {
  const { ingredient } = row;
  if (ingredient === null || row.massG !== null) return null;
  if (ingredient.group === "flour") {
    const { sugar } = part.totals;
    return part.flourG > 0 || sugar < 20 ? null : { lowG: sugar / 1.25, highG: sugar / 0.85 };
  }
  const usual = USUAL_PERCENT[ingredient.id] ?? USUAL_PERCENT_OF_GROUP[ingredient.group];
  if (usual === undefined || part.flourG === 0) return null;
  // What the recipe has of the group already is taken off: a second sugar only tops up the first.
  const already =
    ingredient.id in USUAL_PERCENT
      ? 0
      : (100 * massOfGroups(part, [ingredient.group])) / part.flourG;
  const [low, high] = [Math.max(0, usual.low - already), usual.high - already];
  return high <= 0 ? null : { lowG: (low * part.flourG) / 100, highG: (high * part.flourG) / 100 };
}
