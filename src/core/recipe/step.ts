import { readSpan, cFromFahrenheit, gasMarkC, type Amount } from "../measure";
import { foldName, type Ingredient } from "../pantry";
import type { Step, StepKind } from "./schema";

export type StepFacts = {
  readonly kind: StepKind;
  /** Hands-on or oven minutes. */
  readonly minutes: Amount | null;
  /** Minutes in which nobody does anything: resting, chilling, cooling. */
  readonly wait: Amount | null;
  /** The words that say what is waited for: "leave to cool for 20 minutes"; null without a wait. */
  readonly waitText: string | null;
  readonly tempC: number | null;
  readonly isFan: boolean;
  /** low, medium, high. */
  readonly speed: string | null;
  /** How to tell that it is done: "until pale and fluffy". */
  readonly sign: string | null;
};

/** The first that matches decides; bake and cool come before the words for mixing they also use. */
const KIND_WORDS: readonly (readonly [RegExp, StepKind])[] = [
  [
    /\b(?:preheat|heat (?:the |your )?oven|warm the oven|turn (?:the )?oven|oven to|set the oven)\b/iu,
    "heat",
  ],
  [
    /\b(?:grease|line|butter|flour|dust) (?:and \w+ )?(?:the |a |your |two |three |both |\d )?[\w\s-]{0,25}(?:tins?|pans?|moulds?|cases|sheet|dish)\b|\bwell in advance\b/iu,
    "prepare",
  ],
  // What is melted or toasted and then cools is made, not a cake that cools.
  [/^\s*(?:gently |slowly )?(?:melt|toast|roast|brown|simmer|boil)\b/iu, "melt"],
  [/\bbake(?:s|d)?\b|\bin the oven\b/iu, "bake"],
  [/\b(?:cool|turn (?:it |them )?out|unmould|rack|stand in the tin)\b/iu, "cool"],
  [
    /\b(?:chill|refrigerate|rest(?! of)|soak|steep|stand|leave|overnight|marinate|prove|freeze|fridge)\b/iu,
    "rest",
  ],
  [
    /\b(?:pour|scrape|spoon|divide|tip|turn|transfer|spread)\b[^.]*\b(?:tins?|pans?|cases|moulds?|cups|wells|ring)\b/iu,
    "fill",
  ],
  [
    /\b(?:melt|bain|simmer|boil|bring to|saucepan|bloom|toast|cook|dissolve|warm (?:through|the))\b/iu,
    "melt",
  ],
  [/\bfold\b/iu, "fold"],
  [
    /\bcream(?:ing)?\b(?=[^.]*\b(?:butter|sugar|together|until)\b)|\bbeat[^.]*\b(?:butter)\b[^.]*\bsugar\b/iu,
    "cream",
  ],
  [
    /\b(?:whisk|whip|beat)\b[^.]*\b(?:eggs?|whites?|yolks?|cream|thick|peaks?|ribbon|frothy|pale)\b/iu,
    "whisk",
  ],
  [/\b(?:split|stack|sandwich|trim|level the|layer)\b/iu, "build"],
  [
    /\b(?:frost|ice the|icing over|drizzle|decorate|sprinkle|pipe|coat|glaze|scatter|dust with|spread over)\b/iu,
    "finish",
  ],
  [/\b(?:sift|weigh|chop|grate|peel|measure|soften|take .* out|zest|mash|drain)\b/iu, "prepare"],
  [/\b(?:mix|stir|beat|combine|whisk|add|blend|rub)\b/iu, "mix"],
];

const MINUTES =
  /\b(?:for\s+)?((?:about|another|around|at least|up to|~)?\s*[\d¼½¾][\d¼½¾ /.,]{0,12}(?:\s*(?:-|–|—|to|or)\s*[\d¼½¾][\d¼½¾ /.,]{0,12})?|an?|half an|one|two|three|four|five|ten|fifteen|twenty|thirty)\s*-?\s*(hours?|hrs?|h|minutes?|mins?|min|seconds?|secs?|days?)\b\.?/giu;
