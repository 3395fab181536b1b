/**
 * Chance as plain data: a seed that goes on, so that a simulated device can be told again to the
 * last figure.
 */
export type Chance = { readonly seed: number };

/** A number from 0 to 1 and the chance after it (mulberry32). */
export function drawnNumber({ seed }: Chance): readonly [value: number, next: Chance] {
  const next = (seed + 0x6d2b79f5) >>> 0;
  let mixed = Math.imul(next ^ (next >>> 15), 1 | next);
  mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
  return [((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296, { seed: next }];
}

/** A normal number with σ 1 (Box and Muller), and the chance after it. */
export function drawnNormal(chance: Chance): readonly [value: number, next: Chance] {
  const [one, then] = drawnNumber(chance);
  const [other, next] = drawnNumber(then);
  return [Math.sqrt(-2 * Math.log(1 - one)) * Math.cos(2 * Math.PI * other), next];
}
