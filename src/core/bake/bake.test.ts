import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { BATTER_KINDS } from "../kind";
import type { Tin } from "../tin";
import { bake, ROUND } from "./any-bake.test-data";
import {
  chosenHeat,
  clockFactor,
  closedFormMinutes,
  dialSetting,
  forecast,
  isMuchThicker,
  materialAdvice,
  thicknessRatio,
  type BakeCase,
  type ReferenceBake,
} from ".";

const ROUNDS: ReferenceBake = { cases: [bake(ROUND, 600)], minutes: 34.5 };
const minutes = (target: BakeCase): number =>
  clockFactor(target, [ROUNDS], "creamed") * closedFormMinutes(target);

describe("1.2 L of creamed batter, known to take 34.5 min in two 20 cm rounds", () => {
  // The full simulation's minutes for the same bakes; the closed form keeps within 8 % of it.
  it.each<[string, Tin, number, number]>([
    ["two 9 in rounds", { shape: "round", diameterMm: 229, depthMm: 51 }, 600, 27.9],
    ["a 13 x 9 in", { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 }, 1200, 31.1],
    ["cups", { shape: "well", rimMm: 70, depthMm: 32 }, 50, 19.7],
    ["a fluted ring", { shape: "fluted", diameterMm: 254, depthMm: 89 }, 1200, 44.7],
    ["a loaf of 950 mL", { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 70 }, 950, 58],
    [
      "a 15 x 10 x 1 in sheet",
      { shape: "rectangle", lengthMm: 381, widthMm: 254, depthMm: 25 },
      1200,
      24,
    ],
    ["small cups", { shape: "well", rimMm: 45, depthMm: 20 }, 18, 14],
    ["one deep 8 in at 171 °C", { shape: "round", diameterMm: 203, depthMm: 76 }, 1200, 70],
    ["one 10 in", { shape: "round", diameterMm: 254, depthMm: 51 }, 1200, 47],
  ])("%s", (_name, tin, batterMl, simulated) => {
    const ovenC = simulated === 70 ? 171 : 177;
    expect(Math.abs(minutes(bake(tin, batterMl, ovenC)) / simulated - 1)).toBeLessThan(0.08);
  });
});

describe("kitchen rules the model has to keep", () => {
  const base = closedFormMinutes(bake(ROUND, 600));
  it.each<[string, BakeCase, number, number]>([
    ["25 °F down takes 1.13 to 1.20 as long", bake(ROUND, 600, 163), 1.13, 1.2],
    ["a fan at the same setting takes 0.80 to 0.89", bake(ROUND, 600, 177, true), 0.8, 0.89],
    ["a fan 20 °C lower takes about as long", bake(ROUND, 600, 157, true), 0.97, 1.02],
    [
      "a dark tin 25 °F down bakes like a bright one",
      bake({ ...ROUND, material: "dark" }, 600, 163),
      0.93,
      1.05,
    ],
  ])("%s", (_name, target, least, most) => {
    const ratio = closedFormMinutes(target) / base;
    expect(ratio).toBeGreaterThan(least);
    expect(ratio).toBeLessThan(most);
  });

  it("more heat is never slower, and more batter in the same tin never faster", () => {
    const heat = fc.double({ min: 145, max: 195, noNaN: true });
    const batter = fc.double({ min: 300, max: 800, noNaN: true });
    fc.assert(
      fc.property(
        heat,
        batter,
        fc.double({ min: 1, max: 30, noNaN: true }),
        (ovenC, batterMl, more) => {
          const here = closedFormMinutes(bake(ROUND, batterMl, ovenC));
          expect(closedFormMinutes(bake(ROUND, batterMl, ovenC + more))).toBeLessThan(here);
          expect(closedFormMinutes(bake(ROUND, batterMl + 5 * more, ovenC))).toBeGreaterThan(here);
        },
      ),
    );
  });

  it("refuses an oven that never sets a middle, and no batter", () => {
    expect(() => closedFormMinutes(bake(ROUND, 600, 99))).toThrow(
      "oven must be 100 °C or more, got 99",
    );
    expect(() => closedFormMinutes(bake(ROUND, 0))).toThrow("batter must be above 0 mL, got 0");
  });

  it("is a number for a smear: nothing is thinner to it than a film", () => {
    const vat: Tin = { shape: "odd", brimMl: 60_000, depthMm: 10 };
    expect(closedFormMinutes(bake(vat, 0.0007))).toBeGreaterThan(0);
    expect(forecast(bake(vat, 0.0007), [ROUNDS], "creamed", false).likelyMin).toBeGreaterThan(0);
  });
});

