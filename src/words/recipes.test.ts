import { describe, expect, it } from "vitest";
import { kitchenMeasure, METRIC_MEASURES, US_CUP_ML, US_MEASURES } from "@/core/measure";
import { pantryOf } from "@/core/pantry";
import {
  emptyRecipe,
  formulaOf,
  swapsFor,
  type BalanceRemark,
  type ReadingProblem,
  type SwapId,
} from "@/core/recipe";
import { balanceText, issueText, kitchenText, METRIC, problemText, swapText } from ".";

const plain = (text: string): string => text.replaceAll(/[\u00a0\u202f]/gu, " ");

describe("kitchen measures as a person says them", () => {
  it.each<[number, string]>([
    [US_CUP_ML, "1 cup"],
    [1.5 * US_CUP_ML, "1 1/2 cups"],
    [US_CUP_ML / 3, "1/3 cup"],
    [US_CUP_ML / 8, "2 tbsp"],
    [US_CUP_ML / 96, "1/2 tsp"],
    [US_CUP_ML / 4 + US_CUP_ML / 16, "1/4 cup + 1 tbsp"],
  ])("%d mL is %j", (volumeMl, text) => {
    expect(kitchenText(kitchenMeasure(volumeMl, US_MEASURES))).toBe(text);
  });

  it("says how far off it is when that is over 3 %", () => {
    expect(kitchenText({ pieces: [{ count: 0.125, unit: "tsp" }], error: 0.25 })).toBe(
      "1/8 tsp (+25 %)",
    );
    expect(kitchenText({ pieces: [{ count: 1, unit: "cup" }], error: -0.04 })).toBe("1 cup (−4 %)");
    expect(kitchenText({ pieces: [{ count: 1, unit: "cup" }], error: 0.02 })).toBe("1 cup");
  });
});

describe("what a reader should look at", () => {
  it.each<[ReadingProblem, string]>([
    [{ code: "no-ingredients" }, "No ingredient line was found."],
    [
      { code: "second-recipe", rows: 4 },
      "There seem to be two recipes here. The first is read; 4 lines of the other are kept in the original.",
    ],
    [
      { code: "minutes-range", minutes: { low: 30, high: 35 } },
      "The minutes are a range, 30 to 35: the middle is taken.",
    ],
    [{ code: "unread", rows: 1 }, "One line was not understood; it is kept in the original."],
    [{ code: "unread", rows: 3 }, "3 lines were not understood; they are kept in the original."],
    [
      { code: "no-tins" },
      "No tin with a size is named: add it, or it can't be compared with yours.",
    ],
    [{ code: "no-heat" }, "No oven temperature is named."],
    [{ code: "no-minutes" }, "No baking minutes are named."],
    [{ code: "no-steps" }, "No steps were found."],
  ])("%j", (problem, text) => {
    expect(problemText(problem)).toBe(text);
  });
});

describe("a proportion out of what is usual", () => {
  it.each<[BalanceRemark, string]>([
    [
      { code: "powder", value: 9.14, low: 3.5, high: 5.5 },
      "Baking powder 9.1 %, usually 3.5 % to 5.5 % of the flour: it may rise, fall and taste of it.",
    ],
    [
      { code: "sugar", value: 60, low: 80, high: 140 },
      "Sugar 60 %, usually 80 % to 140 % of the flour: a tighter, paler crumb.",
    ],
    [
      { code: "egg-under-fat", value: 50, low: 82, high: Infinity },
      "Egg 50 % under fat 82 % of the flour: it may eat greasy and crumble.",
    ],
    [
      { code: "salt", value: 4, low: 0.8, high: 2.5 },
      "Salt 4 %, usually 0.8 % to 2.5 % of the flour: it may taste salty.",
    ],
    [
      { code: "soda", value: 2, low: 0.5, high: 1.4 },
      "Soda 2 %, usually 0.5 % to 1.4 % of the flour: it may taste of soap.",
    ],
    [
      { code: "liquid-under-sugar", value: 70, low: 120, high: Infinity },
      "Liquid 70 % under sugar 120 % of the flour: it may set heavy.",
    ],
  ])("%j", (remark, text) => {
    expect(balanceText(remark)).toBe(text);
  });

  it("names what soda could work on", () => {
    expect(balanceText({ code: "soda-without-acid", value: 1, low: 0, high: 0 })).toContain(
      "buttermilk, natural cocoa, brown sugar",
    );
  });
});

describe("a swap", () => {
  const effect = (line: string, id: SwapId): string => {
    const doc = {
      ...emptyRecipe("Test"),
      parts: [
        {
          id: "p1",
          role: "batter" as const,
          name: "Batter",
          steps: [],
          lines: [{ id: "l1", text: line }],
        },
      ],
    };
    const formula = formulaOf(doc, pantryOf(), METRIC_MEASURES);
    const row = formula.parts[0]?.rows[0];
    const found =
      row === undefined
        ? undefined
        : swapsFor(row, formula, pantryOf()).find((each) => each.id === id);
    if (found === undefined) throw new Error(`${id} is not offered for ${line}`);
    return plain(swapText(found));
  };

  it.each<[string, SwapId, string]>([
    [
      "200 g butter",
      "butter-to-oil",
      "moister and softer, no creaming: less rise; no milk any more",
    ],
    [
      "200 g butter",
      "butter-to-oil-by-volume",
      "simpler, richer: a sixth more fat, less rise; water −30 g; no milk any more",
    ],
    ["200 g unsalted butter", "unsalted-to-salted", "the same cake; salt +3.2 g"],
    [
      "4 eggs",
      "egg-to-yoghurt",
      "denser and moist, paler, about a fifth less rise; sugar +12 g; water +55 g; brings milk; no egg any more",
    ],
  ])("of %j, %s, says what it changes", (line, id, text) => {
    expect(effect(line, id)).toBe(text);
  });
});

describe("what is wrong with a recipe", () => {
  it.each<[Parameters<typeof issueText>[0], string]>([
    [
      { code: "too-many", path: "recipeText", value: 500_000, max: 400_000 },
      "The text is 500000 characters long: at most 400000. Nothing of it was changed; paste a shorter part.",
    ],
    [
      { code: "unreadable", path: "recipeText", value: "", expected: "text" },
      "This is a program's or a picture's file, not a text: paste the words of the recipe instead.",
    ],
    [
      { code: "unreadable", path: "times", value: "many", expected: "amount" },
      "“many” can't be read: write an amount like 1.5.",
    ],
    [
      { code: "unreadable", path: "line", value: "some", expected: "amount" },
      "“some” can't be read: write a weight like 640 g.",
    ],
    [
      { code: "missing", path: "portions", expected: "portions" },
      "The recipe does not say how many it serves: write it under Serves.",
    ],
    [
      { code: "missing", path: "tinsOfRecipe", expected: "tins" },
      "The recipe names no tin to compare with: write it under Its tins.",
    ],
    [
      { code: "out-of-range", path: "make", value: 21, min: 0.05, max: 20, unit: "times" },
      "Amount to make 21 times is too much: 0.05 to 20 times.",
    ],
    [{ code: "missing", path: "name", expected: "name" }, "Name is missing."],
  ])("%j", (issue, text) => {
    expect(issueText(issue, METRIC)).toBe(text);
  });
});
