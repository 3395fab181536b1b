// What a verdict says of the minutes a bake wanted.

/** How a bake came out. */
export const BAKE_VERDICTS = ["under", "right", "over"] as const;
export type BakeVerdict = (typeof BAKE_VERDICTS)[number];

/** σ of one bake's minutes about what it wanted, as a logarithm: eyes, doors, batter. Judgement. */
export const SIGMA_BAKE = 0.06;
/** Minutes called too few or too many are off by at least so much, as a logarithm. Judgement. */
const OFF_BY = 0.04;
/** Beyond so many σ a bake pulls no harder: somebody may have read the clock wrong. */
const HUBER = 2.5;
/** What is left of the curvature of a bake that pulls no harder. */
const LEAST_CURVATURE = 1e-6;

/**
 * First derivative of the log likelihood and minus the second; `bound` is a curvature under which
 * the search for its mode never overshoots.
 */
export type Pull = { readonly slope: number; readonly curvature: number; readonly bound: number };

/**
 * How a bake pulls on the logarithm η of the minutes it wanted, over those forecast: *right* is
 * normal about what it took, σ 0.06, no harder than at 2.5 σ; *under* and *over* say only to which
 * side, Φ((η − y − 0.04)/σ) and Φ((y − 0.04 − η)/σ).
 * @param logRatio y, the logarithm of the minutes it was taken out after, over those forecast
 * @param wanted η
 */
export function pullOf(verdict: BakeVerdict, logRatio: number, wanted: number): Pull {
  if (verdict === "right") {
    const off = (logRatio - wanted) / SIGMA_BAKE;
    const slope = Math.max(-HUBER, Math.min(HUBER, off)) / SIGMA_BAKE;
    const isNear = Math.abs(off) <= HUBER;
    return {
      slope,
      curvature: isNear ? SIGMA_BAKE ** -2 : LEAST_CURVATURE,
      bound: isNear ? SIGMA_BAKE ** -2 : HUBER / Math.abs(off) / SIGMA_BAKE ** 2,
    };
  }
  const side = verdict === "under" ? 1 : -1;
  const at = (side * (wanted - logRatio) - OFF_BY) / SIGMA_BAKE;
  const ratio = densityOverShare(at);
  const curvature = Math.max(LEAST_CURVATURE, (ratio * (at + ratio)) / SIGMA_BAKE ** 2);
  return { slope: (side * ratio) / SIGMA_BAKE, curvature, bound: curvature };
}

/**
 * How many σ a bake is from what the others made one expect of it, in the direction its verdict
 * speaks of; 0 where it agrees.
 * @param variance of what was expected
 */
export function surprise(
  verdict: BakeVerdict,
  logRatio: number,
  expected: { readonly logRatio: number; readonly variance: number },
): number {
  const sigma = Math.hypot(SIGMA_BAKE, Math.sqrt(Math.max(0, expected.variance)));
  const off = logRatio - expected.logRatio;
  if (verdict === "right") return Math.abs(off) / sigma;
  return Math.max(0, OFF_BY + (verdict === "under" ? off : -off)) / sigma;
}

/**
 * The normal density over the share below it, φ(x)/Φ(x), without under- or overflow. Complementary
 * error function by the rational fit of Press et al., Numerical Recipes, relative error 1.2e-7.
 */
export function densityOverShare(x: number): number {
  const z = Math.abs(x) / Math.SQRT2;
  const t = 1 / (1 + z / 2);
  const series = [
    -1.26551223, 1.00002368, 0.37409196, 0.09678418, -0.18628806, 0.27886807, -1.13520398,
    1.48851587, -0.82215223, 0.17087277,
  ].reduceRight((sum, term) => sum * t + term, 0);
  // erfc(z) = t e^(series − z²): the square goes out against the density's own.
  const density = 1 / Math.sqrt(2 * Math.PI);
  if (x <= 0) return (2 * density) / (t * Math.exp(series));
  const phi = density * Math.exp(-(z ** 2));
  return phi / (1 - (t * Math.exp(series - z ** 2)) / 2);
}
