import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readTin, writeTin, type SizeHabit, type Tin } from ".";
import { anyTin } from "./any-tin.test-data";

function read(text: string, habit: SizeHabit = "metric"): Tin {
  const result = readTin(text, habit);
  if (!result.ok) throw new Error(`${text}: ${JSON.stringify(result.issue)}`);
  return result.value.tin;
}

describe("reading a tin as a baker writes it", () => {
  it.each<[string, Tin]>([
    ["9 in", { shape: "round", diameterMm: 228.6, depthMm: 50 }],
    ['9"', { shape: "round", diameterMm: 228.6, depthMm: 50 }],
    ["9 inch springform", { shape: "springform", diameterMm: 228.6, depthMm: 65 }],
    ["23cm", { shape: "round", diameterMm: 230, depthMm: 50 }],
    ["23 cm", { shape: "round", diameterMm: 230, depthMm: 50 }],
    ["20", { shape: "round", diameterMm: 200, depthMm: 50 }],
    ["203 x 51 mm", { shape: "round", diameterMm: 203, depthMm: 51 }],
    ["13x9x2", { shape: "rectangle", lengthMm: 330.2, widthMm: 228.6, depthMm: 50.8 }],
    ["9 × 13 in", { shape: "rectangle", lengthMm: 330.2, widthMm: 228.6, depthMm: 50 }],
    ["15x10x1", { shape: "rectangle", lengthMm: 381, widthMm: 254, depthMm: 25.4 }],
    ["33 x 23", { shape: "rectangle", lengthMm: 330, widthMm: 230, depthMm: 50 }],
    ["33 by 23 cm", { shape: "rectangle", lengthMm: 330, widthMm: 230, depthMm: 50 }],
    [
      "23x33x5 glass",
      { shape: "rectangle", lengthMm: 330, widthMm: 230, depthMm: 50, material: "glass" },
    ],
    ["8 x 8 in", { shape: "square", sideMm: 203.2, depthMm: 50 }],
    ["20 cm square, 5 cm deep", { shape: "square", sideMm: 200, depthMm: 50 }],
    ["9x5 in", { shape: "loaf", lengthMm: 228.6, widthMm: 127, depthMm: 65 }],
    ["8½ x 4½ x 2 3/4 in loaf", { shape: "loaf", lengthMm: 215.9, widthMm: 114.3, depthMm: 69.85 }],
    ["9x2 in", { shape: "round", diameterMm: 228.6, depthMm: 50.8 }],
    ["2 x 20 cm round", { shape: "round", diameterMm: 200, depthMm: 50, count: 2 }],
    ["2 x 20", { shape: "round", diameterMm: 200, depthMm: 50, count: 2 }],
    ["2x20x5 cm", { shape: "round", diameterMm: 200, depthMm: 50, count: 2 }],
    ["two greased 8-inch rounds", { shape: "round", diameterMm: 203.2, depthMm: 50, count: 2 }],
    ["two 20 cm rounds", { shape: "round", diameterMm: 200, depthMm: 50, count: 2 }],
    ["3 x 6 in round", { shape: "round", diameterMm: 152.4, depthMm: 50, count: 3 }],
    ["3 6-inch round cake tins", { shape: "round", diameterMm: 152.4, depthMm: 50, count: 3 }],
    [
      "2 x 33 x 23 x 5 cm",
      { shape: "rectangle", lengthMm: 330, widthMm: 230, depthMm: 50, count: 2 },
    ],
    ["12 cups", { shape: "well", rimMm: 70, depthMm: 32, count: 12 }],
    [
      "12 muffin cups 7 x 5 x 3 cm",
      { shape: "well", rimMm: 70, floorMm: 50, depthMm: 30, count: 12 },
    ],
    [
      "24 cups 4.5 x 2 cm dark",
      { shape: "well", rimMm: 45, depthMm: 20, count: 24, material: "dark" },
    ],
    ["fluted ring 25 cm", { shape: "fluted", diameterMm: 250, depthMm: 85 }],
    ["ring 25 x 9 cm, hole 7 cm", { shape: "ring", diameterMm: 250, depthMm: 90, tubeMm: 70 }],
    ["10 in tube tin", { shape: "tube", diameterMm: 254, depthMm: 100 }],
    [
      "33 x 23 x 5 cm holds 3.4 L",
      { shape: "rectangle", lengthMm: 330, widthMm: 230, depthMm: 50, brimMl: 3400 },
    ],
    [
      "cast iron skillet 26cm",
      { shape: "skillet", diameterMm: 260, depthMm: 50, material: "cast-iron" },
    ],
    ["6 ramekins", { shape: "ramekin", diameterMm: 90, depthMm: 45, count: 6 }],
    ["odd shape holds 2.1 l", { shape: "odd", brimMl: 2100 }],
    [
      "2 x odd 6 cm deep holds 2 l dark",
      { shape: "odd", brimMl: 2000, depthMm: 60, count: 2, material: "dark" },
    ],
    [
      "drawn 0:180 20:200 50:230",
      {
        shape: "drawn",
        depthMm: 50,
        profile: [
          { heightMm: 0, widthMm: 180 },
          { heightMm: 20, widthMm: 200 },
          { heightMm: 50, widthMm: 230 },
        ],
      },
    ],
    [
      "9 in springform, loose base, outside",
      { shape: "springform", diameterMm: 228.6, depthMm: 65, looseBase: true, sizes: "outside" },
    ],
    [
      "loaf 20 x 10 x 7 cm at the floor, with a lid",
      { shape: "loaf", lengthMm: 200, widthMm: 100, depthMm: 70, sizesAt: "floor", lid: true },
    ],
    [
      "20 cm round holds 1.5 l half 0.75 l",
      { shape: "round", diameterMm: 200, depthMm: 50, brimMl: 1500, halfMl: 750 },
    ],
    ["triangle 22 x 5 cm", { shape: "triangle", sideMm: 220, depthMm: 50 }],
    ["heart 22 x 5 cm", { shape: "heart", widthMm: 220, depthMm: 50 }],
    [
      "30 x 20 x 6 cm oval ceramic",
      { shape: "oval", lengthMm: 300, widthMm: 200, depthMm: 60, material: "ceramic" },
    ],
  ])("%j", (text, tin) => {
    const found = read(text);
    expect({ ...found, depthAssumed: undefined }).toEqual({ ...tin, depthAssumed: undefined });
  });

  it.each([
    ["9 in", true],
    ["two 8 inch rounds", true],
    ["12 cups", true],
    ["9 x 2 in", undefined],
    ["12 cups 7 x 3 cm", undefined],
    ["odd shape holds 2.1 l", undefined],
  ])("%s: depth assumed %s, and still so when it was written and read again", (text, isAssumed) => {
    const tin = read(text);
    expect(tin.depthAssumed).toBe(isAssumed);
    expect(read(writeTin(tin))).toEqual(tin);
  });

  it("takes a bare 15 for inches in a US kitchen and for centimetres in a metric one, and says it assumed so", () => {
    expect(read("15", "us")).toMatchObject({ diameterMm: 381 });
    expect(read("15", "metric")).toMatchObject({ diameterMm: 150 });
    expect(readTin("15", "metric")).toMatchObject({
      value: { assumed: ["unit", "shape", "depth"] },
    });
    expect(readTin("20 x 5 cm round", "metric")).toMatchObject({ value: { assumed: [] } });
    expect(readTin("12 cups", "metric")).toMatchObject({ value: { assumed: ["size"] } });
  });

  // A box takes a tin as a recipe's sentence names it; volumes worked out by hand from 236.588 mL.
  it.each<[string, object]>([
    ["a 9 inch round cake tin", { shape: "round", diameterMm: 228.6 }],
    ["nine by thirteen inches", { shape: "rectangle", lengthMm: 330.2, widthMm: 228.6 }],
    [
      "two 8-inch (20 cm) round cake pans with straight sides, greased",
      { shape: "round", diameterMm: 203.2, count: 2 },
    ],
    [
      "9-inch non-stick springform with removable bottom",
      { shape: "springform", diameterMm: 228.6 },
    ],
    ["20cmx30cm dish", { shape: "rectangle", lengthMm: 300, widthMm: 200 }],
    ["8x8x2 glass baking dish from the loft", { sideMm: 203.2, depthMm: 50.8, material: "glass" }],
    ["20 x 10 cm round tin with a dent", { shape: "round", diameterMm: 200, depthMm: 100 }],
    ["a 12-hole muffin tin", { shape: "well", count: 12 }],
    ["one 2 lb loaf tin", { shape: "loaf", lengthMm: 216, widthMm: 114, depthAssumed: true }],
    ["a half sheet pan", { shape: "rectangle", lengthMm: 457, widthMm: 330 }],
    ["a 10-cup bundt pan", { shape: "fluted", brimMl: 2366 }],
    ["25 cm fluted ring holds 12 cups", { shape: "fluted", brimMl: 2839.06 }],
  ])("%j as it is said", (text, tin) => {
    expect(read(text)).toMatchObject(tin);
  });

  it.each([
    ["20 cm round filled with 3 eggs", "filled"],
    ["24 mini cupcake cases", "mini"],
    ["20-23 cm", "-23"],
    ["a 20 cm round tin or a 23 cm square one", "round"],
  ])("%j may mean another tin, and is not read", (text, value) => {
    expect(readTin(text, "metric")).toMatchObject({
      ok: false,
      issue: { code: "unreadable", value },
    });
  });

  it.each<[string, object]>([
    ["", { code: "unreadable" }],
    ["   ", { code: "unreadable" }],
    ["round", { code: "missing", path: "size" }],
    ["20 cm zonk", { code: "unreadable", value: "zonk" }],
    ["loaf 20", { code: "missing", path: "widthMm" }],
    ["0 cm", { code: "out-of-range", path: "diameterMm", value: 0, min: 20, max: 700 }],
    ["-20 cm", { code: "unreadable", value: "-20" }],
    ["9000 cm", { code: "out-of-range", path: "diameterMm", value: 90_000 }],
    ["20 x 0.5 cm round", { code: "out-of-range", path: "depthMm", value: 5, min: 10, max: 200 }],
    ["0 x 20 cm", { code: "out-of-range", path: "count", value: 0, min: 1, max: 99 }],
    ["500 cups", { code: "out-of-range", path: "count", value: 500 }],
    ["1.5 x 20 cm round", { code: "not-whole", path: "count", value: 1.5 }],
    ["1 x 2 x 3 x 4 x 5 x 6 cm", { code: "too-many", path: "size", value: 5 }],
    ["odd shape", { code: "missing", path: "brimMl" }],
    ["drawn", { code: "missing", path: "depthMm" }],
    [
      "drawn 0:180 30:200 20:230",
      { code: "out-of-range", path: "profile[2].heightMm", value: 20, min: 31, max: 200 },
    ],
    [
      "drawn 10:180 50:200",
      { code: "out-of-range", path: "profile[0].heightMm", value: 10, min: 0, max: 0 },
    ],
    ["25 cm ring at the floor", { code: "not-a-choice", path: "sizesAt" }],
    ["20 cm round half 0.75 l", { code: "missing", path: "brimMl" }],
    ["20 cm round holds 1.5 l half 1.2 l", { code: "out-of-range", path: "halfMl", value: 1200 }],
    ["33 x 23 x 5 cm holds 9 l", { code: "out-of-range", path: "brimMl", value: 9000 }],
  ])("%j is refused naming what is wrong", (text, issue) => {
    expect(readTin(text, "metric")).toMatchObject({ ok: false, issue });
  });

  it("never throws on rubbish", () => {
    fc.assert(
      fc.property(fc.string({ unit: "grapheme", maxLength: 60 }), (text) => {
        expect(typeof readTin(text, "metric").ok).toBe("boolean");
      }),
    );
  });
});

