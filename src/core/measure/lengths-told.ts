// Lengths as they are told, in texts and in boxes.
import { readAmount } from "./number-text";
import { INCH_MM } from "./units";

export type LengthUnit = "mm" | "cm" | "in";

/** Millimetres in one of each unit. */
export const MM_PER: Readonly<Record<LengthUnit, number>> = { mm: 1, cm: 10, in: INCH_MM };

/** A number that may be a length, with where it stands. */
export type ToldLength = {
  readonly value: number;
  /** Null where none is written. */
  readonly unit: LengthUnit | null;
  readonly at: number;
  readonly end: number;
  /** Where an "x" or "by" after it ends; null when none follows. */
  readonly crossEnd: number | null;
};

const NUMBER =
  /(?<!\d)[1-9]\s*[/⁄]\s*(?:[2-9]|16)(?!\d)|\d+(?:[.,]\d+)?(?:[\s-]+\d+\s*[/⁄]\s*\d+|\s?[¼½¾⅐-⅞])?|[¼½¾⅐-⅞]|(?<![\d.])\.\d+/gu;
const UNIT =
  /\s*-?\s*(?:(millimet(?:re|er)s?|mm)|(centimet(?:re|er)s?|cms?)|(inch(?:es)?|in(?!\s+(?:a|the|your|my)\b)|["”″]|''))(?![a-wyz])/iuy;
const CROSS = /\s*-?\s*(?:x(?![a-z])|[×✕*]|by\b)\s*-?\s*/iuy;

/**
 * Every number in a text that may be a length: `9 x 13 inch`, `8½"`, `23-cm`, `2 x 20`. A number
 * with another unit is among them without one: what stands after it says what it is.
 * @example lengthsTold("9 by 13 in") // 9 without a unit, crossed, then 13 in
 */
export function lengthsTold(text: string): readonly ToldLength[] {
  return [...text.matchAll(NUMBER)].flatMap((match) => {
    const value = readAmount(match[0])?.value;
    if (value === undefined) return [];
    const after = match.index + match[0].length;
    const unit = foundAt(UNIT, text, after);
    const end = after + (unit?.[0].length ?? 0);
    const cross = foundAt(CROSS, text, end);
    return [
      {
        value,
        unit: unit === null ? null : unitOf(unit),
        at: match.index,
        end,
        crossEnd: cross === null ? null : end + cross[0].length,
      },
    ];
  });
}

const unitOf = ([, mm, cm]: RegExpExecArray): LengthUnit =>
  mm !== undefined ? "mm" : cm !== undefined ? "cm" : "in";

function foundAt(sticky: RegExp, text: string, at: number): RegExpExecArray | null {
  sticky.lastIndex = at;
  return sticky.exec(text);
}
