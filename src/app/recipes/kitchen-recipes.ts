import { recipeFacts, recipeSearchText, workRecipe } from "@/core/plan";
import { pantryOf, type Pantry } from "@/core/pantry";
import type { RecipeDoc } from "@/core/recipe";
import { findPantry, kitchenDatabase, type RecipeIndex } from "@/data";

/** The kitchen's whole pantry. */
export async function kitchenPantry(): Promise<Pantry> {
  const { own, learnt } = await findPantry(kitchenDatabase());
  return pantryOf(own, learnt);
}

/** What is kept beside a recipe for lists and searches. */
export function recipeIndex(doc: RecipeDoc, pantry: Pantry): RecipeIndex {
  const worked = workRecipe(doc, pantry);
  return { facts: recipeFacts(doc, worked), search: recipeSearchText(doc, worked) };
}
