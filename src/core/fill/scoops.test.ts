import { describe, expect, it } from "vitest";
import { scoopFor } from "./scoops";

describe("the scoop for a cup", () => {
  it.each([
    // A quart of 946 mL holds 24 of 39.4 mL, 16 of 59.1 mL, 12 of 78.9 mL.
    [40, 24, 39.4],
    [57, 16, 59.1],
    [80, 12, 78.9],
    [47, 20, 47.3],
  ])("of %d mL is number %d", (ml, number, holds) => {
    const scoop = scoopFor(ml);
    expect(scoop?.number).toBe(number);
    expect(scoop?.volumeMl).toBeCloseTo(holds, 1);
  });

  it("is none where the next one holds an eighth more or less", () => {
    expect(scoopFor(1000)).toBeNull();
    expect(scoopFor(4)).toBeNull();
  });

  it("refuses nothing to scoop", () => {
    expect(() => scoopFor(0)).toThrow("volumeMl must be above 0, got 0");
  });
});
