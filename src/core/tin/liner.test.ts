import { describe, expect, it } from "vitest";
import fc from "fast-check";
import {
  linerPages,
  linerPieces,
  linerSvg,
  paperNeeded,
  PAPERS,
  tinGeometry,
  type LinerPiece,
  type Tin,
} from ".";
import { anyTin } from "./any-tin.test-data";

function pieces(tin: Tin): readonly LinerPiece[] {
  const geometry = tinGeometry(tin);
  if (!geometry.ok) throw new Error(JSON.stringify(geometry.issue));
  return linerPieces(geometry.value);
}
const first = (tin: Tin): LinerPiece => {
  const [found] = pieces(tin);
  if (found === undefined) throw new Error("no liner");
  return found;
};
const named = (tin: Tin, kind: LinerPiece["kind"]): LinerPiece => {
  const found = pieces(tin).find((each) => each.kind === kind);
  if (found === undefined) throw new Error(`no ${kind}`);
  return found;
};

/**
 * Every point of a path of lines and arcs, arcs walked in small steps. Only what liners use: M, L,
 * A, Z.
 */
function points(path: string): readonly (readonly [number, number])[] {
  const found: (readonly [number, number])[] = [];
  let here: readonly [number, number] = [0, 0];
  for (const [, command, numbers = ""] of path.matchAll(/([MLAZ])([^MLAZ]*)/gu)) {
    const values = numbers.trim().split(/\s+/u).map(Number);
    const to: readonly [number, number] = [values.at(-2) ?? 0, values.at(-1) ?? 0];
    if (command === "A") {
      const [radius = 0, ry = 0, , isLarge = 0, sweep = 0] = values;
      // An ellipse is walked as the circle it was stretched from.
      const stretch = ry / radius;
      const [fromY, toY] = [here[1] / stretch, to[1] / stretch];
      const chord = Math.hypot(to[0] - here[0], toY - fromY);
      const apart =
        Math.sqrt(Math.max(0, radius ** 2 - (chord / 2) ** 2)) * (isLarge === sweep ? -1 : 1);
      const [ux, uy] = [(to[0] - here[0]) / chord, (toY - fromY) / chord];
      const centre = [(here[0] + to[0]) / 2 - uy * apart, (fromY + toY) / 2 + ux * apart] as const;
      const begin = Math.atan2(fromY - centre[1], here[0] - centre[0]);
      let turn = Math.atan2(toY - centre[1], to[0] - centre[0]) - begin;
      if (sweep === 1 && turn < 0) turn += 2 * Math.PI;
      if (sweep === 0 && turn > 0) turn -= 2 * Math.PI;
      for (let step = 1; step <= 400; step += 1)
        found.push([
          centre[0] + radius * Math.cos(begin + (turn * step) / 400),
          stretch * (centre[1] + radius * Math.sin(begin + (turn * step) / 400)),
        ]);
      here = to;
    } else if (command !== "Z") {
      found.push(to);
      here = to;
    }
  }
  return found;
}

function areaOf(path: string): number {
  const all = points(path);
  return Math.abs(
    all.reduce((sum, [x, y], index) => {
      const [nextX, nextY] = all[(index + 1) % all.length] ?? [0, 0];
      return sum + (x * nextY - nextX * y) / 2;
    }, 0),
  );
}

