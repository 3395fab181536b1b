import { spawn, type ChildProcess } from "node:child_process";
import { cpSync, existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { sql } from "drizzle-orm";
import { FIRST_QUESTION, planCake, readQuestion } from "@/core/cake";
import { openDatabase, type Connection } from "./connection";
import { DEMO_CAKES } from "./demo-kitchen";
import { addCake, changeCake, deleteCake, duplicateCake, findCake, listCakes, listRecipes, listTins, restoreCake } from ".";
import { migrateDatabase } from "./migrate";
import { seedDemoKitchen } from "./seed";
import { storageIssue } from "./storage-issue";

const NOW = new Date("2026-11-28T15:00:00Z");
let folder: string;
let url: string;
let connection: Connection;

beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), "kitchen-"));
  url = `file:${join(folder, "kitchen.db")}`;
  connection = openDatabase(url, 200);
  await migrateDatabase(connection, url, NOW);
});

afterEach(() => {
  connection.client.close();
  rmSync(folder, { recursive: true });
});

const later = (minutes: number): Date => new Date(NOW.getTime() + minutes * 60_000);
const names = async (): Promise<readonly string[]> => (await listCakes(connection)).map(({ name }) => name);

describe("cakes", () => {
  beforeEach(async () => {
    await addCake(connection, { id: "a", name: "Supper cake", question: FIRST_QUESTION }, NOW);
    await addCake(connection, { id: "b", name: "Ferry loaf", question: { ...FIRST_QUESTION, tins: ["loaf 22 x 11 cm"] } }, later(1));
  });

  it("are found again by another connection, last changed first", async () => {
    const other = openDatabase(url);
    expect((await listCakes(other)).map(({ id }) => id)).toEqual(["b", "a"]);
    expect(await findCake(other, "a")).toEqual({ id: "a", name: "Supper cake", question: FIRST_QUESTION, updatedAt: NOW });
    other.client.close();
  });

  it("are renamed and changed, and move to the front", async () => {
    expect(await changeCake(connection, "a", { name: "Harbour supper" }, later(2))).toBe(true);
    expect(await names()).toEqual(["Harbour supper", "Ferry loaf"]);
    await changeCake(connection, "a", { question: { ...FIRST_QUESTION, minutes: "40" } }, later(3));
    expect((await findCake(connection, "a"))?.question?.minutes).toBe("40");
    expect(await changeCake(connection, "nobody", { name: "x" }, NOW)).toBe(false);
  });

  it("are deleted, and brought back as they were", async () => {
    expect(await deleteCake(connection, "a", later(2))).toBe(true);
    expect(await findCake(connection, "a")).toBeNull();
    expect(await deleteCake(connection, "a", later(3))).toBe(false);
    expect(await restoreCake(connection, "a")).toBe(true);
    expect(await restoreCake(connection, "a")).toBe(false);
    expect(await names()).toEqual(["Ferry loaf", "Supper cake"]);
  });

  it("are copied under a new name", async () => {
    expect(await duplicateCake(connection, "b", { id: "c", name: "Ferry loaf, copy" }, later(2))).toBe(true);
    expect((await findCake(connection, "c"))?.question?.tins).toEqual(["loaf 22 x 11 cm"]);
    expect(await duplicateCake(connection, "nobody", { id: "d", name: "x" }, NOW)).toBe(false);
  });

  it("are shown with their name even when their question is damaged, and never thrown away", async () => {
    await connection.write((db) => db.run(sql`update cakes set question = '{"half":' where id = 'a'`));
    expect(await findCake(connection, "a")).toMatchObject({ name: "Supper cake", question: null });
  });
});

describe("the demo kitchen", () => {
  it("is laid in once, and every part of it reads back and can be planned", async () => {
    expect(await seedDemoKitchen(connection, NOW)).toBe(true);
    expect(await seedDemoKitchen(connection, NOW)).toBe(false);
    expect(await listTins(connection)).toHaveLength(12);
    expect(await listRecipes(connection)).toHaveLength(7);
    for (const { question } of DEMO_CAKES) {
      const { input } = readQuestion(question, { size: "metric", heat: "C" });
      expect(input).toMatchObject({ ok: true });
      if (input.ok) expect(planCake(input.value)).toMatchObject({ ok: true });
    }
    for (const { recipe } of await listRecipes(connection)) {
      const plan = planCake({ recipe, tins: recipe.reference.tins });
      if (!plan.ok) throw new Error(`${recipe.name ?? ""} can't be planned`);
      expect([recipe.name, plan.value.fill.overG]).toEqual([recipe.name, 0]);
    }
  });

  it("never goes over a baker's own data, nor comes back after she deletes it", async () => {
    await addCake(connection, { id: "mine", name: "Mine", question: FIRST_QUESTION }, NOW);
    expect(await seedDemoKitchen(connection, NOW)).toBe(false);
    expect(await listTins(connection)).toEqual([]);
  });
});

