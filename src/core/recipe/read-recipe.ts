import { withSameWeights } from "./same-weight";
import { bad, good, type Amount, type Result } from "../measure";
import type { Pantry } from "../pantry";
import { pageText } from "./html";
import { jsonPage, recipesInJson } from "./json-ld";
import { readPage, type PageLine, type ReadingRow } from "./read-page";
import { RECIPE_LIMITS, type RecipeDoc } from "./schema";

/** What a reader of the whole should look at, worst first. */
export type ReadingProblem =
  | { readonly code: "no-ingredients" }
  | { readonly code: "second-recipe"; readonly rows: number }
  | { readonly code: "no-steps" }
  | { readonly code: "no-tins" }
  | { readonly code: "no-heat" }
  | { readonly code: "no-minutes" }
  | { readonly code: "minutes-range"; readonly minutes: Amount }
  | { readonly code: "unread"; readonly rows: number };

export type RecipeReading = {
  readonly doc: RecipeDoc;
  readonly rows: readonly ReadingRow[];
  readonly problems: readonly ReadingProblem[];
};

/**
 * A whole recipe from what was pasted or loaded: plain text, Markdown, schema.org JSON-LD, or a
 * saved page with either. Every line of the original is in the rows; what was not understood is
 * there as unread. Fails for a text that is empty, longer than {@link RECIPE_LIMITS}, of more lines
 * than any recipe, or a program's file.
 * @example readRecipe("Pear loaf\n200 g flour\nBake at 180 °C for 50 minutes.", pantryOf())
 */
export function readRecipe(original: string, pantry: Pantry): Result<RecipeReading> {
  const lines = recipeLines(original);
  return lines.ok ? good(readLines(lines.value, original, pantry)) : lines;
}

/** The lines of what was pasted or loaded; fails as {@link readRecipe} does. */
export function recipeLines(original: string): Result<readonly PageLine[]> {
  if (original.trim() === "")
    return bad({ code: "missing", path: "recipeText", expected: "recipe" });
  if (original.length > RECIPE_LIMITS.original)
    return bad({
      code: "too-many",
      path: "recipeText",
      value: original.length,
      max: RECIPE_LIMITS.original,
    });
  if (isProgramFile(original))
    return bad({ code: "unreadable", path: "recipeText", value: "", expected: "text" });
  const lines = pageLines(original);
  const written = lines.filter(({ text }) => text.trim() !== "").length;
  return written > RECIPE_LIMITS.rows
    ? bad({ code: "too-many", path: "recipeLines", value: written, max: RECIPE_LIMITS.rows })
    : good(lines);
}

/** The recipe on some lines by how they look. */
export function readLines(
  lines: readonly PageLine[],
  original: string,
  pantry: Pantry,
): RecipeReading {
  const { doc, rows, minutes } = readPage(lines, pantry);
  return { doc: { ...doc, original }, rows, problems: problemsOf(doc, rows, minutes) };
}

/**
 * Control characters and marks of undecodable bytes are what tells a program's file from a text.
 */
function isProgramFile(text: string): boolean {
  let strange = 0;
  for (let at = 0; at < text.length; at += 1) {
    const code = text.charCodeAt(at);
    if (code < 9 || (code > 13 && code < 32) || code === 0xfffd) strange += 1;
  }
  return strange > 3 && strange > text.length / 200;
}

/** The lines of a pasted text or page, those of JSON-LD with what they are. */
export function pageLines(original: string): readonly PageLine[] {
  const isMarkup = /^\s*<(?:!doctype|html|\?xml|\w+[\s>])/iu.test(original);
  const page = isMarkup ? pageText(original) : { text: original, json: [original] };
  const found = recipesInJson(page.json);
  if (found.recipes.length > 0) return jsonPage(found);
  const lines = page.text.split(/\r\n|[\n\r\u2028\u2029]/u);
  return withSameWeights(lines).map((text) => ({ text, is: null }));
}

/** What a reader of the whole should look at, of a reading. */
export function problemsOf(
  doc: RecipeDoc,
  rows: readonly ReadingRow[],
  minutes: Amount | null,
): readonly ReadingProblem[] {
  const problems: ReadingProblem[] = [];
  const count = (kind: ReadingRow["as"]): number => rows.filter(({ as }) => as === kind).length;
  if (count("ingredient") === 0) problems.push({ code: "no-ingredients" });
  if (count("second-recipe") > 0)
    problems.push({ code: "second-recipe", rows: count("second-recipe") });
  if (count("step") === 0) problems.push({ code: "no-steps" });
  if (doc.bake.tins.length === 0) problems.push({ code: "no-tins" });
  if (doc.bake.ovenC === undefined && (doc.bake.source ?? "oven") === "oven")
    problems.push({ code: "no-heat" });
  if (minutes === null) problems.push({ code: "no-minutes" });
  else if (minutes.high > minutes.low) problems.push({ code: "minutes-range", minutes });
  if (count("unread") > 0) problems.push({ code: "unread", rows: count("unread") });
  return problems;
}
