import { describe, expect, it } from "vitest";
import { LAYERS_RECORD } from "./record.test-data";
import type { BakeRecord, RecordedTin } from "./record";
import { heatsWhileBaking, lessonsOfKitchen, lessonsOfRecipe, type Lesson } from "./taught";

const page = (changes: Partial<BakeRecord>): BakeRecord => ({ ...LAYERS_RECORD, ...changes });
const [TIN] = LAYERS_RECORD.tins;
if (TIN === undefined) throw new RangeError("the layers have a tin");
const poured = (changes: Partial<RecordedTin>): BakeRecord =>
  page({ tins: [{ ...TIN, isWeighed: true, ...changes }] });

const meanOf = (lessons: readonly Lesson[], of: Lesson["of"]): number | undefined =>
  lessons.find((lesson) => lesson.of === of)?.learnt.mean;
const recipe = (...records: readonly BakeRecord[]): readonly Lesson[] =>
  lessonsOfRecipe(records, "layers");

describe("what pages teach of the kitchen", () => {
  it("is the frosting used, the hands' minutes and what is lost in the oven", () => {
    const lessons = lessonsOfKitchen([
      page({ frosting: { askedG: 600, usedG: 660, leftG: 40 }, massAfterG: 906 }),
      page({ handsMin: { planned: 40, took: 60 }, massAfterG: 916 }),
    ]);
    expect(meanOf(lessons, "frosting")).toBeCloseTo((2 + 1.1) / 3, 10);
    expect(meanOf(lessons, "hands")).toBeCloseTo((3 + 1.5) / 4, 10);
    // Creamed loses a tenth as a rule: (0.10 + 0.1204 + 0.1107)/3.
    expect(lessons.find(({ of }) => of === "massLoss")?.kind).toBe("creamed");
    expect(meanOf(lessons, "massLoss")).toBeCloseTo((0.1 + 124 / 1030 + 114 / 1030) / 3, 6);
  });

  it("is nothing where nobody told, what is impossible, or what was left out", () => {
    expect(lessonsOfKitchen([])).toEqual([]);
    expect(lessonsOfKitchen([page({ massAfterG: 1200 })])).toEqual([]);
    expect(
      lessonsOfKitchen([
        page({ counts: "left-out", frosting: { askedG: 600, usedG: 900, leftG: null } }),
        page({ frosting: { askedG: 0, usedG: 20, leftG: null } }),
      ]),
    ).toEqual([]);
  });

  it("stays what it is once a plan has taken it over", () => {
    // She uses nine tenths; what was asked for is already nine tenths of what is worked out.
    const before = page({ frosting: { askedG: 600, usedG: 540, leftG: null } });
    const after = page({
      frosting: { askedG: 540, usedG: 540, leftG: null },
      taught: { frosting: 0.9 },
    });
    expect(meanOf(lessonsOfKitchen([after]), "frosting")).toBeCloseTo(
      meanOf(lessonsOfKitchen([before]), "frosting") ?? 0,
      10,
    );
  });
});

describe("what pages teach of a recipe", () => {
  it("is how much of its lines comes into the tins, made once or twice", () => {
    expect(meanOf(recipe(poured({ batterG: 980 })), "yield")).toBeCloseTo((1 + 980 / 1030) / 2, 10);
    const twice = { ...poured({ batterG: 1960 }), scale: 2 };
    expect(meanOf(recipe(twice), "yield")).toBeCloseTo((1 + 980 / 1030) / 2, 10);
    expect(meanOf(recipe(poured({ batterG: 980, isWeighed: false })), "yield")).toBeUndefined();
  });

  it("is what a millilitre of it weighs, by how high it stood", () => {
    // Two rounds of 203 mm, all but upright: π/4 · 203² · 17 = 550 mL each.
    const gravity = meanOf(recipe(poured({ batterG: 980, levelMm: 17 })), "gravity") ?? 0;
    const area = (Math.PI / 4) * 20.3 ** 2;
    expect(gravity).toBeCloseTo((1030 / 1200 + 980 / (2 * area * 1.7)) / 2, 2);
  });

  it("is how far it rises, by the cold cake at rim and middle", () => {
    // A cap of 10 mm over 40 mm counts for 5: two cylinders of 45 mm over 980 g of batter.
    const rise = meanOf(recipe(poured({ batterG: 980, edgeMm: 40, crownMm: 50 })), "rise") ?? 0;
    const cakeMl = 2 * (Math.PI / 4) * 20.3 ** 2 * 4.5;
    expect(rise).toBeCloseTo((1.75 + cakeMl / (980 / (1030 / 1200))) / 2, 2);
  });

  it("is nothing of another recipe, and does not mind the order of pages", () => {
    const others = lessonsOfRecipe([poured({ batterG: 980 })], "other");
    expect(others).toEqual([]);
    const pages = [900, 960, 1000, 1020].map((batterG) => poured({ batterG }));
    expect(meanOf(recipe(...pages), "yield")).toBeCloseTo(
      meanOf(recipe(...pages.toReversed()), "yield") ?? 0,
      12,
    );
    const spreads = pages.map((_, at) => recipe(...pages.slice(0, at + 1))[0]?.learnt.sd ?? 0);
    expect(spreads).toEqual(spreads.toSorted((a, b) => b - a));
  });
});

describe("what ovens read while cakes baked", () => {
  it("is the middle of each bake, setting by setting, oven by oven", () => {
    const read = (dialC: number, readC: number[], oven = "Kitchen oven"): BakeRecord =>
      page({ oven, dialC, readC });
    expect(
      heatsWhileBaking([
        read(180, [150, 171, 173]),
        read(180, [175]),
        read(160, [158]),
        read(180, [190], "Boat oven"),
        read(180, []),
        page({ readC: [170] }),
      ]),
    ).toEqual([
      { oven: "Kitchen oven", dialC: 160, trueC: 158, bakes: 1 },
      { oven: "Kitchen oven", dialC: 180, trueC: 173, bakes: 2 },
      { oven: "Boat oven", dialC: 180, trueC: 190, bakes: 1 },
    ]);
  });
});
