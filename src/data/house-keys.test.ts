import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { freshKitchen, NOW, type FreshKitchen } from "./fresh-kitchen.test-data";
import { backUp, restoreBackup } from "./backups";
import { addHouseKey, findShownKey, listHouseKeys, removeHouseKey } from "./house-keys";

let kitchen: FreshKitchen;
beforeEach(async () => {
  kitchen = await freshKitchen();
});
afterEach(() => kitchen.remove());

const after = (min: number): Date => new Date(NOW.getTime() + min * 60_000);
const add = (id: string, at = NOW) =>
  addHouseKey(kitchen.connection, { id, name: `Phone ${id}`, may: "help", hash: `h-${id}` }, at);

describe("keys", () => {
  it("are found by what is shown, and noted as seen", async () => {
    const { connection } = kitchen;
    await add("a");
    await add("b", after(1));
    expect(await findShownKey(connection, "h-a", after(5))).toMatchObject({ id: "a", may: "help" });
    await connection.write(() => Promise.resolve());
    expect((await listHouseKeys(connection)).map(({ id }) => id)).toEqual(["a", "b"]);
    expect(await findShownKey(connection, "h-c", after(5))).toBeNull();
    expect(await removeHouseKey(connection, "a")).toBe(true);
    expect(await findShownKey(connection, "h-a", after(6))).toBeNull();
  });

  it("are no more than fifty: the one not seen for longest goes", async () => {
    for (let count = 0; count < 52; count += 1) await add(String(count), after(count));
    const ids = (await listHouseKeys(kitchen.connection)).map(({ id }) => id);
    expect(ids).toHaveLength(50);
    expect(ids).not.toContain("1");
    expect(ids[0]).toBe("51");
  });

  it("that were taken away do not come back with a backup, and newer ones stay", async () => {
    const { connection, url } = kitchen;
    await add("old");
    const backup = await backUp(connection, url, "asked", NOW);
    await removeHouseKey(connection, "old");
    await add("new", after(1));
    await restoreBackup(connection, url, backup?.name ?? "", after(2));
    expect((await listHouseKeys(connection)).map(({ id }) => id)).toEqual(["new"]);
  });
});
