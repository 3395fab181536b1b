import type { Stage } from "../recipe";
import type { Chunk } from "./chunks";
import type { PlacedChunk } from "./stage-features";
import { tinsTold, type ToldTin } from "./tins-told";

/** Tins told together are one set; those told with "or", or later, stand in its place. */
export function tinSets(
  chunks: readonly PlacedChunk[],
  stageOf: (chunk: Chunk) => Stage,
): readonly (readonly ToldTin[])[] {
  const sets: ToldTin[][] = [];
  const isBaked = (stage: Stage): boolean => stage === "before" || stage === "oven";
  const sentences = new Map<string, Chunk[]>();
  for (const { chunk, isRow } of chunks) {
    if (isRow && !/\b(?:tins?|pans?|dish|mould|mold|skillet|springform)\b/iu.test(chunk.text))
      continue;
    const key = `${chunk.line}.${chunk.sentence}`;
    sentences.set(key, [...(sentences.get(key) ?? []), chunk]);
  }
  for (const of of sentences.values()) {
    if (!of.some((chunk) => isBaked(stageOf(chunk)))) continue;
    const text = of.map((chunk) => chunk.text).join(" ");
    let last = -1;
    for (const { tin, at, end } of tinsTold(text)) {
      const between = last < 0 ? "" : text.slice(last, at);
      const isKnown = sets.some((set) => set.some((other) => isSameTin(other, tin)));
      const isVague = sizesOf(tin) === 0;
      if (sets.length > 0 && (isKnown || isVague)) {
        last = end;
        continue;
      }
      const isJoined =
        last >= 0 &&
        !/\b(?:instead|rather|you can|if you)\b/u.test(text) &&
        /\b(?:and|plus)\b/u.test(between) &&
        !/\bor\b/u.test(between) &&
        between.length < 40;
      const set = isJoined ? sets.at(-1) : undefined;
      if (set === undefined) sets.push([tin]);
      else set.push(tin);
      last = end;
    }
  }
  // A tin that is later told with its size is the one first named without.
  const [first, ...others] = sets;
  const isVague = first?.length === 1 && first.every((tin) => sizesOf(tin) === 0);
  const sized =
    others.find((set) => set[0]?.shape === first?.[0]?.shape) ??
    (first?.[0]?.shape === "square" || first?.[0]?.shape === "dish" || first?.[0]?.shape === "cups"
      ? others[0]
      : undefined);
  return isVague && sized !== undefined ? [sized, ...others.filter((set) => set !== sized)] : sets;
}

const sizesOf = (tin: ToldTin): number =>
  [tin.diameterMm, tin.sideMm, tin.lengthMm, tin.wells].filter((each) => each !== undefined).length;

function isSameTin(one: ToldTin, other: ToldTin): boolean {
  return (
    one.shape === other.shape &&
    one.diameterMm === other.diameterMm &&
    one.sideMm === other.sideMm &&
    one.lengthMm === other.lengthMm &&
    one.widthMm === other.widthMm &&
    one.wells === other.wells
  );
}
