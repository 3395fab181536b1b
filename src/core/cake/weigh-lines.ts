import { METRIC_MEASURES } from "../measure";
import { batterOfLines, recogniseKind } from "../mix";
import { pantryOf, type Pantry } from "../pantry";
import { batterPart, emptyRecipe, formulaOf, measuresOf } from "../recipe";
import { bakedIn } from "./recipe-facts";
import type { CakeInput } from "./input";

/**
 * An input whose ingredient lines have been weighed into its batter: weight, volume and kind follow from them where they
 * are not given. The lines that stay are those without a weight, for the plan to remark on.
 */
export function weighLines(input: CakeInput, pantry: Pantry = pantryOf()): CakeInput {
  const { lines = [], batter = {}, reference } = input.recipe;
  if (lines.length === 0) return input;
  const parts = [{ id: "p1", role: "batter" as const, name: "Batter", steps: [], lines: lines.map((text, index) => ({ id: `l${index + 1}`, text })) }];
  const doc = { ...emptyRecipe("recipe"), parts };
  const part = batterPart(formulaOf(doc, pantry, measuresOf(doc, METRIC_MEASURES)));
  const kind = batter.kind ?? recogniseKind(part, bakedIn(reference.tins)).kind;
  const found = batterOfLines(part, kind, null);
  const unweighed = part.rows.filter(({ massG }) => massG === null).map(({ line }) => line.text);
  // A given weight or volume alone is completed by the kind, not by lines that came to something else.
  const isGiven = batter.massG !== undefined || batter.volumeMl !== undefined;
  const weighed = found === null || isGiven ? {} : { massG: Math.round(found.batter.massG), volumeMl: Math.round(found.batter.volumeMl) };
  return { ...input, recipe: { ...input.recipe, batter: { kind, ...weighed, ...batter }, lines: unweighed } };
}
