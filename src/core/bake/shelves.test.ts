import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { tinGeometry, type Tin, type TinGeometry } from "../tin";
import { AIR_MM, footprint, gapMm, shelfPieces, shelfPlan, type ShelvedTin, type Shelf } from ".";

function tin(spec: Tin): TinGeometry {
  const result = tinGeometry(spec);
  if (!result.ok) throw new Error(JSON.stringify(result.issue));
  return result.value;
}

const SHELF: Shelf = { widthMm: 595, depthMm: 400, atOnce: 1, clearMm: 300 };
const round = (diameterMm: number, count = 1): TinGeometry =>
  tin({ shape: "round", diameterMm, depthMm: 50, count });

describe("a footprint", () => {
  it.each<[Tin, number, number, boolean]>([
    [{ shape: "round", diameterMm: 200, depthMm: 50 }, 210, 210, true],
    [{ shape: "fluted", diameterMm: 250, depthMm: 90 }, 260, 260, true],
    [{ shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 }, 340, 239, false],
    [{ shape: "oval", lengthMm: 300, widthMm: 200, depthMm: 50 }, 310, 210, false],
  ])("of %j is %d by %d mm", (spec, widthMm, depthMm, isRound) => {
    const found = footprint(tin(spec));
    expect(Math.abs(found.widthMm - widthMm)).toBeLessThan(4);
    expect(Math.abs(found.depthMm - depthMm)).toBeLessThan(4);
    expect(found.isRound).toBe(isRound);
  });

  it("of a dozen cups is their tray, four by three", () => {
    const { widthMm, depthMm } = footprint(
      tin({ shape: "well", rimMm: 70, depthMm: 32, count: 12 }),
    );
    expect(widthMm / depthMm).toBeGreaterThan(1.2);
    expect(widthMm).toBeGreaterThan(4 * 70);
    expect(widthMm).toBeLessThan(4 * 90);
  });
});

it("stand each by itself, cups on trays of a dozen and small ones of two", () => {
  const cups = (rimMm: number, count: number): number =>
    shelfPieces(tin({ shape: "well", rimMm, depthMm: 25, count }));
  expect([
    shelfPieces(round(200, 3)),
    cups(70, 12),
    cups(70, 13),
    cups(45, 24),
    cups(45, 25),
  ]).toEqual([3, 1, 2, 1, 2]);
});

