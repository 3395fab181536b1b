import { describe, expect, it } from "vitest";
import {
  CATALOGUE,
  cupGrams,
  foldName,
  IngredientSchema,
  matchIngredient,
  pantryOf,
  searchPantry,
  SOURCES,
  type Ingredient,
} from ".";

const PANTRY = pantryOf();
const known = (name: string): string | undefined => matchIngredient(name, PANTRY)?.ingredient.id;

describe("the catalogue", () => {
  it("has about 150 ingredients or more, each once, each sound, with a source for every column of figures", () => {
    expect(CATALOGUE.length).toBeGreaterThanOrEqual(150);
    expect(new Set(CATALOGUE.map(({ id }) => id)).size).toBe(CATALOGUE.length);
    for (const ingredient of CATALOGUE)
      expect(IngredientSchema.safeParse(ingredient).error?.issues ?? []).toEqual([]);
    for (const column of [
      "cupG",
      "batterGPerMl",
      "per100",
      "eachG",
      "yieldShare",
      "packG",
      "keeps",
      "allergens",
    ])
      expect(SOURCES[column]).toMatch(/\w{4}/u);
  });

  it("gives no ingredient more than 100 g in 100 g, nor hides most of it", () => {
    for (const { id, per100 } of CATALOGUE) {
      const total = Object.values(per100).reduce((sum, part) => sum + part, 0);
      expect([id, total <= 101.5]).toEqual([id, true]);
    }
  });

  it("gives no name to two ingredients", () => {
    const seen = new Map<string, string>();
    const twice: string[] = [];
    for (const { id, name, also } of CATALOGUE) {
      for (const each of new Set([name, ...also].map(foldName))) {
        const other = seen.get(each);
        if (other !== undefined && other !== id) twice.push(`${each}: ${other}, ${id}`);
        seen.set(each, id);
      }
    }
    expect(twice).toEqual([]);
  });

  // Kitchen anchors, grams in a US cup.
  it.each<[string, "spooned" | "dipped" | "packed" | "sifted", number, number]>([
    ["plain-flour", "spooned", 120, 125],
    ["plain-flour", "dipped", 140, 150],
    ["cake-flour", "spooned", 110, 118],
    ["cocoa-natural", "spooned", 80, 90],
    ["granulated-sugar", "spooned", 198, 200],
    ["caster-sugar", "spooned", 200, 225],
    ["light-brown-sugar", "packed", 213, 220],
    ["icing-sugar", "spooned", 113, 125],
    ["unsalted-butter", "spooned", 226, 228],
    ["vegetable-oil", "spooned", 198, 218],
    ["honey", "spooned", 336, 340],
    ["whole-milk", "spooned", 240, 245],
    ["yoghurt", "spooned", 227, 245],
    ["walnuts", "spooned", 113, 120],
    ["rolled-oats", "spooned", 85, 100],
    ["raisins", "spooned", 145, 165],
    ["carrots", "spooned", 100, 110],
    ["chocolate-chips", "spooned", 165, 180],
    ["desiccated-coconut", "spooned", 80, 95],
    ["ground-almonds", "spooned", 95, 112],
  ])("%s %s weighs %d to %d g a cup", (id, way, least, most) => {
    const cupG = PANTRY.byId.get(id)?.cupG;
    if (cupG === null || cupG === undefined) throw new Error(`${id} is not measured by the cup`);
    expect(cupGrams(cupG, way)).toBeGreaterThanOrEqual(least);
    expect(cupGrams(cupG, way)).toBeLessThanOrEqual(most);
  });

  it.each([
    ["baking-powder", 4, 4.8],
    ["bicarbonate", 4.6, 6],
    ["salt", 5.7, 6.2],
    ["flaky-salt", 2.8, 4.8],
  ])("a teaspoon of %s weighs %d to %d g", (id, least, most) => {
    const teaspoon = (PANTRY.byId.get(id)?.cupG?.spooned ?? 0) / 48;
    expect(teaspoon).toBeGreaterThanOrEqual(least);
    expect(teaspoon).toBeLessThanOrEqual(most);
  });
});

describe("matching a name", () => {
  it.each([
    ["Plain flour", "plain-flour"],
    ["all-purpose flour", "plain-flour"],
    ["confectioners’ sugar", "icing-sugar"],
    ["baking soda", "bicarbonate"],
    ["cornstarch", "cornflour"],
    ["crème fraîche", "soured-cream"],
    ["dahi", "yoghurt"],
    ["large free-range eggs", "egg"],
    ["egg yolks", "egg-yolk"],
    ["apple cider vinegar", "vinegar"],
    ["good quality dark chocolate", "dark-chocolate"],
    ["dark chocolate chips", "chocolate-chips"],
    ["peanut butter", "peanut-butter"],
    ["toasted and skinned hazelnuts", "hazelnuts"],
    ["ground hazelnuts", "ground-hazelnuts"],
    ["stale ale", "stout"],
    ["very ripe bananas", "banana"],
    ["almond milk", "almond-milk"],
    ["soft dark brown sugar", "dark-brown-sugar"],
    ["blackcurrants, frozen", "blackcurrants"],
    ["bay leaves", undefined],
    ["", undefined],
    ["???", undefined],
    ["gelatine leaves", "gelatine-leaf"],
    ["double-acting baking powder", "baking-powder"],
  ])("%j is %s", (name, id) => {
    expect(known(name)).toBe(id);
  });

  it("says whether the whole name was known or only some words of it", () => {
    expect(matchIngredient("caster sugar", PANTRY)).toMatchObject({
      by: "name",
      on: "caster sugar",
    });
    expect(matchIngredient("sugar from the blue jar", PANTRY)).toMatchObject({
      by: "words",
      on: "sugar",
    });
  });

  it("remembers what it was taught, and knows the kitchen's own", () => {
    const own: Ingredient = {
      ...(PANTRY.byId.get("plain-flour") as Ingredient),
      id: "mill-flour",
      name: "Mill Lane flour",
      also: ["house flour"],
    };
    const taught = pantryOf(
      [own],
      [
        ["Sugar from the blue jar", "demerara-sugar"],
        ["lost", "no-such-thing"],
      ],
    );
    expect(matchIngredient("sugar from the blue jar", taught)).toMatchObject({
      by: "learnt",
      ingredient: { id: "demerara-sugar" },
    });
    expect(matchIngredient("House Flour", taught)?.ingredient.id).toBe("mill-flour");
    expect(matchIngredient("lost", taught)).toBeNull();
  });

  it("is searched by any words, best first", () => {
    expect(searchPantry("brown", PANTRY).map(({ id }) => id)).toContain("light-brown-sugar");
    expect(searchPantry("flour", PANTRY)[0]?.id).toBe("plain-flour");
    expect(searchPantry("", PANTRY)).toEqual([]);
  });
});
