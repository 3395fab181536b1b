import { diffArrays } from "diff";
import { writeMarkdown, type RecipeDoc } from "@/core/recipe";

export type Change = { readonly is: "same" | "gone" | "new"; readonly text: string };

/** A recipe as lines to compare: as it is written, without the blank ones. */
export function linesOfRecipe(doc: RecipeDoc): readonly string[] {
  return writeMarkdown(doc)
    .split("\n")
    .map((line) => line.replace(/^(?:#+|-|\d+\.)\s+/u, "").trim())
    .filter((line) => line !== "");
}

/** What has to go and what has to come to turn one list of lines into another, in order. */
export function textDifference(
  before: readonly string[],
  after: readonly string[],
): readonly Change[] {
  return diffArrays([...before], [...after]).flatMap(({ value, added, removed }) =>
    value.map((text): Change => ({ is: added ? "new" : removed ? "gone" : "same", text })),
  );
}
