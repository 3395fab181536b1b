import { existsSync, readdirSync, readFileSync, utimesSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { sql } from "drizzle-orm";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { FIRST_QUESTION } from "@/core/ask";
import { backUp, backUpWhenDue, compareBackup, listBackups, restoreBackup } from "./backups";
import { LAST_CHANGED, listCakes } from "./cake-list";
import { addCake, deleteCake, nameCake } from "./cakes";
import { addTin } from "./cupboard";
import { openDatabase } from "./connection";
import { freshKitchen, NOW, type FreshKitchen } from "./fresh-kitchen.test-data";
import { findPicture, keepPicture, pictureFolder } from "./pictures";
import { storageIssue } from "./storage-issue";

let kitchen: FreshKitchen;
const later = (hours: number): Date => new Date(NOW.getTime() + hours * 3_600_000);

beforeEach(async () => {
  kitchen = await freshKitchen();
  await keep("supper", "Supper cake");
});
afterEach(() => {
  kitchen.remove();
});

const keep = (id: string, name: string): Promise<void> =>
  addCake(kitchen.connection, { id, name, doc: { question: FIRST_QUESTION, recipe: null } }, NOW);
const names = async (): Promise<readonly string[]> =>
  (await listCakes(kitchen.connection, LAST_CHANGED, { limit: 100 })).cakes
    .map(({ name }) => name)
    .toSorted();
const backedUp = async (at = NOW) => {
  const backup = await backUp(kitchen.connection, kitchen.url, "asked", at);
  if (backup === null) throw new Error("no backup was made");
  return backup;
};
const folder = (): string => join(kitchen.folder, "backups");
const issueOf = async (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => "none",
    (error: unknown) => storageIssue(error),
  );

describe("a backup", () => {
  it("is a whole kitchen in a file of its own, and nothing else is left beside it", async () => {
    const { name, bytes } = await backedUp();
    expect(readdirSync(folder())).toEqual([name]);
    expect(bytes).toBeGreaterThan(10_000);
    const opened = openDatabase(`file:${join(folder(), name)}`);
    expect(
      (await listCakes(opened, LAST_CHANGED, { limit: 9 })).cakes.map((cake) => cake.name),
    ).toEqual(["Supper cake"]);
    opened.client.close();
  });

  it("is brought back whole: what was changed, deleted and added since", async () => {
    await keep("ferry", "Ferry cake");
    const { name } = await backedUp();
    await nameCake(kitchen.connection, "supper", "Renamed", later(1));
    await deleteCake(kitchen.connection, "ferry", later(1));
    await keep("new", "New cake");
    const compared = await compareBackup(kitchen.connection, kitchen.url, name);
    expect(compared.find(({ of }) => of === "cakes")).toEqual({
      of: "cakes",
      inBackup: 2,
      different: 2,
      missing: 0,
      newer: 1,
    });
    const before = await restoreBackup(kitchen.connection, kitchen.url, name, later(2));
    expect(await names()).toEqual(["Ferry cake", "Supper cake"]);
    // And the way back.
    await restoreBackup(kitchen.connection, kitchen.url, before?.name ?? "", later(3));
    expect(await names()).toEqual(["New cake", "Renamed"]);
    expect((await listBackups(kitchen.url)).map(({ why }) => why)).toEqual([
      "before-restore",
      "before-restore",
      "asked",
    ]);
  });

  it("has every write that was acknowledged before it was brought back in the way back", async () => {
    const { name } = await backedUp();
    const writes = Array.from({ length: 20 }, (_, index) => keep(`w${index}`, `Cake ${index}`));
    const restored = restoreBackup(kitchen.connection, kitchen.url, name, later(1));
    await Promise.all(writes);
    const before = await restored;
    await restoreBackup(kitchen.connection, kitchen.url, before?.name ?? "", later(2));
    expect(await names()).toHaveLength(21);
  });

  it("leaves the kitchen's writes at work after it was brought back", async () => {
    const { name } = await backedUp();
    await restoreBackup(kitchen.connection, kitchen.url, name, later(1));
    await keep("after", "After cake");
    expect(await names()).toEqual(["After cake", "Supper cake"]);
    const tin = { shape: "round", diameterMm: 200, depthMm: 50 } as const;
    expect(
      await addTin(kitchen.connection, { id: "t", name: "Round", tin, owned: 1 }, NOW),
    ).toEqual({ kind: "kept", version: 1 });
  });

  it("that is damaged changes nothing", async () => {
    const { name } = await backedUp();
    const path = join(folder(), name);
    const bytes = readFileSync(path);
    for (const cut of [0, 100, 5000, Math.floor(bytes.length / 2), bytes.length - 1000]) {
      writeFileSync(path, bytes.subarray(0, cut));
      const restored = issueOf(restoreBackup(kitchen.connection, kitchen.url, name, later(1)));
      expect(await restored, `cut at ${cut}`).toBe("damaged");
    }
    writeFileSync(path, Buffer.alloc(bytes.length, 7));
    expect(await issueOf(compareBackup(kitchen.connection, kitchen.url, name))).toBe("damaged");
    expect(await names()).toEqual(["Supper cake"]);
    expect(readdirSync(folder()).filter((each) => each.startsWith("."))).toEqual([]);
  });

  it("of a newer version is refused", async () => {
    await kitchen.connection.db.run(
      sql`insert into __drizzle_migrations (hash, created_at) values ('from the future', 99999999999999)`,
    );
    const { name } = await backedUp();
    expect(await issueOf(restoreBackup(kitchen.connection, kitchen.url, name, later(1)))).toBe(
      "newer",
    );
  });

  it("clears away what a killed program left half written, and nothing else", async () => {
    await backedUp();
    const [left, fresh] = [".half.part", ".working.part"].map((name) => join(folder(), name));
    for (const path of [left, fresh]) writeFileSync(path ?? "", "half");
    utimesSync(left ?? "", later(-25), later(-25));
    utimesSync(fresh ?? "", later(-1), later(-1));
    await backedUp(later(1));
    expect(readdirSync(folder()).filter((name) => name.startsWith("."))).toEqual([".working.part"]);
  });

  it("is asked for by its name only", async () => {
    await expect(compareBackup(kitchen.connection, kitchen.url, "../kitchen.db")).rejects.toThrow(
      RangeError,
    );
  });

  it("has the pictures beside it, each once, and brings back those that are gone", async () => {
    const hash = await keepPicture(new Uint8Array([1, 2, 3]), pictureFolder(kitchen.url));
    const { name } = await backedUp();
    await backedUp(later(1));
    expect(readdirSync(join(folder(), "pictures"))).toEqual([`${hash}.jpg`]);
    writeFileSync(join(kitchen.folder, "pictures", "note.txt"), "hers");
    const path = join(kitchen.folder, "pictures", `${hash}.jpg`);
    expect(existsSync(path)).toBe(true);
    (await import("node:fs")).rmSync(path);
    await restoreBackup(kitchen.connection, kitchen.url, name, later(2));
    expect(await findPicture(hash, pictureFolder(kitchen.url))).toEqual(new Uint8Array([1, 2, 3]));
  });

  it("is made once a day, when something changed", async () => {
    const due = (hours: number) => backUpWhenDue(kitchen.connection, kitchen.url, later(hours));
    const touched = (hours: number): void => {
      for (const end of ["", "-wal"])
        if (existsSync(join(kitchen.folder, `kitchen.db${end}`)))
          utimesSync(join(kitchen.folder, `kitchen.db${end}`), later(hours), later(hours));
    };
    touched(-1);
    expect((await due(0))?.why).toBe("daily");
    expect(await due(30)).toBeNull();
    touched(20);
    expect(await due(23)).toBeNull();
    expect((await due(25))?.why).toBe("daily");
    expect(await listBackups(kitchen.url)).toHaveLength(2);
  });

  it("is a server's own matter where the kitchen is on one", async () => {
    expect(await backUp(kitchen.connection, "http://127.0.0.1:8080", "asked", NOW)).toBeNull();
    expect(await listBackups("http://127.0.0.1:8080")).toEqual([]);
  });
});
