import { and, count, desc, eq, isNotNull, isNull, sql } from "drizzle-orm";
import { format, parseISO } from "date-fns";
import { STORED_BAKE, STORED_RECORD, type BakeDoc } from "@/core/kept";
import { dayByClock, recordsOfBake } from "@/core/live";
import { parseRecord, recipeKey, type BakeRecord } from "@/core/logbook";
import { foldName, pantryOf, type Pantry } from "@/core/pantry";
import { eventsSince } from "./bakes";
import type { Connection, Database } from "./connection";
import { findPantry } from "./pantry";
import type { Saved } from "./saved";
import { holdsWords } from "./holds-words";
import { bakes, recipes, records } from "./schema";
import { bringBack, takeOut } from "./shelf";
import { loggable } from "./storage-issue";

/** A page of the logbook. */
export type RecordRow = { readonly id: string; readonly record: BakeRecord };

/** A page opened: when it was last changed, as which version, and of which bake and cake it is. */
export type OpenedRecord = RecordRow & {
  readonly version: number;
  readonly updatedAt: Date;
  readonly bakeId: string | null;
  readonly cakeId: string | null;
};

/** What the logbook's list is narrowed to; an empty text is all. */
export type RecordFilter = {
  readonly text: string;
  readonly recipe: string;
  readonly oven: string;
  readonly verdict: string;
};
export const EVERY_RECORD: RecordFilter = { text: "", recipe: "", oven: "", verdict: "" };

/** Newest bakes first. A page that no longer reads is left out and named in the log. */
export async function listRecords(
  { db }: Connection,
  { text, recipe, oven, verdict }: RecordFilter,
  page: { readonly limit: number; readonly offset: number },
): Promise<{ readonly records: readonly RecordRow[]; readonly total: number }> {
  const where = and(
    isNull(records.deletedAt),
    ...holdsWords(records.search, text),
    recipe === "" ? undefined : eq(records.recipe, recipe),
    oven === "" ? undefined : eq(records.oven, oven),
    verdict === "" ? undefined : eq(records.verdict, verdict === "none" ? "" : verdict),
  );
  const rows = await db
    .select()
    .from(records)
    .where(where)
    .orderBy(desc(records.madeOn), desc(records.createdAt), records.id)
    .limit(page.limit)
    .offset(page.offset);
  const [counted] = await db.select({ total: count() }).from(records).where(where);
  return { records: rows.flatMap(recordFrom), total: counted?.total ?? 0 };
}

/** The newest page of the logbook about a cake; null while there is none. */
export async function newestRecordOf(
  { db }: Connection,
  cakeId: string,
): Promise<{ readonly id: string; readonly madeOn: string } | null> {
  const [row] = await db
    .select({ id: records.id, madeOn: records.madeOn })
    .from(records)
    .where(and(eq(records.cakeId, cakeId), isNull(records.deletedAt)))
    .orderBy(desc(records.madeOn), desc(records.createdAt))
    .limit(1);
  return row ?? null;
}

/** The recipes and ovens there are pages of, by name. */
export async function recordChoices({ db }: Connection): Promise<{
  readonly recipes: readonly { readonly key: string; readonly name: string }[];
  readonly ovens: readonly string[];
}> {
  const rows = await db
    .select({ recipe: records.recipe, oven: records.oven, doc: records.doc })
    .from(records)
    .where(isNull(records.deletedAt))
    .groupBy(records.recipe, records.oven);
  const names = new Map<string, string>();
  for (const row of rows) {
    const read = STORED_RECORD.read(row.doc);
    if (read.ok) names.set(row.recipe, read.value.recipe.name || read.value.name);
  }
  const byName = (a: string, b: string): number => a.localeCompare(b);
  return {
    recipes: [...names]
      .map(([key, name]) => ({ key, name }))
      .toSorted((a, b) => byName(a.name, b.name)),
    ovens: [...new Set(rows.map(({ oven }) => oven))]
      .filter((oven) => oven !== "")
      .toSorted(byName),
  };
}

function recordFrom(row: typeof records.$inferSelect): readonly RecordRow[] {
  const read = STORED_RECORD.read(row.doc);
  if (!read.ok) console.error(`page ${row.id} of the logbook can't be read:`, read.issue);
  return read.ok ? [{ id: row.id, record: read.value }] : [];
}

/** One page; null when there is none of that id. */
export async function findRecord({ db }: Connection, id: string): Promise<OpenedRecord | null> {
  const [row] = await db
    .select()
    .from(records)
    .where(and(eq(records.id, id), isNull(records.deletedAt)));
  return row === undefined ? null : openedFrom(row);
}

function openedFrom(row: typeof records.$inferSelect): OpenedRecord | null {
  const [page] = recordFrom(row);
  const { version, updatedAt, bakeId, cakeId } = row;
  return page === undefined
    ? null
    : { ...page, version, updatedAt: new Date(updatedAt), bakeId, cakeId };
}

