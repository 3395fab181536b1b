import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { tinGeometry, type Tin } from "../tin";
import {
  areaOf,
  cakeTop,
  cutsFor,
  cutTop,
  discTop,
  usualPieces,
  type CakeTop,
  type Cutting,
  type CutStyle,
  type Stroke,
} from ".";

function top(spec: Tin, heightMm = 30): CakeTop {
  const geometry = tinGeometry(spec);
  if (!geometry.ok) throw new Error(JSON.stringify(geometry.issue));
  return cakeTop(geometry.value, heightMm);
}

function cut(of: CakeTop, style: CutStyle, pieces: number): Cutting {
  const found = cutTop(of, style, pieces, "dessert");
  if (!found.ok) throw new Error(JSON.stringify(found.issue));
  return found.cutting;
}

const ROUND = discTop("round", 100, 0);
const SHEET = top({ shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51, taperDeg: 0 });

/**
 * Areas of the pieces the strokes really make: points thrown on a fine grid, joined as long as no
 * stroke lies between neighbours.
 */
function piecesByPaint(of: CakeTop, strokes: readonly Stroke[], step: number): readonly number[] {
  const [w, h] = [Math.ceil(of.halfLengthMm / step), Math.ceil(of.halfWidthMm / step)];
  const key = (i: number, j: number): number => (i + w) * (2 * h + 2) + (j + h);
  const isIn = (x: number, y: number): boolean => {
    if (Math.abs(x) >= of.halfLengthMm || Math.hypot(x, y) < of.holeMm) return false;
    const [low, high] = of.across(x);
    return y > low && y < high;
  };
  const isCut = (ax: number, ay: number, bx: number, by: number): boolean =>
    strokes.some((stroke) => {
      if (stroke.kind === "circle")
        return Math.hypot(ax, ay) < stroke.radiusMm !== Math.hypot(bx, by) < stroke.radiusMm;
      const [[px, py], [qx, qy]] = [stroke.from, stroke.to];
      const side = (x: number, y: number): number => (qx - px) * (y - py) - (qy - py) * (x - px);
      const other = (x: number, y: number): number => (bx - ax) * (y - ay) - (by - ay) * (x - ax);
      return (
        side(ax, ay) * side(bx, by) < 0 &&
        other(px - 0.01 * (qx - px), py - 0.01 * (qy - py)) *
          other(qx + 0.01 * (qx - px), qy + 0.01 * (qy - py)) <=
          0
      );
    });
  const seen = new Set<number>();
  const areas: number[] = [];
  // Off both diagonals, so that no point lies on a stroke.
  const [atX, atY] = [
    (n: number): number => (n + 0.37) * step,
    (n: number): number => (n + 0.61) * step,
  ];
  for (let i = -w; i < w; i += 1) {
    for (let j = -h; j < h; j += 1) {
      if (seen.has(key(i, j)) || !isIn(atX(i), atY(j))) continue;
      let count = 0;
      const waiting: (readonly [number, number])[] = [[i, j]];
      seen.add(key(i, j));
      for (let next = waiting.pop(); next !== undefined; next = waiting.pop()) {
        const [a, b] = next;
        count += 1;
        for (const [c, d] of [
          [a + 1, b],
          [a - 1, b],
          [a, b + 1],
          [a, b - 1],
        ] as const) {
          if (seen.has(key(c, d)) || !isIn(atX(c), atY(d)) || isCut(atX(a), atY(b), atX(c), atY(d)))
            continue;
          seen.add(key(c, d));
          waiting.push([c, d]);
        }
      }
      areas.push(count * step * step);
    }
  }
  return areas.filter((area) => area > 60);
}

