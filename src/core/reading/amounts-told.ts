import { readUnit } from "../measure";

export type Token = { readonly word: string; readonly at: number; readonly end: number };

/** Words between an amount and its unit: "2 heaped teaspoons". */
const HOW_FULL =
  /^(?:heaped|heaping|level|levelled|leveled|rounded|scant|generous|good|big|large|small|full|whole|packed|overflowing|little|fat|proper|flat|nice|standard|ordinary|regular|medium|more|other|extra|of|the|those|tiny|firmly|lightly|well|loosely|dessert|soup|serving)$/u;

export type AmountSpan = {
  /** First token after the amount and its unit. */
  readonly next: number;
  readonly hasUnit: boolean;
  /** Its unit is one that only what goes into a bowl is measured in: grams, cups, spoons. */
  readonly isMeasured: boolean;
  /** Words between the figure and its unit that say nothing of how much: "good", "big". */
  readonly idle: readonly [from: number, to: number] | null;
};

export const isNumber = (word: string): boolean => /^[\d½¼¾⅓⅔⅛⅜⅝⅞]/u.test(word);

export const isWord = (word: string): boolean => /^\p{L}/u.test(word);

const ONE_OF = /^(?:an?|another|each|half)$/u;

const HEAPS =
  /^(?:heaped|heaping|rounded|level|levelled|leveled|scant|generous|packed|firmly|lightly)$/u;

const MEASURED =
  /^(?:g|grams?|grammes?|kg|kilos?|oz|ounces?|lbs?|pounds?|ml|mils?|dl|cups?|cupfuls?|tbsps?|tablespoons?|tsps?|teaspoons?|dessertspoons?|pinch|handful)$/u;

const PACKS =
  /^(?:tins?|cans?|packs?|packets?|packages?|blocks?|boxes|box|jars?|bars?|bags?|tubs?|cartons?|bottles?)$/u;

/** An amount that begins at a token: a figure, or "a" before a unit or a thing that is counted. */
export function amountAt(tokens: readonly Token[], index: number, text: string): AmountSpan | null {
  const word = (at: number): string => tokens[at]?.word ?? "";
  const isOne =
    ONE_OF.test(word(index)) ||
    /^(?:pinch|dash|knob|splash|handful)$/u.test(word(index)) ||
    (/^(?:teaspoon|tablespoon|cup|stick)$/u.test(word(index)) && word(index + 1) === "of");
  if (!isNumber(word(index)) && !isOne) return null;
  let at = index;
  if (isNumber(word(at))) {
    at += 1;
    // "2 to 3", "150-175", "3 or 4".
    if (/^(?:to|or|-|–|—)$/u.test(word(at)) && isNumber(word(at + 1))) at += 2;
    if (/^[x×]$/u.test(word(at)) && isNumber(word(at + 1))) at += 2;
    // "2 8 ounce blocks": so many packs of a size.
    else if (word(at) === "(" && isNumber(word(at + 1))) {
      const size = unitAt(tokens, word(at + 2) === "-" ? at + 3 : at + 2, text);
      if (size !== null && word(size) === ")" && PACKS.test(word(size + 1)))
        return { next: size + 2, hasUnit: true, isMeasured: true, idle: null };
    } else if (isNumber(word(at))) {
      const size = unitAt(tokens, word(at + 1) === "-" ? at + 2 : at + 1, text);
      if (size !== null && PACKS.test(word(size)))
        return { next: size + 1, hasUnit: true, isMeasured: true, idle: null };
    }
    // "200;g" in a table.
    if (/^[;|\t]$/u.test(word(at)) && unitAt(tokens, at + 1, text) !== null) at += 1;
  } else if (ONE_OF.test(word(at))) at += 1;
  const beforeHow = at;
  while (HOW_FULL.test(word(at)) || word(at) === "-") at += 1;
  const unit = unitAt(tokens, at, text);
  if (unit === null) return { next: beforeHow, hasUnit: false, isMeasured: false, idle: null };
  const isIdle = tokens.slice(beforeHow, at).every((token) => !HEAPS.test(token.word));
  return {
    next: unit,
    hasUnit: true,
    isMeasured: MEASURED.test(word(at)),
    idle: isIdle && at > beforeHow ? [beforeHow, at] : null,
  };
}

function unitAt(tokens: readonly Token[], at: number, text: string): number | null {
  const token = tokens[at];
  if (token === undefined || !isWord(token.word)) return null;
  const rest = text.slice(token.at);
  const unit = readUnit(rest);
  if (unit === null) return null;
  // "fl oz" and "dessert spoon" are two words.
  const length = rest.length - unit.rest.length;
  let next = at + 1;
  while (next < tokens.length && (tokens[next]?.at ?? 0) < token.at + length) next += 1;
  return next;
}

/** "plus 2 tbsp", "(120 g)", "/ 4 oz", "7.5 oz" after pounds: more of the same amount. */
export function furtherAmounts(
  tokens: readonly Token[],
  at: number,
  text: string,
  hasUnit: boolean,
): number {
  let next = at;
  const word = (of: number): string => tokens[of]?.word ?? "";
  for (; hasUnit;) {
    const joint = /^(?:plus|\+|and|minus|less|or|\/|\||=|\(|,|;|about|-)$/u.test(word(next))
      ? 1
      : 0;
    const about = /^(?:about|around|roughly|approx|or|that's)$/u.test(word(next + joint)) ? 1 : 0;
    const from = next + joint + about;
    if (!isNumber(word(from)) && !(joint === 1 && /^an?$/u.test(word(from)))) return next;
    const more = amountAt(tokens, from, text);
    if (more?.hasUnit !== true) return next;
    next = more.next;
    if (word(next) === ")") next += 1;
  }
  return next;
}

/** What belongs to a line after its name: "(120 g)", ", about 120 g". */
export function tailOf(tokens: readonly Token[], at: number, text: string): number {
  const word = (of: number): string => tokens[of]?.word ?? "";
  const isBracket = word(at) === "(";
  const joint = isBracket || /^(?:about|,|that's|thats)$/u.test(word(at)) ? 1 : 0;
  if (joint === 0) return at;
  const about = /^(?:about|around|or|roughly|approx|approximately|say|that's)$/u.test(word(at + 1))
    ? 1
    : 0;
  const beside = isNumber(word(at + 1 + about)) ? amountAt(tokens, at + 1 + about, text) : null;
  if (beside?.hasUnit !== true) return at;
  const next = VAGUE.test(word(beside.next)) ? beside.next + 1 : beside.next;
  // "…, 1 can (14 oz) condensed milk" is the next thing's.
  const isClosed = isBracket ? word(next) === ")" : !isWord(word(next)) && word(next) !== "(";
  return isClosed ? next + (isBracket ? 1 : 0) : at;
}

/** After an amount that is not exact: "150 ml ish". */
const VAGUE = /^(?:ish|approx|approximately|roughly|max|maximum)$/u;
