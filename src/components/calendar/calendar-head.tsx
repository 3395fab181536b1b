import Link from "next/link";
import { addMonths, addWeeks, formatISO, parseISO, startOfMonth } from "date-fns";
import { ChevronLeft, ChevronRight, List } from "lucide-react";
import { CALENDAR_STRETCHES, type CalendarStretch } from "@/core/day";
import { STRETCH_NAMES, stretchText } from "@/words/calendar";
import type { Units } from "@/words";

type CalendarHeadProps = {
  readonly on: string;
  readonly today: string;
  readonly stretch: CalendarStretch;
  readonly weeks: readonly (readonly string[])[];
  readonly units: Units;
};

/** Which days are shown, and the ways to others. */
export function CalendarHead({ on, today, stretch, weeks, units }: CalendarHeadProps) {
  const name = STRETCH_NAMES[stretch].toLowerCase();
  return (
    <div className="mt-2 mb-4 flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
      <h1 className="text-[27px]">{stretchText(on, stretch, weeks, units)}</h1>
      <div className="no-print flex flex-wrap items-center gap-2">
        <Link
          className="button !px-2.5"
          aria-label={`The ${name} before`}
          href={addressOf(shifted(on, stretch, -1), stretch)}
        >
          <ChevronLeft size={18} aria-hidden />
        </Link>
        <Link className="button" href={addressOf(today, stretch)}>
          Today
        </Link>
        <Link
          className="button !px-2.5"
          aria-label={`The ${name} after`}
          href={addressOf(shifted(on, stretch, 1), stretch)}
        >
          <ChevronRight size={18} aria-hidden />
        </Link>
        <nav aria-label="Shown as" className="ml-3 flex gap-1.5 max-sm:ml-0">
          {CALENDAR_STRETCHES.map((each) => (
            <Link
              key={each}
              href={addressOf(on, each)}
              aria-current={each === stretch ? "page" : undefined}
              className="button aria-[current=page]:border-ink aria-[current=page]:bg-yolk-soft"
            >
              {STRETCH_NAMES[each]}
            </Link>
          ))}
          <Link href="/cakes" className="button">
            <List size={17} aria-hidden /> List
          </Link>
        </nav>
      </div>
    </div>
  );
}

const addressOf = (on: string, stretch: CalendarStretch): string =>
  `/calendar?on=${on}${stretch === "month" ? "" : `&as=${stretch}`}`;

/** A day of the stretch before or after. */
function shifted(on: string, stretch: CalendarStretch, by: 1 | -1): string {
  const date = parseISO(on);
  const to = stretch === "week" ? addWeeks(date, by) : addMonths(startOfMonth(date), by);
  return formatISO(to, { representation: "date" });
}
