import fc from "fast-check";
import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { planCake, type CakeInput, type CakePlan } from "@/core/plan";
import type { Tin } from "@/core/tin";
import { cutCake, wholeCake } from "./cake-shapes";
import { drawnCake } from "./cake-places";
import { builtCake, STATION_DRAWINGS } from "./strip-drawings";

function plan(changes: Partial<CakeInput>): CakePlan | null {
  const result = planCake({
    recipe: {
      batter: { kind: "creamed", volumeMl: 1200, massG: 1030 },
      reference: {
        tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
        ovenC: 177,
        minutes: 34,
      },
    },
    tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
    ...changes,
  });
  return result.ok ? result.value : null;
}

function planned(changes: Partial<CakeInput>): CakePlan {
  const found = plan(changes);
  if (found === null) throw new Error("no plan");
  return found;
}

/** What would make a browser draw nothing. */
const BROKEN = /NaN|undefined|Infinity|null/u;

const anyTin: fc.Arbitrary<Tin> = fc.oneof(
  fc.record({
    shape: fc.constant("round" as const),
    diameterMm: fc.integer({ min: 100, max: 300 }),
    depthMm: fc.integer({ min: 25, max: 100 }),
    count: fc.integer({ min: 1, max: 3 }),
  }),
  fc.record({
    shape: fc.constant("loaf" as const),
    lengthMm: fc.integer({ min: 180, max: 300 }),
    widthMm: fc.integer({ min: 80, max: 140 }),
    depthMm: fc.integer({ min: 50, max: 90 }),
  }),
  fc.record({
    shape: fc.constant("fluted" as const),
    diameterMm: fc.integer({ min: 200, max: 270 }),
    depthMm: fc.integer({ min: 70, max: 110 }),
  }),
  fc.record({
    shape: fc.constant("well" as const),
    rimMm: fc.integer({ min: 50, max: 90 }),
    depthMm: fc.integer({ min: 25, max: 45 }),
    count: fc.integer({ min: 4, max: 24 }),
  }),
);

describe("the drawings of a cake", () => {
  it("have a size and numbers alone in them, at every station, in any tin, in any cover", () => {
    fc.assert(
      fc.property(
        anyTin,
        fc.constantFrom("none", "top", "top-and-sides", "naked") as fc.Arbitrary<
          NonNullable<CakeInput["finish"]>["cover"]
        >,
        (tin, cover) => {
          const found = plan({ tins: [tin], finish: { cover } });
          fc.pre(found !== null);
          for (const [station, draw] of Object.entries(STATION_DRAWINGS)) {
            const { widthMm, heightMm, drawing } = draw(found);
            expect([station, widthMm > 0, heightMm > 0]).toEqual([station, true, true]);
            expect(renderToStaticMarkup(drawing)).not.toMatch(BROKEN);
          }
        },
      ),
      { numRuns: 40 },
    );
  });

  it("stack the tiers of a cake and wrap them in their coat", () => {
    const found = planned({ finish: { cover: "top-and-sides" } });
    const cake = drawnCake(found);
    const [tier] = cake.tiers;
    expect(cake.tiers).toHaveLength(1);
    expect(tier?.slices).toHaveLength(2);
    expect(tier?.gaps).toHaveLength(1);
    const [low, high] = tier?.slices ?? [];
    expect((high?.fromMm ?? 0) - (low?.fromMm ?? 0)).toBeCloseTo(
      (low?.heightMm ?? 0) + found.build.fillingMm,
      6,
    );
    expect(tier?.topMm).toBeCloseTo((tier?.edgeMm ?? 0) + (tier?.coat.topMm ?? 0), 6);
    expect(cake.widthMm).toBeCloseTo(2 * ((tier?.halfMm ?? 0) + (tier?.coat.sideMm ?? 0)), 6);
    expect(cutCake(cake, true).heightMm).toBeCloseTo(cake.heightMm, 6);
    expect(wholeCake(cake).widthMm).toBeCloseTo(cake.widthMm, 6);
  });

  it("show a cake without a coat lower than one with it", () => {
    const bare = builtCake(planned({}));
    const coated = STATION_DRAWINGS.finish(planned({ finish: { cover: "top-and-sides" } }));
    expect(coated.heightMm).toBeGreaterThan(bare.heightMm);
  });

  it("draws a cake in its dish at every station where it stays in that", () => {
    const tins: Tin[] = [{ shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 }];
    const drawn = (cool: CakeInput["cool"]) =>
      (["build", "finish", "serve"] as const).map((station) =>
        renderToStaticMarkup(STATION_DRAWINGS[station](planned({ tins, cool })).drawing),
      );
    for (const drawing of drawn({ stays: true })) expect(drawing).toContain("stroke-steel");
    for (const drawing of drawn({ until: "cold" })) expect(drawing).not.toContain("stroke-steel");
  });
});
