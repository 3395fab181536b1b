import { describe, expect, it } from "vitest";
import { pantryOf } from "@/core/pantry";
import { shoppingList, type CakeNeed } from "@/core/shopping";
import { METRIC } from "./regions";
import { shoppingLine, shoppingText } from "./shopping";
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
