import { asc } from "drizzle-orm";
import { parseTin, type Tin } from "@/core/tin";
import type { Connection } from "./connection";
import { parsedJson } from "./parsed-json";
import { tins } from "./schema";

/** A tin in the cupboard; `tin.count` is its wells, `owned` how many of it there are. */
export type CupboardTin = { readonly id: string; readonly name: string; readonly tin: Tin; readonly owned: number };

/** The tins in the cupboard by name. A row that no longer reads as a tin is left out and named in the log. */
export async function listTins({ db }: Connection): Promise<readonly CupboardTin[]> {
  const rows = await db.select().from(tins).orderBy(asc(tins.name), asc(tins.id));
  return rows.flatMap((row) => {
    const tin = parseTin(parsedJson(row.spec));
    if (!tin.ok) console.error(`tin ${row.id} can't be read:`, tin.issue);
    return tin.ok ? [{ id: row.id, name: row.name, tin: tin.value, owned: row.owned }] : [];
  });
}
