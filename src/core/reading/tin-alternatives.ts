import { heatsTold, mainHeat, timesTold, type Amount, type ToldHeat } from "../measure";
import type { Stage } from "../recipe";
import type { Chunk } from "./chunks";
import type { PlacedChunk } from "./stage-features";
import { sizesIn, tinsTold, type ToldTin } from "../tin";

/** Tins that are baked in together, with the heat and the minutes told after them in a breath. */
export type ToldSet = {
  readonly tins: readonly ToldTin[];
  readonly heat: ToldHeat | null;
  readonly minutes: Amount | null;
};

/** A set while it is put together: the words after its last tin, up to the next. */
type OpenSet = { readonly tins: ToldTin[]; said: string };

/** Tins told together are one set; those told with "or", or later, stand in its place. */
export function tinSets(
  chunks: readonly PlacedChunk[],
  stageOf: (chunk: Chunk) => Stage,
): readonly ToldSet[] {
  return openSets(chunks, stageOf).map(({ tins, said }) => ({
    tins,
    heat: mainHeat(heatsTold(said, true)),
    minutes: timesTold(said)[0]?.amount ?? null,
  }));
}

function openSets(
  chunks: readonly PlacedChunk[],
  stageOf: (chunk: Chunk) => Stage,
): readonly OpenSet[] {
  const sets: OpenSet[] = [];
  const isBaked = (stage: Stage): boolean => stage === "before" || stage === "oven";
  const sentences = new Map<string, Chunk[]>();
  for (const { chunk, isRow } of chunks) {
    if (isRow && !/\b(?:tins?|pans?|dish|mould|mold|skillet|springform)\b/iu.test(chunk.text))
      continue;
    const key = `${chunk.line}.${chunk.sentence}`;
    sentences.set(key, [...(sentences.get(key) ?? []), chunk]);
  }
  for (const { of, text } of withSizes([...sentences.values()])) {
    if (!of.some((chunk) => isBaked(stageOf(chunk))) && !IN_ITS_PLACE.test(text)) continue;
    let last = -1;
    const told = tinsTold(text);
    for (const [index, { tin, at, end, isOfList = false }] of told.entries()) {
      const between = last < 0 ? "" : text.slice(last, at);
      const isKnown = sets.some(({ tins }) => tins.some((other) => isSameTin(other, tin)));
      const isVague = sizesOf(tin) === 0;
      if (sets.length > 0 && (isKnown || isVague)) {
        last = end;
        continue;
      }
      const isJoined =
        (isOfList && told[index - 1]?.isOfList === true) ||
        (last >= 0 &&
          !/\b(?:instead|rather|you can|if you)\b/u.test(text) &&
          /\b(?:and|plus)\b/u.test(between) &&
          !/\bor\b/u.test(between) &&
          between.length < 40);
      const set = isJoined ? sets.at(-1) : undefined;
      const said = text.slice(end, told[index + 1]?.at ?? text.length);
      if (set === undefined) sets.push({ tins: [tin], said });
      else {
        set.tins.push(tin);
        set.said = said;
      }
      last = end;
    }
  }
  // A tin that is later told with its size is the one first named without.
  const [first, ...others] = sets;
  const isVague = first?.tins.length === 1 && first.tins.every((tin) => sizesOf(tin) === 0);
  const shape = first?.tins[0]?.shape;
  const sized =
    others.find(({ tins }) => tins[0]?.shape === shape) ??
    (shape === "square" || shape === "dish" || shape === "cups" ? others[0] : undefined);
  return isVague && sized !== undefined ? [sized, ...others.filter((set) => set !== sized)] : sets;
}

/** What is said of another tin wherever it is said: "If you have no loaf tin, an 18 cm round does." */
const IN_ITS_PLACE = /\bif (?:you|there)\b[^.]*\d|\d[^.]*\binstead\b/iu;
const MOST_SIZE_WORDS = 6;

/** Sentences with their text; one that is a bare size goes on with the sentence before it. */
function withSizes(
  sentences: readonly (readonly Chunk[])[],
): readonly { readonly of: readonly Chunk[]; readonly text: string }[] {
  const joined: { of: readonly Chunk[]; text: string }[] = [];
  for (const of of sentences) {
    const text = of.map((chunk) => chunk.text).join(" ");
    const before = joined.at(-1);
    const isBare =
      text.split(/\s+/u).length <= MOST_SIZE_WORDS && sizesIn(text.toLowerCase())[0]?.at === 0;
    const [tin] = before === undefined ? [] : tinsTold(before.text).slice(-1);
    if (before !== undefined && isBare && tin !== undefined && sizesOf(tin.tin) === 0)
      joined[joined.length - 1] = {
        of: [...before.of, ...of],
        text: `${before.text.replace(/[.!?]\s*$/u, "")}, ${text}`,
      };
    else joined.push({ of, text });
  }
  return joined;
}

const sizesOf = (tin: ToldTin): number =>
  [tin.diameterMm, tin.sideMm, tin.lengthMm, tin.wells].filter((each) => each !== undefined).length;

/** Sizes told twice in two units differ by less, mm. */
const SAME_MM = 1;

function isSameTin(one: ToldTin, other: ToldTin): boolean {
  const near = (a = 0, b = 0): boolean => Math.abs(a - b) < SAME_MM;
  return (
    one.shape === other.shape &&
    near(one.diameterMm, other.diameterMm) &&
    near(one.sideMm, other.sideMm) &&
    near(one.lengthMm, other.lengthMm) &&
    near(one.widthMm, other.widthMm) &&
    one.wells === other.wells
  );
}
