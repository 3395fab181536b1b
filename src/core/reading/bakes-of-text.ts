// The bakes of a text: in its own tins, and in others that it offers.
import { middle, roundTo } from "../measure";
import { BAKE_LIMITS, type Correction, type ReadingRow, type RecipeDoc } from "../recipe";
import { benchTins } from "../tin";
import { areSameTins, heatOf, minutesOf } from "./bake-facts";
import { correctedBake } from "./corrections";
import type { ToldRecipe } from "./read-text";

type Bake = RecipeDoc["bake"];

/**
 * The bake that is a recipe's own, and those in other tins, each with the heat and minutes told of
 * it.
 * @param page what the page's look says of the bake
 * @param isData whether it is a page of data, whose tools are tins outright
 */
export function bakesOf(
  page: Bake,
  told: ToldRecipe,
  rows: readonly ReadingRow[],
  {
    isData,
    corrections,
  }: { readonly isData: boolean; readonly corrections: readonly Correction[] },
): Pick<RecipeDoc, "bake" | "otherBakes"> {
  const main = mainBake(page, told, rows, isData);
  const alternatives = told.alternatives.map(({ tins, heat, minutes }): Bake => ({
    ...(heat === null ? heatOf(main) : {}),
    ...bakeTold({ heat, minutes, checkAtMin: null, source: main.source ?? "oven" }),
    ...benchTins(tins),
  }));
  const bake = correctedBake(main, [main, ...alternatives], corrections);
  const others = [main, ...alternatives].filter(
    ({ tins }, at, all) =>
      tins.length > 0 &&
      !areSameTins(tins, bake.tins) &&
      all.findIndex((each) => areSameTins(each.tins, tins)) === at,
  );
  return { bake, ...(others.length > 0 ? { otherBakes: others.slice(0, 10) } : {}) };
}

/** Facts that a line of their own gives, by name. */
const SAID = {
  tins: /^\W*(?:tins?|pans?)\s*:/iu,
  heat: /^\W*(?:oven|heat|temperature|baking temperature)\s*:/iu,
  minutes: /^\W*minutes\s*:/iu,
} as const;

/** The bake as lines of the page say outright; else as it is told; else as the page looks. */
function mainBake(
  page: Bake,
  told: ToldRecipe,
  rows: readonly ReadingRow[],
  isData: boolean,
): Bake {
  const isSaid = (fact: keyof typeof SAID): boolean =>
    rows.some(({ text, as }) => as === fact && SAID[fact].test(text)) ||
    (isData && fact !== "minutes" && rows.some(({ as }) => as === "tins"));
  const { tins, source } = page;
  const own = bakeTold(told);
  const isHeatTold = own.ovenC !== undefined && !isSaid("heat");
  const ofTold = benchTins(told.tins[0] ?? []);
  return {
    ...(source === undefined ? {} : { source }),
    ...own,
    ...(isHeatTold ? {} : heatOf(page)),
    ...(own.minutes === undefined || isSaid("minutes") ? minutesOf(page) : {}),
    ...(tins.length > 0 && (ofTold.tins.length === 0 || isSaid("tins")) ? { tins } : ofTold),
  };
}

/** The oven's part of what is told, within what a recipe can hold. */
export function bakeTold({
  heat,
  minutes,
  checkAtMin,
  source,
}: Pick<ToldRecipe, "heat" | "minutes" | "checkAtMin" | "source">): Omit<
  RecipeDoc["bake"],
  "tins"
> {
  const ovenC = heat === null ? 0 : Math.round(heat.tempC);
  // A microwave counts in less than minutes.
  const [step, least] =
    source === "oven" ? [1, BAKE_LIMITS.leastMin] : [0.25, BAKE_LIMITS.leastOtherMin];
  const look = checkAtMin === null ? 0 : roundTo(checkAtMin, step);
  const length = minutes === null ? 0 : roundTo(middle(minutes), step);
  return {
    ...(source === "oven" ? {} : { source }),
    ...(ovenC >= BAKE_LIMITS.leastC && ovenC <= BAKE_LIMITS.mostC
      ? { ovenC, ...(heat?.isFan === true ? { fan: true } : {}) }
      : {}),
    ...(length >= least && length <= BAKE_LIMITS.mostMin ? { minutes: length } : {}),
    ...(look >= BAKE_LIMITS.leastLookMin && look <= BAKE_LIMITS.mostMin
      ? { checkAtMin: look }
      : {}),
  };
}
