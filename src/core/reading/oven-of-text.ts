import type { Amount } from "../measure";
import type { HeatSource, Stage } from "../recipe";
import type { Chunk } from "./chunks";
import { checkTold } from "./oven-told";
import { heatsTold, mainHeat, ovenInWords, type ToldHeat } from "../measure";
import { timesTold } from "../measure";
import type { PlacedChunk } from "./stage-features";

/** What a text tells of the bake. */
export type ToldBake = {
  readonly source: HeatSource;
  readonly heat: ToldHeat | null;
  readonly minutes: Amount | null;
  readonly checkAtMin: number | null;
};

/** A sentence with the stage its first oven clause has. */
type Sentence = { readonly text: string; readonly chunks: readonly Chunk[] };

/** What is told of the oven: its minutes where the batter goes in, and the heat told last before. */
export function ovenOf(chunks: readonly PlacedChunk[], stageOf: (chunk: Chunk) => Stage): ToldBake {
  const sentences: Sentence[] = [];
  for (const { chunk, isRow } of chunks) {
    if (isRow && timesTold(chunk.text).length === 0 && heatsTold(chunk.text).length === 0) continue;
    const last = sentences.at(-1);
    if (last?.chunks[0]?.sentence === chunk.sentence)
      sentences[sentences.length - 1] = {
        text: `${last.text} ${chunk.text}`,
        chunks: [...last.chunks, chunk],
      };
    else sentences.push({ text: chunk.text, chunks: [chunk] });
  }
  const isOven = ({ chunks: of }: Sentence): boolean =>
    of.some((chunk) => stageOf(chunk) === "oven");
  const main = mainMinutes(sentences, stageOf);
  const heat = heatFor(sentences, main?.at ?? sentences.length, isOven);
  const most = main?.amount.high ?? 300;
  const checkAtMin =
    sentences
      .filter(isOven)
      .map(({ text }) => checkTold(text, most))
      .find((at) => at !== null) ?? null;
  const all = sentences.flatMap((each) => each.chunks);
  return { heat, minutes: main?.amount ?? null, checkAtMin, source: sourceOf(all, heat, stageOf) };
}

/** The heat told last before the cake is in, in the same breath at the latest; else the first. */
function heatFor(
  sentences: readonly Sentence[],
  bake: number,
  isOven: (sentence: Sentence) => boolean,
): ToldHeat | null {
  const heatIn = (sentence: Sentence): ToldHeat | null =>
    mainHeat(heatsTold(sentence.text, isOven(sentence)));
  const before = sentences
    .slice(0, bake + 1)
    .map(heatIn)
    .findLast((heat) => heat !== null);
  const after = sentences
    .slice(bake + 1)
    .map(heatIn)
    .find((heat) => heat !== null);
  return (
    before ??
    after ??
    sentences.map(({ text }) => ovenInWords(text)).find((heat) => heat !== null) ??
    null
  );
}

const BAKES =
  /\b(?:bake|baked|bakes|baking|cook|cooks|oven|takes?|needs?|wants?|steam\w*|microwave|zap|goes|done)\b/iu;

/** Minutes that are not the bake's: of turning, stirring, one more time. */
const OTHER_MINUTES =
  /\b(?:every|another|after|last|first|preheat\w*|turn\w*|before|at|shut(?: for)?|cut it for)\s+(?:the\s+)?(?:about\s+|first\s+)?$/iu;