describe("the forecast", () => {
  it("gives the recipe's own minutes back for its own tin, 0.90 to 1.12 of them", () => {
    expect(forecast(bake(ROUND, 600), [ROUNDS], "creamed", false)).toEqual({
      doorShutUntilMin: 24,
      firstLookMin: 31,
      likelyMin: 35,
      notPastMin: 39,
    });
  });

  it("is wider for another tin: e^(-1.6σ) to e^(1.5σ), σ 0.15 at the reference's minutes", () => {
    const target = bake({ shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 }, 1200);
    const t = minutes(target);
    const sigma = Math.sqrt(0.15 ** 2 + (0.08 * Math.log(t / 34.5)) ** 2);
    expect(forecast(target, [ROUNDS], "creamed", false)).toEqual({
      doorShutUntilMin: Math.floor(0.7 * t),
      firstLookMin: Math.floor(t * Math.exp(-1.6 * sigma)),
      likelyMin: Math.round(t),
      notPastMin: Math.round(t * Math.exp(1.5 * sigma)),
    });
  });

  it("is wider still without minutes to go by, and says the usual ones for the kind's usual bake", () => {
    const found = forecast(bake(ROUND, 600), [{ ...ROUNDS, minutes: null }], "creamed", false);
    expect(found).toMatchObject({ likelyMin: 34, firstLookMin: 22, notPastMin: 49 });
    expect(found.doorShutUntilMin).toBeLessThanOrEqual(found.firstLookMin);
  });

  it("warns that a flat tin filled much thicker is only roughly known", () => {
    const deep = bake({ shape: "round", diameterMm: 203, depthMm: 76 }, 1200);
    expect(thicknessRatio(deep, [ROUNDS])).toBeGreaterThan(1.4);
    expect(isMuchThicker(deep, [ROUNDS])).toBe(true);
    expect(
      isMuchThicker(bake({ shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 70 }, 950), [
        ROUNDS,
      ]),
    ).toBe(false);
  });

  it("takes the slowest of the recipe's own tins for its clock", () => {
    const small = bake({ shape: "well", rimMm: 70, depthMm: 32 }, 50);
    expect(
      clockFactor(small, [{ cases: [small, bake(ROUND, 600)], minutes: 34.5 }], "creamed"),
    ).toBeCloseTo(clockFactor(small, [ROUNDS], "creamed"), 9);
  });

  it("allows 5 to 10 % for wet strips, and a later first look for foams", () => {
    const bare = forecast(bake(ROUND, 600), [ROUNDS], "whisked", false);
    const strips = forecast(bake(ROUND, 600), [ROUNDS], "whisked", true);
    expect(strips.likelyMin / bare.likelyMin).toBeGreaterThan(1.04);
    expect(strips.likelyMin / bare.likelyMin).toBeLessThan(1.11);
    expect(bare.doorShutUntilMin).toBe(27);
  });

  describe("with a look that the recipe tells", () => {
    const SHEET: Tin = { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 };
    const looking = (checkAtMin: number, minutes: number | null = 34.5): ReferenceBake => ({
      ...ROUNDS,
      minutes,
      checkAtMin,
    });

    it("looks then in its own tin, sooner or later than usual", () => {
      expect(forecast(bake(ROUND, 600), [looking(25)], "creamed", false)).toEqual({
        doorShutUntilMin: 24,
        firstLookMin: 25,
        likelyMin: 35,
        notPastMin: 39,
      });
      const { doorShutUntilMin, firstLookMin } = forecast(
        bake(ROUND, 600),
        [looking(20)],
        "creamed",
        false,
      );
      expect([doorShutUntilMin, firstLookMin]).toEqual([20, 20]);
      expect(forecast(bake(ROUND, 600), [looking(33)], "creamed", false).firstLookMin).toBe(33);
    });

    it("looks never later than it is likely done", () => {
      expect(forecast(bake(ROUND, 600), [looking(60)], "creamed", false).firstLookMin).toBe(34);
    });

    it("looks in another tin at the same share of the minutes, where that is sooner", () => {
      const usual = forecast(bake(SHEET, 1200), [ROUNDS], "creamed", false);
      const t = minutes(bake(SHEET, 1200));
      const sooner = forecast(bake(SHEET, 1200), [looking(17.25)], "creamed", false);
      expect(sooner).toEqual({
        ...usual,
        firstLookMin: Math.floor(t / 2),
        doorShutUntilMin: Math.floor(t / 2),
      });
      expect(forecast(bake(SHEET, 1200), [looking(34)], "creamed", false)).toEqual(usual);
    });

    it("looks then without minutes too", () => {
      expect(forecast(bake(ROUND, 600), [looking(30, null)], "creamed", false)).toMatchObject({
        firstLookMin: 30,
        likelyMin: 34,
      });
    });
  });

  it.each(BATTER_KINDS)(
    "has a general clock for %s within a factor of two and a half of creamed batter's",
    (kind) => {
      const unknown = [{ ...ROUNDS, minutes: null }];
      const ratio =
        clockFactor(bake(ROUND, 600), unknown, kind) /
        clockFactor(bake(ROUND, 600), unknown, "creamed");
      expect(ratio).toBeGreaterThan(0.4);
      expect(ratio).toBeLessThan(2.5);
    },
  );
});

