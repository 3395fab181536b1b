import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { tinGeometry, type Tin } from "../tin";
import {
  chilledMinutes,
  coldMinutes,
  coolingCurve,
  warmMinutes,
  type ColdMinutes,
  type WarmMinutes,
} from ".";

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

  it("cools slower under a cloth, and its faces before its middle", () => {
    const geometry = tinGeometry(LAYER);
    if (!geometry.ok) throw new Error("no tin");
    const cooling = {
      geometry: geometry.value,
      kind: "creamed",
      batterG: 516,
      heightMm: 40,
    } as const;
    const bare = coldMinutes(cooling);
    const covered = coldMinutes({ ...cooling, asked: { covered: true } });
    // By hand: 1230 s through its faces become 1757 s, 1930 s in all 2457 s.
    expect(covered.coldMin / bare.coldMin).toBeGreaterThan(1.2);
    expect(covered.coldMin / bare.coldMin).toBeLessThan(1.3);
    const curve = coolingCurve(cooling, 1.2 * bare.coldMin);
    expect(curve[0]).toMatchObject({ minute: 0, middleC: 97 });
    for (const [index, { middleC, faceC }] of curve.entries()) {
      expect(faceC).toBeLessThan(middleC);
      expect(faceC).toBeGreaterThan(20);
      if (index > 0) expect(middleC).toBeLessThan(curve[index - 1]?.middleC ?? 0);
    }
    // The curve is at 23 °C when it is told to be cold.
    const cold = coolingCurve(cooling, bare.coldMin).at(-1);
    expect(cold?.middleC).toBeCloseTo(23, 0);
  });

  it("can be soaked for a while, and melts what is spread on it for longer", () => {
    const geometry = tinGeometry(LAYER);
    if (!geometry.ok) throw new Error("no tin");
    const warm = (heightMm: number): WarmMinutes =>
      warmMinutes({ geometry: geometry.value, kind: "creamed", batterG: 13 * heightMm, heightMm });
    // By hand for 40 mm: faces have 1/(1 + 11·0.02/0.22/2) = 2/3 of the middle's warmth over the
    // room, so 50 °C without means 65 °C within: ln(77/45)·1930 s = 17 min, a little more in the tin.
    expect(warm(40).soakUntilMin).toBeGreaterThan(17);
    expect(warm(40).soakUntilMin).toBeLessThan(23);
    expect(warm(40).meltsUntilMin).toBeGreaterThan(warm(40).soakUntilMin);
    expect(warm(70).soakUntilMin).toBeGreaterThan(warm(20).soakUntilMin);
  });

  it("refuses nothing to cool, and a room as hot as the cake", () => {
    expect(() => cold(LAYER, 0, 40)).toThrow(
      "a cake to cool needs batter and height, got 0 g, 40 mm",
    );
    expect(() => cold(LAYER, 500, 40, "creamed", 95)).toThrow("room must be below 94 °C, got 95");
  });
});
