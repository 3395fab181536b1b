import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { isSameTin, readTinForm, tinForm, type Tin, type TinForm } from ".";
import { anyTin } from "./any-tin.test-data";

const round: Tin = { shape: "round", diameterMm: 200, depthMm: 50 };
const filled = (changes: Partial<TinForm>, lengths: Partial<TinForm["lengths"]> = {}): TinForm => {
  const form = tinForm(round, "metric");
  return { ...form, ...changes, lengths: { ...form.lengths, ...lengths } };
};

describe("the form of a tin", () => {
  it("reads back to the tin it was filled from", () => {
    fc.assert(
      fc.property(anyTin, (tin) => {
        const read = readTinForm(tinForm(tin, "metric"), "metric");
        if (!read.ok) throw new Error(JSON.stringify(read.issue));
        expect(tinForm(read.value, "metric")).toEqual(tinForm(tin, "metric"));
        expect(isSameTin(read.value, tin)).toBe(true);
      }),
    );
  });

  it("in inches reads back to within what a ruler shows", () => {
    const read = readTinForm(tinForm({ shape: "round", diameterMm: 203, depthMm: 51 }, "us"), "us");
    expect(read).toMatchObject({ ok: true });
    if (read.ok && read.value.shape === "round") expect(read.value.diameterMm).toBeCloseTo(203, 1);
  });

  it("takes bare numbers in the kitchen's unit, any number in its own", () => {
    expect(readTinForm(filled({ depth: "2 in" }, { diameterMm: "9" }), "us")).toMatchObject({
      ok: true,
      value: { diameterMm: 228.6, depthMm: 50.8 },
    });
    expect(readTinForm(filled({ depth: "51 mm" }, { diameterMm: "23" }), "metric")).toMatchObject({
      ok: true,
      value: { diameterMm: 230, depthMm: 51 },
    });
  });

  it("takes water as a volume, or as its weight, cold or warm", () => {
    expect(readTinForm(filled({ brim: "1.5 L" }), "metric")).toMatchObject({
      value: { brimMl: 1500 },
    });
    expect(readTinForm(filled({ brim: "1497 g" }), "metric")).toMatchObject({
      value: { brimMl: 1500 },
    });
    expect(readTinForm(filled({ brim: "1488 g", waterHeat: "warm" }), "metric")).toMatchObject({
      value: { brimMl: 1500 },
    });
  });

  it("leaves out what means nothing for the shape, so that changing the shape keeps what was typed", () => {
    const form = filled(
      { shape: "fluted", taper: "5°", sizesAt: "floor" },
      { tubeMm: "7 cm", cornerMm: "1" },
    );
    expect(readTinForm(form, "metric")).toEqual({
      ok: true,
      value: { shape: "fluted", diameterMm: 200, depthMm: 50, tubeMm: 70 },
    });
  });

  it("reads a profile line by line", () => {
    expect(
      readTinForm(
        filled({ shape: "drawn", profile: "0: 18\n2 cm: 20 cm\n 50 mm: 230 mm\n" }),
        "metric",
      ),
    ).toEqual({
      ok: true,
      value: {
        shape: "drawn",
        depthMm: 50,
        profile: [
          { heightMm: 0, widthMm: 180 },
          { heightMm: 20, widthMm: 200 },
          { heightMm: 50, widthMm: 230 },
        ],
      },
    });
  });

  it.each<[string, TinForm, object]>([
    [
      "an empty size",
      filled({}, { diameterMm: " " }),
      { code: "unreadable", path: "diameterMm", value: "" },
    ],
    [
      "a word for a depth",
      filled({ depth: "deep" }),
      { code: "unreadable", path: "depthMm", value: "deep" },
    ],
    [
      "a depth no tin has",
      filled({ depth: "25 cm" }),
      { code: "out-of-range", path: "depthMm", value: 250, min: 10, max: 200 },
    ],
    [
      "a base that closes",
      filled({ shape: "mug", depth: "19 cm", taper: "40" }),
      { code: "out-of-range", path: "taperDeg", because: "base-would-close" },
    ],
    [
      "a corner rounder than its side",
      filled({ shape: "square" }, { sideMm: "20", cornerMm: "11" }),
      { code: "out-of-range", path: "cornerMm", because: "corner-rounder-than-side" },
    ],
    [
      "a tube wider than the tin",
      filled({ shape: "tube", depth: "10" }, { tubeMm: "19" }),
      { code: "out-of-range", path: "tubeMm", because: "tube-wider-than-tin" },
    ],
    [
      "half a cup of wells",
      filled({ shape: "well", count: "5.5" }, { rimMm: "7" }),
      { code: "not-whole", path: "count", value: 5.5 },
    ],
    [
      "no wells",
      filled({ shape: "well", count: "0" }, { rimMm: "7" }),
      { code: "out-of-range", path: "count", value: 0, min: 1, max: 99 },
    ],
    [
      "five hundred wells",
      filled({ shape: "well", count: "500" }, { rimMm: "7" }),
      { code: "out-of-range", path: "count", value: 500 },
    ],
    [
      "water that contradicts the sizes",
      filled({ brim: "2.2 L" }),
      { code: "out-of-range", path: "brimMl", because: "water-disagrees-with-size" },
    ],
    [
      "halves that contradict the whole",
      filled({ brim: "1.55 L", half: "1.1 L" }),
      { code: "out-of-range", path: "halfMl", because: "half-disagrees-with-brim" },
    ],
    ["half without whole", filled({ half: "0.8 L" }), { code: "missing", path: "brimMl" }],
    [
      "an odd shape without water",
      filled({ shape: "odd" }),
      { code: "unreadable", path: "brimMl" },
    ],
    [
      "a profile of one line",
      filled({ shape: "drawn", profile: "0: 18" }),
      { code: "unreadable", path: "profile" },
    ],
    [
      "a profile with three numbers",
      filled({ shape: "drawn", profile: "0: 18: 3\n5: 20" }),
      { code: "unreadable", path: "profile", value: "0: 18: 3" },
    ],
  ])("refuses %s, naming it", (_what, form, issue) => {
    expect(readTinForm(form, "metric")).toMatchObject({ ok: false, issue });
  });
});

describe("the same tin", () => {
  it.each<[Tin, Tin, boolean]>([
    [round, { ...round, diameterMm: 203 }, true],
    [round, { ...round, diameterMm: 204 }, false],
    [round, { ...round, material: "dark" }, false],
    [round, { ...round, material: "bright" }, true],
    [round, { shape: "springform", diameterMm: 200, depthMm: 50 }, false],
    [{ shape: "odd", brimMl: 1000 }, { shape: "odd", brimMl: 1019 }, true],
    [{ shape: "odd", brimMl: 1000 }, { shape: "odd", brimMl: 1030 }, false],
    [
      { shape: "well", rimMm: 70, depthMm: 32, count: 12 },
      { shape: "well", rimMm: 70, depthMm: 32, count: 6 },
      false,
    ],
  ])("%j and %j: %s", (one, other, isSame) => {
    expect(isSameTin(one, other)).toBe(isSame);
    expect(isSameTin(other, one)).toBe(isSame);
  });
});
