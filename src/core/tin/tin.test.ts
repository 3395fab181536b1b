import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  brimVolume,
  levelFor,
  rimWidth,
  sectionAt,
  spansAt,
  surfaceArea,
  tinDepth,
  tinFamily,
  tinGeometry,
  tinSection,
  volumeAt,
  volumeTrust,
  wettedAreas,
  type Tin,
  type TinGeometry,
} from ".";
import { anyTin } from "./any-tin.test-data";

function built(tin: Tin): TinGeometry {
  const result = tinGeometry(tin);
  if (!result.ok) throw new Error(JSON.stringify(result.issue));
  return result.value;
}

/** Straight-walled and without fillet, so that closed forms hold exactly. */
const springform = built({ shape: "springform", diameterMm: 200, depthMm: 60 });

describe("volumes against closed forms", () => {
  it("a springform is a cylinder", () => {
    expect(brimVolume(springform)).toBeCloseTo((Math.PI * 100 * 100 * 60) / 1000, 6);
  });

  it("a tapered springform is the frustum of a cone", () => {
    const taperDeg = 8;
    const floor = 100 - 60 * Math.tan((taperDeg * Math.PI) / 180);
    const frustum = (Math.PI * 60 * (100 * 100 + 100 * floor + floor * floor)) / 3000;
    expect(
      brimVolume(built({ shape: "springform", diameterMm: 200, depthMm: 60, taperDeg })),
    ).toBeCloseTo(frustum, 6);
  });

  it("a round tin is a cylinder less the ring its 3 mm fillet takes", () => {
    // Pappus: the spandrel (1-π/4)ρ² sits with its centroid at ρ(1-(10-3π)/(12-3π))… from the
    // corner, worked out by hand.
    const rho = 3;
    const spandrel = (1 - Math.PI / 4) * rho * rho;
    const fromCorner = (rho * (10 - 3 * Math.PI)) / (12 - 3 * Math.PI);
    const ring = 2 * Math.PI * (100 - fromCorner) * spandrel;
    const expected = (Math.PI * 100 * 100 * 50 - ring) / 1000;
    // The fillet meets the floor like a square root, which the quadrature follows to a few parts in
    // a million.
    expect(
      Math.abs(brimVolume(built({ shape: "round", diameterMm: 200, depthMm: 50 })) - expected),
    ).toBeLessThan(0.05);
  });

  it("an upright square with sharp corners is a block less its filleted floor edge", () => {
    const geometry = built({ shape: "square", sideMm: 200, depthMm: 50, taperDeg: 0, cornerMm: 0 });
    const rho = 5;
    const lost = 4 * 200 * (1 - Math.PI / 4) * rho * rho;
    // Mitred fillets share their corners, a matter of ρ³.
    expect(Math.abs(brimVolume(geometry) * 1000 - (200 * 200 * 50 - lost))).toBeLessThan(rho ** 3);
  });

  it("a dome is a spherical cap", () => {
    const [a, h] = [100, 70];
    expect(brimVolume(built({ shape: "dome", diameterMm: 200, depthMm: h }))).toBeCloseTo(
      (Math.PI * h * (3 * a * a + h * h)) / 6000,
      6,
    );
  });

  it("a fluted ring follows the half-ellipse of its trough", () => {
    const [diameter, depth, epsilon, share] = [250, 90, 0.04, 0.62];
    const outer = diameter / 2 / (1 + epsilon);
    const tube = (0.3 * diameter) / 2;
    const width = outer - tube;
    const flute = 1 + (epsilon * epsilon) / 2;
    // ∫w dh = πHw/4 and ∫w² dh = 2Hw²/3 for w = w_H·sqrt(1-(1-h/H)²).
    const meanWidth = (Math.PI * width) / 4;
    const meanSquare = (2 * width * width) / 3;
    const narrow = width - meanWidth;
    const narrowSquare = width * width - 2 * width * meanWidth + meanSquare;
    const outerPart =
      flute * (outer * outer - 2 * outer * share * narrow + share * share * narrowSquare);
    const tubePart =
      tube * tube + 2 * tube * (1 - share) * narrow + (1 - share) ** 2 * narrowSquare;
    const expected = (Math.PI * depth * (outerPart - tubePart)) / 1000;
    const got = brimVolume(built({ shape: "fluted", diameterMm: diameter, depthMm: depth }));
    expect(Math.abs(got / expected - 1)).toBeLessThan(2e-4);
  });

  it("a tube tin is one frustum less another", () => {
    const geometry = built({ shape: "tube", diameterMm: 250, depthMm: 100, tubeMm: 60 });
    const lean = 100 * Math.tan((5 * Math.PI) / 180);
    const frustum = (top: number, bottom: number): number =>
      (Math.PI * 100 * (top * top + top * bottom + bottom * bottom)) / 3000;
    const expected = frustum(125, 125 - lean) - frustum(30, 30 + lean);
    // Two 3 mm fillets, wall and tube, take a little: about 2πR·0.215ρ² each.
    const fillets = (2 * Math.PI * (125 - lean + 30 + lean) * (1 - Math.PI / 4) * 9) / 1000;
    expect(Math.abs(brimVolume(geometry) - (expected - fillets))).toBeLessThan(0.6);
  });

  it("a heart keeps 0.70 of its box and an oval π/4 of it", () => {
    expect(surfaceArea(built({ shape: "heart", widthMm: 220, depthMm: 50 }), 50)).toBeCloseTo(
      0.7 * 220 * 220,
      6,
    );
    expect(
      surfaceArea(built({ shape: "oval", lengthMm: 300, widthMm: 200, depthMm: 50 }), 50),
    ).toBeCloseTo((Math.PI / 4) * 60_000, 6);
  });

  it("a hexagon with its corners rounded off to the full is a circle", () => {
    const geometry = built({
      shape: "hexagon",
      widthMm: 200,
      depthMm: 50,
      cornerMm: 100,
      taperDeg: 0,
    });
    expect(surfaceArea(geometry, 50)).toBeCloseTo(Math.PI * 100 * 100, 6);
  });

  it("a triangle has half its base times its height, and is a circle when rounded to the full", () => {
    const sharp = { shape: "triangle", sideMm: 200, depthMm: 50, taperDeg: 0 } as const;
    expect(surfaceArea(built({ ...sharp, cornerMm: 0 }), 50)).toBeCloseTo(
      (200 * 100 * Math.sqrt(3)) / 2,
      6,
    );
    // The circle inside it has a radius of 100/√3, 57.7 mm.
    const rounded = surfaceArea(built({ ...sharp, cornerMm: 57.7 }), 50);
    expect(rounded / (Math.PI * 57.735 ** 2)).toBeCloseTo(1, 2);
    // A wall that leans by 45 degrees is 5 mm further in 5 mm below the rim: the side is 10·√3 shorter.
    const leaning = built({ ...sharp, cornerMm: 0, taperDeg: 45, depthMm: 10 });
    expect(surfaceArea(leaning, 5)).toBeCloseTo(
      (Math.sqrt(3) / 4) * (200 - 10 * Math.sqrt(3)) ** 2,
      6,
    );
  });
});

