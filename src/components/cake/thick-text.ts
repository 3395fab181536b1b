import { INCH_MM, roundTo } from "@/core/measure";
import type { Units } from "@/words";

/** A thickness as it is written into a box: millimetres to the half, or inches to a fiftieth. */
export function boxText(valueMm: number, units: Units): string {
  return units.measure === "us" ? `${roundTo(valueMm / INCH_MM, 0.02)} in` : `${roundTo(valueMm, 0.5)} mm`;
}
