import * as z from "../zod";
import { clockMinutes, minuteOf, minuteOn, nightsBefore, type ClockHours } from "./nights";
import type { Stretch } from "./task";
import { bad, good, type Result } from "../measure";

const line = z._default(z.string().check(z.maxLength(40)), "");

/**
 * How a day is split: all in one go, baked the day before, or all but the pieces put on by the
 * evening before.
 */
export const SPLITS = ["one-go", "baked-before", "finished-before"] as const;

/** A task stands at most so long before its cake is wanted: the days a plan reaches back. */
const MOST_BEFORE_MIN = 6000;

/** When a cake is wanted and when its baker has hands for it, as she wrote it. */
export const DayBoxesSchema = z.strictObject({
  /** Date and hour by the clock: `2026-11-28T15:00`; empty while nobody said. */
  wantedAt: line,
  /** Her days begin and end so. */
  from: line,
  to: line,
  /** Out of the house, on the day it is wanted. */
  outFrom: line,
  outTo: line,
  split: z._default(z.enum(SPLITS), "one-go"),
  /** Tasks she has put elsewhere, by id: they begin so many minutes before the cake is wanted. */
  moved: z._default(
    z.record(z.string().check(z.maxLength(60)), z.int().check(z.gte(0), z.lte(MOST_BEFORE_MIN))),
    {},
  ),
});
export type DayBoxes = z.infer<typeof DayBoxesSchema>;

/** Hours of a day nobody has said anything of. */
export const USUAL_HOURS = { from: "7:00", to: "22:00" } as const;

/**
 * When a cake is wanted, minutes since 1970; when nobody has hands for it; and when the evening
 * before ends.
 */
export type ReadDay = {
  readonly wantedAt: number;
  readonly away: readonly Stretch[];
  readonly eveningBefore: number;
};

/**
 * The boxes read, by the clock of the place the program runs in; null while nobody said when. Fails
 * for what is no time, and for an end before its beginning.
 */
export function readDay({ wantedAt, from, to, outFrom, outTo }: DayBoxes): Result<ReadDay | null> {
  const day = readHours(
    "dayFrom",
    from === "" ? USUAL_HOURS.from : from,
    "dayTo",
    to === "" ? USUAL_HOURS.to : to,
  );
  if (!day.ok) return day;
  const out =
    outFrom === "" && outTo === "" ? good(null) : readHours("outFrom", outFrom, "outTo", outTo);
  if (!out.ok) return out;
  const minute = minuteOf(wantedAt);
  if (minute === null) return wantedAt === "" ? good(null) : unreadable("wantedAt", wantedAt);
  const { fromMin, toMin } = day.value;
  return good({
    wantedAt: minute,
    away: nightsBefore(minute, fromMin, toMin, out.value),
    eveningBefore: minuteOn(minute, 1, toMin),
  });
}

const unreadable = (path: string, value: string): ReturnType<typeof bad> =>
  bad({ code: "unreadable", path, value: value.trim(), expected: "time" });

function readHours(fromPath: string, from: string, toPath: string, to: string): Result<ClockHours> {
  const [fromMin, toMin] = [clockMinutes(from), clockMinutes(to)];
  if (fromMin === null) return unreadable(fromPath, from);
  if (toMin === null || toMin <= fromMin) return unreadable(toPath, to);
  return good({ fromMin, toMin });
}
