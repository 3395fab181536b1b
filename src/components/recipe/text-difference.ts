import { writeMarkdown, type RecipeDoc } from "@/core/recipe";

export type Change = { readonly is: "same" | "gone" | "new"; readonly text: string };

/** A recipe as lines to compare: as it is written, without the blank ones. */
export function linesOfRecipe(doc: RecipeDoc): readonly string[] {
  return writeMarkdown(doc)
    .split("\n")
    .map((line) => line.replace(/^(?:#+|-|\d+\.)\s+/u, "").trim())
    .filter((line) => line !== "");
}

/**
 * What has to go and what has to come to turn one list of lines into another, in order: the longest
 * common subsequence stays. Quadratic in the number of lines, which a recipe's few dozen never
 * feel.
 */
export function textDifference(
  before: readonly string[],
  after: readonly string[],
): readonly Change[] {
  const rows = before.length + 1;
  const columns = after.length + 1;
  const common = Array.from({ length: rows }, () => new Uint16Array(columns));
  const at = (row: number, column: number): number => common[row]?.[column] ?? 0;
  for (let row = before.length - 1; row >= 0; row -= 1) {
    for (let column = after.length - 1; column >= 0; column -= 1) {
      const cells = common[row];
      if (cells !== undefined)
        cells[column] =
          before[row] === after[column]
            ? at(row + 1, column + 1) + 1
            : Math.max(at(row + 1, column), at(row, column + 1));
    }
  }
  const changes: Change[] = [];
  let [row, column] = [0, 0];
  while (row < before.length || column < after.length) {
    const [old, next] = [before[row], after[column]];
    if (old !== undefined && old === next) {
      changes.push({ is: "same", text: old });
      row += 1;
      column += 1;
    } else if (
      old !== undefined &&
      (next === undefined || at(row + 1, column) >= at(row, column + 1))
    ) {
      changes.push({ is: "gone", text: old });
      row += 1;
    } else if (next !== undefined) {
      changes.push({ is: "new", text: next });
      column += 1;
    }
  }
  return changes;
}
