import { isUnderFrosting, meltsAway, piecesToBuy, type Dress } from "../finish";
import { sum } from "d3-array";
import { coolDetail } from "./cool-detail";
import type { CakePlan } from "./plan";

/** Something put on at a time of its own, with all that has to be known to do it. */
export type DressDetail = {
  readonly dress: Dress;
  /** On all cakes, g. */
  readonly massG: number;
  /** On all cakes, where it is counted; and how many have to be bought for that. */
  readonly pieces: number | null;
  readonly toBuy: number | null;
  /** Minutes after the oven; null for what goes on when it is cold. */
  readonly afterOvenMin: readonly [least: number, most: number] | null;
  readonly isUnderFrosting: boolean;
  /** Whether it melts, runs or vanishes on a cake as warm as that. */
  readonly meltsAway: boolean;
};

/** Nothing is put on in less than this, min. */
const LEAST_WINDOW_MIN = 5;
/** Warm is from so long after the oven where it does not leave its tin sooner, min. */
const WARM_FROM_MIN = 15;

/**
 * What is put on at a time of its own. Hot: before it leaves its tin warm, while its faces drink what
 * is poured on them; warm: from then on until what is spread melts no more ({@link coolDetail},
 * ±25 %).
 */
export function dressDetail(plan: CakePlan): readonly DressDetail[] {
  const { dress = [] } = plan.finish.wears;
  if (dress.length === 0) return [];
  const cooled = coolDetail(plan);
  const soakMin = Math.min(...cooled.map(({ soakUntilMin }) => soakUntilMin));
  const meltMin = Math.min(...cooled.map(({ meltsUntilMin }) => meltsUntilMin));
  const fromMin = Math.max(
    ...cooled.map(({ out }) => (out.when === "after" ? out.minutes : WARM_FROM_MIN)),
  );
  const windows = {
    hot: [0, Math.max(LEAST_WINDOW_MIN, Math.min(fromMin, soakMin))],
    warm: [fromMin, Math.max(fromMin + LEAST_WINDOW_MIN, meltMin)],
    cold: null,
  } as const;
  const on = plan.finish.quantities.filter(({ thing }) => thing === "dressing");
  return dress.map((each, index): DressDetail => {
    const { what, when } = each;
    const own = on.filter(({ at }) => at === index);
    const isCounted = own.some(({ count }) => count !== null);
    const pieces = isCounted ? sum(own, ({ count, times }) => (count ?? 0) * times) : null;
    return {
      dress: each,
      massG: sum(own, ({ massG }) => massG),
      pieces,
      toBuy: pieces === null ? null : piecesToBuy(what, pieces),
      afterOvenMin: windows[when],
      isUnderFrosting: isUnderFrosting(each) && plan.finish.cover !== "none",
      meltsAway: meltsAway(what, when),
    };
  });
}
