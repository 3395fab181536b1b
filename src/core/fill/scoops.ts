/** A US quart, mL: a scoop's number is how many level ones it holds. */
const QUART_ML = 946.353;
const NUMBERS = [4, 5, 6, 8, 10, 12, 16, 20, 24, 30, 36, 40, 50, 60, 70, 100] as const;
/** Scoops differ by their makers so much, and a cup takes as much more or less. Judgement. */
const MOST_OFF = 0.12;

export type Scoop = { readonly number: number; readonly volumeMl: number };

/**
 * The scoop that holds about as much batter as a cup is to get, level; null where none comes near.
 * Source: trade numbers of scoops, level ones to a US quart.
 * @throws RangeError for nothing to scoop
 * @example scoopFor(40) // { number: 24, volumeMl: 39.4 }
 */
export function scoopFor(volumeMl: number): Scoop | null {
  if (!(volumeMl > 0)) throw new RangeError(`volumeMl must be above 0, got ${volumeMl}`);
  const off = (number: number): number => Math.abs(Math.log(QUART_ML / number / volumeMl));
  const number = NUMBERS.reduce((best, each) => (off(each) < off(best) ? each : best));
  return off(number) > Math.log(1 + MOST_OFF) ? null : { number, volumeMl: QUART_ML / number };
}
