import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { METRIC_MEASURES, US_MEASURES } from "../measure";
import { pantryOf } from "../pantry";
import {
  altitudeChanges,
  applySwap,
  balanceRemarks,
  batterPart,
  eggsIn,
  emptyRecipe,
  formulaOf,
  grossOf,
  isWideRange,
  leavenerTimes,
  scaledRow,
  scaleTimes,
  settleEggs,
  shortfall,
  suggestedAmount,
  SWAP_IDS,
  swapsFor,
  totalMass,
  undoSwap,
  type Formula,
  type FormulaRow,
  type RecipeDoc,
  type SwapId,
} from ".";

const PANTRY = pantryOf();

function doc(...lines: readonly string[]): RecipeDoc {
  const empty = emptyRecipe("Test");
  return {
    ...empty,
    parts: [
      {
        id: "p1",
        role: "batter",
        name: "Batter",
        steps: [],
        lines: lines.map((text, index) => ({ id: `l${index + 1}`, text })),
      },
    ],
  };
}

const formula = (...lines: readonly string[]): Formula =>
  formulaOf(doc(...lines), PANTRY, METRIC_MEASURES);

function rowOf(of: Formula, id: string): FormulaRow {
  const row = of.parts.flatMap(({ rows }) => rows).find(({ line }) => line.id === id);
  if (row === undefined) throw new Error(`no line ${id}`);
  return row;
}

const PLAIN = [
  "200 g plain flour",
  "200 g butter",
  "200 g caster sugar",
  "4 eggs",
  "2 tsp baking powder",
  "salt",
];

describe("a formula", () => {
  const plain = formula(...PLAIN);
  const batter = batterPart(plain);

  it("adds up, with baker's percentages on the flour", () => {
    expect(batter.flourG).toBe(200);
    // A metric teaspoon is 5/236.588 of the 216 g cup of powder.
    expect(batter.massG).toBeCloseTo(200 * 4 + (2 * 5 * 216) / 236.5882365, 6);
    expect(rowOf(plain, "l2").percent).toBe(100);
    expect(rowOf(plain, "l6")).toMatchObject({ massG: null, missing: "no-amount", percent: null });
  });

  it("sums water, fat and sugar by hand: butter 82 % fat, egg 10 %, flour 1 %", () => {
    expect(batter.totals.fat).toBeCloseTo(164 + 20 + 2, 6);
    expect(batter.totals.sugar).toBeCloseTo(200 + 2, 6);
    expect(batter.totals.water).toBeCloseTo(
      0.16 * 200 + 0.76 * 200 + 0.12 * 200 + 0.05 * (rowOf(plain, "l5").massG ?? 0),
      6,
    );
  });

  it("lists the allergens, and takes the ingredient the baker chose", () => {
    expect(plain.allergens).toEqual(["egg", "milk", "wheat"]);
    const chosen = formulaOf(
      {
        parts: doc().parts.map((part) => ({
          ...part,
          lines: [{ id: "l1", text: "100 g house mix", ingredient: "rice-flour" }],
        })),
      },
      PANTRY,
      METRIC_MEASURES,
    );
    expect(rowOf(chosen, "l1")).toMatchObject({
      matchedBy: "chosen",
      ingredient: { id: "rice-flour" },
    });
  });
});

