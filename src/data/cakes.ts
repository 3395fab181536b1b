import {
  and,
  between,
  count,
  desc,
  eq,
  gt,
  inArray,
  isNull,
  max,
  ne,
  or,
  sql,
  type SQL,
} from "drizzle-orm";
import { STORED_COPY, STORED_QUESTION, cakeState, type CakeDoc, type CakeState } from "@/core/kept";
import type { Question } from "@/core/ask";
import { foldName } from "@/core/pantry";
import type { Connection, Database } from "./connection";
import type { Saved } from "./saved";
import { cakes, records } from "./schema";
import { bringBack, takeOut } from "./shelf";

/** Another cake that one has something to do with. */
export type RelatedCake = {
  readonly id: string;
  readonly name: string;
  readonly question: Question;
};

/** A cake opened. What no longer parses is null. */
export type Cake = {
  readonly id: string;
  readonly name: string;
  readonly doc: CakeDoc | null;
  readonly version: number;
  readonly updatedAt: Date;
};

function docFrom(row: typeof cakes.$inferSelect): CakeDoc | null {
  const question = STORED_QUESTION.read(row.question);
  const recipe = row.recipe === null ? null : STORED_COPY.read(row.recipe);
  // A damaged copy is not no copy: saving would lose it.
  if (!question.ok || recipe?.ok === false) return null;
  return { question: question.value, recipe: recipe?.value ?? null };
}

function cakeFrom(row: typeof cakes.$inferSelect): Cake {
  return {
    id: row.id,
    name: row.name,
    doc: docFrom(row),
    version: row.version,
    updatedAt: new Date(row.updatedAt),
  };
}

/** Folded words a cake is found by: its name, its recipe and its tins. */
export const cakeSearchText = (name: string, doc: CakeDoc | null): string =>
  foldName([name, doc?.question.recipe ?? "", ...(doc?.question.tins ?? [])].join(" "));

/** The columns of a cake's document. */
export function cakeColumns({ question, recipe }: CakeDoc): {
  readonly question: string;
  readonly recipe: string | null;
  readonly wantedOn: string;
} {
  return {
    question: STORED_QUESTION.write(question),
    recipe: recipe === null ? null : STORED_COPY.write(recipe),
    wantedOn: /^\d{4}-\d{2}-\d{2}/u.exec(question.day.wantedAt)?.[0] ?? "",
  };
}

/** The date of a cake's newest page in the logbook, in a query of cakes; empty for none. */
export const lastBakeOf = (db: Database): SQL<string> =>
  sql<string>`coalesce((${db
    .select({ on: max(records.madeOn) })
    .from(records)
    .where(and(eq(records.cakeId, cakes.id), isNull(records.deletedAt)))}), '')`;

/** The date of a cake's newest page in the logbook, `2026-12-05`; empty for none. */
export async function lastBakedOn({ db }: Connection, id: string): Promise<string> {
  const [row] = await db
    .select({ bakedOn: lastBakeOf(db) })
    .from(cakes)
    .where(eq(cakes.id, id));
  return row?.bakedOn ?? "";
}

const RELATED = { id: cakes.id, name: cakes.name, question: cakes.question };

/** Cakes whose question still parses. */
function readable(
  rows: readonly { readonly id: string; readonly name: string; readonly question: string }[],
): readonly RelatedCake[] {
  return rows.flatMap(({ id, name, question }) => {
    const read = STORED_QUESTION.read(question);
    return read.ok ? [{ id, name, question: read.value }] : [];
  });
}

/**
 * Other cakes that a cake may have something to do with: the last changed ones, and whenever they
 * were changed those whose frosting is made along with its own and those wanted on its day.
 * @param limit of the last changed ones
 */
