import { and, asc, eq, isNull, sql } from "drizzle-orm";
import { STORED_TIN } from "@/core/kept";
import type { Tin } from "@/core/tin";
import type { Connection, Database } from "./connection";
import type { Saved } from "./saved";
import { tins } from "./schema";
import { bringBack, takeOut } from "./shelf";

/** A tin in the cupboard; `tin.count` is its wells, `owned` how many of it there are. */
export type CupboardTin = {
  readonly id: string;
  readonly name: string;
  readonly tin: Tin;
  readonly owned: number;
};

/** A tin opened: when it was last changed, and as which version. */
export type OpenedTin = CupboardTin & { readonly version: number; readonly updatedAt: Date };

/** What came of keeping a tin: another one may have its name. */
export type TinKept = Saved<OpenedTin> | { readonly kind: "name-taken" };

/**
 * The tins in the cupboard by name. A row that no longer reads as a tin is left out and named in
 * the log.
 */
export async function listTins({ db }: Connection): Promise<readonly CupboardTin[]> {
  const rows = await db
    .select()
    .from(tins)
    .where(isNull(tins.deletedAt))
    .orderBy(asc(tins.name), asc(tins.id));
  return rows.flatMap(tinFrom);
}

function tinFrom(row: typeof tins.$inferSelect): readonly CupboardTin[] {
  const tin = STORED_TIN.read(row.spec);
  if (!tin.ok) console.error(`tin ${row.id} can't be read:`, tin.issue);
  return tin.ok ? [{ id: row.id, name: row.name, tin: tin.value, owned: row.owned }] : [];
}

/** One tin in the cupboard, with when it was last changed; null when there is none of that id. */
export async function findTin({ db }: Connection, id: string): Promise<OpenedTin | null> {
  const [row] = await db
    .select()
    .from(tins)
    .where(and(eq(tins.id, id), isNull(tins.deletedAt)));
  return row === undefined ? null : openedFrom(row);
}

function openedFrom(row: typeof tins.$inferSelect): OpenedTin | null {
  const [tin] = tinFrom(row);
  return tin === undefined
    ? null
    : { ...tin, version: row.version, updatedAt: new Date(row.updatedAt) };
}

/** Whether another tin in the cupboard has this name; upper and lower case are the same name. */
async function isTaken(
  db: Pick<Database, "select">,
  name: string,
  exceptId: string,
): Promise<boolean> {
  const rows = await db
    .select({ id: tins.id, name: tins.name })
    .from(tins)
    .where(isNull(tins.deletedAt));
  return rows.some((row) => row.id !== exceptId && row.name.toLowerCase() === name.toLowerCase());
}

/** Puts a new tin into the cupboard, unless its name is taken. */
export async function addTin(
  connection: Connection,
  { id, name, tin, owned }: CupboardTin,
  now: Date,
): Promise<TinKept> {
  return connection.write(async (db) => {
    if (await isTaken(db, name, id)) return { kind: "name-taken" };
    await db
      .insert(tins)
      .values({ id, name, spec: STORED_TIN.write(tin), owned, updatedAt: now.getTime() });
    return { kind: "kept", version: 1 };
  });
}

/**
 * Changes a tin, unless its new name is taken or another page has kept another change of it since.
 * Cakes that use it keep their own copy.
 * @param base the version that was changed
 */
export async function changeTin(
  connection: Connection,
  { id, name, tin, owned }: CupboardTin,
  base: number,
  now: Date,
): Promise<TinKept> {
  return connection.write((db) =>
    db.transaction(async (tx): Promise<TinKept> => {
      const [row] = await tx
        .select()
        .from(tins)
        .where(and(eq(tins.id, id), isNull(tins.deletedAt)));
      if (row === undefined) return { kind: "gone" };
      const theirs = row.version === base ? null : openedFrom(row);
      if (theirs !== null) return { kind: "changed-elsewhere", theirs };
      if (await isTaken(tx, name, id)) return { kind: "name-taken" };
      const version = row.version + 1;
      await tx
        .update(tins)
        .set({ name, spec: STORED_TIN.write(tin), owned, version, updatedAt: now.getTime() })
        .where(eq(tins.id, id));
      return { kind: "kept", version };
    }),
  );
}

/**
 * Counts how many of a tin there are, whatever else was changed of it.
 * @returns whether it was there
 */
export async function countTin(
  connection: Connection,
  id: string,
  owned: number,
  now: Date,
): Promise<boolean> {
  const rows = await connection.write((db) =>
    db
      .update(tins)
      .set({ owned, version: sql`${tins.version} + 1`, updatedAt: now.getTime() })
      .where(and(eq(tins.id, id), isNull(tins.deletedAt)))
      .returning({ id: tins.id }),
  );
  return rows.length > 0;
}

/** Takes a tin out so that {@link restoreTin} can put it back. @returns whether it was there */
export function deleteTin(connection: Connection, id: string, now: Date): Promise<boolean> {
  return takeOut(connection, tins, id, now);
}

/** Puts a tin back that was taken out. @returns whether there was one */
export function restoreTin(connection: Connection, id: string): Promise<boolean> {
  return bringBack(connection, tins, id);
}
