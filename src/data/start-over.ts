import { sql } from "drizzle-orm";
import { backUp } from "./backups";
import { databaseFile, type Connection } from "./connection";

/** What stays in an emptied kitchen: how far it is migrated, what it remembers, who may come in. */
const STAYS = ["__drizzle_migrations", "kitchen", "house_keys"];

/**
 * Takes everything out of the kitchen at once, after a backup in the same turn, so that no write is
 * in neither: recipes, cakes, tins, ovens, bakes, the logbook, the freezer. Pictures stay in their
 * folder, for the backup.
 * @returns the backup's name, the way back; null for a kitchen on a server, which is left alone
 */
export async function emptyKitchen(
  connection: Connection,
  url: string,
  now: Date,
): Promise<string | null> {
  if (databaseFile(url) === null) return null;
  return connection.write(async (db) => {
    const backup = await backUp(connection, url, "before-emptying", now);
    const rows = await db.all<{ name: string }>(
      sql`select name from sqlite_master where type = 'table' and name not like 'sqlite\\_%' escape '\\'`,
    );
    const steps = rows.flatMap(({ name }) =>
      STAYS.includes(name) ? [] : [`delete from "${name}"`],
    );
    await connection.client.batch(["pragma defer_foreign_keys = on", ...steps], "write");
    return backup?.name ?? null;
  });
}
