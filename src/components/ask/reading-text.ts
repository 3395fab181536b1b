import type { Result } from "@/core/measure";
import { brimVolume, tinGeometry, writeTin, type Assumed, type ReadTin } from "@/core/tin";
import { tinText, volumeText, type Units } from "@/words";

const ASSUMED_WORDS: Readonly<Record<Assumed, string>> = {
  unit: "unit",
  shape: "shape",
  depth: "depth",
  size: "usual size",
};

/** How a tin was read: "rectangle 33 × 23 × 5 cm, holds 3.6 L; depth is a guess". */
export function tinReading({ tin, assumed }: ReadTin, units: Units): string {
  const geometry = tinGeometry(tin);
  const holds = geometry.ok
    ? `, holds ${volumeText(brimVolume(geometry.value), units)}${geometry.value.count > 1 ? " each" : ""}`
    : "";
  const guesses = assumed.filter((part) => part !== "shape").map((part) => ASSUMED_WORDS[part]);
  const guessed = guesses.length === 0 ? "" : `; ${guesses.join(" and ")} assumed`;
  return `${tinText(tin, units)}${holds}${guessed}`;
}

/**
 * A size whose unit had to be assumed, written out, so that it means the same in any kitchen; null
 * when it may stay as it is.
 */
export function settledText(read: Result<ReadTin> | undefined): string | null {
  return read?.ok === true && read.value.assumed.includes("unit") ? writeTin(read.value.tin) : null;
}
