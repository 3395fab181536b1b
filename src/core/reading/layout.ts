// What each line of a page is: a heading, a row of ingredients, or something that is told.
import { remembered } from "../measure";
import type { Pantry } from "../pantry";
import { beginsTelling, chunksOfLine, hasAct, wordsIn, type Chunk } from "./chunks";
import { mentionsIn, type Mention } from "./mentions";
import { partRole, readLine, toldFor, unmarked, unnumbered, type PageLine } from "../recipe";

export type LineKind = "blank" | "heading" | "row" | "told";

/** A line of the page, cut into what it says. */
export type PageRow = {
  readonly written: string;
  /** Without the marks of lists and Markdown. */
  readonly bare: string;
  readonly kind: LineKind;
  readonly chunks: readonly Chunk[];
  /** What each chunk speaks of. */
  readonly mentions: readonly (readonly Mention[])[];
  /** The heading it stands under; empty for none. */
  readonly heading: string;
};

/** A line without the marks of lists, Markdown and tables. */
const bareLine = remembered((text): string =>
  unnumbered(unmarked(text.replaceAll("\u00a0", " ")))
    .replace(/\b(tea|table|dessert) (?=spoons?\b)/giu, "$1")
    .replace(/(?<![\s.])\s*(?:\.{2,}|…)\s*(?=[\d½¼¾])/gu, " : ")
    // Columns; a sentence has a space after each of its marks, and ends.
    .replace(/^(?![^|]*;\s.*[.!?]$)(?:[^;|]*[;|]){2}.*$/u, (row) => row.replaceAll(/[;|]+/gu, " "))
    .replace(/\s+/gu, " ")
    .trim(),
);

