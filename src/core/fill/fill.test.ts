import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { BATTER_KINDS } from "../kind";
import { brimVolume, volumeAt, type TinGeometry } from "../tin";
import { anyTin } from "../tin/any-tin.test-data";
import { fillLimit, fillTins, scaleFactor, shareBasis } from ".";
import { cakeHeights, cakeVolume, CROWN_OF_EDGE, crownHeight } from "./crown";
import { leftoverCups } from "./cups";
import { batter, only, tin } from "./filling.test-data";

const springform = (diameterMm: number, depthMm: number, count = 1): TinGeometry =>
  tin({ shape: "springform", diameterMm, depthMm, count });
const inches = (diameter: number, count: number): TinGeometry =>
  tin({ shape: "round", diameterMm: diameter * 25.4, depthMm: 50.8, count });

describe("heights in a straight tin, worked by hand", () => {
  // 660 mL of creamed batter in a 200 mm cylinder: area 31416 mm², 21 mm deep. Crown 0.05 x 200 =
  // 10 mm, cap 5 mm mean.
  const filled = only(fillTins(batter("creamed", 660), [springform(200, 65)]));
  const area = Math.PI * 100 * 100;

  it("stands 21.0 mm deep", () => {
    expect(filled.depthMm).toBeCloseTo(660_000 / area, 3);
    expect(filled.fullFraction).toBeCloseTo(660_000 / area / 65, 4);
  });

  it("bakes to an edge of 31.8 mm under a crown of 10", () => {
    expect(filled.baked.edgeMm).toBeCloseTo((660_000 * 1.75) / area - 5, 3);
    expect(filled.baked.crownTopMm - filled.baked.edgeMm).toBeCloseTo(10, 6);
  });

  it("peaks where it will settle by 5 % from", () => {
    expect(filled.peak.edgeMm).toBeCloseTo((660_000 * 1.75) / 0.95 / area - 5, 3);
  });

  it("says how far it might go: rise 1.55 to 1.90", () => {
    expect(filled.peakTopRangeMm[0]).toBeCloseTo((660_000 * 1.55) / 0.95 / area + 5, 3);
    expect(filled.peakTopRangeMm[1]).toBeCloseTo((660_000 * 1.9) / 0.95 / area + 5, 3);
  });
});

describe("crowns", () => {
  it("are no higher than a third of the edge under them, and hold no batter that is not there", () => {
    fc.assert(
      fc.property(
        anyTin,
        fc.constantFrom(...BATTER_KINDS),
        fc.double({ min: 0.005, max: 1.2, noNaN: true }),
        (any, kind, full) => {
          const geometry = tin({ ...any, count: 1 });
          const crownMm = crownHeight(kind, geometry);
          const volumeMl = full * brimVolume(geometry);
          const { edgeMm, crownTopMm } = cakeHeights(geometry, volumeMl, crownMm);
          expect(crownTopMm - edgeMm).toBeLessThanOrEqual(
            Math.min(crownMm, CROWN_OF_EDGE * edgeMm) + 1e-9,
          );
          // Halved 40 times from the level: exact to well under a millionth.
          expect(
            Math.abs(cakeVolume(geometry, edgeMm, crownTopMm - edgeMm) / volumeMl - 1),
          ).toBeLessThan(1e-6);
        },
      ),
    );
  });
});

describe("fill limits", () => {
  it("keep the crown of a layer 3 mm inside: (65 - 3 - 5) x 0.95 / 1.75 deep in a straight tin", () => {
    const limit = fillLimit("creamed", springform(200, 65));
    expect(limit.stoppedBy).toBe("rise");
    expect(limit.depthMm).toBeCloseTo(((65 - 3 - 5) * 0.95) / 1.75, 3);
  });

  it("are the kitchen rule's where the batter hardly rises", () => {
    expect(fillLimit("rich-fruit", springform(200, 80))).toMatchObject({
      stoppedBy: "rule",
      depthMm: 60,
    });
  });

  it("are higher with wet strips, which flatten the crown", () => {
    expect(fillLimit("creamed", springform(200, 65), { hasStrips: true }).volumeMl).toBeGreaterThan(
      fillLimit("creamed", springform(200, 65)).volumeMl,
    );
  });

  it("of any tin and kind just fit, or just crown where a crown is usual", () => {
    fc.assert(
      fc.property(anyTin, fc.constantFrom(...BATTER_KINDS), (any, kind) => {
        const geometry = tin({ ...any, count: 1 });
        const limit = fillLimit(kind, geometry);
        fc.pre(limit.volumeMl > 1);
        const { verdict, peak } = only(fillTins(batter(kind, limit.volumeMl), [geometry]));
        expect(verdict).not.toBe("overflows");
        expect(peak.edgeMm).toBeLessThan(geometry.depthMm - 2.9);
      }),
    );
  });
});

