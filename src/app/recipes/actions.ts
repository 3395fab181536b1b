"use server";

import { randomUUID } from "node:crypto";
import * as z from "@/core/zod";
import type { KeptOutcome, Outcome, SaveOutcome, Theirs } from "@/components/frame/outcome";
import { IngredientSchema, type Ingredient } from "@/core/pantry";
import { parseRecipeDoc, type RecipeDoc } from "@/core/recipe";
import {
  addRecipe,
  addVersion,
  deleteRecipe,
  findRecipe,
  findVersion,
  keepIngredient,
  kitchenDatabase,
  learnName,
  markBaked,
  reindexRecipes,
  restoreRecipe,
  saveRecipe,
  stored,
  type KeptRecipe,
} from "@/data";
import { issueText } from "@/words";
import { baseOf, keeping, keepingChange } from "@/server/kept-action";
import { kitchenPantry, recipeIndex } from "./kitchen-recipes";
import { idOf } from "@/server/id-of";
import { visitorUnits } from "@/app/visitor-units";

const GONE = "This recipe is not in the kitchen any more.";

/** Keeps a new recipe. */
export async function keepRecipe(input: RecipeDoc): Promise<KeptOutcome> {
  const doc = parseRecipeDoc(input);
  if (!doc.ok) return { ok: false, message: issueText(doc.issue, await visitorUnits()) };
  const id = randomUUID();
  const outcome = await keeping(async () => {
    await addRecipe(
      kitchenDatabase(),
      id,
      doc.value,
      recipeIndex(doc.value, await kitchenPantry()),
      new Date(),
    );
    return true;
  }, GONE);
  return outcome.ok ? { ok: true, id } : outcome;
}

function theirsOf({ doc, revision, updatedAt }: KeptRecipe): Theirs<RecipeDoc> | null {
  return doc === null ? null : { value: doc, version: revision, at: updatedAt.getTime() };
}

/** Keeps a changed recipe; when another page changed it since `base`, gives what that one kept. */
export async function changeRecipe(
  id: string,
  input: RecipeDoc,
  base: number,
  isNewVersion: boolean,
): Promise<SaveOutcome<RecipeDoc>> {
  const doc = parseRecipeDoc(input);
  if (!doc.ok) return { ok: false, message: issueText(doc.issue, await visitorUnits()) };
  return keepingChange(
    async () => {
      const index = recipeIndex(doc.value, await kitchenPantry());
      return saveRecipe(
        kitchenDatabase(),
        idOf(id),
        doc.value,
        index,
        baseOf(base),
        new Date(),
        isNewVersion,
      );
    },
    theirsOf,
    GONE,
  );
}

/**
 * What is kept of a recipe now, when it is another revision than the page's; null when it is not.
 */
export async function lookAtRecipe(
  id: string,
  revision: number,
): Promise<Theirs<RecipeDoc> | null> {
  const recipe = await stored(() => findRecipe(kitchenDatabase(), idOf(id)));
  return recipe.ok && recipe.value !== null && recipe.value.revision !== revision
    ? theirsOf(recipe.value)
    : null;
}

/** Keeps a state of a recipe that was not chosen among its versions. */
export async function keepAsVersion(id: string, input: RecipeDoc): Promise<Outcome> {
  const doc = parseRecipeDoc(input);
  if (!doc.ok) return { ok: false, message: issueText(doc.issue, await visitorUnits()) };
  return keeping(() => addVersion(kitchenDatabase(), idOf(id), doc.value, new Date()), GONE);
}

/** A state a recipe was in before; null when it can't be read. */
export async function versionOfRecipe(id: string, version: number): Promise<RecipeDoc | null> {
  const doc = await stored(() => findVersion(kitchenDatabase(), idOf(id), baseOf(version)));
  return doc.ok ? doc.value : null;
}

/** Deletes a recipe; {@link bringBackRecipe} undoes it. */
export async function removeRecipe(id: string): Promise<Outcome> {
  return keeping(() => deleteRecipe(kitchenDatabase(), idOf(id), new Date()), GONE, "/recipes");
}

/** Brings a deleted recipe back. */
export async function bringBackRecipe(id: string): Promise<Outcome> {
  return keeping(() => restoreRecipe(kitchenDatabase(), idOf(id)), GONE, "/recipes");
}

/** Notes that a recipe was baked today. */
export async function bakedToday(id: string): Promise<Outcome> {
  return keeping(() => markBaked(kitchenDatabase(), idOf(id), new Date()), GONE);
}

/** Works out anew what holds one of the names whose meaning has changed. */
async function pantryChanged(
  names: readonly string[],
  change: () => Promise<void>,
): Promise<Outcome> {
  return keeping(async () => {
    await change();
    const pantry = await kitchenPantry();
    await reindexRecipes(kitchenDatabase(), names, (doc) => recipeIndex(doc, pantry));
    return true;
  }, GONE);
}

/** Remembers what a name on a line means, for all recipes. */
export async function teachName(name: string, ingredient: string): Promise<Outcome> {
  const checked = z.string().check(z.trim(), z.minLength(1), z.maxLength(200)).safeParse(name);
  if (!checked.success) return { ok: false, message: "The line names nothing to remember." };
  return pantryChanged([checked.data], () =>
    learnName(kitchenDatabase(), checked.data, idOf(ingredient)),
  );
}

/** Keeps an ingredient of the kitchen's own. */
export async function addIngredient(input: Ingredient): Promise<Outcome> {
  const ingredient = IngredientSchema.safeParse(input);
  if (!ingredient.success)
    return {
      ok: false,
      message: "This ingredient can't be kept: it needs a name, and 5 to 500 g a cup.",
    };
  return pantryChanged([ingredient.data.name, ...ingredient.data.also], () =>
    keepIngredient(kitchenDatabase(), ingredient.data),
  );
}
