import type { Pantry } from "../pantry";
import type { Formula } from "../recipe";
import type { CakeDoc } from "./cake-doc";
import { type CakeInput, planCake, type CakePlan, workRecipe } from "../plan";
import { readQuestion, type Question, type ReadingHabit } from "../ask";

/** A kept cake with everything that follows from it. */
export type PlannedCake = {
  readonly input: CakeInput;
  readonly plan: CakePlan;
  /** Null without a recipe of its own. */ readonly formula: Formula | null;
};

/**
 * What a cake's own copy of its recipe holds, where its question was asked before anybody looked:
 * cakes kept long ago.
 */
function heldBy({ question, recipe }: CakeDoc, pantry: Pantry): Question["holds"] {
  return question.holds ?? (recipe === null ? null : workRecipe(recipe.doc, pantry).holds);
}

/** A kept cake planned; null while something in it can't be used. */
export function plannedCake(doc: CakeDoc, habit: ReadingHabit, pantry: Pantry): PlannedCake | null {
  const { question, recipe } = doc;
  const { input } = readQuestion({ ...question, holds: heldBy(doc, pantry) }, habit);
  const plan = input.ok ? planCake(input.value) : input;
  if (!input.ok || !plan.ok) return null;
  return {
    input: input.value,
    plan: plan.value,
    formula: recipe === null ? null : workRecipe(recipe.doc, pantry).formula,
  };
}
