import { and, desc, inArray, isNotNull, lt, sql } from "drizzle-orm";
import type { Connection } from "./connection";
import {
  cakes,
  ovens,
  portions,
  recipes,
  recipeVersions,
  records,
  shoppingGot,
  tins,
} from "./schema";
import { bringBack } from "./shelf";

/** What is deleted stays in the bin so long, days; then it goes for good. */
export const BIN_DAYS = 30;
const DAY_MS = 86_400_000;

/** What can lie in the bin, with what it is called there. */
const BINNED = {
  cake: { table: cakes, name: cakes.name },
  recipe: { table: recipes, name: recipes.name },
  tin: { table: tins, name: tins.name },
  oven: { table: ovens, name: ovens.name },
  record: { table: records, name: records.name },
  portions: {
    table: portions,
    name: sql<string>`coalesce(case when json_valid(${portions.doc}) then json_extract(${portions.doc}, '$.name') end, '')`,
  },
} as const;
export type BinKind = keyof typeof BINNED;
export const BIN_KINDS = Object.keys(BINNED) as readonly BinKind[];

/** Something that was deleted and can still be brought back. */
export type BinRow = {
  readonly kind: BinKind;
  readonly id: string;
  readonly name: string;
  readonly deletedAt: Date;
};

/** No more of a kind are named. */
const MOST_LISTED = 200;

/** What was deleted in the last thirty days, the last deleted first. */
export async function listBin({ db }: Connection): Promise<readonly BinRow[]> {
  const found = await Promise.all(
    BIN_KINDS.map(async (kind): Promise<readonly BinRow[]> => {
      const { table, name } = BINNED[kind];
      const rows = await db
        .select({ id: table.id, name, deletedAt: table.deletedAt })
        .from(table)
        .where(isNotNull(table.deletedAt))
        .orderBy(desc(table.deletedAt))
        .limit(MOST_LISTED);
      return rows.map((row) => ({ ...row, kind, deletedAt: new Date(row.deletedAt ?? 0) }));
    }),
  );
  return found.flat().toSorted((one, other) => other.deletedAt.getTime() - one.deletedAt.getTime());
}

/** Brings something deleted back as it was. @returns whether it was still there */
export function bringBackFromBin(
  connection: Connection,
  kind: BinKind,
  id: string,
): Promise<boolean> {
  return bringBack(connection, BINNED[kind].table, id);
}

/**
 * Lets go for good what was deleted more than thirty days ago, with what only belongs to it: older
 * versions of a recipe, ticks of a cake's shopping.
 * @returns how many things went
 */
export async function emptyBin(connection: Connection, now: Date): Promise<number> {
  const before = now.getTime() - BIN_DAYS * DAY_MS;
  return connection.write((db) =>
    db.transaction(async (tx) => {
      let gone = 0;
      for (const kind of BIN_KINDS) {
        const { table } = BINNED[kind];
        const rows = await tx
          .delete(table)
          .where(and(isNotNull(table.deletedAt), lt(table.deletedAt, before)))
          .returning({ id: table.id });
        const ids = rows.map(({ id }) => id);
        gone += ids.length;
        if (ids.length === 0) continue;
        if (kind === "recipe")
          await tx.delete(recipeVersions).where(inArray(recipeVersions.recipeId, ids));
        if (kind === "cake") await tx.delete(shoppingGot).where(inArray(shoppingGot.cakeId, ids));
      }
      return gone;
    }),
  );
}
