import { expect, it } from "vitest";
import { ruleErrors, USUAL_TIMES, usualComparison } from ".";

it("compares every usual time with the forecast from the first, and says how far outside the range it falls", () => {
  const comparison = usualComparison();
  expect(comparison).toHaveLength(USUAL_TIMES.length);
  for (const { usual, closedFormMin, missMin } of comparison) {
    const outside =
      closedFormMin < usual.fromMin
        ? usual.fromMin - closedFormMin
        : closedFormMin > usual.toMin
          ? closedFormMin - usual.toMin
          : 0;
    expect(missMin).toBeCloseTo(outside, 9);
  }
  expect(comparison[0]?.closedFormMin).toBeCloseTo(34.5, 9);
});

it("measures the rules from every usual bake to every other one", () => {
  const errors = new Map(ruleErrors().map(({ rule, mean, worst }) => [rule, { mean, worst }]));
  // The depth rule by hand, for its worst pair: minutes in proportion to depth from a sheet to a
  // ring.
  expect(errors.get("depth")?.worst ?? 0).toBeGreaterThan(errors.get("depth")?.mean ?? 1);
  for (const { mean, worst } of errors.values()) {
    expect(mean).toBeGreaterThan(0);
    expect(worst).toBeGreaterThanOrEqual(mean);
  }
  expect(errors.get("closed-form")?.mean ?? 1).toBeLessThan(errors.get("depth")?.mean ?? 0);
});