describe("migrations", () => {
  it("do nothing to a database that is up to date", async () => {
    expect(await migrateDatabase(connection, url, NOW)).toBeNull();
  });

  it("keep a copy of the file first, and leave everything as it was when a step fails", async () => {
    await addCake(connection, { id: "a", name: "Supper cake", question: FIRST_QUESTION }, NOW);
    const migrations = join(folder, "migrations");
    cpSync("src/data/migrations", migrations, { recursive: true });
    const journalFile = join(migrations, "meta", "_journal.json");
    const journal = JSON.parse(readFileSync(journalFile, "utf8")) as { entries: { idx: number; when: number; tag: string }[] };
    const last = journal.entries.at(-1);
    journal.entries.push({ ...last, idx: journal.entries.length, when: (last?.when ?? 0) + 1, tag: "9999_broken" });
    writeFileSync(journalFile, JSON.stringify(journal));
    writeFileSync(join(migrations, "9999_broken.sql"), "CREATE TABLE shelves (id text);\n--> statement-breakpoint\nALTER TABLE nowhere ADD x text;");

    await expect(migrateDatabase(connection, url, NOW, migrations)).rejects.toThrow();
    const copy = `${join(folder, "kitchen.db")}.before-2026-11-28T15-00-00-000Z`;
    expect(existsSync(copy)).toBe(true);
    const before = openDatabase(`file:${copy}`);
    expect((await listCakes(before)).map(({ name }) => name)).toEqual(["Supper cake"]);
    before.client.close();
    expect(await connection.db.all(sql`select name from sqlite_master where name = 'shelves'`)).toEqual([]);
    expect(await names()).toEqual(["Supper cake"]);
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
  const child = spawn(process.execPath, ["--input-type=module", "-e", script, url], { stdio: ["ignore", "pipe", "inherit"] });
  await new Promise((resolve) => child.stdout.once("data", resolve));
  return child;
}

async function ended(child: ChildProcess): Promise<void> {
  if (child.exitCode === null) await new Promise((resolve) => child.once("exit", resolve));
}

describe("a locked database", () => {
  const cake = { id: "a", name: "Supper cake", question: FIRST_QUESTION };

  it("is waited for when the other process lets go in time", async () => {
    const holder = await holdLock(250);
    await addCake(connection, cake, NOW);
    await ended(holder);
    expect(await names()).toEqual(["Supper cake"]);
  });

  it("is said to be busy when it does not, and the next write still reaches the disk", async () => {
    const holder = await holdLock(1500);
    const failure = await addCake(connection, cake, NOW).then(() => null, (error: unknown) => error);
    expect(storageIssue(failure)).toBe("busy");
    await ended(holder);
    await addCake(connection, { ...cake, id: "b" }, NOW);
    const other = openDatabase(url);
    expect((await listCakes(other)).map(({ id }) => id)).toEqual(["b"]);
    other.client.close();
  });

  it("takes many writes at once, one after the other", async () => {
    await Promise.all(Array.from({ length: 30 }, (_, index) => addCake(connection, { ...cake, id: `cake-${index}` }, NOW)));
    expect(await listCakes(connection)).toHaveLength(30);
  });
});

describe("what kept something from being stored", () => {
  const failing = async (work: () => Promise<unknown>): Promise<string> => storageIssue(await work().then(() => null, (error: unknown) => error));
  const cake = { id: "a", name: "Supper cake", question: FIRST_QUESTION };

  it("is a read-only file", async () => {
    await connection.db.run(sql`pragma query_only = on`);
    expect(await failing(() => addCake(connection, cake, NOW))).toBe("read-only");
  });

  it("is a full disk", async () => {
    await connection.db.run(sql`pragma max_page_count = 1`);
    const big = { ...FIRST_QUESTION, recipe: "x".repeat(100_000) };
    expect(await failing(() => addCake(connection, { ...cake, question: big }, NOW))).toBe("full");
  });

  it("is a file that is no database, or not there to open", async () => {
    writeFileSync(join(folder, "letter.db"), "Dear Lantern Row, ".repeat(500));
    const letter = openDatabase(`file:${join(folder, "letter.db")}`);
    expect(await failing(() => listCakes(letter))).toBe("damaged");
    expect(storageIssue(new Error("anything"))).toBe("unknown");
  });
});
