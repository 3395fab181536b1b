import type { WorkedRecipe } from "@/core/plan";
import { readStep } from "@/core/recipe";
import { METRIC, MISSING_WORDS, STEP_NAMES, weightText } from "@/words";

/** What was made of each line and step of a recipe, in a few words, by its id. */
export function understoodOf({ formula }: WorkedRecipe): ReadonlyMap<string, string> {
  const lines = formula.parts.flatMap(({ rows }) =>
    rows.map(({ line, massG, ingredient, missing }): [string, string] => [
      line.id,
      massG === null
        ? `${ingredient === null ? "" : `${ingredient.name}: `}${missing === null ? "" : MISSING_WORDS[missing]}`
        : `${weightText(massG, METRIC)} ${ingredient?.name ?? "of something"}`,
    ]),
  );
  const steps = formula.parts.flatMap(({ part }) =>
    part.steps.map((step): [string, string] => [step.id, STEP_NAMES[readStep(step).kind]]),
  );
  return new Map([...lines, ...steps]);
}