export async function listOthers(
  { db }: Connection,
  { id, doc }: Cake,
  limit: number,
): Promise<readonly RelatedCake[]> {
  const isOther = and(ne(cakes.id, id), isNull(cakes.deletedAt));
  const recent = await db
    .select(RELATED)
    .from(cakes)
    .where(isOther)
    .orderBy(desc(cakes.updatedAt), cakes.id)
    .limit(limit);
  if (doc === null) return readable(recent);
  const { wantedOn } = cakeColumns(doc);
  const bound = await db
    .select(RELATED)
    .from(cakes)
    .where(
      and(
        isOther,
        or(
          inArray(cakes.id, [...doc.question.finish.alsoFor]),
          wantedOn === "" ? undefined : eq(cakes.wantedOn, wantedOn),
        ),
      ),
    )
    .orderBy(desc(cakes.updatedAt), cakes.id);
  const known = new Set(recent.map((row) => row.id));
  return readable([...recent, ...bound.filter((row) => !known.has(row.id))]);
}

/** No day has more cakes than this. */
const MOST_OF_A_DAY = 40;
/** Nor is more shopped for at once. */
export const MOST_OF_DAYS = 120;

/**
 * The cakes that are wanted in a stretch of days, opened, the first wanted first.
 * @param from first day, `2026-12-05` @param to last day
 */
export async function listCakesBetween(
  { db }: Connection,
  from: string,
  to: string,
): Promise<readonly (Cake & { readonly wantedOn: string; readonly state: CakeState })[]> {
  const rows = await db
    .select({ cake: cakes, bakedOn: lastBakeOf(db) })
    .from(cakes)
    .where(and(between(cakes.wantedOn, from, to), isNull(cakes.deletedAt)))
    .orderBy(cakes.wantedOn, cakes.id)
    .limit(MOST_OF_DAYS);
  return rows.map(({ cake, bakedOn }) => ({
    ...cakeFrom(cake),
    wantedOn: cake.wantedOn,
    state: cakeState({ ...cake, bakedOn }),
  }));
}

/** The first day after one that a cake is wanted on; null for none. @param after `2026-12-05` */
export async function nextWantedOn({ db }: Connection, after: string): Promise<string | null> {
  const [row] = await db
    .select({ wantedOn: cakes.wantedOn })
    .from(cakes)
    .where(and(gt(cakes.wantedOn, after), isNull(cakes.deletedAt)))
    .orderBy(cakes.wantedOn)
    .limit(1);
  return row?.wantedOn ?? null;
}

/** The cakes that are wanted on a date, opened, last changed first. @param on `2026-12-05` */
export async function listCakesOf(
  { db }: Connection,
  on: string,
): Promise<readonly (Cake & { readonly state: CakeState })[]> {
  const rows = await db
    .select({ cake: cakes, bakedOn: lastBakeOf(db) })
    .from(cakes)
    .where(and(eq(cakes.wantedOn, on), isNull(cakes.deletedAt)))
    .orderBy(desc(cakes.updatedAt), cakes.id)
    .limit(MOST_OF_A_DAY);
  return rows.map(({ cake, bakedOn }) => ({
    ...cakeFrom(cake),
    state: cakeState({ ...cake, bakedOn }),
  }));
}

/** Cakes nobody said a day of and that were never baked, opened, last changed first. */
export async function listUndatedCakes(
  { db }: Connection,
  limit: number,
): Promise<{ readonly cakes: readonly Cake[]; readonly total: number }> {
  const where = and(
    eq(cakes.wantedOn, ""),
    eq(cakes.eatenOn, ""),
    isNull(cakes.deletedAt),
    sql`${lastBakeOf(db)} = ''`,
  );
  const rows = await db
    .select()
    .from(cakes)
    .where(where)
    .orderBy(desc(cakes.updatedAt), cakes.id)
    .limit(limit);
  const [counted] = await db.select({ total: count() }).from(cakes).where(where);
  return { cakes: rows.map(cakeFrom), total: counted?.total ?? 0 };
}

/** One cake that is not deleted; null when there is none of that id. */
export async function findCake({ db }: Connection, id: string): Promise<Cake | null> {
  const [row] = await db
    .select()
    .from(cakes)
    .where(and(eq(cakes.id, id), isNull(cakes.deletedAt)));
  return row === undefined ? null : cakeFrom(row);
}

