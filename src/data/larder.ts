import { and, eq, or } from "drizzle-orm";
import {
  changedLarder,
  LarderRowSchema,
  type Got,
  type LarderMove,
  type LarderRow,
} from "@/core/shopping";
import type { Connection, Database } from "./connection";
import { parsedJson } from "./parsed-json";
import { larder, shoppingGot } from "./schema";
import { putGot } from "./shopping";

type Tx = Parameters<Parameters<Database["transaction"]>[0]>[0];

/** What is known of items in this kitchen. A row that no longer reads is named in the log. */
export async function listLarder({ db }: Connection): Promise<readonly LarderRow[]> {
  const rows = await db.select().from(larder);
  return rows.flatMap(({ item, doc }) => {
    const row = LarderRowSchema.safeParse(parsedJson(doc));
    if (!row.success) console.error(`larder ${item} can't be read:`, row.error.issues);
    return row.success ? [row.data] : [];
  });
}

/** A row as it is stored. */
export const larderColumns = (row: LarderRow): typeof larder.$inferInsert => ({
  item: row.key,
  doc: JSON.stringify(row),
});

/**
 * Keeps changes of what the kitchen has, all or none, with the ticks they stand for. One whose ticks
 * all say so already was told before, by this phone or another: it is not counted twice.
 * @returns the things that were spoken of, as they are now
 */
export async function moveLarder(
  connection: Connection,
  moves: readonly LarderMove[],
  now: Date,
): Promise<readonly LarderRow[]> {
  await connection.write((db) =>
    db.transaction(async (tx) => {
      for (const { change, ticks } of moves) {
        if (ticks.length > 0 && (await isToldAlready(tx, ticks))) continue;
        const [kept] = await tx.select().from(larder).where(eq(larder.item, change.key));
        const before = LarderRowSchema.safeParse(kept === undefined ? null : parsedJson(kept.doc));
        // By this machine's clock: phones' own are not all right.
        const row = changedLarder(before.success ? before.data : null, {
          ...change,
          at: now.getTime(),
        });
        const columns = larderColumns(row);
        await tx
          .insert(larder)
          .values(columns)
          .onConflictDoUpdate({ target: larder.item, set: columns });
        await putGot(tx, ticks, now);
      }
    }),
  );
  const keys = new Set(moves.map(({ change }) => change.key));
  return (await listLarder(connection)).filter(({ key }) => keys.has(key));
}

async function isToldAlready(tx: Tx, ticks: readonly Got[]): Promise<boolean> {
  const rows = await tx
    .select()
    .from(shoppingGot)
    .where(
      or(
        ...ticks.map(({ cake, key }) =>
          and(eq(shoppingGot.cakeId, cake), eq(shoppingGot.item, key)),
        ),
      ),
    );
  return ticks.every(({ cake, key, how }) =>
    rows.some((row) => row.cakeId === cake && row.item === key && row.how === how),
  );
}
