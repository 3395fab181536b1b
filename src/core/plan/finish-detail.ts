import { FROSTINGS, type Frosting, type Coating } from "../build";
import {
  fruitLayout,
  scaledFormula,
  sugarConsistency,
  USUAL_FORMULA,
  type Consistency,
  type FormulaLine,
  type FruitLayout,
  type Rounding,
  type ScaledFormula,
} from "../finish";
import { good, type Result } from "../measure";
import type { PartFormula } from "../recipe";
import type { CakeInput } from "./input";
import type { CakePlan } from "./plan";

/** Fruit on the cakes from one tin. */
export type LaidFruit = {
  readonly index: number;
  readonly cakes: number;
  readonly layout: FruitLayout;
};

/**
 * Where fruit goes on each kind of cake that is not a cup; nothing without fruit. Fails where a
 * piece does not fit.
 */
export function laidFruit(input: CakeInput, plan: CakePlan): Result<readonly LaidFruit[]> {
  const fruit = input.finish?.fruit;
  if (fruit === undefined) return good([]);
  const borderMm = Math.max(
    0,
    ...(input.finish?.borders ?? []).map(({ at, widthMm }) => (at === "top" ? widthMm : 0)),
  );
  const found: LaidFruit[] = [];
  for (const { cakes, tiers } of plan.finish.cakes) {
    const on = fruit.at === "floor" ? tiers[0] : tiers.at(-1);
    if (on === undefined || on.tier.family === "cup") continue;
    const { tier, coat } = on;
    const layout = fruitLayout(fruit, tier.geometry, tier.layerMm, borderMm - coat.sideMm);
    if (!layout.ok) return layout;
    found.push({
      index: tier.index,
      cakes: fruit.at === "floor" ? tier.geometry.count : cakes,
      layout: layout.value,
    });
  }
  return good(found);
}

/** A frosting or a filling as it is made. */
export type MadeSpread = {
  readonly formula: ScaledFormula;
  /** The name of the recipe's own part; null for the usual formula. */
  readonly own: string | null;
  /** Null where the formula does not tell. */
  readonly consistency: Consistency | null;
};

/** A sugar frosting has at least this share of sugar; others are what they are named. */
const LEAST_SUGAR = 0.3;

/**
 * How a spread is made: by the recipe's own part or its usual formula, scaled to what is needed and
 * rounded up; null when it is bought as it is, or nothing of it is needed.
 * @param massG what is needed in all, what is to spare and other cakes' included
 */
export function madeSpread(
  stuff: Coating,
  massG: number,
  rounding: Rounding,
  part: PartFormula | null,
): MadeSpread | null {
  const own = part === null ? [] : linesOf(part);
  const formula = own.length > 0 ? own : isFrosting(stuff) ? USUAL_FORMULA[stuff] : [];
  if (!(massG > 0) || formula.length === 0) return null;
  const isSugar =
    part !== null &&
    own.length > 0 &&
    isFrosting(stuff) &&
    part.totals.sugar > LEAST_SUGAR * part.massG;
  const total = own.reduce((sum, line) => sum + line.massG, 0);
  const isOnce = Math.abs(massG / total - 1) < AS_WRITTEN;
  return {
    formula: isOnce
      ? { times: 1, lines: own, massG: total, overG: total - massG }
      : scaledFormula(formula, massG, rounding),
    own: own.length > 0 && part !== null ? part.part.name : null,
    consistency: isSugar
      ? sugarConsistency(part.totals.sugar, part.totals.water, part.totals.fat)
      : isFrosting(stuff)
        ? usualConsistency(stuff)
        : null,
  };
}

/** A part that is needed but for so little is made as it is written, as a share of it. */
const AS_WRITTEN = 0.015;

const isFrosting = (stuff: Coating): stuff is Frosting =>
  (FROSTINGS as readonly Coating[]).includes(stuff);
const usualConsistency = (frosting: Frosting): Consistency =>
  frosting === "water-icing" ? "pouring" : "spreading";

/** A part's weighed lines, fat first: that is what comes in sticks and packs. */
function linesOf({ rows }: PartFormula): readonly FormulaLine[] {
  const weighed = rows.flatMap(({ read, ingredient, massG }) =>
    massG === null || massG === 0
      ? []
      : [{ name: read.name || (ingredient?.name ?? ""), massG, fat: ingredient?.per100.fat ?? 0 }],
  );
  const lead = weighed.findIndex(({ fat }) => fat > 30);
  return [
    ...weighed.slice(Math.max(0, lead), Math.max(0, lead) + 1),
    ...weighed.filter((_, index) => index !== Math.max(0, lead)),
  ].map(({ name, massG }) => ({ name, massG }));
}
