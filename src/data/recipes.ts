import { asc } from "drizzle-orm";
import { parseRecipe, type Recipe } from "@/core/cake";
import type { Connection } from "./connection";
import { recipes } from "./schema";

export type KitchenRecipe = { readonly id: string; readonly name: string; readonly recipe: Recipe };

/** The kitchen's recipes by name. A row that no longer reads as a recipe is left out and named in the log. */
export async function listRecipes({ db }: Connection): Promise<readonly KitchenRecipe[]> {
  const rows = await db.select().from(recipes).orderBy(asc(recipes.name), asc(recipes.id));
  return rows.flatMap((row) => {
    const recipe = parseRecipe(JSON.parse(row.recipe) as unknown);
    if (!recipe.ok) console.error(`recipe ${row.id} can't be read:`, recipe.issue);
    return recipe.ok ? [{ id: row.id, name: row.name, recipe: recipe.value }] : [];
  });
}
