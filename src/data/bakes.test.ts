import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, expect, it } from "vitest";
import { ONE_TASK_BAKE } from "@/core/kept/one-task-bake.test-data";
import type { BakeEvent } from "@/core/live";
import { addBake, eventsSince, findBake, giveUpBake, listOpenBakes, tellBake } from ".";
import { openDatabase, type Connection } from "./connection";
import { migrateDatabase } from "./migrate";

const folder = mkdtempSync(join(tmpdir(), "steady-tin-bakes-"));
const url = `file:${join(folder, "kitchen.db")}`;
let kitchen: Connection;
const NOW = new Date("2026-12-05T09:00:00Z");

beforeAll(async () => {
  kitchen = openDatabase(url);
  await migrateDatabase(kitchen, url, NOW);
});
afterAll(() => {
  kitchen.client.close();
  rmSync(folder, { recursive: true });
});

const done = (id: string, task: string): BakeEvent => ({ id, at: 5, kind: "done", task });

it("keeps a bake as it began, and finds it with its cakes while it goes on", async () => {
  await addBake(kitchen, { id: "one", name: "Supper", doc: ONE_TASK_BAKE }, NOW);
  expect(await findBake(kitchen, "one")).toEqual({
    id: "one",
    name: "Supper",
    doc: ONE_TASK_BAKE,
    startedAt: NOW,
    endedAt: null,
  });
  expect(await listOpenBakes(kitchen, NOW)).toEqual([
    { id: "one", name: "Supper", cakeIds: ["supper"] },
  ]);
  expect(await findBake(kitchen, "none")).toBeNull();
});

it("keeps each event once, in the order they arrived, and gives what came after one", async () => {
  expect(
    await tellBake(kitchen, "one", [done("event-one", "0.tins"), done("event-two", "0.tins")], NOW),
  ).toBe(true);
  const { events, seq } = await eventsSince(kitchen, "one", 0);
  expect(events.map(({ id }) => id)).toEqual(["event-one", "event-two"]);
  await tellBake(kitchen, "one", [done("event-two", "0.tins"), done("event-six", "0.tins")], NOW);
  expect((await eventsSince(kitchen, "one", seq)).events.map(({ id }) => id)).toEqual([
    "event-six",
  ]);
  expect((await eventsSince(kitchen, "one", 0)).events).toHaveLength(3);
  expect(await tellBake(kitchen, "none", [done("event-one", "0.tins")], NOW)).toBe(false);
  expect((await eventsSince(kitchen, "none", 0)).events).toEqual([]);
});

it("closes a bake with its last answer, or when it is given up", async () => {
  await tellBake(
    kitchen,
    "one",
    [{ id: "event-end", at: 9, kind: "ended", bakedMin: 34, verdict: "right", change: "" }],
    NOW,
  );
  expect((await findBake(kitchen, "one"))?.endedAt).toEqual(NOW);
  await addBake(kitchen, { id: "two", name: "Supper", doc: ONE_TASK_BAKE }, NOW);
  expect(await giveUpBake(kitchen, "two", NOW)).toBe(true);
  expect(await giveUpBake(kitchen, "two", NOW)).toBe(false);
  expect(await listOpenBakes(kitchen, NOW)).toEqual([]);
});

it("does not go on with a rehearsal of yesterday, but with a bake of any age", async () => {
  const rehearsal = { ...ONE_TASK_BAKE, clock: { ...ONE_TASK_BAKE.clock, speed: 60 } };
  await addBake(kitchen, { id: "played", name: "Played", doc: rehearsal }, NOW);
  await addBake(kitchen, { id: "real", name: "Real", doc: ONE_TASK_BAKE }, NOW);
  const open = async (at: Date): Promise<readonly string[]> =>
    (await listOpenBakes(kitchen, at)).map(({ id }) => id).toSorted();
  expect(await open(NOW)).toEqual(["played", "real"]);
  expect(await open(new Date(NOW.getTime() + 24 * 3600 * 1000))).toEqual(["real"]);
});
