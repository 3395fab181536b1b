import { eq } from "drizzle-orm";
import type { Connection } from "./connection";
import { recipeFacts, recipeSearchText, workRecipe } from "@/core/cake";
import { pantryOf } from "@/core/pantry";
import { readRecipe } from "@/core/recipe";
import { DEMO_CAKES, DEMO_TINS } from "./demo-kitchen";
import { DEMO_RECIPE_TEXTS } from "./demo-recipes";
import { recipeRow } from "./recipes";
import { cakes, kitchen, recipes, tins } from "./schema";

const SEEDED = "demo-laid-in";

/**
 * Lays the demo kitchen in, once: a database that has had it, or that already holds anything of the baker's, is left
 * alone. All of it arrives together or none of it.
 * @returns whether anything was laid in
 */
export async function seedDemoKitchen(connection: Connection, now: Date): Promise<boolean> {
  return connection.write((db) =>
    db.transaction(async (tx) => {
      const [marked, anyTin, anyRecipe, anyCake] = [
        await tx.select().from(kitchen).where(eq(kitchen.key, SEEDED)),
        await tx.select().from(tins).limit(1),
        await tx.select().from(recipes).limit(1),
        await tx.select().from(cakes).limit(1),
      ];
      if ([marked, anyTin, anyRecipe, anyCake].some((rows) => rows.length > 0)) return false;
      await tx.insert(tins).values(DEMO_TINS.map(({ spec, ...tin }) => ({ ...tin, spec: JSON.stringify(spec) })));
      await tx.insert(recipes).values([...demoRecipes(now)]);
      const at = now.getTime();
      await tx.insert(cakes).values(
        DEMO_CAKES.map(({ id, name, question }, index) => ({
          id, name, question: JSON.stringify(question), createdAt: at - index, updatedAt: at - index,
        })),
      );
      await tx.insert(kitchen).values({ key: SEEDED, value: now.toISOString() });
      return true;
    }),
  );
}

/** The demo recipes, read from their texts like any other. */
function demoRecipes(now: Date): readonly ReturnType<typeof recipeRow>[] {
  const pantry = pantryOf();
  return DEMO_RECIPE_TEXTS.map(([id, text]) => {
    const read = readRecipe(text, pantry);
    if (!read.ok) throw new RangeError(`the demo recipe ${id} can't be read`);
    const { doc } = read.value;
    const worked = workRecipe(doc, pantry);
    // Long ago, so that the first change keeps the recipe as it came.
    return { ...recipeRow(id, doc, { facts: recipeFacts(doc, worked), search: recipeSearchText(doc, worked) }, now), versionAt: 0 };
  });
}
