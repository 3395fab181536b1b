import { describe, expect, it } from "vitest";
import type { BatterKind } from "../kind";
import { METRIC_MEASURES } from "../measure";
import { pantryOf } from "../pantry";
import { batterPart, emptyRecipe, formulaOf, type PartFormula } from "../recipe";
import { balanceRules, batterOfLines, kindByName, recogniseKind, type BakedIn } from "./from-lines";

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
    [
      "treacle melted with the fat, and poured",
      ["225 g flour", "225 g oatmeal", "200 g treacle", "100 g lard", "150 ml milk", "1 tsp soda"],
      ["Melt the treacle and lard. Pour onto the flour and oatmeal, then the milk, and beat."],
      "other",
      "hot-liquid",
      "hot-liquid",
    ],
    [
      "fruit soaked in tea without fat, in a loaf tin",
      ["340 g raisins", "280 ml tea", "170 g sugar", "1 egg", "280 g self-raising flour"],
      ["Stir the egg into the fruit and tea. Sift in the flour."],
      "loaf",
      "quick-loaf",
      "quick",
    ],
    [
      "cocoa in a self-raising batter, which is no brownie",
      ["40 g self-raising flour", "40 g sugar", "20 g cocoa", "1 egg", "45 g milk", "27 g oil"],
      ["Stir it all."],
      "other",
      "oil",
      "oil",
    ],
    [
      "eggs beaten thick, with almonds in place of flour",
      ["6 eggs", "220 g sugar", "250 g ground almonds", "1 tsp baking powder"],
      ["Beat the eggs with the sugar until thick. Fold in the almonds."],
      "other",
      "whisked",
      "whipped-eggs",
    ],
    [
      "white sugar and something folded in, which are no whites",
      [
        "250 g flour",
        "113 g butter",
        "150 g white sugar",
        "2 eggs",
        "180 ml milk",
        "2 tsp baking powder",
      ],
      ["Cream the butter and the white sugar, whip in the eggs, fold in flour and milk."],
      "other",
      "creamed",
      "creamed",
    ],
    ["nothing to tell by", ["200 g flour", "water"], [], "other", "creamed", "usual"],
  ])("of %s is known, with the reason", (_name, lines, steps, bakedIn, kind, reason) => {
    expect(recogniseKind(part(lines, steps), bakedIn)).toEqual({ kind, reason });
  });

  it.each<[string, readonly string[], BatterKind]>([
    ["Lockside pound cake", ["300 g butter", "300 g flour", "300 g sugar"], "pound"],
    ["Rigging loft blondies", ["170 g butter", "220 g flour", "250 g sugar"], "brownie"],
    ["Reading room chiffon", ["100 g oil", "200 g flour", "6 eggs"], "chiffon"],
    // Its lines do not bear it out.
    ["Chiffon scarf cake", ["150 g butter", "200 g flour", "3 eggs"], "creamed"],
    ["Harbour plain cake", ["170 g butter", "220 g flour", "250 g sugar"], "creamed"],
  ])("%s goes by its name, where its lines allow that", (name, lines, kind) => {
    const of = part(lines, ["Cream the butter and the sugar."]);
    expect(kindByName(recogniseKind(of, "other"), name, of).kind).toBe(kind);
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
