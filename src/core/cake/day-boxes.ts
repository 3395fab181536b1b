import * as z from "zod";
import { clockMinutes } from "../day";
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

/** Clock times of a day, minutes after midnight. */
export type DayHours = { readonly fromMin: number; readonly toMin: number; readonly out: { readonly fromMin: number; readonly toMin: number } | null };

/** The clock times of the boxes read. Fails for what is no time, and for an end before its beginning. */
export function readDayHours({ from, to, outFrom, outTo }: DayBoxes): Result<DayHours> {
  const read = (path: string, text: string): Result<number> => { const minutes = clockMinutes(text); return minutes === null ? bad({ code: "unreadable", path, value: text.trim(), expected: "a time" }) : good(minutes); };
  const fromMin = read("dayFrom", from === "" ? USUAL_HOURS.from : from);
  if (!fromMin.ok) return fromMin;
  const toMin = read("dayTo", to === "" ? USUAL_HOURS.to : to);
  if (!toMin.ok) return toMin;
  if (toMin.value <= fromMin.value) return bad({ code: "unreadable", path: "dayTo", value: to, expected: "a time" });
  if (outFrom === "" && outTo === "") return good({ fromMin: fromMin.value, toMin: toMin.value, out: null });
  const outs = [read("outFrom", outFrom), read("outTo", outTo)] as const;
  const [leaves, returns] = outs;
  if (!leaves.ok) return leaves;
  if (!returns.ok) return returns;
  if (returns.value <= leaves.value) return bad({ code: "unreadable", path: "outTo", value: outTo, expected: "a time" });
  return good({ fromMin: fromMin.value, toMin: toMin.value, out: { fromMin: leaves.value, toMin: returns.value } });
}