describe("published inside sizes", () => {
  it.each<[string, Tin, number, number]>([
    ["8 x 2 in round, about 1.65 L", { shape: "round", diameterMm: 203, depthMm: 51 }, 1600, 1680],
    [
      "13 x 9 x 2 in metal, about 3.6 L",
      { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 },
      3450,
      3750,
    ],
    [
      "9 x 5 x 3 in loaf, about 2 L",
      { shape: "loaf", lengthMm: 229, widthMm: 127, depthMm: 70 },
      1600,
      2050,
    ],
    ["muffin well, 90 to 110 mL", { shape: "well", rimMm: 70, depthMm: 32 }, 88, 112],
    [
      "10 in fluted ring, 2.4 to 3 L",
      { shape: "fluted", diameterMm: 254, depthMm: 89 },
      2200,
      3000,
    ],
  ])("%s", (_name, tin, least, most) => {
    const brim = brimVolume(built(tin));
    expect(brim).toBeGreaterThan(least);
    expect(brim).toBeLessThan(most);
  });
});

describe("areas against closed forms", () => {
  it("a cylinder's wall is its perimeter times the height, half-way up and past the rim", () => {
    expect(wettedAreas(springform, 30).sideMm2).toBeCloseTo(Math.PI * 200 * 30, 6);
    expect(wettedAreas(springform, 75).sideMm2).toBeCloseTo(Math.PI * 200 * 75, 6);
    expect(wettedAreas(springform, 30).floorMm2).toBeCloseTo(Math.PI * 100 * 100, 6);
  });

  it("a cone's wall is measured along its slant", () => {
    const lean = 60 * Math.tan((8 * Math.PI) / 180);
    const slant = Math.hypot(60, lean);
    const geometry = built({ shape: "springform", diameterMm: 200, depthMm: 60, taperDeg: 8 });
    expect(wettedAreas(geometry, 60).sideMm2).toBeCloseTo(Math.PI * (200 - lean) * slant, 4);
  });

  it("a dome's wall is 2πRh of its sphere", () => {
    const sphere = (100 * 100 + 70 * 70) / 140;
    const got = wettedAreas(built({ shape: "dome", diameterMm: 200, depthMm: 70 }), 70).sideMm2;
    expect(Math.abs(got / (2 * Math.PI * sphere * 70) - 1)).toBeLessThan(2e-3);
  });

  it("a straight tube's wall is counted apart from the outer one, with the quarter round at its foot", () => {
    const areas = wettedAreas(
      built({ shape: "tube", diameterMm: 240, depthMm: 100, tubeMm: 60, taperDeg: 0 }),
      50,
    );
    const foot = 2 * Math.PI * 3 * (30 * (Math.PI / 2) + 3 * (Math.PI / 2 - 1));
    expect(Math.abs(areas.tubeMm2 / (Math.PI * 60 * 47 + foot) - 1)).toBeLessThan(2e-3);
    expect(wettedAreas(springform, 30).tubeMm2).toBe(0);
  });

  it("spans tell how far heat comes from the side", () => {
    expect(spansAt(springform, 30)).toEqual({ kind: "round", diameterMm: 200 });
    const sheet = built({
      shape: "rectangle",
      lengthMm: 330,
      widthMm: 230,
      depthMm: 50,
      taperDeg: 0,
    });
    expect(spansAt(sheet, 25)).toEqual({ kind: "rectangle", lengthMm: 330, widthMm: 230 });
    expect(spansAt(built({ shape: "ring", diameterMm: 240, depthMm: 80, tubeMm: 80 }), 80)).toEqual(
      { kind: "ring", troughMm: 80 },
    );
    expect(rimWidth(built({ shape: "ring", diameterMm: 240, depthMm: 80, tubeMm: 80 }))).toBe(80);
    expect(rimWidth(sheet)).toBe(230);
  });
});

