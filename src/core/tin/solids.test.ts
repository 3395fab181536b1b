import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { brimVolume, tinGeometry, volumeTrust, volumeAt, waterMl, type Tin } from ".";
import { anyTin } from "./any-tin.test-data";

/**
 * Whether a point stands inside a tin, x and y from the middle line, z from the floor: written from
 * each shape's own definition.
 */
type Inside = (x: number, y: number, z: number) => boolean;

const tan = (deg: number): number => Math.tan((deg * Math.PI) / 180);

/**
 * How far a wall at height z stands in from its rim: its lean, and the quarter circle at its foot.
 */
function standsIn(z: number, depth: number, taperDeg: number, fillet: number): number {
  const foot = z < fillet ? fillet - Math.sqrt(fillet ** 2 - (fillet - z) ** 2) : 0;
  return (depth - z) * tan(taperDeg) + foot;
}

const round =
  (diameter: number, depth: number, taperDeg: number, fillet: number): Inside =>
  (x, y, z) =>
    Math.hypot(x, y) < diameter / 2 - standsIn(z, depth, taperDeg, fillet);

const rectangle =
  (
    length: number,
    width: number,
    depth: number,
    taperDeg: number,
    fillet: number,
    rimCorner: number,
    floorCorner: number,
  ): Inside =>
  (x, y, z) => {
    const inset = standsIn(z, depth, taperDeg, fillet);
    const foot = standsIn(z, depth, 0, fillet);
    const corner = Math.max(0, floorCorner + ((rimCorner - floorCorner) * z) / depth - foot);
    const [overX, overY] = [
      Math.abs(x) - (length / 2 - inset - corner),
      Math.abs(y) - (width / 2 - inset - corner),
    ];
    return overX < 0 || overY < 0
      ? Math.max(overX, overY) < corner
      : Math.hypot(overX, overY) < corner;
  };

/** Inside all six flats, and inside the rounding of its corner. */
const hexagon =
  (across: number, depth: number, taperDeg: number, fillet: number, corner: number): Inside =>
  (x, y, z) => {
    const inset = standsIn(z, depth, taperDeg, fillet);
    const rounded = Math.max(0, corner - standsIn(z, depth, 0, fillet));
    const flat = across / 2 - inset - rounded;
    const distances = [0, 1, 2, 3, 4, 5].map(
      (side) => x * Math.cos((side * Math.PI) / 3) + y * Math.sin((side * Math.PI) / 3) - flat,
    );
    const furthest = Math.max(...distances);
    if (furthest < 0) return true;
    const side = distances.indexOf(furthest);
    const along = -x * Math.sin((side * Math.PI) / 3) + y * Math.cos((side * Math.PI) / 3);
    const past = Math.max(0, Math.abs(along) - flat * Math.tan(Math.PI / 6));
    return Math.hypot(furthest, past) < rounded;
  };

/** Inside all three sides of a triangle about the middle of the circle in it, and its roundings. */
const triangle =
  (side: number, depth: number, taperDeg: number, fillet: number, corner: number): Inside =>
  (x, y, z) => {
    const rounded = Math.max(0, corner - standsIn(z, depth, 0, fillet));
    const flat = side / (2 * Math.sqrt(3)) - standsIn(z, depth, taperDeg, fillet) - rounded;
    const distances = [0, 1, 2].map((each) => {
      const turn = -Math.PI / 2 + (each * 2 * Math.PI) / 3;
      return {
        over: x * Math.cos(turn) + y * Math.sin(turn) - flat,
        along: Math.abs(-x * Math.sin(turn) + y * Math.cos(turn)),
      };
    });
    const nearest = distances.reduce((a, b) => (b.over > a.over ? b : a));
    if (nearest.over < 0) return true;
    return Math.hypot(nearest.over, Math.max(0, nearest.along - flat * Math.sqrt(3))) < rounded;
  };