describe("scaling", () => {
  const plain = formula(...PLAIN);

  it.each([
    [{ by: "times", times: 1.5 }, 1.5],
    [{ by: "portions", portions: 18 }, 1.5],
    [{ by: "eggs", eggs: 3 }, 0.75],
    [{ by: "line", line: "l1", massG: 640 }, 3.2],
    [{ by: "line", line: "l6", massG: 10 }, null],
  ] as const)("%j is %j times", (by, times) => {
    expect(scaleTimes(by, plain, 12)).toBe(times);
  });

  it("has nothing to go by without portions or eggs", () => {
    expect(scaleTimes({ by: "portions", portions: 8 }, plain, null)).toBeNull();
    expect(scaleTimes({ by: "eggs", eggs: 2 }, formula("200 g flour"), 8)).toBeNull();
    expect(eggsIn(formula("3 eggs", "2 egg whites"))).toBe(3);
  });

  it("by a and then by b is by a times b, in every line", () => {
    const factor = fc.double({ min: 0.1, max: 5, noNaN: true });
    fc.assert(
      fc.property(factor, factor, (a, b) => {
        for (const row of batterPart(plain).rows) {
          const choices = (times: number) =>
            ({ times, leavening: "as-written", egg: null }) as const;
          const once = scaledRow(row, choices(a), METRIC_MEASURES).massG;
          const twice =
            once === null
              ? null
              : scaledRow({ ...row, massG: once }, choices(b), METRIC_MEASURES).massG;
          const both = scaledRow(row, choices(a * b), METRIC_MEASURES).massG;
          if (twice === null || both === null) expect(twice).toBe(both);
          else expect(twice / both).toBeCloseTo(1, 9);
        }
      }),
    );
  });

  it("weighs leaveners to the tenth and counts eggs", () => {
    const half = { times: 0.5, leavening: "as-written", egg: null } as const;
    expect(scaledRow(rowOf(plain, "l5"), half, METRIC_MEASURES)).toMatchObject({
      shownG: 4.6,
      kitchen: { pieces: [{ count: 1, unit: "tsp" }] },
    });
    expect(scaledRow(rowOf(plain, "l4"), half, METRIC_MEASURES)).toMatchObject({
      eggs: 2,
      shownG: 100,
    });
    expect(scaledRow(rowOf(plain, "l1"), half, US_MEASURES).kitchen?.pieces[0]?.unit).toBe("cup");
  });

  it("holds leaveners back in big batches only by the school that does", () => {
    expect(leavenerTimes(3, "as-written")).toBe(3);
    expect(leavenerTimes(2, "less-when-wide")).toBe(2);
    expect(leavenerTimes(3, "less-when-wide")).toBeCloseTo(2.8, 9);
  });
});

it("scaling in thin air takes leavening and sugar down and liquid up", () => {
  const of = formula("100 g flour", "10 g baking powder", "100 g sugar", "100 g milk");
  const choices = {
    times: 1,
    leavening: "as-written",
    egg: null,
    altitude: altitudeChanges(3000),
  } as const;
  expect(
    ["l1", "l2", "l3", "l4"].map((id) =>
      Number(scaledRow(rowOf(of, id), choices, METRIC_MEASURES).massG?.toFixed(6)),
    ),
  ).toEqual([100, 5, 90, 115]);
});

it("scaled lines add up, those without a weight as nothing; a cup of flour ranges widely, grams do not", () => {
  const of = formula("1 cup plain flour", "100 g sugar", "salt to taste");
  const rows = batterPart(of).rows.map((row) =>
    scaledRow(row, { times: 2, leavening: "as-written", egg: null }, METRIC_MEASURES),
  );
  // A metric cup is 250/236.588 of the 122 g US one.
  expect(totalMass(rows)).toBeCloseTo(2 * ((122 * 250) / 236.5882365 + 100), 6);
  expect(batterPart(of).rows.map(isWideRange)).toEqual([true, false, false]);
});

describe("odd eggs", () => {
  it.each<[number, number, object]>([
    [4, 0.5, { how: "exact", eggs: 2, times: 0.5 }],
    [3, 1.04, { how: "whole", eggs: 3, times: 1 }],
    [3, 0.8, { how: "half", eggs: 2.5, times: 2.5 / 3 }],
    [1, 0.65, { how: "eggs-only", eggs: 1, times: 0.65 }],
  ])("%d eggs by %d: %j", (eggs, times, expected) => {
    expect(settleEggs(eggs, times, 50)).toMatchObject(expected);
  });

  it("are made up for with liquid when only they are rounded: 0.35 of an egg too much is 13 g of water", () => {
    expect(settleEggs(1, 0.65, 50).liquidG).toBeCloseTo(-0.75 * 50 * 0.35, 9);
  });

  it("never move the recipe by more than 8 %", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.double({ min: 0.1, max: 6, noNaN: true }),
        (eggs, times) => {
          const choice = settleEggs(eggs, times, 50);
          expect(Math.abs(choice.times / times - 1)).toBeLessThanOrEqual(0.08 + 1e-9);
          expect(choice.eggs * 2).toBeCloseTo(Math.round(choice.eggs * 2), 9);
        },
      ),
    );
  });
});

