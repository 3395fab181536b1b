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
