import { format } from "date-fns";

/**
 * A day as it is said: the same in every browser and on the server.
 * @example dayText(new Date(2026, 11, 5), "long") // "Saturday 5 December"
 */
export function dayText(date: Date, length: "long" | "short"): string {
  return format(date, length === "long" ? "EEEE d MMMM" : "EEE d MMM");
}

/**
 * A date without its weekday, and without the year when that is this one.
 * @example dateText(new Date(2025, 10, 28), new Date(2026, 10, 29)) // "28 Nov 2025"
 */
export function dateText(date: Date, now: Date = new Date()): string {
  return format(date, date.getFullYear() === now.getFullYear() ? "d MMM" : "d MMM yyyy");
}

/** An hour by the clock. @example clockText(new Date(2026, 11, 5, 9, 5)) // "09:05" */
export function clockText(date: Date | number): string {
  return format(date, "HH:mm");
}
