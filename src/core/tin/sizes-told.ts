import { lengthsTold, MM_PER, type LengthUnit, type ToldLength } from "../measure";

/** Lengths of a tin told together, with where they stand. */
export type Size = {
  readonly at: number;
  readonly end: number;
  readonly mm: readonly number[];
};

/** So far after a tin's name its size can follow, in characters. */
const SIZE_AFTER = 52;
/** Figures between a tin and its size that are none: "the big 1, ", "of about 1.5 litres". */
const NO_SIZE =
  /(?<=\p{L} )1\b|\bwith (?:the|a) (?:hole|tube|chimney)\b|\d+(?:[.,]\d+)?[\s-]*(?:litres?|liters?|l|ml|cups?|quarts?|qt|lb|pounds?)\b/gu;

/** Two sides are no paper's: "a tin lined with paper, mine's 30 by 20". */
const LINED = /\b(?:lined|greased|buttered) with \p{L}+/gu;

/** The first size that follows what stands before `end`. */
export function sizeAfter(text: string, end: number, sizes: readonly Size[]): Size | undefined {
  return sizes.find(({ at, mm }) => {
    const lined = mm.length > 1 ? LINED : NO_SIZE;
    const between = text.slice(end, at).replaceAll(NO_SIZE, "").replaceAll(lined, "");
    return (
      at >= end &&
      between.length <= SIZE_AFTER &&
      !/[;\d]|\.(?=\s+\S+\s)|\b(?:or|into|then|minutes?|oven|until|with (?:paper|the|butter|oil)|on a|in a)\b/u.test(
        between,
      )
    );
  });
}

/** More numbers than these are no size: how many there are, and three sides. */
const MOST_IN_ROW = 4;
/** A single length is a tin's between these, mm. */
const [LEAST_MM, MOST_MM] = [60, 700];
/** No more than so many tins are crossed with their size: "2 x 20 cm". */
const MOST_CROSSED = 4;

/** The sizes in a text, from left to right; one told in two units stands once. */
export function sizesIn(text: string): readonly Size[] {
  const sizes = rows(lengthsTold(text)).flatMap((row): readonly Size[] => {
    const [first, last] = [row[0], row.at(-1)];
    if (first === undefined || last === undefined) return [];
    const unit = row.findLast((each) => each.unit !== null)?.unit ?? null;
    const most = Math.max(...row.map(({ value }) => value));
    const mm = row.map(({ value }) => value * MM_PER[unit ?? likelyUnit(most)]);
    const place = { at: first.at, end: last.end };
    if (row.length > 1) return [{ ...place, mm: isCounted(first, mm) ? mm.slice(1) : mm }];
    const [only = 0] = mm;
    return unit !== null && only >= LEAST_MM && only <= MOST_MM ? [{ ...place, mm }] : [];
  });
  return onceEach(sizes, text);
}

/** Lengths that are crossed with each other stand in one row. */
function rows(lengths: readonly ToldLength[]): readonly (readonly ToldLength[])[] {
  const found: ToldLength[][] = [];
  for (const length of lengths) {
    const row = found.at(-1);
    if (row !== undefined && row.length < MOST_IN_ROW && row.at(-1)?.crossEnd === length.at)
      row.push(length);
    else found.push([length]);
  }
  return found;
}

const likelyUnit = (most: number): LengthUnit => (most > 100 ? "mm" : most <= 18 ? "in" : "cm");

/** "2 x 20 cm" are two of 20; "2 x 33 x 23 x 5 cm" two of three sides. */
function isCounted({ value, unit }: ToldLength, mm: readonly number[]): boolean {
  if (mm.length === MOST_IN_ROW) return true;
  const [first = 0, second = 0] = mm;
  return (
    unit === null && value <= MOST_CROSSED && second >= 100 && (mm.length === 2 || first < LEAST_MM)
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
