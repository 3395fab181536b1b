"use client";

import { useEffect, useState } from "react";
import { group } from "d3-array";
import { dayPlan, whyNoDay, type Doing } from "@/core/day";
import { cakeOfDay } from "./of-day";
import type { NeededCake } from "../shopping/needed";

/** A cake of a day, planned or not. */
type DatedCake = Pick<NeededCake, "doc" | "planned" | "wantedOn">;

/** A date's baking as far as it is told at a glance. */
export type DayAhead = {
  /** `2026-12-05`. */ readonly date: string;
  /** When it begins, minutes since 1970, and with what; null where the day can't be kept. */
  readonly begin: { readonly at: number; readonly doing: Doing } | null;
  /** What finds no place, where the day can't be kept and that is known. */
  readonly stuck: Doing | null;
};

function ahead(date: string, cakes: readonly DatedCake[]): DayAhead {
  const ofDay = cakes.flatMap(({ doc, planned }) =>
    planned === null ? [] : (cakeOfDay(doc, planned) ?? []),
  );
  const { request, schedule } = dayPlan(ofDay);
  const inTheWay = schedule === null ? whyNoDay(request) : null;
  const stuck = request.tasks.find(({ id }) => id === inTheWay);
  const first = schedule?.placed.toSorted((one, other) => one.from - other.from)[0];
  const doing = request.tasks.find(({ id }) => id === first?.id)?.doing;
  return {
    date,
    begin: first === undefined || doing === undefined ? null : { at: first.from, doing },
    stuck: stuck?.doing ?? null,
  };
}

/** The days of planned cakes, each worked out when the one before is, so that nothing waits. */
export function useDays(cakes: readonly DatedCake[], isWhole: boolean): readonly DayAhead[] {
  const [worked, setWorked] = useState<{
    readonly of: readonly DatedCake[];
    readonly days: readonly DayAhead[];
  }>({ of: [], days: [] });
  const days = worked.of === cakes ? worked.days : [];
  const done = days.length;
  useEffect(() => {
    if (!isWhole) return;
    const next = [...group(cakes, ({ wantedOn }) => wantedOn)][done];
    if (next === undefined) return;
    const [date, own] = next;
    const later = setTimeout(() => {
      const day = ahead(date, own);
      setWorked((before) => ({
        of: cakes,
        days: [...(before.of === cakes ? before.days : []), day],
      }));
    });
    return () => clearTimeout(later);
  }, [cakes, isWhole, done]);
  return days;
}
