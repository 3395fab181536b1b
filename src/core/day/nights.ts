import { isExists, isSameDay, lightFormat, setMinutes, startOfDay, subDays } from "date-fns";
import type { Stretch } from "./task";
import { MS_PER_MIN } from "../measure";

/** From and to by the clock, minutes after midnight. */
export type ClockHours = { readonly fromMin: number; readonly toMin: number };

/** Days before the hour it is wanted that a day's work may reach back to. */
const DAYS_BACK = 3;

/**
 * A time of the day, minutes after midnight by the clock: `7:30`, `13`, `1pm`, `noon`; null when it
 * is none.
 * @example clockMinutes("7:30") // 450
 */
export function clockMinutes(text: string): number | null {
  const said = text.trim().toLowerCase();
  if (said === "noon" || said === "midday") return NOON_MIN;
  if (said === "midnight") return 2 * NOON_MIN;
  const found =
    /^(\d{1,2})(?:\s*[:.h]\s*(\d{2}))?\s*(?:(am|pm|a\.m\.|p\.m\.|noon)|o'?clock|h|uhr)?$/u.exec(
      said,
    );
  if (found === null) return null;
  const [hours, minutes] = [Number(found[1]), Number(found[2] ?? 0)];
  const half = found[3]?.replaceAll(".", "");
  if (minutes > 59 || (half !== undefined && (hours < 1 || hours > 12))) return null;
  const hour = half === undefined ? hours : (hours % 12) + (half === "am" ? 0 : 12);
  return hour * 60 + minutes > 2 * NOON_MIN ? null : hour * 60 + minutes;
}

const NOON_MIN = 720;

/** Years a cake may be wanted in. */
const YEARS = { from: 1970, to: 2199 } as const;

/**
 * A date with an hour by the clock, as a minute since 1970 where the program runs:
 * `2026-12-05T15:00`, `2026-12-05 3pm`. Null for a day that is in no calendar, such as the 31st of
 * February, and for anything else.
 */
export function minuteOf(text: string): number | null {
  const found = /^\s*(\d{4})-(\d{1,2})-(\d{1,2})(?:T|\s+)(.+?)(?::00(?:\.0+)?)?\s*$/iu.exec(text);
  if (found === null) return null;
  const [year, month, day] = [Number(found[1]), Number(found[2]), Number(found[3])];
  const clock = clockMinutes(found[4] ?? "") ?? clockMinutes(`${found[4] ?? ""}:00`);
  if (clock === null || !isExists(year, month - 1, day)) return null;
  if (year < YEARS.from || year > YEARS.to) return null;
  return minuteOn(new Date(year, month - 1, day).getTime() / MS_PER_MIN, 0, clock);
}

/**
 * A minute since 1970 by the clock of the place the program runs in.
 * @example localMinute(0) // "1970-01-01T00:00" in Greenwich
 */
export function localMinute(minute: number): string {
  return lightFormat(minute * MS_PER_MIN, "yyyy-MM-dd'T'HH:mm");
}

/**
 * An hour by the clock on the day of a minute, or on a day before it.
 * @param clockMin minutes after midnight
 */
export function minuteOn(minute: number, daysBack: number, clockMin: number): number {
  const midnight = startOfDay(subDays(minute * MS_PER_MIN, daysBack));
  return Math.round(setMinutes(midnight, clockMin).getTime() / MS_PER_MIN);
}

/** Whether a stretch of time is a night, not hours out by day: a midnight is in it. */
export function isOvernight({ from, to }: Stretch): boolean {
  return !isSameDay((from - 1) * MS_PER_MIN, to * MS_PER_MIN);
}

/**
 * When a baker has no hands for it: before the hour her days begin, after the hour they end, and
 * while she is out. By the clock of the place the program runs in, so that a night on which the
 * clocks change is as long as it really is.
 * @param wantedAt minutes since 1970
 * @param fromMin when her days begin, minutes after midnight; @param toMin when they end
 * @param out when she is out of the house on the day it is wanted
 */
export function nightsBefore(
  wantedAt: number,
  fromMin: number,
  toMin: number,
  out: ClockHours | null = null,
): readonly Stretch[] {
  const at = (daysBack: number, clockMin: number): number => minuteOn(wantedAt, daysBack, clockMin);
  const nights = Array.from({ length: DAYS_BACK + 1 }, (_, back): Stretch => ({
    from: at(back + 1, toMin),
    to: at(back, fromMin),
  }));
  const tonight: Stretch = { from: at(0, toMin), to: Infinity };
  const beyond: Stretch = { from: -Infinity, to: at(DAYS_BACK, fromMin) };
  const gone = out === null ? [] : [{ from: at(0, out.fromMin), to: at(0, out.toMin) }];
  return [tonight, ...nights, beyond, ...gone].filter(({ from, to }) => to > from);
}