const trough =
  (
    diameter: number,
    depth: number,
    m: number,
    share: number,
    tube: number,
    epsilon: number,
    flutes: number,
  ): Inside =>
  (x, y, z) => {
    const outer = diameter / 2 / (1 + epsilon);
    const rimWidth = outer - tube / 2;
    const width = rimWidth * (1 - (1 - z / depth) ** m) ** (1 / m);
    const radius = Math.hypot(x, y);
    const wall =
      (outer - share * (rimWidth - width)) * (1 + epsilon * Math.cos(flutes * Math.atan2(y, x)));
    return radius < wall && radius > tube / 2 + (1 - share) * (rimWidth - width);
  };

/** The middle of the usual plastic-number sequence: fills a box evenly, and always the same. */
function evenPoints(count: number): readonly (readonly [number, number, number])[] {
  const g = 1.2207440846057596;
  return Array.from(
    { length: count },
    (_, index) =>
      [((index + 1) / g) % 1, ((index + 1) / g ** 2) % 1, ((index + 1) / g ** 3) % 1] as const,
  );
}

const POINTS = evenPoints(60_000);

function counted(inside: Inside, length: number, width: number, depth: number): number {
  const hits = POINTS.filter(([u, v, w]) =>
    inside((u - 0.5) * length, (v - 0.5) * width, w * depth),
  ).length;
  return (hits / POINTS.length) * ((length * width * depth) / 1000);
}

