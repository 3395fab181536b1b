import { sql } from "drizzle-orm";
import { existsSync, statSync } from "node:fs";
import { backUp, type Backup } from "./backups";
import { databaseFile, type Connection } from "./connection";
import { migrateTables } from "./migrate-tables";

/**
 * Brings the kitchen's database up to date, as {@link migrateTables} does; when there is something to
 * do and it is a file that already holds data, it is backed up first.
 * @param now for the backup's name
 * @returns the backup, or null when none was needed
 */
export async function migrateDatabase(
  connection: Connection,
  url: string,
  now: Date,
  folder?: string,
): Promise<Backup | null> {
  const file = databaseFile(url);
  let before: Backup | null = null;
  await migrateTables(
    connection,
    async () => {
      if (file !== null && existsSync(file) && statSync(file).size > 0)
        before = await backUp(connection, url, "before-update", now);
    },
    folder,
  );
  return before;
}

/** A kitchen whose file is not whole: a disk that fails, or a copy of a running program's file. */
class DamagedKitchen extends Error {
  readonly code = "SQLITE_CORRUPT";
}

/**
 * Looks through the whole file before anything is written into it: what is damaged is not made worse.
 * @throws DamagedKitchen for a file that is not whole; a kitchen on a server is the server's to check
 */
export async function checkKitchen({ db }: Connection, url: string): Promise<void> {
  if (databaseFile(url) === null) return;
  const [row] = await db.all<{ quick_check: string }>(sql`pragma quick_check(1)`);
  if (row?.quick_check !== "ok") throw new DamagedKitchen("the kitchen's file is not whole");
}
