// "Another tin": how long will it take? The answer is the plan's own forecast.
import { drawnNumber } from "../live";
import type { Minutes } from "../bake";
import type { FillVerdict } from "../fill";
import { planCake, type CakeInput } from "../plan";
import { tinFamily, type Tin, type TinFamily } from "../tin";
import type { DrillVerdict } from "./answers";

/** A recipe that names its tins and its minutes. */
export type DrillRecipe = {
  readonly name: string;
  readonly recipe: NonNullable<CakeInput["recipe"]>;
};

/** A recipe of hers, and one of her tins that it was not written for. */
export type OtherTinCase = {
  readonly seed: number;
  readonly name: string;
  readonly recipe: DrillRecipe["recipe"];
  readonly tin: Tin;
  readonly scale: number;
  readonly minutes: Minutes;
};

/** What can be practised with these tins: a family each. */
export const otherTinFamilies = (tins: readonly Tin[]): readonly TinFamily[] => [
  ...new Set(tins.map(tinFamily)),
];

/** So many pairs are tried before there is none. */
const MOST_TRIED = 40;
/** Nobody bakes what runs over, or hardly covers the floor. */
const BAKED_AS: readonly FillVerdict[] = ["fits", "crowns"];
/** Minutes this near to the recipe's own teach nothing: a share. */
const TOO_NEAR = 0.08;

/**
 * The case of a seed: a recipe, filled as deep into a tin of a family. Null where no recipe can be
 * baked in such a tin, or all would take as long as they do in their own.
 */
export function otherTinCase(
  seed: number,
  family: TinFamily,
  recipes: readonly DrillRecipe[],
  tins: readonly Tin[],
): OtherTinCase | null {
  const fit = tins.filter((tin) => tinFamily(tin) === family);
  let chance = { seed };
  for (let tried = 0; tried < MOST_TRIED; tried += 1) {
    const [one, next] = drawnNumber(chance);
    const [other, then] = drawnNumber(next);
    chance = then;
    const from = recipes[Math.floor(one * recipes.length)];
    const tin = fit[Math.floor(other * fit.length)];
    const own = from?.recipe.reference.minutes;
    if (from === undefined || tin === undefined || own === undefined) continue;
    const plan = planCake({ recipe: from.recipe, tins: [tin], scale: "same-depth" });
    if (!plan.ok || plan.value.fill.tins.some(({ verdict }) => !BAKED_AS.includes(verdict)))
      continue;
    const [minutes] = plan.value.bake.tins;
    if (minutes === undefined || Math.abs(minutes.likelyMin / own - 1) < TOO_NEAR) continue;
    return { seed, name: from.name, recipe: from.recipe, tin, scale: plan.value.scale, minutes };
  }
  return null;
}

/** How a guess stands against the band. */
export type GuessJudged = {
  readonly verdict: DrillVerdict;
  /** The logarithm of the guess over the likely minutes. */
  readonly log: number;
};

/** A guess against the forecast: right anywhere in its band. @param guessMin above 0 */
export function guessJudged({ minutes }: OtherTinCase, guessMin: number): GuessJudged {
  const { firstLookMin, likelyMin, notPastMin } = minutes;
  return {
    verdict: guessMin < firstLookMin ? "early" : guessMin > notPastMin ? "late" : "right",
    log: Math.log(guessMin / likelyMin),
  };
}
