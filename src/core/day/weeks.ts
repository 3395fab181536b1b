import {
  addDays,
  endOfMonth,
  formatISO,
  isValid,
  parseISO,
  startOfMonth,
  startOfWeek,
} from "date-fns";

/** What a calendar shows at once. */
export const CALENDAR_STRETCHES = ["week", "month"] as const;
export type CalendarStretch = (typeof CALENDAR_STRETCHES)[number];

const isoDay = (date: Date): string => formatISO(date, { representation: "date" });

/**
 * The days a calendar shows around one, week by week: whole weeks, so that those of a month begin
 * and end in its neighbours.
 * @param on `2026-12-05` @param firstDay what a week begins with, 0 for Sunday
 * @throws RangeError for what is no date
 * @example weeksShown("2026-12-05", "week", 1)[0]?.[0] // "2026-11-30"
 */
export function weeksShown(
  on: string,
  stretch: CalendarStretch,
  firstDay: 0 | 1,
): readonly (readonly string[])[] {
  const date = parseISO(on);
  if (!isValid(date)) throw new RangeError(`the day of a calendar must be a date, got ${on}`);
  const startOf = (day: Date): Date => startOfWeek(day, { weekStartsOn: firstDay });
  const first = startOf(stretch === "week" ? date : startOfMonth(date));
  const last = stretch === "week" ? date : endOfMonth(date);
  const weeks: string[][] = [];
  for (let monday = first; monday <= last; monday = addDays(monday, 7))
    weeks.push(Array.from({ length: 7 }, (_, day) => isoDay(addDays(monday, day))));
  return weeks;
}

/** The hour of a cake that had none before it was put on a day. A judgement: noon. */
const USUAL_HOUR = "T12:00";

/**
 * A cake's date and hour put on another day, its hour kept.
 * @param wantedAt `2026-12-05T15:00`, or empty @param on `2026-12-06`
 * @example wantedOnDay("2026-12-05T15:00", "2026-12-06") // "2026-12-06T15:00"
 */
export function wantedOnDay(wantedAt: string, on: string): string {
  const hour = wantedAt.slice("2026-12-05".length);
  return `${on}${hour === "" ? USUAL_HOUR : hour}`;
}
