import { readAmount } from "./number-text";
import { COUNT_WORDS } from "./number-words";

/** An amount as written: one value, or a range from low to high. */
export type Amount = { readonly low: number; readonly high: number };
export type ReadSpan = {
  readonly amount: Amount;
  readonly isAbout: boolean;
  readonly rest: string;
};

const WORDS: readonly (readonly [RegExp, number])[] = [
  [/^(?:one|1)\s+and\s+(?:a|one)\s+half\b/iu, 1.5],
  [/^(?:two|2)\s+and\s+(?:a|one)\s+half\b/iu, 2.5],
  [/^half[\s-](?:a[\s-])?dozen\b/iu, 6],
  [/^half\s+(?:of\s+)?an?\b/iu, 0.5],
  [/^(?:a|one)\s+half\b(?:\s+of\s+an?\b)?/iu, 0.5],
  [/^half\s+(?=[a-z])/iu, 0.5],
  [/^(?:a|one)\s+quarter\b(?:\s+of\s+an?\b)?/iu, 0.25],
  [/^three[\s-]quarters\b(?:\s+of\s+an?\b)?/iu, 0.75],
  [/^a\s+couple(?:\s+of)?\b/iu, 2],
  [/^a\s+dozen\b/iu, 12],
  ...COUNT_WORDS.map((word, index) => [new RegExp(`^${word}\\b(?!-)`, "iu"), index + 1] as const),
  [
    /^an?\s+(?:good|generous|scant|big|small|large)?\s*(?=(?:pinch|dash|drop|knob|handful|splash|drizzle|cup|mug|glass|stick|tin|can|jar|packet|box|bag|teaspoon|tablespoon|tsp|tbsp|pint|pound|litre|liter|kilo|dozen|sachet|spoon|egg|lemon|lime|orange|banana|apple|pear|carrot|vanilla)\b)/iu,
    1,
  ],
  [
    /^an?\s+(?=(?:pinch|dash|drop|knob|handful|splash|cup|stick|egg|lemon|lime|orange|banana|apple|pear|carrot|vanilla)[a-z]*\b)/iu,
    1,
  ],
];

const ABOUT =
  /^(?:about|approx(?:imately)?\.?|around|roughly|circa|ca\.?|scant|generous|heaping(?=\s+\d)|just (?:under|over)|at least|up to|~|≈)\s*/iu;
const DASH = /^\s*(?:-|–|—|to\b|or\b)\s*/iu;

/** One amount in figures or in words. */
function readOne(text: string): { readonly value: number; readonly rest: string } | null {
  const figure = readAmount(text);
  if (figure !== null) {
    const half = /^and\s+(?:a|one)\s+half\b\s*/iu.exec(figure.rest);
    return half === null
      ? figure
      : { value: figure.value + 0.5, rest: figure.rest.slice(half[0].length) };
  }
  for (const [pattern, value] of WORDS) {
    const found = pattern.exec(text);
    if (found !== null) return { value, rest: text.slice(found[0].length).trimStart() };
  }
  return null;
}

/**
 * The amount or range at the start of a text: `1 1/2`, `4½-5½`, `2 to 3`, `about 200`, `one and a
 * half`, `half a`, `a pinch` (one). Null when the text does not start with one.
 * @example readSpan("4½-5½ cups") // { amount: { low: 4.5, high: 5.5 }, isAbout: false, rest: "cups" }
 */
export function readSpan(text: string): ReadSpan | null {
  const start = text.trimStart();
  const about = ABOUT.exec(start)?.[0] ?? "";
  const first = readOne(start.slice(about.length));
  if (first === null) return null;
  const isAbout = about !== "";
  const dash = DASH.exec(first.rest);
  const second = dash === null ? null : readOne(first.rest.slice(dash[0].length));
  if (dash !== null && second !== null && second.value > first.value) {
    return { amount: { low: first.value, high: second.value }, isAbout, rest: second.rest };
  }
  return { amount: { low: first.value, high: first.value }, isAbout, rest: first.rest };
}

/** The middle of an amount. */
export function middle({ low, high }: Amount): number {
  return (low + high) / 2;
}
