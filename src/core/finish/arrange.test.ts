import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { tinGeometry, type Tin } from "../tin";
import {
  arranged,
  colourBowls,
  fruitLayout,
  ganacheConsistency,
  nextSpoon,
  PACKING_THRESHOLDS,
  PATTERNS,
  scaledFormula,
  sharedNeeds,
  SQUEEZE,
  sugarConsistency,
  USUAL_FORMULA,
  type Ground,
  type PiecePlace,
} from ".";
import { PACKINGS } from "./packings";

function places(
  ground: Ground,
  widthMm: number,
  pattern: (typeof PATTERNS)[number],
  overlap = 0,
): readonly PiecePlace[] {
  const result = arranged(ground, widthMm, pattern, overlap);
  if (!result.ok) throw new Error(JSON.stringify(result.issue));
  return result.value;
}

const round = (diameterMm: number, holeMm = 0): Ground => ({ kind: "round", diameterMm, holeMm });
// Hundreds of pieces have more distances than a call has arguments.
const closest = (all: readonly PiecePlace[]): number =>
  all.reduce(
    (least, [x, y], index) =>
      all.slice(index + 1).reduce((so, [u, v]) => Math.min(so, Math.hypot(u - x, v - y)), least),
    Infinity,
  );

describe("the table of packings", () => {
  it.each(PACKING_THRESHOLDS.map((threshold, index) => [index + 1, threshold] as const))(
    "%d circles lie apart inside %d widths",
    (count, threshold) => {
      const packing = PACKINGS[count - 1] ?? [];
      expect(packing).toHaveLength(count);
      if (count > 1) expect(closest(packing)).toBeGreaterThan(0.998);
      for (const [x, y] of packing)
        expect(Math.hypot(x, y) + 0.5).toBeLessThan((threshold / 2) * 1.004);
    },
  );

  it.each(PACKING_THRESHOLDS.map((threshold, index) => [index + 1, threshold] as const))(
    "at least %d fit from %d widths on",
    (count, threshold) => {
      expect(places(round(threshold * 40), 40, "packed").length).toBeGreaterThanOrEqual(count);
    },
  );
});

describe("fruit laid out", () => {
  it("in rings: R1 = (D-d)/2, n = floor(π / asin(d/2R)), one in the middle", () => {
    // D 200, d 40: R 80, 40, 0 with 12, 6 and 1.
    expect(places(round(200), 40, "rings")).toHaveLength(12 + 6 + 1);
    // With a hole of 90 only the outer ring.
    expect(places(round(200, 90), 40, "rings")).toHaveLength(12);
    expect(places(round(40), 40, "rings")).toEqual([[0, 0]]);
  });

  it("in rows: 7 by 5 of 40 mm on 300 by 200, and shifted rows where they hold more", () => {
    const block: Ground = { kind: "rectangle", lengthMm: 300, widthMm: 200 };
    expect(places(block, 40, "grid")).toHaveLength(35);
    // Turned: rows of 5 and 4 in turn, 34.6 mm apart: floor(260/34.64) + 1 = 8 of them.
    expect(places(block, 40, "staggered")).toHaveLength(36);
    expect(
      places({ kind: "rectangle", lengthMm: 300, widthMm: 215 }, 40, "staggered").length,
    ).toBeGreaterThan(
      places({ kind: "rectangle", lengthMm: 300, widthMm: 215 }, 40, "grid").length,
    );
  });

  it("never overlaps more than it may, and never passes an edge or a hole", () => {
    const ground = fc.oneof(
      fc.record({
        kind: fc.constant("round" as const),
        diameterMm: fc.integer({ min: 100, max: 320 }),
        holeMm: fc.constantFrom(0, 0, 30, 60),
      }),
      fc.record({
        kind: fc.constant("rectangle" as const),
        lengthMm: fc.integer({ min: 100, max: 400 }),
        widthMm: fc.integer({ min: 100, max: 300 }),
      }),
    );
    fc.assert(
      fc.property(
        ground,
        fc.integer({ min: 16, max: 90 }),
        fc.constantFrom(...PATTERNS),
        fc.constantFrom(0, 0.1, 0.4),
        (on, widthMm, pattern, overlap) => {
          const result = arranged(on, widthMm, pattern, overlap);
          if (!result.ok) {
            expect(result.issue).toMatchObject({
              because: "fruit-wider-than-cake",
              value: widthMm,
            });
            return;
          }
          const all = result.value;
          expect(all.length).toBeGreaterThan(0);
          if (all.length > 1 && overlap === 0)
            expect(closest(all)).toBeGreaterThan(widthMm * (1 - SQUEEZE - 0.01));
          for (const [x, y] of all) {
            if (on.kind === "rectangle") {
              expect(Math.abs(x)).toBeLessThan((on.lengthMm - widthMm) / 2 + 1e-3);
              expect(Math.abs(y)).toBeLessThan((on.widthMm - widthMm) / 2 + 1e-3);
            } else {
              expect(Math.hypot(x, y)).toBeLessThan((on.diameterMm - widthMm) / 2 + 1e-3);
              if (on.holeMm > 0)
                expect(Math.hypot(x, y)).toBeGreaterThan((on.holeMm + widthMm) / 2 - 1e-3);
            }
          }
        },
      ),
      { numRuns: 300 },
    );
  });

  it("refuses a piece wider than the cake, and says how wide it may be", () => {
    expect(arranged(round(150), 151, "packed")).toMatchObject({
      ok: false,
      issue: { path: "finish.fruit.widthMm", value: 151, max: 150 },
    });
    expect(arranged(round(150, 60), 46, "rings")).toMatchObject({ ok: false, issue: { max: 45 } });
  });

  it("says what to buy, and sizes the syrup by the slices", () => {
    const tin: Tin = { shape: "springform", diameterMm: 200, depthMm: 65 };
    const geometry = tinGeometry(tin);
    if (!geometry.ok) throw new Error("no tin");
    const layout = fruitLayout(
      { at: "top", pattern: "rings", widthMm: 40, thickMm: 5, each: 6, syrup: true },
      geometry.value,
      40,
    );
    if (!layout.ok) throw new Error("no layout");
    expect(layout.value.fruits).toBe(Math.ceil(19 / 6));
    expect(layout.value.syrup?.volumeMl).toBeCloseTo((1.5 * 19 * Math.PI * 400 * 5) / 1000, 3);
    expect((layout.value.syrup?.sugarG ?? 0) / (layout.value.syrup?.waterG ?? 1)).toBe(1);
  });
});

