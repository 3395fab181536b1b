import fc from "fast-check";
import { describe, expect, it } from "vitest";
import * as z from "../zod";
import {
  cFromFahrenheit,
  fahrenheitFromC,
  fahrenheitSteps,
  kitchenGrams,
  kitchenMl,
  mlFromMm3,
  numberIn,
  parseWith,
  readAmount,
  readMassG,
  remembered,
  readMinutes,
  readTempC,
  readVolumeMl,
  risingRoot,
  roundTo,
  wholeIn,
} from ".";

describe("reading an amount", () => {
  it.each([
    ["2 1/4", 2.25, ""],
    ["2¼ cups", 2.25, "cups"],
    ["½ in", 0.5, "in"],
    ["8½ in", 8.5, "in"],
    ["1-1/2 in", 1.5, "in"],
    ["1.5cm", 1.5, "cm"],
    ["1,5 cm", 1.5, "cm"],
    [".5 in", 0.5, "in"],
    ["3/4 x", 0.75, "x"],
    ["  9 in", 9, "in"],
    ["13x9x2", 13, "x9x2"],
  ])("reads %j as %d, then %j", (text, value, rest) => {
    expect(readAmount(text)).toEqual({ value, rest });
  });

  it.each(["", "round", "-3 cm", "1/0", "x9"])("finds no amount in %j", (text) => {
    expect(readAmount(text)).toBeNull();
  });
});

describe("reading a heat", () => {
  it.each([
    ["180", "C", 180],
    ["180 °C", "F", 180],
    ["350F", "C", 176.667],
    ["350", "F", 176.667],
    ["350", "C", 176.667],
    ["279", "C", 279],
    ["212 fahrenheit", "C", 100],
  ] as const)("reads %j on a dial in °%s as %d °C", (text, scale, expected) => {
    expect(readTempC(text, scale)).toBeCloseTo(expected, 3);
  });

  it.each(["", "hot", "180 X", "180 C fan now"])("can't read %j", (text) => {
    expect(readTempC(text, "C")).toBeNull();
  });
});

describe("temperatures and their differences", () => {
  it("keeps the two apart: 15 °C more is 27 °F more, while 15 °C itself is 59 °F", () => {
    expect(fahrenheitSteps(15)).toBeCloseTo(27, 9);
    expect(fahrenheitFromC(15)).toBeCloseTo(59, 9);
  });

  it("comes back from Fahrenheit to the same temperature", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 300, noNaN: true }), (tempC) => {
        expect(cFromFahrenheit(fahrenheitFromC(tempC))).toBeCloseTo(tempC, 9);
      }),
    );
  });
});

describe("rounding like a person at a bench", () => {
  it.each([
    [0, 0],
    [12.4, 12],
    [29.4, 29],
    [31, 30],
    [483, 485],
    [503, 500],
    [654.73, 650],
    [1216, 1220],
  ])("%d g is read off the scale as %d g", (massG, expected) => {
    expect(kitchenGrams(massG)).toBe(expected);
  });

  it.each([
    [52, 50],
    [434, 430],
    [1422, 1400],
    [1230, 1250],
    [10_470, 10_500],
  ])("%d mL is %d mL on a jug", (volumeMl, expected) => {
    expect(kitchenMl(volumeMl)).toBe(expected);
  });

  it("moves a weight by at most half of its step", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 9000, noNaN: true }), (massG) => {
        expect(Math.abs(kitchenGrams(massG) - massG)).toBeLessThanOrEqual(5);
      }),
    );
  });

  it("refuses a step of nothing", () => {
    expect(() => roundTo(5, 0)).toThrow("step must be above 0, got 0");
    expect(roundTo(0.31, 0.1)).toBe(0.3);
    expect(mlFromMm3(2_500_000)).toBe(2500);
  });
});

