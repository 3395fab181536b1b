// "4 eggs, and the same weight in butter, sugar and flour": the old rule, in figures.
import { inFigures } from "../measure";

/** An egg in its shell as shops sell it, between a medium and a large one, g. Judgement. */
const EGG_IN_SHELL_G = 60;
const SAME =
  /^\W*(?:and |plus )?(?:(?:the |their )?(?:same|equal) weights?|(?:their|the) weight)(?: again| each)? (?:in|of)(?: each)?(?: of)?:? (.{5,120}?)\.?$/iu;
const EGGS = /^\W*(\d{1,2}) (?:\p{L}+[ -]){0,3}eggs?\b/iu;
/** Eggs stand in one of so many lines above. */
const LINES_ABOVE = 4;

/**
 * Lines in which a line like "the same weight in butter, sugar and flour" is a line for each, as heavy
 * as the eggs above it in their shells; other lines as they are.
 */
export function withSameWeights(lines: readonly string[]): readonly string[] {
  return lines.flatMap((line, at) => {
    const [, names] = SAME.exec(line) ?? [];
    const eggs = lines
      .slice(Math.max(0, at - LINES_ABOVE), at)
      .map((above) => EGGS.exec(inFigures(above).text)?.[1])
      .findLast((count) => count !== undefined);
    if (names === undefined || eggs === undefined) return [line];
    return names
      .split(/\s*,\s*(?:and\s+)?|\s+(?:and|&)\s+/u)
      .filter((name) => name.trim() !== "")
      .map(
        (name) =>
          `${Number(eggs) * EGG_IN_SHELL_G} g ${name.trim()} (as heavy as the eggs in their shells)`,
      );
  });
}
