"use client";

import Link from "next/link";
import { ChefHat } from "lucide-react";
import { MS_PER_MIN } from "@/core/measure";
import { minutesText, type Units } from "@/words";
import { timerText } from "@/words/clocks";
import { doingText } from "@/words/day";
import { useNow } from "../frame/now";
import type { RunningBake } from "./running-bake";

/** What is being baked, with the clocks that run. */
export function Running({
  bakes,
  units,
}: {
  readonly bakes: readonly RunningBake[];
  readonly units: Units;
}) {
  const now = useNow();
  if (bakes.length === 0) return null;
  return (
    <section aria-label="Baking now" className="space-y-2">
      {bakes.map(({ id, name, isRehearsal, timers, next }) => (
        <div
          key={id}
          className="panel flex flex-wrap items-center gap-x-6 gap-y-2 border-ink px-6 py-3 max-sm:px-4"
        >
          <div className="min-w-0 flex-1 basis-64">
            <h2 className="text-[19px] break-words">
              {isRehearsal ? `Rehearsing: ${name}` : name}
            </h2>
            <p className="text-ink-2">
              {next === null ? "Only waiting now." : doingText(next, units)}
            </p>
          </div>
          <ul aria-label="Clocks" className="flex flex-wrap gap-x-6 gap-y-1">
            {timers.map(({ doing, isStanding, endsAtMs }) => (
              <li key={`${doing.do} ${endsAtMs}`}>
                <span className="figure-text block text-[22px] leading-tight">
                  {now === null ? "…" : leftText(endsAtMs / MS_PER_MIN - now)}
                </span>
                <span className="text-[14px] text-ink-2">
                  {timerText(doing, isStanding, units)}
                </span>
              </li>
            ))}
          </ul>
          <Link className="button button-next" href={`/bakes/${id}`}>
            <ChefHat size={18} aria-hidden /> On with it
          </Link>
        </div>
      ))}
    </section>
  );
}

const leftText = (minutes: number): string =>
  minutes < 1 ? "about now" : minutesText(Math.round(minutes));
