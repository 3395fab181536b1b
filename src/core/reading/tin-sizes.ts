import { INCH_MM, readAmount } from "../measure";

const NUMBER = String.raw`\d+(?:[.,]\d+)?(?:\s+\d\s*\/\s*\d|\s?[½¼¾])?`;

const UNIT = String.raw`(?:centimet(?:re|er)s?|cms?|millimet(?:re|er)s?|mm|inch(?:es)?|inches|in\b(?!\s+(?:a|the|your|my)\b)|["”″]|'')`;

const CROSSED = new RegExp(
  String.raw`(${NUMBER})\s*-?\s*(${UNIT})?\s*-?\s*(?:x|×|by)\s*-?\s*(${NUMBER})\s*-?\s*(${UNIT})?(?:\s*-?\s*(?:x|×|by)\s*-?\s*(${NUMBER})\s*-?\s*(${UNIT})?)?`,
  "giu",
);

const SINGLE = new RegExp(String.raw`(${NUMBER})\s*-?\s*(${UNIT})`, "giu");

/** So far after a tin's name its size can follow, in characters. */
const SIZE_AFTER = 52;

/** Figures between a tin and its size that are none: "the big 1, ", "of about 1.5 litres". */
const NO_SIZE =
  /(?<=\p{L} )1\b|\bwith (?:the|a) (?:hole|tube|chimney)\b|\d+(?:[.,]\d+)?[\s-]*(?:litres?|liters?|l|ml|cups?|quarts?|qt|lb|pounds?)\b/gu;

export function sizeAfter(text: string, end: number, sizes: readonly Size[]): Size | undefined {
  return sizes.find(({ at }) => {
    const between = text.slice(end, at).replaceAll(NO_SIZE, "");
    return (
      at >= end &&
      between.length <= SIZE_AFTER &&
      !/[;\d]|\.(?=\s+\S+\s)|\b(?:or|into|then|minutes?|oven|until|with (?:paper|the|butter|oil)|on a|in a)\b/u.test(
        between,
      )
    );
  });
}

export type Size = {
  readonly at: number;
  readonly end: number;
  readonly mm: readonly number[];
  readonly isSure: boolean;
};

const valueOf = (text: string): number => readAmount(text)?.value ?? Number.NaN;

function mmOf(value: number, unit: string | undefined, most: number): number {
  if (unit === undefined) return value * (most > 100 ? 1 : most <= 18 ? INCH_MM : 10);
  if (/^(?:in|["”″'])/u.test(unit)) return value * INCH_MM;
  return value * (/^(?:mm|milli)/u.test(unit) ? 1 : 10);
}

export function sizesIn(text: string): readonly Size[] {
  const sizes: Size[] = [];
  for (const match of text.matchAll(CROSSED)) {
    const [, first = "", u1, second = "", u2, third, u3] = match;
    const values = [first, second, ...(third === undefined ? [] : [third])].map(valueOf);
    const unit = u3 ?? u2 ?? u1;
    const mm = values.map((value) => mmOf(value, unit, Math.max(...values)));
    // "2 x 20 cm" are two of 20.
    if (third === undefined && u1 === undefined && (values[0] ?? 0) <= 4 && (mm[1] ?? 0) >= 100)
      sizes.push({
        at: match.index,
        end: match.index + match[0].length,
        mm: mm.slice(1),
        isSure: true,
      });
    else
      sizes.push({
        at: match.index,
        end: match.index + match[0].length,
        mm,
        isSure: unit !== undefined,
      });
  }
  for (const match of text.matchAll(SINGLE)) {
    const [at, end] = [match.index, match.index + match[0].length];
    if (sizes.some((size) => at < size.end && end > size.at)) continue;
    const mm = mmOf(valueOf(match[1] ?? ""), match[2], 0);
    if (mm >= 60 && mm <= 700) sizes.push({ at, end, mm: [mm], isSure: true });
  }
  return onceEach(
    sizes.toSorted((a, b) => a.at - b.at),
    text,
  );
}

/** "8-inch (20 cm)" is one size, the first. */
function onceEach(sizes: readonly Size[], text: string): readonly Size[] {
  const once: Size[] = [];
  for (const size of sizes) {
    const before = once.at(-1);
    const [first = 0, again = 0] = [before?.mm[0], size.mm[0]];
    const isSame =
      before !== undefined &&
      /^\s*[-(/,=]+\s*$/u.test(text.slice(before.end, size.at)) &&
      Math.abs(first - again) < 0.05 * first;
    if (isSame) once[once.length - 1] = { ...before, end: size.end };
    else once.push(size);
  }
  return once;
}
