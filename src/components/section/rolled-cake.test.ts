import { describe, expect, it } from "vitest";
import { spiralBand } from "./rolled-cake";

const points = (path: string): readonly (readonly [number, number])[] =>
  [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/gu)].map(([, x, y]) => [Number(x), Number(y)] as const);

describe("the filling of a roll as it is drawn", () => {
  it("winds from the middle to the skin and is as thick as it is spread", () => {
    const all = points(spiralBand(2.5, 20, 6));
    const radii = all.map(([x, y]) => Math.hypot(x, y));
    expect(Math.max(...radii)).toBeCloseTo(50, 1);
    expect(Math.min(...radii)).toBeCloseTo(0, 1);
    // Its skin end stands below the middle, where the roll lies on its seam; the band ends 6 mm in.
    const outer = all[all.length / 2];
    const inner = all[all.length / 2 - 1];
    expect(outer?.[1]).toBeCloseTo(50, 1);
    expect(inner?.[1]).toBeCloseTo(44, 1);
  });
});