/** The columns a page is found by. */
export function recordColumns(
  record: BakeRecord,
): Pick<
  typeof records.$inferInsert,
  "name" | "doc" | "madeOn" | "recipe" | "oven" | "verdict" | "search"
> {
  const { name, madeOn, oven, verdict, recipe, taste, change, notes } = record;
  return {
    name,
    doc: STORED_RECORD.write(record),
    madeOn,
    recipe: recipeKey(record),
    oven,
    verdict: verdict ?? "",
    search: foldName(
      [name, recipe.name, oven, format(parseISO(madeOn), "d MMMM yyyy"), taste, change, notes].join(
        " ",
      ),
    ).slice(0, 20_000),
  };
}

type NewRecord = RecordRow & { readonly bakeId?: string; readonly cakeId?: string };

/** Keeps new pages; one that is there already stays as it is. */
export async function addRecords(
  connection: Connection,
  pages: readonly NewRecord[],
  now: Date,
): Promise<void> {
  if (pages.length === 0) return;
  const at = now.getTime();
  await connection.write((db) =>
    db.transaction(async (tx) => {
      await tx
        .insert(records)
        .values(
          pages.map(({ id, record, bakeId = null, cakeId = null }) => ({
            id,
            bakeId,
            cakeId,
            ...recordColumns(record),
            createdAt: at,
            updatedAt: at,
          })),
        )
        .onConflictDoNothing();
      for (const { record } of pages) await noteBaked(tx, record);
    }),
  );
}

/** A recipe was last baked on the day of its newest page. */
export async function noteBaked(
  db: Pick<Database, "update">,
  { recipe, madeOn }: Pick<BakeRecord, "recipe" | "madeOn">,
): Promise<void> {
  const baked = parseISO(madeOn).getTime();
  await db
    .update(recipes)
    .set({ lastBakedAt: sql`max(coalesce(${recipes.lastBakedAt}, 0), ${baked})` })
    .where(eq(recipes.id, recipe.id));
}

/**
 * Changes a page, unless another one has kept another change of it since.
 * @param base the version that was changed
 */
export async function changeRecord(
  connection: Connection,
  { id, record }: RecordRow,
  base: number,
  now: Date,
): Promise<Saved<OpenedRecord>> {
  return connection.write((db) =>
    db.transaction(async (tx): Promise<Saved<OpenedRecord>> => {
      const [row] = await tx
        .select()
        .from(records)
        .where(and(eq(records.id, id), isNull(records.deletedAt)));
      if (row === undefined) return { kind: "gone" };
      const theirs = row.version === base ? null : openedFrom(row);
      if (theirs !== null) return { kind: "changed-elsewhere", theirs };
      const version = row.version + 1;
      await tx
        .update(records)
        .set({ ...recordColumns(record), version, updatedAt: now.getTime() })
        .where(eq(records.id, id));
      return { kind: "kept", version };
    }),
  );
}

/** Deletes a page so that {@link restoreRecord} can undo it. @returns whether it was there */
export function deleteRecord(connection: Connection, id: string, now: Date): Promise<boolean> {
  return takeOut(connection, records, id, now);
}

/** Brings a deleted page back. @returns whether there was one */
export function restoreRecord(connection: Connection, id: string): Promise<boolean> {
  return bringBack(connection, records, id);
}

/**
 * Writes the pages of all bakes that were ended and have none yet: of one that has just been, and
 * of those from before there was a logbook or while the disk was full. Doing it twice changes nothing.
 */
export async function recordEndedBakes(connection: Connection, now: Date): Promise<void> {
  const { db } = connection;
  const rows = await db
    .select({ id: bakes.id, doc: bakes.doc })
    .from(bakes)
    .where(and(isNotNull(bakes.endedAt), eq(bakes.recorded, 0)));
  if (rows.length === 0) return;
  const { own, learnt } = await findPantry(connection);
  const pantry = pantryOf(own, learnt);
  for (const { id, doc: text } of rows) {
    const doc = STORED_BAKE.read(text);
    if (doc.ok && doc.value.clock.speed === 1) {
      const { events } = await eventsSince(connection, id, 0);
      await addRecords(connection, pagesOf(id, doc.value, events, pantry), now);
    }
    await connection.write((tx) => tx.update(bakes).set({ recorded: 1 }).where(eq(bakes.id, id)));
  }
}

/** The pages of one bake; of one that can't be worked through any more none, named in the log. */
function pagesOf(
  bakeId: string,
  doc: BakeDoc,
  events: Parameters<typeof recordsOfBake>[1],
  pantry: Pantry,
): readonly NewRecord[] {
  try {
    return recordsOfBake(doc, events, pantry, dayByClock).flatMap(({ cake, cakeId, record }) => {
      const whole = parseRecord(record);
      if (!whole.ok) console.error(`bake ${bakeId} can't be written down:`, whole.issue);
      return whole.ok
        ? [{ id: `${bakeId}.${String(cake)}`, bakeId, cakeId, record: whole.value }]
        : [];
    });
  } catch (error) {
    console.error(`bake ${bakeId} can't be written down:`, loggable(error));
    return [];
  }
}
