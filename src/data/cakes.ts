import { and, desc, eq, isNotNull, isNull } from "drizzle-orm";
import { parseQuestion, type Question } from "@/core/cake";
import type { Connection } from "./connection";
import { parsedJson } from "./parsed-json";
import { cakes } from "./schema";

/** A cake of the baker's. A question that no longer parses is null: the row is shown, and never thrown away. */
export type Cake = {
  readonly id: string;
  readonly name: string;
  readonly question: Question | null;
  readonly updatedAt: Date;
};

function cakeFrom(row: typeof cakes.$inferSelect): Cake {
  const question = parseQuestion(parsedJson(row.question));
  return { id: row.id, name: row.name, question: question.ok ? question.value : null, updatedAt: new Date(row.updatedAt) };
}

/** The cakes that are not deleted, last changed first. */
export async function listCakes({ db }: Connection): Promise<readonly Cake[]> {
  const rows = await db.select().from(cakes).where(isNull(cakes.deletedAt)).orderBy(desc(cakes.updatedAt), cakes.id);
  return rows.map(cakeFrom);
}

/** One cake that is not deleted; null when there is none of that id. */
export async function findCake({ db }: Connection, id: string): Promise<Cake | null> {
  const [row] = await db.select().from(cakes).where(and(eq(cakes.id, id), isNull(cakes.deletedAt)));
  return row === undefined ? null : cakeFrom(row);
}

/** Keeps a new cake. */
export async function addCake(connection: Connection, cake: { id: string; name: string; question: Question }, now: Date): Promise<void> {
  const at = now.getTime();
  const { question, ...rest } = cake;
  await connection.write((db) => db.insert(cakes).values({ ...rest, question: JSON.stringify(question), createdAt: at, updatedAt: at }));
}

/** Changes a cake's name or question. @returns whether the cake is still there */
export async function changeCake(connection: Connection, id: string, changes: { name?: string; question?: Question }, now: Date): Promise<boolean> {
  const { name, question } = changes;
  const rows = await connection.write((db) =>
    db
      .update(cakes)
      .set({ ...(name === undefined ? {} : { name }), ...(question === undefined ? {} : { question: JSON.stringify(question) }), updatedAt: now.getTime() })
      .where(and(eq(cakes.id, id), isNull(cakes.deletedAt)))
      .returning({ id: cakes.id }),
  );
  return rows.length > 0;
}

/** Deletes a cake so that {@link restoreCake} can bring it back. @returns whether it was there */
export async function deleteCake(connection: Connection, id: string, now: Date): Promise<boolean> {
  const rows = await connection.write((db) =>
    db.update(cakes).set({ deletedAt: now.getTime() }).where(and(eq(cakes.id, id), isNull(cakes.deletedAt))).returning({ id: cakes.id }),
  );
  return rows.length > 0;
}

/** Brings a deleted cake back as it was. @returns whether there was one */
export async function restoreCake(connection: Connection, id: string): Promise<boolean> {
  const rows = await connection.write((db) =>
    db.update(cakes).set({ deletedAt: null }).where(and(eq(cakes.id, id), isNotNull(cakes.deletedAt))).returning({ id: cakes.id }),
  );
  return rows.length > 0;
}

/** A copy of a cake under a new id and name. @returns whether there was one to copy */
export async function duplicateCake(connection: Connection, id: string, copy: { id: string; name: string }, now: Date): Promise<boolean> {
  return connection.write(async (db) => {
    const [row] = await db.select().from(cakes).where(and(eq(cakes.id, id), isNull(cakes.deletedAt)));
    if (row === undefined) return false;
    const at = now.getTime();
    // The question is copied as it stands, even one that no longer parses.
    await db.insert(cakes).values({ ...copy, question: row.question, createdAt: at, updatedAt: at });
    return true;
  });
}
