import { inFigures } from "../measure";
import type { RecipeDoc } from "./schema";
import { stepStages } from "./step-stages";

/** Fewer pieces than these are layers or halves, and more than these are crumbs. */
const PIECES = { min: 4, max: 200 } as const;

const PIECE = String.raw`(?:(?:small|large|big|neat|even|equal) )?(?:squares?|slices?|pieces?|bars?|wedges?|fingers?|diamonds?|portions?)`;
const NO_PIECES = String.raw`(?!\s*(?:cm|mm|in\b|inch|g\b|min|hour|strips|rounds|layers|halves|%|\d))`;

/** The first that a step says decides. */
const CUT_INTO: readonly RegExp[] = [
  new RegExp(String.raw`\bcuts?\b[^.;]{0,40}?\b(\d{1,3}) ${PIECE}\b`, "iu"),
  /\bcuts?\b[^.;]{0,24}?\b(\d{1,2})\s*(?:x|×|by)\s*(\d{1,2})\b(?!\s*(?:cm|mm|in\b|inch))/iu,
  new RegExp(
    String.raw`\bcuts?\b(?:[^.;]{0,24}?\b(?:in|into))?\s+(?:it |them )?(\d{1,3})\b${NO_PIECES}`,
    "iu",
  ),
];

/**
 * How many pieces a recipe gives: the portions it names, else those its steps cut it into; null
 * where it says nothing of it.
 * @example piecesTold({ …, steps: [step("When cold, cut it 6 x 4.")] }) // 24
 */
export function piecesTold({
  portions,
  parts,
}: Pick<RecipeDoc, "portions" | "parts">): number | null {
  if (portions !== undefined) return Math.round(portions);
  for (const { steps } of parts) {
    const stages = stepStages(steps);
    for (const [at, step] of steps.entries()) {
      if (stages[at] === "before" || stages[at] === "oven") continue;
      const { text } = inFigures(step.text);
      const found = CUT_INTO.map((says) => says.exec(text)).find((each) => each !== null);
      const pieces = Number(found?.[1] ?? 0) * Number(found?.[2] ?? 1);
      if (pieces >= PIECES.min && pieces <= PIECES.max) return pieces;
    }
  }
  return null;
}
