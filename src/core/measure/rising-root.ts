/** Each step at least halves the bracket: more would be below the last digit of a double. */
const MOST_STEPS = 60;

/**
 * The x from `low` to `high` at which a rising function passes zero; `low` or `high` when it does
 * so nowhere between. Ridders' method: an exponential through both ends and the middle, so that
 * smooth functions take a few steps and kinked ones still halve the bracket.
 * @param tolerance how far off x may be, in x's own unit; above 0
 * @throws RangeError for a tolerance that is not above 0
 * @example risingRoot((x) => x * x - 2, 0, 2, 1e-9) // 1.41421356…
 */
export function risingRoot(
  rising: (x: number) => number,
  low: number,
  high: number,
  tolerance: number,
): number {
  if (!(tolerance > 0)) throw new RangeError(`tolerance must be above 0, got ${tolerance}`);
  let [below, above] = [low, high];
  let [atBelow, atAbove] = [rising(below), rising(above)];
  if (atBelow >= 0) return below;
  if (atAbove <= 0) return above;
  let last = Number.NaN;
  for (let step = 0; step < MOST_STEPS && above - below > tolerance; step += 1) {
    const middle = (below + above) / 2;
    const atMiddle = rising(middle);
    const x =
      middle - ((middle - below) * atMiddle) / Math.sqrt(atMiddle * atMiddle - atBelow * atAbove);
    const atX = rising(x);
    if (atX === 0 || Math.abs(x - last) < tolerance / 2) return x;
    last = x;
    // Of the middle and x, those below zero raise the lower end, those above it lower the upper
    // end.
    for (const [at, value] of [
      [middle, atMiddle],
      [x, atX],
    ] as const) {
      if (value < 0 && at > below) [below, atBelow] = [at, value];
      if (value >= 0 && at < above) [above, atAbove] = [at, value];
    }
  }
  return (below + above) / 2;
}
