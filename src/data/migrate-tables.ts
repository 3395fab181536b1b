import { resolve } from "node:path";
import { sql } from "drizzle-orm";
import { migrate } from "drizzle-orm/libsql/migrator";
import { readMigrationFiles } from "drizzle-orm/migrator";
import type { Connection } from "./connection";

/** A database that a newer version has brought further than this one knows. */
class NewerKitchen extends Error {
  readonly code = "NEWER_KITCHEN";
}

/** From the program's own folder, where it is started, as the data are. */
const MIGRATIONS = resolve("src", "data", "migrations");

/**
 * Brings a database up to date, all steps in one transaction: either every one of them happens or
 * none. One that a newer version has brought further is refused, untouched.
 * @param first done before the first step, where there is one
 */
export async function migrateTables(
  connection: Connection,
  first: () => Promise<void> = () => Promise.resolve(),
  folder = MIGRATIONS,
): Promise<void> {
  const [applied, known] = [
    await appliedMigrations(connection),
    readMigrationFiles({ migrationsFolder: folder }).length,
  ];
  if (applied > known) throw new NewerKitchen(`${applied} steps were taken, ${known} are known`);
  if (applied === known) return;
  await first();
  await connection.write((db) => migrate(db, { migrationsFolder: folder }));
}

async function appliedMigrations({ db }: Connection): Promise<number> {
  const tables = await db.all(sql`select 1 from sqlite_master where name = '__drizzle_migrations'`);
  if (tables.length === 0) return 0;
  const rows = await db.all<{ count: number }>(
    sql`select count(*) as count from __drizzle_migrations`,
  );
  return rows[0]?.count ?? 0;
}
