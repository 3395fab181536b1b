import type { FillVerdict, TinFill } from "./fill";

const WORST_FIRST: readonly FillVerdict[] = ["overflows", "too-thin", "crowns", "fits"];

/**
 * The tin that matters most: one that overflows, else one that is too thin, else one that crowns;
 * among equals the one that comes nearest its rim.
 */
export function worstFill(fills: readonly TinFill[]): TinFill | undefined {
  const risen = ({ peak, geometry }: TinFill): number => peak.crownTopMm / geometry.depthMm;
  return [...fills].sort(
    (a, b) =>
      WORST_FIRST.indexOf(a.verdict) - WORST_FIRST.indexOf(b.verdict) || risen(b) - risen(a),
  )[0];
}
