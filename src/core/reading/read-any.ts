import { capitalised, good, type Result } from "../measure";
import type { Pantry } from "../pantry";
import {
  problemsOf,
  readLines,
  recipeLines,
  type Correction,
  type Line,
  type ReadingRow,
  type RecipeDoc,
  type RecipeReading,
} from "../recipe";
import { bakesOf } from "./bakes-of-text";
import { correctedLines, correctionsOf, numbered } from "./corrections";
import type { ToldDoubt } from "./doubts-told";
import { marksOf, type Mark } from "./marks";
import { pageDoc, type PlacedRow } from "./page-doc";
import { MOST_TOLD, readText } from "./read-text";

/** A page with fewer lines of ingredients than this has no list: it is told. */
const FEWEST_LISTED = 3;

/** A line of the text, or a part of one, with what it was taken for and what is told in it. */
export type MarkedRow = PlacedRow & { readonly marks: readonly Mark[] };

export type AnyReading = Omit<RecipeReading, "rows"> & {
  readonly rows: readonly MarkedRow[];
  /** The texts of the recipes on the page, this one's first; one when there is one. */
  readonly pieces: readonly string[];
  /** What of it may be wrong. */
  readonly doubts: readonly ToldDoubt[];
};

/**
 * A whole recipe from any text, as its words tell it: of several on a page the first. Fails as
 * {@link readRecipe} does.
 * @param corrections what was put right in it before
 * @example readAnyRecipe("take two cups of flour and a cup of sugar …", pantryOf())
 */
export function readAnyRecipe(
  original: string,
  pantry: Pantry,
  corrections: readonly Correction[] = [],
): Result<AnyReading> {
  const found = recipeLines(original);
  if (!found.ok) return found;
  const lines = correctedLines(found.value, corrections);
  // A text longer than anybody tells is read by how its lines look.
  if (original.length > MOST_TOLD) return good(unmarkedReading(readLines(lines, original, pantry)));
  const told = readText(lines, pantry);
  const own = lines.slice(0, told.others[0]);
  const looks = readLines(own, original, pantry);
  const listed = looks.rows.filter(({ as }) => as === "ingredient").length;
  const isSpoken = listed < FEWEST_LISTED && told.lines.length > listed;
  const { rows, ...page } = pageDoc(looks.rows, told, pantry, { isSpoken, corrections });
  // What was put right in a text that is here no more says nothing of this one.
  const live = correctionsOf(corrections, [...numbered(own.map(({ text }) => text)), ...rows]);
  // A page of data says itself what the recipe is called, and so does she.
  const isNamed = lines.some(({ is }) => is === "title");
  const isData = found.value.some(({ is }) => is !== null);
  const doc: RecipeDoc = {
    ...looks.doc,
    ...page,
    parts: page.parts.length > 0 ? page.parts : looks.doc.parts,
    name: isNamed || isData || told.name === null ? looks.doc.name : nameOf(told.name),
    ...bakesOf(looks.doc.bake, told, looks.rows, { isData, corrections: live }),
    ...(live.length > 0 ? { corrections: [...live] } : {}),
  };
  const others = lines
    .slice(own.length)
    .map(({ text }): ReadingRow => ({ text, as: "second-recipe", id: null, doubts: [] }));
  const shown = [...rows, ...others.map((row) => ({ ...row, nth: 0, role: null, stage: null }))];
  const { checkAtMin } = told;
  return good({
    doc,
    rows: withMarks(shown, { doc, checkAtMin }, pantry),
    problems: problemsOf(doc, shown, told.minutes),
    pieces: [0, ...told.others].map((from, index) =>
      lines
        .slice(from, told.others[index])
        .map(({ text }) => text)
        .join("\n"),
    ),
    doubts: told.doubts,
  });
}

const unmarkedReading = (reading: RecipeReading): AnyReading => ({
  ...reading,
  rows: reading.rows.map((row) => ({ ...row, nth: 0, role: null, stage: null, marks: [] })),
  pieces: [reading.doc.original],
  doubts: [],
});

/** Rows in which nothing is told. */
const MUTE: readonly ReadingRow["as"][] = ["blank", "heading", "part", "source", "second-recipe"];

/** Rows with their marks; lines that are told in a step follow it, and are marked in it too. */
function withMarks(
  rows: readonly PlacedRow[],
  { doc, checkAtMin }: { readonly doc: RecipeDoc; readonly checkAtMin: number | null },
  pantry: Pantry,
): readonly MarkedRow[] {
  const lines = new Map(doc.parts.flatMap((part) => part.lines.map((line) => [line.id, line])));
  const lineOf = ({ id }: PlacedRow): readonly Line[] => {
    const line = id === null ? undefined : lines.get(id);
    return line === undefined ? [] : [line];
  };
  // From the last to the first: the lines after a row are known when it comes to it.
  let after: readonly Line[] = [];
  return rows
    .toReversed()
    .map((row): MarkedRow => {
      const isLine = row.as === "ingredient";
      const own = isLine ? lineOf(row) : after;
      after = isLine ? [...lineOf(row), ...after] : [];
      if (MUTE.includes(row.as)) return { ...row, marks: [] };
      const of = { bake: doc.bake, checkAtMin, lines: own, stage: row.stage };
      return { ...row, marks: marksOf(row.text, of, pantry) };
    })
    .toReversed();
}

const nameOf = (name: string): string => capitalised(name).slice(0, 200);
