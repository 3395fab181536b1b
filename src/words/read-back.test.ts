import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readLengthMm, readMassG, readMinutes, readTempC, readVolumeMl } from "@/core/measure";
import { readTin, type Tin } from "@/core/tin";
import {
  depthText,
  exactLengthText,
  exactWeightText,
  gramsText,
  heatText,
  lengthText,
  minutesText,
  ovenText,
  tinText,
  volumeText,
  weightText,
  type Units,
} from ".";
import { METRIC } from "./regions";

const HABITS: readonly Units[] = [
  { ...METRIC, measure: "metric", heat: "C" },
  { ...METRIC, measure: "metric", heat: "F" },
  { ...METRIC, measure: "us", heat: "C" },
  { ...METRIC, measure: "us", heat: "F" },
];

/** A way to write a value, and the box that reads such a value. */
type Pair = {
  readonly values: fc.Arbitrary<number>;
  readonly write: (value: number, units: Units) => string;
  readonly read: (text: string, units: Units) => number | null;
};
const between = (min: number, max: number): fc.Arbitrary<number> =>
  fc.double({ min, max, noNaN: true });
const lengthIn = (text: string, { measure }: Units): number | null =>
  readLengthMm(text, measure === "metric" ? "cm" : "in");

const PAIRS: Readonly<Record<string, Pair>> = {
  weight: { values: between(1, 20_000), write: weightText, read: readMassG },
  "weight as weighed": {
    values: fc.integer({ min: 1, max: 200_000 }).map((tenths) => tenths / 10),
    write: gramsText,
    read: readMassG,
  },
  "exact weight": { values: between(3, 20_000), write: exactWeightText, read: readMassG },
  volume: { values: between(3, 20_000), write: volumeText, read: readVolumeMl },
  length: { values: between(20, 600), write: lengthText, read: lengthIn },
  depth: { values: between(4, 300), write: depthText, read: lengthIn },
  "exact length": { values: between(4, 600), write: exactLengthText, read: lengthIn },
  heat: {
    values: between(60, 280),
    write: heatText,
    read: (text, { heat }) => readTempC(text, heat),
  },
  "an oven's heat": {
    values: between(100, 260),
    write: ovenText,
    read: (text, { heat }) => readTempC(text, heat),
  },
  minutes: { values: fc.integer({ min: 1, max: 2880 }), write: minutesText, read: readMinutes },
};

describe("whatever is written is read back to the same value, in every habit", () => {
  it.each(Object.entries(PAIRS))("%s", (_name, { values, write, read }) => {
    fc.assert(
      fc.property(values, fc.constantFrom(...HABITS), (value, units) => {
        const written = write(value, units);
        const back = read(written, units);
        expect(back, `“${written}” is read`).not.toBeNull();
        expect(write(back ?? 0, units)).toBe(written);
      }),
      { numRuns: 500 },
    );
  });

  it("a tin by its name and sizes", () => {
    const size = fc.integer({ min: 60, max: 400 });
    const depthMm = fc.integer({ min: 20, max: 120 });
    const tins: fc.Arbitrary<Tin> = fc.oneof(
      // Nor can "6 x 3", which may be six of three, of a tin so small.
      fc.record({
        shape: fc.constantFrom("round", "springform"),
        diameterMm: fc.integer({ min: 250, max: 400 }),
        depthMm,
      }),
      // "Square 8 x 8" is 8 wide, as bakers write it: one as deep as it is wide can't be told so.
      fc
        .record({ shape: fc.constant("square"), sideMm: size, depthMm })
        .filter((tin) => tin.sideMm > 1.5 * tin.depthMm),
      fc
        .record({ shape: fc.constantFrom("rectangle", "loaf"), a: size, b: size, depthMm })
        .map(({ shape, a, b, depthMm: depth }) => ({
          shape,
          lengthMm: Math.max(a, b),
          widthMm: Math.min(a, b),
          depthMm: depth,
        })),
    );
    fc.assert(
      fc.property(tins, fc.constantFrom(...HABITS), (tin, units) => {
        const written = tinText(tin, units);
        const back = readTin(written, units.measure);
        expect(back.ok, `“${written}” is read`).toBe(true);
        if (back.ok) expect(tinText(back.value.tin, units)).toBe(written);
      }),
      { numRuns: 300 },
    );
  });
});