describe("volumes against points counted inside the solid", () => {
  it.each<[string, Tin, number, number, Inside]>([
    ["round", { shape: "round", diameterMm: 200, depthMm: 50 }, 200, 200, round(200, 50, 0, 3)],
    [
      "springform",
      { shape: "springform", diameterMm: 230, depthMm: 65 },
      230,
      230,
      round(230, 65, 0, 0),
    ],
    [
      "skillet",
      { shape: "skillet", diameterMm: 260, depthMm: 50 },
      260,
      260,
      round(260, 50, 20, 8),
    ],
    ["ramekin", { shape: "ramekin", diameterMm: 90, depthMm: 45 }, 90, 90, round(90, 45, 3, 4)],
    ["mug", { shape: "mug", diameterMm: 80, depthMm: 90 }, 80, 80, round(80, 90, 2, 6)],
    ["well", { shape: "well", rimMm: 70, depthMm: 32 }, 70, 70, round(70, 32, 13, 3)],
    [
      "dome",
      { shape: "dome", diameterMm: 200, depthMm: 80 },
      200,
      200,
      (x, y, z) => {
        const sphere = (100 ** 2 + 80 ** 2) / 160;
        return x ** 2 + y ** 2 + (z - sphere) ** 2 < sphere ** 2;
      },
    ],
    [
      "square",
      { shape: "square", sideMm: 200, depthMm: 50 },
      200,
      200,
      rectangle(200, 200, 50, 3, 5, 15, 12),
    ],
    [
      "rectangle of glass",
      { shape: "rectangle", lengthMm: 330, widthMm: 230, depthMm: 50, material: "glass" },
      330,
      230,
      rectangle(330, 230, 50, 6, 12, 38, 30),
    ],
    [
      "shallow sheet",
      { shape: "rectangle", lengthMm: 380, widthMm: 255, depthMm: 25 },
      380,
      255,
      rectangle(380, 255, 25, 8, 5, 20, 16),
    ],
    [
      "loaf",
      { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 },
      216,
      114,
      rectangle(216, 114, 65, 7, 6, 14, 10),
    ],
    [
      "hexagon",
      { shape: "hexagon", widthMm: 200, depthMm: 50 },
      200,
      240,
      hexagon(200, 50, 1, 3, 5),
    ],
    [
      "triangle",
      { shape: "triangle", sideMm: 240, depthMm: 50 },
      260,
      290,
      triangle(240, 50, 1, 3, 5),
    ],
    [
      "oval",
      { shape: "oval", lengthMm: 300, widthMm: 200, depthMm: 50 },
      300,
      200,
      (x, y, z) => {
        const inset = standsIn(z, 50, 3, 3);
        return (x / (150 - inset)) ** 2 + (y / (100 - inset)) ** 2 < 1;
      },
    ],
    [
      "ring",
      { shape: "ring", diameterMm: 240, depthMm: 70 },
      240,
      240,
      trough(240, 70, 2.2, 0.5, 0.36 * 240, 0, 0),
    ],
    [
      "fluted",
      { shape: "fluted", diameterMm: 250, depthMm: 90 },
      250,
      250,
      trough(250, 90, 2, 0.62, 0.3 * 250, 0.04, 12),
    ],
    [
      "tube",
      { shape: "tube", diameterMm: 250, depthMm: 100 },
      250,
      250,
      (x, y, z) => {
        const inset = standsIn(z, 100, 5, 3);
        const radius = Math.hypot(x, y);
        return radius < 125 - inset && radius > 30 + inset;
      },
    ],
    [
      "own shape",
      {
        shape: "drawn",
        depthMm: 60,
        profile: [
          { heightMm: 0, widthMm: 120 },
          { heightMm: 25, widthMm: 200 },
          { heightMm: 60, widthMm: 180 },
        ],
      },
      200,
      200,
      (x, y, z) =>
        Math.hypot(x, y) < (z < 25 ? 120 + (80 * z) / 25 : 200 - (20 * (z - 25)) / 35) / 2,
    ],
    [
      "own shape, long",
      {
        shape: "drawn",
        depthMm: 60,
        rimLengthMm: 280,
        profile: [
          { heightMm: 0, widthMm: 100 },
          { heightMm: 60, widthMm: 180 },
        ],
      },
      280,
      180,
      (x, y, z) =>
        Math.abs(x) < (200 + (80 * z) / 60) / 2 && Math.abs(y) < (100 + (80 * z) / 60) / 2,
    ],
    [
      "outside at the floor",
      {
        shape: "round",
        diameterMm: 200,
        depthMm: 50,
        taperDeg: 5,
        sizes: "outside",
        sizesAt: "floor",
      },
      208,
      208,
      round(198 + 100 * tan(5), 50, 5, 3),
    ],
  ])("%s", (_name, tin, length, width, inside) => {
    const geometry = tinGeometry(tin);
    if (!geometry.ok) throw new Error(JSON.stringify(geometry.issue));
    const expected = counted(inside, length, width, geometry.value.depthMm);
    // Even points settle to about a thousandth; an oval's inset is only approximate, another
    // thousandth.
    expect(Math.abs(brimVolume(geometry.value) / expected - 1)).toBeLessThan(0.003);
  });

  it("a heart holds 0.70 of its box at the rim, less what its lean and its foot take", () => {
    const geometry = tinGeometry({ shape: "heart", widthMm: 220, depthMm: 50, taperDeg: 0 });
    if (!geometry.ok) throw new Error("not a tin");
    const perimeter = (2 + Math.PI) * Math.sqrt((0.7 * 220 ** 2) / (1 + Math.PI / 4));
    expect(
      Math.abs(
        brimVolume(geometry.value) * 1000 -
          (0.7 * 220 ** 2 * 50 - perimeter * 9 * (1 - Math.PI / 4)),
      ),
    ).toBeLessThan(40);
  });

  it("an odd tin holds just what its water said, and is taken to be a quarter as deep as wide", () => {
    const geometry = tinGeometry({ shape: "odd", brimMl: 2000 });
    if (!geometry.ok) throw new Error("not a tin");
    expect(brimVolume(geometry.value)).toBeCloseTo(2000, 6);
    // V = π(4d)²d/4 = 4πd³
    expect(geometry.value.depthMm).toBeCloseTo(Math.cbrt(2_000_000 / (4 * Math.PI)), 9);
  });
});

