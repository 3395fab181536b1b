import { heartPlan } from "./heart";
import { hexagonPlan } from "./hexagon";
import { ovalPlan } from "./oval";
import type { PlanRow } from "./plan";
import { rectanglePlan } from "./rectangle";
import { roundPlan } from "./round";
import { trianglePlan } from "./triangle";

export { movedIn, type PlanMask, type PlanSize } from "./plan";

/**
 * The outlines a level cut through a tin can have, a row each.
 * @example PLANS.round.measure({ lengthMm: 200, widthMm: 200, cornerMm: 0 }, 0).areaMm2 // 31415.9…
 */
export const PLANS = {
  round: roundPlan,
  rectangle: rectanglePlan,
  hexagon: hexagonPlan,
  oval: ovalPlan,
  heart: heartPlan,
  triangle: trianglePlan,
} as const satisfies Readonly<Record<string, PlanRow>>;
export type PlanKind = keyof typeof PLANS;

/** What is known of an outline. */
export function planRow(kind: PlanKind): PlanRow {
  return PLANS[kind];
}