describe("writing a tin", () => {
  it.each<[Tin, string]>([
    [{ shape: "round", diameterMm: 200, depthMm: 50, count: 2 }, "2 x 20 x 5 cm round"],
    [
      { shape: "rectangle", lengthMm: 330.2, widthMm: 228.6, depthMm: 50.8, material: "dark" },
      "13 x 9 x 2 in rectangle dark",
    ],
    [{ shape: "well", rimMm: 70, depthMm: 32, count: 12 }, "12 cups 7 x 3.2 cm"],
  ])("writes %j as %j", (tin, text) => {
    expect(writeTin(tin)).toBe(text);
  });

  it("is read back to the same tin, whatever the kitchen's habit", () => {
    fc.assert(
      fc.property(
        anyTin,
        fc.integer({ min: 1, max: 6 }),
        fc.constantFrom<SizeHabit>("metric", "us"),
        (tin, count, habit) => {
          const whole = { ...tin, count };
          expect(read(writeTin(whole), habit)).toEqual(normal(whole));
        },
      ),
    );
  });
});

/**
 * Written and read back, a bright tin and a single one leave those words out, and the longer side
 * comes first.
 */
function normal(tin: Tin): Tin {
  const { count, material, ...sizes } = tin;
  const isCup = tin.shape === "well" || tin.shape === "ramekin" || tin.shape === "mug";
  const turned =
    "lengthMm" in sizes && "widthMm" in sizes
      ? {
          ...sizes,
          lengthMm: Math.max(sizes.lengthMm, sizes.widthMm),
          widthMm: Math.min(sizes.lengthMm, sizes.widthMm),
        }
      : sizes;
  if ("sizesAt" in turned && turned.sizesAt === "rim") delete turned.sizesAt;
  return {
    ...turned,
    ...(material === "bright" || material === undefined ? {} : { material }),
    ...(count === 1 && !isCup ? {} : { count }),
  };
}
