// Numbers in words, as they are written and dictated, turned into figures.
import { NUMBER_WORDS } from "./number-words";
import { remembered } from "./remembered";

/** A text with its numbers in figures, and where each stretch of it stood in the text it was. */
export type Figured = {
  readonly text: string;
  /** Where the character at a place of `text` comes from. */
  readonly from: (at: number) => number;
};

const TENS = ["twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"];
const VALUES: ReadonlyMap<string, number> = new Map([
  ...NUMBER_WORDS.map((word, value) => [word, value] as const),
  ...TENS.map((word, index) => [word, 20 + 10 * index] as const),
  ["fourty", 40],
]);
const SHARES: ReadonlyMap<string, number> = new Map([
  ["half", 1 / 2],
  ["halves", 1 / 2],
  ["third", 1 / 3],
  ["thirds", 1 / 3],
  ["quarter", 1 / 4],
  ["quarters", 1 / 4],
  ["fourth", 1 / 4],
  ["fourths", 1 / 4],
  ["eighth", 1 / 8],
]);

/** Units that "and a half" can follow: "a cup and a half", "an hour and a quarter". */
const HALVED_UNIT =
  /^(?:cups?|teaspoons?|tablespoons?|tsps?|tbsps?|dessertspoons?|spoons?|spoonfuls?|hours?|hrs?|minutes?|mins?|pounds?|lbs?|ounces?|oz|kilos?|kg|lit(?:re|er)s?|l|pints?|sticks?|inch(?:es)?|cans?|tins?|packets?|packs?|boxes|box|glass(?:es)?|mugs?|dozen|bars?|blocks?)$/u;
/** Sizes, before which "two twenty" is two of twenty. */
const SIZE = /^(?:inch(?:es)?|cm|centimet(?:re|er)s?|mm)$/u;

type Word = { readonly word: string; readonly at: number; readonly end: number };
type Value = { readonly value: number; readonly next: number };

const WORD = /\d+(?:[.,]\d+)?(?:\s*[/⁄]\s*\d+)?|[½¼¾⅓⅔⅛⅜⅝⅞]|\p{L}+|[^\s]/gu;

/**
 * A text with every number that is written in words in figures: `two and a half cups` becomes `2.5
 * cups`, `a cup and a quarter` `1.25 cup`, `twenty-five to thirty` `25 to 30`, `three fifty` `350`,
 * `half a dozen` `6`. All else, spaces too, stays as it is.
 * @example inFigures("an hour and a quarter").text // "1.25 hour"
 * @example inFigures("1,350 kg").text // "1.350 kg"
 */
export const inFigures = remembered((written: string): Figured => {
  // Nobody weighs a thousand kilos: `1,350 kg` is one and a third.
  const text = written.replaceAll(/(?<=\b\d),(?=\d{3}\s?(?:kg|kilos?|l|lit(?:re|er)s?)\b)/giu, ".");
  const words = [...text.matchAll(WORD)].map((match) => ({
    word: match[0].toLowerCase(),
    at: match.index,
    end: match.index + match[0].length,
  }));
  const pieces: string[] = [];
  /** Starts of stretches: in the new text, in the old. */
  const starts: (readonly [number, number])[] = [[0, 0]];
  let [done, length] = [0, 0];
  const put = (piece: string, upTo: number): void => {
    pieces.push(piece);
    length += piece.length;
    done = upTo;
  };
  for (let index = 0; index < words.length;) {
    const found = numberAt(words, index) ?? unitAndShareAt(words, index);
    const first = words[index];
    if (first === undefined || found === null) {
      index += 1;
      continue;
    }
    const end = words[found.next - 1]?.end ?? first.end;
    put(text.slice(done, first.at), first.at);
    starts.push([length, first.at]);
    put(figure(found), end);
    starts.push([length, end]);
    index = found.next;
  }
  put(text.slice(done), text.length);
  return {
    text: pieces.join(""),
    from: (at) => {
      // The last stretch that starts no later.
      let [low, high] = [0, starts.length - 1];
      while (low < high) {
        const middle = Math.ceil((low + high) / 2);
        if ((starts[middle]?.[0] ?? 0) <= at) low = middle;
        else high = middle - 1;
      }
      const [to, was] = starts[low] ?? [0, 0];
      return was + at - to;
    },
  };
});

function figure({ value, unit }: Value & { readonly unit?: string }): string {
  const number = String(Number(value.toFixed(3)));
  return unit === undefined ? number : `${number} ${unit}`;
}

const wordAt = (words: readonly Word[], at: number): string => words[at]?.word ?? "";

/** A number whose first word is one, or that words around a figure make of it; null for none. */
function numberAt(words: readonly Word[], at: number): (Value & { unit?: string }) | null {
  const dozen = dozenAt(words, at);
  if (dozen !== null) return dozen;
  const share = shareAt(words, at);
  if (share !== null) return share;
  const whole = wholeAt(words, at);
  if (whole === null) return null;
  const wasFigure = whole.next === at + 1 && /\d/u.test(wordAt(words, at));
  const more = shareAfter(words, whole.next);
  if (more !== null) return { value: whole.value + more.value, next: more.next };
  const unit = wordAt(words, whole.next);
  const half = HALVED_UNIT.test(unit) ? shareAfter(words, whole.next + 1) : null;
  if (half !== null) return { value: whole.value + half.value, unit, next: half.next };
  return wasFigure ? null : whole;
}

/** "a cup and a half", "an hour and a quarter". */
function unitAndShareAt(words: readonly Word[], at: number): (Value & { unit: string }) | null {
  const unit = wordAt(words, at + 1);
  if (!/^an?$/u.test(wordAt(words, at)) || !HALVED_UNIT.test(unit)) return null;
  const half = shareAfter(words, at + 2);
  return half === null ? null : { value: 1 + half.value, unit, next: half.next };
}

