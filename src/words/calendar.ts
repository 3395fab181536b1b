import { parseISO } from "date-fns";
import type { Portions } from "@/core/freezer";
import { localMinute, type CalendarStretch, type Doing } from "@/core/day";
import { clockText, dateText, dayText, monthText } from "./dates";
import { doingText } from "./day";
import { portionsText } from "./freezer";
import type { Units } from "./regions";

export const STRETCH_NAMES = { week: "Week", month: "Month" } as const satisfies Readonly<
  Record<CalendarStretch, string>
>;

/** The days a calendar shows: “December 2026”, “30 Nov to 6 Dec 2026”. */
export function stretchText(
  on: string,
  stretch: CalendarStretch,
  weeks: readonly (readonly string[])[],
  units: Units,
): string {
  if (stretch === "month") return monthText(parseISO(on));
  const [first, last] = [weeks[0]?.[0] ?? on, weeks.at(-1)?.at(-1) ?? on];
  return `${dateText(parseISO(first), units, parseISO(first))} to ${dateText(parseISO(last), units, new Date(0))}`;
}

/** When the baking for a day begins, on the day it begins; minutes since 1970. */
export function beginsText(at: number, of: string, on: string, units: Units): string {
  const hour = clockText(parseISO(localMinute(at)), units);
  return of === on ? `begin ${hour}` : `begin ${hour} for ${dayText(parseISO(of), "short", units)}`;
}

/** Why a day can't be kept. @param stuck what finds no place, where that is known */
export const failingText = (stuck: Doing | null, units: Units): string =>
  stuck === null
    ? "can't be kept: see why"
    : `can't be kept: “${doingText(stuck, units)}” finds no place`;

/** When portions come out of the freezer. @example "take 6 pieces out, 21:00: Ferry loaf" */
export const thawsText = ({ name, left, what }: Portions, at: Date, units: Units): string =>
  `take ${portionsText(left, what)} out, ${clockText(at, units)}: ${name}`;

/** Where a cake was put. @param wantedAt `2026-12-05T15:00`, or empty */
export function movedText(name: string, wantedAt: string, units: Units): string {
  if (wantedAt === "") return `“${name}” has no day now.`;
  const at = parseISO(wantedAt);
  return `“${name}” is wanted ${dayText(at, "long", units)} at ${clockText(at, units)}.`;
}
