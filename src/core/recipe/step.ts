import {
  heatsTold,
  inFigures,
  mainHeat,
  remembered,
  timesTold,
  type Amount,
  type ToldHeat,
} from "../measure";
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
    /\b(?:preheat|heat (?:the |your )?oven|warm the oven|turn (?:the )?oven|oven to|set the oven|oven (?:at|on|\d{2,3}(?:\s*(?:°|º|degrees?))?(?:\s*[cf])?))\b/iu,
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
    /\b(?:chill|refrigerate|(?<!the )rest(?! of)|soak|steep|stand|sit|leave|overnight|marinate|prove|freeze|fridge)\b/iu,
    "rest",
  ],
  // A pan on the hob is no cake pan: "Pour the stout into a large pan, add the butter and warm it".
  [
    /\b(?:pour|scrape|spoon|tip|transfer)\b(?:(?!\bbatter\b)[^.]){0,60}\bpan\b[^.]{0,80}\b(?:(?:un)?til [^.]{0,25}\bmelt|melt (?:the|it|them|gently|together|over|slowly)\b|simmer|bring to|(?:over|on) (?:a )?(?:very )?(?:low|medium|gentle|high)\b|(?:heat|warm)(?: it| them)? (?:gently|slowly|through)\b|hob|stove)/iu,
    "melt",
  ],
  [
    /\b(?:pour|scrape|spoon|divide|tip|turn|transfer|spread)\b[^.]*\b(?:tins?|pans?|cases|moulds?|cups|wells|ring|dish(?:es)?|skillet|basin)\b|\b(?:share|weigh|even|level)\b[^.]*\b(?:into|between|among|over) (?:the |two |three |your )*(?:tins?|pans?|cases|moulds?|cups)\b/iu,
    "fill",
  ],
  [
    /\b(?:melt|bain|simmer|boil|bring to|saucepan|bloom|toast|cook|dissolve|warm (?:through|the))\b/iu,
    "melt",
  ],
  [/\bfold\b/iu, "fold"],
  [
    /\bcream(?:ing)?\b(?=[^.]*\b(?:butter|sugar|together|until)\b)|\bbeat(?![^.]*\bmelted butter\b)[^.]*\bbutter\b[^.]*\bsugar\b/iu,
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

/** All durations in a text, minutes, in order; `1 hour 10 minutes` is one. */
export function durationsIn(text: string): readonly Amount[] {
  return timesTold(inFigures(text).text).map(({ amount }) => amount);
}

/**
 * The heat of an oven in a text: `180 °C`, `350F`, `180C/160C fan/gas 4`, `gas mark 4`, `at three
 * fifty in the oven`. The conventional heat when both are given. Null when none is found.
 */
export function heatIn(text: string): ToldHeat | null {
  return mainHeat(heatsTold(inFigures(text).text));
}

const kindTold = remembered(
  (text): StepKind => KIND_WORDS.find(([pattern]) => pattern.test(text))?.[1] ?? "other",
);

/** What the words of a step say. */
export function readStep(step: Pick<Step, "text" | "kind" | "minutes">): StepFacts {
  const { text } = step;
  const kind = step.kind ?? kindTold(text);
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

/** A sentence from its start, up to what is done after the wait that it says. */
function waitedWords(text: string): string {
  const [sentence = ""] = /^(?:[^.;]|\.(?=\d))*/u.exec(text) ?? [];
  const [waited = ""] = sentence.split(/,? (?:and )?(?:then|before)\b/iu, 1);
  return durationsIn(waited).length > 0 ? waited : sentence;
}

const WAITED =
  /\b(?:leave|rest|stand|sit|chill|cool|soak|let (?:it|them|this) (?:thicken|set|swell|stand|cool|rest))\b/iu;

/** A wait inside a step of another kind: "… then leave to stand for 10 minutes". */
type InnerWait = {
  readonly wait: Amount;
  /** What is done before it. */
  readonly before: string;
  readonly words: string;
};
const waitIn = remembered((text): InnerWait | null => {
  const from = WAITED.exec(text)?.index ?? text.length;
  const [wait] = durationsIn(text.slice(from));
  return wait === undefined
    ? null
    : {
        wait,
        before: text.slice(0, from),
        words: waitedWords(text.slice(from)),
      };
});

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
      isOtherSense(hit.words, tokens[index + length]?.word ?? "") ||
      OWN_AMOUNT.test(text.slice(0, first.at)) ||
      isOtherKind(tokens[index - 1]?.word ?? "", hit.id, names)
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

/** An amount of its own right before it: a step that says how much needs no line to say it. */
const OWN_AMOUNT =
  /\d[\d.,/]*\s?(?:g|kg|ml|l|oz|lb|tsp|tbsp|teaspoons?|tablespoons?|cups?|spoons?)\s+(?:of\s+)?(?:\p{L}+\s+)?$/iu;
/** Words that make another thing of what follows: icing sugar is none of the caster sugar. */
const OTHER_KINDS = new Set(
  "icing powdered confectioner confectioners caster castor granulated brown muscovado demerara palm coconut vanilla peanut almond hazelnut rice corn gram semolina ground cocoa double whipping whipped soured sour clotted ice condensed evaporated".split(
    " ",
  ),
);

/** Whether the word before a mention makes it something that this line is not. */
const isOtherKind = (
  before: string,
  id: string,
  names: readonly { readonly id: string; readonly words: string }[],
): boolean =>
  OTHER_KINDS.has(before) &&
  !names.some((name) => name.id === id && name.words.split(" ").includes(before));

/** "Flour the tin" is something to do, and "egg whites" are not the eggs. */
function isOtherSense(words: string, next: string): boolean {
  if (/^(?:flour|butter|oil|ice)$/u.test(words))
    return /^(?:the|it|them|your|both|every)$/u.test(next);
  return words === "egg" && /^(?:white|yolk)$/u.test(next);
}

function lastWord(name: string): string {
  return name.split(/\s+/u).at(-1) ?? "";
}
