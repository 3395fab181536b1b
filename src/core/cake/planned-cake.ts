import type { Pantry } from "../pantry";
import type { Formula } from "../recipe";
import type { CakeDoc } from "./cake-doc";
import type { CakeInput } from "./input";
import { planCake, type CakePlan } from "./plan";
import { readQuestion } from "./question";
import type { ReadingHabit } from "./reading-habit";
import { workRecipe } from "./recipe-facts";

/** A kept cake with everything that follows from it. */
export type PlannedCake = { readonly input: CakeInput; readonly plan: CakePlan; /** Null without a recipe of its own. */ readonly formula: Formula | null };

/** A kept cake planned; null while something in it can't be used. */
export function plannedCake({ question, recipe }: CakeDoc, habit: ReadingHabit, pantry: Pantry): PlannedCake | null {
  const { input } = readQuestion(question, habit);
  const plan = input.ok ? planCake(input.value) : input;
  if (!input.ok || !plan.ok) return null;
  return { input: input.value, plan: plan.value, formula: recipe === null ? null : workRecipe(recipe.doc, pantry).formula };
}