describe("what is bought and what is left", () => {
  it("goes by the yield: 640 g of peeled carrot is 753 g bought; 137 g short is three more", () => {
    expect(grossOf(640, 0.85)).toBeCloseTo(752.9, 1);
    expect(shortfall(640, 503, 70, 0.85)).toEqual({ shortG: 137, pieces: 3 });
    expect(shortfall(640, 700, 70, 0.85)).toEqual({ shortG: 0, pieces: null });
  });
});

describe("balance", () => {
  const remarks = (...lines: readonly string[]): readonly string[] =>
    balanceRemarks(batterPart(formula(...lines)), "all").map(({ code }) => code);
  const base = [
    "200 g plain flour",
    "180 g butter",
    "200 g caster sugar",
    "4 eggs",
    "60 ml milk",
    "2 tsp baking powder",
    "2 g salt",
  ];

  it("is silent on a usual batter, and on one without flour", () => {
    expect(remarks(...base)).toEqual([]);
    expect(remarks("6 eggs", "200 g sugar")).toEqual([]);
  });

  it.each([
    ["sugar", base.map((line) => line.replace("200 g caster", "120 g caster"))],
    ["powder", base.map((line) => line.replace("2 tsp baking", "5 tsp baking"))],
    ["egg-under-fat", base.map((line) => line.replace("4 eggs", "2 eggs"))],
    ["salt", base.map((line) => line.replace("2 g salt", "12 g salt"))],
    ["soda-without-acid", [...base, "1/2 tsp bicarbonate of soda"]],
    [
      "liquid-under-sugar",
      base
        .map((line) => line.replace("60 ml milk", "").replace("4 eggs", "3 eggs"))
        .filter((line) => line !== ""),
    ],
  ])("remarks on %s", (code, lines) => {
    expect(remarks(...lines)).toContain(code);
  });

  it("is content with soda when natural cocoa, buttermilk or brown sugar bring its acid", () => {
    for (const acid of ["240 ml buttermilk", "30 g cocoa powder", "100 g brown sugar"])
      expect(remarks(...base, "1/2 tsp baking soda", acid)).not.toContain("soda-without-acid");
    expect(remarks(...base, "1/2 tsp baking soda", "30 g Dutch-process cocoa")).toContain(
      "soda-without-acid",
    );
  });
});

describe("missing amounts", () => {
  const suggest = (lines: readonly string[], id: string): object | null => {
    const of = formula(...lines);
    return suggestedAmount(rowOf(of, id), batterPart(of));
  };

  it("are suggested as a range from the flour: powder 3.5 to 5.5 %, sugar less what there is", () => {
    expect(suggest(["200 g flour", "baking powder"], "l2")).toEqual({ lowG: 7, highG: 11 });
    expect(suggest(["200 g flour", "100 g brown sugar", "brown sugar for the top"], "l3")).toEqual({
      lowG: 60,
      highG: 140,
    });
    expect(suggest(["flour", "200 g sugar"], "l1")).toEqual({ lowG: 160, highG: 200 / 0.85 });
  });

  it("are not made up where nothing is usual", () => {
    expect(suggest(["200 g flour", "sprinkles"], "l2")).toBeNull();
    expect(suggest(["sugar", "2 eggs"], "l1")).toBeNull();
    expect(suggest(["200 g flour", "20 g salt"], "l2")).toBeNull();
  });
});

