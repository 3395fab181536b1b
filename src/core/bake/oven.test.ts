import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { GAS_MARKS, gasMarkC, readTempC } from "../measure";
import {
  dialSetting,
  minutesAsSet,
  nearestMark,
  ovenOffset,
  parseOven,
  USUAL_OVEN,
  type OvenReading,
} from ".";

const at180 = (...trueCs: readonly number[]): readonly OvenReading[] =>
  trueCs.map((trueC) => ({ dialC: 180, trueC }));

describe("how far an oven is off", () => {
  it("is unknown without readings", () => {
    expect(ovenOffset([], 180)).toBeNull();
  });

  it("is the one reading there is, give or take six degrees", () => {
    expect(ovenOffset(at180(174), 180)).toEqual({ readsC: -6, sigmaC: 6, count: 1, setAside: [] });
  });

  it("is the mean of several, surer with each", () => {
    const three = ovenOffset(at180(170, 174, 172), 180);
    expect(three?.readsC).toBeCloseTo(-8, 9);
    // Scatter √(8/3)/√3 and a thermostat's swing 6/3 together.
    expect(three?.sigmaC).toBeCloseTo(Math.sqrt(8 / 9 + 4), 6);
  });

  it("sets a reading aside that no other agrees with", () => {
    const offset = ovenOffset(at180(173, 174, 172, 148), 180);
    expect(offset?.readsC).toBeCloseTo(-7, 9);
    expect(offset?.setAside).toEqual([{ dialC: 180, trueC: 148 }]);
  });

  it("goes by readings near the setting when they differ along the dial", () => {
    const readings: readonly OvenReading[] = [
      { dialC: 140, trueC: 139 },
      { dialC: 145, trueC: 144 },
      { dialC: 200, trueC: 190 },
      { dialC: 205, trueC: 195 },
    ];
    expect(ovenOffset(readings, 142)?.readsC).toBeGreaterThan(-3);
    expect(ovenOffset(readings, 202)?.readsC).toBeLessThan(-8);
  });

  it("always lies among the readings it keeps", () => {
    const reading = fc.record({
      dialC: fc.integer({ min: 120, max: 240 }),
      trueC: fc.integer({ min: 100, max: 260 }),
    });
    fc.assert(
      fc.property(
        fc.array(reading, { minLength: 1, maxLength: 12 }),
        fc.integer({ min: 120, max: 240 }),
        (readings, dialC) => {
          const offset = ovenOffset(readings, dialC);
          if (offset === null) throw new Error("no offset");
          const offs = readings.map((each) => each.trueC - each.dialC);
          expect(offset.readsC).toBeGreaterThanOrEqual(Math.min(...offs) - 1e-9);
          expect(offset.readsC).toBeLessThanOrEqual(Math.max(...offs) + 1e-9);
          expect(offset.count + offset.setAside.length).toBe(readings.length);
          expect(offset.count).toBeGreaterThan(0);
        },
      ),
    );
  });
});

describe("a cake baked by the dial of an oven that is off", () => {
  it("takes its minutes in a true one, longer in a cool one and shorter in a hot one", () => {
    expect(minutesAsSet(35, 180, 0)).toBe(35);
    // The kitchen's rule: 14 °C, 25 °F, down takes 1.13 to 1.20 times.
    const cool = minutesAsSet(35, 177, -14) ?? 0;
    expect(cool).toBeGreaterThan(35 * 1.13);
    expect(cool).toBeLessThan(35 * 1.2);
    expect(minutesAsSet(35, 180, 10)).toBeLessThan(35);
  });

  it("is not told where the oven stays too cool to set it", () => {
    expect(minutesAsSet(35, 130, -40)).toBeNull();
    expect(minutesAsSet(35, 140, -40)).toBeGreaterThan(35);
  });
});

describe("the dial", () => {
  it.each([
    [172, { scale: "C", step: 5 }, { dialC: 170, mark: null }],
    [178, { scale: "C", step: 10 }, { dialC: 180, mark: null }],
    [177, { scale: "F", step: 25 }, { dialC: (350 - 32) / 1.8, mark: null }],
    [160, { scale: "gas", step: 1 }, { dialC: 165, mark: "3" }],
    [100, { scale: "gas", step: 1 }, { dialC: 110, mark: "¼" }],
  ] as const)("%d °C on %j is %j", (tempC, dial, expected) => {
    const mark = nearestMark(tempC, dial);
    expect(mark.dialC).toBeCloseTo(expected.dialC, 9);
    expect(mark.mark).toBe(expected.mark);
  });

  it("is set for the error the oven has there", () => {
    expect(dialSetting(165, () => -6, { scale: "C", step: 1 })).toEqual({ dialC: 171, mark: null });
    // 4 % cool all along: 180 true wants 187.5.
    expect(dialSetting(180, (dialC) => -0.04 * dialC, { scale: "C", step: 1 }).dialC).toBe(187);
  });

  it("knows gas marks as they are written", () => {
    expect(GAS_MARKS.map(([mark]) => gasMarkC(mark))).toEqual(GAS_MARKS.map(([, tempC]) => tempC));
    expect([gasMarkC("1/2"), gasMarkC("1/4"), gasMarkC("10")]).toEqual([130, 110, null]);
    expect([
      readTempC("gas 4", "C"),
      readTempC("Gas Mark 6", "F"),
      readTempC("gas 12", "C"),
    ]).toEqual([177, 200, null]);
  });
});

describe("an oven from outside", () => {
  it("is taken when it is whole, and refused with the field that is wrong", () => {
    expect(parseOven(USUAL_OVEN)).toEqual({ ok: true, value: USUAL_OVEN });
    expect(parseOven({ ...USUAL_OVEN, warmUpMin: 0 })).toMatchObject({
      ok: false,
      issue: { path: "warmUpMin", value: 0, min: 1, max: 90 },
    });
    expect(parseOven({ ...USUAL_OVEN, readings: [{ dialC: 180, trueC: 900 }] })).toMatchObject({
      ok: false,
      issue: { path: "readings[0].trueC", value: 900 },
    });
    expect(parseOven({ ...USUAL_OVEN, shelf: { ...USUAL_OVEN.shelf, atOnce: 2.5 } })).toMatchObject(
      { ok: false },
    );
  });
});