describe("verdicts on both sides of their thresholds", () => {
  const round = springform(200, 65);
  const limitMl = fillLimit("creamed", round).volumeMl;
  const at = (volumeMl: number): string =>
    only(fillTins(batter("creamed", volumeMl), [round])).verdict;

  it("fits at the limit, shows at the rim just over it, overflows when the crown passes the rim", () => {
    const perMm = (Math.PI * 100 * 100 * 0.95) / 1.75 / 1000;
    expect(at(limitMl)).toBe("fits");
    expect(at(limitMl + 1 * perMm)).toBe("crowns");
    expect(at(limitMl + 2.9 * perMm)).toBe("crowns");
    expect(at(limitMl + 3.2 * perMm)).toBe("overflows");
  });

  it("is too thin when the cooled cake is under 15 mm at its highest", () => {
    // So low a cake's crown is 0.35 of its edge, and its cap adds half of that: edge h/1.35, mean
    // height 1.175 of it.
    const height = (mm: number): number =>
      ((1.175 / 1.35) * mm * Math.PI * 100 * 100) / 1.75 / 1000;
    expect(at(height(14.9))).toBe("too-thin");
    expect(at(height(15.1))).toBe("fits");
  });

  it("lets a loaf show 6 mm and no more", () => {
    const loaf = tin({ shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 70 });
    const limit = fillLimit("quick-loaf", loaf);
    expect(limit.stoppedBy).toBe("rise");
    expect(only(fillTins(batter("quick-loaf", limit.volumeMl), [loaf])).verdict).toBe("crowns");
    expect(only(fillTins(batter("quick-loaf", limit.volumeMl * 1.03), [loaf])).verdict).toBe(
      "overflows",
    );
  });
});

