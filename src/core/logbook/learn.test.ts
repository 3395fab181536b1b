import fc from "fast-check";
import { Matrix, solve } from "ml-matrix";
import { describe, expect, it } from "vitest";
import { learntFrom, type BakeMade, type BakePlace } from ".";
import { cholesky, solved } from "./cholesky";
import { densityOverShare } from "./verdicts";

const OWN: BakePlace = {
  recipe: "pear",
  family: "layer",
  ownFamily: "layer",
  tin: "8 in",
  ownTin: "8 in",
  perC: -0.01,
};
const NINE = { ...OWN, tin: "9 in" };
const LOAF = { ...OWN, tin: "loaf", family: "loaf" };
const CUP = { ...OWN, tin: "cup", family: "cup" };
const OTHER = { ...NINE, recipe: "stout" };
const ASKED = [OWN, NINE, LOAF, CUP, OTHER];

const made = (
  place: BakePlace,
  logRatio: number,
  verdict: BakeMade["verdict"] = "right",
): BakeMade => ({ ...place, logRatio, verdict });

describe("what is learnt, against the values worked out for it", () => {
  const five = Array.from({ length: 5 }, () => made(OWN, 0.2));
  it.each<[string, readonly BakeMade[], readonly (readonly [number, number])[]]>([
    [
      "nothing",
      [],
      [
        [0, 0.144],
        [0, 0.183],
        [0, 0.208],
        [0, 0.208],
        [0, 0.183],
      ],
    ],
    [
      "its own tin, 0.20 right",
      [made(OWN, 0.2)],
      [
        [0.1705, 0.055],
        [0.1705, 0.126],
        [0.1705, 0.16],
        [0.1705, 0.16],
        [0.0525, 0.179],
      ],
    ],
    [
      "a loaf, 0.20 right",
      [made(LOAF, 0.2)],
      [
        [0.0885, 0.108],
        [0.1157, 0.134],
        [0.1847, 0.058],
        [0.1366, 0.147],
        [0.0272, 0.181],
      ],
    ],
    [
      "its own tin, 0 under",
      [made(OWN, 0, "under")],
      [
        [0.0999, 0.081],
        [0.0999, 0.139],
        [0.0999, 0.171],
        [0.0999, 0.171],
        [0.0307, 0.18],
      ],
    ],
    [
      "its own tin, 0 over",
      [made(OWN, 0, "over")],
      [
        [-0.0999, 0.081],
        [-0.0999, 0.139],
        [-0.0999, 0.171],
        [-0.0999, 0.171],
        [-0.0307, 0.18],
      ],
    ],
    [
      "its own tin five times",
      five,
      [
        [0.1933, 0.026],
        [0.1933, 0.116],
        [0.1933, 0.153],
        [0.1933, 0.153],
        [0.0595, 0.178],
      ],
    ],
    [
      "its own tin, a loaf and a cup",
      [made(OWN, 0.2), made(LOAF, 0.1), made(CUP, 0, "under")],
      [
        [0.1648, 0.052],
        [0.1528, 0.111],
        [0.1106, 0.056],
        [0.1557, 0.106],
        [0.0507, 0.179],
      ],
    ],
  ])("%s", (_name, log, expected) => {
    const { ratios } = learntFrom(log, ASKED);
    for (const [index, [logRatio, sd]] of expected.entries()) {
      expect(Math.abs((ratios[index]?.logRatio ?? 9) - logRatio)).toBeLessThan(0.00051);
      expect(Math.abs((ratios[index]?.sd ?? 9) - sd)).toBeLessThan(0.00051);
    }
  });
});

