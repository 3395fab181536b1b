import { desc, eq, sql } from "drizzle-orm";
import type { Connection } from "./connection";
import { houseKeys } from "./schema";

/** What the holder of a key may do: everything; tick shopping and work at the bench; only look. */
export const HOUSE_RIGHTS = ["all", "help", "look"] as const;
export type HouseRight = (typeof HOUSE_RIGHTS)[number];

/** A phone or computer that has a key of its own to this kitchen. */
export type HouseKey = {
  readonly id: string;
  readonly name: string;
  readonly may: HouseRight;
  readonly madeAt: Date;
  readonly seenAt: Date;
};

/** No house has more: the one that was seen longest ago goes. */
const MOST_KEYS = 50;
/** When a key was last seen is noted no more often than this, ms. */
const SEEN_EVERY_MS = 60_000;

function keyFrom({ id, name, may, madeAt, seenAt }: typeof houseKeys.$inferSelect): HouseKey {
  return {
    id,
    name,
    // A right this version does not know is the least.
    may: HOUSE_RIGHTS.find((each) => each === may) ?? "look",
    madeAt: new Date(madeAt),
    seenAt: new Date(seenAt),
  };
}

/** All keys, the last seen first. */
export async function listHouseKeys({ db }: Connection): Promise<readonly HouseKey[]> {
  const rows = await db.select().from(houseKeys).orderBy(desc(houseKeys.seenAt), houseKeys.id);
  return rows.map(keyFrom);
}

/** Keeps a new key. @param hash SHA-256 of the key, hex */
export async function addHouseKey(
  connection: Connection,
  { id, name, may, hash }: Pick<HouseKey, "id" | "name" | "may"> & { readonly hash: string },
  now: Date,
): Promise<void> {
  const at = now.getTime();
  await connection.write((db) =>
    db.transaction(async (tx) => {
      await tx.insert(houseKeys).values({ id, name, may, hash, madeAt: at, seenAt: at });
      await tx.delete(houseKeys).where(
        sql`${houseKeys.id} not in (select ${houseKeys.id} from ${houseKeys}
            order by ${houseKeys.seenAt} desc, ${houseKeys.madeAt} desc limit ${MOST_KEYS})`,
      );
    }),
  );
}

/** The key with a hash, noted as seen; null when there is none, or not any more. */
export async function findShownKey(
  connection: Connection,
  hash: string,
  now: Date,
): Promise<HouseKey | null> {
  const [row] = await connection.db.select().from(houseKeys).where(eq(houseKeys.hash, hash));
  if (row === undefined) return null;
  // Whoever stands at the door does not wait for it to be written down.
  if (now.getTime() - row.seenAt >= SEEN_EVERY_MS)
    void connection
      .write((db) =>
        db.update(houseKeys).set({ seenAt: now.getTime() }).where(eq(houseKeys.id, row.id)),
      )
      .catch(() => undefined);
  return keyFrom(row);
}

/** Takes a key away for good. @returns whether there was one */
export async function removeHouseKey(connection: Connection, id: string): Promise<boolean> {
  const rows = await connection.write((db) =>
    db.delete(houseKeys).where(eq(houseKeys.id, id)).returning({ id: houseKeys.id }),
  );
  return rows.length > 0;
}
