import { heatsTold, mainHeat, timesTold } from "../measure";
import type { Stage } from "../recipe";
import type { Chunk } from "./chunks";
import type { ToldBake } from "./oven-of-text";
import type { PlacedChunk } from "./stage-features";
import type { ToldTin } from "../tin";

/** What of a text's reading may be wrong. */
export type ToldDoubt = "recipes" | "name" | "tins" | "heat" | "minutes" | "check";

type Told = ToldBake & {
  readonly isNameSure: boolean;
  readonly tins: readonly (readonly ToldTin[])[];
};

const LOOKS = /\b(?:check|look|peek|test)(?:s|ed|ing)?\b/iu;
/** Fewer minutes are those of a turn or a last look, not of the bake. */
const LEAST_BAKE_MIN = 8;
/** More tins than this in one set are seldom told in one way. */
const MOST_TINS = 3;

/**
 * What may be wrong: what is not told, what is told in more ways than one, and what nobody tells in
 * so many words.
 */
export function doubtsTold(
  { isNameSure, tins, heat, minutes, checkAtMin }: Told,
  chunks: readonly PlacedChunk[],
  stageOf: (chunk: Chunk) => Stage,
): readonly ToldDoubt[] {
  const told = chunks.filter(({ isRow }) => !isRow).map(({ chunk }) => chunk);
  const inOven = told.filter((chunk) => stageOf(chunk) === "oven");
  const times = distinct(
    inOven
      .flatMap(({ text }) => timesTold(text).map(({ amount }) => amount.high))
      .filter((high) => high >= LEAST_BAKE_MIN && high !== checkAtMin),
  );
  const heats = distinct(
    told.flatMap((chunk) => {
      const found = mainHeat(heatsTold(chunk.text, stageOf(chunk) === "oven"));
      return found === null ? [] : [Math.round(found.tempC)];
    }),
  );
  const starts = told.filter(({ text }) => /\b(?:preheat|heat the oven|oven to)\b/iu.test(text));
  const doubts: Readonly<Record<ToldDoubt, boolean>> = {
    recipes: starts.length > 1,
    name: !isNameSure,
    tins: tins.length !== 1 || tins.some(isUnsure),
    heat: heat === null || heats > 1,
    minutes: minutes === null || times > 1,
    // Its minute is one of many things a look can be told by.
    check: checkAtMin !== null || told.some(({ text }) => LOOKS.test(text) && /\d/u.test(text)),
  };
  return Object.entries(doubts).flatMap(([about, is]) => (is ? [about as ToldDoubt] : []));
}

const distinct = (values: readonly number[]): number => new Set(values).size;

function isUnsure(set: readonly ToldTin[]): boolean {
  const count = set.reduce((sum, tin) => sum + tin.count, 0);
  const isSized = ({ diameterMm, sideMm, lengthMm, wells, shape }: ToldTin): boolean =>
    shape === "mug" ||
    [diameterMm, sideMm, lengthMm, wells].some((each) => each !== undefined && each > 0);
  return count > MOST_TINS || !set.every(isSized);
}