const HEADS =
  /^(?:the )?(?:ingredients?|method|directions?|instructions?|steps?|preparation|procedure|what to do|how to make (?:it|them)|notes?|tips?|storage|storing|to store|to (?:serve|finish|decorate|assemble|fill|sandwich|top|ice|frost|cover|glaze|soak)|assembly|equipment|you(?:'|’)?(?: wi)?ll need|you will need|for (?:the|a) .{2,40}|to make .{2,40}|variations?|keeping|serving|finish(?:ing)?|topping|decoration)\s*:?$/iu;

/** What a line is whose place on the page already says so. */
const KNOWN: Readonly<Partial<Record<NonNullable<PageLine["is"]>, LineKind>>> = {
  heading: "heading",
  part: "heading",
  title: "told",
  ingredient: "row",
  step: "told",
};

/** The lines of a page, each with what it is. */
export function layoutOf(lines: readonly PageLine[], pantry: Pantry): readonly PageRow[] {
  const rows: PageRow[] = [];
  let heading = "";
  let sentence = 0;
  for (const [index, { text: written, is }] of lines.entries()) {
    const bare = bareLine(written);
    const chunks = chunksOfLine(bare, index, sentence);
    const mentions = chunks.map(({ text }) => mentionsIn(text, pantry));
    sentence = (chunks.at(-1)?.sentence ?? sentence) + 1;
    const inline = is === null ? listedInLine(bare, mentions) : null;
    if (inline !== null) {
      // What is told after the list is its method: "… and 30 ml water. Mix and spread over."
      const listed = chunks.findIndex(
        ({ text, sentence: own }, at) =>
          at > 0 && own !== chunks[at - 1]?.sentence && beginsTelling(text),
      );
      const end = listed < 0 ? chunks.length : listed;
      const part = (from: number, to: number) => ({
        written,
        bare,
        chunks: chunks.slice(from, to),
        mentions: mentions.slice(from, to),
        heading: inline,
      });
      rows.push({ ...part(0, end), kind: "row" });
      if (end < chunks.length) rows.push({ ...part(end, chunks.length), kind: "told" });
      continue;
    }
    const kind = (is === null ? null : KNOWN[is]) ?? kindOf(bare, written, chunks, mentions, rows);
    if (kind === "heading") heading = bare;
    rows.push({ written, bare, kind, chunks, mentions, heading });
  }
  return rows.map((row, at) => (isUnknownRow(row, at, rows) ? withUnknown(row) : row));
}

/** Words of what is no ingredient though it is counted: tins, times, what it gives. */
const COUNTED_ELSE =
  /\d\s*(?:cm|mm|in|inch(?:es)?|mins?|minutes?|h|hours?|days?|°|c|f)\b|\b(?:tins?|pans?|moulds?|molds?|dish(?:es)?|trays?|cases|oven|gas|serves?|servings?|portions|pieces|slices|squares|layers)\b/iu;
/** An ingredient that nobody knows is told in no more words. */
const MOST_UNKNOWN_WORDS = 5;

/** "2 bay leaves" between other ingredients: one that the pantry does not know. */
function isUnknownRow(
  { kind, bare, chunks, mentions }: PageRow,
  at: number,
  rows: readonly PageRow[],
): boolean {
  if (kind !== "told" || chunks.length !== 1 || mentions.some((all) => all.length > 0))
    return false;
  if (!/^[\d½¼¾⅓⅔⅛]/u.test(bare) || COUNTED_ELSE.test(bare) || /[.!?]$/u.test(bare)) return false;
  if (chunks.some(hasAct) || rows[at - 1]?.kind !== "row") return false;
  const words = wordsIn(bare).length;
  // At the end of its list it has to be measured: "1/2 tsp each of the same flavourings".
  const isLast = rows[at + 1]?.kind === "blank" && isMeasured(readLine(bare));
  return isLast
    ? words <= MOST_LAST_WORDS
    : words <= MOST_UNKNOWN_WORDS && (isRowLike(rows[at + 1]) || isRowLike(rows[at + 2]));
}

const MOST_LAST_WORDS = 9;
const isMeasured = ({ measures }: ReturnType<typeof readLine>): boolean =>
  measures.some(({ unit }) => unit !== "piece");

/** A row, or "salt to taste". */
const isRowLike = (row: PageRow | undefined): boolean =>
  row !== undefined &&
  (row.kind === "row" ||
    (row.mentions.some((all) => all.length > 0) &&
      wordsIn(row.bare).length <= MOST_UNKNOWN_WORDS &&
      !row.chunks.some(hasAct)));

const withUnknown = (row: PageRow): PageRow => ({
  ...row,
  kind: "row",
  mentions: row.chunks.map(({ text }) => [
    { at: 0, end: text.length, line: text, read: readLine(text), ingredient: null },
  ]),
});

const LISTED = /^((?:for|to make) (?:the |an? )?[\p{L} -]{3,30}|\p{L}[\p{L} -]{2,24}):\s+(?=\S)/iu;
/** "For the pan: …", "Wet: …" head a list though they name no part. */
const HEADS_LIST =
  /^for the (?!top\b)|^(?:dry|wet|liquids?)(?: ingredients)?$|^the (?:top|middle)$/iu;
const BEGINS_LIST =
  /^(?:[\d½¼¾⅓⅔⅛]|(?:(?:finely |freshly )?(?:grated|squeezed) )?(?:juice|zest|rind|peel)\b)/iu;
/** A bare name before a colon heads a list of at least so many. */
const FEWEST_LISTED = 2;

/**
 * The heading of a part whose ingredients stand in the same line, "For the buttercream: 150 g butter
 * and 300 g icing sugar", "Icing: 4 oz butter, 8 oz icing sugar"; null for any other line, and for
 * one that says what to do with them.
 */
function listedInLine(bare: string, mentions: readonly (readonly Mention[])[]): string | null {
  const match = LISTED.exec(bare);
  const heading = match?.[1] ?? "";
  const isFor = /^(?:for|to make)\b/iu.test(heading);
  if (match === null || (partRole(heading) === null && !HEADS_LIST.test(heading))) return null;
  const rest = bare.slice(match[0].length);
  const listed = mentions.flat().filter(({ read }) => read.measures.length > 0);
  return listed.length >= (isFor ? 1 : FEWEST_LISTED) &&
    BEGINS_LIST.test(rest) &&
    !beginsTelling(rest)
    ? `${heading}:`
    : null;
}

/** "STEP 2" over what is done in it. */
const STEP_NUMBER = /^(?:step|part|stage)\s*\d{1,2}\s*[.:)]?$/iu;

function kindOf(
  bare: string,
  written: string,
  chunks: readonly Chunk[],
  mentions: readonly (readonly Mention[])[],
  above: readonly PageRow[],
): LineKind {
  if (bare === "" || STEP_NUMBER.test(bare)) return "blank";
  const words = wordsIn(bare);
  if (isHeading(bare, written, words)) return "heading";
  const first = mentions[0]?.[0];
  const hasAmount = mentions.some((all) => all.some(({ read }) => read.measures.length > 0));
  // "Grated zest of 2 lemons" begins with its own name.
  const own = wordsIn(first?.line ?? "");
  const startsSo =
    first !== undefined &&
    wordsIn(chunks[0]?.text.slice(0, first.at) ?? "").filter((word) => !own.includes(word))
      .length <= 2;
  const isEnded = /[.!?]$/u.test(bare) && words.length > 8;
  if (beginsTelling(bare)) return "told";
  if (hasAmount && startsSo && words.length <= 24 && !isEnded) return "row";
  const isInList = above.findLast(({ kind }) => kind !== "blank")?.kind;
  if (
    startsSo &&
    words.length <= 7 &&
    !/[.!?]$/u.test(bare) &&
    (isInList === "row" || isInList === "heading")
  )
    return "row";
  return "told";
}

/** Whether a line says no more than what kind of thing follows: "Method", "For the icing". */
export const isUsualHeading = (bare: string): boolean => HEADS.test(bare);

function isHeading(bare: string, written: string, words: readonly string[]): boolean {
  if (words.length === 0 || words.length > 8 || /\d/u.test(bare.replace(/^\d+[.)]?\s*/u, "")))
    return false;
  if (HEADS.test(bare)) return toldFor(bare) === null;
  if (/[.!?,]$/u.test(bare)) return false;
  if (/:$/u.test(bare) || /^\s*#{1,6}\s/u.test(written) || /^\s*\*\*[^*]+\*\*:?\s*$/u.test(written))
    return true;
  if (bare === bare.toUpperCase() && /\p{L}{3}/u.test(bare)) return true;
  return words.length <= 4 && partRole(bare) !== null && /^\p{Lu}/u.test(bare);
}
