import { INCH_MM, readAmount, roundTo } from "@/core/measure";
import type { Units } from "@/words";

/** A thickness as it is written into a box: millimetres to the half, or inches to a fiftieth. */
export function boxText(valueMm: number, units: Units): string {
  return units.measure === "us"
    ? `${roundTo(valueMm / INCH_MM, 0.02)} in`
    : `${roundTo(valueMm, 0.5)} mm`;
}

/**
 * A bare number with the unit it was meant in, so that it means the same when the kitchen's
 * measures are switched.
 * @example withUnit("3/8", US) // "3/8 in"
 */
export function withUnit(text: string, units: Units): string {
  return readAmount(text)?.rest === ""
    ? `${text.trim()} ${units.measure === "us" ? "in" : "mm"}`
    : text;
}
