import { and, desc, eq, isNull } from "drizzle-orm";
import { STORED_RECIPE } from "@/core/kept";
import type { RecipeDoc } from "@/core/recipe";
import type { Connection } from "./connection";
import { recipes, recipeVersions } from "./schema";
import { docFrom } from "./recipes";

/** A state a recipe was in before; its document is asked for by itself. */
export type RecipeVersion = { readonly version: number; readonly savedAt: Date };

/**
 * Keeps a state of a recipe that was not chosen among its versions, so that choosing the other
 * loses nothing.
 * @returns whether the recipe is there
 */
export async function addVersion(
  connection: Connection,
  id: string,
  doc: RecipeDoc,
  now: Date,
): Promise<boolean> {
  return connection.write((db) =>
    db.transaction(async (tx) => {
      const [row] = await tx
        .select()
        .from(recipes)
        .where(and(eq(recipes.id, id), isNull(recipes.deletedAt)));
      if (row === undefined) return false;
      await tx.insert(recipeVersions).values({
        recipeId: id,
        version: row.version,
        recipe: STORED_RECIPE.write({ ...doc, original: "" }),
        savedAt: now.getTime(),
      });
      await tx
        .update(recipes)
        .set({ version: row.version + 1, versionAt: now.getTime() })
        .where(eq(recipes.id, id));
      return true;
    }),
  );
}

/** The states a recipe was in before, newest first. */
export async function listVersions(
  { db }: Connection,
  id: string,
): Promise<readonly RecipeVersion[]> {
  const columns = { version: recipeVersions.version, savedAt: recipeVersions.savedAt };
  const rows = await db
    .select(columns)
    .from(recipeVersions)
    .where(eq(recipeVersions.recipeId, id))
    .orderBy(desc(recipeVersions.version))
    .limit(MOST_VERSIONS);
  return rows.map(({ version, savedAt }) => ({ version, savedAt: new Date(savedAt) }));
}

/** More states than anybody looks through. */
const MOST_VERSIONS = 200;

/** One state a recipe was in before; null when there is none, or it can't be read. */
export async function findVersion(
  { db }: Connection,
  id: string,
  version: number,
): Promise<RecipeDoc | null> {
  const [row] = await db
    .select()
    .from(recipeVersions)
    .where(and(eq(recipeVersions.recipeId, id), eq(recipeVersions.version, version)));
  return row === undefined ? null : docFrom(row.recipe);
}