describe("swaps", () => {
  const swap = (
    lines: readonly string[],
    id: string,
    swapId: SwapId,
  ): { before: RecipeDoc; after: RecipeDoc; of: Formula } => {
    const before = doc(...lines);
    const of = formulaOf(before, PANTRY, METRIC_MEASURES);
    const effect = swapsFor(rowOf(of, id), of, PANTRY).find((each) => each.id === swapId);
    if (effect === undefined) throw new Error(`${swapId} is not offered`);
    return { before, after: applySwap(before, rowOf(of, id), effect, of), of };
  };
  const texts = (of: RecipeDoc): readonly string[] =>
    of.parts[0]?.lines.map(({ text }) => text) ?? [];

  it("butter to oil: 82 % of it as oil, 16 % as water; milk goes from the allergens", () => {
    const { after, of } = swap(PLAIN, "l2", "butter-to-oil");
    expect(texts(after).slice(1, 3)).toEqual(["165 g vegetable oil", "30 g water"]);
    expect(
      swapsFor(rowOf(of, "l2"), of, PANTRY).find(({ id }) => id === "butter-to-oil")?.loses,
    ).toEqual(["milk"]);
  });

  it.each<[SwapId, string, readonly string[]]>([
    ["butter-to-oil-by-volume", "200 g butter", ["190 g vegetable oil"]],
    ["oil-to-butter", "164 g vegetable oil", ["200 g unsalted butter"]],
    ["salted-to-unsalted", "200 g salted butter", ["195 g unsalted butter", "3.2 g fine salt"]],
    ["buttermilk-to-milk-and-acid", "240 g buttermilk", ["225 g whole milk", "15 g lemon juice"]],
    [
      "self-raising-to-plain",
      "210 g self-raising flour",
      ["200 g plain flour", "10 g baking powder"],
    ],
    [
      "self-raising-to-plain",
      "212.4 g self-rising flour",
      ["200 g plain flour", "10 g baking powder", "2.4 g fine salt"],
    ],
    ["milk-to-plant-milk", "240 g milk", ["240 g soya milk"]],
    ["cake-flour-to-plain", "160 g cake flour", ["140 g plain flour", "20 g cornflour"]],
    ["powder-to-soda", "8 g baking powder", ["2 g bicarbonate of soda", "4 g cream of tartar"]],
    ["soda-to-powder", "2 g baking soda", ["8 g baking powder"]],
    ["egg-to-yoghurt", "2 eggs", ["120 g yoghurt"]],
    ["egg-to-flax", "2 eggs", ["14 g ground flaxseed", "80 g water"]],
    ["egg-to-condensed-milk", "2 eggs", ["120 g sweetened condensed milk"]],
  ])("%s: %j becomes %j", (id, line, expected) => {
    expect(texts(swap([line], "l1", id).after)).toEqual(expected);
  });

  it("unsalted to salted takes the salt it brings off the recipe's own", () => {
    const { before, after } = swap(
      ["200 g unsalted butter", "5 g salt"],
      "l1",
      "unsalted-to-salted",
    );
    expect(texts(after)).toEqual(["200 g salted butter", "1.8 g fine salt"]);
    expect(undoSwap(after, after.parts[0]?.lines[0]?.id ?? "")).toEqual(before);
  });

  it("takes the water that butter brings off the liquid, and the sugar of condensed milk off the sugar, and both come back", () => {
    // 200 g of butter for 164 g of oil bring 32 g of water; 120 g of condensed milk 66 g of sugar.
    const oil = swap(["164 g vegetable oil", "150 g water"], "l1", "oil-to-butter");
    expect(texts(oil.after)).toEqual(["200 g unsalted butter", "120 g water"]);
    const egg = swap(["2 eggs", "200 g caster sugar"], "l1", "egg-to-condensed-milk");
    expect(texts(egg.after)).toEqual(["120 g sweetened condensed milk", "135 g caster sugar"]);
    for (const { before, after } of [oil, egg])
      expect(undoSwap(after, after.parts[0]?.lines[0]?.id ?? "")).toEqual(before);
  });

  it("lose nothing when a line of theirs was moved before they are undone", () => {
    const { before, after } = swap(
      ["210 g self-raising flour", "100 g sugar", "2 eggs"],
      "l1",
      "self-raising-to-plain",
    );
    const [part] = after.parts;
    const lines = part?.lines ?? [];
    // The powder is dragged to the end, away from its flour.
    const moved: RecipeDoc = {
      ...after,
      parts: [
        {
          ...part,
          lines: [...lines.filter((_, at) => at !== 1), ...lines.slice(1, 2)],
        } as RecipeDoc["parts"][number],
      ],
    };
    expect(texts(moved).at(-1)).toBe("10 g baking powder");
    for (const line of [moved.parts[0]?.lines[0], moved.parts[0]?.lines.at(-1)])
      expect(texts(undoSwap(moved, line?.id ?? ""))).toEqual(texts(before));
  });

  it("give back what the baker chose and weighed, of the line and of the salt it moved", () => {
    const plain = doc("200 g unsalted butter", "5 g salt");
    const before: RecipeDoc = {
      ...plain,
      parts: plain.parts.map((part) => ({
        ...part,
        lines: part.lines.map((line) =>
          line.id === "l1"
            ? { ...line, ingredient: "unsalted-butter", weighedG: 193 }
            : { ...line, weighedG: 6 },
        ),
      })),
    };
    const of = formulaOf(before, PANTRY, METRIC_MEASURES);
    const effect = swapsFor(rowOf(of, "l1"), of, PANTRY).find(
      ({ id }) => id === "unsalted-to-salted",
    );
    if (effect === undefined) throw new Error("not offered");
    const after = applySwap(before, rowOf(of, "l1"), effect, of);
    // 193 g of salted butter carry 3.1 g of salt, which leave 2.9 of the 6.
    expect(
      formulaOf(after, PANTRY, METRIC_MEASURES).parts[0]?.rows.map(({ massG }) => massG),
    ).toEqual([195, 2.9]);
    expect(undoSwap(after, after.parts[0]?.lines[0]?.id ?? "")).toEqual(before);
  });

  it("say what they bring: salt, sugar, water, allergens", () => {
    const of = formula("4 eggs", "200 g rice flour");
    const [yoghurt] = swapsFor(rowOf(of, "l1"), of, PANTRY);
    expect(yoghurt).toMatchObject({
      id: "egg-to-yoghurt",
      gains: ["milk"],
      loses: ["egg"],
      sugarG: 12,
    });
    expect(swapsFor(rowOf(of, "l2"), of, PANTRY)).toEqual([]);
  });

  it("are undone to the very recipe they came from, each of them, from any of their lines", () => {
    const lines = [
      "300 g butter",
      "100 g vegetable oil",
      "50 g salted butter",
      "20 g butter",
      "100 g buttermilk",
      "200 g self-raising flour",
      "100 g cake flour",
      "9 g baking powder",
      "2 g bicarb",
      "3 eggs",
      "4 g salt",
      "100 g milk",
    ];
    for (const id of SWAP_IDS) {
      const of = formulaOf(doc(...lines), PANTRY, METRIC_MEASURES);
      const row = of.parts
        .flatMap(({ rows }) => rows)
        .find((each) => swapsFor(each, of, PANTRY).some((effect) => effect.id === id));
      if (row === undefined) throw new Error(`nothing to try ${id} on`);
      const { before, after } = swap(lines, row.line.id, id);
      expect(after).not.toEqual(before);
      for (const line of after.parts[0]?.lines.filter((each) => each.swap !== undefined) ?? [])
        expect(undoSwap(after, line.id)).toEqual(before);
    }
  });
});

