import { describe, expect, it } from "vitest";
import { METRIC_MEASURES } from "../measure";
import { pantryOf } from "../pantry";
import { batterPart, emptyRecipe, formulaOf, type PartFormula } from "../recipe";
import { balanceRules, batterOfLines, recogniseKind, type BakedIn } from "./from-lines";

const PANTRY = pantryOf();

function part(lines: readonly string[], steps: readonly string[] = []): PartFormula {
  const empty = emptyRecipe("Test");
  return batterPart(
    formulaOf(
      {
        ...empty,
        parts: [
          {
            id: "p1",
            role: "batter",
            name: "Batter",
            lines: lines.map((text, index) => ({ id: `l${index}`, text })),
            steps: steps.map((text, index) => ({ id: `s${index}`, text })),
          },
        ],
      },
      PANTRY,
      METRIC_MEASURES,
    ),
  );
}

const CREAM = "Cream the butter and sugar until pale.";
const WHITES = "Whisk the egg whites to firm peaks and fold them in.";

describe("the kind of a batter", () => {
  it.each<[string, readonly string[], readonly string[], BakedIn, string, string]>([
    [
      "butter creamed",
      ["200 g flour", "200 g butter", "200 g sugar", "4 eggs", "2 tsp baking powder", "60 ml milk"],
      [CREAM],
      "other",
      "creamed",
      "creamed",
    ],
    [
      "oil",
      ["250 g flour", "200 ml oil", "250 g sugar", "4 eggs", "2 tsp baking powder"],
      ["Mix."],
      "other",
      "oil",
      "oil",
    ],
    [
      "hot stout",
      ["250 g flour", "240 ml stout", "160 ml oil", "3 eggs", "170 g brown sugar"],
      ["Bring the stout to the boil."],
      "other",
      "hot-liquid",
      "hot-liquid",
    ],
    [
      "butter and water poured boiling",
      ["250 g flour", "400 g sugar", "225 g butter", "240 ml water", "2 eggs", "1 tsp soda"],
      ["Bring the butter and the water to a boil and pour it over the flour."],
      "other",
      "hot-liquid",
      "hot-liquid",
    ],
    [
      "a spoon of hot water in a creamed batter",
      ["225 g flour", "225 g butter", "225 g sugar", "4 eggs", "15 ml hot water"],
      [CREAM],
      "other",
      "pound",
      "creamed-heavy",
    ],
    [
      "eggs to the ribbon, told after a bowl that stands",
      ["85 g flour", "85 g sugar", "3 eggs"],
      ["Stand a bowl over hot water, put in the eggs and sugar, until it falls in a ribbon."],
      "other",
      "whisked",
      "whipped-eggs",
    ],
    [
      "white chocolate, whisked eggs and a fold: no whites apart",
      ["200 g chocolate", "175 g butter", "3 eggs", "275 g sugar", "85 g flour", "40 g cocoa"],
      ["Whisk the eggs and sugar, fold in the flour, then the white chocolate."],
      "other",
      "brownie",
      "chocolate-little-flour",
    ],
    [
      "three tenths of dried fruit",
      ["250 g flour", "200 g butter", "200 g sugar", "3 eggs", "350 g mixed dried fruit"],
      [CREAM],
      "other",
      "rich-fruit",
      "dried-fruit",
    ],
    [
      "whisked eggs",
      ["120 g flour", "120 g sugar", "4 eggs"],
      ["Whisk the eggs and sugar until thick."],
      "other",
      "whisked",
      "whipped-eggs",
    ],
    [
      "oil and whites",
      ["150 g cake flour", "80 ml oil", "6 egg yolks", "7 egg whites", "200 g sugar"],
      [WHITES],
      "other",
      "chiffon",
      "whipped-eggs-oil",
    ],
    [
      "whites alone",
      ["115 g cake flour", "10 egg whites", "250 g sugar"],
      ["Whisk the whites to a peak and fold in the flour."],
      "other",
      "white-foam",
      "whites-only",
    ],
    [
      "butter and whites",
      ["110 g flour", "180 g butter", "190 g sugar", "5 eggs, separated"],
      [CREAM, WHITES],
      "other",
      "folded-whites",
      "whites-folded",
    ],
    [
      "equal weights",
      ["200 g flour", "200 g butter", "200 g sugar", "4 eggs"],
      [CREAM],
      "loaf",
      "pound",
      "creamed-heavy",
    ],
    [
      "a quick loaf",
      ["220 g flour", "100 ml oil", "2 eggs", "150 g sugar", "2 tsp baking powder"],
      ["Mix."],
      "loaf",
      "quick-loaf",
      "quick",
    ],
    [
      "stirred in cups",
      ["200 g flour", "75 g butter", "2 eggs", "95 g sugar", "2 tsp baking powder"],
      ["Stir."],
      "cups",
      "muffin",
      "muffin",
    ],
    [
      "mostly fruit",
      ["800 g mixed dried fruit", "200 g butter", "200 g brown sugar", "4 eggs", "220 g flour"],
      [CREAM],
      "other",
      "rich-fruit",
      "dried-fruit",
    ],
    [
      "mostly chocolate",
      ["200 g dark chocolate", "170 g butter", "250 g sugar", "3 eggs", "100 g flour"],
      ["Melt."],
      "other",
      "brownie",
      "chocolate-little-flour",
    ],
    [
      "soft cheese",
      ["600 g cream cheese", "150 g sugar", "3 eggs", "20 g cornflour"],
      ["Beat."],
      "other",
      "baked-cheese",
      "cream-cheese",
    ],
    [
      "butter creamed in a step that also folds, in cups",
      ["200 g flour", "150 g butter", "150 g sugar", "3 eggs", "2 tsp baking powder"],
      ["Cream the butter and sugar, beat in the eggs, fold in the flour."],
      "cups",
      "creamed",
      "creamed",
    ],
    [
      "butter beaten with sugar, whatever it is called",
      ["200 g flour", "150 g butter", "150 g sugar", "3 eggs", "2 tsp baking powder"],
      ["Beat the soft butter with the sugar, then the eggs, and fold in the flour."],
      "loaf",
      "creamed",
      "creamed",
    ],
    [
      "melted butter, which holds no air",
      ["240 g flour", "175 g butter", "150 g brown sugar", "2 eggs", "150 ml milk", "1 tsp soda"],
      ["Melt the butter with the sugar, beat in the eggs and milk, stir in the flour."],
      "other",
      "oil",
      "melted",
    ],
    [
      "melted butter with much sugar and nothing thin",
      ["150 g flour", "170 g butter, melted", "250 g brown sugar", "2 eggs"],
      ["Beat the melted butter with the sugar and stir in the rest."],
      "other",
      "brownie",
      "melted-sweet",
    ],
    [
      "butter of which nothing is said",
      ["200 g flour", "150 g butter", "150 g sugar", "3 eggs", "2 tsp baking powder"],
      ["Mix it all."],
      "other",
      "creamed",
      "usual",
    ],
    ["nothing to tell by", ["200 g flour", "water"], [], "other", "creamed", "usual"],
  ])("of %s is known, with the reason", (_name, lines, steps, bakedIn, kind, reason) => {
    expect(recogniseKind(part(lines, steps), bakedIn)).toEqual({ kind, reason });
  });

  it("is told by what is done before the oven, not by what is melted over the cake", () => {
    const lines = ["200 g flour", "150 g butter", "150 g sugar", "3 eggs", "2 tsp baking powder"];
    const batter = part(lines, ["Stir it all.", "Melt the butter and brush it over."]);
    const of = (stage: "before" | "hot") =>
      recogniseKind(
        {
          ...batter,
          part: {
            ...batter.part,
            steps: batter.part.steps.map((step, at) => (at === 1 ? { ...step, stage } : step)),
          },
        },
        "other",
      ).reason;
    expect([of("before"), of("hot")]).toEqual(["melted", "usual"]);
  });

  it("says how much of the usual balance it is held to", () => {
    expect([balanceRules("creamed"), balanceRules("muffin"), balanceRules("brownie")]).toEqual([
      "all",
      "leavening",
      "soda",
    ]);
  });
});

