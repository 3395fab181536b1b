import { createHash, randomUUID } from "node:crypto";
import { createReadStream, existsSync } from "node:fs";
import { copyFile, mkdir, open, readdir, rename, rm, stat } from "node:fs/promises";
import { dirname, join } from "node:path";
import { sql } from "drizzle-orm";
import {
  BACKUP_REASONS,
  backupsToDrop,
  isBackupDue,
  type BackupReason,
  type BackupTime,
} from "./backup-times";
import { databaseFile, openDatabase, type Connection, type Database } from "./connection";
import { migrateTables } from "./migrate-tables";
import { pictureFolder } from "./pictures";

/** A whole kitchen as it was, in a file of its own. */
export type Backup = BackupTime & { readonly name: string; readonly bytes: number };

/** A backup whose file is not what was written into it. */
class DamagedBackup extends Error {
  readonly code = "SQLITE_CORRUPT";
}

const NAME = new RegExp(
  `^steady-tin-(\\d{4}-\\d{2}-\\d{2})T(\\d{2})-(\\d{2})-(\\d{2})Z-(${BACKUP_REASONS.join("|")})-([0-9a-f]{16})\\.db$`,
  "u",
);

/** So much of the SHA-256 of its bytes stands in a backup's name. */
const HASH_LETTERS = 16;

const nameOf = (at: Date, why: BackupReason, hash: string): string =>
  `steady-tin-${at.toISOString().slice(0, 19).replaceAll(":", "-")}Z-${why}-${hash}.db`;

/** A part of a file older than this is of a program that was killed, ms. */
const LEFT_OVER_MS = 86_400_000;

/** Where the backups of a kitchen stand: beside its file. */
export const backupFolder = (file: string): string => join(dirname(file), "backups");

/** The backups there are, newest first; none where the kitchen is on a server, which has its own. */
export async function listBackups(url: string): Promise<readonly Backup[]> {
  const file = databaseFile(url);
  if (file === null || !existsSync(backupFolder(file))) return [];
  const found = (await readdir(backupFolder(file))).map(async (name) => {
    const [, day, hour, minute, second, why] = NAME.exec(name) ?? [];
    const reason = BACKUP_REASONS.find((each) => each === why);
    if (reason === undefined) return [];
    const { size } = await stat(join(backupFolder(file), name));
    return [
      { name, at: new Date(`${day}T${hour}:${minute}:${second}Z`), why: reason, bytes: size },
    ];
  });
  return (await Promise.all(found)).flat().toSorted((a, b) => b.at.getTime() - a.at.getTime());
}

/**
 * Writes the whole kitchen into a file of its own, as of one moment, while it goes on being used.
 * It is looked through and on the disk before it has its name; its pictures stand beside it by
 * their hashes. Backups that need not be kept go.
 * @returns null for a kitchen on a server
 */
export async function backUp(
  { db }: Connection,
  url: string,
  why: BackupReason,
  now: Date,
): Promise<Backup | null> {
  const file = databaseFile(url);
  if (file === null) return null;
  const folder = backupFolder(file);
  await mkdir(folder, { recursive: true });
  await dropLeftOver(folder, now);
  const part = join(folder, `.${randomUUID()}.part`);
  try {
    await db.run(sql`vacuum into ${part}`);
    await checkDatabase(part);
    await flushed(part);
    const name = nameOf(now, why, await hashOf(part));
    await rename(part, join(folder, name));
    await flushed(folder);
    const { size } = await stat(join(folder, name));
    await copyPictures(pictureFolder(url), join(folder, "pictures"));
    for (const old of backupsToDrop(await listBackups(url), now))
      await rm(join(folder, old.name), { force: true });
    return { name, at: new Date(Math.floor(now.getTime() / 1000) * 1000), why, bytes: size };
  } finally {
    for (const rest of ["", "-wal", "-shm"]) await rm(`${part}${rest}`, { force: true });
  }
}

/** Backs up what changed since the last time, once a day. */
export async function backUpWhenDue(
  connection: Connection,
  url: string,
  now: Date,
): Promise<Backup | null> {
  const file = databaseFile(url);
  if (file === null) return null;
  const last = (await listBackups(url))[0]?.at ?? null;
  const changes = await Promise.all(
    [file, `${file}-wal`].map(async (path) => (await stat(path).catch(() => null))?.mtime),
  );
  const changedAt = new Date(Math.max(...changes.map((at) => at?.getTime() ?? 0)));
  return isBackupDue(last, changedAt, now) ? backUp(connection, url, "daily", now) : null;
}

/** How much of a kind a backup has that the kitchen has not, and the other way round. */
export type Compared = {
  readonly of: (typeof COMPARED)[number];
  readonly inBackup: number;
  /** In both, but not the same. */
  readonly different: number;
  /** In the backup only: these would come back. */
  readonly missing: number;
  /** In the kitchen only: these would be gone. */
  readonly newer: number;
};

const COMPARED = ["cakes", "recipes", "tins", "ovens", "records", "portions", "bakes"] as const;

/** What bringing back a backup would change. @throws DamagedBackup for one that is not whole */
export async function compareBackup(
  connection: Connection,
  url: string,
  name: string,
): Promise<readonly Compared[]> {
  return withBackup(connection, url, name, async (db) => {
    const compared: Compared[] = [];
    for (const of of COMPARED) {
      const columns = (await columnsOf(db, of)).map((each) => `"${each}"`).join(", ");
      const [row] = await db.all<Omit<Compared, "of">>(
        sql.raw(`select
          (select count(*) from kept."${of}") as inBackup,
          (select count(*) from (select ${columns} from kept."${of}" except select ${columns} from main."${of}")
            where id in (select id from main."${of}")) as different,
          (select count(*) from kept."${of}" where id not in (select id from main."${of}")) as missing,
          (select count(*) from main."${of}" where id not in (select id from kept."${of}")) as newer`),
      );
      if (row !== undefined) compared.push({ of, ...row });
    }
    return compared;
  });
}