describe("a log of bakes", () => {
  const places = [OWN, NINE, LOAF, CUP, OTHER];
  const anyBake = fc
    .record({
      place: fc.constantFrom(...places),
      logRatio: fc.double({ min: -0.35, max: 0.35, noNaN: true }),
      verdict: fc.constantFrom("right" as const, "under" as const, "over" as const),
    })
    .map(({ place, logRatio, verdict }) => made(place, logRatio, verdict));

  it("says the same in any order", () => {
    fc.assert(
      fc.property(
        fc
          .array(anyBake, { maxLength: 12 })
          .chain((log) =>
            fc.tuple(fc.constant(log), fc.shuffledSubarray(log, { minLength: log.length })),
          ),
        ([log, shuffled]) => {
          const [one, other] = [learntFrom(log, ASKED), learntFrom(shuffled, ASKED)];
          for (const [index, { logRatio, sd }] of one.ratios.entries()) {
            expect(other.ratios[index]?.logRatio).toBeCloseTo(logRatio, 6);
            expect(other.ratios[index]?.sd).toBeCloseTo(sd, 6);
          }
          expect(other.setAside).toHaveLength(one.setAside.length);
        },
      ),
      { numRuns: 60 },
    );
  });

  it("never makes one less sure by a bake that was right", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.constantFrom(...places), fc.double({ min: -0.1, max: 0.1, noNaN: true })),
          { maxLength: 10 },
        ),
        fc.constantFrom(...places),
        (bakes, last) => {
          const log = bakes.map(([place, logRatio]) => made(place, logRatio));
          const [before, after] = [log, [...log, made(last, 0)]].map((each) =>
            learntFrom(each, ASKED),
          );
          for (const [index, { sd }] of (after?.ratios ?? []).entries())
            expect(sd).toBeLessThanOrEqual((before?.ratios[index]?.sd ?? 0) + 1e-9);
        },
      ),
      { numRuns: 80 },
    );
  });

  it("sets a lone wild bake aside until it is confirmed, or another agrees", () => {
    const wild = made(OWN, 0.6);
    expect(learntFrom([wild], ASKED)).toMatchObject({ bakes: 0, setAside: [0] });
    expect(learntFrom([wild], ASKED).ratios).toEqual(learntFrom([], ASKED).ratios);
    expect(learntFrom([{ ...wild, isConfirmed: true }], ASKED).setAside).toEqual([]);
    expect(learntFrom([wild, wild], ASKED)).toMatchObject({ bakes: 2, setAside: [] });
    expect(learntFrom([wild, wild], ASKED).ratios[0]?.logRatio).toBeGreaterThan(0.35);
  });

  it("sets aside a verdict that goes against all others, and says which", () => {
    const usual = Array.from({ length: 4 }, () => made(OWN, 0));
    expect(learntFrom([...usual, made(OWN, 0.4, "under")], ASKED).setAside).toEqual([4]);
    expect(learntFrom([...usual, made(OWN, -0.4, "over")], ASKED).setAside).toEqual([4]);
    expect(learntFrom([...usual, made(OWN, -0.4, "under")], ASKED).setAside).toEqual([]);
  });

  it("is surer of the oven the more its thermometer was read", () => {
    const sd = (readings: number): number => learntFrom([], [OWN], readings).ratios[0]?.sd ?? 0;
    // √(0.12² + 0.01²/(1/64 + k/36)), by hand.
    expect(sd(0)).toBeCloseTo(0.1442, 4);
    expect(sd(1)).toBeCloseTo(Math.sqrt(0.0144 + 0.0001 / (1 / 64 + 1 / 36)), 6);
    expect(sd(9)).toBeCloseTo(0.12157, 4);
  });

  it("of two thousand bakes is read like one of two", () => {
    const log = Array.from({ length: 2000 }, (_, at) => {
      const tin = `tin ${at % 14}`;
      const recipe = `recipe ${at % 40}`;
      return made(
        { ...OWN, recipe, tin, ownTin: "tin 0", family: `f ${at % 4}` },
        0.1 * Math.sin(at),
      );
    });
    const asked = { ...OWN, recipe: "recipe 3", tin: "tin 3", ownTin: "tin 0", family: "f 3" };
    const { ratios, bakes } = learntFrom(log, [asked]);
    const alone = log.filter(({ recipe }) => recipe === "recipe 3");
    expect(bakes).toBe(2000);
    // It was baked in that tin some seven times: less is left open than after those alone.
    expect(ratios[0]?.sd).toBeLessThan(learntFrom(alone, [asked]).ratios[0]?.sd ?? 0);
    expect(ratios[0]?.sd).toBeLessThan(0.04);
  });

  it("says of bakes that were right what the covariance of all of them says", () => {
    const same = (one: unknown, other: unknown): number => (one === other ? 1 : 0);
    const differ = (x: string, own: string, y: string, other: string): number =>
      same(x, y) - same(x, other) - same(own, y) + same(own, other);
    const covariance = (a: BakePlace, b: BakePlace): number =>
      0.12 ** 2 * same(a.recipe, b.recipe) +
      64 * a.perC * b.perC +
      0.07 ** 2 * differ(a.family, a.ownFamily, b.family, b.ownFamily) +
      0.08 ** 2 * same(a.recipe, b.recipe) * differ(a.tin, a.ownTin, b.tin, b.ownTin);
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.constantFrom(...places), fc.double({ min: -0.08, max: 0.08, noNaN: true })),
          { minLength: 1, maxLength: 8 },
        ),
        fc.constantFrom(...places),
        (bakes, asked) => {
          const log = bakes.map(([place, logRatio]) => made(place, logRatio));
          const all = new Matrix(
            log.map((a, i) => log.map((b, j) => covariance(a, b) + (i === j ? 0.06 ** 2 : 0))),
          );
          const to = Matrix.columnVector(log.map((bake) => covariance(bake, asked)));
          const mean = to
            .transpose()
            .mmul(solve(all, Matrix.columnVector(log.map(({ logRatio }) => logRatio))));
          const gone = to.transpose().mmul(solve(all, to));
          const [ratio] = learntFrom(log, [asked]).ratios;
          expect(ratio?.logRatio).toBeCloseTo(mean.get(0, 0), 7);
          expect(ratio?.sd).toBeCloseTo(Math.sqrt(covariance(asked, asked) - gone.get(0, 0)), 7);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe("the sums under it", () => {
  it.each([
    [0, 0.797885],
    [-2, 2.373216],
    [-10, 10.098093],
    [-40, 40.024969],
    [3, 0.004438],
    [30, 0],
  ])("the density over the share below %d is %d", (x, ratio) => {
    expect(densityOverShare(x)).toBeCloseTo(ratio, 5);
  });

  it("solves what it multiplied", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 4, maxLength: 4 }),
          {
            minLength: 4,
            maxLength: 4,
          },
        ),
        fc.array(fc.double({ min: -9, max: 9, noNaN: true }), { minLength: 4, maxLength: 4 }),
        (a, x) => {
          const dot = (p: readonly number[], q: readonly number[]): number =>
            p.reduce((sum, value, at) => sum + value * (q[at] ?? 0), 0);
          const matrix = a.map((p, i) => a.map((q, j) => dot(p, q) + (i === j ? 1 : 0)));
          const back = solved(
            cholesky(matrix),
            matrix.map((row) => dot(row, x)),
          );
          for (const [at, value] of x.entries()) expect(back[at]).toBeCloseTo(value, 6);
        },
      ),
    );
  });

  it("refuses what is no covariance", () => {
    expect(() =>
      cholesky([
        [1, 2],
        [2, 1],
      ]),
    ).toThrow(RangeError);
  });
});