describe("levels", () => {
  it("the level of a volume gives that volume back, for any tin", () => {
    fc.assert(
      fc.property(anyTin, fc.double({ min: 0.01, max: 1.6, noNaN: true }), (tin, full) => {
        const geometry = built(tin);
        const volumeMl = brimVolume(geometry) * full;
        expect(
          Math.abs(volumeAt(geometry, levelFor(geometry, volumeMl)) / volumeMl - 1),
        ).toBeLessThan(1e-4);
      }),
    );
  });

  it("more batter always stands higher", () => {
    fc.assert(
      fc.property(
        anyTin,
        fc.double({ min: 0, max: 1.2, noNaN: true }),
        fc.double({ min: 0.01, max: 0.3, noNaN: true }),
        (tin, full, more) => {
          const geometry = built(tin);
          const brim = brimVolume(geometry);
          expect(levelFor(geometry, brim * (full + more))).toBeGreaterThan(
            levelFor(geometry, brim * full),
          );
        },
      ),
    );
  });

  it("nothing stands nowhere, and a negative volume is a mistake of the caller", () => {
    expect(levelFor(springform, 0)).toBe(0);
    expect(() => levelFor(springform, -1)).toThrow("volume must be 0 mL or more, got -1");
  });
});

describe("water fills", () => {
  it.each<[string, Tin, number]>([
    [
      "a rectangle by its taper",
      { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 },
      0.95,
    ],
    [
      "a rectangle that is straighter than usual",
      { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 },
      1.03,
    ],
    ["a fluted ring by its bulge", { shape: "fluted", diameterMm: 250, depthMm: 85 }, 1.08],
    [
      "a round that holds more than its own cylinder",
      { shape: "round", diameterMm: 200, depthMm: 50 },
      1.04,
    ],
    ["a dome", { shape: "dome", diameterMm: 200, depthMm: 80 }, 0.97],
  ])("%s meets the measured volume", (_name, tin, ratio) => {
    const brimMl = brimVolume(built(tin)) * ratio;
    expect(brimVolume(built({ ...tin, brimMl }))).toBeCloseTo(brimMl, 2);
  });

  it("of cups is one well's, or the whole tray's where that fits; neither is refused", () => {
    const tray: Tin = { shape: "well", rimMm: 70, depthMm: 32, count: 12 };
    const one = brimVolume(built(tray));
    expect(brimVolume(built({ ...tray, brimMl: one * 1.02 }))).toBeCloseTo(one * 1.02, 2);
    expect(brimVolume(built({ ...tray, brimMl: one * 12.24 }))).toBeCloseTo(one * 1.02, 2);
    expect(volumeTrust({ ...tray, brimMl: one * 12.24 })).toEqual(
      volumeTrust({ ...tray, brimMl: one * 1.02 }),
    );
    expect(tinGeometry({ ...tray, brimMl: one * 6 })).toMatchObject({
      ok: false,
      issue: { because: "water-disagrees-with-size" },
    });
  });

  it.each([0.84, 1.16])("is refused when it is %d of the geometry, with the range", (ratio) => {
    const tin: Tin = { shape: "round", diameterMm: 200, depthMm: 50 };
    const brim = brimVolume(built(tin));
    const result = tinGeometry({ ...tin, brimMl: brim * ratio });
    expect(result).toMatchObject({
      ok: false,
      issue: { path: "brimMl", because: "water-disagrees-with-size", max: Math.floor(brim * 1.15) },
    });
  });
});

