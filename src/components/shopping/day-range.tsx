"use client";

import { addDays, formatISO, parseISO } from "date-fns";
import { useNow } from "../frame/now";
import { MS_PER_MIN } from "@/core/measure";

type Days = { readonly from: string; readonly to: string };

const STRETCHES = [
  { days: 7, name: "One week" },
  { days: 14, name: "Two weeks" },
  { days: 28, name: "Four weeks" },
] as const;

const isoDay = (date: Date): string => formatISO(date, { representation: "date" });

/** Which days are shopped for: a stretch from today on, or any two dates. */
export function DayRange({
  from,
  to,
  onChange,
}: Days & { readonly onChange: (days: Days) => void }) {
  const now = useNow();
  const today = now === null ? null : isoDay(new Date(now * MS_PER_MIN));
  return (
    <div className="no-print flex flex-wrap items-end gap-x-3 gap-y-2">
      <div role="group" aria-label="Days from today on" className="flex gap-1.5">
        {STRETCHES.map(({ days, name }) => {
          const last = today === null ? null : isoDay(addDays(parseISO(today), days - 1));
          return (
            <button
              key={days}
              type="button"
              className="button aria-pressed:border-ink aria-pressed:bg-yolk-soft"
              aria-pressed={today === from && last === to}
              disabled={today === null}
              onClick={() => today !== null && last !== null && onChange({ from: today, to: last })}
            >
              {name}
            </button>
          );
        })}
      </div>
      <label className="label flex items-center gap-1.5">
        From
        <input
          type="date"
          className="field !w-[9.2rem] !px-2 text-ink"
          value={from}
          onChange={({ target: { value } }) =>
            value !== "" && onChange({ from: value, to: value > to ? value : to })
          }
        />
      </label>
      <label className="label flex items-center gap-1.5">
        to
        <input
          type="date"
          className="field !w-[9.2rem] !px-2 text-ink"
          value={to}
          min={from}
          onChange={({ target: { value } }) => value >= from && onChange({ from, to: value })}
        />
      </label>
    </div>
  );
}