/** Sentences of another cake than the first: in another tin, or of another size. */
const OF_ANOTHER =
  /^\W*(?:variations?\b|\(?(?:rounds|loaves|cupcakes|layers|muffins) (?:take|need|want)|for an? [^,.]{0,24}\b(?:pan|tin|loaf|cupcakes|layers)\b)|\bif you(?:'d)? (?:want|like|bake|use|make)|\bwant it as\b|\b(?:halve|double) (?:all|it|everything)\b/iu;
/** What says how long everything takes, or that the oven is no longer on. */
const OF_ALL =
  /\b(?:cook|total|prep|ready) time\b|\boven (?:is )?off\b|\b(?:switch|turn)\w* off\b/iu;

/** How far a sentence's minutes are the bake's own: 2 when it says so, 0 when it is of another. */
function rankOf(text: string): number {
  if (OF_ANOTHER.test(text) || OF_ALL.test(text)) return 0;
  return BAKES.test(text) ? 2 : 1;
}

function mainMinutes(
  sentences: readonly Sentence[],
  stageOf: (chunk: Chunk) => Stage,
): { readonly amount: Amount; readonly at: number } | null {
  const all = sentences.flatMap(({ text, chunks }, at) => {
    const oven = chunks.filter((chunk) => stageOf(chunk) === "oven").map((chunk) => chunk.text);
    const own = minutesIn(oven.join(" "));
    const rank = own.length === 0 ? 0 : rankOf(text);
    return [
      ...own.map((amount) => ({ amount, at, rank })),
      ...(oven.length === 0 &&
      /\b(?:bak(?:e|es|ed|ing)|microwave[ds]?|steam(?:s|ed)?)\b/iu.test(text)
        ? minutesIn(text).map((amount) => ({ amount, at, rank: 0 }))
        : []),
    ];
  });
  const main = [2, 1, 0]
    .map((rank) => all.find((each) => each.rank === rank))
    .find((each) => each !== undefined);
  if (main === undefined) return minutesBeside(sentences, stageOf);
  // What is told once with a range and once without has the range.
  const { low, high } = main.amount;
  const range = all.find(
    ({ amount, rank }) =>
      rank > 0 && amount.low <= low && high <= amount.high && amount.low < amount.high,
  );
  const first = range ?? main;
  const further = furtherIn(
    sentences.slice(first.at + 1).map(({ text, chunks }) => ({
      text,
      oven: chunks
        .filter((chunk) => stageOf(chunk) === "oven")
        .map((chunk) => chunk.text)
        .join(" "),
    })),
  );
  return further === null
    ? first
    : {
        at: first.at,
        amount: {
          low: first.amount.low + further.low,
          high: first.amount.high + further.high,
        },
      };
}

const BAKES_ON = /\b(?:bake|cook|continue|return|oven|back)\b/iu;
/** What is only done to a cake that wants it. */
const CONDITION =
  /\b(?:if|not|isn't|still|otherwise|unless|wet|raw|should|need(?:s|ed)?|broil\w*|grill\w*)\b|\?/iu;
const TAKEN_OUT = /\b(?:take|takes|took|comes?|lift|bring)\b[^.;]*\bout\b|\bfrom the oven\b/iu;
const FURTHER = /\b(?:another|further)\s+(?:about\s+)?$/iu;

/** Minutes that later sentences bake on for, whatever the first look tells: "bake another 20 minutes". */
function furtherIn(
  sentences: readonly { readonly text: string; readonly oven: string }[],
): Amount | null {
  for (const { text, oven } of sentences) {
    // What goes back in was baked before.
    if (TAKEN_OUT.test(text)) return null;
    if (!BAKES_ON.test(oven) || CONDITION.test(text)) continue;
    const [time] = timesTold(oven);
    if (
      time !== undefined &&
      (FURTHER.test(oven.slice(0, time.at)) || MORE.test(oven.slice(time.end)))
    )
      return time.amount;
  }
  return null;
}

/** A bake that browns anything takes so long, minutes. Judgement. */
const LEAST_BAKE_MIN = 8;
const NO_BAKE =
  /\b(?:cool|rest|stand|leave|chill|fridge|beat|whisk|cream|mix|stir|soak|boil|simmer)\w*\b/iu;

/** Minutes that stand bare right before what is told of the oven: "200 °C fan, 10-12 minutes". */
function minutesBeside(
  sentences: readonly Sentence[],
  stageOf: (chunk: Chunk) => Stage,
): { readonly amount: Amount; readonly at: number } | null {
  const oven = sentences.findIndex(({ chunks }) => chunks.some((c) => stageOf(c) === "oven"));
  for (const at of [oven, oven - 1, oven - 2, oven + 1]) {
    const text = sentences[at]?.text ?? "";
    const [amount] = NO_BAKE.test(text) ? [] : minutesIn(text);
    if (oven >= 0 && amount !== undefined && amount.low >= LEAST_BAKE_MIN) return { amount, at };
  }
  return null;
}

/** After minutes that are taken off others, or put to them. */
const OFF_OTHERS = /^\.?\s*(?:less|fewer|longer|shorter|extra)\b/iu;

/** After minutes that come on top of others. */
const MORE = /^\.?\s*more\b/iu;

/** What is done between two stretches of one bake. */
const GOES_ON =
  /\b(?:lower|reduce|turn|drop|down|uncover|remove|take off|lift off|scatter|sprinkle|strew|brush|rotate|swap)\b/iu;

/** Minutes a sentence bakes for; those "more" at a lower heat or without the foil added. */
function minutesIn(text: string): readonly Amount[] {
  const times = timesTold(text).filter(
    ({ at, end, unit, amount }) =>
      unit !== "d" &&
      unit !== "w" &&
      amount.high >= 0.5 &&
      !OTHER_MINUTES.test(text.slice(Math.max(0, at - 60), at)) &&
      !OFF_OTHERS.test(text.slice(end)),
  );
  const [first, own] = times;
  const second =
    own ??
    (first === undefined
      ? undefined
      : timesTold(text).find(
          ({ at }) =>
            at > first.at &&
            FURTHER.test(text.slice(0, at)) &&
            !CONDITION.test(text.slice(first.end)),
        ));
  // "Otherwise five minutes more" is no bake by itself.
  if (first === undefined || (second === undefined && MORE.test(text.slice(first.end)))) return [];
  const between = second === undefined ? "" : text.slice(first.end, second.end + 12);
  const isMore =
    second !== undefined && GOES_ON.test(between) && /\b(?:more|another|further)\b/iu.test(between);
  return isMore
    ? [{ low: first.amount.low + second.amount.low, high: first.amount.high + second.amount.high }]
    : times.map(({ amount }) => amount);
}

const POT =
  /\b(?:pressure cooker|kadai|(?:closed|lidded|covered|heavy|deep|big|dutch)[\w -]{0,20}(?:pot|pan)\b|on the (?:stove|hob)|steam(?:ed|er|ing)?)\b/iu;

const MICROWAVE = /\bmicrowave|\bnuke|\bzap/iu;

function sourceOf(
  chunks: readonly Chunk[],
  heat: ToldHeat | null,
  stageOf: (chunk: Chunk) => Stage,
): HeatSource {
  if (heat !== null) return "oven";
  const oven = chunks
    .filter((chunk) => stageOf(chunk) === "oven")
    .map(({ text }) => text)
    .join(" ");
  const all = chunks.map(({ text }) => text).join(" ");
  if (MICROWAVE.test(oven) || (MICROWAVE.test(all) && /\bmug\b/iu.test(all))) return "microwave";
  return POT.test(oven) || POT.test(all) ? "closed-pot" : "oven";
}
