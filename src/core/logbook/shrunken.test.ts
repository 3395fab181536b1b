import { describe, expect, it } from "vitest";
import { shrunkenMean } from "./shrunken";

describe("a shrunken mean", () => {
  it("moves a little with one value and most of the way with five", () => {
    // (2·1 + 1.3)/3 and (2·1 + 5·1.3)/7.
    expect(shrunkenMean([1.3], 1, 2, 0.15).mean).toBeCloseTo(1.1, 10);
    const five = shrunkenMean([1.3, 1.3, 1.3, 1.3, 1.3], 1, 2, 0.15);
    expect(five.mean).toBeCloseTo(8.5 / 7, 10);
    expect(five.sd).toBeCloseTo(0.15 / Math.sqrt(7), 10);
    expect(five.count).toBe(5);
  });

  it("is what is usual without any", () => {
    expect(shrunkenMean([], 1, 2, 0.15)).toEqual({
      mean: 1,
      sd: 0.15 / Math.SQRT2,
      count: 0,
      setAside: [],
    });
  });

  it("leaves out one that is far from all others, but not one of two", () => {
    expect(shrunkenMean([1.1, 1.12, 2.4, 1.08], 1, 2, 0.15).setAside).toEqual([2]);
    expect(shrunkenMean([1, 2.4], 1, 2, 0.15).setAside).toEqual([]);
  });

  it("never is less sure with more values, and does not mind their order", () => {
    const values = [1.1, 0.94, 1.2, 1.02, 1.3, 0.9];
    const of = (count: number) => shrunkenMean(values.slice(0, count), 1, 2, 0.3);
    for (let count = 1; count <= values.length; count += 1)
      expect(of(count).sd).toBeLessThan(of(count - 1).sd);
    expect(shrunkenMean(values.toReversed(), 1, 2, 0.3).mean).toBeCloseTo(of(6).mean, 12);
  });
});
