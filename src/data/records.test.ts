import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { ONE_TASK_BAKE } from "@/core/kept/one-task-bake.test-data";
import type { BakeRecord } from "@/core/logbook";
import { LAYERS_RECORD } from "@/core/logbook/record.test-data";
import { emptyRecipe } from "@/core/recipe";
import {
  addBake,
  addRecipe,
  addRecords,
  changeRecord,
  deleteRecord,
  EVERY_RECORD,
  findRecipe,
  findRecord,
  giveUpBake,
  listRecords,
  recordChoices,
  recordEndedBakes,
  restoreRecord,
  tellBake,
} from ".";
import { openDatabase, type Connection } from "./connection";
import { migrateDatabase } from "./migrate";

const folder = mkdtempSync(join(tmpdir(), "steady-tin-records-"));
const url = `file:${join(folder, "kitchen.db")}`;
let kitchen: Connection;
const NOW = new Date("2026-12-05T09:00:00Z");
const page = (id: string, changes: Partial<BakeRecord> = {}) => ({
  id,
  record: { ...LAYERS_RECORD, ...changes },
});

beforeAll(async () => {
  kitchen = openDatabase(url);
  await migrateDatabase(kitchen, url, NOW);
  await addRecords(
    kitchen,
    [
      page("one", { madeOn: "2026-01-10", verdict: "right", minutes: 37, taste: "sharp & light" }),
      page("two", { madeOn: "2026-03-07", verdict: "over", minutes: 41, change: "less heat" }),
      page("three", {
        madeOn: "2026-02-01",
        name: "Quay loaf",
        oven: "Galley",
        recipe: { id: "loaf", name: "Quay loaf" },
      }),
    ],
    NOW,
  );
});
afterAll(() => {
  kitchen.client.close();
  rmSync(folder, { recursive: true });
});

const idsOf = async (filter: Partial<typeof EVERY_RECORD>): Promise<readonly string[]> =>
  (
    await listRecords(kitchen, { ...EVERY_RECORD, ...filter }, { limit: 50, offset: 0 })
  ).records.map(({ id }) => id);

describe("the logbook", () => {
  it("stands newest first, found by words, recipe, oven and how it came out", async () => {
    expect(await idsOf({})).toEqual(["two", "three", "one"]);
    expect(await idsOf({ text: "LIGHT sharp" })).toEqual(["one"]);
    expect(await idsOf({ text: "february" })).toEqual(["three"]);
    expect(await idsOf({ text: "100 % _" })).toEqual([]);
    expect(await idsOf({ recipe: "loaf" })).toEqual(["three"]);
    expect(await idsOf({ oven: "Kitchen oven" })).toEqual(["two", "one"]);
    expect(await idsOf({ verdict: "over" })).toEqual(["two"]);
    expect(await idsOf({ verdict: "none" })).toEqual(["three"]);
    expect(await recordChoices(kitchen)).toEqual({
      recipes: [
        { key: "layers", name: "Net loft layers" },
        { key: "loaf", name: "Quay loaf" },
      ],
      ovens: ["Galley", "Kitchen oven"],
    });
  });

  it("tells a recipe the day of its newest page", async () => {
    const doc = emptyRecipe("Net loft layers");
    await addRecipe(
      kitchen,
      "layers",
      doc,
      { facts: { batter: {}, bake: { tins: [] } }, search: "" },
      NOW,
    );
    const lastBaked = async (): Promise<Date | null> =>
      (await findRecipe(kitchen, "layers"))?.lastBakedAt ?? null;
    expect(await lastBaked()).toBeNull();
    for (const madeOn of ["2025-05-01", "2025-07-01", "2025-06-01"])
      await addRecords(kitchen, [page(`baked-${madeOn}`, { madeOn })], NOW);
    expect(await lastBaked()).toEqual(new Date(2025, 6, 1));
    await kitchen.client.execute("delete from records where id like 'baked-%'");
  });

  it("keeps a change, and says when another page kept one before", async () => {
    const changed = page("one", { madeOn: "2026-01-10", minutes: 36 });
    expect(await changeRecord(kitchen, changed, 1, NOW)).toEqual({ kind: "kept", version: 2 });
    expect(await changeRecord(kitchen, page("one", { minutes: 35 }), 1, NOW)).toMatchObject({
      kind: "changed-elsewhere",
      theirs: { record: { minutes: 36 }, version: 2 },
    });
    expect(await changeRecord(kitchen, page("none"), 1, NOW)).toEqual({ kind: "gone" });
    expect((await findRecord(kitchen, "one"))?.record.minutes).toBe(36);
  });

  it("deletes a page and brings it back", async () => {
    expect(await deleteRecord(kitchen, "three", NOW)).toBe(true);
    expect(await idsOf({})).toEqual(["two", "one"]);
    expect(await findRecord(kitchen, "three")).toBeNull();
    expect(await restoreRecord(kitchen, "three")).toBe(true);
    expect(await idsOf({})).toHaveLength(3);
  });

  it("names a page that can't be read, and shows the others", async () => {
    await kitchen.client.execute("update records set doc = '{}' where id = 'two'");
    expect(await idsOf({})).toEqual(["three", "one"]);
    await kitchen.client.execute("delete from records where id = 'two'");
  });

  it("writes the pages of ended bakes once, also of those from before", async () => {
    const own = { ...ONE_TASK_BAKE, cakes: ONE_TASK_BAKE.cakes };
    await addBake(kitchen, { id: "baked", name: "Supper", doc: own }, NOW);
    await addBake(kitchen, { id: "left", name: "Supper", doc: own }, NOW);
    const played = { ...own, clock: { ...own.clock, speed: 300 } };
    await addBake(kitchen, { id: "played", name: "Supper", doc: played }, NOW);
    await recordEndedBakes(kitchen, NOW);
    expect(await idsOf({ text: "supper" })).not.toContain("baked.0");
    for (const id of ["baked", "played"])
      await tellBake(
        kitchen,
        id,
        [{ id: `ended-${id}`, at: 9, kind: "ended", bakedMin: 34, verdict: "under", change: "" }],
        NOW,
      );
    await giveUpBake(kitchen, "left", NOW);
    await recordEndedBakes(kitchen, NOW);
    await recordEndedBakes(kitchen, NOW);
    const found = (await listRecords(kitchen, EVERY_RECORD, { limit: 50, offset: 0 })).records;
    expect(found.filter(({ id }) => id.endsWith(".0")).map(({ id }) => id)).toEqual(["baked.0"]);
    expect(await findRecord(kitchen, "baked.0")).toMatchObject({
      bakeId: "baked",
      cakeId: "supper",
      record: { minutes: 34, verdict: "under" },
    });
    // A page that was deleted does not come back by itself.
    await deleteRecord(kitchen, "baked.0", NOW);
    await recordEndedBakes(kitchen, NOW);
    expect(await findRecord(kitchen, "baked.0")).toBeNull();
  });
});
