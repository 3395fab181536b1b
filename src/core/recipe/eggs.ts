/**
 * Whole eggs are good enough when they move the recipe by no more than this, as a share. Judgement.
 */
const EGG_SLACK = 0.08;

export type EggChoice = {
  /** Eggs the factor asks for: 2.67. */
  readonly wanted: number;
  readonly eggs: number;
  /**
   * How it was settled: eggs came out whole, the whole recipe moved to whole or half eggs, or only
   * the eggs were rounded.
   */
  readonly how: "exact" | "whole" | "half" | "eggs-only";
  /** The factor for the whole recipe after settling. */
  readonly times: number;
  /** Liquid to add (or leave out, negative) when only the eggs were rounded, g. */
  readonly liquidG: number;
};

const withinSlack = (times: number, asked: number): boolean =>
  Math.abs(times / asked - 1) <= EGG_SLACK;

/**
 * Settles odd eggs after scaling. The whole recipe moves to a whole number of eggs when that is
 * allowed, usually when it changes it by 8 % or less, else to a half (one beaten and weighed); else
 * only the eggs are rounded, and liquid makes up their water.
 * @param eggs in the recipe as written; above 0
 * @param allows whether the recipe may be made so many times instead of as often as asked
 * @example settleEggs(3, 0.9, 50) // 2.7 eggs: whole would be 11 % off, half 7 %: 2.5 eggs, recipe × 0.833
 */
export function settleEggs(
  eggs: number,
  times: number,
  eggG: number,
  allows = withinSlack,
): EggChoice {
  if (!(eggs > 0)) throw new RangeError(`eggs must be above 0, got ${eggs}`);
  const wanted = eggs * times;
  const nearest = (step: number): number =>
    [Math.floor(wanted / step) * step, Math.ceil(wanted / step) * step]
      .filter((count) => count > 0)
      .reduce(
        (best, count) =>
          Math.abs(count / wanted - 1) < Math.abs(best / wanted - 1) ? count : best,
        Math.ceil(wanted / step) * step,
      );
  const whole = nearest(1);
  if (Math.abs(whole / wanted - 1) < 1e-6)
    return { wanted, eggs: whole, how: "exact", times, liquidG: 0 };
  if (allows(whole / eggs, times))
    return { wanted, eggs: whole, how: "whole", times: whole / eggs, liquidG: 0 };
  const half = nearest(0.5);
  if (allows(half / eggs, times))
    return { wanted, eggs: half, how: "half", times: half / eggs, liquidG: 0 };
  // An egg is three quarters water.
  return {
    wanted,
    eggs: Math.max(1, whole),
    how: "eggs-only",
    times,
    liquidG: 0.75 * eggG * (wanted - Math.max(1, whole)),
  };
}
