import { eq } from "drizzle-orm";
import type { Connection } from "./connection";
import { DEMO_CAKES, DEMO_RECIPES, DEMO_TINS } from "./demo-kitchen";
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
      await tx.insert(recipes).values(DEMO_RECIPES.map(({ id, recipe }) => ({ id, name: recipe.name ?? id, recipe: JSON.stringify(recipe) })));
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