describe("tins that can't be", () => {
  it.each<[string, Tin, object]>([
    [
      "a base that tapers to nothing",
      { shape: "round", diameterMm: 60, depthMm: 150, taperDeg: 20 },
      { path: "taperDeg", value: 20, because: "base-would-close" },
    ],
    [
      "a corner rounder than its side",
      { shape: "square", sideMm: 100, depthMm: 50, cornerMm: 51 },
      { path: "cornerMm", value: 51, max: 50, because: "corner-rounder-than-side" },
    ],
    [
      "a fillet deeper than the tin",
      { shape: "rectangle", lengthMm: 300, widthMm: 200, depthMm: 11, material: "glass" },
      { path: "depthMm", value: 11, min: 12, because: "fillet-deeper-than-tin" },
    ],
    [
      "a tube wider than its tin",
      { shape: "tube", diameterMm: 200, depthMm: 100, tubeMm: 150 },
      { path: "tubeMm", value: 150, because: "tube-wider-than-tin" },
    ],
    [
      "a ring all tube",
      { shape: "fluted", diameterMm: 200, depthMm: 80, tubeMm: 190 },
      { path: "tubeMm", value: 190, because: "tube-wider-than-tin" },
    ],
    [
      "a well wider below than above",
      { shape: "well", rimMm: 60, floorMm: 70, depthMm: 30 },
      { path: "floorMm", value: 70, max: 60, because: "floor-wider-than-rim" },
    ],
  ])("%s is refused with the value and the range", (_name, tin, issue) => {
    expect(tinGeometry(tin)).toMatchObject({
      ok: false,
      issue: { code: "out-of-range", ...issue },
    });
  });

  it.each([50, 49.9])("a corner of half the side is the last that works: %d", (cornerMm) => {
    expect(tinGeometry({ shape: "square", sideMm: 100, depthMm: 50, cornerMm }).ok).toBe(true);
  });
});

describe("sections for drawing", () => {
  it("rise from floor to rim and end at the rim's size", () => {
    fc.assert(
      fc.property(anyTin, (tin) => {
        const points = tinSection(built(tin));
        expect(points[0]?.heightMm).toBe(0);
        expect(points.at(-1)?.heightMm).toBe(tinDepth(tin));
        const heights = points.map((point) => point.heightMm);
        expect(heights).toEqual([...heights].sort((a, b) => a - b));
      }),
    );
  });

  it("draw a rectangle along its length", () => {
    expect(
      sectionAt(built({ shape: "rectangle", lengthMm: 230, widthMm: 330, depthMm: 50 }), 50)
        .halfLengthMm,
    ).toBe(165);
  });

  it("draw a fluted ring as wide as it is measured, over its flutes", () => {
    expect(
      sectionAt(built({ shape: "fluted", diameterMm: 250, depthMm: 90 }), 90).halfLengthMm,
    ).toBeCloseTo(125, 9);
  });

  it("sort tins into families on both sides of the sheet's depth", () => {
    expect(tinFamily({ shape: "rectangle", lengthMm: 330, widthMm: 230, depthMm: 30 })).toBe(
      "sheet",
    );
    expect(tinFamily({ shape: "rectangle", lengthMm: 330, widthMm: 230, depthMm: 31 })).toBe(
      "layer",
    );
  });
});
