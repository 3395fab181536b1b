// What tells when a clause's work is done: before the oven, in it, while hot, when cold.
import { remembered } from "../measure";
import { wordsIn, type Chunk } from "./chunks";
import type { Features } from "./sequence";

/** A clause with where it stands. */
export type PlacedChunk = {
  readonly chunk: Chunk;
  /** Words of the heading above it. */
  readonly heading: readonly string[];
  /** Whether its line is one of a list of ingredients. */
  readonly isRow: boolean;
};

const BAKES = /^(?:bake[sd]?|baking|cook(?:ed|s)?|oven|microwaves?|zap|nuke|steams?|steamed)$/u;
const PREHEATS =
  /\b(?:preheat\w*|pre-heat\w*|heat (?:the|your) oven|turn (?:the|your|on)|oven (?:on|to|goes)|set (?:the|your)|warm (?:the|your) oven)\b/u;
/** Minutes that are not added to others, or taken off them. */
const MINUTES =
  /\d\s*-?\s*(?:minutes?|mins?|hours?|hrs?|h\b|seconds?|secs?)(?!\s*(?:less|fewer|more|longer|extra)\b)/u;

const isBake = ({ chunk: { text, words }, isRow }: PlacedChunk): boolean =>
  !isRow && words.some((word) => BAKES.test(word)) && !PREHEATS.test(text.toLowerCase());
const isTimed = (each: PlacedChunk): boolean => isBake(each) && MINUTES.test(each.chunk.text);

/** Whether any clause says how long it bakes, by that word. */
export const tellsBake = (chunks: readonly PlacedChunk[]): boolean => chunks.some(isTimed);

/** The first clause that puts the batter into the heat; -1 when none does. */
export function bakeAt(chunks: readonly PlacedChunk[]): number {
  const withMinutes = chunks.findIndex(isTimed);
  return withMinutes >= 0 ? withMinutes : chunks.findIndex(isBake);
}

/** Features of every clause of a text, for its stage. */
export function stageFeatures(chunks: readonly PlacedChunk[]): readonly Features[] {
  const bake = bakeAt(chunks);
  const shared = chunks.map(({ chunk }) => wordFeatures(chunk.text));
  return chunks.map((placed, index) => {
    const { chunk, heading, isRow } = placed;
    const before = chunks[index - 1]?.chunk;
    const after = chunks[index + 1]?.chunk;
    const isSameSentence = before?.sentence === chunk.sentence;
    return [
      shared[index] ?? [],
      before === undefined ? ["first"] : featuresBefore(before.text),
      after === undefined ? ["last"] : featuresAfter(after.text),
      [
        ...heading.map((word) => `h:${word}`),
        ...(heading.length > 0 && bake >= 0
          ? [`h:${heading[0] ?? ""}:${index < bake ? "b" : "a"}`]
          : []),
        ...(isSameSentence ? ["same"] : []),
        ...(isRow ? ["row"] : []),
        ...placeFeatures(index, bake, chunks.length),
      ],
    ];
  });
}

/** What a clause says for the one after it, and for the one before it. */
const featuresBefore = remembered((text): readonly string[] => prefixed("p", text));
const featuresAfter = remembered((text): readonly string[] => prefixed("n", text));

const prefixed = (prefix: string, text: string): readonly string[] =>
  [...new Set(wordsIn(text))].map((word) => `${prefix}:${word}`);

const wordFeatures = remembered((text): readonly string[] => {
  const words = wordsIn(text);
  const pairs = words.slice(1).map((word, index) => `${words[index] ?? ""} ${word}`);
  return [
    "any",
    ...new Set(words.map((word) => (/^\d/u.test(word) ? "#" : word))),
    ...new Set(pairs.map((pair) => pair.replaceAll(/\d[\d.,/]*/gu, "#"))),
    `1:${words[0] ?? ""}`,
    `12:${words[0] ?? ""} ${words[1] ?? ""}`,
    ...(MINUTES.test(text) ? ["minutes"] : []),
    ...(/\d\s*(?:°|º|degrees|[cf]\b)/iu.test(text) ? ["heat"] : []),
  ];
});

function placeFeatures(index: number, bake: number, count: number): readonly string[] {
  const part = `at:${Math.floor((10 * index) / count)}`;
  if (bake < 0) return [part, "no bake"];
  const off = index - bake;
  const far = Math.min(6, Math.floor(Math.log2(1 + Math.abs(off)) * 1.5));
  return [
    part,
    `off:${off < 0 ? "-" : "+"}${far}`,
    off < 0 ? "before bake" : off === 0 ? "bake" : "after bake",
  ];
}
