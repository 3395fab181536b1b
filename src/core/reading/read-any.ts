import { good, middle, type Result } from "../measure";
import type { Pantry } from "../pantry";
import {
  BAKE_LIMITS,
  problemsOf,
  readLines,
  recipeLines,
  type Correction,
  type ReadingRow,
  type RecipeDoc,
  type RecipeReading,
} from "../recipe";
import { correctedBake, correctedLines } from "./corrections";
import type { ToldDoubt } from "./doubts-told";
import { marksOf, type Mark } from "./marks";
import { pageDoc, type PlacedRow } from "./page-doc";
import { readText, type ToldRecipe } from "./read-text";
import { tinOfSize, usualTin } from "./told-tin";

/** Nobody dictates more, in characters; a longer text is read by its lines alone. */
const MOST_TOLD = 30_000;
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
  if (original.length > MOST_TOLD) return good(unmarkedReading(readLines(lines, original, pantry)));
  const told = readText(lines, pantry);
  const own = lines.slice(0, told.others[0]);
  const looks = readLines(own, original, pantry);
  const listed = looks.rows.filter(({ as }) => as === "ingredient").length;
  const isSpoken = listed < FEWEST_LISTED && told.lines.length > listed;
  const { rows, ...page } = pageDoc(looks.rows, told, pantry, { isSpoken, corrections });
  // A page of data says itself what the recipe is called, and so does she.
  const isNamed = lines.some(({ is }) => is === "title");
  const isData = found.value.some(({ is }) => is !== null);
  const doc: RecipeDoc = {
    ...looks.doc,
    ...page,
    parts: page.parts.length > 0 ? page.parts : looks.doc.parts,
    name: isNamed || isData || told.name === null ? looks.doc.name : nameOf(told.name),
    bake: correctedBake(bakeOf(looks.doc.bake, told, looks.rows, isData), corrections),
    ...(corrections.length > 0 ? { corrections: [...corrections] } : {}),
  };
  const others = lines
    .slice(own.length)
    .map(({ text }): ReadingRow => ({ text, as: "second-recipe", id: null, doubts: [] }));
  const shown = [...rows, ...others.map((row) => ({ ...row, role: null, stage: null }))];
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
  rows: reading.rows.map((row) => ({ ...row, role: null, stage: null, marks: [] })),
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
  return rows.map((row, at) => {
    if (MUTE.includes(row.as)) return { ...row, marks: [] };
    const after = rows.slice(at + 1);
    const end = after.findIndex(({ as }) => as !== "ingredient");
    const own = row.as === "ingredient" ? [row] : after.slice(0, end < 0 ? undefined : end);
    const told = own.flatMap(({ id }) => {
      const line = id === null ? undefined : lines.get(id);
      return line === undefined ? [] : [line];
    });
    const of = { bake: doc.bake, checkAtMin, lines: told, stage: row.stage };
    return { ...row, marks: marksOf(row.text, of, pantry) };
  });
}

const nameOf = (name: string): string =>
  (name.charAt(0).toUpperCase() + name.slice(1)).slice(0, 200);

type Bake = RecipeDoc["bake"];

/** Facts that a line of their own gives, by name. */
const SAID = {
  tins: /^\W*(?:tins?|pans?)\s*:/iu,
  heat: /^\W*(?:oven|heat|temperature|baking temperature)\s*:/iu,
  minutes: /^\W*minutes\s*:/iu,
} as const;

/** The bake as lines of the page say outright; else as it is told; else as the page looks. */
function bakeOf(page: Bake, told: ToldRecipe, rows: readonly ReadingRow[], isData: boolean): Bake {
  const isSaid = (fact: keyof typeof SAID): boolean =>
    rows.some(({ text, as }) => as === fact && SAID[fact].test(text)) ||
    (isData && fact !== "minutes" && rows.some(({ as }) => as === "tins"));
  const { ovenC, fan, minutes, tins, ...rest } = page;
  const heat = ovenC === undefined ? {} : { ovenC, ...(fan === undefined ? {} : { fan }) };
  const length = minutes === undefined ? {} : { minutes };
  const own = bakeTold(told);
  const isHeatTold = own.ovenC !== undefined && !isSaid("heat");
  const ofTold = (told.tins[0] ?? []).map((tin) => tinOfSize(tin) ?? usualTin(tin.shape));
  return {
    ...rest,
    ...own,
    ...(isHeatTold ? {} : heat),
    ...(own.minutes === undefined || isSaid("minutes") ? length : {}),
    tins: tins.length > 0 && (ofTold.length === 0 || isSaid("tins")) ? tins : ofTold.slice(0, 20),
  };
}

/** The oven's part of what is told, within what a recipe can hold. */
export function bakeTold({ heat, minutes, source }: ToldRecipe): Omit<RecipeDoc["bake"], "tins"> {
  const ovenC = heat === null ? 0 : Math.round(heat.tempC);
  const length = minutes === null ? 0 : Math.round(middle(minutes));
  return {
    ...(source === "oven" ? {} : { source }),
    ...(ovenC >= BAKE_LIMITS.leastC && ovenC <= BAKE_LIMITS.mostC
      ? { ovenC, ...(heat?.isFan === true ? { fan: true } : {}) }
      : {}),
    ...(length >= BAKE_LIMITS.leastMin && length <= BAKE_LIMITS.mostMin ? { minutes: length } : {}),
  };
}