describe("frosting as it is made", () => {
  it("is scaled so that its first line can be measured, never to less than is needed", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 4000 }),
        fc.constantFrom("grams" as const, "half-sticks" as const, "packs" as const),
        (neededG, rounding) => {
          const { massG, overG, lines } = scaledFormula(
            USUAL_FORMULA["butter-and-sugar"],
            neededG,
            rounding,
          );
          expect(massG).toBeGreaterThanOrEqual(neededG - 1e-6);
          expect(massG - overG).toBeCloseTo(neededG, 6);
          const step = { grams: 5, "half-sticks": 56.7, packs: 250 }[rounding];
          const steps = (lines[0]?.massG ?? 0) / step;
          expect(Math.abs(steps - Math.round(steps))).toBeLessThan(1e-6);
        },
      ),
    );
    expect(scaledFormula(USUAL_FORMULA["butter-and-sugar"], 0, "grams").massG).toBe(0);
    expect(() => scaledFormula([{ name: "air", massG: 0 }], 100, "grams")).toThrow(
      "a formula needs at least one line with a weight",
    );
  });

  it("820 g of butter and sugar is 275 g of butter: 262 rounded up to 25", () => {
    expect(
      scaledFormula(USUAL_FORMULA["butter-and-sugar"], 820, "grams").lines.map(({ massG }) =>
        Math.round(massG),
      ),
    ).toEqual([275, 550, 34]);
  });

  it("goes into bowls that add up to all of it", () => {
    const { bowls, tooSmall } = colourBowls(803, [
      { name: "white", share: 2 },
      { name: "plum", share: 1 },
      { name: "yolk", share: 0.1 },
    ]);
    expect(bowls.reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(803, 9);
    expect(bowls.map(({ massG }) => massG)).toEqual([520, 255, 28]);
    expect(tooSmall).toEqual(["yolk"]);
    expect(() => colourBowls(100, [{ name: "none", share: 0 }])).toThrow(
      "shares must be above 0, got 0",
    );
  });

  it("is made once for several cakes", () => {
    expect(
      sharedNeeds([
        {
          name: "A",
          needs: [
            { stuff: "jam", massG: 100, volumeMl: 80 },
            { stuff: "curd", massG: 50, volumeMl: 45 },
          ],
        },
        { name: "B", needs: [{ stuff: "jam", massG: 40, volumeMl: 32 }] },
      ]),
    ).toEqual([
      { stuff: "jam", massG: 140, volumeMl: 112, cakes: ["A", "B"] },
      { stuff: "curd", massG: 50, volumeMl: 45, cakes: ["A"] },
    ]);
  });
});

describe("too soft, too stiff", () => {
  it("gives the next spoonful by the batch, what went in so far, and half as much after going past", () => {
    expect(nextSpoon("butter-and-sugar", 800, ["too-stiff"])).toEqual({
      do: "add",
      name: "milk",
      teaspoons: 2,
      massG: 10,
      soFarTsp: 0,
    });
    expect(nextSpoon("butter-and-sugar", 800, ["too-stiff", "too-stiff"])).toMatchObject({
      teaspoons: 2,
      soFarTsp: 2,
    });
    expect(nextSpoon("butter-and-sugar", 800, ["too-stiff", "too-soft"])).toMatchObject({
      name: "icing sugar",
      teaspoons: 6,
      soFarTsp: 0,
    });
    expect(
      nextSpoon("butter-and-sugar", 800, ["too-stiff", "too-soft", "too-stiff"]),
    ).toMatchObject({ name: "milk", teaspoons: 0.5, soFarTsp: 2 });
    expect(nextSpoon("whipped-cream", 400, ["too-soft"])).toEqual({ do: "whip" });
    expect(nextSpoon("cream-cheese", 400, ["too-soft", "too-stiff"])).toMatchObject({
      do: "add",
      name: "milk",
      soFarTsp: 0,
    });
    expect(() => nextSpoon("jam" as never, 0, ["too-soft"])).toThrow(
      "a frosting of 0 g and 1 answers has no next spoonful",
    );
  });

  it("tells stiff, spreading and pouring from the formula", () => {
    // Butter alone beaten with sugar stands; a spoonful of milk makes it spread; icing sugar and
    // water pour from 15 g to the 100.
    expect([
      sugarConsistency(100, 8, 40),
      sugarConsistency(100, 16, 40),
      sugarConsistency(100, 16, 0),
    ]).toEqual(["stiff", "spreading", "pouring"]);
    expect(
      [
        [100, 100],
        [100, 150],
        [100, 200],
      ].map(([cream, chocolate]) => ganacheConsistency(cream ?? 0, chocolate ?? 0, "dark")),
    ).toEqual(["pouring", "spreading", "stiff"]);
    // Milk and white set softer: the same ratio pours more readily.
    expect(ganacheConsistency(100, 150, "milk")).toBe("pouring");
  });
});