/** "half a dozen", "a dozen", "two dozen", "a couple of". */
function dozenAt(words: readonly Word[], at: number): Value | null {
  const [first, second, third] = [0, 1, 2].map((step) => wordAt(words, at + step));
  if (first === "half" && (second === "a" || second === "-") && third === "dozen")
    return { value: 6, next: at + 3 };
  if (first === "half" && second === "dozen") return { value: 6, next: at + 2 };
  if (first === "a" && second === "half" && third === "dozen") return { value: 6, next: at + 3 };
  if ((first === "a" || first === "one") && second === "dozen") return { value: 12, next: at + 2 };
  const times = VALUES.get(first ?? "");
  if (times !== undefined && second === "dozen") return { value: 12 * times, next: at + 2 };
  if (first === "a" && second === "couple")
    return { value: 2, next: third === "of" ? at + 3 : at + 2 };
  return null;
}

/**
 * "half a", "a quarter of a", "three quarters of a", "two thirds": a share that something is
 * measured by. A share of what was made, "half of the buttercream", stays in words.
 */
function shareAt(words: readonly Word[], at: number): Value | null {
  const first = wordAt(words, at);
  let [times, index] = [1, at];
  if (/^an?$/u.test(first)) index += 1;
  else {
    const said = VALUES.get(first) ?? (/^\d$/u.test(first) ? Number(first) : undefined);
    if (said !== undefined && said < 8) [times, index] = [said, at + 1];
  }
  if (index > at && wordAt(words, index) === "-") index += 1;
  const share = SHARES.get(wordAt(words, index));
  if (share === undefined || times * share >= 1) return null;
  const next = index + 1;
  const after = wordAt(words, next);
  if (after === "of" && /^an?$/u.test(wordAt(words, next + 1)))
    return { value: times * share, next: next + 2 };
  if (/^an?$/u.test(after) && index === at && first === "half")
    return { value: times * share, next: next + 1 };
  const isMeasured =
    HALVED_UNIT.test(after) || (after === "-" && HALVED_UNIT.test(wordAt(words, next + 1)));
  return isMeasured && after !== "dozen" ? { value: times * share, next } : null;
}

/** "and a half", "and three quarters", "and 1/2" after a number. */
function shareAfter(words: readonly Word[], at: number): Value | null {
  if (!/^(?:and|&)$/u.test(wordAt(words, at))) return null;
  const first = wordAt(words, at + 1);
  const written = /^(\d)\s*[/⁄]\s*(\d)$/u.exec(first);
  if (written !== null) return { value: Number(written[1]) / Number(written[2]), next: at + 2 };
  const sign = { "½": 0.5, "¼": 0.25, "¾": 0.75, "⅓": 1 / 3, "⅔": 2 / 3 }[first];
  if (sign !== undefined) return { value: sign, next: at + 2 };
  const times = /^an?$/u.test(first) ? 1 : VALUES.get(first);
  const share = SHARES.get(wordAt(words, at + (times === undefined ? 1 : 2)));
  if (share === undefined || (times ?? 1) * share >= 1) return null;
  // "a cup and half the sugar" is two things.
  const next = at + (times === undefined ? 2 : 3);
  if (/^(?:the|that|this|it|them|my|your|dozen)$/u.test(wordAt(words, next))) return null;
  if (wordAt(words, next) === "of" && wordAt(words, next + 1) === "the") return null;
  return { value: (times ?? 1) * share, next };
}

/** A whole number in words, or a figure that stands alone; "three fifty" is 350. */
function wholeAt(words: readonly Word[], at: number): Value | null {
  const first = wordAt(words, at);
  if (/^\d+$/u.test(first)) return { value: Number(first), next: at + 1 };
  if (first === "a" && wordAt(words, at + 1) === "hundred") return hundreds(words, 1, at + 2);
  const small = below100(words, at);
  if (small === null) return null;
  if (small.value > 0 && small.value < 20 && wordAt(words, small.next) === "hundred")
    return hundreds(words, small.value, small.next + 1);
  const point = /^point$/u.test(wordAt(words, small.next)) ? below100(words, small.next + 1) : null;
  if (point !== null && point.value < 100)
    return { value: Number(`${small.value}.${point.value}`), next: point.next };
  if (small.value > 0 && small.value < 10) {
    const tens = below100(words, small.next);
    if (tens !== null && tens.value >= 20 && !SIZE.test(wordAt(words, tens.next)))
      return { value: 100 * small.value + tens.value, next: tens.next };
  }
  return small;
}

function hundreds(words: readonly Word[], count: number, at: number): Value {
  const more = below100(words, wordAt(words, at) === "and" ? at + 1 : at);
  return more === null
    ? { value: 100 * count, next: at }
    : { value: 100 * count + more.value, next: more.next };
}

function below100(words: readonly Word[], at: number): Value | null {
  const value = VALUES.get(wordAt(words, at));
  if (value === undefined) return null;
  if (value < 20) return { value, next: at + 1 };
  const next = wordAt(words, at + 1) === "-" ? at + 2 : at + 1;
  const ones = VALUES.get(wordAt(words, next));
  // "Three fifty two nine inch rounds" are two of nine.
  if (VALUES.has(wordAt(words, next + 1)) && SIZE.test(wordAt(words, next + 2)))
    return { value, next: at + 1 };
  return ones !== undefined && ones > 0 && ones < 10
    ? { value: value + ones, next: next + 1 }
    : { value, next: at + 1 };
}
