import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { parsePortions, type Portions } from "@/core/freezer";
import { freshKitchen, NOW, type FreshKitchen } from "./fresh-kitchen.test-data";
import {
  addPortions,
  changePortions,
  deletePortions,
  findPortions,
  listPortions,
  restorePortions,
  withPortions,
} from "./portions";
import { portions as table } from "./schema";

let kitchen: FreshKitchen;
beforeEach(async () => {
  kitchen = await freshKitchen();
});
afterEach(() => kitchen.remove());

function sponge(changes: Partial<Portions> = {}): Portions {
  const read = parsePortions({
    name: "Pear loaf, sliced",
    what: "cake",
    count: 12,
    left: 12,
    eachG: 60,
    keeping: { roomHours: 72, fridgeDays: 6, freezerMonths: 3 },
    isCold: false,
    allergens: ["wheat"],
    madeOn: "2026-09-12",
    place: "freezer",
    thawedOn: "",
    bestBefore: "",
    wantedAt: "",
    cakeId: null,
    notes: "",
    ...changes,
  });
  if (!read.ok) throw new Error(JSON.stringify(read.issue));
  return read.value;
}

const take = (portions: Portions): Portions => ({ ...portions, left: portions.left - 1 });

describe("portions that were put away", () => {
  it("are listed with what has to be eaten first, and not once nothing is left", async () => {
    const { connection } = kitchen;
    await addPortions(connection, { id: "later", portions: sponge() }, NOW);
    await addPortions(connection, { id: "first", portions: sponge({ place: "fridge" }) }, NOW);
    await addPortions(connection, { id: "gone", portions: sponge({ left: 0 }) }, NOW);
    expect((await listPortions(connection)).map(({ id }) => id)).toEqual(["first", "later"]);
    expect((await findPortions(connection, "gone"))?.portions.left).toBe(0);
  });

  it("lose two when two phones take one each at the same moment", async () => {
    const { connection } = kitchen;
    await addPortions(connection, { id: "a", portions: sponge() }, NOW);
    await Promise.all([
      withPortions(connection, "a", take, NOW),
      withPortions(connection, "a", take, NOW),
    ]);
    expect((await findPortions(connection, "a"))?.portions.left).toBe(10);
    expect(await withPortions(connection, "nobody", take, NOW)).toBe(false);
  });

  it("are changed on one page unless another one did so since", async () => {
    const { connection } = kitchen;
    await addPortions(connection, { id: "a", portions: sponge() }, NOW);
    await withPortions(connection, "a", take, NOW);
    const changed = await changePortions(
      connection,
      { id: "a", portions: sponge({ notes: "mine" }) },
      1,
      NOW,
    );
    expect(changed).toMatchObject({ kind: "changed-elsewhere", theirs: { version: 2 } });
    expect(
      await changePortions(connection, { id: "a", portions: sponge({ left: 3 }) }, 2, NOW),
    ).toEqual({ kind: "kept", version: 3 });
    expect((await listPortions(connection))[0]?.portions.left).toBe(3);
  });

  it("are deleted and brought back", async () => {
    const { connection } = kitchen;
    await addPortions(connection, { id: "a", portions: sponge() }, NOW);
    expect(await deletePortions(connection, "a", NOW)).toBe(true);
    expect(await findPortions(connection, "a")).toBeNull();
    expect(await restorePortions(connection, "a")).toBe(true);
    expect(await listPortions(connection)).toHaveLength(1);
  });

  it("that no longer read are left out, and the others are shown", async () => {
    const { connection } = kitchen;
    await addPortions(connection, { id: "a", portions: sponge() }, NOW);
    await connection.write((db) =>
      db.insert(table).values({
        id: "broken",
        doc: "{",
        left: 3,
        bestBefore: "2026-01-01",
        createdAt: 0,
        updatedAt: 0,
      }),
    );
    expect((await listPortions(connection)).map(({ id }) => id)).toEqual(["a"]);
  });
});