describe("altitude", () => {
  it("changes nothing up to 900 m, leavening by 12 % each 300 m above, down to half", () => {
    expect(altitudeChanges(900)).toEqual({
      leavening: 1,
      sugar: 1,
      liquid: 1,
      heatC: 0,
      minutes: 1,
    });
    expect(altitudeChanges(1500)).toMatchObject({ leavening: 0.76, heatC: 8 });
    // By hand, a third of the way from nothing to the least: 1 - 5/30/3.
    expect(altitudeChanges(1000).minutes).toBeCloseTo(1 - 5 / 30 / 3, 9);
    expect(altitudeChanges(3000)).toMatchObject({ leavening: 0.5, sugar: 0.9, liquid: 1.15 });
    for (let m = 0; m < 4000; m += 10) {
      const [here, higher] = [altitudeChanges(m), altitudeChanges(m + 10)];
      // No jump: 10 m are worth less than a hundredth of anything, and never the other way.
      for (const of of ["leavening", "sugar", "minutes"] as const) {
        expect(here[of] - higher[of]).toBeGreaterThanOrEqual(0);
        expect(here[of] - higher[of]).toBeLessThan(0.01);
      }
    }
    expect(() => altitudeChanges(9000)).toThrow("altitude must be -500 to 5000 m, got 9000");
  });
});