describe("water", () => {
  const oval: Tin = { shape: "oval", lengthMm: 300, widthMm: 200, depthMm: 50 };
  const drawn = (tin: Tin): number => {
    const geometry = tinGeometry(tin);
    if (!geometry.ok) throw new Error(JSON.stringify(geometry.issue));
    return brimVolume(geometry.value);
  };

  it("is weighed: 998 g cold or 992 g warm are a litre", () => {
    expect([waterMl(998, "cold"), waterMl(992, "warm")]).toEqual([1000, 1000]);
  });

  it("to the brim is met by every tin, whichever of its ends was measured", () => {
    fc.assert(
      fc.property(
        anyTin.filter(({ shape }) => shape !== "odd" && shape !== "well"),
        fc.double({ min: 0.9, max: 1.1, noNaN: true }),
        (plain, share) => {
          const bySize = tinGeometry(plain);
          fc.pre(bySize.ok);
          const brimMl = brimVolume(bySize.value) * share;
          const byWater = tinGeometry({ ...plain, brimMl });
          if (!byWater.ok) throw new Error(JSON.stringify(byWater.issue));
          expect(Math.abs(brimVolume(byWater.value) / brimMl - 1)).toBeLessThan(2e-6);
        },
      ),
      { examples: [[{ shape: "skillet", diameterMm: 100, depthMm: 118 }, 0.9]] },
    );
  });

  it("to the brim and to half the depth is met by both at once", () => {
    const [brimMl, halfMl] = [drawn(oval) * 1.03, drawn(oval) * 0.47];
    const geometry = tinGeometry({ ...oval, brimMl, halfMl });
    if (!geometry.ok) throw new Error(JSON.stringify(geometry.issue));
    expect(brimVolume(geometry.value)).toBeCloseTo(brimMl, 6);
    expect(volumeAt(geometry.value, 25)).toBeCloseTo(halfMl, 6);
  });

  it.each([
    [0.849, false],
    [0.851, true],
    [1.149, true],
    [1.151, false],
  ])("at %d times the sizes is accepted: %s", (ratio, isTaken) => {
    expect(tinGeometry({ ...oval, brimMl: drawn(oval) * ratio }).ok).toBe(isTaken);
  });

  it("is trusted by how it was met, and remarked on past 5 %", () => {
    const straight: Tin = { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 };
    expect(volumeTrust(straight)).toEqual({ basis: "sizes", unsure: 0.05, waterOverSizes: null });
    expect(volumeTrust({ ...straight, brimMl: drawn(straight) * 0.96 })).toEqual({
      basis: "water",
      unsure: 0.01,
      waterOverSizes: null,
    });
    expect(volumeTrust({ ...straight, brimMl: drawn(straight) * 0.93 }).waterOverSizes).toBeCloseTo(
      0.93,
      9,
    );
    const dome: Tin = { shape: "dome", diameterMm: 200, depthMm: 80 };
    expect(volumeTrust({ ...dome, brimMl: drawn(dome) * 1.04 })).toEqual({
      basis: "water-scaled",
      unsure: 0.04,
      waterOverSizes: null,
    });
    expect(volumeTrust({ shape: "odd", brimMl: 900 }).basis).toBe("water-alone");
  });
});

describe("sizes given outside", () => {
  it("lose the wall at the floor, and the lip too at the rim", () => {
    const held = (sizesAt: "rim" | "floor"): number => {
      const geometry = tinGeometry({
        shape: "springform",
        diameterMm: 208,
        depthMm: 50,
        sizes: "outside",
        sizesAt,
      });
      return geometry.ok
        ? Math.sqrt((4 * brimVolume(geometry.value) * 1000) / (Math.PI * 50))
        : Number.NaN;
    };
    expect(held("rim")).toBeCloseTo(200, 6);
    expect(held("floor")).toBeCloseTo(206, 6);
  });
});
