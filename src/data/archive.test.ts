import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { archivePath, readArchived, type ArchivedThing } from "@/core/kept";
import { pantryOf } from "@/core/pantry";
import { archivedThings, bringIn, compareThings } from "./archive";
import { LAST_CHANGED, listCakes } from "./cake-list";
import { deleteCake, nameCake } from "./cakes";
import { freshKitchen, NOW, type FreshKitchen } from "./fresh-kitchen.test-data";
import { listPortions } from "./portions";
import { searchRecipes } from "./recipes";
import { cakes, larder, ovens, portions, recipes, records, tins } from "./schema";
import { seedDemoKitchen } from "./seed";

let from: FreshKitchen;
let to: FreshKitchen;
beforeEach(async () => {
  [from, to] = [await freshKitchen(), await freshKitchen()];
  await seedDemoKitchen(from.connection, NOW);
});
afterEach(() => {
  from.remove();
  to.remove();
});

/** A kitchen's things as they come out of the files of an archive. */
async function taken(kitchen: FreshKitchen): Promise<readonly ArchivedThing[]> {
  return (await archivedThings(kitchen.connection)).map((thing) => {
    const read = readArchived(JSON.stringify(thing, null, 2));
    if (!read.ok) throw new Error(`${archivePath(thing)}: ${JSON.stringify(read.issue)}`);
    return read.value;
  });
}

/** Every stored document, as the file has it, by table and id. */
async function documents({ connection: { db } }: FreshKitchen): Promise<readonly string[]> {
  return [
    ...(await db.select().from(tins)).map(({ id, name, owned, spec }) => [id, name, owned, spec]),
    ...(await db.select().from(ovens)).map(({ id, name, spec }) => [id, name, spec]),
    ...(await db.select().from(recipes)).map(({ id, name, recipe, facts, search }) => [
      id,
      name,
      recipe,
      facts,
      search,
    ]),
    ...(await db.select().from(cakes)).map(
      ({ id, name, question, recipe, wantedOn, eatenOn, search }) => [
        id,
        name,
        question,
        recipe,
        wantedOn,
        eatenOn,
        search,
      ],
    ),
    ...(await db.select().from(records)).map(({ id, cakeId, doc, madeOn, search, verdict }) => [
      id,
      cakeId,
      doc,
      madeOn,
      search,
      verdict,
    ]),
    ...(await db.select().from(larder)).map(({ item, doc }) => [item, doc]),
    ...(await db.select().from(portions)).map(({ id, doc, left, bestBefore }) => [
      id,
      doc,
      left,
      bestBefore,
    ]),
  ]
    .map((row) => JSON.stringify(row))
    .toSorted();
}

describe("a kitchen taken out and brought in", () => {
  it("is the same kitchen, to the byte of every document, and found by the same words", async () => {
    const things = await taken(from);
    expect(things.length).toBeGreaterThan(50);
    await bringIn(to.connection, things, pantryOf(), NOW);
    expect(await documents(to)).toEqual(await documents(from));
    const found = async ({ connection }: FreshKitchen): Promise<number> =>
      (await searchRecipes(connection, "gingerbread", { limit: 9, offset: 0 })).total;
    expect([await found(to), await found(from)]).toEqual([await found(from), 1]);
  });

  it("brought in twice changes nothing the second time", async () => {
    const things = await taken(from);
    await bringIn(to.connection, things, pantryOf(), NOW);
    const compared = await compareThings(to.connection, things);
    expect([compared.new.length, compared.changed.length, compared.same.length]).toEqual([
      0,
      0,
      things.length,
    ]);
  });

  it("says what is new and what is otherwise here, and goes over that where it is wanted", async () => {
    const things = await taken(from);
    await nameCake(from.connection, "lifeboat-day", "Renamed since", NOW);
    await deleteCake(from.connection, "lantern-night", NOW);
    const compared = await compareThings(from.connection, things);
    expect(compared.new.map(({ id }) => id)).toEqual(["lantern-night"]);
    expect(compared.changed.map(({ id }) => id)).toEqual(["lifeboat-day"]);
    await bringIn(from.connection, [...compared.new, ...compared.changed], pantryOf(), NOW);
    const { cakes: all } = await listCakes(from.connection, LAST_CHANGED, { limit: 20 });
    expect(all.map(({ name }) => name)).toEqual(
      expect.arrayContaining(["Lifeboat day, four layers", "Lantern night cups"]),
    );
    // An open page of the renamed cake notices: it is another version now.
    const [row] = await from.connection.db.select().from(cakes).limit(1);
    expect(row?.deletedAt).toBeNull();
  });

  it("comes whole or not at all", async () => {
    const things = await taken(from);
    const broken = { ...things.find(({ kind }) => kind === "portions"), portions: { v: 99 } };
    await expect(
      bringIn(to.connection, [...things, broken as ArchivedThing], pantryOf(), NOW),
    ).rejects.toThrow("an archive's thing can't be read: not-a-choice");
    expect(await documents(to)).toEqual([]);
    expect(await listPortions(to.connection)).toEqual([]);
  });
});

describe("a file of an archive", () => {
  it.each([
    ["half a file", '{"kind":"tin","id":"a'],
    ["a list", "[]"],
    ["of a kind nobody knows", '{"kind":"ladle","id":"a"}'],
    ["of a later version", '{"kind":"oven","id":"a","name":"A","oven":{"v":99}}'],
    [
      "with a way out of its folder for a name",
      '{"kind":"tin","id":"","name":"A","owned":1,"tin":{}}',
    ],
  ])("%s is refused with a reason", (_, text) => {
    const read = readArchived(text);
    expect(read.ok).toBe(false);
  });

  it("has a place of its own, whatever its id is", () => {
    expect(archivePath({ kind: "tin", id: "../../etc" })).toBe("tins/..%2F..%2Fetc.json");
  });
});
