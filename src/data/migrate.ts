import { copyFileSync, existsSync, statSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { sql } from "drizzle-orm";
import { readMigrationFiles } from "drizzle-orm/migrator";
import { migrate } from "drizzle-orm/libsql/migrator";
import { databaseFile, type Connection } from "./connection";

const MIGRATIONS = fileURLToPath(new URL("./migrations", import.meta.url));

/**
 * Brings a database up to date, all steps in one transaction: either every one of them happens or none. When there is
 * something to do and the database is a file that already holds data, a copy of it is kept beside it first.
 * @param now for the copy's name
 * @returns the path of the copy, or null when none was needed
 */
export async function migrateDatabase(connection: Connection, url: string, now: Date, folder = MIGRATIONS): Promise<string | null> {
  const isCurrent = (await appliedMigrations(connection)) >= readMigrationFiles({ migrationsFolder: folder }).length;
  if (isCurrent) return null;
  const copy = await copyBefore(connection, url, now);
  await connection.write((db) => migrate(db, { migrationsFolder: folder }));
  return copy;
}

async function appliedMigrations({ db }: Connection): Promise<number> {
  const tables = await db.all(sql`select 1 from sqlite_master where name = '__drizzle_migrations'`);
  if (tables.length === 0) return 0;
  const rows = await db.all<{ count: number }>(sql`select count(*) as count from __drizzle_migrations`);
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
