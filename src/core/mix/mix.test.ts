import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { BATTER_KINDS, KIND_FACTS } from "../kind";
import {
  batterFrom,
  batterFromTins,
  scaledBatter,
  unusualGravity,
  type Batter,
  type GivenBatter,
} from "./batter";

function batter(given: GivenBatter): Batter {
  const result = batterFrom(given);
  if (!result.ok || result.value === null) throw new Error("no batter");
  return result.value;
}

describe("batter from what is known", () => {
  it("finds the volume of a weighed creamed batter: 860 g at 0.86 g/mL is a litre, 935 to 1075 mL", () => {
    const found = batter({ kind: "creamed", massG: 860 });
    expect(found.volumeMl).toBeCloseTo(1000, 6);
    expect(found.volumeRangeMl[0]).toBeCloseTo(934.78, 1);
    expect(found.volumeRangeMl[1]).toBeCloseTo(1075, 6);
  });

  it("finds the weight of a measured one, and takes creamed when nobody says", () => {
    expect(batter({ volumeMl: 1000 })).toMatchObject({
      kind: "creamed",
      massG: 860,
      basis: "volume",
      volumeRangeMl: [1000, 1000],
    });
  });

  it("takes both when both are given", () => {
    expect(batter({ kind: "oil", massG: 1030, volumeMl: 1200 }).specificGravity).toBeCloseTo(
      0.8583,
      4,
    );
  });

  it("knows nothing from nothing", () => {
    expect(batterFrom({ kind: "pound" })).toEqual({ ok: true, value: null });
  });

  it.each([
    [149, false],
    [150, true],
    [1500, true],
    [1501, false],
  ])("%d g in a litre is possible: %s", (massG, isPossible) => {
    expect(batterFrom({ massG, volumeMl: 1000 }).ok).toBe(isPossible);
  });

  it("scaling by a then b is scaling by a times b, and keeps the specific gravity", () => {
    const factor = fc.double({ min: 0.1, max: 5, noNaN: true });
    fc.assert(
      fc.property(fc.constantFrom(...BATTER_KINDS), factor, factor, (kind, a, b) => {
        const whole = batterFromTins(kind, { low: 800, mid: 1000, high: 1300 });
        const twice = scaledBatter(scaledBatter(whole, a), b);
        expect(twice.massG).toBeCloseTo(scaledBatter(whole, a * b).massG, 6);
        expect(twice.massG / twice.volumeMl).toBeCloseTo(KIND_FACTS[kind].specificGravity.mid, 9);
      }),
    );
  });
});

describe("a kind that its weight contradicts", () => {
  it("is named with its usual range and the kinds that would fit", () => {
    const found = unusualGravity(batter({ kind: "creamed", massG: 430, volumeMl: 1000 }));
    expect(found).toEqual({ low: 0.8, high: 0.92, kinds: ["whisked", "chiffon"] });
  });

  it.each([
    [860, true],
    [742, true],
    [738, false],
    [992, true],
    [995, false],
  ])("%d g in a litre passes for creamed: %s", (massG, passes) => {
    expect(unusualGravity(batter({ kind: "creamed", massG, volumeMl: 1000 })) === null).toBe(
      passes,
    );
  });
});

describe("the table of kinds", () => {
  it.each(BATTER_KINDS)("%s runs from low to high and has a ceiling below the rim", (kind) => {
    const facts = KIND_FACTS[kind];
    for (const { low, mid, high } of [facts.specificGravity, facts.rise])
      expect([low, mid, high]).toEqual([low, mid, high].sort((a, b) => a - b));
    expect(facts.fullAtMost).toBeGreaterThanOrEqual(0.5);
    expect(facts.fullAtMost).toBeLessThan(1);
  });
});