describe("liners against their formulas", () => {
  it("a disc is 2 mm smaller than the floor", () => {
    const disc = first({ shape: "round", diameterMm: 200, depthMm: 50 });
    expect(disc.box).toEqual({ x: -99, y: -99, width: 198, height: 198 });
    expect(areaOf(disc.outline) / (Math.PI * 99 * 99)).toBeCloseTo(1, 4);
  });

  it("a straight tin's strip is its perimeter and 25 mm long, its slant and 25 mm high", () => {
    const strip = named({ shape: "springform", diameterMm: 200, depthMm: 60 }, "side-strip");
    expect([strip.box.width, strip.box.height]).toEqual([Math.PI * 200 + 25, 85]);
  });

  it.each([
    [2.99, "side-strip"],
    [3, "side-strip"],
    [3.01, "sector"],
  ] as const)("a wall that leans %d° takes a %s", (taperDeg, kind) => {
    expect(
      pieces({ shape: "springform", diameterMm: 200, depthMm: 60, taperDeg }).map(
        (each) => each.kind,
      ),
    ).toEqual(["disc", kind]);
  });

  it("a leaning tin's sector is the unrolled cone, with its lip and its overlap", () => {
    const sector = named(
      { shape: "springform", diameterMm: 240, depthMm: 50, taperDeg: 20 },
      "sector",
    );
    const lean = 50 * Math.tan(Math.PI / 9);
    const [r1, r0, s] = [120, 120 - lean, Math.hypot(50, lean)];
    const [inner, outer] = [(r0 * s) / lean, (r1 * s) / lean + 25];
    const angle = (2 * Math.PI * lean) / s + 25 / outer;
    expect(areaOf(sector.outline) / ((angle / 2) * (outer ** 2 - inner ** 2))).toBeCloseTo(1, 3);
    const all = points(sector.outline);
    expect(Math.max(...all.map(([x]) => x)) - Math.min(...all.map(([x]) => x))).toBeCloseTo(
      sector.box.width,
      1,
    );
    expect(Math.max(...all.map(([, y]) => y))).toBeCloseTo(sector.box.y + sector.box.height, 1);
    expect(Math.min(...all.map(([, y]) => y))).toBeCloseTo(sector.box.y, 1);
    // The inner arc goes once round the floor, but for the overlap.
    expect(inner * (angle - 25 / outer)).toBeCloseTo(2 * Math.PI * r0, 6);
  });

  it("a rectangle's sheet goes up its walls and 15 mm over, cut in from each corner to the floor's", () => {
    const sheet = first({
      shape: "rectangle",
      lengthMm: 330,
      widthMm: 230,
      depthMm: 50,
      taperDeg: 0,
    });
    expect([sheet.box.width, sheet.box.height]).toEqual([330 + 130, 230 + 130]);
    expect(sheet.slits).toContain("M230 180L165 115");
    expect(sheet.slits.match(/M/gu)).toHaveLength(4);
  });

  it("a loaf's sling is a little narrower than the tin and 40 mm longer on each side; two strips line its ends", () => {
    const loaf: Tin = { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65, taperDeg: 0 };
    expect(named(loaf, "sling").box).toMatchObject({ width: 212, height: 114 + 130 + 80 });
    expect(named(loaf, "end-strip")).toMatchObject({ count: 2, box: { width: 110, height: 145 } });
  });

  it("a tube tin's ring slips over the tube, with a slit every 15 mm", () => {
    const tube = named(
      { shape: "tube", diameterMm: 250, depthMm: 100, tubeMm: 60, taperDeg: 0 },
      "ring-disc",
    );
    expect(tube.box.width).toBe(248);
    expect(tube.outline).toContain("A31 31");
    expect(tube.slits.match(/M/gu)).toHaveLength(Math.ceil((Math.PI * 62) / 15));
  });

  it("a triangle's disc is a millimetre smaller on each of its sides", () => {
    const disc = first({ shape: "triangle", sideMm: 300, depthMm: 50, taperDeg: 0 });
    expect(disc.box.width).toBeCloseTo(300 - 2 * Math.sqrt(3), 6);
    expect(disc.box.height).toBeCloseTo(150 * Math.sqrt(3) - 3, 6);
  });

  it("a heart's disc fills the box of its floor, less its ease", () => {
    const disc = first({ shape: "heart", widthMm: 202, depthMm: 50, taperDeg: 0 });
    const all = points(disc.outline);
    expect(Math.max(...all.map(([x]) => x))).toBeCloseTo(100, 0);
    expect(Math.max(...all.map(([, y]) => y)) - Math.min(...all.map(([, y]) => y))).toBeCloseTo(
      200,
      0,
    );
    // A square and two half-circles are 0.67 of their box.
    expect(areaOf(disc.outline) / 200 ** 2).toBeCloseTo(
      (4 + Math.PI) / (2 * (1 + Math.SQRT1_2) * (3 * Math.SQRT1_2 + 1)),
      2,
    );
  });

  it.each<Tin>([
    { shape: "fluted", diameterMm: 250, depthMm: 90 },
    { shape: "well", rimMm: 70, depthMm: 32, count: 12 },
    { shape: "dome", diameterMm: 200, depthMm: 80 },
    { shape: "odd", brimMl: 2000 },
  ])("$shape has none", (tin) => {
    expect(pieces(tin)).toEqual([]);
  });
});

