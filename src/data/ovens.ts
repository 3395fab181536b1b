import { and, asc, eq, isNotNull, isNull } from "drizzle-orm";
import { parseOven, type KitchenOven } from "@/core/bake";
import type { Connection } from "./connection";
import { parsedJson } from "./parsed-json";
import { ovens } from "./schema";

/** An oven of the kitchen. */
export type OvenRow = { readonly id: string; readonly name: string; readonly spec: KitchenOven };

/** The ovens of the kitchen, the oldest first. A row that no longer reads as an oven is left out and named in the log. */
export async function listOvens({ db }: Connection): Promise<readonly OvenRow[]> {
  const rows = await db.select().from(ovens).where(isNull(ovens.deletedAt)).orderBy(asc(ovens.createdAt), asc(ovens.id));
  return rows.flatMap(ovenFrom);
}

function ovenFrom(row: typeof ovens.$inferSelect): readonly OvenRow[] {
  const spec = parseOven(parsedJson(row.spec));
  if (!spec.ok) console.error(`oven ${row.id} can't be read:`, spec.issue);
  return spec.ok ? [{ id: row.id, name: row.name, spec: spec.value }] : [];
}

/** One oven, with when it was last changed; null when there is none of that id. */
export async function findOven({ db }: Connection, id: string): Promise<(OvenRow & { readonly updatedAt: Date }) | null> {
  const [row] = await db.select().from(ovens).where(and(eq(ovens.id, id), isNull(ovens.deletedAt)));
  const [oven] = row === undefined ? [] : ovenFrom(row);
  return row === undefined || oven === undefined ? null : { ...oven, updatedAt: new Date(row.updatedAt) };
}

/** Keeps a new oven. */
export async function addOven(connection: Connection, { id, name, spec }: OvenRow, now: Date): Promise<void> {
  const at = now.getTime();
  await connection.write((db) => db.insert(ovens).values({ id, name, spec: JSON.stringify(spec), createdAt: at, updatedAt: at }));
}

/** Changes an oven. Cakes planned for it keep their own copy. @returns whether it was there */
export async function changeOven(connection: Connection, { id, name, spec }: OvenRow, now: Date): Promise<boolean> {
  const rows = await connection.write((db) =>
    db.update(ovens).set({ name, spec: JSON.stringify(spec), updatedAt: now.getTime() }).where(and(eq(ovens.id, id), isNull(ovens.deletedAt))).returning({ id: ovens.id }),
  );
  return rows.length > 0;
}

/** Takes an oven out so that {@link restoreOven} can put it back. @returns whether it was there */
export async function deleteOven(connection: Connection, id: string, now: Date): Promise<boolean> {
  const rows = await connection.write((db) =>
    db.update(ovens).set({ deletedAt: now.getTime() }).where(and(eq(ovens.id, id), isNull(ovens.deletedAt))).returning({ id: ovens.id }),
  );
  return rows.length > 0;
}

/** Puts an oven back that was taken out. @returns whether there was one */
export async function restoreOven(connection: Connection, id: string): Promise<boolean> {
  const rows = await connection.write((db) =>
    db.update(ovens).set({ deletedAt: null }).where(and(eq(ovens.id, id), isNotNull(ovens.deletedAt))).returning({ id: ovens.id }),
  );
  return rows.length > 0;
}
