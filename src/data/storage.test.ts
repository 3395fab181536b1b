import { spawn, type ChildProcess } from "node:child_process";
import { cpSync, existsSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { sql } from "drizzle-orm";
import { FIRST_QUESTION, type Question } from "@/core/ask";
import type { CakeDoc } from "@/core/kept";
import { openDatabase, type Connection } from "./connection";
import { freshKitchen, NOW, type FreshKitchen } from "./fresh-kitchen.test-data";
import { addCake, LAST_CHANGED, listCakes } from ".";
import { listBackups } from "./backups";
import { checkKitchen, migrateDatabase } from "./migrate";
import { loggable, storageIssue } from "./storage-issue";

let kitchen: FreshKitchen;
let connection: Connection;
let folder: string;
let url: string;

beforeEach(async () => {
  kitchen = await freshKitchen();
  ({ connection, folder, url } = kitchen);
});
afterEach(() => {
  kitchen.remove();
});

const ALL = { limit: 100 } as const;
const asked = (changes: Partial<Question>): CakeDoc => ({
  question: { ...FIRST_QUESTION, ...changes },
  recipe: null,
});
const names = async (): Promise<readonly string[]> =>
  (await listCakes(connection, LAST_CHANGED, ALL)).cakes.map(({ name }) => name);

const failing = async (work: () => Promise<unknown>): Promise<string> =>
  storageIssue(
    await work().then(
      () => null,
      (error: unknown) => error,
    ),
  );
const cake = { id: "a", name: "Supper cake", doc: asked({}) };

describe("a kitchen's file", () => {
  it("is looked through at the start: a damaged page is found before anything is written", async () => {
    await checkKitchen(connection, url);
    for (let count = 0; count < 60; count += 1)
      await addCake(connection, { id: `c${count}`, name: `Cake ${count}`, doc: asked({}) }, NOW);
    await checkKitchen(connection, url);
    connection.client.close();
    const file = url.slice("file:".length);
    const bytes = readFileSync(file);
    // Into the middle of the file: the pages of its tables, not its head.
    bytes.fill(0xa5, 4096 * 30, 4096 * 36);
    writeFileSync(file, bytes);
    const opened = openDatabase(url);
    expect(await failing(() => checkKitchen(opened, url))).toBe("damaged");
    opened.client.close();
    expect(readFileSync(file).equals(bytes)).toBe(true);
  });

  it("on a server is the server's to look through", async () => {
    await expect(checkKitchen(connection, "http://127.0.0.1:1")).resolves.toBeUndefined();
  });
});

describe("migrations", () => {
  it("do nothing to a database that is up to date", async () => {
    expect(await migrateDatabase(connection, url, NOW)).toBeNull();
  });

  it("keep a copy of the file first, and leave everything as it was when a step fails", async () => {
    await addCake(
      connection,
      { id: "a", name: "Supper cake", doc: { question: FIRST_QUESTION, recipe: null } },
      NOW,
    );
    const migrations = join(folder, "migrations");
    cpSync("src/data/migrations", migrations, { recursive: true });
    const journalFile = join(migrations, "meta", "_journal.json");
    const journal = JSON.parse(readFileSync(journalFile, "utf8")) as {
      entries: { idx: number; when: number; tag: string }[];
    };
    const last = journal.entries.at(-1);
    journal.entries.push({
      ...last,
      idx: journal.entries.length,
      when: (last?.when ?? 0) + 1,
      tag: "9999_broken",
    });
    writeFileSync(journalFile, JSON.stringify(journal));
    writeFileSync(
      join(migrations, "9999_broken.sql"),
      "CREATE TABLE shelves (id text);\n--> statement-breakpoint\nALTER TABLE nowhere ADD x text;",
    );

    await expect(migrateDatabase(connection, url, NOW, migrations)).rejects.toThrow();
    const [backup] = await listBackups(url);
    expect(backup).toMatchObject({ at: NOW, why: "before-update" });
    const copy = join(folder, "backups", backup?.name ?? "");
    expect(existsSync(copy)).toBe(true);
    const before = openDatabase(`file:${copy}`);
    expect((await listCakes(before, LAST_CHANGED, ALL)).cakes.map(({ name }) => name)).toEqual([
      "Supper cake",
    ]);
    before.client.close();
    expect(
      await connection.db.all(sql`select name from sqlite_master where name = 'shelves'`),
    ).toEqual([]);
    expect(await names()).toEqual(["Supper cake"]);
  });
});

describe("a kitchen of a newer version", () => {
  it("is refused and left as it is", async () => {
    await connection.db.run(
      sql`insert into __drizzle_migrations (hash, created_at) values ('from the future', 99999999999999)`,
    );
    const failure = await migrateDatabase(connection, url, NOW).then(
      () => null,
      (error: unknown) => error,
    );
    expect(storageIssue(failure)).toBe("newer");
    expect(await listBackups(url)).toEqual([]);
  });
});

describe("what a log says of an error", () => {
  it("is its kinds and codes, never what was to be stored or where", async () => {
    await connection.db.run(sql`pragma query_only = on`);
    const doc = asked({ recipe: "Great-aunt Petronel's secret" });
    const failure = await addCake(connection, { id: "a", name: "Secret cake", doc }, NOW).then(
      () => null,
      (error: unknown) => error,
    );
    expect(String(failure)).toContain("secret");
    expect(loggable(failure)).toContain("SQLITE_READONLY");
    expect(loggable(failure)).not.toMatch(/secret|insert|libsql:/iu);
  });
});

/** Another process that takes the write lock for a while. */
async function holdLock(milliseconds: number): Promise<ChildProcess> {
  const script = `
    import { createClient } from "@libsql/client";
    const client = createClient({ url: process.argv[1] });
    const held = await client.transaction("write");
    process.stdout.write("held");
    setTimeout(() => held.rollback().then(() => process.exit(0)), ${milliseconds});`;
  const child = spawn(process.execPath, ["--input-type=module", "-e", script, url], {
    stdio: ["ignore", "pipe", "inherit"],
  });
  await new Promise((resolve) => child.stdout.once("data", resolve));
  return child;
}

async function ended(child: ChildProcess): Promise<void> {
  if (child.exitCode === null) await new Promise((resolve) => child.once("exit", resolve));
}

describe("a locked database", () => {
  const cake = { id: "a", name: "Supper cake", doc: asked({}) };

  it("is waited for when the other process lets go in time", async () => {
    const holder = await holdLock(250);
    await addCake(connection, cake, NOW);
    await ended(holder);
    expect(await names()).toEqual(["Supper cake"]);
  });

  it("is said to be busy when it does not, and the next write still reaches the disk", async () => {
    const holder = await holdLock(1500);
    const failure = await addCake(connection, cake, NOW).then(
      () => null,
      (error: unknown) => error,
    );
    expect(storageIssue(failure)).toBe("busy");
    await ended(holder);
    await addCake(connection, { ...cake, id: "b" }, NOW);
    const other = openDatabase(url);
    expect((await listCakes(other, LAST_CHANGED, ALL)).cakes.map(({ id }) => id)).toEqual(["b"]);
    other.client.close();
  });

  it("blocks nobody else meanwhile: the server's other work goes on", async () => {
    const patient = openDatabase(url, { busyMs: 5000 });
    const holder = await holdLock(700);
    let ticks = 0;
    let longestMs = 0;
    let last = performance.now();
    const timer = setInterval(() => {
      longestMs = Math.max(longestMs, performance.now() - last);
      last = performance.now();
      ticks += 1;
    }, 10);
    await addCake(patient, cake, NOW);
    clearInterval(timer);
    patient.client.close();
    await ended(holder);
    expect(ticks).toBeGreaterThan(2);
    // One statement waits 40 ms; the rest of the waiting is a pause. Half the time is for a busy machine.
    expect(longestMs).toBeLessThan(400);
  });

  it("that never answers is given up, and the writes behind it get their turn", async () => {
    const quick = openDatabase(url, { answerMs: 150 });
    const hung = quick
      .write(() => new Promise<never>(() => undefined))
      .then(
        () => null,
        (error: unknown) => error,
      );
    const next = addCake(quick, { ...cake, id: "after" }, NOW);
    expect(storageIssue(await hung)).toBe("unreachable");
    await next;
    expect(await names()).toEqual(["Supper cake"]);
    quick.client.close();
  });

  it("takes many writes at once, one after the other", async () => {
    await Promise.all(
      Array.from({ length: 30 }, (_, index) =>
        addCake(connection, { ...cake, id: `cake-${index}` }, NOW),
      ),
    );
    expect((await listCakes(connection, LAST_CHANGED, ALL)).total).toBe(30);
  });
});

describe("what kept something from being stored", () => {
  it("is a read-only file", async () => {
    await connection.db.run(sql`pragma query_only = on`);
    expect(await failing(() => addCake(connection, cake, NOW))).toBe("read-only");
  });

  it("is a full disk", async () => {
    await connection.db.run(sql`pragma max_page_count = 1`);
    const big = asked({ recipe: "x".repeat(100_000) });
    expect(await failing(() => addCake(connection, { ...cake, doc: big }, NOW))).toBe("full");
  });

  it("is a file that is no database, or not there to open", async () => {
    writeFileSync(join(folder, "letter.db"), "Dear Lantern Row, ".repeat(500));
    const letter = openDatabase(`file:${join(folder, "letter.db")}`);
    expect(await failing(() => listCakes(letter, LAST_CHANGED, ALL))).toBe("damaged");
    expect(storageIssue(new Error("anything"))).toBe("unknown");
  });
});
