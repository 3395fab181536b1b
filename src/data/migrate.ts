import { copyFileSync, existsSync, statSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { sql } from "drizzle-orm";
import { readMigrationFiles } from "drizzle-orm/migrator";
import { migrate } from "drizzle-orm/libsql/migrator";
import { databaseFile, type Connection } from "./connection";

/** A database that a newer version has brought further than this one knows. */
class NewerKitchen extends Error {
  readonly code = "NEWER_KITCHEN";
}

const MIGRATIONS = fileURLToPath(new URL("./migrations", import.meta.url));

/**
 * Brings a database up to date, all steps in one transaction: either every one of them happens or
 * none. When there is something to do and the database is a file that already holds data, a copy of
 * it is kept beside it first. One that a newer version has brought further is refused, untouched.
 * @param now for the copy's name
 * @returns the path of the copy, or null when none was needed
 */
export async function migrateDatabase(
  connection: Connection,
  url: string,
  now: Date,
  folder = MIGRATIONS,
): Promise<string | null> {
  const [applied, known] = [
    await appliedMigrations(connection),
    readMigrationFiles({ migrationsFolder: folder }).length,
  ];
  if (applied > known) throw new NewerKitchen(`${applied} steps were taken, ${known} are known`);
  if (applied === known) return null;
  const copy = await copyBefore(connection, url, now);
  await connection.write((db) => migrate(db, { migrationsFolder: folder }));
  return copy;
}

async function appliedMigrations({ db }: Connection): Promise<number> {
  const tables = await db.all(sql`select 1 from sqlite_master where name = '__drizzle_migrations'`);
  if (tables.length === 0) return 0;
  const rows = await db.all<{ count: number }>(
    sql`select count(*) as count from __drizzle_migrations`,
  );
  return rows[0]?.count ?? 0;
}

async function copyBefore({ db }: Connection, url: string, now: Date): Promise<string | null> {
  const file = databaseFile(url);
  if (file === null || !existsSync(file) || statSync(file).size === 0) return null;
  // What is still in the write-ahead log has to be in the file before it is copied.
  await db.run(sql`pragma wal_checkpoint(truncate)`);
  const copy = `${file}.before-${now.toISOString().replaceAll(/[:.]/gu, "-")}`;
  copyFileSync(file, copy);
  return copy;
}
