import { partsMadeFor } from "@/core/ask";
import { readDay, type CakeOfDay } from "@/core/day";
import type { CakeDoc, PlannedCake } from "@/core/kept";
import { dayCake } from "@/core/plan";

/** A planned cake as a day of several takes it; null where nobody said when it is wanted. */
export function cakeOfDay({ question }: CakeDoc, planned: PlannedCake): CakeOfDay | null {
  const read = readDay(question.day);
  if (!read.ok || read.value === null) return null;
  return {
    cake: dayCake(planned.input, planned.plan, planned.formula, partsMadeFor(question)),
    boxes: question.day,
    read: read.value,
    oven: question.oven,
  };
}
