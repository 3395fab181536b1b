import type { Batter } from "../mix";
import type { Fill } from "./fill";

/**
 * How often the same tins have to be filled until all of a batter is baked: once where it stays in,
 * else the batter over what they take to their limits, rounded up.
 */
export function timesFilled({ volumeMl }: Batter, { tins, overG }: Fill): number {
  if (overG <= 0) return 1;
  const takenMl = tins.reduce(
    (sum, { limit, geometry }) => sum + geometry.count * limit.volumeMl,
    0,
  );
  return takenMl > 0 ? Math.ceil(volumeMl / takenMl) : 1;
}