describe("values from outside", () => {
  const Schema = z.strictObject({
    depthMm: numberIn(10, 200, "mm"),
    count: z.optional(wholeIn(1, 24)),
    scale: z.optional(z.union([z.enum(["keep", "same-depth"]), numberIn(0.05, 20, "times")])),
    names: z.optional(z.array(z.string()).check(z.minLength(1), z.maxLength(2))),
  });

  it.each([
    [
      { depthMm: 5 },
      { code: "out-of-range", path: "depthMm", value: 5, min: 10, max: 200, unit: "mm" },
    ],
    [
      { depthMm: 201 },
      { code: "out-of-range", path: "depthMm", value: 201, min: 10, max: 200, unit: "mm" },
    ],
    [
      { depthMm: 50, count: 1.5 },
      { code: "not-whole", path: "count", value: 1.5, min: 1, max: 24 },
    ],
    [
      { depthMm: 50, count: 0 },
      { code: "out-of-range", path: "count", value: 0, min: 1, max: 24, unit: "count" },
    ],
    [
      { depthMm: 50, scale: 40 },
      { code: "out-of-range", path: "scale", value: 40, min: 0.05, max: 20, unit: "times" },
    ],
    [
      { depthMm: 50, scale: "kep" },
      { code: "not-a-choice", path: "scale", value: "kep", allowed: ["keep", "same-depth"] },
    ],
    [
      { depthMm: "deep" },
      { code: "wrong-type", path: "depthMm", value: "deep", expected: "number" },
    ],
    [{}, { code: "missing", path: "depthMm", expected: "number" }],
    [
      { depthMm: 50, colour: 1 },
      { code: "unknown-field", path: "colour", value: "colour" },
    ],
    [
      { depthMm: 50, names: [] },
      { code: "missing", path: "names", expected: "names" },
    ],
    [
      { depthMm: 50, names: ["a", "b", "c"] },
      { code: "too-many", path: "names", value: 3, max: 2 },
    ],
    [7, { code: "wrong-type", path: "", value: "7", expected: "object" }],
  ])("%j is refused with the facts", (input, issue) => {
    expect(parseWith(Schema, input)).toEqual({ ok: false, issue });
  });

  it.each([10, 200])("a limit itself is allowed: %d", (depthMm) => {
    expect(parseWith(Schema, { depthMm })).toEqual({ ok: true, value: { depthMm } });
  });
});

describe("reading a weight, a volume, a time", () => {
  it.each<[number | null, number | null]>([
    [readMassG("1030"), 1030],
    [readMassG("1.2 kg"), 1200],
    [readMassG("2 lb 4 oz"), 36 * 28.349523125],
    [readMassG("2 spoons"), null],
    [readMassG(""), null],
    [readVolumeMl("1.2 L"), 1200],
    [readVolumeMl("5 cups"), 5 * 236.5882365],
    [readVolumeMl("1200ml"), 1200],
    [readMinutes("34"), 34],
    [readMinutes("1 h 10 min"), 70],
    [readMinutes("about 30"), null],
  ])("%d is %d", (got, expected) => {
    expect(got).toBe(expected);
  });
});

describe("the root of a rising function", () => {
  it.each<[string, (x: number) => number, number, number, number]>([
    ["a parabola", (x) => x * x - 2, 0, 2, Math.SQRT2],
    ["a straight line", (x) => 3 * x - 1, 0, 1, 1 / 3],
    ["a kink", (x) => Math.min(x, 0.5) + Math.max(0, x - 2) - 0.75, 0, 4, 2.25],
    ["a steep step", (x) => Math.tanh(50 * (x - 0.9)), 0, 1, 0.9],
  ])("is found on %s", (_name, rising, low, high, root) => {
    expect(risingRoot(rising, low, high, 1e-9)).toBeCloseTo(root, 7);
  });

  it("is the nearer end when zero lies outside, and needs a tolerance", () => {
    expect(risingRoot((x) => x + 1, 0, 2, 1e-9)).toBe(0);
    expect(risingRoot((x) => x - 3, 0, 2, 1e-9)).toBe(2);
    expect(() => risingRoot((x) => x, -1, 1, 0)).toThrow("tolerance must be above 0, got 0");
  });

  it("takes few looks at a smooth function: at most 16 to a billionth", () => {
    let looks = 0;
    risingRoot(
      (x) => {
        looks += 1;
        return Math.exp(x) - 5;
      },
      0,
      4,
      1e-9,
    );
    expect(looks).toBeLessThanOrEqual(16);
  });
});

describe("a function of a text that remembers", () => {
  it("works each text out once, until there are too many to keep", () => {
    const asked: string[] = [];
    const length = remembered((text) => {
      asked.push(text);
      return text.length;
    });
    expect([length("pear"), length("plum loaf"), length("pear")]).toEqual([4, 9, 4]);
    expect(asked).toEqual(["pear", "plum loaf"]);
    for (let number = 0; number < 5000; number += 1) length(String(number));
    expect(length("pear")).toBe(4);
    expect(asked.filter((text) => text === "pear")).toHaveLength(2);
    const long = "and so on ".repeat(100);
    expect([length(long), length(long)]).toEqual([1000, 1000]);
    expect(asked.filter((text) => text === long)).toHaveLength(2);
  });
});
