import { and, eq, isNotNull, isNull } from "drizzle-orm";
import type { Connection } from "./connection";
import type { cakes, ovens, portions, recipes, records, tins } from "./schema";

/** What stays for a while after it was deleted, and can be brought back. */
type Shelved =
  typeof cakes | typeof ovens | typeof portions | typeof recipes | typeof records | typeof tins;

/** Deletes a row so that {@link bringBack} can undo it. @returns whether it was there */
export async function takeOut(
  connection: Connection,
  table: Shelved,
  id: string,
  now: Date,
): Promise<boolean> {
  const rows = await connection.write((db) =>
    db
      .update(table)
      .set({ deletedAt: now.getTime() })
      .where(and(eq(table.id, id), isNull(table.deletedAt)))
      .returning({ id: table.id }),
  );
  return rows.length > 0;
}

/** Brings a deleted row back as it was. @returns whether there was one */
export async function bringBack(
  connection: Connection,
  table: Shelved,
  id: string,
): Promise<boolean> {
  const rows = await connection.write((db) =>
    db
      .update(table)
      .set({ deletedAt: null })
      .where(and(eq(table.id, id), isNotNull(table.deletedAt)))
      .returning({ id: table.id }),
  );
  return rows.length > 0;
}
