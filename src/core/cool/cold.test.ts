import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { tinGeometry, type Tin } from "../tin";
import { chilledMinutes, coldMinutes, type ColdMinutes } from ".";

function cold(
  spec: Tin,
  batterG: number,
  heightMm: number,
  kind: "creamed" | "baked-cheese" = "creamed",
  roomC = 20,
): ColdMinutes {
  const geometry = tinGeometry(spec);
  if (!geometry.ok) throw new Error(JSON.stringify(geometry.issue));
  return coldMinutes({ geometry: geometry.value, kind, batterG, heightMm, roomC });
}

const LAYER: Tin = { shape: "round", diameterMm: 203, depthMm: 51 };

describe("when a cake is cold", () => {
  it("a 20 cm layer of 40 mm takes about two hours on a rack", () => {
    // By hand: 0.47 kg, faces 0.090 m²; m·c/(hA) = 1230 s, crumb 0.364 kg/L·2600·0.02²·4/(π²·0.22)
    // = 700 s; 1930 s · ln(77/3) = 104 min, less what went in the tin.
    const { turnOutMin, coldMin, fromMin, toMin } = cold(LAYER, 516, 40);
    expect(turnOutMin).toBe(10);
    expect(coldMin).toBeGreaterThan(90);
    expect(coldMin).toBeLessThan(125);
    expect([fromMin, toMin]).toEqual(
      [Math.round(coldMin * 0.75), Math.round(coldMin * 1.25)].map(
        (each) => expect.closeTo(each, -0.4) as number,
      ),
    );
  });

  it("cups are cold long before a loaf, and a cake left in its tin is last", () => {
    const cup = cold({ shape: "well", rimMm: 70, depthMm: 32 }, 45, 35).coldMin;
    const loaf = cold({ shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 }, 850, 75).coldMin;
    expect(cup).toBeLessThan(cold(LAYER, 516, 40).coldMin);
    expect(loaf).toBeGreaterThan(cold(LAYER, 516, 40).coldMin);
    expect(cold(LAYER, 516, 40, "baked-cheese").turnOutMin).toBeNull();
    expect(cold(LAYER, 516, 40, "baked-cheese").coldMin).toBeGreaterThan(
      cold(LAYER, 516, 40).coldMin,
    );
  });

  it("takes longer the thicker it is and the warmer the room", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 45 }),
        fc.integer({ min: 10, max: 30 }),
        (heightMm, roomC) => {
          const here = cold(LAYER, 13 * heightMm, heightMm, "creamed", roomC).coldMin;
          expect(
            cold(LAYER, 13 * (heightMm + 6), heightMm + 6, "creamed", roomC).coldMin,
          ).toBeGreaterThan(here);
        },
      ),
    );
  });

  it("of a cake that stands above its rim is that of the same cake in a taller tin", () => {
    const above = cold(
      { shape: "springform", diameterMm: 200, depthMm: 50, taperDeg: 0 },
      800,
      70,
    ).coldMin;
    const within = cold(
      { shape: "springform", diameterMm: 200, depthMm: 90, taperDeg: 0 },
      800,
      70,
    ).coldMin;
    expect(Math.abs(above - within)).toBeLessThanOrEqual(1);
  });

  it("is cold sooner in the fridge, and soonest in the freezer, lukewarm first", () => {
    for (const heightMm of [20, 40, 70]) {
      const geometry = tinGeometry(LAYER);
      if (!geometry.ok) throw new Error("no tin");
      const { lukewarmMin, fridgeMin, freezerMin } = chilledMinutes({
        geometry: geometry.value,
        kind: "creamed",
        batterG: 13 * heightMm,
        heightMm,
      });
      expect(lukewarmMin).toBeLessThan(freezerMin);
      expect(freezerMin).toBeLessThan(fridgeMin);
      expect(fridgeMin).toBeLessThan(cold(LAYER, 13 * heightMm, heightMm).coldMin);
    }
    // By hand for 40 mm: 1930 s · ln 2 = 22 min after lukewarm in the fridge, · ln(53/38) = 11 in
    // the freezer.
    const geometry = tinGeometry(LAYER);
    const chilled = geometry.ok
      ? chilledMinutes({ geometry: geometry.value, kind: "creamed", batterG: 516, heightMm: 40 })
      : null;
    expect((chilled?.fridgeMin ?? 0) - (chilled?.lukewarmMin ?? 0)).toBeGreaterThan(18);
    expect((chilled?.fridgeMin ?? 0) - (chilled?.lukewarmMin ?? 0)).toBeLessThan(26);
    expect((chilled?.freezerMin ?? 0) - (chilled?.lukewarmMin ?? 0)).toBeLessThan(14);
  });

  it("refuses nothing to cool, and a room as hot as the cake", () => {
    expect(() => cold(LAYER, 0, 40)).toThrow(
      "a cake to cool needs batter and height, got 0 g, 40 mm",
    );
    expect(() => cold(LAYER, 500, 40, "creamed", 95)).toThrow("room must be below 94 °C, got 95");
  });
});
