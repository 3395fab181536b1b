"use server";

import { randomUUID } from "node:crypto";
import * as z from "zod/mini";
import type { Kept, Outcome } from "@/components/frame/outcome";
import { IngredientSchema, type Ingredient } from "@/core/pantry";
import { parseRecipeDoc, type RecipeDoc } from "@/core/recipe";
import { addRecipe, deleteRecipe, keepIngredient, kitchenDatabase, learnName, markBaked, reindexRecipes, restoreRecipe, saveRecipe } from "@/data";
import { issueText, METRIC } from "@/words";
import { keeping } from "../keeping";
import { kitchenPantry, recipeIndex } from "./kitchen-recipes";
import { idOf } from "../id-of";

const GONE = "This recipe is not in the kitchen any more.";

/** Keeps a new recipe. */
export async function keepRecipe(input: RecipeDoc): Promise<Kept> {
  const doc = parseRecipeDoc(input);
  if (!doc.ok) return { ok: false, message: issueText(doc.issue, METRIC) };
  const id = randomUUID();
  const outcome = await keeping(async () => {
    await addRecipe(kitchenDatabase(), id, doc.value, recipeIndex(doc.value, await kitchenPantry()), new Date());
    return true;
  }, GONE);
  return outcome.ok ? { ok: true, id } : outcome;
}

/** Keeps a changed recipe. */
export async function changeRecipe(id: string, input: RecipeDoc, isNewVersion: boolean): Promise<Outcome> {
  const doc = parseRecipeDoc(input);
  if (!doc.ok) return { ok: false, message: issueText(doc.issue, METRIC) };
  return keeping(async () => {
    const index = recipeIndex(doc.value, await kitchenPantry());
    return (await saveRecipe(kitchenDatabase(), idOf(id), doc.value, index, new Date(), isNewVersion)) !== null;
  }, GONE);
}

/** Deletes a recipe; {@link bringBackRecipe} undoes it. */
export async function removeRecipe(id: string): Promise<Outcome> {
  return keeping(() => deleteRecipe(kitchenDatabase(), idOf(id), new Date()), GONE);
}

/** Brings a deleted recipe back. */
export async function bringBackRecipe(id: string): Promise<Outcome> {
  return keeping(() => restoreRecipe(kitchenDatabase(), idOf(id)), GONE);
}

/** Notes that a recipe was baked today. */
export async function bakedToday(id: string): Promise<Outcome> {
  return keeping(() => markBaked(kitchenDatabase(), idOf(id), new Date()), GONE);
}

async function pantryChanged(change: () => Promise<void>): Promise<Outcome> {
  return keeping(async () => {
    await change();
    const pantry = await kitchenPantry();
    await reindexRecipes(kitchenDatabase(), (doc) => recipeIndex(doc, pantry));
    return true;
  }, GONE);
}

/** Remembers what a name on a line means, for all recipes. */
export async function teachName(name: string, ingredient: string): Promise<Outcome> {
  const checked = z.string().check(z.trim(), z.minLength(1), z.maxLength(200)).safeParse(name);
  if (!checked.success) return { ok: false, message: "The line names nothing to remember." };
  return pantryChanged(() => learnName(kitchenDatabase(), checked.data, idOf(ingredient)));
}

/** Keeps an ingredient of the kitchen's own. */
export async function addIngredient(input: Ingredient): Promise<Outcome> {
  const ingredient = IngredientSchema.safeParse(input);
  if (!ingredient.success) return { ok: false, message: "This ingredient can't be kept: it needs a name, and 5 to 500 g a cup." };
  return pantryChanged(() => keepIngredient(kitchenDatabase(), ingredient.data));
}
