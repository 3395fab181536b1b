import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { freshKitchen, NOW, type FreshKitchen } from "./fresh-kitchen.test-data";
import {
  addTin,
  bringBackFromBin,
  bringDemoBack,
  compareBackup,
  deleteRecipe,
  deleteTin,
  emptyBin,
  emptyKitchen,
  findRecipe,
  listBackups,
  listBin,
  listHouseKeys,
  listPracticeAnswers,
  listTins,
  restoreBackup,
} from ".";
import { addHouseKey } from "./house-keys";
import { seedDemoKitchen } from "./seed";

let kitchen: FreshKitchen;
beforeEach(async () => {
  kitchen = await freshKitchen();
});
afterEach(() => {
  kitchen.remove();
});

const DAY_MS = 86_400_000;
const after = (days: number): Date => new Date(NOW.getTime() + days * DAY_MS);
const TIN = { shape: "round", diameterMm: 200, depthMm: 50 } as const;

describe("the bin", () => {
  it("has what was deleted, the last first, and gives it back as it was", async () => {
    const { connection } = kitchen;
    await seedDemoKitchen(connection, NOW);
    await addTin(connection, { id: "t", name: "Ferry tin", tin: TIN, owned: 2 }, NOW);
    expect(await listBin(connection)).toEqual([]);
    await deleteTin(connection, "t", after(1));
    await deleteRecipe(connection, "harbour-pound", after(2));
    expect((await listBin(connection)).map(({ kind, id }) => [kind, id])).toEqual([
      ["recipe", "harbour-pound"],
      ["tin", "t"],
    ]);
    expect((await listBin(connection))[1]).toMatchObject({
      name: "Ferry tin",
      deletedAt: after(1),
    });
    expect(await bringBackFromBin(connection, "tin", "t")).toBe(true);
    expect(await bringBackFromBin(connection, "tin", "t")).toBe(false);
    expect(await bringBackFromBin(connection, "cake", "harbour-pound")).toBe(false);
    expect((await listTins(connection)).find(({ id }) => id === "t")).toMatchObject({
      name: "Ferry tin",
      owned: 2,
    });
  });

  it("lets go after thirty days, and not a day before", async () => {
    const { connection } = kitchen;
    await addTin(connection, { id: "t", name: "Ferry tin", tin: TIN, owned: 1 }, NOW);
    await addTin(connection, { id: "kept", name: "Other tin", tin: TIN, owned: 1 }, NOW);
    await deleteTin(connection, "t", NOW);
    expect(await emptyBin(connection, after(30))).toBe(0);
    expect(await listBin(connection)).toHaveLength(1);
    expect(await emptyBin(connection, after(30.1))).toBe(1);
    expect(await listBin(connection)).toEqual([]);
    expect(await bringBackFromBin(connection, "tin", "t")).toBe(false);
    expect(await listTins(connection)).toHaveLength(1);
  });

  it("names portions by what stands in them, and a row nobody can read by nothing", async () => {
    const { connection } = kitchen;
    await seedDemoKitchen(connection, NOW);
    await connection.client.execute("update portions set deleted_at = 5");
    await connection.client.execute("update portions set doc = 'x' where id = 'cheesecake-pieces'");
    const rows = await listBin(connection);
    expect(rows.find(({ id }) => id === "cheesecake-pieces")?.name).toBe("");
    expect(rows.filter(({ name }) => name !== "").length).toBe(rows.length - 1);
  });
});

describe("starting over", () => {
  it("empties the kitchen but for who may come in, and its backup brings all of it back", async () => {
    const { connection, url } = kitchen;
    await seedDemoKitchen(connection, NOW);
    await addHouseKey(connection, { id: "k", name: "Phone", may: "all", hash: "h" }, NOW);
    const backup = await emptyKitchen(connection, url, after(1));
    expect((await listBackups(url))[0]).toMatchObject({ name: backup, why: "before-emptying" });
    const compared = await compareBackup(connection, url, backup ?? "");
    for (const { of, missing, inBackup, newer } of compared)
      expect([of, missing, newer]).toEqual([of, inBackup, 0]);
    expect(await listTins(connection)).toEqual([]);
    expect(await listBin(connection)).toEqual([]);
    expect(await listHouseKeys(connection)).toHaveLength(1);
    // It has had its demo kitchen: the next start leaves it empty.
    expect(await seedDemoKitchen(connection, after(2))).toBe(false);
    await restoreBackup(connection, url, backup ?? "", after(3));
    expect(await listTins(connection)).toHaveLength(14);
  });

  it("brings the demo kitchen back beside her own, changes nothing of hers, and no practice", async () => {
    const { connection, url } = kitchen;
    await seedDemoKitchen(connection, NOW);
    await deleteTin(connection, "tube", NOW);
    await deleteRecipe(connection, "harbour-pound", NOW);
    await connection.client.execute("update tins set owned = 9 where id = 'fish'");
    await bringDemoBack(connection, after(1));
    const tins = await listTins(connection);
    expect(tins).toHaveLength(14);
    expect(tins.find(({ id }) => id === "fish")?.owned).toBe(9);
    expect(await findRecipe(connection, "harbour-pound")).not.toBeNull();
    await emptyKitchen(connection, url, after(2));
    await addTin(connection, { id: "t", name: "Ferry tin", tin: TIN, owned: 1 }, NOW);
    await bringDemoBack(connection, after(3));
    expect(await listTins(connection)).toHaveLength(15);
    expect(await listPracticeAnswers(connection)).toEqual([]);
  });

  it("leaves a kitchen on a server alone", async () => {
    expect(await emptyKitchen(kitchen.connection, "http://127.0.0.1:1", NOW)).toBeNull();
  });
});