const MINUTES_PER: Readonly<Record<string, number>> = { d: 1440, h: 60, m: 1, s: 1 / 60 };
const WORD_NUMBERS: Readonly<Record<string, number>> = {
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  "half an": 0.5,
  a: 1,
  an: 1,
};

/** All durations in a text, minutes, in order; `1 hour 10 minutes` is one. */
export function durationsIn(text: string): readonly Amount[] {
  const found: { amount: Amount; end: number; unit: string }[] = [];
  for (const match of text.matchAll(MINUTES)) {
    const words = (match[1] ?? "").replace(/^(?:another|for)\s+/iu, "").trim();
    const unit = (match[2] ?? "m").charAt(0).toLowerCase();
    const word = WORD_NUMBERS[words.toLowerCase()];
    const span = word === undefined ? readSpan(words)?.amount : { low: word, high: word };
    if (span === undefined) continue;
    const per = MINUTES_PER[unit] ?? 1;
    const amount = { low: span.low * per, high: span.high * per };
    const before = found.at(-1);
    const between = before === undefined ? "" : text.slice(before.end, match.index);
    const isRange =
      before !== undefined &&
      /^\s*(?:to|or|-|–|—)\s*$/u.test(between) &&
      amount.high > before.amount.low;
    const isJoined = before?.unit === "h" && unit === "m" && /^\s*(?:and\s+)?$/iu.test(between);
    if (isRange) before.amount = { low: before.amount.low, high: amount.high };
    else if (before !== undefined && isJoined)
      before.amount = {
        low: before.amount.low + amount.low,
        high: before.amount.high + amount.high,
      };
    else found.push({ amount, end: match.index + match[0].length, unit });
  }
  return found.map(({ amount }) => amount);
}

export type WrittenHeat = { readonly tempC: number; readonly isFan: boolean };

/**
 * The heat of an oven in a text: `180 °C`, `350F`, `180C/160C fan/gas 4`, `gas mark 4`, `a moderate
 * oven`. The conventional heat when both are given. Null when none is found.
 */
