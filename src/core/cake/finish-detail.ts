import { COLD_SPREADS, type Frosting } from "../build";
import {
  colourBowls, fruitLayout, nextSpoon, scaledFormula, sugarConsistency, USUAL_FORMULA,
  type Bowl, type Consistency, type FormulaLine, type FruitLayout, type NextSpoon, type ScaledFormula,
} from "../finish";
import { good, type Result } from "../measure";
import type { PartFormula } from "../recipe";
import type { FinishBoxes } from "./finish-boxes";
import type { CakeInput } from "./input";
import type { CakePlan } from "./plan";

/** Fruit on the cakes from one tin. */
export type LaidFruit = { readonly index: number; readonly cakes: number; readonly layout: FruitLayout };

/** Where fruit goes on each kind of cake that is not a cup; nothing without fruit. Fails where a piece does not fit. */
export function laidFruit(input: CakeInput, plan: CakePlan): Result<readonly LaidFruit[]> {
  const fruit = input.finish?.fruit;
  if (fruit === undefined) return good([]);
  const borderMm = Math.max(0, ...(input.finish?.borders ?? []).map(({ at, widthMm }) => (at === "top" ? widthMm : 0)));
  const found: LaidFruit[] = [];
  for (const { cakes, tiers } of plan.finish.cakes) {
    const on = (fruit.at === "floor" ? tiers[0] : tiers.at(-1));
    if (on === undefined || on.tier.family === "cup") continue;
    const { tier, coat } = on;
    const layout = fruitLayout(fruit, tier.geometry, tier.layerMm, borderMm - coat.sideMm);
    if (!layout.ok) return layout;
    found.push({ index: tier.index, cakes: fruit.at === "floor" ? tier.geometry.count : cakes, layout: layout.value });
  }
  return good(found);
}

/** The frosting as it is made. */
export type MadeFrosting = {
  readonly formula: ScaledFormula;
  /** The name of the recipe's own part; null for the usual formula. */
  readonly own: string | null;
  readonly consistency: Consistency;
  readonly bowls: readonly Bowl[];
  readonly tooSmall: readonly string[];
  readonly next: NextSpoon | null;
  readonly isCold: boolean;
};

/** A sugar frosting has at least this share of sugar; others are what they are named. */
const LEAST_SUGAR = 0.3;

/**
 * How the frosting of a plan is made: by the recipe's own part or the usual formula, in whichever bowls; null when none is.
 * @param massG what is needed in all, other cakes' included
 */
export function madeFrosting(plan: CakePlan, massG: number, boxes: Pick<FinishBoxes, "rounding" | "feels">, colours: readonly { readonly name: string; readonly share: number }[], part: PartFormula | null): MadeFrosting | null {
  const { frosting } = plan.finish;
  if (!(massG > 0)) return null;
  const own = part === null ? [] : linesOf(part);
  const formula = scaledFormula(own.length > 0 ? own : USUAL_FORMULA[frosting], massG, boxes.rounding);
  const bowls = colours.length === 0 ? { bowls: [], tooSmall: [] } : colourBowls(formula.massG, colours);
  return {
    formula,
    own: own.length > 0 && part !== null ? part.part.name : null,
    consistency: part !== null && own.length > 0 && part.totals.sugar > LEAST_SUGAR * part.massG ? sugarConsistency(part.totals.sugar, part.totals.water, part.totals.fat) : usualConsistency(frosting),
    ...bowls,
    next: boxes.feels.length === 0 ? null : nextSpoon(frosting, formula.massG, boxes.feels),
    isCold: COLD_SPREADS.includes(frosting),
  };
}

const usualConsistency = (frosting: Frosting): Consistency => (frosting === "water-icing" ? "pouring" : "spreading");

/** A part's weighed lines, fat first: that is what comes in sticks and packs. */
function linesOf({ rows }: PartFormula): readonly FormulaLine[] {
  const weighed = rows.flatMap(({ read, ingredient, massG }) => (massG === null || massG === 0 ? [] : [{ name: read.name || (ingredient?.name ?? ""), massG, fat: ingredient?.per100.fat ?? 0 }]));
  const lead = weighed.findIndex(({ fat }) => fat > 30);
  return [...weighed.slice(Math.max(0, lead), Math.max(0, lead) + 1), ...weighed.filter((_, index) => index !== Math.max(0, lead))].map(({ name, massG }) => ({ name, massG }));
}
