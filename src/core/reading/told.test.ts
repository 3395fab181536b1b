import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { chunksOfLine } from "./chunks";
import { mentionsIn } from "./mentions";
import { checkTold } from "./oven-told";
import { heatsTold, mainHeat, ovenInWords } from "../measure";
import { timesTold } from "../measure";
import { tinsTold } from "../tin";

const pantry = pantryOf();

describe("clauses", () => {
  it.each([
    [
      "so line the tin and turn the oven on then cream the butter with the sugar",
      ["so line the tin", "and turn the oven on", "then cream the butter with the sugar"],
    ],
    [
      "Bake for 25 minutes; look at 20. Cool in the tin.",
      ["Bake for 25 minutes;", "look at 20.", "Cool in the tin."],
    ],
    ["Add 2 tsp. salt to the flour.", ["Add 2 tsp. salt to the flour."]],
    ["the juice of a lemon and the zest of it", ["the juice of a lemon and the zest of it"]],
  ])("of %j", (text, clauses) => {
    expect(chunksOfLine(text, 0, 0).map(({ written }) => written)).toEqual(clauses);
  });

  it("hold every word that is written, numbers as they stood", () => {
    const text = "put two and a half cups of flour in and stir it then bake it an hour and ten";
    const chunks = chunksOfLine(text, 0, 0);
    expect(chunks.map(({ written }) => written).join(" ")).toBe(text);
    expect(chunks.map((chunk) => chunk.text).join(" ")).toContain("2.5 cups");
  });
});

describe("ingredients in the middle of what is told", () => {
  it.each<readonly [string, readonly (readonly [line: string, ingredient: string])[]]>([
    [
      "2 cups of sugar and 1.25 cup of oil and 4 eggs",
      [
        ["2 cups of sugar", "granulated-sugar"],
        ["1.25 cup of oil", "vegetable-oil"],
        ["4 eggs", "egg"],
      ],
    ],
    ["Butter – 200 g", [["200 g Butter", "unsalted-butter"]]],
    ["Plain flour | 250 | g", [["250 g Plain flour", "plain-flour"]]],
    // What stands beside a name says how much of it there is.
    ["a small cup of milk (150ml ish)", [["1 cup of milk (150ml)", "whole-milk"]]],
    ["and lemon juice, about 3 tbsp.", [["3 tbsp lemon juice", "lemon-juice"]]],
    ["225 of caster sugar", [["225 g of caster sugar", "caster-sugar"]]],
    ["a good teaspoon of vanilla", [["1 teaspoon of vanilla", "vanilla-extract"]]],
    ["2 8 ounce blocks of cream cheese", [["2 8 ounce blocks of cream cheese", "cream-cheese"]]],
    ["4 (8 oz) blocks cream cheese", [["4 (8 oz) blocks cream cheese", "cream-cheese"]]],
    [
      "1 cup milk + 1 tsp vanilla",
      [
        ["1 cup milk", "whole-milk"],
        ["1 tsp vanilla", "vanilla-extract"],
      ],
    ],
    // Of a choice the first is told, and offers the second.
    ["115 g butter, melted (or 100 ml oil)", [["115 g butter or 100 ml oil", "unsalted-butter"]]],
    ["100 g raisins or 80 g sultanas", [["100 g raisins or 80 g sultanas", "raisins"]]],
    ["the zest of 2 oranges", [["zest of 2 oranges", "orange-zest"]]],
    [
      "zest and juice of 1 lemon",
      [
        ["zest of 1 lemon", "lemon-zest"],
        ["juice of 1 lemon", "lemon-juice"],
      ],
    ],
    ["2 tbsp lemon juice", [["2 tbsp lemon juice", "lemon-juice"]]],
    ["bake for 25 minutes in 2 tins", []],
    ["about 600 g of batter in each", []],
    ["a 10 cup fluted ring", []],
  ])("%j", (text, told) => {
    const found = mentionsIn(text, pantry).map(({ line, ingredient }) => [line, ingredient?.id]);
    expect(found).toEqual(told);
  });

  it("keep a second weight, in brackets or after a comma", () => {
    const [mention] = mentionsIn("1 cup of flour, about 125 grams, sifted", pantry);
    expect(mention?.read.stated).toMatchObject({ unit: "g", amount: { low: 125 } });
  });
});

