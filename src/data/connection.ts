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

/**
 * How long one statement waits for another process's lock, ms: the client waits inside the library
 * and holds up the whole server, so it hardly waits, and a write that was turned away is tried
 * again after a pause that blocks nobody, for so long in all.
 */
const BUSY_TIMEOUT_MS = 40;
const PAUSE_MS = { first: 20, most: 250 } as const;
const BUSY_FOR_MS = 6000;
/**
 * A write that has no answer for this long is given up, so that those behind it get their turn, ms.
 */
const ANSWER_MS = 20_000;

/** How patient a connection is, ms. */
type Patience = {
  readonly statementMs: number;
  readonly busyMs: number;
  readonly answerMs: number;
};
const PATIENCE: Patience = {
  statementMs: BUSY_TIMEOUT_MS,
  busyMs: BUSY_FOR_MS,
  answerMs: ANSWER_MS,
};

/** The path of a database that is a file on this machine; null for a server. */
export function databaseFile(url: string): string | null {
  if (!url.startsWith("file:")) return null;
  return url.startsWith("file://") ? fileURLToPath(url) : url.slice("file:".length);
}

/** A database that does not answer. */
class NoAnswer extends Error {
  readonly code = "NO_ANSWER";
}

const paused = (ms: number): Promise<void> =>
  new Promise((resolve) => {
    setTimeout(resolve, ms);
  });

async function answered<T>(work: Promise<T>, withinMs: number): Promise<T> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => {
      reject(new NoAnswer(`no answer in ${withinMs} ms`));
    }, withinMs);
  });
  try {
    return await Promise.race([work, late]);
  } finally {
    clearTimeout(timer);
  }
}

/**
 * Opens a database. Every write has to go through `write`: after one SQLITE_BUSY the client keeps a
 * statement open, and later writes then report success without reaching the disk. Hence one queue,
 * and after each BUSY a fresh connection, a pause and another try, until it has been busy for too
 * long.
 * @param url `file:path` or the address of a libSQL server
 */
export function openDatabase(url: string, patience: Partial<Patience> = {}): Connection {
  const { statementMs, busyMs, answerMs } = { ...PATIENCE, ...patience };
  const file = databaseFile(url);
  if (file !== null) mkdirSync(dirname(file), { recursive: true });
  const client = createClient({ url, timeout: statementMs });
  const db = drizzle(client);
  let last: Promise<unknown> = Promise.resolve();

  async function attempt<T>(work: (db: Database) => Promise<T>): Promise<T> {
    const until = performance.now() + busyMs;
    for (let pauseMs: number = PAUSE_MS.first; ; pauseMs = Math.min(PAUSE_MS.most, pauseMs * 2)) {
      try {
        return await answered(work(db), answerMs);
      } catch (error) {
        const isBusy = hasCode(error, "SQLITE_BUSY");
        // Left as it is, the connection would swallow the next write, or go on with one that was
        // given up.
        if (isBusy || hasCode(error, "NO_ANSWER")) client.reconnect();
        if (!isBusy || performance.now() + pauseMs > until) throw error;
        await paused(pauseMs);
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
