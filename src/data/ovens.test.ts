import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { sql } from "drizzle-orm";
import { afterEach, beforeEach, expect, it } from "vitest";
import { USUAL_OVEN } from "@/core/bake";
import { addOven, changeOven, deleteOven, findOven, listOvens, restoreOven } from ".";
import { openDatabase, type Connection } from "./connection";
import { migrateDatabase } from "./migrate";

const NOW = new Date("2026-11-28T15:00:00Z");
let folder: string;
let connection: Connection;

beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), "ovens-"));
  const url = `file:${join(folder, "kitchen.db")}`;
  connection = openDatabase(url, { busyMs: 600 });
  await migrateDatabase(connection, url, NOW);
  await addOven(connection, { id: "a", name: "Kitchen oven", spec: USUAL_OVEN }, NOW);
  await addOven(
    connection,
    { id: "b", name: "Ferry galley", spec: { ...USUAL_OVEN, source: "gas" } },
    new Date(NOW.getTime() + 1000),
  );
});

afterEach(() => {
  connection.client.close();
  rmSync(folder, { recursive: true });
});

const ids = async (): Promise<readonly string[]> =>
  (await listOvens(connection)).map(({ id }) => id);

it("ovens are listed the oldest first, and found with when they were changed", async () => {
  expect(await ids()).toEqual(["a", "b"]);
  expect(await findOven(connection, "a")).toEqual({
    id: "a",
    name: "Kitchen oven",
    spec: USUAL_OVEN,
    version: 1,
    updatedAt: NOW,
  });
  expect(await findOven(connection, "none")).toBeNull();
});

it("an oven is changed, taken out, and put back as it was", async () => {
  const spec = { ...USUAL_OVEN, readings: [{ dialC: 180, trueC: 174 }] };
  expect(await changeOven(connection, { id: "a", name: "The old one", spec }, 1, NOW)).toEqual({
    kind: "kept",
    version: 2,
  });
  expect(await changeOven(connection, { id: "a", name: "Late", spec }, 1, NOW)).toMatchObject({
    kind: "changed-elsewhere",
    theirs: { name: "The old one", version: 2 },
  });
  expect(await deleteOven(connection, "a", NOW)).toBe(true);
  expect(await ids()).toEqual(["b"]);
  expect(await changeOven(connection, { id: "a", name: "Gone", spec }, 2, NOW)).toEqual({
    kind: "gone",
  });
  expect(await deleteOven(connection, "a", NOW)).toBe(false);
  expect(await restoreOven(connection, "a")).toBe(true);
  expect(await findOven(connection, "a")).toMatchObject({ name: "The old one", spec });
  expect(await restoreOven(connection, "a")).toBe(false);
});

it("a damaged oven is left out, and the others are still there", async () => {
  await connection.db.run(sql`update ovens set spec = '{"air":"warm"}' where id = 'a'`);
  expect(await ids()).toEqual(["b"]);
  expect(await findOven(connection, "a")).toBeNull();
});
