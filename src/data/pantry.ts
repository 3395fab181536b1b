import { type KitchenPantry, foldName, IngredientSchema, type Ingredient } from "@/core/pantry";
import type { Connection } from "./connection";
import { parsedJson } from "./parsed-json";
import { ingredients, learntNames } from "./schema";

/**
 * The kitchen's part of the pantry. An entry that no longer reads is left out and named in the log.
 */
export async function findPantry({ db }: Connection): Promise<KitchenPantry> {
  const own = (await db.select().from(ingredients)).flatMap((row) => {
    const parsed = IngredientSchema.safeParse(parsedJson(row.spec));
    if (!parsed.success) console.error(`ingredient ${row.id} can't be read:`, parsed.error.issues);
    return parsed.success ? [parsed.data] : [];
  });
  const learnt = (await db.select().from(learntNames)).map(
    ({ name, ingredient }) => [name, ingredient] as const,
  );
  return { own, learnt };
}

/** Keeps an ingredient of the kitchen's own, over any of the same id. */
export async function keepIngredient(
  connection: Connection,
  ingredient: Ingredient,
): Promise<void> {
  const spec = JSON.stringify(ingredient);
  await connection.write((db) =>
    db
      .insert(ingredients)
      .values({ id: ingredient.id, spec })
      .onConflictDoUpdate({ target: ingredients.id, set: { spec } }),
  );
}

/** Remembers what a name means. */
export async function learnName(
  connection: Connection,
  name: string,
  ingredient: string,
): Promise<void> {
  const folded = foldName(name);
  await connection.write((db) =>
    db
      .insert(learntNames)
      .values({ name: folded, ingredient })
      .onConflictDoUpdate({ target: learntNames.name, set: { ingredient } }),
  );
}