describe("tins", () => {
  it.each([
    [
      "Bake in a 9 x 13 inch pan",
      [{ shape: "rectangle", lengthMm: 330.2, widthMm: 228.6, count: 1 }],
    ],
    ["grease 2 9-inch round pans", [{ shape: "round", diameterMm: 228.6, count: 2 }]],
    [
      "two 8-inch (20 cm) round cake pans".replace("two", "2"),
      [{ shape: "round", diameterMm: 203.2, count: 2 }],
    ],
    ["a springform of 26 cm", [{ shape: "springform", diameterMm: 260, count: 1 }]],
    ["a 23 cm round tin", [{ shape: "round", diameterMm: 230, count: 1 }]],
    ["9x5-inch loaf pan", [{ shape: "loaf", lengthMm: 228.6, widthMm: 127, count: 1 }]],
    ["2 2 lb loaf tins", [{ shape: "loaf", soldAs: "2 lb loaf", count: 2 }]],
    ["a 12-hole muffin tin", [{ shape: "cups", wells: 12, count: 1 }]],
    [
      "a baking dish of 20 x 30 cm",
      [{ shape: "rectangle", lengthMm: 300, widthMm: 200, count: 1 }],
    ],
    ["mix it in the pan, an 8 inch square pan", [{ shape: "square", sideMm: 203.2, count: 1 }]],
    ["a tin with a hole, 24 centimetres", [{ shape: "ring", diameterMm: 240, count: 1 }]],
    ["a ring form with a diameter of 24 cm pan", [{ shape: "ring", diameterMm: 240, count: 1 }]],
    [
      "the tin is the tall 1, 23 by 13 cm loaf",
      [{ shape: "loaf", lengthMm: 230, widthMm: 130, count: 1 }],
    ],
    ["1 ring tin of about 2 litres, 24 cm across", [{ shape: "ring", diameterMm: 240, count: 1 }]],
    ["a 12-cup bundt pan, 10 inches wide", [{ shape: "ring", diameterMm: 254, count: 1 }]],
    [
      "you need 3 round tins, 26 cm, 21 cm and 16 cm, all deep",
      [260, 210, 160].map((diameterMm) => ({ shape: "round", diameterMm, count: 1 })),
    ],
    [
      "makes 18 cupcakes or 2 8-inch layers",
      [
        { shape: "cups", wells: 18, count: 1 },
        { shape: "round", diameterMm: 203.2, count: 2 },
      ],
    ],
    [
      "if you have no loaf tin, an 18 cm round does",
      [{ shape: "round", diameterMm: 180, count: 1 }],
    ],
    [
      "into a roasting tin lined with paper, mine's 30 by 20",
      [{ shape: "rectangle", lengthMm: 300, widthMm: 200, count: 1 }],
    ],
    ["a 10 inch cast-iron skillet", [{ shape: "skillet", diameterMm: 254, count: 1 }]],
  ])("%j", (text, tins) => {
    expect(tinsTold(text).map(({ tin }) => tin)).toEqual(tins);
  });

  it.each([
    "a tin of condensed milk",
    "melt it in a saucepan",
    "stand it in a pan of water",
    "cut in squares",
  ])("%j names none", (text) => {
    expect(tinsTold(text)).toEqual([]);
  });
});

describe("the oven", () => {
  it.each([
    ["Preheat the oven to 350F", 177, false],
    ["180C/160C fan/gas 4", 180, false],
    ["oven 180 fan 160", 180, false],
    ["set the oven to 170C fan (190C without)", 190, false],
    ["160 °C fan", 160, true],
    ["bake at 350", 177, false],
    ["325 on the oven", 163, false],
    ["gas mark 4", 177, false],
  ])("%j", (text, tempC, isFan) => {
    const heat = mainHeat(heatsTold(text));
    expect(heat?.tempC).toBeCloseTo(tempC, -0.5);
    expect(heat?.isFan).toBe(isFan);
  });

  it("is as cookery books called it, where there is no figure", () => {
    expect(ovenInWords("in a moderate oven")?.tempC).toBe(178);
    expect(ovenInWords("a very slow oven")?.tempC).toBe(130);
    expect(ovenInWords("a hot day")).toBeNull();
  });

  it.each(["225 g flour", "use 150 ml milk", "serves 180 people", "350 g sugar"])(
    "%j is no heat",
    (text) => {
      expect(heatsTold(text)).toEqual([]);
    },
  );

  it.each([
    ["1 hour and 45 minutes", 105, 105],
    ["45 minutes to 1 hour", 45, 60],
    ["1h45", 105, 105],
    ["1 hr 10", 70, 70],
    ["30 minutes maybe 32", 30, 32],
    ["about 40 maybe 45 minutes", 40, 45],
    ["1.5 hour, maybe an hour and 40", 90, 100],
    ["an hour 15 to 1.5 hour", 75, 90],
    ["Bake 350 - 25 min", 25, 25],
    ["70 to 80 sec", 70 / 60, 80 / 60],
    ["22–25 minutes", 22, 25],
    ["45 minutes, 48, have a look", 45, 48],
    ["rest 10 minutes. 12 slices", 10, 10],
    ["chill 20 minutes, 25 g sugar over it", 20, 20],
  ])("%j lasts", (text, low, high) => {
    const [time] = timesTold(text);
    expect(time?.amount.low).toBeCloseTo(low, 6);
    expect(time?.amount.high).toBeCloseTo(high, 6);
  });

  it.each([
    ["Bake 30 to 35 minutes, check at 25", 25],
    ["start looking at 28", 28],
    ["do not open the door before 45 minutes", 45],
    ["have a look at 1.25 hour", 75],
    ["no peeping before 35", 35],
    ["an hour and ten, don't look till the hour".replace("an hour and ten", "70 minutes"), 60],
    ["Bake 1 hour; try it with a skewer at 50", 50],
    ["about 40 minutes, start looking at 38", 38],
    ["when it has been 70 minutes in the heat, put in a clean straw", 70],
    ["Bake for 40 minutes until golden", null],
    ["Bake for 40 minutes until a skewer comes out clean", null],
  ])("%j is first looked at", (text, at) => {
    expect(checkTold(text, 90)).toBe(at);
  });
});
