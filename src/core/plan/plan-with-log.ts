import type { LoggedBake } from "../logbook";
import type { CakeInput } from "./input";
import { planCake, type CakePlan } from "./plan";

/** A plan that rests on a log, and the bakes of it that could be worked through. */
export type PlanWithLog = { readonly plan: CakePlan; readonly log: readonly LoggedBake[] };

/**
 * A cake planned with a log in place of its own, bakes that can't be worked through left out of it;
 * null where the cake itself can't be planned.
 */
export function planWithLog(input: CakeInput, log: readonly LoggedBake[]): PlanWithLog | null {
  let left = log;
  for (;;) {
    const plan = planCake({ ...input, log: left.length === 0 ? undefined : [...left] });
    if (plan.ok) return { plan: plan.value, log: left };
    const at = /^log\[(\d+)\]/u.exec(plan.issue.path)?.[1];
    if (at === undefined) return null;
    left = left.toSpliced(Number(at), 1);
  }
}