describe("tins on the shelves", () => {
  it("stand side by side when 25 mm of air is left, in the middle of the shelf", () => {
    const { loads } = shelfPlan([round(200, 2)], SHELF);
    expect(loads).toHaveLength(1);
    const [a, b] = loads[0]?.[0] ?? [];
    if (a === undefined || b === undefined) throw new Error("two tins expected");
    expect((a.xMm + b.xMm) / 2).toBeCloseTo(SHELF.widthMm / 2, 9);
  });

  it("two round ones go in together just as long as their middles can be far enough apart", () => {
    // Middles have a box of (W-2·25-d) by (D-2·25-d); its diagonal against d + 25 decides.
    for (let diameterMm = 150; diameterMm <= 330; diameterMm += 10) {
      const d = diameterMm + 10;
      const [w, h] = [SHELF.widthMm - 2 * AIR_MM - d, SHELF.depthMm - 2 * AIR_MM - d];
      const spare = Math.hypot(w, h) - d - AIR_MM;
      if (h < 0 || Math.abs(spare) < 8) continue;
      expect([diameterMm, shelfPlan([round(diameterMm, 2)], SHELF).loads.length]).toEqual([
        diameterMm,
        spare > 0 ? 1 : 2,
      ]);
    }
  });

  it("wait for the next load, or go onto the second shelf", () => {
    expect(
      shelfPlan([round(230, 4)], SHELF).loads.map((load) => load.map((shelf) => shelf.length)),
    ).toEqual([[2], [2]]);
    expect(
      shelfPlan([round(230, 4)], { ...SHELF, atOnce: 2 }).loads.map((load) =>
        load.map((shelf) => shelf.length),
      ),
    ).toEqual([[2, 2]]);
  });

  it("are turned when that lets them in", () => {
    const narrow: Shelf = { widthMm: 300, depthMm: 420, atOnce: 1, clearMm: 200 };
    expect(
      shelfPlan([tin({ shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 })], narrow)
        .loads,
    ).toHaveLength(1);
  });

  it("that are too tall for the room above a shelf are named too", () => {
    const tube = tin({ shape: "tube", diameterMm: 250, depthMm: 105 });
    expect(shelfPlan([tube], { ...SHELF, clearMm: 120 }).tooLarge).toEqual([0]);
    expect(shelfPlan([tube], { ...SHELF, clearMm: 130 }).tooLarge).toEqual([]);
  });

  it("that fit nowhere are named, as are those that crowd the shelf", () => {
    expect(shelfPlan([round(200), round(360)], SHELF)).toMatchObject({
      tooLarge: [1],
      loads: [[[{ tin: 0 }]]],
    });
    const small: Shelf = { widthMm: 390, depthMm: 290, atOnce: 1, clearMm: 200 };
    expect(
      shelfPlan([tin({ shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 })], {
        ...small,
        widthMm: 395,
        depthMm: 290,
      }).crowding,
    ).toEqual([]);
    expect(
      shelfPlan([tin({ shape: "rectangle", lengthMm: 560, widthMm: 335, depthMm: 25 })], {
        ...small,
        widthMm: 630,
        depthMm: 405,
      }).crowding,
    ).toEqual([0]);
  });

  it("always have their air, and each stands in just one place", () => {
    const spec = fc.oneof(
      fc.record({
        shape: fc.constant("round" as const),
        diameterMm: fc.integer({ min: 100, max: 320 }),
        depthMm: fc.constant(50),
        count: fc.integer({ min: 1, max: 4 }),
      }),
      fc.record({
        shape: fc.constant("loaf" as const),
        lengthMm: fc.integer({ min: 180, max: 300 }),
        widthMm: fc.integer({ min: 90, max: 130 }),
        depthMm: fc.constant(65),
        count: fc.integer({ min: 1, max: 3 }),
      }),
    );
    fc.assert(
      fc.property(
        fc.array(spec, { minLength: 1, maxLength: 5 }),
        fc.integer({ min: 300, max: 700 }),
        fc.integer({ min: 280, max: 450 }),
        fc.integer({ min: 1, max: 2 }),
        (specs, widthMm, depthMm, atOnce) => {
          const tins = specs.map(tin);
          const plan = shelfPlan(tins, { widthMm, depthMm, atOnce, clearMm: 300 });
          const all = plan.loads.flat(2);
          for (const [index, { count }] of tins.entries())
            expect(all.filter((placed) => placed.tin === index)).toHaveLength(
              plan.tooLarge.includes(index) ? 0 : count,
            );
          for (const standing of plan.loads.flat()) {
            standing.forEach((placed, at) => {
              const [left, front, right, back] = edges(placed);
              expect(Math.min(left, front, widthMm - right, depthMm - back)).toBeGreaterThanOrEqual(
                AIR_MM - 1e-6,
              );
              for (const other of standing.slice(at + 1))
                expect(gapMm(placed, other)).toBeGreaterThanOrEqual(AIR_MM - 1e-6);
            });
          }
        },
      ),
      { numRuns: 60 },
    );
  });
});

/** Left, front, right, back of a placed tin, mm. */
function edges(placed: ShelvedTin): readonly [number, number, number, number] {
  return [
    placed.xMm - placed.widthMm / 2,
    placed.yMm - placed.depthMm / 2,
    placed.xMm + placed.widthMm / 2,
    placed.yMm + placed.depthMm / 2,
  ];
}
