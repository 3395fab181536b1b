import { readTin, tinCount, writeTin, type SizeHabit, type Tin } from "../tin";
import { FIRST_QUESTION } from "./first-question";

function sameTin(a: Tin, b: Tin): boolean {
  return writeTin({ ...a, count: 1 }) === writeTin({ ...b, count: 1 });
}

function pieces(text: string, tin: Tin, habit: SizeHabit): number {
  const read = readTin(text, habit);
  return read.ok && sameTin(read.value.tin, tin) ? tinCount(read.value.tin) / tinCount(tin) : 0;
}

/**
 * How many of a cupboard's tin stand among the written ones; trays of wells are counted as trays.
 */
export function chosenPieces(texts: readonly string[], tin: Tin, habit: SizeHabit): number {
  return texts.reduce((sum, text) => sum + pieces(text, tin, habit), 0);
}

/** The written tins, each so many times; what can't be read stays as it is. */
export function timesTins(
  texts: readonly string[],
  times: number,
  habit: SizeHabit,
): readonly string[] {
  return texts.map((text) => {
    const read = readTin(text, habit);
    if (!read.ok) return text;
    const { tin } = read.value;
    return writeTin({ ...tin, count: times * tinCount(tin) });
  });
}

/**
 * The written tins with `count` pieces of a cupboard's tin among them: added, changed in its place,
 * or taken out at 0. The tin that the bench opens with is only an example, and makes way for the
 * first one chosen.
 */
export function withPieces(
  texts: readonly string[],
  tin: Tin,
  count: number,
  habit: SizeHabit,
): readonly string[] {
  const isExample = texts.length === 1 && texts[0] === FIRST_QUESTION.tins[0];
  const others = texts.filter(
    (text) => text.trim() !== "" && !(isExample && pieces(text, tin, habit) === 0),
  );
  const at = others.findIndex((text) => pieces(text, tin, habit) > 0);
  const rest = others.filter((text) => pieces(text, tin, habit) === 0);
  if (count === 0) return rest;
  const text = writeTin({ ...tin, count: count * tinCount(tin) });
  return at < 0 ? [...rest, text] : rest.toSpliced(at, 0, text);
}
