import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { fillTins } from "../fill";
import { batter, tin } from "../fill/filling.test-data";
import { volumeAt } from "../tin";
import { buildCakes, rolledUp, rollFrom, type Build, type BuildRequest } from ".";
import { rollBox } from "./roll";

const SHEET = tin({ shape: "rectangle", lengthMm: 330, widthMm: 230, depthMm: 25, taperDeg: 0 });

describe("a sheet rolled up", () => {
  it("has the section of the strip it is rolled from", () => {
    // 330 mm of 15 mm cake and 6 mm filling: 6930 mm², a circle of 93.9 mm; 93.9 / 42 times round.
    const roll = rolledUp(330, 230, 15, 6);
    expect(roll.diameterMm).toBeCloseTo(93.93, 2);
    expect(roll.turns).toBeCloseTo(2.2365, 3);
    expect(roll.lengthMm).toBe(230);
    expect(roll.spreadMm2).toBe(310 * 230);
  });

  it("is thick from its short side and long from its long one", () => {
    const [short, long] = [rollFrom(SHEET, "short", 15, 6), rollFrom(SHEET, "long", 15, 6)];
    expect(short?.lengthMm).toBeCloseTo(230, 0);
    expect(long?.lengthMm).toBeCloseTo(330, 0);
    expect(short?.diameterMm ?? 0).toBeGreaterThan(long?.diameterMm ?? 0);
    expect(
      rollFrom(tin({ shape: "round", diameterMm: 200, depthMm: 50 }), "short", 15, 6),
    ).toBeNull();
  });

  it("is none of a sheet that tears, cracks or is too short to go round", () => {
    expect(rollFrom(SHEET, "short", 4, 6)).toBeNull();
    expect(rollFrom(SHEET, "short", 45, 6)).toBeNull();
    const strip = tin({ shape: "rectangle", lengthMm: 145, widthMm: 40, depthMm: 25, taperDeg: 0 });
    expect(rollFrom(strip, "long", 5, 1)).toBeNull();
  });

  it("of any sheet there is has a box, or is none", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 700, noNaN: true }),
        fc.double({ min: 20, max: 700, noNaN: true }),
        fc.double({ min: 1, max: 200, noNaN: true }),
        fc.double({ min: 1, max: 40, noNaN: true }),
        fc.constantFrom("short" as const, "long" as const),
        (lengthMm, widthMm, layer, filling, from) => {
          const sheet = tin({ shape: "rectangle", lengthMm, widthMm, depthMm: 25, taperDeg: 0 });
          const roll = rollFrom(sheet, from, layer, filling);
          expect(roll === null || rollBox(roll).depthMm > 0).toBe(true);
        },
      ),
    );
  });

  it("is taken for a box that holds as much", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 150, max: 600, noNaN: true }),
        fc.double({ min: 150, max: 600, noNaN: true }),
        fc.double({ min: 8, max: 25, noNaN: true }),
        fc.double({ min: 1, max: 20, noNaN: true }),
        (along, across, layer, filling) => {
          const roll = rolledUp(along, across, layer, filling);
          const box = rollBox(roll);
          const strip = (along * Math.max(across, box.depthMm) * (layer + filling)) / 1000;
          expect(volumeAt(box, box.depthMm) / strip).toBeGreaterThan(0.97);
          expect(volumeAt(box, box.depthMm) / strip).toBeLessThan(1.001);
        },
      ),
    );
  });
});

describe("a cake built as a roll", () => {
  const built = (request: BuildRequest): Build => {
    const { tins } = fillTins(batter("whisked", 900), [SHEET], { isRolled: true });
    const build = buildCakes(request, tins, {
      kind: "whisked",
      frosting: "whipped-cream",
      standing: "apart",
      isLevel: false,
    });
    if (!build.ok) throw new RangeError(JSON.stringify(build.issue));
    return build.value;
  };
  const rolled = built({ standing: "rolled", filling: "jam", fillingMm: 4 });

  it("is spread but for its end, and needs no dam", () => {
    const [jam] = rolled.quantities;
    const { spreadMm2 = 0 } = rolled.cakes[0]?.tiers[0]?.roll ?? {};
    expect(jam).toMatchObject({ thing: "filling", stuff: "jam", times: 1 });
    expect(jam?.massG).toBeCloseTo((spreadMm2 * 4 * 1.33) / 1000, 6);
    expect(rolled.remarks).toEqual([]);
  });

  it("keeps all its cake, and takes more filling than the flat sheet, which takes none", () => {
    const flat = built({ standing: "apart", fillingMm: 4 });
    expect(rolled.cakes[0]?.tiers[0]?.cakeG).toBeCloseTo(flat.cakes[0]?.tiers[0]?.cakeG ?? 0, 6);
    expect(flat.quantities).toEqual([]);
    expect(flat.remarks).toEqual([{ code: "one-layer-has-no-filling" }]);
  });

  it("says so where it does not bend, and stands flat", () => {
    const thick = built({ standing: "rolled", heightsMm: [60] });
    expect(thick.cakes[0]?.tiers[0]?.roll).toBeNull();
    expect(thick.remarks).toEqual([{ code: "not-rolled", layerMm: 60 }]);
  });

  it("is as thick as its sheet was measured to be", () => {
    const thin = built({ standing: "rolled", fillingMm: 4, heightsMm: [10] });
    expect(thin.cakes[0]?.tiers[0]?.roll?.layerMm).toBe(10);
  });
});
