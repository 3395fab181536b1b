import { METRIC_MEASURES } from "../measure";
import { batterOfLines, recogniseKind } from "../mix";
import { pantryOf, type Pantry } from "../pantry";
import { batterPart, emptyRecipe, formulaOf, measuresOf, type Formula, type Part, type PartFormula } from "../recipe";
import { USUAL_WAYS, type PartsMade } from "./day-detail";
import type { CakeInput } from "./input";
import { bakedIn } from "./recipe-facts";

/** A request with its recipe worked through, as a kept cake's is. */
export type CakeRequest = { readonly input: CakeInput; /** Null without lines, steps or parts. */ readonly formula: Formula | null; readonly made: PartsMade };

/**
 * A request's lines weighed into its batter: weight, volume and kind follow from them where they are not given, and the lines
 * that stay in the input are those without a weight, for the plan to remark on. Its parts are read as a recipe's.
 */
export function workRequest(input: CakeInput, pantry: Pantry = pantryOf()): CakeRequest {
  const { lines = [], steps = [], parts: besides = [] } = input.recipe;
  if (lines.length + steps.length + besides.length === 0) return { input, formula: null, made: USUAL_WAYS };
  const parts = [{ role: "batter" as const, name: "Batter", lines, steps }, ...besides].map((part, at): Part => ({
    ...part, id: `p${at + 1}`,
    lines: part.lines.map((text, index) => ({ id: `l${index + 1}`, text })),
    steps: part.steps.map((text, index) => ({ id: `s${index + 1}`, text })),
  }));
  const doc = { ...emptyRecipe("recipe"), parts };
  const formula = formulaOf(doc, pantry, measuresOf(doc, METRIC_MEASURES));
  const first = (role: Part["role"]): string => parts.find((part) => part.role === role)?.id ?? "";
  return { input: lines.length === 0 ? input : weighed(input, batterPart(formula)), formula, made: { part: first("frosting"), fillingPart: first("filling") } };
}

function weighed(input: CakeInput, part: PartFormula): CakeInput {
  const { batter = {}, reference } = input.recipe;
  const kind = batter.kind ?? recogniseKind(part, bakedIn(reference.tins)).kind;
  const found = batterOfLines(part, kind, null);
  const unweighed = part.rows.filter(({ massG }) => massG === null).map(({ line }) => line.text);
  // A given weight or volume alone is completed by the kind, not by lines that came to something else.
  const isGiven = batter.massG !== undefined || batter.volumeMl !== undefined;
  const mass = found === null || isGiven ? {} : { massG: Math.round(found.batter.massG), volumeMl: Math.round(found.batter.volumeMl) };
  return { ...input, recipe: { ...input.recipe, batter: { kind, ...mass, ...batter }, lines: unweighed } };
}