/**
 * Brings back a backup: everything in the kitchen is as it was then, all of it or, when anything
 * fails, nothing. What stood there is backed up first. The program may run meanwhile.
 * @returns the backup of what stood there
 * @throws DamagedBackup for one that is not whole
 */
export async function restoreBackup(
  connection: Connection,
  url: string,
  name: string,
  now: Date,
): Promise<Backup | null> {
  const file = databaseFile(url);
  if (file === null) return null;
  const before = await withBackup(connection, url, name, async (db) => {
    // In the same turn of the queue: no write comes between the backup and what takes its place.
    const stood = await backUp(connection, url, "before-restore", now);
    // Who may come in is not brought back: a key that was taken away stays away.
    const tables = await db.all<{ name: string }>(
      sql`select name from main.sqlite_master where type = 'table' and name not like 'sqlite\\_%' escape '\\' and name not in ('__drizzle_migrations', 'house_keys')`,
    );
    const steps = [];
    for (const { name: table } of tables) {
      const columns = (await columnsOf(db, table)).map((each) => `"${each}"`).join(", ");
      steps.push(
        `delete from main."${table}"`,
        `insert into main."${table}" (${columns}) select ${columns} from kept."${table}"`,
      );
    }
    await connection.client.batch(["pragma defer_foreign_keys = on", ...steps], "write");
    return stood;
  });
  await copyPictures(join(backupFolder(file), "pictures"), pictureFolder(url));
  return before;
}

/** The path of a backup by its name. @throws RangeError for what is no backup's name */
function pathOf(file: string, name: string): string {
  if (!NAME.test(name)) throw new RangeError("no backup has such a name");
  return join(backupFolder(file), name);
}

/** Works with a copy of a backup beside the kitchen, as `kept`, brought up to this version. */
async function withBackup<T>(
  connection: Connection,
  url: string,
  name: string,
  work: (db: Database) => Promise<T>,
): Promise<T> {
  const file = databaseFile(url);
  if (file === null) throw new RangeError("a kitchen on a server has its own backups");
  const copy = join(backupFolder(file), `.${randomUUID()}.part`);
  try {
    await checkWhole(file, name);
    await copyFile(pathOf(file, name), copy);
    const opened = openDatabase(`file:${copy}`);
    try {
      await migrateTables(opened);
    } finally {
      opened.client.close();
    }
    return await connection.write(async (db) => {
      await db.run(sql`attach database ${copy} as kept`);
      try {
        return await work(db);
      } finally {
        await db.run(sql`detach database kept`);
      }
    });
  } finally {
    for (const rest of ["", "-wal", "-shm"]) await rm(`${copy}${rest}`, { force: true });
  }
}

async function columnsOf(db: Database, table: string): Promise<readonly string[]> {
  const columns = await db.all<{ name: string }>(
    sql`select name from pragma_table_info(${table}, 'main')`,
  );
  return columns.map(({ name }) => name);
}

/** @throws DamagedBackup for a backup that is not, to the byte, what was written */
async function checkWhole(file: string, name: string): Promise<void> {
  const path = pathOf(file, name);
  if (NAME.exec(name)?.[6] !== (await hashOf(path)))
    throw new DamagedBackup("a backup is not what was written");
}

async function hashOf(path: string): Promise<string> {
  const hash = createHash("sha256");
  for await (const chunk of createReadStream(path) as AsyncIterable<Uint8Array>) hash.update(chunk);
  return hash.digest("hex").slice(0, HASH_LETTERS);
}

/** @throws DamagedBackup for a file that is no whole database */
async function checkDatabase(path: string): Promise<void> {
  const { client, db } = openDatabase(`file:${path}`);
  try {
    const rows = await db.all<{ integrity_check: string }>(sql`pragma integrity_check`);
    const tables = await db.all(sql`select 1 from sqlite_master where name = 'kitchen'`);
    if (rows[0]?.integrity_check !== "ok" || tables.length === 0)
      throw new DamagedBackup("a backup is not whole");
  } finally {
    client.close();
  }
}

/** Takes away what a program that was killed left half written, once nobody can be at it any more. */
async function dropLeftOver(folder: string, now: Date): Promise<void> {
  for (const name of await readdir(folder)) {
    if (!/^\..*\.part/u.test(name)) continue;
    const path = join(folder, name);
    const { mtime } = await stat(path);
    if (now.getTime() - mtime.getTime() > LEFT_OVER_MS) await rm(path, { force: true });
  }
}

/** Waits until a file or a folder is on the disk. */
async function flushed(path: string): Promise<void> {
  const opened = await open(path, "r");
  try {
    await opened.sync();
  } finally {
    await opened.close();
  }
}

/** Copies pictures that are not there yet; each has the hash of its bytes for a name. */
async function copyPictures(from: string, to: string): Promise<void> {
  if (!existsSync(from)) return;
  await mkdir(to, { recursive: true });
  for (const name of await readdir(from)) {
    if (!/^[0-9a-f]{64}\.jpg$/u.test(name) || existsSync(join(to, name))) continue;
    const part = join(to, `.${randomUUID()}.part`);
    await copyFile(join(from, name), part);
    await flushed(part);
    await rename(part, join(to, name));
  }
}
