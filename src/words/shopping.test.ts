import { describe, expect, it } from "vitest";
import { pantryOf } from "@/core/pantry";
import { shoppingList, shoppingLists, type CakeNeed, type LarderRow } from "@/core/shopping";
import { METRIC } from "./regions";
import {
  cakeCostText,
  hadText,
  inKitchenText,
  itemName,
  shoppingLine,
  shoppingText,
  sumText,
} from "./shopping";
import { unitsOfRegion } from "./regions";

const PANTRY = pantryOf();
function lineOf(id: string, netG: number | null, units = METRIC, of: Partial<CakeNeed> = {}) {
  const ingredient = PANTRY.byId.get(id);
  if (ingredient === undefined) throw new Error(`no ${id}`);
  const [row] = shoppingList([
    { item: { is: "ingredient", ingredient }, netG, pieces: null, cake: "a", ...of },
  ]);
  if (row === undefined) throw new Error(`${id} is not on the list`);
  return shoppingLine(row, units);
}
const plain = (text: string): string => text.replaceAll(/[\u00a0\u202f]/gu, " ");

describe("a line of a shopping list", () => {
  it.each<[string, number | null, string]>([
    ["unsalted-butter", 322, "320 g unsalted butter (2 × 250 g, 180 g over)"],
    ["plain-flour", 275, "275 g plain flour (1 × 1.5 kg, 1.25 kg over)"],
    ["whole-milk", 170, "170 mL whole milk (1 × 1 L, 830 mL over)"],
    ["egg", 350, "7 eggs (2 boxes of 6, 5 over)"],
    ["carrots", 350, "5 carrots (about 410 g)"],
    ["lemon-juice", 60, "2 lemons (for lemon juice)"],
    ["baking-powder", 8, "8 g baking powder"],
    ["icing-sugar", null, "some icing sugar"],
  ])("%s %s: %s", (id, netG, expected) => {
    expect(plain(shoppingText(lineOf(id, netG)))).toBe(expected);
  });

  it("has no packs of gram countries where one weighs in ounces", () => {
    const us = unitsOfRegion("us");
    expect(plain(shoppingText(lineOf("unsalted-butter", 322, us)))).toBe("11.5 oz unsalted butter");
    expect(plain(shoppingText(lineOf("egg", 350, us)))).toBe("7 eggs (2 boxes of 6, 5 over)");
  });
});

describe("what a list costs", () => {
  const pound = { sign: "£", amount: 6.24 };

  it.each([
    [{ sums: [pound], unpriced: 0 }, "£6.24", "£6.24, £0.52 a piece"],
    [
      { sums: [pound], unpriced: 1 },
      "£6.24, without 1 thing that has no price",
      "£6.24, £0.52 a piece, 1 without a price",
    ],
    [
      { sums: [pound, { sign: "Rs", amount: 90 }], unpriced: 2 },
      "£6.24 and Rs 90.00, without 2 things that have no price",
      "£6.24 and Rs 90.00, 2 without a price",
    ],
    [{ sums: [], unpriced: 3 }, "", ""],
  ])("%j: %s", (cost, all, ofCake) => {
    expect(plain(sumText(cost))).toBe(all);
    // Twelve pieces: 6.24 / 12.
    expect(plain(cakeCostText(cost, 12))).toBe(ofCake);
  });

  it("tells no piece of a cake that is not cut", () => {
    expect(cakeCostText({ sums: [pound], unpriced: 0 }, 1)).toBe("£6.24");
  });
});

describe("what the kitchen has", () => {
  const ingredient = PANTRY.byId.get("plain-flour");
  if (ingredient === undefined) throw new Error("no flour");
  const told = (has: LarderRow["has"]): string => {
    const row: LarderRow = { key: "plain-flour", name: "", has, pack: null, price: null, at: 1 };
    const { open, got } = shoppingLists(
      [{ item: { is: "ingredient", ingredient }, netG: 500, pieces: null, cake: "a" }],
      [],
      PANTRY,
      new Map([[row.key, row]]),
    );
    const [only] = [...open, ...got];
    return only === undefined ? "nothing listed" : plain(inKitchenText(only, METRIC));
  };

  it.each<[LarderRow["has"], string]>([
    [null, ""],
    ["plenty", "plenty here"],
    [{ in: "g", amount: 1500 }, "about 1.5 kg here"],
    [{ in: "g", amount: 550 }, "about 550 g here: look first"],
    [{ in: "g", amount: 200 }, "besides the 200 g here"],
    [{ in: "g", amount: 0 }, ""],
  ])("of 500 g, %j: %s", (has, expected) => {
    expect(told(has)).toBe(expected);
  });

  it("is counted apart from what is ticked", () => {
    expect(hadText([{ how: "stocked" }, { how: "bought" }, { how: "had" }])).toBe(
      "2 ticked off, 1 here already",
    );
    expect(hadText([])).toBe("");
  });

  it("is called as her region calls it", () => {
    const paper = { is: "bought", what: "baking-paper" } as const;
    expect(itemName(paper, METRIC)).toBe("baking paper");
    expect(itemName(paper, unitsOfRegion("us"))).toBe("parchment paper");
    expect(itemName({ is: "bought", what: "cases" }, unitsOfRegion("us"))).toBe("cupcake liners");
  });
});
