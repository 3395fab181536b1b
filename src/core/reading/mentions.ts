import { remembered } from "../measure";
import type { Ingredient, Pantry } from "../pantry";
import { readLine, type ReadLine } from "../recipe";
import {
  type Token,
  type AmountSpan,
  isNumber,
  amountAt,
  furtherAmounts,
  tailOf,
} from "./amounts-told";
import { type Name, namesOf, nameBefore, isAtStart, isName, nameAfter } from "./names-told";

/** One ingredient told with its amount, or without one. */
export type Mention = {
  /** Where it stands in the chunk's figured text. */
  readonly at: number;
  readonly end: number;
  /** Amount and name as a line of a recipe has them, in figures. */
  readonly line: string;
  readonly read: ReadLine;
  readonly ingredient: Ingredient | null;
  /** "The remaining cup of sugar": of what was listed, if it was. */
  readonly isRest?: boolean;
};

const TOKEN =
  /\d+(?:[.,]\d+)?\s+\d\s*[/⁄]\s*\d+|\d+\s*[/⁄]\s*\d+|\d+\s?[½¼¾⅓⅔⅛⅜⅝⅞]|[½¼¾⅓⅔⅛⅜⅝⅞]|\d+(?:[.,]\d+)*|\p{L}[\p{L}\p{M}'’]*|[^\s]/gu;

/** What each pantry's texts tell: once read, they are known until it is another. */
const TOLD = new WeakMap<Pantry, (text: string) => readonly Mention[]>();

/** The ingredients that a chunk's text tells of, in order. */
export function mentionsIn(text: string, pantry: Pantry): readonly Mention[] {
  const known = TOLD.get(pantry) ?? remembered((each: string) => mentionsRead(each, pantry));
  TOLD.set(pantry, known);
  return known(text);
}

function mentionsRead(text: string, pantry: Pantry): readonly Mention[] {
  const tokens = [...text.matchAll(TOKEN)].map((match) => ({
    word: match[0].toLowerCase().replaceAll("’", "'"),
    at: match.index,
    end: match.index + match[0].length,
  }));
  const names = namesOf(tokens, pantry);
  const mentions: Mention[] = [];
  const taken = new Set<Name>();
  for (let index = 0; index < tokens.length;) {
    const amount = isOfGiven(tokens, index) ? null : amountAt(tokens, index, text);
    const found = amount === null ? null : mentionFrom(tokens, index, amount, names, text, pantry);
    if (found === null || (found.name !== null && taken.has(found.name))) {
      index += 1;
      continue;
    }
    const isRest = /^(?:remaining|rest)$/u.test(tokens[index - 1]?.word ?? "");
    mentions.push(...found.mentions.map((each) => (isRest ? { ...each, isRest } : each)));
    if (found.name !== null) taken.add(found.name);
    index = found.next;
  }
  for (const name of names) {
    const first = tokens[name.from];
    const last = tokens[name.to - 1];
    if (taken.has(name) || first === undefined || last === undefined) continue;
    if (isOfGiven(tokens, name.from - 1)) continue;
    if (mentions.some(({ at, end }) => first.at >= at && first.at < end)) continue;
    const to = tailOf(tokens, name.to, text);
    const beside = to > name.to ? besideOf(tokens, name.to, to, text) : "";
    const end = tokens[to - 1]?.end ?? last.end;
    const isFree = beside !== "" && mentions.every(({ at }) => at < first.at || at >= end);
    const line = `${isFree ? `${beside} ` : ""}${text.slice(first.at, last.end)}`;
    mentions.push({
      at: first.at,
      end: isFree ? end : last.end,
      line,
      read: readLine(line),
      ingredient: name.ingredient,
    });
  }
  const inOrder = mentions.toSorted((a, b) => a.at - b.at);
  return withEach(withChoices(inOrder.filter(isNoCountOf), text), text);
}

/** "Mix the three milks", "half the ginger": so many, or so much, of what was given. */
function isOfGiven(tokens: readonly Token[], index: number): boolean {
  const word = (at: number): string => tokens[at]?.word ?? "";
  if (SHARE.test(word(index)))
    return word(index + 1) === "the" || (word(index + 1) === "of" && word(index + 2) === "the");
  return (
    /^(?:the|these|those|all)$/u.test(word(index - 1)) &&
    /^[2-9]$/u.test(word(index)) &&
    /^(?:milks|sugars|flours|chocolates|creams|spices|nuts|fruits)$/u.test(word(index + 1))
  );
}
const SHARE = /^(?:half|0\.5|0\.25|0\.75|0\.333?|½|¼|¾|⅓|⅔)$/u;

/** "300 g grated carrots, 5 to 6 medium carrots" are so many carrots, weighed and counted. */
function isNoCountOf(
  { read, ingredient, at }: Mention,
  _: number,
  all: readonly Mention[],
): boolean {
  const isCounted = read.measures.length > 0 && read.measures.every(({ unit }) => unit === "piece");
  return !(
    isCounted &&
    ingredient !== null &&
    all.some(
      (other) =>
        other.at < at &&
        other.ingredient === ingredient &&
        other.read.measures.some(({ unit }) => unit !== "piece"),
    )
  );
}

/** "1 tsp each cinnamon, ginger and nutmeg": the same of all. */
const EACH = /^(.*?\beach\b(?:\s+of)?)\s+(?=\S)/iu;
const LISTS_ON = /^\s*(?:,|and|&|,\s*and)\s*(?:ground |fresh |dried )?$/iu;
function withEach(mentions: readonly Mention[], text: string): readonly Mention[] {
  let amount: string | null = null;
  let end = 0;
  return mentions.map((mention) => {
    const hasOwn = mention.read.measures.length > 0;
    const isNext = LISTS_ON.test(text.slice(end, mention.at));
    if (hasOwn || !isNext) amount = hasOwn ? (EACH.exec(mention.line)?.[1] ?? null) : null;
    end = mention.end;
    if (hasOwn || amount === null) return mention;
    const line = `${amount.replace(/\s*\beach\b(?:\s+of)?/iu, "")} ${mention.line}`;
    return { ...mention, line, read: readLine(line) };
  });
}

/** What stands between two ingredients of which one is taken: ", melted (or". */
const OR_BETWEEN = /^(?:,?\s*\p{L}+){0,2}\s*[,(]?\s*(?:or|and\/or)\s*(?:else\s*)?$/iu;

/** Of "butter or oil" the first is told, and offers the second. */
function withChoices(mentions: readonly Mention[], text: string): readonly Mention[] {
  const told: Mention[] = [];
  for (const mention of mentions) {
    const first = told.at(-1);
    if (
      first === undefined ||
      first.ingredient === null ||
      mention.ingredient === null ||
      first.ingredient.id === mention.ingredient.id ||
      !OR_BETWEEN.test(text.slice(first.end, mention.at))
    ) {
      told.push(mention);
      continue;
    }
    const line = `${first.line} or ${mention.line}`;
    told[told.length - 1] = { ...first, end: mention.end, line, read: readLine(line) };
  }
  return told;
}

type Found = {
  readonly mentions: readonly Mention[];
  /** Null for what the pantry does not know. */
  readonly name: Name | null;
  readonly next: number;
};

function mentionFrom(
  tokens: readonly Token[],
  start: number,
  amount: AmountSpan,
  names: readonly Name[],
  text: string,
  pantry: Pantry,
): Found | null {
  const next = furtherAmounts(tokens, amount.next, text, amount.hasUnit);
  const before = amount.hasUnit ? nameBefore(tokens, start, names) : null;
  const name = nameAfter(tokens, next, names, amount.hasUnit);
  if (before !== null && (name === null || isAtStart(tokens, before.from))) {
    const line = `${spoken(tokens, start, next, amount, text)} ${textOf(tokens, before.from, before.to, text)}`;
    return {
      mentions: [mentionOf(tokens, before.from, next, line, before.ingredient)],
      name: before,
      next,
    };
  }
  if (name === null) return unknownFrom(tokens, start, next, amount, text);
  const last = tailOf(tokens, name.to, text);
  const beside = last > name.to ? besideOf(tokens, name.to, last, text) : "";
  const line = `${spoken(tokens, start, name.to, amount, text)}${beside === "" ? "" : ` (${beside})`}`;
  const fruit = amount.hasUnit ? [] : partsOfFruit(tokens, start, last, name, text, pantry);
  if (fruit.length > 0) return { mentions: fruit, name, next: last };
  const isGrams = !amount.hasUnit && isBareGrams(tokens[start]?.word ?? "", name.ingredient);
  return {
    mentions: [
      mentionOf(
        tokens,
        start,
        last,
        isGrams ? line.replace(/^([\d.,]+)/u, "$1 g") : line,
        name.ingredient,
      ),
    ],
    name,
    next: last,
  };
}

/** "200 g of kinako": an amount of something the pantry does not know, in at most so many words. */
const MOST_UNKNOWN_WORDS = 3;

/** "A 350 ml mug", "a 2 litre bowl". */
const VESSEL = /^(?:mugs?|jugs?|bowls?|basins?|bottles?|jars?|tins?|pans?|pots?|ramekins?)$/u;

function unknownFrom(
  tokens: readonly Token[],
  start: number,
  next: number,
  amount: AmountSpan,
  text: string,
): Found | null {
  if (!amount.isMeasured) return null;
  const from = tokens[next]?.word === "of" ? next + 1 : next;
  const words = tokens.slice(from, from + MOST_UNKNOWN_WORDS);
  const end = words.findIndex(({ word }) => !isName(word));
  const to = from + (end < 0 ? words.length : end);
  if (to === from || VESSEL.test(words[0]?.word ?? "")) return null;
  const line = spoken(tokens, start, to, amount, text);
  return { mentions: [mentionOf(tokens, start, to, line, null)], name: null, next: to };
}

const textOf = (tokens: readonly Token[], from: number, to: number, text: string): string =>
  text.slice(tokens[from]?.at ?? 0, tokens[to - 1]?.end ?? text.length);

/** The amount that stands beside a name, without its brackets and what makes it vague. */
const besideOf = (tokens: readonly Token[], from: number, to: number, text: string): string =>
  textOf(tokens, from, to, text)
    .replaceAll(/[(),]/gu, " ")
    .replace(/^\s*(?:about|around|or|roughly|approx|approximately|say|that's)\s+/iu, "")
    .replace(/\s+(?:ish|approx|approximately|roughly|max|maximum)\s*$/iu, "")
    .replace(/[.\s]+$/u, "")
    .trim();

/** An amount with its name as a line has it: "a good teaspoon of" is 1 teaspoon. */
function spoken(
  tokens: readonly Token[],
  from: number,
  to: number,
  { idle }: AmountSpan,
  text: string,
): string {
  const words =
    idle === null
      ? textOf(tokens, from, to, text)
      : `${textOf(tokens, from, idle[0], text)} ${textOf(tokens, idle[1], to, text)}`;
  return words
    .replace(/^(?:an?|another|each)\s+/iu, "1 ")
    .replace(/^half\s+/iu, "0.5 ")
    .replace(/^(?=(?:teaspoon|tablespoon|cup|stick)\b)/iu, "1 ")
    .replace(/^([\d.,]+)\s*[;|]\s*/u, "$1 ");
}

/** Less than this is a number of things, more is grams, where nothing is said: "225 of sugar". */
const LEAST_BARE_G = 20;

function isBareGrams(figure: string, { eachG }: Ingredient): boolean {
  const value = Number(figure.replace(",", "."));
  return value >= LEAST_BARE_G && (eachG === undefined || value > 2 * LEAST_BARE_G);
}

const ZEST = /^(?:zest|zested|rind|peel)$/u;

const JUICE = /^(?:juice|juiced)$/u;

const OF_FRUIT: Readonly<Record<string, readonly [zest: string, juice: string]>> = {
  lemons: ["lemon-zest", "lemon-juice"],
  limes: ["lime-zest", "lime-juice"],
  oranges: ["orange-zest", "fruit-juice"],
};

/** So far around a fruit it is said what of it is used, in words. */
const AROUND_FRUIT = 8;

/** "Zest and juice of 2 lemons", "1 orange, zested": what of a fruit is meant. */
function partsOfFruit(
  tokens: readonly Token[],
  start: number,
  end: number,
  name: Name,
  text: string,
  pantry: Pantry,
): readonly Mention[] {
  const of = OF_FRUIT[name.ingredient.id];
  if (of === undefined) return [];
  const words = (from: number, to: number): readonly string[] =>
    tokens.slice(Math.max(0, from), to).map(({ word }) => word);
  const ahead = words(start - AROUND_FRUIT, start);
  const isLed = /^(?:of|from|off|the|in)$/u.test(ahead.at(-1) ?? "");
  const stop = tokens.findIndex(
    ({ word }, at) => at >= end && (isNumber(word) || /^[.;]$/u.test(word)),
  );
  const after = words(end, Math.min(end + AROUND_FRUIT, stop < 0 ? tokens.length : stop));
  const said = isLed ? [...ahead.slice(-6)] : [];
  const has = (pattern: RegExp): boolean => [...said, ...after].some((word) => pattern.test(word));
  const count = `${textOf(tokens, start, start + 1, text).replace(/^an?$/iu, "1")} ${textOf(tokens, name.from, name.to, text)}`;
  return [[ZEST, of[0], "zest"] as const, [JUICE, of[1], "juice"] as const].flatMap(
    ([pattern, id, part]) => {
      const ingredient = pantry.byId.get(id);
      return ingredient !== undefined && has(pattern)
        ? [mentionOf(tokens, start, end, `${part} of ${count}`, ingredient)]
        : [];
    },
  );
}

function mentionOf(
  tokens: readonly Token[],
  from: number,
  to: number,
  line: string,
  ingredient: Ingredient | null,
): Mention {
  const [at, end] = [tokens[from]?.at ?? 0, tokens[to - 1]?.end ?? 0];
  return { at, end, line, read: readLine(line), ingredient };
}
