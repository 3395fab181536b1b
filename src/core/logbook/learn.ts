// What a log of bakes teaches of the next one's minutes.
import {
  addRow,
  latentsOf,
  noValues,
  precisionOf,
  solvedFor,
  sumOf,
  varianceOf,
  type BakePlace,
  type Latents,
  type Precision,
  type Values,
} from "./latents";
import { pullOf, surprise, type BakeVerdict, type Pull } from "./verdicts";

/** A bake that was made, against what was forecast of it. */
export type BakeMade = BakePlace & {
  /** ln of the minutes it took over those forecast from its recipe's own bake, learning left out. */
  readonly logRatio: number;
  readonly verdict: BakeVerdict;
  /** The baker says that it was so, however unlikely: it is never set aside. */
  readonly isConfirmed?: boolean;
};

/** What is learnt of one bake: its minutes over those forecast, as a logarithm, and σ of that. */
export type LearntRatio = { readonly logRatio: number; readonly sd: number };

export type Learnt = {
  /** In the order they were asked for. */
  readonly ratios: readonly LearntRatio[];
  /** Bakes it rests on. */
  readonly bakes: number;
  /** Which bakes were left out, by their places in the log: too far from all others. */
  readonly setAside: readonly number[];
};

/** A bake so many σ from what all others say is left out until it is confirmed or joined. */
const SET_ASIDE = 2.5;
/** No step of the search changes a bake's logarithm by more. */
const MOST_STEP = 0.3;
const MOST_ROUNDS = 40;
const CLOSE = 1e-8;

/**
 * What a log says of some bakes: their minutes over those forecast, ln t* = ln m* + mean. Oven,
 * recipes, families of tins and each recipe's own tins differ by hidden amounts with normal priors;
 * the mode of what is known of them after all verdicts is found by Newton's rounds, and the
 * spread is Laplace's. The order of the log makes no difference.
 * @param readings of a thermometer in the oven, whose mean its dial has
 */
export function learntFrom(
  log: readonly BakeMade[],
  asked: readonly BakePlace[],
  readings = 0,
): Learnt {
  const latents = latentsOf(log, asked, readings);
  const all = fitted(latents, log, new Set());
  const suspects = new Set(outliers(latents, log, all, log.keys()));
  const first = suspects.size === 0 ? all : fitted(latents, log, suspects);
  // One that the others bear out after all counts again.
  const setAside = new Set(outliers(latents, log, first, suspects));
  const { values, precision } =
    setAside.size === suspects.size ? first : fitted(latents, log, setAside);
  return {
    ratios: asked.map((place) => {
      const row = latents.rowOf(place);
      return {
        logRatio: sumOf(row, values),
        sd: Math.sqrt(Math.max(0, varianceOf(precision, row))),
      };
    }),
    bakes: log.length - setAside.size,
    setAside: [...setAside].toSorted((a, b) => a - b),
  };
}

type Fitted = {
  readonly values: Values;
  readonly precision: Precision;
  readonly pulls: readonly Pull[];
};

const NONE: Pull = { slope: 0, curvature: 0, bound: 0 };

/** The mode of the hidden things given the bakes that are not left out. */
function fitted(latents: Latents, log: readonly BakeMade[], left: ReadonlySet<number>): Fitted {
  const { rows, rowAt } = latents;
  let values: Values = noValues(latents);
  for (let round = 0; ; round += 1) {
    const wanted = rows.map((row) => sumOf(row, values));
    const pulls = log.map(({ verdict, logRatio }, bake) =>
      left.has(bake) ? NONE : pullOf(verdict, logRatio, wanted[rowAt[bake] ?? 0] ?? 0),
    );
    const bounds = perRow(latents, pulls, ({ bound }) => bound);
    const slopes = perRow(latents, pulls, ({ slope }) => slope);
    const right = noValues(latents);
    for (const [index, row] of rows.entries())
      addRow(right, row, (bounds[index] ?? 0) * (wanted[index] ?? 0) + (slopes[index] ?? 0));
    const next = solvedFor(precisionOf(latents, bounds), right);
    const step = rows.reduce(
      (most, row, index) => Math.max(most, Math.abs(sumOf(row, next) - (wanted[index] ?? 0))),
      0,
    );
    if (step < CLOSE || round >= MOST_ROUNDS) {
      const curvatures = perRow(latents, pulls, ({ curvature }) => curvature);
      return { values: next, precision: precisionOf(latents, curvatures), pulls };
    }
    values = between(values, next, Math.min(1, MOST_STEP / step));
  }
}

/** A value of each bake's pull, added up by rows. */
function perRow(
  { rows, rowAt }: Latents,
  pulls: readonly Pull[],
  valueOf: (pull: Pull) => number,
): readonly number[] {
  const sums = rows.map(() => 0);
  for (const [bake, pull] of pulls.entries()) {
    const row = rowAt[bake] ?? 0;
    sums[row] = (sums[row] ?? 0) + valueOf(pull);
  }
  return sums;
}

const between = (from: Values, to: Values, share: number): Values => {
  const mixed = (a: readonly number[], b: readonly number[]): number[] =>
    a.map((value, at) => value + share * ((b[at] ?? value) - value));
  return {
    shared: mixed(from.shared, to.shared),
    own: from.own.map((own, block) => mixed(own, to.own[block] ?? own)),
  };
};

/** Those bakes that all others make unlikely: each against what is known without it. */
function outliers(
  latents: Latents,
  log: readonly BakeMade[],
  { values, precision, pulls }: Fitted,
  of: Iterable<number>,
): readonly number[] {
  const known = latents.rows.map((row) => ({
    mean: sumOf(row, values),
    variance: varianceOf(precision, row),
  }));
  return [...of].filter((bake) => {
    const made = log[bake];
    const here = known[latents.rowAt[bake] ?? 0];
    if (made === undefined || here === undefined || made.isConfirmed === true) return false;
    const { slope, curvature } = pulls[bake] ?? NONE;
    const { mean, variance } = here;
    // What it said itself is taken away again from what is known.
    const left = Math.max(1e-9, 1 / variance - curvature);
    const without = {
      logRatio: (mean / variance - (curvature * mean + slope)) / left,
      variance: 1 / left,
    };
    return surprise(made.verdict, made.logRatio, without) > SET_ASIDE;
  });
}
