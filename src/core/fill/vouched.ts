import { KIND_FACTS } from "../kind";
import type { OnBatter } from "./on-batter";
import type { Batter } from "../mix";
import type { Fill } from "./fill";
import { crowningAllowed, roomFor } from "./limit";

/**
 * A batter that stood above the brim before it rose says that its volume or the tin is wrong, not
 * that it falls.
 */
const LEAST_RISE = 1;

/**
 * The most a batter can rise, over its raw volume, so that it just reaches the rims of the recipe's
 * own tins; null where its kind's usual rise stays inside them, or where no rise at all would.
 * @param own the recipe's own tins with the whole batter in them, nothing vouched for
 * @param onBatter what the recipe lays under or on it there
 */
export function vouchedRise(batter: Batter, own: Fill, onBatter: OnBatter = []): number | null {
  const { settle, rise } = KIND_FACTS[batter.kind];
  const pieces = batter.piecesMl / batter.volumeMl;
  const options = { piecesShare: pieces, onBatter };
  const rises = own.tins.flatMap(({ geometry, batterMl, fruitMl, verdict }) => {
    if (verdict !== "overflows" || pieces >= 1) return [];
    const allowedMm = Math.max(0, crowningAllowed(batter.kind, geometry, options));
    const times = (roomFor(batter.kind, geometry, options, allowedMm) - fruitMl) / batterMl;
    return [(1 - settle) * ((times - pieces) / (1 - pieces))];
  });
  const most = Math.min(...rises);
  return rises.length === 0 || most < Math.min(LEAST_RISE, rise.low) ? null : most;
}
