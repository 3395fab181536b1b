import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { KIND_FACTS, type BatterKind } from "../kind";
import { levelFor, volumeAt, type TinGeometry } from "../tin";
import { divided, fillLimit, fillTins, scaleFactor, timesForDepth, type TinFill } from ".";
import { nearestScoop } from "./divide";
import { batter, only, tin } from "./filling.test-data";
import { depthRatio } from "./scale";

const springform = tin({ shape: "springform", diameterMm: 200, depthMm: 60 });
/** Of a 20 cm cylinder, mL to the millimetre. */
const ML_PER_MM = (Math.PI * 100 * 100) / 1000;

describe("schools of filling", () => {
  it.each<[BatterKind, "half" | "two-thirds" | "three-quarters", number]>([
    ["rich-fruit", "half", 30],
    ["rich-fruit", "two-thirds", 40],
    ["baked-cheese", "three-quarters", 45],
  ])("hold %s to %s of the depth", (kind, fullAtMost, depthMm) => {
    const limit = fillLimit(kind, springform, { fullAtMost });
    expect(limit).toMatchObject({ stoppedBy: "rule", depthMm });
    expect(limit.volumeMl).toBeCloseTo(depthMm * ML_PER_MM, 6);
  });

  it("never let a batter rise past the rim", () => {
    expect(fillLimit("creamed", springform, { fullAtMost: "three-quarters" }).stoppedBy).toBe(
      "rise",
    );
  });

  it("let a crown stand above the rim when that was chosen, and never under a lid", () => {
    const usual = fillLimit("creamed", springform).volumeMl;
    expect(fillLimit("creamed", springform, { crowningMm: 0 }).volumeMl).toBeGreaterThan(usual);
    const lidded = tin({ shape: "springform", diameterMm: 200, depthMm: 60, lid: true });
    expect(fillLimit("creamed", lidded, { crowningMm: 0 }).volumeMl).toBeCloseTo(usual, 9);
  });
});

describe("fruit on the floor", () => {
  it("lifts the batter by its own space, does not rise, and lowers what fits", () => {
    const whole = batter("creamed", 700);
    const bare = only(fillTins(whole, [springform]));
    const laid = only(fillTins(whole, [springform], { fruitG: 285 }));
    // 285 g at 0.95 g/mL are 300 mL.
    expect(laid.fruitMl).toBeCloseTo(300, 9);
    expect(laid.depthMm - bare.depthMm).toBeCloseTo(300 / ML_PER_MM, 4);
    expect(laid.batterMl).toBeCloseTo(700, 6);
    const risen = (fill: TinFill): number =>
      volumeAt(springform, fill.baked.edgeMm) +
      0.5 * (fill.baked.crownTopMm - fill.baked.edgeMm) * ML_PER_MM;
    expect(risen(laid) - risen(bare)).toBeCloseTo(300, 3);
    const { rise, settle } = KIND_FACTS.creamed;
    const mostWith = (fruitMl: number): number =>
      fillLimit("creamed", springform, { fullAtMost: "three-quarters" }, fruitMl).volumeMl;
    expect(mostWith(0) - mostWith(300)).toBeCloseTo((300 * (1 - settle)) / rise.mid, 6);
    expect(laid.limit.volumeMl).toBeLessThan(bare.limit.volumeMl);
  });

  it("is shared by the area it lies on", () => {
    const [small, large] = fillTins(
      batter("creamed", 1500),
      [tin({ shape: "springform", diameterMm: 150, depthMm: 60 }), springform],
      { fruitG: 500 },
    ).tins;
    expect((large?.fruitMl ?? 0) / (small?.fruitMl ?? 1)).toBeCloseTo((200 / 150) ** 2, 9);
    expect(large?.depthMm).toBeCloseTo(small?.depthMm ?? 0, 4);
  });

  it("overflows when there is more of it than tin, and still plans", () => {
    expect(only(fillTins(batter("creamed", 700), [springform], { fruitG: 5000 })).verdict).toBe(
      "overflows",
    );
  });
});

describe("other ways to scale", () => {
  const eights = [tin({ shape: "round", diameterMm: 203, depthMm: 51, count: 2 })];
  const whole = batter("creamed", 1200);

  it("so deep in the first tin is so much batter", () => {
    expect(scaleFactor({ depthMm: 25 }, whole, eights, [springform])).toBeCloseTo(
      (25 * ML_PER_MM) / 1200,
      9,
    );
  });

  it("for guests: 24 usual portions of creamed cake are 24 x 130 mL, over its rise of 1.75", () => {
    expect(scaleFactor({ guests: 24 }, whole, eights, eights)).toBeCloseTo(
      (24 * 130) / 1.75 / 1200,
      9,
    );
    expect(scaleFactor({ guests: 24, portion: "small" }, whole, eights, eights)).toBeLessThan(
      scaleFactor({ guests: 24 }, whole, eights, eights),
    );
  });

  it("dragging any tin's level to a depth makes the batter stand there", () => {
    const loaf = tin({ shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 });
    fc.assert(
      fc.property(
        fc.constantFrom<readonly TinGeometry[]>(
          [springform],
          [springform, ...eights],
          [springform, loaf],
          [loaf, loaf],
        ),
        fc.integer({ min: 8, max: 40 }),
        fc.nat(1),
        (tins, depthMm, at) => {
          const index = Math.min(at, tins.length - 1);
          const times = timesForDepth(whole, tins, {}, index, depthMm);
          const fill = fillTins(batter("creamed", 1200 * times), tins);
          expect(fill.tins[index]?.depthMm).toBeCloseTo(depthMm, 3);
        },
      ),
    );
  });

  it("compares depths: twice the batter in an upright tin is twice as deep", () => {
    expect(depthRatio(whole, [springform], {}, 1.5, 0.75)).toBeCloseTo(2, 5);
  });
});

describe("dividing", () => {
  const fill = only(
    fillTins(batter("creamed", 1200), [
      tin({ shape: "springform", diameterMm: 200, depthMm: 60, count: 2 }),
    ]),
  );

  it.each([
    ["scale", 0.01],
    ["cup", 0.05],
    ["eye", 0.12],
  ] as const)("by %s is off by about %d of a tin, and of its depth", (by, share) => {
    const { eachG, errorG, errorMm } = divided(fill, by);
    expect(eachG).toBeCloseTo(600 * 0.86, 6);
    expect(errorG).toBeCloseTo(share * eachG, 6);
    expect(errorMm).toBeCloseTo(share * levelFor(springform, 600), 4);
  });

  it.each([
    [80, 12, 1],
    [47, 20, 1],
    [45, 20, 1],
    [94, 20, 2],
    [118, 16, 2],
    [24, 40, 1],
  ])("%d mL is scoop no. %d, %d times", (ml, scoop, scoops) => {
    expect(nearestScoop(ml)).toMatchObject({ scoop, scoops });
  });

  it("offers no scoop far from what is needed, and none for a layer", () => {
    expect(nearestScoop(300)).toBeNull();
    expect(nearestScoop(12)).toBeNull();
    expect(divided(fill, "scale").portioned).toBeNull();
    const cups = only(
      fillTins(batter("muffin", 600), [tin({ shape: "well", rimMm: 70, depthMm: 32, count: 12 })]),
    );
    // 50 mL a cup: no. 20 holds 47.
    expect(divided(cups, "scale").portioned).toEqual({ scoop: 20, ml: 47, scoops: 1 });
  });
});
