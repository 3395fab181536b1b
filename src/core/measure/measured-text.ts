// What the boxes take: a whole text that is one measure, told in the words of any recipe.
import { middle } from "./amount-text";
import { inFigures } from "./in-figures";
import { US_MEASURES } from "./kitchen-measures";
import { readUnit, unitSize, type KitchenUnit } from "./kitchen-units";
import { lengthsTold, MM_PER, type LengthUnit } from "./lengths-told";
import { readAmount, readNumber } from "./number-text";
import { timesTold } from "./times-told";

/** A text in figures, and nothing around it. */
const plain = (text: string): string => inFigures(text).text.trim();

/** What one of a unit is of a measure; null when it measures something else. */
type SizeOf = (unit: KitchenUnit) => number | null;

/**
 * The sum of amounts, each with a unit, that make up a whole text: `2 lb 4 oz`; null when anything
 * else stands in it.
 */
function readSum(text: string, sizeOf: SizeOf): number | null {
  let rest = plain(text);
  let sum: number | null = null;
  while (rest !== "") {
    const amount = readAmount(rest);
    if (amount === null) return null;
    const unit = readUnit(amount.rest);
    const size = unit === null ? 1 : sizeOf(unit.unit);
    if (size === null) return null;
    sum = (sum ?? 0) + amount.value * size;
    rest = (unit === null ? amount.rest : unit.rest).replace(/^and\s+(?=\d)/u, "");
  }
  return sum;
}

/**
 * Grams from `1030`, `1030 g`, `1.2 kg`, `2 lb 4 oz`, `half a kilo`; a bare number is grams. Null
 * when it can't be read.
 * @example readMassG("1.2 kg") // 1200
 */
export function readMassG(text: string): number | null {
  return readSum(text, (unit) => {
    const size = unitSize(unit, US_MEASURES);
    return size.of === "mass" ? size.g : null;
  });
}

/**
 * Millilitres from `1200`, `1.2 L`, `5 cups`, `3 tbsp`, `1/2 tsp`, `a cup and a half` (US); a bare
 * number is mL. Null when it can't be read.
 * @example readVolumeMl("1.2 L") // 1200
 */
export function readVolumeMl(text: string): number | null {
  return readSum(text, (unit) => {
    const size = unitSize(unit, US_MEASURES);
    return size.of === "volume" ? size.ml : null;
  });
}

/**
 * Millimetres from `23 cm`, `9in`, `9"`, `51 mm`, `nine inches`; a bare number is in the unit the
 * kitchen uses. Null when it can't be read.
 * @example readLengthMm("9 in", "cm") // 228.6
 */
export function readLengthMm(text: string, bare: LengthUnit): number | null {
  const figures = plain(text);
  const [length] = lengthsTold(figures);
  if (length === undefined || length.at > 0 || length.end < figures.length) return null;
  // The binary tail of 0.1 x 10 is no part of a size.
  return Number((length.value * MM_PER[length.unit ?? bare]).toFixed(3));
}

/** A range of minutes, with or without its unit. */
const RANGE = /^([\d.,]+)\s*(?:-|–|—|to|or)\s*([\d.,]+)(?=$|\s*m)/iu;

/**
 * Minutes from `34`, `34 min`, `1 h 10 min`, `1 hr 10`, `1h45`, `1 hour and 10 minutes`, `an hour
 * and a quarter`; the middle of a range like `45-50 min`; a bare number is minutes. Null when it
 * can't be read.
 * @example readMinutes("1 h 10 min") // 70
 */
export function readMinutes(text: string): number | null {
  const figures = plain(text);
  const bare = readNumber(figures);
  if (bare !== null) return bare;
  const [range, low = "", high = ""] = RANGE.exec(figures) ?? [];
  if (range !== undefined && (readNumber(low) ?? 0) >= (readNumber(high) ?? 0)) return null;
  const told = range === figures ? `${figures} min` : figures;
  const [time] = timesTold(told);
  if (time === undefined || time.at > 0 || time.end < told.length) return null;
  const { amount } = time;
  return amount.low === amount.high ? amount.low : Math.round(middle(amount));
}
