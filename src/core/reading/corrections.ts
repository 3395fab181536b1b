// What a baker put right in a reading, laid over what was read.
import { heatsTold, inFigures, middle, timesTold } from "../measure";
import {
  BAKE_LIMITS,
  unmarked,
  unnumbered,
  type Correction,
  type PageLine,
  type RecipeDoc,
} from "../recipe";
import { benchTins, tinsTold } from "../tin";
import { areSameTins, heatOf, minutesOf } from "./bake-facts";
import type { PagePiece } from "./piece";

/** A line by its words, and by which it is of several that say the same. */
type LineKey = Pick<Correction, "text" | "nth">;

const keyOf = ({ text, nth = 0 }: LineKey): string => `${nth} ${text.trim()}`;

/** Each text with how many before it say the same. */
export function numbered(
  texts: readonly string[],
): readonly { readonly text: string; readonly nth: number }[] {
  const times = new Map<string, number>();
  return texts.map((text) => {
    const nth = times.get(text.trim()) ?? 0;
    times.set(text.trim(), nth + 1);
    return { text, nth };
  });
}

/** Those corrections that are of one of some lines, as they were said. */
export function correctionsOf(
  corrections: readonly Correction[],
  lines: readonly LineKey[],
): readonly Correction[] {
  const keys = new Set(lines.map(keyOf));
  return corrections.filter((each) => keys.has(keyOf(each)));
}

/** Lines with what she says they are. */
export function correctedLines(
  lines: readonly PageLine[],
  corrections: readonly Correction[],
): readonly PageLine[] {
  const said = new Map(
    corrections.flatMap((each) => (each.as === undefined ? [] : [[keyOf(each), each.as] as const])),
  );
  return numbered(lines.map(({ text }) => text)).map((key, at) => ({
    text: key.text,
    is: said.get(keyOf(key)) ?? lines[at]?.is ?? null,
  }));
}

/**
 * A piece of a page as she says it is: a line, a step or a note, of which part, and when.
 * @param corrections those of this piece, the last said last
 */
export function correctedPiece(piece: PagePiece, corrections: readonly Correction[]): PagePiece {
  if (corrections.length === 0) return piece;
  const { as, role, stage } = Object.assign({}, ...corrections) as Partial<Correction>;
  if (as === undefined && role === undefined && stage === undefined) return piece;
  const is = as ?? piece.as;
  if (is !== "ingredient" && is !== "step") return { text: piece.text, as: is, doubts: [] };
  const words = is === "step" ? unnumbered(unmarked(piece.text)) : unmarked(piece.text);
  const was = piece.of ?? { words, role: "batter", headed: null };
  const when = stage ?? was.stage;
  return {
    text: piece.text,
    as: is,
    doubts: piece.doubts.filter(
      (doubt) =>
        !(doubt === "which-part" && role !== undefined) &&
        !(doubt === "which-time" && stage !== undefined),
    ),
    of: {
      words: is === piece.as ? was.words : words,
      ...(role === undefined ? { role: was.role, headed: was.headed } : { role, headed: null }),
      ...(is === "step" && when !== undefined ? { stage: when } : {}),
    },
  };
}

type Bake = RecipeDoc["bake"];

/**
 * The bake with the tins, heat and minutes she says are its own, and without those that are not.
 * @param others what the text says of other tins: one that she chooses brings its heat and minutes
 */
export function correctedBake(
  bake: Bake,
  others: readonly Bake[],
  corrections: readonly Correction[],
): Bake {
  return corrections.reduce(
    (now, { fact }) => (fact === undefined ? now : withFact(now, others, fact)),
    bake,
  );
}

function withFact(
  bake: Bake,
  others: readonly Bake[],
  { is, words, isIt }: NonNullable<Correction["fact"]>,
): Bake {
  const { text } = inFigures(words);
  if (is === "tins") {
    const told = benchTins(tinsTold(text).map(({ tin }) => tin));
    if (!isIt) return { ...bake, tins: bake.tins.filter((tin) => !areSameTins([tin], told.tins)) };
    return (
      others.find(({ tins }) => areSameTins(tins, told.tins)) ?? {
        ...bake,
        isSizeAssumed: undefined,
        ...told,
      }
    );
  }
  const { source, tins, isSizeAssumed, ovenC, minutes, checkAtMin } = bake;
  const rest = { source, tins, isSizeAssumed, checkAtMin };
  const [heat, length] = [heatOf(bake), minutesOf(bake)];
  if (is === "heat") {
    const [told] = heatsTold(text, true);
    const toldC = Math.round(told?.tempC ?? 0);
    if (toldC < BAKE_LIMITS.leastC || toldC > BAKE_LIMITS.mostC) return bake;
    if (!isIt) return { ...rest, ...length, ...(ovenC === toldC ? {} : heat) };
    return { ...rest, ...length, ovenC: toldC, ...(told?.isFan === true ? { fan: true } : {}) };
  }
  const [time] = timesTold(text);
  const toldMin = time === undefined ? 0 : Math.round(middle(time.amount));
  if (toldMin < BAKE_LIMITS.leastMin || toldMin > BAKE_LIMITS.mostMin) return bake;
  if (!isIt) return { ...rest, ...heat, ...(minutes === toldMin ? {} : length) };
  return { ...rest, ...heat, minutes: toldMin };
}
