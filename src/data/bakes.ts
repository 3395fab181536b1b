import { and, desc, eq, gt, isNull, or, sql } from "drizzle-orm";
import { STORED_BAKE, type BakeDoc } from "@/core/kept";
import { parseBakeEvents, type BakeEvent } from "@/core/live";
import type { Connection } from "./connection";
import { parsedJson } from "./parsed-json";
import { bakeCakes, bakeEvents, bakes } from "./schema";

/** A bake opened. What it began with is null when it no longer parses. */
export type StoredBake = {
  readonly id: string;
  readonly name: string;
  readonly doc: BakeDoc | null;
  readonly startedAt: Date;
  readonly endedAt: Date | null;
};

/** Events of a bake after some other one, and the number of the last. */
export type ToldSince = { readonly events: readonly BakeEvent[]; readonly seq: number };

/** Begins a bake. */
export async function addBake(
  connection: Connection,
  bake: { readonly id: string; readonly name: string; readonly doc: BakeDoc },
  now: Date,
): Promise<void> {
  const cakes = [...new Set(bake.doc.cakes.map(({ id }) => id))].map((cakeId) => ({
    bakeId: bake.id,
    cakeId,
  }));
  await connection.write((db) =>
    db.transaction(async (tx) => {
      await tx.insert(bakes).values({
        id: bake.id,
        name: bake.name,
        doc: STORED_BAKE.write(bake.doc),
        startedAt: now.getTime(),
      });
      await tx.insert(bakeCakes).values(cakes);
    }),
  );
}

/** One bake; null when there is none of that id. */
export async function findBake({ db }: Connection, id: string): Promise<StoredBake | null> {
  const [row] = await db.select().from(bakes).where(eq(bakes.id, id));
  if (row === undefined) return null;
  const doc = STORED_BAKE.read(row.doc);
  return {
    id: row.id,
    name: row.name,
    doc: doc.ok ? doc.value : null,
    startedAt: new Date(row.startedAt),
    endedAt: row.endedAt === null ? null : new Date(row.endedAt),
  };
}

/** A rehearsal goes on for no longer than this, ms: nobody comes back to one. */
const REHEARSED_MS = 6 * 3600 * 1000;

/** Bakes that go on, the last begun first, with their cakes; a rehearsal is over by itself. */
export async function listOpenBakes(
  { db }: Connection,
  now: Date,
): Promise<
  readonly { readonly id: string; readonly name: string; readonly cakeIds: readonly string[] }[]
> {
  const isMeant = or(
    gt(bakes.startedAt, now.getTime() - REHEARSED_MS),
    eq(sql`json_extract(${bakes.doc}, '$.clock.speed')`, 1),
  );
  const rows = await db
    .select({ id: bakes.id, name: bakes.name, cakeId: bakeCakes.cakeId })
    .from(bakes)
    .innerJoin(bakeCakes, eq(bakes.id, bakeCakes.bakeId))
    .where(and(isNull(bakes.endedAt), isMeant))
    .orderBy(desc(bakes.startedAt), bakes.id);
  const open = new Map<string, { id: string; name: string; cakeIds: string[] }>();
  for (const { id, name, cakeId } of rows) {
    const bake = open.get(id) ?? { id, name, cakeIds: [] };
    bake.cakeIds.push(cakeId);
    open.set(id, bake);
  }
  return [...open.values()];
}

/**
 * What was told of a bake after the event of that number; all of it after 0. Events that no longer
 * parse are left in the file and out of this.
 */
export async function eventsSince({ db }: Connection, id: string, seq: number): Promise<ToldSince> {
  const rows = await db
    .select()
    .from(bakeEvents)
    .where(and(eq(bakeEvents.bakeId, id), gt(bakeEvents.seq, seq)))
    .orderBy(bakeEvents.seq);
  const events = rows.flatMap((row): readonly BakeEvent[] => {
    const parsed = parseBakeEvents([parsedJson(row.event)]);
    return parsed.ok ? parsed.value : [];
  });
  return { events, seq: rows.at(-1)?.seq ?? seq };
}

/**
 * Keeps what happened; an event that is known already is not kept again. A bake that was ended by
 * it is closed.
 * @returns whether there is such a bake
 */
export async function tellBake(
  connection: Connection,
  id: string,
  events: readonly BakeEvent[],
  now: Date,
): Promise<boolean> {
  return connection.write((db) =>
    db.transaction(async (tx) => {
      const [bake] = await tx.select({ id: bakes.id }).from(bakes).where(eq(bakes.id, id));
      if (bake === undefined) return false;
      if (events.length > 0)
        await tx
          .insert(bakeEvents)
          .values(
            events.map((event) => ({
              bakeId: id,
              eventId: event.id,
              event: JSON.stringify(event),
            })),
          )
          .onConflictDoNothing();
      const ended = events.find(({ kind }) => kind === "ended");
      if (ended !== undefined)
        await tx.update(bakes).set({ endedAt: now.getTime() }).where(eq(bakes.id, id));
      return true;
    }),
  );
}

/**
 * Closes a bake that is not gone on with, without a word for the record.
 * @returns whether it was open
 */
export async function giveUpBake(connection: Connection, id: string, now: Date): Promise<boolean> {
  const rows = await connection.write((db) =>
    db
      .update(bakes)
      .set({ endedAt: now.getTime() })
      .where(and(eq(bakes.id, id), isNull(bakes.endedAt)))
      .returning({ id: bakes.id }),
  );
  return rows.length > 0;
}