/** Keeps a new cake. */
export async function addCake(
  connection: Connection,
  cake: { id: string; name: string; doc: CakeDoc },
  now: Date,
): Promise<void> {
  const at = now.getTime();
  await connection.write((db) =>
    db.insert(cakes).values({
      id: cake.id,
      name: cake.name,
      ...cakeColumns(cake.doc),
      search: cakeSearchText(cake.name, cake.doc),
      createdAt: at,
      updatedAt: at,
    }),
  );
}

/**
 * Keeps a changed cake, unless another page has kept another change of it since: then nothing is
 * written.
 * @param base the version that was changed
 */
export async function saveCake(
  connection: Connection,
  id: string,
  doc: CakeDoc,
  base: number,
  now: Date,
): Promise<Saved<Cake>> {
  return connection.write((db) =>
    db.transaction(async (tx): Promise<Saved<Cake>> => {
      const [row] = await tx
        .select()
        .from(cakes)
        .where(and(eq(cakes.id, id), isNull(cakes.deletedAt)));
      if (row === undefined) return { kind: "gone" };
      if (row.version !== base) return { kind: "changed-elsewhere", theirs: cakeFrom(row) };
      const version = base + 1;
      await tx
        .update(cakes)
        .set({
          ...cakeColumns(doc),
          search: cakeSearchText(row.name, doc),
          version,
          updatedAt: now.getTime(),
        })
        .where(eq(cakes.id, id));
      return { kind: "kept", version };
    }),
  );
}

/** Gives a cake another name. @returns whether the cake is still there */
export async function nameCake(
  connection: Connection,
  id: string,
  name: string,
  now: Date,
): Promise<boolean> {
  return connection.write((db) =>
    db.transaction(async (tx) => {
      const isIt = and(eq(cakes.id, id), isNull(cakes.deletedAt));
      const [row] = await tx.select().from(cakes).where(isIt);
      if (row === undefined) return false;
      const search = cakeSearchText(name, docFrom(row));
      await tx.update(cakes).set({ name, search, updatedAt: now.getTime() }).where(isIt);
      return true;
    }),
  );
}

/**
 * Says when a cake was eaten, or that it is not.
 * @param on `2026-12-05`; empty for not yet @returns whether the cake is still there
 */
export async function eatCake(connection: Connection, id: string, on: string): Promise<boolean> {
  const rows = await connection.write((db) =>
    db
      .update(cakes)
      .set({ eatenOn: on })
      .where(and(eq(cakes.id, id), isNull(cakes.deletedAt)))
      .returning({ id: cakes.id }),
  );
  return rows.length > 0;
}

/** Deletes a cake so that {@link restoreCake} can bring it back. @returns whether it was there */
export function deleteCake(connection: Connection, id: string, now: Date): Promise<boolean> {
  return takeOut(connection, cakes, id, now);
}

/** Brings a deleted cake back as it was. @returns whether there was one */
export function restoreCake(connection: Connection, id: string): Promise<boolean> {
  return bringBack(connection, cakes, id);
}

/** A copy of a cake under a new id and name. @returns whether there was one to copy */
export async function duplicateCake(
  connection: Connection,
  id: string,
  copy: { id: string; name: string },
  now: Date,
): Promise<boolean> {
  return connection.write(async (db) => {
    const [row] = await db
      .select()
      .from(cakes)
      .where(and(eq(cakes.id, id), isNull(cakes.deletedAt)));
    if (row === undefined) return false;
    const at = now.getTime();
    // What it was planned from is copied as it stands, even when it no longer parses.
    await db.insert(cakes).values({
      ...copy,
      question: row.question,
      recipe: row.recipe,
      wantedOn: row.wantedOn,
      search: cakeSearchText(copy.name, docFrom(row)),
      createdAt: at,
      updatedAt: at,
    });
    return true;
  });
}
