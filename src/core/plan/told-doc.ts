import { METRIC_MEASURES, US_MEASURES } from "../measure";
import type { Pantry } from "../pantry";
import { PART_ROLES, type Part, type RecipeDoc } from "../recipe";
import type { ToldRecipe } from "../reading";
import { usualTin } from "../tin";
import { workRecipe, type WorkedRecipe } from "./recipe-facts";

/** What follows from a told recipe; cups are those of who speaks like this. */
export function workTold(reading: ToldRecipe, text: string, pantry: Pantry): WorkedRecipe {
  return workRecipe(
    docOf(reading, text),
    pantry,
    isMetricCups(text) ? METRIC_MEASURES : US_MEASURES,
  );
}

/** A tin of the family that is told, of usual size: a muffin batter is known by its cups. */
function vesselOf({ tins }: ToldRecipe): RecipeDoc["bake"]["tins"] {
  const shape = tins[0]?.[0]?.shape;
  return shape === "loaf" || shape === "cups" ? [usualTin(shape)] : [];
}

/** Cups of 250 mL where the text speaks as those do who use them. */
function isMetricCups(text: string): boolean {
  return (
    /\b(?:caster|desiccated|self[- ]raising|icing sugar|fan[- ]forced|bicarb)\b/iu.test(text) &&
    !/\b(?:maida|curd|OTG|kadai)\b/iu.test(text)
  );
}

/** The recipe as far as its kind and its weights go: what is done after the oven is left out. */
function docOf(reading: ToldRecipe, original: string): RecipeDoc {
  const partOf = (role: (typeof PART_ROLES)[number]): Part => ({
    id: role,
    role,
    name: role,
    lines: reading.lines.flatMap((line, index) =>
      line.part === role
        ? [
            {
              id: `l${index}`,
              text: line.text,
              ...(line.ingredient === null ? {} : { ingredient: line.ingredient }),
            },
          ]
        : [],
    ),
    steps: reading.steps.flatMap((step, index) =>
      step.part === role && (role !== "batter" || step.stage === "before")
        ? [{ id: `s${index}`, text: step.text, stage: step.stage }]
        : [],
    ),
  });
  return {
    name: reading.name ?? "Recipe without a name",
    parts: PART_ROLES.map(partOf).filter(
      ({ lines, steps, role }) => role === "batter" || lines.length + steps.length > 0,
    ),
    bake: { tins: vesselOf(reading) },
    makes: "",
    notes: "",
    source: "",
    original,
  };
}
