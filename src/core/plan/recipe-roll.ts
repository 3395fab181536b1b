// Whether a recipe rolls its sheet up, and from which side.
import type { RolledFrom } from "../build";
import { stepStages, type Formula, type Stage } from "../recipe";
import type { Tin } from "../tin";

/** Rolled out, a roll of something, a rolling pin. */
const NOT_UP = String.raw`(?! (?:out|of|pin|boil|oats|fondant|icing|into (?:small )?balls)\b)`;
/** "Roll it in the coconut", but not in its towel. */
const NOT_IN_CRUMBS = String.raw`(?!(?: \p{L}+){0,3} in (?!(?:\p{L}+ ){0,3}(?:towel|cloth|paper|parchment|film|foil|wrap)))`;
const WITH_IT = String.raw`(?=[^.;]*\b(?:up|it|them|cake|sponge|sheet|towel|cloth|paper|tight(?:ly)?|loosely|warm|again|from|inside)\b)`;
const ROLLS = new RegExp(
  String.raw`\b(?:re-?)?roll(?:ed|ing|s)?\b${NOT_UP}${NOT_IN_CRUMBS}${WITH_IT}`,
  "iu",
);
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
