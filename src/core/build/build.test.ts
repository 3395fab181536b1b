import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Tin } from "../tin";
import { baked, built } from "./built.test-data";
import { buildCakes, type BuildHabit, type BuildRequest, type Tier } from ".";

const PAIR = baked({ shape: "springform", diameterMm: 200, depthMm: 65, count: 2 }, 40);
const HABIT: BuildHabit = {
  kind: "creamed",
  frosting: "butter-and-sugar",
  standing: "stacked",
  isLevel: true,
};

function tier(request: BuildRequest, tin = PAIR): Tier {
  const found = built(request, [tin]).cakes[0]?.tiers[0];
  if (found === undefined) throw new Error("no tier");
  return found;
}

describe("a cake put together", () => {
  it("stands n·t + (n-1)·f high", () => {
    expect(tier({}).heightMm).toBeCloseTo(2 * 40 + 6, 3);
    expect(tier({ splits: 2, fillingMm: 5 })).toMatchObject({
      layers: 4,
      layerMm: expect.closeTo(20, 3) as number,
      heightMm: expect.closeTo(4 * 20 + 3 * 5, 3) as number,
    });
    expect(built({ standing: "apart" }, [PAIR]).cakes[0]).toMatchObject({
      cakes: 2,
      tiers: [{ layers: 1 }],
    });
  });

  it("is filled inside its dam, and filling and dam together fill the gap", () => {
    const { quantities } = built({ damMm: 15, filling: "curd", fillingMm: 8 }, [PAIR]);
    const of = (thing: string): number =>
      quantities.find((each) => each.thing === thing)?.volumeMl ?? 0;
    expect(of("filling")).toBeCloseTo((Math.PI * 85 ** 2 * 8) / 1000, 3);
    expect(of("filling") + of("dam")).toBeCloseTo((Math.PI * 100 ** 2 * 8) / 1000, 3);
  });

  it("uses the height that was measured in place of the forecast", () => {
    expect(tier({ heightsMm: [35] }).heightMm).toBeCloseTo(2 * 35 + 6, 6);
    expect(tier({ heightsMm: [null] }).heightMm).toBeCloseTo(86, 3);
  });

  it("loses its crowns when it is levelled, and keeps the top one when it is left domed; weight is kept", () => {
    const [level, domed] = [tier({ top: "level" }), tier({ top: "domed" })];
    expect(level.domeMm).toBe(0);
    expect(domed.domeMm).toBeCloseTo(PAIR.baked.crownTopMm - PAIR.baked.edgeMm, 6);
    expect(level.trimmedG).toBeCloseTo(2 * domed.trimmedG, 6);
    expect(level.trimmedG + level.cakeG).toBeCloseTo(2 * 0.9 * PAIR.batterG, 6);
    // ½·A·c of a cake of 0.9 of the batter in A·(h + c/2).
    const share = domed.domeMm / 2 / (40 + domed.domeMm / 2);
    expect(domed.trimmedG).toBeCloseTo(share * 0.9 * PAIR.batterG, 3);
  });

  it("soaks up so much to the kilogram of what is left", () => {
    const { quantities, cakes } = built({ soakMlPerKg: 80 }, [PAIR]);
    expect(quantities.find(({ thing }) => thing === "soak")?.volumeMl).toBeCloseTo(
      0.08 * (cakes[0]?.tiers[0]?.cakeG ?? 0),
      6,
    );
  });

  it("in tiers stands the widest below, with supports for the weight above; what is not flat stays by itself", () => {
    const { cakes, remarks } = built({ standing: "tiers" }, [
      baked({ shape: "springform", diameterMm: 150, depthMm: 65 }, 40),
      PAIR,
      baked({ shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 }, 60),
    ]);
    expect(cakes.map(({ tiers }) => tiers.map(({ index }) => index))).toEqual([[1, 0], [2]]);
    expect(remarks).toEqual([
      {
        code: "supports-needed",
        tiers: 2,
        aboveG: expect.closeTo(cakes[0]?.tiers[1]?.cakeG ?? 0, 6) as number,
      },
    ]);
  });

  it("says when a filling has no gap, and when a soft one has no dam", () => {
    expect(
      built({ filling: "jam" }, [baked({ shape: "springform", diameterMm: 200, depthMm: 65 }, 40)])
        .remarks,
    ).toEqual([{ code: "one-layer-has-no-filling" }]);
    expect(built({ filling: "jam" }, [PAIR]).remarks).toEqual([
      { code: "soft-filling-without-dam", filling: "jam" },
    ]);
    expect(built({ filling: "jam", damMm: 12 }, [PAIR]).remarks).toEqual([]);
  });
});

describe("what can't be built", () => {
  it("a slice under 12 mm, on both sides of it", () => {
    expect(buildCakes({ splits: 3, heightsMm: [36] }, [PAIR], HABIT).ok).toBe(true);
    expect(buildCakes({ splits: 3, heightsMm: [35.9] }, [PAIR], HABIT)).toMatchObject({
      ok: false,
      issue: { path: "build.splits", value: 3, max: 2, because: "split-too-thin" },
    });
  });

  it("a dam as wide as the cake; cups are never split nor dammed", () => {
    expect(buildCakes({ damMm: 60 }, [PAIR], HABIT).ok).toBe(true);
    const small = baked({ shape: "springform", diameterMm: 120, depthMm: 65, count: 2 }, 40);
    expect(buildCakes({ damMm: 50 }, [small], HABIT).ok).toBe(true);
    expect(buildCakes({ damMm: 51 }, [small], HABIT)).toMatchObject({
      ok: false,
      issue: { path: "build.damMm", value: 51, max: 50, because: "dam-leaves-no-room" },
    });
    expect(
      buildCakes(
        { damMm: 51, splits: 4 },
        [baked({ shape: "well", rimMm: 70, depthMm: 32, count: 12 }, 26)],
        HABIT,
      ).ok,
    ).toBe(true);
  });
});

it("filling and dam fill the gaps of any tin", () => {
  const tins: readonly Tin[] = [
    { shape: "rectangle", lengthMm: 300, widthMm: 200, depthMm: 60, count: 2 },
    { shape: "oval", lengthMm: 260, widthMm: 190, depthMm: 60, count: 2 },
    { shape: "hexagon", widthMm: 220, depthMm: 60, count: 2 },
    { shape: "heart", widthMm: 220, depthMm: 60, count: 2 },
    { shape: "springform", diameterMm: 220, depthMm: 60, count: 2 },
  ];
  const fills = tins.map((tin) => baked(tin, 36));
  fc.assert(
    fc.property(
      fc.nat(fills.length - 1),
      fc.integer({ min: 3, max: 40 }),
      fc.integer({ min: 1, max: 2 }),
      (index, damMm, splits) => {
        const fill = fills[index];
        if (fill === undefined) return;
        const [dammed, whole] = [built({ damMm, splits }, [fill]), built({ splits }, [fill])].map(
          ({ quantities }) => quantities.reduce((sum, { volumeMl }) => sum + (volumeMl ?? 0), 0),
        );
        expect(dammed).toBeCloseTo(whole ?? 0, 6);
      },
    ),
  );
});