export function heatIn(text: string): WrittenHeat | null {
  const found = [
    ...text.matchAll(
      /\b(\d{2,3})\s*(?:°|º|deg(?:rees?)?)?\s*(C|F|celsius|fahrenheit)?(?![\d%])\b\s*(\(?\s*fan\b)?/giu,
    ),
  ].flatMap((match) => {
    const value = Number(match[1]);
    const scale = (match[2] ?? "").charAt(0).toUpperCase();
    const hasDegree = scale !== "" || /[°º]|deg/iu.test(match[0]);
    if (!hasDegree) return [];
    const isFahrenheit = scale === "F" || (scale === "" && value >= 280);
    const tempC = isFahrenheit ? cFromFahrenheit(value) : value;
    const isFan =
      match[3] !== undefined ||
      /\bfan(?:-forced| oven)?[\s:]*$/iu.test(text.slice(0, match.index)) ||
      /^\s*\(?(?:fan|convection)/iu.test(text.slice(match.index + match[0].length));
    return tempC >= 90 && tempC <= 290 ? [{ tempC, isFan }] : [];
  });
  const best = found.find(({ isFan }) => !isFan) ?? found[0];
  if (best !== undefined) return best;
  const bare = Number(/\boven\b[^.\d]{0,12}(\d{3})\b(?!\s*(?:g|ml|min))/iu.exec(text)?.[1] ?? 0);
  if (bare >= 100 && bare <= 550)
    return { tempC: bare >= 280 ? cFromFahrenheit(bare) : bare, isFan: /\bfan\b/iu.test(text) };
  const gasC = gasMarkC(/\bgas\s*(?:mark)?\s*(\d|½|¼)(?!\d)/iu.exec(text)?.[1] ?? "");
  return gasC === null ? null : { tempC: gasC, isFan: false };
}

/** What the words of a step say. */
export function readStep(step: Pick<Step, "text" | "kind" | "minutes">): StepFacts {
  const { text } = step;
  const kind = step.kind ?? KIND_WORDS.find(([pattern]) => pattern.test(text))?.[1] ?? "other";
  const durations = durationsIn(text);
  const isWaiting = kind === "rest" || kind === "cool";
  const inside = waitIn(text);
  const first = (inside === null || isWaiting ? durations : durationsIn(inside.before))[0] ?? null;
  const heat = heatIn(text);
  const own = step.minutes === undefined ? null : { low: step.minutes, high: step.minutes };
  return {
    kind,
    minutes: isWaiting ? null : (own ?? first),
    wait: isWaiting ? (own ?? first) : (inside?.wait ?? null),
    waitText: inside?.words ?? null,
    tempC: heat?.tempC ?? null,
    isFan: heat?.isFan ?? false,
    speed:
      /\b(low|medium(?:-(?:low|high))?|high)\s+(?:speed|heat)?\b/iu
        .exec(text)?.[1]
        ?.toLowerCase() ?? null,
    sign: /\b((?:un)?til\s+[^.;]{3,120})/iu.exec(text)?.[1]?.trim() ?? null,
  };
}

/** A wait inside a step of another kind: "… then leave to stand for 10 minutes". */
function waitIn(text: string): {
  readonly wait: Amount;
  /** What is done before it. */ readonly before: string;
  readonly words: string;
} | null {
  const from = /\b(?:leave|rest|stand|chill|cool|soak)\b/iu.exec(text)?.index ?? text.length;
  const [wait] = durationsIn(text.slice(from));
  return wait === undefined
    ? null
    : {
        wait,
        before: text.slice(0, from),
        words: /^(?:[^.;]|\.(?=\d))*/u.exec(text.slice(from))?.[0] ?? "",
      };
}

/**
 * Part of a step: plain words, or the mention of a line, in whose place the scaled amount can
 * stand.
 */
export type StepPiece = { readonly text: string; readonly line: string | null };

/**
 * A step cut at the ingredients it mentions. A line is mentioned by any name of its ingredient, or
 * by the last word of its own name; where two lines could be meant, the one with the longer name
 * is.
 * @param lines the lines a step can mention: their id, written name, and ingredient
 */
export function stepPieces(
  text: string,
  lines: readonly {
    readonly id: string;
    readonly name: string;
    readonly ingredient: Ingredient | null;
  }[],
): readonly StepPiece[] {
  const names = lines
    .flatMap(({ id, name, ingredient }) =>
      [
        name,
        ...(ingredient === null ? [] : [ingredient.name, ...ingredient.also]),
        lastWord(name),
      ].map((each) => ({ id, words: foldName(each) })),
    )
    .filter(({ words }) => words.length > 2)
    .sort((a, b) => b.words.length - a.words.length);
  const tokens = [...text.matchAll(/[\p{L}\p{N}%'’-]+/gu)].map((match) => ({
    at: match.index,
    end: match.index + match[0].length,
    word: foldName(match[0]),
  }));
  const pieces: StepPiece[] = [];
  let done = 0;
  for (let index = 0; index < tokens.length; index += 1) {
    const hit = names.find(({ words }) => isRunAt(tokens, index, words));
    const first = tokens[index];
    const length = hit?.words.split(" ").length ?? 0;
    if (
      hit === undefined ||
      first === undefined ||
      isOtherSense(hit.words, tokens[index + length]?.word ?? "")
    )
      continue;
    const last = tokens[index + length - 1] ?? first;
    if (first.at > done) pieces.push({ text: text.slice(done, first.at), line: null });
    pieces.push({ text: text.slice(first.at, last.end), line: hit.id });
    done = last.end;
    index += length - 1;
  }
  if (done < text.length) pieces.push({ text: text.slice(done), line: null });
  return pieces;
}

function isRunAt(
  tokens: readonly { readonly word: string }[],
  start: number,
  words: string,
): boolean {
  return words.split(" ").every((word, offset) => tokens[start + offset]?.word === word);
}

/** "Flour the tin" is something to do, and "egg whites" are not the eggs. */
function isOtherSense(words: string, next: string): boolean {
  if (/^(?:flour|butter|oil|ice)$/u.test(words))
    return /^(?:the|it|them|your|both|every)$/u.test(next);
  return words === "egg" && /^(?:white|yolk)$/u.test(next);
}

function lastWord(name: string): string {
  return name.split(/\s+/u).at(-1) ?? "";
}
