import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { tinGeometry, type Tin } from "../tin";
import { bakeInside, coreCurve, CURVE_SIGMA_C, curveThrough, refitted, type CoreReading } from ".";

const FORECAST = { doorShutUntilMin: 22, firstLookMin: 28, likelyMin: 34, notPastMin: 41 } as const;
const curve = coreCurve(34, 96);
/** What a perfect probe reads of a bake that takes so many times as long. */
const read = (pace: number, until: number, startC = 21): readonly CoreReading[] =>
  Array.from({ length: Math.floor(until) }, (_, minute) => ({
    minute,
    tempC: coreCurve(34 * pace, 96, startC)(minute),
  }));

describe("the middle of a bake", () => {
  it("starts as cold as the batter, lags, and is done when it is forecast", () => {
    expect(curve(0)).toBe(21);
    expect(curve(1)).toBeLessThan(23);
    expect(curve(34)).toBe(96);
    // By hand: half-way 21 + 0.45·75; a tenth past the end 100 - 0.4·4.
    expect(curve(17)).toBeCloseTo(54.75, 9);
    expect(curve(37.4)).toBeCloseTo(98.4, 9);
  });

  it.each<[string, Tin, number, number]>([
    ["a layer", { shape: "round", diameterMm: 203, depthMm: 51 }, 600, 177],
    ["a sheet", { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 }, 1200, 177],
    ["a ring", { shape: "fluted", diameterMm: 254, depthMm: 89 }, 1800, 170],
    ["a cup", { shape: "well", rimMm: 70, depthMm: 32 }, 55, 177],
  ])(
    "lies within 16 °C of the simulated middle of %s, and within 4 of it near the end",
    (_, tin, batterMl, ovenC) => {
      const geometry = tinGeometry(tin);
      if (!geometry.ok) throw new Error("no tin");
      const { moments, doneMinute } = bakeInside({
        geometry: geometry.value,
        batterMl,
        ovenC,
        isFan: false,
        doneC: 96,
      });
      const mean = coreCurve(doneMinute ?? 0, 96);
      for (const { seconds, middleC } of moments) {
        const share = seconds / 60 / (doneMinute ?? 1);
        expect(Math.abs(middleC - mean(seconds / 60))).toBeLessThanOrEqual(
          share > 0.9 && share < 1 ? 4 : 16,
        );
      }
    },
  );

  it("never falls, and stays below boiling", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 200, noNaN: true }),
        fc.double({ min: 60, max: 99, noNaN: true }),
        fc.double({ min: 0, max: 300, noNaN: true }),
        (likely, done, at) => {
          const own = coreCurve(likely, done);
          expect(own(at + 1)).toBeGreaterThanOrEqual(own(at));
          expect(own(at)).toBeLessThanOrEqual(100);
        },
      ),
    );
  });

  it("refuses what has no minutes, and a core that never gets so warm", () => {
    expect(() => coreCurve(0, 96)).toThrow("likelyMin must be above 0, got 0");
    expect(() => coreCurve(34, 100)).toThrow("doneC must be between 21 and 100, got 100");
  });

  it("goes straight from point to point", () => {
    const through = curveThrough([
      { minute: 0, tempC: 20 },
      { minute: 10, tempC: 60 },
    ]);
    expect([-1, 0, 5, 10, 99].map(through)).toEqual([20, 20, 40, 60, 60]);
  });
});

describe("a forecast re-fitted to a probe", () => {
  it("stays what it was without readings", () => {
    expect(refitted(FORECAST, curve, [])).toMatchObject(FORECAST);
  });

  it("hardly moves for the first cold minutes, which tell nothing", () => {
    expect(refitted(FORECAST, curve, read(1.3, 2)).likelyMin).toBe(34);
  });

  it.each([0.8, 0.9, 1, 1.15, 1.3])(
    "finds a bake that takes %d times as long, and its band narrows as it goes",
    (pace) => {
      const fits = [6, 12, 20, 28].map((until) => refitted(FORECAST, curve, read(pace, until)));
      const sigmas = fits.map(({ sigma }) => sigma);
      expect(sigmas).toEqual(sigmas.toSorted((a, b) => b - a));
      expect(Math.abs((fits.at(-1)?.likelyMin ?? 0) - 34 * pace)).toBeLessThanOrEqual(1.5);
      const last = fits.at(-1);
      expect((last?.notPastMin ?? 0) - (last?.firstLookMin ?? 0)).toBeLessThan(
        FORECAST.notPastMin - FORECAST.firstLookMin,
      );
    },
  );

  it("leans less on readings where its curve is only a mean one", () => {
    const fit = refitted(FORECAST, curve, read(1.3, 14), CURVE_SIGMA_C.mean);
    expect(fit.pace).toBeGreaterThan(1);
    expect(fit.pace).toBeLessThan(refitted(FORECAST, curve, read(1.3, 14)).pace);
    expect(fit.sigma).toBeGreaterThan(refitted(FORECAST, curve, read(1.3, 14)).sigma);
  });

  it("is not fooled by batter that went in cold", () => {
    // Out of the fridge at 9 °C instead of 21, otherwise on the same pace.
    const chilled = Array.from({ length: 24 }, (_, minute) => ({
      minute,
      tempC: 100 - (100 - curve(minute)) * (91 / 79),
    }));
    expect(refitted(FORECAST, curve, chilled).pace).toBeCloseTo(1, 1);
    expect(
      refitted(
        FORECAST,
        curve,
        chilled.filter(({ minute }) => minute > 6),
      ).pace,
    ).toBeGreaterThan(1.03);
  });

  it("holds the true minute in its band for noisy probes, as often as it says", () => {
    let held = 0;
    let all = 0;
    fc.assert(
      fc.property(
        fc.double({ min: -1.5, max: 1.5, noNaN: true }),
        fc.array(fc.double({ min: -1.5, max: 1.5, noNaN: true }), { minLength: 20, maxLength: 20 }),
        (sigmas, noise) => {
          const pace = Math.exp(0.12 * sigmas);
          const fit = refitted(
            FORECAST,
            curve,
            read(pace, 20).map((reading, index) => ({
              ...reading,
              tempC: reading.tempC + (noise[index] ?? 0),
            })),
          );
          all += 1;
          if (34 * pace >= fit.firstLookMin - 0.5 && 34 * pace <= fit.notPastMin + 0.5) held += 1;
          // Always between what was thought and three σ of it.
          expect(Math.abs(Math.log(fit.pace))).toBeLessThanOrEqual(3 * (Math.log(41 / 34) / 1.5));
        },
      ),
      { numRuns: 200, seed: 31 },
    );
    expect(held / all).toBeGreaterThan(0.9);
  });

  it("refuses a forecast without a band", () => {
    expect(() => refitted({ ...FORECAST, notPastMin: 34 }, curve, [])).toThrow(
      "a forecast needs minutes, got 34 to 34",
    );
  });
});
