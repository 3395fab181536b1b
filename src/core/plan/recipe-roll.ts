// Whether a recipe rolls its sheet up, and from which side.
import type { RolledFrom } from "../build";
import { stepStages, type Formula, type Stage } from "../recipe";
import type { Tin } from "../tin";

const ROLLS =
  /\b(?:re-?)?roll(?:ed|ing|s)?\b(?! (?:out|of|pin|boil|oats|fondant|icing|into (?:small )?balls)\b)(?!(?: \p{L}+){0,3} in (?!(?:\p{L}+ ){0,3}(?:towel|cloth|paper|parchment|film|foil|wrap)))(?=[^.;]*\b(?:up|it|them|cake|sponge|sheet|towel|cloth|paper|tight(?:ly)?|loosely|warm|again|from|inside)\b)/iu;
const FROM_LONG = /\blong(?:er)? (?:side|edge|end)\b/iu;
const AFTER: readonly Stage[] = ["hot", "cold"];

/** The side a recipe's sheet is rolled up from once it is baked; null for one that is not. */
export function rolledByRecipe({ parts }: Formula, tins: readonly Tin[]): RolledFrom | null {
  if (!tins.some(({ shape }) => shape === "rectangle" || shape === "square")) return null;
  const rolls = parts.flatMap(({ part: { steps } }) => {
    const stages = stepStages(steps);
    return steps.flatMap(({ text, stage }, at) =>
      AFTER.includes(stage ?? stages[at] ?? "before") && ROLLS.test(text) ? [text] : [],
    );
  });
  if (rolls.length === 0) return null;
  return rolls.some((text) => FROM_LONG.test(text)) ? "long" : "short";
}
