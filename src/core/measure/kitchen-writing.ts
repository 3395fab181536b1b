import { cupMl, spoonsMl, type KitchenMeasures } from "./kitchen-measures";
import { roundTo } from "./rounding";

/** One piece of a kitchen measure: 3/4 cup. */
export type Piece = { readonly count: number; readonly unit: "cup" | "tbsp" | "tsp" };
export type KitchenMeasure = {
  /** Largest first, three at most. */
  readonly pieces: readonly Piece[];
  /** What the pieces come to over what was wanted, less one: 0.02 is 2 % too much. */
  readonly error: number;
};

const CUP_PARTS = [0, 1 / 4, 1 / 3, 1 / 2, 2 / 3, 3 / 4];
const TSP_PARTS = [0, 1 / 8, 1 / 4, 1 / 2, 3 / 4];
/** An error smaller than this is not worth another piece. */
const CLOSE = 0.03;

/**
 * A volume as a person would measure it: cups in quarters and thirds, tablespoons, teaspoons to the
 * eighth; at most three pieces, the fewest that come within 3 %, else the nearest that three can
 * do.
 * @param volumeMl above 0
 * @throws RangeError for a volume that is not above 0
 * @example kitchenMeasure(180, US_MEASURES) // { pieces: [{ count: 0.75, unit: "cup" }], error: -0.014 }
 */
export function kitchenMeasure(volumeMl: number, measures: KitchenMeasures): KitchenMeasure {
  if (!(volumeMl > 0)) throw new RangeError(`volume must be above 0 mL, got ${volumeMl}`);
  const cup = cupMl(measures);
  const { tbsp, tsp } = spoonsMl(measures);
  let best: KitchenMeasure | null = null;
  for (const cups of cupCounts(volumeMl / cup)) {
    const afterCups = volumeMl - cups * cup;
    const mostTbsp = Math.max(0, Math.min(3, Math.floor(afterCups / tbsp + 0.5)));
    for (let spoons = 0; spoons <= mostTbsp; spoons += 1) {
      const left = (afterCups - spoons * tbsp) / tsp;
      for (const teas of teaSpoons(left)) {
        const totalMl =
          cups * cup + spoons * tbsp + teas.reduce((sum, count) => sum + count, 0) * tsp;
        const candidate = measureOf(
          [[cups, "cup"], [spoons, "tbsp"], ...teas.map((count) => [count, "tsp"] as const)],
          totalMl,
          volumeMl,
        );
        if (candidate !== null && (best === null || isBetter(candidate, best))) best = candidate;
      }
    }
  }
  return best ?? { pieces: [{ count: 1 / 8, unit: "tsp" }], error: tsp / 8 / volumeMl - 1 };
}

/** Cups in quarters and thirds, just below and just above. Fewer than a quarter cup are spoons. */
function cupCounts(cups: number): readonly number[] {
  const whole = Math.floor(cups);
  return [0, ...CUP_PARTS.flatMap((part) => [whole + part]), whole + 1].filter(
    (count) => count === 0 || count <= cups * 1.06,
  );
}

/**
 * Spoons just below and just above, the eighth also beside another; three teaspoons are a
 * tablespoon.
 */
function teaSpoons(teas: number): readonly (readonly number[])[] {
  if (teas < 1 / 16) return [[0]];
  const whole = Math.floor(teas);
  const single = [0, ...TSP_PARTS.map((part) => whole + part), whole + 1]
    .filter((count) => count < 3)
    .map((count) => [count]);
  return [
    ...single,
    ...(whole < 3
      ? [
          [whole + 1 / 4, 1 / 8],
          [whole + 1 / 2, 1 / 8],
        ]
      : []),
  ];
}

function measureOf(
  parts: readonly (readonly [number, Piece["unit"]])[],
  totalMl: number,
  wantedMl: number,
): KitchenMeasure | null {
  const pieces = parts
    .filter(([count]) => count > 0)
    .map(([count, unit]): Piece => ({ count, unit }));
  // "1 1/2 cups" is two scoops of different cups, so it counts as two pieces.
  if (pieces.length === 0 || pieceCount(pieces) > 3) return null;
  return { pieces, error: roundTo(totalMl / wantedMl - 1, 1e-6) };
}

function pieceCount(pieces: readonly Piece[]): number {
  return pieces.reduce(
    (sum, { count }) => sum + (count > 1 && !Number.isInteger(count) ? 2 : 1),
    0,
  );
}

function isBetter(a: KitchenMeasure, b: KitchenMeasure): boolean {
  const [closeA, closeB] = [Math.abs(a.error) <= CLOSE, Math.abs(b.error) <= CLOSE];
  if (closeA !== closeB) return closeA;
  if (!closeA) return Math.abs(a.error) < Math.abs(b.error);
  const fewer = pieceCount(a.pieces) - pieceCount(b.pieces);
  return fewer === 0 ? Math.abs(a.error) < Math.abs(b.error) : fewer < 0;
}
