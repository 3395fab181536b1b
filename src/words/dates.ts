import { format } from "date-fns";
import { REGION_ROWS, type Units } from "./regions";

const isMonthFirst = ({ region }: Units): boolean => REGION_ROWS[region].isMonthFirst;

/**
 * A day as it is said where she is: the same in every browser and on the server.
 * @example dayText(new Date(2026, 11, 5), "long", METRIC) // "Saturday 5 December"
 * @example dayText(new Date(2026, 11, 5), "long", unitsOfRegion("us")) // "Saturday, December 5"
 */
export function dayText(date: Date, length: "long" | "short", units: Units): string {
  if (isMonthFirst(units)) return format(date, length === "long" ? "EEEE, MMMM d" : "EEE, MMM d");
  return format(date, length === "long" ? "EEEE d MMMM" : "EEE d MMM");
}

/**
 * A date without its weekday, and without the year when that is this one.
 * @example dateText(new Date(2025, 10, 28), METRIC, new Date(2026, 10, 29)) // "28 Nov 2025"
 */
export function dateText(date: Date, units: Units, now: Date = new Date()): string {
  const isThisYear = date.getFullYear() === now.getFullYear();
  if (isMonthFirst(units)) return format(date, isThisYear ? "MMM d" : "MMM d, yyyy");
  return format(date, isThisYear ? "d MMM" : "d MMM yyyy");
}

/**
 * An hour by her clock.
 * @example clockText(new Date(2026, 11, 5, 9, 5), METRIC) // "09:05"; "9:05 AM" by a clock of twelve hours
 */
export function clockText(date: Date | number, { clock, region }: Units): string {
  if (clock === "24") return format(date, "HH:mm");
  return format(date, REGION_ROWS[region].isMonthFirst ? "h:mm\u00a0aa" : "h:mm\u00a0aaa");
}

/** @example monthText(new Date(2026, 11, 5)) // "December 2026" */
export const monthText = (date: Date): string => format(date, "MMMM yyyy");

/** @example weekdayText(new Date(2026, 11, 5)) // "Saturday" */
export const weekdayText = (date: Date): string => format(date, "EEEE");
