// The other things a log teaches: small means, drawn towards what is usual while there are few.
/** A mean with what it rests on: how many, and σ of one about it. */
export type LearntMean = {
  readonly mean: number;
  readonly sd: number;
  readonly count: number;
  /** Left out as too far from the others: their places in what was given. */
  readonly setAside: readonly number[];
};

/** Values so many σ from their middle are left out, once there are three. */
const FAR = 2.5;
const ENOUGH = 3;

/**
 * A mean drawn towards what is usual: (n0·usual + Σ values)/(n0 + n), those too far from their own
 * middle left out.
 * @param weight n0, how many values what is usual counts for
 * @param sd σ of one value about its mean, in its own unit
 */
export function shrunkenMean(
  values: readonly number[],
  usual: number,
  weight: number,
  sd: number,
): LearntMean {
  const sorted = values.toSorted((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  const middle =
    ((sorted[sorted.length % 2 === 0 ? half - 1 : half] ?? usual) + (sorted[half] ?? usual)) / 2;
  const setAside =
    values.length < ENOUGH
      ? []
      : values.flatMap((value, at) => (Math.abs(value - middle) > FAR * sd ? [at] : []));
  const kept = values.filter((_, at) => !setAside.includes(at));
  const count = kept.length;
  const sum = kept.reduce((all, value) => all + value, 0);
  return {
    mean: (weight * usual + sum) / (weight + count),
    sd: sd / Math.sqrt(weight + count),
    count,
    setAside,
  };
}
