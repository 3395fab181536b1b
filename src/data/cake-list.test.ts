import fc from "fast-check";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { FIRST_QUESTION } from "@/core/ask";
import { CAKE_STATES, cakeState, type CakeDates } from "@/core/kept";
import { LAST_CHANGED, listCakes, type CakeFilter } from "./cake-list";
import { addCake, deleteCake, eatCake, nameCake } from "./cakes";
import { freshKitchen, NOW, type FreshKitchen } from "./fresh-kitchen.test-data";
import { records } from "./schema";

let kitchen: FreshKitchen;
beforeEach(async () => {
  kitchen = await freshKitchen();
});
afterEach(() => kitchen.remove());

const BY_DAY: CakeFilter = { ...LAST_CHANGED, order: "day", today: "2026-12-05" };

async function add(id: string, wantedOn: string, tin = "20 cm round"): Promise<void> {
  const wantedAt = wantedOn === "" ? "" : `${wantedOn}T15:00`;
  const question = {
    ...FIRST_QUESTION,
    recipe: "Cardamom pear loaf",
    tins: [tin],
    day: { ...FIRST_QUESTION.day, wantedAt },
  };
  await addCake(
    kitchen.connection,
    { id, name: `Cake ${id}`, doc: { question, recipe: null } },
    NOW,
  );
}

/** A page of the logbook, as far as the list looks at it. */
async function bakeOn(cakeId: string, madeOn: string): Promise<void> {
  await kitchen.connection.write((db) =>
    db.insert(records).values({
      id: `${cakeId} ${madeOn}`,
      cakeId,
      name: "",
      doc: "{}",
      madeOn,
      recipe: "",
      oven: "",
      verdict: "",
      createdAt: 0,
      updatedAt: 0,
    }),
  );
}

async function listed(filter: Partial<CakeFilter>): Promise<readonly string[]> {
  const { cakes } = await listCakes(kitchen.connection, { ...BY_DAY, ...filter }, { limit: 100 });
  return cakes.map(({ id }) => id);
}

describe("the list of cakes", () => {
  it("by day has what is to come, then what has no day, then what is past, the nearest first", async () => {
    for (const [id, day] of [
      ["past", "2026-12-04"],
      ["long past", "2025-11-02"],
      ["someday", ""],
      ["later", "2027-01-02"],
      ["today", "2026-12-05"],
    ] as const)
      await add(id, day);
    expect(await listed({})).toEqual(["today", "later", "someday", "past", "long past"]);
  });

  it("by name does not ask for capitals", async () => {
    for (const id of ["b", "C", "a"]) await add(id, "");
    expect(await listed({ order: "name" })).toEqual(["a", "b", "C"]);
  });

  it("finds by name, recipe and tin, whatever the accents, and by the name it was given last", async () => {
    await add("one", "");
    await add("two", "", "loaf 22 x 11 x 7 cm");
    await nameCake(kitchen.connection, "one", "Fête on the quay", NOW);
    expect(await listed({ text: "fete" })).toEqual(["one"]);
    expect(await listed({ text: "pear loaf 22" })).toEqual(["two"]);
    expect(await listed({ text: "100%_" })).toEqual([]);
    expect(await listed({ text: "Cake one" })).toEqual([]);
  });

  it("leaves out what is deleted, and counts what is not on the page", async () => {
    for (const id of ["a", "b", "c"]) await add(id, "2026-12-06");
    await deleteCake(kitchen.connection, "b", NOW);
    const page = await listCakes(kitchen.connection, BY_DAY, { limit: 1, offset: 1 });
    expect([page.cakes.length, page.total]).toEqual([1, 2]);
  });

  it("tells the newest bake of each cake, and when it was eaten", async () => {
    await add("a", "2026-12-05");
    await bakeOn("a", "2026-12-03");
    await bakeOn("a", "2026-12-04");
    await eatCake(kitchen.connection, "a", "2026-12-05");
    const { cakes } = await listCakes(kitchen.connection, BY_DAY, { limit: 9 });
    expect(cakes[0]).toMatchObject({ bakedOn: "2026-12-04", eatenOn: "2026-12-05" });
    expect(await eatCake(kitchen.connection, "nobody", "2026-12-05")).toBe(false);
  });

  it("shows by state what the core says of the same dates", async () => {
    const day = fc.constantFrom("", "2026-11-28", "2026-11-29", "2026-12-05", "2026-12-11");
    const dates = fc.record({ wantedOn: day, bakedOn: day, eatenOn: day });
    const all: CakeDates[] = fc.sample(dates, { numRuns: 60, seed: 4 });
    for (const [index, { wantedOn, bakedOn, eatenOn }] of all.entries()) {
      await add(String(index), wantedOn);
      if (bakedOn !== "") await bakeOn(String(index), bakedOn);
      await eatCake(kitchen.connection, String(index), eatenOn);
    }
    for (const state of CAKE_STATES) {
      const expected = all.flatMap((each, index) =>
        cakeState(each) === state ? [String(index)] : [],
      );
      expect(expected.length).toBeGreaterThan(5);
      expect((await listed({ state })).toSorted()).toEqual(expected.toSorted());
    }
  });
});
