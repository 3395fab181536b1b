import { and, asc, eq, isNull } from "drizzle-orm";
import type { KitchenOven } from "@/core/bake";
import { STORED_OVEN } from "@/core/kept";
import type { Connection } from "./connection";
import type { Saved } from "./saved";
import { ovens } from "./schema";
import { bringBack, takeOut } from "./shelf";

/** An oven of the kitchen. */
export type OvenRow = { readonly id: string; readonly name: string; readonly spec: KitchenOven };

/** An oven opened: when it was last changed, and as which version. */
export type OpenedOven = OvenRow & { readonly version: number; readonly updatedAt: Date };

/**
 * The ovens of the kitchen, the oldest first. A row that no longer reads as an oven is left out and
 * named in the log.
 */
export async function listOvens({ db }: Connection): Promise<readonly OvenRow[]> {
  const rows = await db
    .select()
    .from(ovens)
    .where(isNull(ovens.deletedAt))
    .orderBy(asc(ovens.createdAt), asc(ovens.id));
  return rows.flatMap(ovenFrom);
}

function ovenFrom(row: typeof ovens.$inferSelect): readonly OvenRow[] {
  const spec = STORED_OVEN.read(row.spec);
  if (!spec.ok) console.error(`oven ${row.id} can't be read:`, spec.issue);
  return spec.ok ? [{ id: row.id, name: row.name, spec: spec.value }] : [];
}

/** One oven, with when it was last changed; null when there is none of that id. */
export async function findOven({ db }: Connection, id: string): Promise<OpenedOven | null> {
  const [row] = await db
    .select()
    .from(ovens)
    .where(and(eq(ovens.id, id), isNull(ovens.deletedAt)));
  return row === undefined ? null : openedFrom(row);
}

function openedFrom(row: typeof ovens.$inferSelect): OpenedOven | null {
  const [oven] = ovenFrom(row);
  return oven === undefined
    ? null
    : { ...oven, version: row.version, updatedAt: new Date(row.updatedAt) };
}

/** Keeps a new oven. */
export async function addOven(
  connection: Connection,
  { id, name, spec }: OvenRow,
  now: Date,
): Promise<void> {
  const at = now.getTime();
  await connection.write((db) =>
    db
      .insert(ovens)
      .values({ id, name, spec: STORED_OVEN.write(spec), createdAt: at, updatedAt: at }),
  );
}

/**
 * Changes an oven, unless another page has kept another change of it since. Cakes planned for it
 * keep their own copy.
 * @param base the version that was changed
 */
export async function changeOven(
  connection: Connection,
  { id, name, spec }: OvenRow,
  base: number,
  now: Date,
): Promise<Saved<OpenedOven>> {
  return connection.write((db) =>
    db.transaction(async (tx): Promise<Saved<OpenedOven>> => {
      const [row] = await tx
        .select()
        .from(ovens)
        .where(and(eq(ovens.id, id), isNull(ovens.deletedAt)));
      if (row === undefined) return { kind: "gone" };
      const theirs = row.version === base ? null : openedFrom(row);
      if (theirs !== null) return { kind: "changed-elsewhere", theirs };
      const version = row.version + 1;
      await tx
        .update(ovens)
        .set({ name, spec: STORED_OVEN.write(spec), version, updatedAt: now.getTime() })
        .where(eq(ovens.id, id));
      return { kind: "kept", version };
    }),
  );
}

/** Takes an oven out so that {@link restoreOven} can put it back. @returns whether it was there */
export function deleteOven(connection: Connection, id: string, now: Date): Promise<boolean> {
  return takeOut(connection, ovens, id, now);
}

/** Puts an oven back that was taken out. @returns whether there was one */
export function restoreOven(connection: Connection, id: string): Promise<boolean> {
  return bringBack(connection, ovens, id);
}
