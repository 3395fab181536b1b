import type { PieceSize } from "./cuts";
import { usualPieces } from "./cutting";
import { discTop, type CakeTop } from "./outline";

/** A cake that gives enough pieces for a number of guests. */
export type SizeForGuests = { readonly pieces: number } & (
  | { readonly kind: "round"; readonly diameterMm: number }
  | { readonly kind: "block"; readonly lengthMm: number; readonly widthMm: number }
);

/** Sizes tins come in, mm. */
const ROUNDS_MM = [100, 130, 150, 180, 200, 230, 250, 280, 300, 330, 360];
const BLOCKS_MM = [
  [150, 150],
  [200, 200],
  [230, 230],
  [330, 230],
  [380, 255],
  [460, 330],
] as const;

/**
 * The smallest round and the smallest sheet that give every guest a piece; none where even the
 * largest does not. A round is cut in wedges or in strips, whichever gives more.
 * @param guests whole, 1 or more
 * @throws RangeError for fewer
 * @example sizesForGuests(24, "dessert") // a round of 25 cm, a sheet of 23 by 23 cm
 */
export function sizesForGuests(guests: number, size: PieceSize): readonly SizeForGuests[] {
  if (!Number.isInteger(guests) || guests < 1)
    throw new RangeError(`guests must be a whole number from 1, got ${guests}`);
  const rounds = ROUNDS_MM.map((diameterMm): SizeForGuests => {
    const top = discTop("round", diameterMm / 2, 0);
    return {
      kind: "round",
      diameterMm,
      pieces: Math.max(usualPieces(top, "wedges", size), usualPieces(top, "strips", size)),
    };
  });
  const blocks = BLOCKS_MM.map(([lengthMm, widthMm]): SizeForGuests => ({
    kind: "block",
    lengthMm,
    widthMm,
    pieces: usualPieces(blockTop(lengthMm, widthMm), "grid", size),
  }));
  return [rounds, blocks].flatMap((sizes) => sizes.find(({ pieces }) => pieces >= guests) ?? []);
}

function blockTop(lengthMm: number, widthMm: number): CakeTop {
  return {
    kind: "block",
    halfLengthMm: lengthMm / 2,
    halfWidthMm: widthMm / 2,
    holeMm: 0,
    across: () => [-widthMm / 2, widthMm / 2],
  };
}