describe("equal pieces", () => {
  it.each<[string, () => CakeTop, CutStyle, number]>([
    ["a round in wedges", () => ROUND, "wedges", 12],
    ["a round in an odd number of wedges", () => ROUND, "wedges", 7],
    ["a round in strips", () => ROUND, "strips", 12],
    ["a big round in strips", () => discTop("round", 150, 0), "strips", 24],
    ["a round with a core", () => discTop("round", 130, 0), "core", 20],
    ["a sheet", () => SHEET, "grid", 24],
    ["a ring", () => discTop("ring", 125, 40), "wedges", 14],
    [
      "a loaf",
      () => top({ shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65, taperDeg: 0 }),
      "slices",
      11,
    ],
    [
      "an oval",
      () => top({ shape: "oval", lengthMm: 300, widthMm: 200, depthMm: 50 }),
      "strips",
      18,
    ],
    ["a heart", () => top({ shape: "heart", widthMm: 230, depthMm: 50 }), "strips", 12],
  ])(
    "%s: as many as asked, each within 4 %% of the others where a grid of 1 mm can tell",
    (_name, make, style, pieces) => {
      const of = make();
      const cutting = cut(of, style, pieces);
      const areas = piecesByPaint(of, cutting.strokes, 1);
      expect(areas).toHaveLength(pieces);
      // The paint is good to the length of a piece's edge times half a millimetre.
      for (const area of areas) expect(Math.abs(area / cutting.pieceMm2 - 1)).toBeLessThan(0.04);
    },
  );

  it("strips of a round are equal within a hundredth, against the circle's own segment", () => {
    const cutting = cut(ROUND, "strips", 4);
    const edges = cutting.strokes.flatMap((stroke) =>
      stroke.kind === "line" && stroke.from[0] === stroke.to[0] ? [Math.abs(stroke.from[0])] : [],
    );
    expect(edges).toHaveLength(3);
    const edge = Math.max(...edges);
    const segment = 100 ** 2 * Math.acos(edge / 100) - edge * Math.sqrt(100 ** 2 - edge ** 2);
    expect(Math.abs(segment / (Math.PI * 2500) - 1)).toBeLessThan(0.01);
  });
});

