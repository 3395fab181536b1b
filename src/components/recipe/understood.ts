import type { WorkedRecipe } from "@/core/plan";
import { readStep } from "@/core/recipe";
import { ingredientText, METRIC, MISSING_WORDS, STEP_NAMES, weightText, type Units } from "@/words";

/**
 * What was made of each line and step of a recipe, in a few words, by its id; of a line that is not
 * the batter's the part it is for, too.
 */
export function understoodOf({ formula }: WorkedRecipe, units: Units): ReadonlyMap<string, string> {
  const lines = formula.parts.flatMap(({ part, rows }) =>
    rows.map((row): [string, string] => {
      const { line, massG, ingredient, missing } = row;
      const name = ingredient === null ? null : ingredientText(row, units);
      const found =
        massG === null
          ? `${name === null ? "" : `${name}: `}${missing === null ? "" : MISSING_WORDS[missing]}`
          : `${weightText(massG, METRIC)} ${name ?? "of something"}`;
      return [line.id, part.role === "batter" ? found : `${found}, for ${part.name.toLowerCase()}`];
    }),
  );
  const steps = formula.parts.flatMap(({ part }) =>
    part.steps.flatMap((step): [string, string][] => {
      const { kind } = readStep(step);
      return kind === "other" ? [] : [[step.id, STEP_NAMES[kind]]];
    }),
  );
  return new Map([...lines, ...steps]);
}
