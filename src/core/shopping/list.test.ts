import * as fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CATALOGUE, pantryOf } from "../pantry";
import { AISLES, amountIn, shoppingList, type CakeNeed, type ShoppingRow } from ".";

const PANTRY = pantryOf();

function need(id: string, netG: number | null, of: Partial<CakeNeed> = {}): CakeNeed {
  const ingredient = PANTRY.byId.get(id);
  if (ingredient === undefined) throw new Error(`no ${id}`);
  return { item: { is: "ingredient", ingredient }, netG, pieces: null, cake: "a", ...of };
}

function rowOf(needs: readonly CakeNeed[], key: string): ShoppingRow {
  const row = shoppingList(needs).find((each) => each.key === key);
  if (row === undefined) throw new Error(`${key} is not on the list`);
  return row;
}

describe("one thing on the list", () => {
  it("is bought with what its peeling takes", () => {
    // 370 g of parsnip from roots that lose 18 %: 370 / 0.82.
    const row = rowOf([need("parsnips", 370)], "parsnips");
    expect(row.netG).toBe(370);
    expect(row.grossG).toBeCloseTo(451.2, 1);
    // One gives 110 g: 3.36 of them.
    expect(row.pieces).toBe(4);
  });

  it("is shared by all cakes that take it, each with its own part", () => {
    const row = rowOf(
      [
        need("unsalted-butter", 225),
        need("unsalted-butter", 56.7, { cake: "b" }),
        need("unsalted-butter", 40),
      ],
      "unsalted-butter",
    );
    expect(row.netG).toBeCloseTo(321.7);
    expect(row.packs).toEqual({
      count: 2,
      each: { in: "g", amount: 250 },
      over: 500 - 321.7,
      isOwn: false,
    });
    expect(row.shares).toEqual([
      { cake: "a", netG: 265, pieces: null },
      { cake: "b", netG: 56.7, pieces: null },
    ]);
  });

  it("is a whole egg for a white and a yolk: the more of the two", () => {
    const row = rowOf(
      [
        need("egg", 250, { pieces: 5 }),
        need("egg-white", 132, { pieces: 4 }),
        need("egg-yolk", 34, { pieces: 2 }),
      ],
      "egg",
    );
    expect(row.pieces).toBe(9);
    // Boxes of six: 12 eggs, 3 left.
    expect(row.packs).toEqual({
      count: 2,
      each: { in: "pieces", amount: 6 },
      over: 3,
      isOwn: false,
    });
    expect(row.parts.map(({ id }) => id)).toEqual(["egg-white", "egg-yolk"]);
  });

  it("is one lemon for its zest and its juice", () => {
    expect(rowOf([need("lemon-zest", 4), need("lemon-juice", 45)], "lemons").pieces).toBe(1);
    expect(rowOf([need("lemon-zest", 4), need("lemon-juice", 67.5)], "lemons").pieces).toBe(2);
    expect(rowOf([need("lemon-zest-and-juice", 98)], "lemons").pieces).toBe(2);
  });

  it("is a can for what one can holds, whoever uses the rest of it", () => {
    const row = rowOf(
      [need("condensed-milk", 200), need("condensed-milk", 197, { cake: "b" })],
      "condensed-milk",
    );
    expect(row.packs).toEqual({
      count: 1,
      each: { in: "g", amount: 397 },
      over: 0,
      isOwn: false,
    });
  });

  it("buys no second pack for a spoonful that nobody misses", () => {
    expect(rowOf([need("unsalted-butter", 255)], "unsalted-butter").packs?.count).toBe(1);
    expect(rowOf([need("unsalted-butter", 265)], "unsalted-butter").packs?.count).toBe(2);
  });

  it("says “some” where a line has no weight, beside those that have", () => {
    const [dusting] = [need("icing-sugar", null)];
    expect(rowOf([dusting], "icing-sugar")).toMatchObject({
      netG: null,
      grossG: null,
      packs: null,
      isSome: true,
    });
    expect(rowOf([dusting, need("icing-sugar", 200)], "icing-sugar")).toMatchObject({
      netG: 200,
      isSome: true,
      packs: { count: 1 },
    });
  });

  it("is not water", () => {
    expect(shoppingList([need("water", 200)])).toEqual([]);
  });

  it("keeps what the pantry does not know by its own words", () => {
    const named = (name: string): CakeNeed => ({
      item: { is: "named", name },
      netG: null,
      pieces: 2,
      cake: "a",
    });
    const rows = shoppingList([named("Bay leaves"), named("bay leaf"), named("ferry biscuits")]);
    expect(rows.map(({ key, pieces, aisle }) => [key, pieces, aisle])).toContainEqual([
      "named:ferry biscuit",
      2,
      "other",
    ]);
  });
});

