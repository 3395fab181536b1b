"use client";

import { parseISO } from "date-fns";
import Link from "next/link";
import { clockText, dayText } from "@/words/dates";
import { doingText } from "@/words/day";
import type { Units } from "@/words";
import { MS_PER_MIN } from "@/core/measure";
import { clockAt, dateAt, useNow } from "../frame/now";
import { StandingCake } from "../section/standing-cake";
import type { NeededCake } from "../shopping/needed";
import type { DayAhead } from "../day/use-days";

type WeekAheadProps = {
  readonly cakes: readonly NeededCake[];
  readonly days: readonly DayAhead[];
  /** Cakes that are still to be worked out. */
  readonly awaited: number;
  /** Cakes that are being baked now: nothing of them is to be begun. */
  readonly baking: ReadonlySet<string>;
  readonly units: Units;
};

/** The cakes of the coming days on one bench line, in order, and what to begin next. */
export function WeekAhead({ cakes, days, awaited, baking, units }: WeekAheadProps) {
  const now = useNow();
  const toBake = cakes.filter(({ isBaked }) => !isBaked);
  const isBegun = (day: DayAhead): boolean =>
    toBake.every(({ id, wantedOn }) => wantedOn !== day.date || baking.has(id));
  const left = days.filter((day) => !isBegun(day));
  const next = left.find(({ begin }) => begin !== null);
  const failing = left.find(({ begin }) => begin === null);
  const isAwaited = awaited > 0 || days.length < new Set(toBake.map((cake) => cake.wantedOn)).size;
  const begins = new Map(days.map(({ date, begin }) => [date, begin?.at ?? null]));
  return (
    <section aria-label="The coming days" className="panel overflow-hidden">
      <div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2 px-6 pt-4 max-sm:px-4">
        <p role="status" className="min-w-0 flex-1 basis-72">
          {next?.begin == null ? (
            <span className="figure-text text-[25px] leading-tight">
              {isAwaited
                ? "Working out the days…"
                : failing === undefined
                  ? "Nothing else to begin"
                  : "A day that can't be kept"}
            </span>
          ) : (
            <>
              <span className="figure-text block text-[25px] leading-tight">
                {now !== null && next.begin.at < now
                  ? `Should have begun at ${clockAt(next.begin.at, units)}`
                  : `Begin at ${clockAt(next.begin.at, units)}`}{" "}
                on {dateAt(next.begin.at, units)}
              </span>
              <span className="text-ink-2">{doingText(next.begin.doing, units)}</span>
            </>
          )}
        </p>
        {next !== undefined && (
          <Link className="button button-next" href={`/day?on=${next.date}`}>
            The day of {dayText(parseISO(next.date), "short", units)}
          </Link>
        )}
      </div>
      {failing !== undefined && (
        <p className="px-6 pt-2 font-semibold text-tomato max-sm:px-4">
          {dayText(parseISO(failing.date), "long", units)} can&apos;t be kept as it is:{" "}
          <Link className="underline underline-offset-4" href={`/day?on=${failing.date}`}>
            see why, and what would help
          </Link>
          .
        </p>
      )}
      <ul aria-label="Cakes to come" className="mt-3 flex overflow-x-auto max-sm:flex-col">
        {cakes.map(({ id, name, wantedOn, isBaked, planned, doc }) => (
          <li key={id} className="flex w-56 shrink-0 flex-col max-sm:w-auto">
            <span
              aria-hidden
              className="flex h-24 items-end justify-center border-b-[3px] border-ink max-sm:h-16"
            >
              {planned !== null && <StandingCake plan={planned.plan} pxPerMm={0.45} />}
            </span>
            <Link
              href={`/cakes/${id}`}
              className="block px-4 py-2.5 text-center leading-snug underline-offset-4 hover:underline"
            >
              <span className="block font-semibold break-words">{name}</span>
              <span className="block text-[14px] text-ink-2">
                {dayText(parseISO(wantedOn), "short", units)},{" "}
                {clockText(parseISO(doc.question.day.wantedAt), units)}
              </span>
              <span className="block text-[14px] text-ink-2">
                {isBaked
                  ? "baked"
                  : planned === null
                    ? "can't be planned yet"
                    : beginText(begins.get(wantedOn), wantedOn, units)}
              </span>
            </Link>
          </li>
        ))}
        {Array.from({ length: awaited }, (_, index) => (
          <li key={index} aria-hidden className="flex w-56 shrink-0 flex-col max-sm:hidden">
            <span className="h-24 border-b-[3px] border-ink" />
            <span className="px-4 py-2.5 text-center text-ink-2">…</span>
          </li>
        ))}
        <li aria-hidden className="flex flex-1 flex-col max-sm:hidden">
          <span className="h-24 border-b-[3px] border-ink" />
        </li>
      </ul>
    </section>
  );
}

/** When its day begins; with the day itself where that is another one. */
function beginText(at: number | null | undefined, wantedOn: string, units: Units): string {
  if (at === undefined) return "\u00a0";
  if (at === null) return "its day can't be kept";
  const date = new Date(at * MS_PER_MIN);
  const isSame = dayText(date, "short", units) === dayText(parseISO(wantedOn), "short", units);
  return `begin ${isSame ? "" : `${dayText(date, "short", units)}, `}${clockAt(at, units)}`;
}