describe("pages", () => {
  const disc = (diameterMm: number): LinerPiece =>
    first({ shape: "springform", diameterMm, depthMm: 60 });
  it.each([
    ["a4", 200, 0],
    ["a4", 200.1, 1],
    ["a4", 287, 1],
    ["a4", 287.1, 2],
    ["letter", 205.9, 0],
    ["letter", 206, 1],
    ["letter", 269.4, 1],
    ["letter", 269.5, 2],
  ] as const)("on %s the disc of a %d mm tin is folded %d times", (paper, diameterMm, folded) => {
    expect(linerPages(disc(diameterMm), paper)).toMatchObject([{ folded, tile: null }]);
  });

  it("fold a strip again and again rather than tile it", () => {
    expect(
      linerPages(named({ shape: "springform", diameterMm: 260, depthMm: 60 }, "side-strip"), "a4"),
    ).toMatchObject([{ folded: 2, window: { width: (Math.PI * 260 + 25) / 4 } }]);
  });

  it("fold a curved strip upon itself into a narrower one of the same radii", () => {
    const sector = named(
      { shape: "springform", diameterMm: 240, depthMm: 100, taperDeg: 5 },
      "sector",
    );
    const [page, ...others] = linerPages(sector, "a4");
    if (page === undefined) throw new Error("no page");
    expect(others).toEqual([]);
    expect(page).toMatchObject({ tile: null, folded: 2, foldLeft: false });
    expect(areaOf(page.outline) * 4).toBeCloseTo(areaOf(sector.outline), -2);
  });

  it("are tiles that overlap by 10 mm only when no fold will do, and together show the whole piece", () => {
    const huge = disc(500);
    const pages = linerPages(huge, "a4");
    expect(pages.length).toBeGreaterThan(1);
    expect(Math.min(...pages.map(({ window }) => window.x))).toBe(huge.box.x);
    expect(Math.max(...pages.map(({ window }) => window.x + window.width))).toBeCloseTo(
      huge.box.x + huge.box.width,
      9,
    );
    expect(Math.max(...pages.map(({ window }) => window.y + window.height))).toBeCloseTo(
      huge.box.y + huge.box.height,
      9,
    );
    const [left, right] = pages;
    expect((left?.window.x ?? 0) + (left?.window.width ?? 0) - (right?.window.x ?? 0)).toBeCloseTo(
      10,
      9,
    );
  });

  it("of any tin lie within their margins, with the check square inside the page", () => {
    fc.assert(
      fc.property(anyTin, fc.constantFrom(...PAPERS), (tin, paper) => {
        for (const piece of pieces(tin)) {
          for (const page of linerPages(piece, paper)) {
            expect(page.xMm).toBeGreaterThanOrEqual(6);
            expect(page.xMm + page.window.width).toBeLessThanOrEqual(page.widthMm - 6 + 1e-6);
            expect(page.yMm + page.window.height).toBeLessThanOrEqual(page.heightMm - 6 + 1e-6);
            expect(page.checkSquare).toMatchObject({ width: 50, height: 50 });
            expect(page.checkSquare.x + 50).toBeLessThanOrEqual(page.widthMm - 6 + 1e-6);
            expect(page.checkSquare.y).toBeGreaterThanOrEqual(0);
          }
        }
      }),
    );
  });

  it("say their true size in mm, and escape what is written on them", () => {
    const piece = disc(180);
    const [page] = linerPages(piece, "a4");
    if (page === undefined) throw new Error("no page");
    const svg = linerSvg(piece, page, ["tin & <paper>"]);
    expect(svg).toContain('width="210mm" height="297mm" viewBox="0 0 210 297"');
    expect(svg).toContain("tin &amp; &lt;paper&gt;");
  });
});

describe("paper needed", () => {
  it("lays a 20 cm disc and its strip side by side where they fit, along the roll where they don't", () => {
    // The strip, 653 x 75 mm, lies along; the disc, 198 mm, has room beside it.
    expect(paperNeeded(pieces({ shape: "springform", diameterMm: 200, depthMm: 50 }))).toBeCloseTo(
      Math.PI * 200 + 25,
      6,
    );
  });

  it("is none for a tin that is not lined", () => {
    expect(paperNeeded([])).toBe(0);
  });
});
