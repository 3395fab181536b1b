import { KIND_FACTS, type BatterKind, type Spread } from "../kind";
import { isSameTin, type TinGeometry } from "../tin";
import type { FillOptions } from "./options";

/** How many times its raw volume a batter becomes: at its highest in the oven, and cooled. */
export type Growth = { readonly peak: Spread; readonly baked: Spread };

const timesSpread = ({ low, mid, high }: Spread, by: number): Spread => ({
  low: low * by,
  mid: mid * by,
  high: high * by,
});

/**
 * The {@link Growth} of a batter in a tin: p + (1-p)·R cooled, p + (1-p)·R/(1-settle) at its
 * highest, p the share of pieces, which do not rise, and R the kind's rise or the less that the
 * recipe's own tins vouch for. A rise that was measured stands for all of it.
 * @example growthOf("creamed", tin, {}).baked.mid // 1.75
 */
export function growthOf(
  kind: BatterKind,
  { tin }: TinGeometry,
  { piecesShare = 0, vouched, rise: measured }: FillOptions,
): Growth {
  const { rise, settle } = KIND_FACTS[kind];
  // What was measured has its pieces in it.
  if (measured !== undefined) {
    const by = measured / rise.mid;
    return { peak: timesSpread(rise, by / (1 - settle)), baked: timesSpread(rise, by) };
  }
  const isVouched =
    vouched !== undefined &&
    (vouched.onlyIn === null ||
      vouched.onlyIn.some((own) => isSameTin({ ...own, count: 1 }, { ...tin, count: 1 })));
  const most = isVouched ? vouched.rise : Infinity;
  const at = (usual: number, over: number): number =>
    piecesShare + ((1 - piecesShare) * Math.min(usual, most)) / over;
  const spread = (over: number): Spread => ({
    low: at(rise.low, over),
    mid: at(rise.mid, over),
    high: at(rise.high, over),
  });
  return { peak: spread(1 - settle), baked: spread(1) };
}
