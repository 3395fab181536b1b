import { mkdirSync } from "node:fs";
import { dirname } from "node:path";
import { fileURLToPath } from "node:url";
import { createClient, type Client } from "@libsql/client";
import { drizzle, type LibSQLDatabase } from "drizzle-orm/libsql";
import { hasCode } from "./storage-issue";

export type Database = LibSQLDatabase;

/** One database with the queue its writes go through. */
export type Connection = {
  readonly client: Client;
  readonly db: Database;
  /** Runs a write after those before it. */
  readonly write: <T>(work: (db: Database) => Promise<T>) => Promise<T>;
};

/** How long a statement waits for another process's lock, ms. */
const BUSY_TIMEOUT_MS = 5000;

/** The path of a database that is a file on this machine; null for a server. */
export function databaseFile(url: string): string | null {
  if (!url.startsWith("file:")) return null;
  return url.startsWith("file://") ? fileURLToPath(url) : url.slice("file:".length);
}

/**
 * Opens a database. Every write has to go through `write`: after one SQLITE_BUSY the client keeps a statement open, and
 * later writes then report success without reaching the disk. Hence one queue, and after a BUSY a fresh connection and
 * one more try.
 * @param url `file:path` or the address of a libSQL server
 */
export function openDatabase(url: string, timeout = BUSY_TIMEOUT_MS): Connection {
  const file = databaseFile(url);
  if (file !== null) mkdirSync(dirname(file), { recursive: true });
  const client = createClient({ url, timeout });
  const db = drizzle(client);
  let last: Promise<unknown> = Promise.resolve();

  async function attempt<T>(work: (db: Database) => Promise<T>): Promise<T> {
    try {
      return await work(db);
    } catch (error) {
      if (!hasCode(error, "SQLITE_BUSY")) throw error;
      client.reconnect();
      try {
        return await work(db);
      } catch (again) {
        // Left as it is, the connection would swallow the next write.
        client.reconnect();
        throw again;
      }
    }
  }

  function write<T>(work: (db: Database) => Promise<T>): Promise<T> {
    const turn = last.then(() => attempt(work));
    last = turn.catch(() => undefined);
    return turn;
  }

  return { client, db, write };
}

/** The address of the kitchen's database. */
export function databaseUrl(): string {
  return process.env["DATABASE_URL"] ?? "file:data/steady-tin.db";
}

// A development server loads this module anew after each edit; the connection outlives it.
const kept = globalThis as { steadyTinConnection?: Connection };

/** The kitchen's database, opened once a process. */
export function kitchenDatabase(): Connection {
  kept.steadyTinConnection ??= openDatabase(databaseUrl());
  return kept.steadyTinConnection;
}