describe("the whole list", () => {
  const needs = fc.array(
    fc.record({
      at: fc.nat(CATALOGUE.length - 1),
      netG: fc.option(fc.double({ min: 0.1, max: 4000, noNaN: true })),
      cake: fc.constantFrom("a", "b", "c"),
    }),
    { maxLength: 40 },
  );
  const toNeeds = (drawn: readonly { at: number; netG: number | null; cake: string }[]) =>
    drawn.flatMap(({ at, netG, cake }): readonly CakeNeed[] => {
      const ingredient = CATALOGUE[at];
      return ingredient === undefined || ingredient.id === "water"
        ? []
        : [{ item: { is: "ingredient", ingredient }, netG, pieces: null, cake }];
    });

  it("buys enough of everything, in no more packs than it takes", () => {
    fc.assert(
      fc.property(needs, (drawn) => {
        const wanted = toNeeds(drawn);
        for (const row of shoppingList(wanted)) {
          if (row.grossG === null) continue;
          expect(row.grossG).toBeGreaterThanOrEqual(
            (row.netG ?? 0) * (row.parts.length > 0 ? 0 : 1) - 1e-6,
          );
          if (row.packs === null) continue;
          const { count, each, over } = row.packs;
          const [eachG, overG] = [each.amount, over].map(
            (amount) => amountIn({ in: each.in, amount }, row.item, "g") ?? Number.NaN,
          ) as [number, number];
          const used = count * eachG - overG;
          // What is left over is what was bought less what was needed.
          expect(overG).toBeGreaterThanOrEqual(0);
          expect(used).toBeLessThanOrEqual(count * eachG + 1e-6);
          expect(row.grossG).toBeLessThanOrEqual((count + 0.04) * eachG * (1 + 1e-9));
          expect(row.grossG).toBeGreaterThan((count - 1) * eachG * 0.99 - 1e-6);
        }
      }),
    );
  });

  it("has each need on one row, and no thing on two", () => {
    fc.assert(
      fc.property(needs, (drawn) => {
        const wanted = toNeeds(drawn);
        const rows = shoppingList(wanted);
        expect(new Set(rows.map(({ key }) => key)).size).toBe(rows.length);
        const total = (all: readonly (number | null)[]): number =>
          all.reduce<number>((sum, each) => sum + (each ?? 0), 0);
        expect(total(rows.flatMap(({ shares }) => shares.map(({ netG }) => netG)))).toBeCloseTo(
          total(wanted.map(({ netG }) => netG)),
          4,
        );
      }),
    );
  });

  it("does not depend on the order of the cakes", () => {
    fc.assert(
      fc.property(needs, (drawn) => {
        const wanted = toNeeds(drawn);
        const bare = (rows: readonly ShoppingRow[]) =>
          rows.map(({ key, pieces, packs }) => [key, pieces, packs?.count ?? null]);
        expect(bare(shoppingList([...wanted].reverse()))).toEqual(bare(shoppingList(wanted)));
      }),
    );
  });

  it("is in the order of a shop", () => {
    const rows = shoppingList([
      need("salt", 3),
      need("egg", 100),
      need("apples", 300),
      need("plain-flour", 200),
    ]);
    expect(rows.map(({ key }) => key)).toEqual(["apples", "egg", "plain-flour", "salt"]);
    const places = rows.map(({ aisle }) => AISLES.indexOf(aisle));
    expect(places).toEqual([...places].sort((one, other) => one - other));
  });
});
