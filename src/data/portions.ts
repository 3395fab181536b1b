import { and, asc, eq, gt, isNull } from "drizzle-orm";
import { bestBefore, type KeptPortions, type Portions } from "@/core/freezer";
import { STORED_PORTIONS } from "@/core/kept";
import type { Connection } from "./connection";
import type { Saved } from "./saved";
import { portions } from "./schema";
import { bringBack, takeOut } from "./shelf";

/** Portions opened: when they were last changed, and as which version. */
export type OpenedPortions = KeptPortions & {
  readonly version: number;
  readonly updatedAt: Date;
};

/** As many as a page shows: the first to be eaten. */
const MOST_LISTED = 500;

/** All of which something is left, what has to be eaten first before the rest. */
export async function listPortions({ db }: Connection): Promise<readonly KeptPortions[]> {
  const rows = await db
    .select()
    .from(portions)
    .where(and(isNull(portions.deletedAt), gt(portions.left, 0)))
    .orderBy(asc(portions.bestBefore), asc(portions.id))
    .limit(MOST_LISTED);
  return rows.flatMap(rowFrom);
}

function rowFrom(row: typeof portions.$inferSelect): readonly KeptPortions[] {
  const read = STORED_PORTIONS.read(row.doc);
  if (!read.ok) console.error(`portions ${row.id} can't be read:`, read.issue);
  return read.ok ? [{ id: row.id, portions: read.value }] : [];
}

function openedFrom(row: typeof portions.$inferSelect): OpenedPortions | null {
  const [own] = rowFrom(row);
  return own === undefined
    ? null
    : { ...own, version: row.version, updatedAt: new Date(row.updatedAt) };
}

const isIt = (id: string) => and(eq(portions.id, id), isNull(portions.deletedAt));

/** Portions by their id, eaten up or not; null when there are none. */
export async function findPortions({ db }: Connection, id: string): Promise<OpenedPortions | null> {
  const [row] = await db.select().from(portions).where(isIt(id));
  return row === undefined ? null : openedFrom(row);
}

/** The columns of portions. */
export const portionsColumns = (doc: Portions) => ({
  doc: STORED_PORTIONS.write(doc),
  left: doc.left,
  bestBefore: bestBefore(doc),
});

/** Puts portions away. */
export async function addPortions(
  connection: Connection,
  { id, portions: doc }: KeptPortions,
  now: Date,
): Promise<void> {
  const at = now.getTime();
  await connection.write((db) =>
    db.insert(portions).values({ id, ...portionsColumns(doc), createdAt: at, updatedAt: at }),
  );
}

/**
 * Changes portions, unless another page has kept another change of them since.
 * @param base the version that was changed
 */
export async function changePortions(
  connection: Connection,
  { id, portions: doc }: KeptPortions,
  base: number,
  now: Date,
): Promise<Saved<OpenedPortions>> {
  return connection.write((db) =>
    db.transaction(async (tx): Promise<Saved<OpenedPortions>> => {
      const [row] = await tx.select().from(portions).where(isIt(id));
      if (row === undefined) return { kind: "gone" };
      const theirs = row.version === base ? null : openedFrom(row);
      if (theirs !== null) return { kind: "changed-elsewhere", theirs };
      const version = row.version + 1;
      await tx
        .update(portions)
        .set({ ...portionsColumns(doc), version, updatedAt: now.getTime() })
        .where(eq(portions.id, id));
      return { kind: "kept", version };
    }),
  );
}

/**
 * Changes portions as they are at that moment, whoever else does so too: two phones that each take
 * one take two.
 * @returns whether they are there and can be read
 */
export async function withPortions(
  connection: Connection,
  id: string,
  change: (portions: Portions) => Portions,
  now: Date,
): Promise<boolean> {
  return connection.write((db) =>
    db.transaction(async (tx) => {
      const [row] = await tx.select().from(portions).where(isIt(id));
      const own = row === undefined ? null : openedFrom(row);
      if (own === null) return false;
      await tx
        .update(portions)
        .set({
          ...portionsColumns(change(own.portions)),
          version: own.version + 1,
          updatedAt: now.getTime(),
        })
        .where(eq(portions.id, id));
      return true;
    }),
  );
}

/** Deletes portions so that {@link restorePortions} can bring them back. @returns whether they were there */
export function deletePortions(connection: Connection, id: string, now: Date): Promise<boolean> {
  return takeOut(connection, portions, id, now);
}

/** Brings deleted portions back. @returns whether there were any */
export function restorePortions(connection: Connection, id: string): Promise<boolean> {
  return bringBack(connection, portions, id);
}