describe("a batter from its lines", () => {
  it("stands at its kind's gravity, with what stays in pieces added on top: worked by hand", () => {
    const found = batterOfLines(part(["430 g plain flour", "105 g walnuts"]), "creamed", null);
    // 430 g at 0.86 g/mL is 500 mL; 105 g of nuts at 1.05 is 100 mL.
    expect(found?.batter.volumeMl).toBeCloseTo(600, 6);
    expect(found?.batter.massG).toBe(535);
    expect(found?.batter.specificGravity).toBeCloseTo(535 / 600, 6);
    expect(found?.batter.volumeRangeMl[0]).toBeCloseTo(430 / 0.92 + 100, 6);
    expect(found?.gasFreeGPerMl).toBeCloseTo(1.45, 6);
    expect(found?.gasShare).toBeCloseTo(1 - 0.86 / 1.45, 6);
  });

  it("has its gas-free density from all its parts: flour and water half and half are 1.18 g/mL", () => {
    expect(
      batterOfLines(part(["100 g flour", "100 g water"]), "creamed", null)?.gasFreeGPerMl,
    ).toBeCloseTo(200 / (100 / 1.45 + 100), 6);
  });

  it("goes by the weighed gravity when there is one, and says what it could not weigh", () => {
    const found = batterOfLines(part(["500 g flour", "salt"]), "creamed", 1);
    expect(found).toMatchObject({
      batter: { volumeMl: 500, volumeRangeMl: [500, 500], basis: "weight-and-volume" },
      unweighed: 1,
    });
    expect(batterOfLines(part(["salt"]), "creamed", null)).toBeNull();
    // What weighs less than any batter is none.
    expect(batterOfLines(part(["a pinch of salt"]), "creamed", null)).toBeNull();
  });
});
