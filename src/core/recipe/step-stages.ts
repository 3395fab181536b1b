import type { Stage, Step } from "./schema";
import { readStep } from "./step";

/**
 * A bake shorter than this only browns a base or toasts; the cake's own comes later, minutes.
 * Judgement.
 */
const LEAST_BAKE_MIN = 12;

/**
 * When each of a cake's steps is done: as it says itself, or by whether it stands before the bake,
 * and before the cake cools.
 */
export function stepStages(steps: readonly Step[]): readonly Stage[] {
  const read = steps.map((step) => ({ step, ...readStep(step) }));
  const bakes = read.flatMap(({ kind, minutes, step }, at) =>
    kind === "bake" && (step.stage ?? "oven") === "oven"
      ? [{ at, isLong: minutes === null || minutes.high >= LEAST_BAKE_MIN }]
      : [],
  );
  const bakeAt = (bakes.find(({ isLong }) => isLong) ?? bakes[0])?.at ?? read.length;
  let isCooling = false;
  return read.map(({ step, kind }, at) => {
    const byPlace: Stage =
      at < bakeAt ? "before" : at === bakeAt ? "oven" : isCooling ? "cold" : "hot";
    if (at > bakeAt && kind === "cool") isCooling = true;
    return step.stage ?? byPlace;
  });
}
