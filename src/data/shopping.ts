import { inArray, lte, sql } from "drizzle-orm";
import { GotSchema, type Got } from "@/core/shopping";
import type { Connection } from "./connection";
import { shoppingGot } from "./schema";

/** What is ticked off of some cakes' shopping. A tick that no longer reads is none. */
export async function listGot(
  { db }: Connection,
  cakes: readonly string[],
): Promise<readonly Got[]> {
  if (cakes.length === 0) return [];
  const rows = await db
    .select()
    .from(shoppingGot)
    .where(inArray(shoppingGot.cakeId, [...cakes]));
  return rows.flatMap(({ cakeId, item, ...rest }) => {
    const got = GotSchema.safeParse({ ...rest, cake: cakeId, key: item });
    return got.success ? [got.data] : [];
  });
}

/**
 * Keeps ticks; of two of the same share the later one stands, in whatever order they arrive. One
 * that comes from a clock ahead of this one's counts as told now.
 */
export async function keepGot(
  connection: Connection,
  all: readonly Got[],
  now: Date,
): Promise<void> {
  await connection.write((db) => db.transaction((tx) => putGot(tx, all, now)));
}

/** The same within a transaction. */
export async function putGot(
  tx: Pick<Connection["db"], "insert">,
  all: readonly Got[],
  now: Date,
): Promise<void> {
  for (const { cake, key, how, netG, pieces, at } of all) {
    const row = { cakeId: cake, item: key, how, netG, pieces, at: Math.min(at, now.getTime()) };
    await tx
      .insert(shoppingGot)
      .values(row)
      .onConflictDoUpdate({
        target: [shoppingGot.cakeId, shoppingGot.item],
        set: row,
        setWhere: lte(shoppingGot.at, sql`excluded.at`),
      });
  }
}
