// How a recipe puts its own cold cake together: split, rolled, filled and frosted.
import type { RolledFrom } from "../build";
import type { Formula } from "../recipe";
import type { Tin } from "../tin";
import { filledByRecipe, type Filled } from "./recipe-filling";
import { laidParts } from "./recipe-on-batter";
import { frostedByRecipe, layersIn, type Frosted } from "./recipe-frosting";
import { rolledByRecipe } from "./recipe-roll";
import { splitByRecipe } from "./recipe-split";
import { wornByRecipe, type RecipeWear } from "./recipe-worn";

/** What a recipe does not do is left out. */
export type BuiltByRecipe = {
  readonly frosted?: Frosted;
  readonly filled?: Filled;
  readonly rolled?: RolledFrom;
  readonly split?: number;
  readonly worn?: RecipeWear[];
};

/** How a recipe builds its cake out of these tins, its own, by its parts and steps. */
export function builtByRecipe(formula: Formula, tins: readonly Tin[]): BuiltByRecipe {
  const rolled = rolledByRecipe(formula, tins);
  const split = rolled === null ? splitByRecipe(formula, tins) : null;
  const layers = layersIn(tins) * (split ?? 1);
  const frosted = frostedByRecipe(formula, layers);
  const filled = filledByRecipe(formula, {
    layers,
    isCovered: frosted !== null,
    isRolled: rolled !== null,
  });
  const laid = laidParts(formula).map(({ part }) => part.part.id);
  const worn = wornByRecipe(formula, [...laid, frosted?.part ?? "", filled?.part ?? ""]);
  return {
    ...(worn.length === 0 ? {} : { worn: [...worn] }),
    ...(frosted === null ? {} : { frosted }),
    ...(filled === null ? {} : { filled }),
    ...(rolled === null ? {} : { rolled }),
    ...(split === null ? {} : { split }),
  };
}
