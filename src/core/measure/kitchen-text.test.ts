import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  cupMl,
  kitchenMeasure,
  METRIC_MEASURES,
  readSpan,
  readUnit,
  SPOONS_ML,
  unitSize,
  US_MEASURES,
  weighedGrams,
  type KitchenMeasure,
} from ".";

describe("reading amounts and ranges", () => {
  it.each<[string, number, number, string]>([
    ["1 1/2 cups", 1.5, 1.5, "cups"],
    ["4½-5½ cups", 4.5, 5.5, "cups"],
    ["2 to 3 tbsp", 2, 3, "tbsp"],
    ["2–3 eggs", 2, 3, "eggs"],
    ["1-1/2 tsp", 1.5, 1.5, "tsp"],
    ["1/2-3/4 cup", 0.5, 0.75, "cup"],
    ["about 200 g", 200, 200, "g"],
    ["1,5 dl", 1.5, 1.5, "dl"],
    ["1,000 g", 1000, 1000, "g"],
    ["one and a half cups", 1.5, 1.5, "cups"],
    ["1 and a half cups", 1.5, 1.5, "cups"],
    ["half a lemon", 0.5, 0.5, "lemon"],
    ["half lemon", 0.5, 0.5, "lemon"],
    ["three quarters of a cup", 0.75, 0.75, "cup"],
    ["a pinch of salt", 1, 1, "pinch of salt"],
    ["an egg", 1, 1, "egg"],
    ["two 8-inch rounds", 2, 2, "8-inch rounds"],
    ["3-2 cups", 3, 3, "-2 cups"],
  ])("%j is %d to %d, then %j", (text, low, high, rest) => {
    expect(readSpan(text)).toMatchObject({ amount: { low, high }, rest });
  });

  it.each(["salt to taste", "-5 g", "", "apple", "once cooled"])("%j has none", (text) => {
    expect(readSpan(text)).toBeNull();
  });
});

describe("units", () => {
  it.each([
    ["grams of flour", "g", "flour"],
    ["g flour", "g", "flour"],
    ["Tbsp. sugar", "tbsp", "sugar"],
    ["T sugar", "tbsp", "sugar"],
    ["t salt", "tsp", "salt"],
    ["tablespoonfuls milk", "tbsp", "milk"],
    ["fl oz milk", "fl-oz", "milk"],
    ["cups", "cup", ""],
    ["lbs pears", "lb", "pears"],
    ["pinches salt", "pinch", "salt"],
    ["cans pumpkin", "pack", "pumpkin"],
    ["litre water", "l", "water"],
  ])("%j starts with %s", (text, unit, rest) => {
    expect(readUnit(text)).toEqual({ unit, rest });
  });

  it.each(["ginger", "cream", "carrots", "large eggs", "tangerines", "glaze"])(
    "%j starts with none",
    (text) => {
      expect(readUnit(text)).toBeNull();
    },
  );

  it("have the sizes of their kitchen", () => {
    expect(unitSize("cup", US_MEASURES)).toEqual({ of: "volume", ml: 236.5882365 });
    expect(unitSize("cup", { ...US_MEASURES, cup: { ownMl: 220 } })).toEqual({
      of: "volume",
      ml: 220,
    });
    expect(unitSize("tbsp", { ...METRIC_MEASURES, spoon: "metric-20" })).toEqual({
      of: "volume",
      ml: 20,
    });
    expect(unitSize("pint", METRIC_MEASURES)).toEqual({ of: "volume", ml: 568.26125 });
    expect(unitSize("stick", US_MEASURES)).toEqual({ of: "mass", g: 113.4 });
  });
});

describe("writing a kitchen measure", () => {
  const text = ({ pieces }: KitchenMeasure): string =>
    pieces.map(({ count, unit }) => `${Number(count.toFixed(3))} ${unit}`).join(" + ");
  const us = (cups: number): string => text(kitchenMeasure(cups * cupMl(US_MEASURES), US_MEASURES));

  it.each<[number, string]>([
    [1, "1 cup"],
    [0.75, "0.75 cup"],
    [1.5, "1.5 cup"],
    [2 / 3, "0.667 cup"],
    [0.125, "2 tbsp"],
    [1 / 16, "1 tbsp"],
    [1 / 48, "1 tsp"],
    [1 / 192, "0.25 tsp"],
    [1 + 1 / 8, "1 cup + 2 tbsp"],
    [0.25 + 1 / 16, "0.25 cup + 1 tbsp"],
    [3, "3 cup"],
    [3 / 8 / 48, "0.25 tsp + 0.125 tsp"],
  ])("%d cups as %s", (cups, expected) => {
    expect(us(cups)).toBe(expected);
  });

  it("never takes more than three pieces, and says how far off it is", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.7, max: 3000, noNaN: true }),
        fc.constantFrom(US_MEASURES, METRIC_MEASURES),
        (volumeMl, measures) => {
          const { pieces, error } = kitchenMeasure(volumeMl, measures);
          const size = { cup: cupMl(measures), ...SPOONS_ML[measures.spoon] };
          const total = pieces.reduce((sum, { count, unit }) => sum + count * size[unit], 0);
          expect(pieces.length).toBeGreaterThan(0);
          expect(pieces.length).toBeLessThanOrEqual(3);
          expect(total / volumeMl - 1).toBeCloseTo(error, 5);
          // The eighth of a teaspoon is 4 % of the smallest of these, and three pieces can't always
          // do better than half of two.
          if (volumeMl > 5) expect(Math.abs(error)).toBeLessThan(0.08);
        },
      ),
    );
  });

  it("weighs leaveners to a tenth under 10 g, and anything else like a kitchen scale", () => {
    expect([4.62, 9.96, 12.4].map((massG) => weighedGrams(massG, true))).toEqual([4.6, 10, 12]);
    expect([4.62, 123, 654].map((massG) => weighedGrams(massG, false))).toEqual([5, 125, 650]);
  });
});
