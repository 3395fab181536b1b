import { describe, expect, it } from "vitest";
import { divided, fillTins, type Fill, type TinSet } from "@/core/fill";
import { batter, only, tin } from "@/core/fill/filling.test-data";
import type { BatterKind } from "@/core/kind";
import { linerPages, linerPieces, volumeTrust, type Tin } from "@/core/tin";
import {
  brimText,
  crowningChoices,
  dividedText,
  fitReason,
  fraction,
  leftoverText,
  limitText,
  linerLines,
  METRIC,
  trustText,
} from ".";
import { unitsOfRegion } from "./regions";

const US = unitsOfRegion("us");
const plain = (text: string): string => text.replaceAll(/[\u00a0\u202f]/gu, " ");

const filled = (kind: BatterKind, volumeMl: number, spec: Tin): Fill =>
  fillTins(batter(kind, volumeMl), [tin(spec)]);

const ROUND: Tin = { shape: "springform", diameterMm: 200, depthMm: 60 };

describe("why a set of tins stands where it does", () => {
  const set = (changes: Partial<TinSet>): TinSet => ({
    tins: [],
    basis: "depth",
    times: 1,
    loads: 1,
    score: 0,
    ...changes,
  });
  it.each<[TinSet, string]>([
    [set({}), "as deep as in the recipe's own"],
    [set({ times: 1.02, basis: "limit" }), "as full as the recipe's own"],
    [set({ times: 1.16 }), "16 % deeper than in the recipe's own, bakes longer"],
    [set({ times: 0.7 }), "30 % shallower than in the recipe's own, bakes quicker"],
    [
      set({ times: 0.7, basis: "limit", loads: 2 }),
      "30 % less full than in the recipe's own, bakes quicker; 2 oven loads",
    ],
  ])("%j: %s", (of, text) => {
    expect(plain(fitReason(of))).toBe(text);
  });
});

describe("what goes into a tin", () => {
  it("names its limit by depth and by volume, and what it comes from", () => {
    expect(plain(limitText(only(filled("rich-fruit", 900, ROUND)), METRIC))).toBe(
      "takes 1.4 L at most: 75 % of its depth, 75 % of its volume; the rule is 75 % of the depth",
    );
    expect(plain(limitText(only(filled("creamed", 700, ROUND)), METRIC))).toMatch(
      /then its crown would reach the rim$/u,
    );
  });

  it("says how far off dividing is likely to be, and which scoop comes nearest", () => {
    const cups = only(filled("muffin", 600, { shape: "well", rimMm: 70, depthMm: 32, count: 12 }));
    expect(plain(dividedText(divided(cups, "eye"), "eye", METRIC))).toBe(
      "by eye each is likely within 6 g, 2 mm of depth; scoop no. 20 comes nearest",
    );
    expect(
      plain(dividedText(divided(only(filled("creamed", 700, ROUND)), "scale"), "scale", METRIC)),
    ).toBe("on the scale each is likely within 6 g, less than half a millimetre of depth");
  });

  it("says what to do with the rest, and nothing when there is none", () => {
    expect(leftoverText(filled("creamed", 700, ROUND), METRIC)).toBe("");
    expect(plain(leftoverText(filled("creamed", 1500, ROUND), METRIC))).toMatch(
      /^\d+ g too much for these tins: it makes \d+ cup cakes of \d+ mL each\.$/u,
    );
  });
});

describe("how sure a tin's volume is", () => {
  it.each<[Tin, RegExp]>([
    [ROUND, /^Judged from its sizes, give or take 5 %\. A jug of water makes it 1 %\.$/u],
    [{ ...ROUND, taperDeg: 0, brimMl: 1800 }, /^Measured with water, give or take 1 %\.$/u],
    [
      { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65, brimMl: 1270 },
      /The water says \d+ % less than the sizes; the water is believed\.$/u,
    ],
    [{ shape: "odd", brimMl: 900 }, /^Known by its water alone/u],
  ])("%j", (spec, expected) => {
    expect(plain(trustText(volumeTrust(spec), METRIC))).toMatch(expected);
  });

  it("is told for each cup of a tray", () => {
    expect(
      plain(brimText(tin({ shape: "well", rimMm: 70, depthMm: 32, count: 12 }), 98, METRIC)),
    ).toBe("100 mL to the brim in each");
  });
});

describe("the words on a page of paper lining", () => {
  it("say what it is, how to fold it, and how to know that it is true, in signs every printer's font has", () => {
    const spec: Tin = { shape: "springform", diameterMm: 260, depthMm: 60 };
    const lines = linerPieces(tin(spec)).flatMap((piece) =>
      linerPages(piece, "a4").map((page) => linerLines(piece, page, spec, METRIC)),
    );
    expect(lines).toEqual([
      [
        "Disc for the floor",
        "springform 26 x 6 cm",
        "Fold the paper; dotted edge on the fold.",
        "Print at 100 %: the square is 50 mm.",
      ],
      [
        "Strip for the side",
        "springform 26 x 6 cm",
        "Fold the paper twice; dotted edge on the fold.",
        "Print at 100 %: the square is 50 mm.",
      ],
    ]);
    for (const line of lines.flat()) expect(line).toMatch(/^[\u0020-\u007e]+$/u);
  });
});

describe("fractions", () => {
  it.each([
    [2.25, "2 1/4"],
    [0.125, "1/8"],
    [1 / 3, "1/3"],
    [5 / 3, "1 2/3"],
    [3, "3"],
    [0.3, "0.3"],
    [0.875, "7/8"],
  ])("%d is %s", (value, text) => {
    expect(fraction(value)).toBe(text);
  });

  it("keeps small amounts of batter in spoons a US kitchen has", () => {
    expect(
      plain(
        limitText(
          only(filled("muffin", 60, { shape: "well", rimMm: 46, depthMm: 20, count: 6 })),
          US,
        ),
      ),
    ).toMatch(/^takes [\d /]+ tbsp at most/u);
  });
});

it("says how high a crown may stand in the measures of the kitchen", () => {
  const said = (units: typeof METRIC) => crowningChoices(units).map(([, text]) => plain(text));
  expect(said(METRIC)).toEqual([
    "usual for the tin",
    "3 mm inside the rim",
    "level with the rim",
    "6 mm above the rim",
    "12 mm above the rim",
  ]);
  expect(said(US)).toEqual([
    "usual for the pan",
    "1/8 in inside the rim",
    "level with the rim",
    "1/4 in above the rim",
    "1/2 in above the rim",
  ]);
});
