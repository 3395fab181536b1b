// Words that are food in the pantry and something else where they stand.
import type { Token } from "./amounts-told";

type Around = { readonly before: string; readonly next: string; readonly afterNext: string };

/** Each with when it is no food: by itself, or by the words next to it. */
const OTHER_SENSES: readonly (readonly [RegExp, (around: Around) => boolean])[] = [
  // "Write the date on the bag."
  [/^date$/u, ({ next }) => !/^(?:mixture|paste|pur[eé]e|syrup|sugar|halves|pieces)$/u.test(next)],
  [/^sprinkle$/u, () => true],
  // "Peel off the paper", "peel and core".
  [
    /^peels?$/u,
    ({ before, next }) =>
      /^(?:off|the|it|them|and|away|back|your|\d.*|,)$/u.test(next) ||
      /^(?:and|then|rack|you|don't|to)$/u.test(before),
  ],
  // "Serve with tea", "Sunday tea", "the tea table": a drink by what stands before it.
  [
    /^teas?$/u,
    ({ before, next }) =>
      !/^(?:|\d.*|of|the|hot|cold|cool|warm|strong|black|green|brewed|milky|sweet|g|ml|l|cups?|mugs?|pints?)$/u.test(
        before,
      ) ||
      /^(?:spoons?|tables?|gardens?|towels?|cloths?|cakes?|loaf|times?|parties|party)$/u.test(next),
  ],
  [/^white$/u, ({ before }) => !/^(?:egg|the|1|one|remaining|each)$/u.test(before)],
  // "Cream the butter", "cream together".
  [
    /^cream$/u,
    ({ next }) => /^(?:the|your|together|it|them|until|well|these|those|both)$/u.test(next),
  ],
  // "One water glass of sugar", "in a water bath".
  [/^water$/u, ({ next }) => /^(?:glass|glasses|bath)$/u.test(next)],
  // "Butter the tin", "flour it well".
  [
    /^(?:butter|flour|oil|sugar|salt|water)$/u,
    ({ before, next, afterNext }) =>
      /^(?:a|an|the|your|my|two|both|it|them|2|one)$/u.test(next) &&
      (/^(?:|[.,;:(]|and|then|first|to|you)$/u.test(before) ||
        /^(?:tins?|pans?)$/u.test(afterNext)),
  ],
];

/** Whether a name of one word stands for no food among its neighbours. */
export function isOtherSense(tokens: readonly Token[], at: number): boolean {
  const wordAt = (index: number): string => tokens[index]?.word ?? "";
  const around = { before: wordAt(at - 1), next: wordAt(at + 1), afterNext: wordAt(at + 2) };
  return OTHER_SENSES.some(([word, isOther]) => word.test(wordAt(at)) && isOther(around));
}
