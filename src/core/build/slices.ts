// Into how many slices a baked layer is split.
import { MOST_SPLITS } from "./schema";

/** Slices of one of the recipe's cakes, and how high that is at its edge. */
export type SlicedHabit = { readonly slices: number; readonly edgeMm: number };

/** A slice thinner than this tears, mm. */
export const THINNEST_SLICE_MM = 12;

/** A cake less than so much lower or higher than the recipe's is split as that is. Judgement. */
const AS_HIGH = 1.5;

/**
 * As many slices as the recipe's where the cake is about as high, about as thick ones where it is
 * not, and none that tears; 1 where nothing is split.
 */
export function slicesLike(sliced: SlicedHabit | null, edgeMm: number): number {
  if (sliced === null) return 1;
  const higher = edgeMm / sliced.edgeMm;
  const isAsHigh = higher < AS_HIGH && higher > 1 / AS_HIGH;
  const most = Math.min(MOST_SPLITS, Math.floor(edgeMm / THINNEST_SLICE_MM));
  const slices = isAsHigh ? sliced.slices : Math.round(sliced.slices * higher);
  return Math.max(1, Math.min(most, slices));
}
