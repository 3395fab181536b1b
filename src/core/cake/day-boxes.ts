import * as z from "zod";
import { clockMinutes, nightsBefore, type ClockHours, type Stretch } from "../day";
import { bad, good, type Result } from "../measure";

const line = z.string().max(40).default("");

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
});
export type DayBoxes = z.infer<typeof DayBoxesSchema>;

/** Hours of a day nobody has said anything of. */
export const USUAL_HOURS = { from: "7:00", to: "22:00" } as const;

/** When a cake is wanted, minutes since 1970, and when nobody has hands for it. */
export type ReadDay = { readonly wantedAt: number | null; readonly away: readonly Stretch[] };

/** The boxes read, by the clock of the place the program runs in. Fails for what is no time, and for an end before its beginning. */
export function readDay({ wantedAt, from, to, outFrom, outTo }: DayBoxes): Result<ReadDay> {
  const day = readHours("dayFrom", from === "" ? USUAL_HOURS.from : from, "dayTo", to === "" ? USUAL_HOURS.to : to);
  if (!day.ok) return day;
  const out = outFrom === "" && outTo === "" ? good(null) : readHours("outFrom", outFrom, "outTo", outTo);
  if (!out.ok) return out;
  const minute = Math.round(new Date(wantedAt).getTime() / MS_PER_MIN);
  if (!Number.isFinite(minute)) return wantedAt === "" ? good({ wantedAt: null, away: [] }) : unreadable("wantedAt", wantedAt);
  return good({ wantedAt: minute, away: nightsBefore(minute, day.value.fromMin, day.value.toMin, out.value) });
}

const MS_PER_MIN = 60_000;
const unreadable = (path: string, value: string): ReturnType<typeof bad> => bad({ code: "unreadable", path, value: value.trim(), expected: "a time" });

function readHours(fromPath: string, from: string, toPath: string, to: string): Result<ClockHours> {
  const [fromMin, toMin] = [clockMinutes(from), clockMinutes(to)];
  if (fromMin === null) return unreadable(fromPath, from);
  if (toMin === null || toMin <= fromMin) return unreadable(toPath, to);
  return good({ fromMin, toMin });
}