describe("several bakes to go by", () => {
  const cups = (minutes: number): ReferenceBake => ({
    cases: [bake({ shape: "well", rimMm: 70, depthMm: 32 }, 50)],
    minutes,
  });
  const target = bake({ shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 }, 1200);
  const agreeing = cups(
    clockFactor(target, [ROUNDS], "creamed") *
      closedFormMinutes(bake({ shape: "well", rimMm: 70, depthMm: 32 }, 50)),
  );
  const width = (references: readonly ReferenceBake[]): number => {
    const { firstLookMin, notPastMin } = forecast(target, references, "creamed", false);
    return notPastMin - firstLookMin;
  };

  it("keep the clock and narrow the window when they agree", () => {
    expect(clockFactor(target, [ROUNDS, agreeing], "creamed")).toBeCloseTo(
      clockFactor(target, [ROUNDS], "creamed"),
      9,
    );
    expect(width([ROUNDS, agreeing])).toBeLessThan(width([ROUNDS]));
  });

  it("lie between, and widen the window, when they don't", () => {
    const slow = { ...agreeing, minutes: (agreeing.minutes ?? 0) * 1.6 };
    const factor =
      clockFactor(target, [ROUNDS, slow], "creamed") / clockFactor(target, [ROUNDS], "creamed");
    expect(factor).toBeGreaterThan(1.1);
    expect(factor).toBeLessThan(1.5);
    expect(width([ROUNDS, slow])).toBeGreaterThan(width([ROUNDS]));
  });

  it("give way to the one that was in the wanted tin", () => {
    const own: ReferenceBake = { cases: [target], minutes: 40 };
    expect(forecast(target, [ROUNDS, own], "creamed", false)).toMatchObject({
      likelyMin: 40,
      firstLookMin: 36,
      notPastMin: 45,
    });
  });

  it("in the wanted tin all count: a recipe's 30 told 40 four times lies near 38, and the window spans them", () => {
    const own = (minutes: number): ReferenceBake => ({ cases: [target], minutes });
    const found = forecast(target, [own(30), own(40), own(40), own(40), own(40)], "creamed", false);
    expect(found.likelyMin).toBe(Math.round(Math.exp((Math.log(30) + 4 * Math.log(40)) / 5)));
    expect(found.firstLookMin).toBeLessThanOrEqual(0.9 * found.likelyMin);
    expect(found.notPastMin).toBeGreaterThanOrEqual(Math.floor(1.12 * found.likelyMin));
  });

  it("say little of a foam that leaves its tube tin: a wider window and an earlier look", () => {
    const tube: ReferenceBake = {
      cases: [bake({ shape: "tube", diameterMm: 250, depthMm: 100 }, 2000)],
      minutes: 55,
    };
    const flat = bake(ROUND, 600);
    const [foam, butter] = [
      forecast(flat, [tube], "chiffon", false),
      forecast(flat, [tube], "creamed", false),
    ];
    expect(foam.likelyMin).toBe(butter.likelyMin);
    expect(foam.firstLookMin).toBeLessThan(0.68 * foam.likelyMin);
    expect(butter.firstLookMin).toBeGreaterThan(0.75 * butter.likelyMin);
    const again = forecast(
      bake({ shape: "tube", diameterMm: 200, depthMm: 90 }, 1100),
      [tube],
      "chiffon",
      false,
    );
    expect(again.firstLookMin).toBeGreaterThan(0.75 * again.likelyMin);
  });

  it("count for nothing without minutes", () => {
    expect(clockFactor(target, [ROUNDS, { ...agreeing, minutes: null }], "creamed")).toBe(
      clockFactor(target, [ROUNDS], "creamed"),
    );
  });
});