describe("sharing over several tins", () => {
  it("keeps every gram, whatever the tins", () => {
    const set = fc.array(anyTin, { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(
        set,
        fc.constantFrom(...BATTER_KINDS),
        fc.double({ min: 0.05, max: 1.5, noNaN: true }),
        (tins, kind, full) => {
          const geometries = tins.map(tin);
          const volumeMl =
            full *
            geometries.reduce((sum, geometry) => sum + geometry.count * brimVolume(geometry), 0);
          const whole = batter(kind, volumeMl);
          const fill = fillTins(whole, geometries);
          const poured = fill.tins.reduce(
            (sum, each) => sum + each.geometry.count * each.batterG,
            0,
          );
          expect(Math.abs((poured + fill.leftoverG) / whole.massG - 1)).toBeLessThan(1.1e-3);
          for (const each of fill.tins)
            expect(each.depthMm).toBeLessThan(each.geometry.depthMm + 1e-3);
        },
      ),
    );
  });

  it("gives flat tins one depth", () => {
    const [small, large] = fillTins(batter("creamed", 1500), [
      springform(150, 65, 2),
      springform(230, 65),
    ]).tins;
    expect(small?.depthMm).toBeCloseTo(large?.depthMm ?? 0, 3);
  });

  it("gives a ring beside a layer the same share of its own limit", () => {
    const fill = fillTins(batter("creamed", 1500), [
      tin({ shape: "fluted", diameterMm: 220, depthMm: 80 }),
      springform(200, 65),
    ]);
    const [ring, layer] = fill.tins;
    expect(fill.basis).toBe("limit");
    expect((ring?.batterMl ?? 0) / (ring?.limit.volumeMl ?? 1)).toBeCloseTo(
      (layer?.batterMl ?? 0) / (layer?.limit.volumeMl ?? 1),
      6,
    );
    expect(shareBasis([springform(200, 65), springform(230, 50)])).toBe("depth");
  });
});

describe("batter larger than its tins", () => {
  it("fills them to the brim, says what is left, and how much to take out for how many cups", () => {
    const round = springform(200, 50);
    const whole = batter("creamed", 2000);
    const fill = fillTins(whole, [round]);
    expect(only(fill).verdict).toBe("overflows");
    expect(fill.leftoverG).toBeCloseTo((2000 - brimVolume(round)) * 0.86, 3);
    expect(fill.overG).toBeCloseTo((2000 - fillLimit("creamed", round).volumeMl) * 0.86, 3);
    expect(fill.cups?.count).toBeGreaterThan(20);
  });

  it("takes nothing out of tins that have room", () => {
    expect(fillTins(batter("creamed", 500), [springform(200, 65)])).toMatchObject({
      leftoverG: 0,
      overG: 0,
      cups: null,
    });
  });
});

describe("leftover cups", () => {
  const cup = fillLimit("creamed", tin({ shape: "well", rimMm: 70, depthMm: 32 })).volumeMl;
  it.each([
    [0.34, null],
    [0.36, 1],
    [1.11, 1],
    [1.13, 2],
    [2.2, 2],
    [2.3, 3],
    [6.4, 6],
  ])("%d cups' worth makes %j", (share, count) => {
    expect(leftoverCups("creamed", share * cup)?.count ?? null).toBe(count);
  });
});

describe("how much of the recipe to make", () => {
  const eights = [inches(8, 2)];
  const whole = batter("creamed", 1200);
  // Kitchen check values for a batter written for two 8 in rounds, kept at the same depth.
  it.each<[string, TinGeometry, number, number]>([
    ["two 9 in", inches(9, 2), 1.26, 1.28],
    ["13 x 9 in", tin({ shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 }), 1.1, 1.17],
    ["three 6 in", inches(6, 3), 0.83, 0.85],
    ["two 6 in", inches(6, 2), 0.55, 0.57],
    ["two 8 in squares", tin({ shape: "square", sideMm: 203, depthMm: 51, count: 2 }), 1.2, 1.27],
  ])("same depth in %s", (_name, wanted, least, most) => {
    const factor = scaleFactor("same-depth", whole, eights, [wanted]);
    expect(factor).toBeGreaterThan(least);
    expect(factor).toBeLessThan(most);
  });

  it("as full as is safe is the sum of the limits over the batter; a number is itself; keep is one", () => {
    const wanted = springform(230, 65, 2);
    expect(scaleFactor("fill-limit", whole, eights, [wanted])).toBeCloseTo(
      (2 * fillLimit("creamed", wanted).volumeMl) / 1200,
      9,
    );
    expect(scaleFactor(1.5, whole, eights, [wanted])).toBe(1.5);
    expect(scaleFactor("keep", whole, eights, [wanted])).toBe(1);
  });

  it("compares a ring with layers by how full each is of its own limit", () => {
    const ring = tin({ shape: "fluted", diameterMm: 250, depthMm: 85 });
    const expected =
      fillLimit("creamed", ring).volumeMl / (2 * fillLimit("creamed", inches(8, 1)).volumeMl);
    expect(scaleFactor("same-depth", whole, eights, [ring])).toBeCloseTo(expected, 6);
    expect(volumeAt(ring, 0)).toBe(0);
  });

  it("is a number where fruit leaves neither the recipe's own tins nor the wanted ones any room", () => {
    const buried = [{ where: "in" as const, massG: 0, volumeMl: 10_000 }];
    const cups = tin({ shape: "well", rimMm: 69, depthMm: 34 });
    expect(
      scaleFactor("same-depth", whole, eights, [cups], { onBatter: buried }, buried),
    ).toBeCloseTo(1 / eights.reduce((sum, { count }) => sum + count, 0), 9);
    expect(scaleFactor("fill-limit", whole, eights, [cups], { onBatter: buried })).toBeGreaterThan(
      0,
    );
  });
});
