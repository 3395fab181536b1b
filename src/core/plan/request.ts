import {
  eggWeight,
  METRIC_MEASURES,
  REGION_MEASURES,
  spoonsMl,
  type KitchenMeasures,
} from "../measure";
import { batterOfLines } from "../mix";
import { pantryOf, type Pantry } from "../pantry";
import {
  batterPart,
  coolingOfParts,
  duringTold,
  emptyRecipe,
  formulaOf,
  holdsOf,
  measuresOf,
  piecesTold,
  type Formula,
  type Holds,
  type Part,
  type RecipeDoc,
} from "../recipe";
import { USUAL_WAYS, type PartsMade } from "./parts-of-day";
import type { CakeInput } from "./input";
import { builtByRecipe } from "./recipe-building";
import { laidByRecipe } from "./recipe-on-batter";
import { bakedIn, batterGiven, kindOf } from "./recipe-facts";

/** A request with its recipe worked through, as a kept cake's is. */
export type CakeRequest = {
  readonly input: CakeInput;
  /** Null without lines, steps or parts. */ readonly formula: Formula | null;
  readonly made: PartsMade;
};

/**
 * A request's lines weighed into its batter: weight, volume and kind follow from them where they
 * are not given, and the lines that stay in the input are those without a weight, for the plan to
 * remark on. Its parts are read as a recipe's.
 */
export function workRequest(input: CakeInput, pantry: Pantry = pantryOf()): CakeRequest {
  const { lines = [], steps = [], parts: besides = [] } = input.recipe;
  if (lines.length + steps.length + besides.length === 0)
    return { input, formula: null, made: USUAL_WAYS };
  const parts = [{ role: "batter" as const, name: "Batter", lines, steps }, ...besides].map(
    (part, at): Part => ({
      ...part,
      id: `p${at + 1}`,
      lines: part.lines.map((text, index) => ({ id: `l${index + 1}`, text })),
      steps: part.steps.map((step, index) => ({
        id: `s${index + 1}`,
        ...(typeof step === "string" ? { text: step } : step),
      })),
    }),
  );
  const { name = "recipe", reference, measures } = input.recipe;
  const doc: RecipeDoc = {
    ...emptyRecipe("recipe"),
    name: name.trim() === "" ? "recipe" : name,
    parts,
    ...(reference.source === undefined ? {} : { bake: { tins: [], source: reference.source } }),
  };
  const kitchen = measuresAsked(measures, measuresOf(doc, METRIC_MEASURES));
  const formula = formulaOf(doc, pantry, kitchen);
  const holds = input.recipe.holds ?? holdsOf(doc, formula, pantry);
  const first = (role: Part["role"]): string => parts.find((part) => part.role === role)?.id ?? "";
  const laid = laidByRecipe(formula);
  const built = builtByRecipe(formula, reference.tins);
  const portions = piecesTold({ parts });
  const during = duringTold(parts, reference.minutes ?? null);
  // Where somebody says what lies on it, that is all.
  const isSaid = input.onBatter !== undefined || reference.onTop !== undefined;
  const recipe = {
    ...(laid.length === 0 || isSaid ? {} : { onBatter: laid }),
    ...built,
    ...(portions === null ? {} : { portions }),
    ...(during.length === 0 ? {} : { during: [...during] }),
    ...input.recipe,
    holds,
    eggG: input.recipe.eggG ?? eggWeight(kitchen),
  };
  const cool = input.cool ?? coolingOfParts(parts);
  const known = { ...input, recipe, ...(cool === null ? {} : { cool }) };
  return {
    input: lines.length === 0 ? known : weighed(known, formula, holds),
    formula,
    made: {
      part: built.frosted?.part ?? first("frosting"),
      fillingPart: built.filled?.part ?? first("filling"),
      standsFor: {
        ...(built.frosted === undefined ? {} : { frosting: built.frosted.part }),
        ...(built.filled === undefined ? {} : { filling: built.filled.part }),
      },
    },
  };
}

/**
 * What cups, spoons and eggs are, as the request says it; what it leaves out as the recipe's words
 * tell.
 */
function measuresAsked(
  asked: CakeInput["recipe"]["measures"],
  read: KitchenMeasures,
): KitchenMeasures {
  if (asked === undefined) return read;
  const { region, cupMl, tablespoonMl, teaspoonMl, eggG } = asked;
  const base = region === undefined ? read : REGION_MEASURES[region];
  const { tbsp, tsp } = spoonsMl(base);
  return {
    ...base,
    ...(cupMl === undefined ? {} : { cup: { ownMl: cupMl } }),
    ...(tablespoonMl === undefined && teaspoonMl === undefined
      ? {}
      : { ownSpoons: { tbsp: tablespoonMl ?? tbsp, tsp: teaspoonMl ?? tsp } }),
    ...(eggG === undefined ? {} : { ownEggG: eggG }),
  };
}

function weighed(input: CakeInput, formula: Formula, holds: Holds): CakeInput {
  const { batter = {}, name = "", reference } = input.recipe;
  const part = batterPart(formula);
  const kind = batter.kind ?? kindOf(formula, name, bakedIn(reference.tins)).kind;
  const found = batterOfLines(part, kind, null);
  const unweighed = part.rows.filter(({ massG }) => massG === null).map(({ line }) => line.text);
  // A given weight or volume alone is completed by the kind, not by lines that came to something
  // else.
  const isGiven = batter.massG !== undefined || batter.volumeMl !== undefined;
  const mass = isGiven ? {} : batterGiven(found, holds);
  return {
    ...input,
    recipe: { ...input.recipe, batter: { kind, ...mass, ...batter }, lines: unweighed },
  };
}