describe("heat", () => {
  const written = { ovenC: 180, isFan: false };
  it.each([
    ["as-written", false, 2, 180, "as-written"],
    ["gentler", false, 1.15, 180, "not-thicker"],
    ["gentler", false, 1.16, 165, "gentler"],
    ["low", false, 1, 150, "low"],
    ["gentler", true, 1, 160, "not-thicker"],
  ] as const)("%s, fan %s, %d times as thick: %d °C", (heat, isFan, thickness, trueC, reason) => {
    expect(chosenHeat(heat, written, isFan, thickness)).toEqual({ trueC, reason });
  });

  it("turns a fan recipe up for a still oven, and lets the baker choose", () => {
    expect(chosenHeat("as-written", { ovenC: 160, isFan: true }, false, 1).trueC).toBe(180);
    expect(chosenHeat({ ovenC: 170 }, written, true, 3)).toEqual({ trueC: 170, reason: "chosen" });
  });

  it.each([
    [165, -6, 1, 171],
    [177, 0, 5, 175],
    [165, 4, 5, 160],
  ])(
    "true %d °C in an oven that reads %d °C off, marks of %d: dial %d",
    (trueC, readsC, step, dial) => {
      expect(dialSetting(trueC, () => readsC, { scale: "C", step })).toEqual({
        dialC: dial,
        mark: null,
      });
    },
  );

  it("gives the kitchen rule for glass and the smaller figure of the model", () => {
    const advice = materialAdvice(bake({ ...ROUND, material: "glass" }, 600), "bright");
    expect(advice).toMatchObject({ material: "glass", ruleLessC: 15 });
    expect(advice?.modelLessC).toBeLessThan(10);
    expect(advice?.modelLessC).toBeGreaterThan(0);
    expect(materialAdvice(bake(ROUND, 600), "bright")).toBeNull();
  });

  it("gives the rule's way back for a bright tin instead of a dark one", () => {
    const advice = materialAdvice(bake(ROUND, 600), "dark");
    expect(advice?.ruleLessC).toBe(-15);
    expect(advice?.modelLessC).toBeLessThan(-5);
  });
});