describe("how many pieces", () => {
  it.each([
    [12, 4, 3],
    [15, 5, 3],
    [20, 5, 4],
    [24, 6, 4],
    [35, 7, 5],
  ])("a 13 x 9 in sheet in %d is %d by %d", (pieces, columns, rows) => {
    const { pieceMm } = cut(SHEET, "grid", pieces);
    expect([Math.round(330 / pieceMm[0]), Math.round(229 / pieceMm[1])]).toEqual([columns, rows]);
  });

  it("refuses a prime that only makes ribbons, and offers the nearest that does not", () => {
    expect(cutTop(SHEET, "grid", 23, "dessert")).toEqual({
      ok: false,
      issue: { code: "ribbons", pieces: 23, nearest: 24 },
    });
    expect(cutTop(SHEET, "grid", 1, "dessert").ok).toBe(true);
  });

  it("refuses wedges with an arc under 38 mm, on both sides of the threshold", () => {
    const most = Math.floor((2 * Math.PI * 100) / 38);
    expect(cutTop(ROUND, "wedges", most, "dessert").ok).toBe(true);
    expect(cutTop(ROUND, "wedges", most + 1, "dessert")).toEqual({
      ok: false,
      issue: { code: "too-many-pieces", pieces: most + 1, nearest: most },
    });
  });

  it.each<[string, CakeTop, CutStyle, number]>([
    [
      "a loaf of 216 mm by slices of 19 mm",
      top({ shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65, taperDeg: 0 }),
      "slices",
      11,
    ],
    ["a ring of 250 mm by arcs of 45 mm", discTop("ring", 125, 40), "wedges", 17],
    ["a round of 200 mm in twelve", ROUND, "wedges", 12],
    ["a sheet by pieces of 38 by 50 mm", SHEET, "grid", 42],
  ])("%s", (_name, of, style, pieces) => {
    expect(usualPieces(of, style, "dessert")).toBe(pieces);
  });

  it("knows how each top can be cut, and that cups need no knife", () => {
    expect(cutsFor(SHEET)).toEqual(["grid"]);
    expect(cutsFor(top({ shape: "well", rimMm: 70, depthMm: 32 }))).toEqual([]);
    expect(cutTop(SHEET, "wedges", 8, "dessert")).toEqual({
      ok: false,
      issue: { code: "not-so", pieces: 8, nearest: null },
    });
  });

  it("refuses no pieces, and halves of one", () => {
    expect(() => cutTop(ROUND, "wedges", 0, "dessert")).toThrow(
      "pieces must be a whole number from 1, got 0",
    );
    expect(() => cutTop(ROUND, "wedges", 2.5, "dessert")).toThrow(
      "pieces must be a whole number from 1, got 2.5",
    );
  });

  it("never makes a piece of another area than all of it over their number, whatever is asked", () => {
    const tops = fc.constantFrom(
      ROUND,
      SHEET,
      discTop("ring", 120, 35),
      discTop("round", 140, 0),
      top({ shape: "hexagon", widthMm: 240, depthMm: 50 }),
    );
    fc.assert(
      fc.property(
        tops,
        fc.integer({ min: 1, max: 60 }),
        fc.constantFrom("party" as const, "dessert" as const),
        (of, pieces, size) => {
          for (const style of cutsFor(of)) {
            const found = cutTop(of, style, pieces, size);
            if (found.ok) expect(found.cutting.pieceMm2 * pieces).toBeCloseTo(areaOf(of), 3);
            // What is offered instead can be cut.
            else if (found.issue.nearest !== null)
              expect([found.issue, cutTop(of, style, found.issue.nearest, size).ok]).toEqual([
                found.issue,
                true,
              ]);
          }
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe("the knife", () => {
  it("never leaves the cake", () => {
    const tops = [
      ROUND,
      SHEET,
      discTop("ring", 120, 35),
      discTop("round", 140, 0),
      top({ shape: "hexagon", widthMm: 240, depthMm: 50 }),
      top({ shape: "heart", widthMm: 230, depthMm: 50 }),
      top({ shape: "triangle", sideMm: 260, depthMm: 50 }),
    ];
    for (const of of tops) {
      for (const style of cutsFor(of)) {
        const pieces = usualPieces(of, style, "dessert");
        const found = cutTop(of, style, pieces, "dessert");
        const { strokes } = found.ok ? found.cutting : cut(of, style, found.issue.nearest ?? 1);
        for (const [x, y] of strokes.flatMap((stroke) =>
          stroke.kind === "line" ? [stroke.from, stroke.to] : [],
        )) {
          const [low, high] = of.across(x * 0.9999);
          expect(y).toBeGreaterThanOrEqual(low - 0.6);
          expect(y).toBeLessThanOrEqual(high + 0.6);
        }
      }
    }
  });

  it("halves a round first, then quarters it", () => {
    const [first, second] = cut(ROUND, "wedges", 8).strokes;
    expect(first).toMatchObject({ kind: "line", from: [0, 100] });
    // Across the first at a right angle.
    if (first?.kind !== "line" || second?.kind !== "line") throw new Error("lines expected");
    expect(first.from[0] * second.from[0] + first.from[1] * second.from[1]).toBeCloseTo(0, 6);
  });

  it("cuts a sheet through its middle before the halves", () => {
    const [first, second] = cut(SHEET, "grid", 24).strokes;
    // Four rows: the line through the middle, then those a quarter in.
    expect(first).toMatchObject({ from: [-165, 0], to: [165, 0] });
    expect(second?.kind === "line" ? Math.abs(second.from[1]) : 0).toBeCloseTo(229 / 4, 6);
  });

  it("goes round the core before the ring is cut", () => {
    expect(cut(discTop("round", 130, 0), "core", 20).strokes[0]).toMatchObject({ kind: "circle" });
  });

  it("leaves a cake for one whole", () => {
    for (const [of, style] of [
      [ROUND, "wedges"],
      [SHEET, "grid"],
      [discTop("ring", 120, 35), "wedges"],
    ] as const)
      expect(cut(of, style, 1).strokes).toEqual([]);
  });
});
