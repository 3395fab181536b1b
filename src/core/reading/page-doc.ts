// The recipe of a page: every line of it a heading, an ingredient, work or talk, as it is told.
import { capitalised } from "../measure";
import { matchIngredient, type Pantry } from "../pantry";
import {
  beginsMethod,
  beginsNotes,
  namedPart,
  partSpokenOf,
  readLine,
  RECIPE_LIMITS,
  STAGES,
  unmarked,
  unnumbered,
  type Correction,
  type Line,
  type Part,
  type PartRole,
  type ReadingRow,
  type RecipeDoc,
  type Stage,
  type Step,
} from "../recipe";
import { correctedPiece, correctionsOf, numbered } from "./corrections";
import type { Headed, PagePiece } from "./piece";
import type { ToldLine } from "./lines-told";
import type { ToldRecipe } from "./read-text";
import type { ToldStep } from "./steps-told";
import { brokenDown, inOneLine, isTask, withTalk } from "./tasks-told";

/** A row with the part it is for, and when it is done. */
export type PlacedRow = ReadingRow & {
  /** How many rows before it say the same. */
  readonly nth: number;
  readonly role: PartRole | null;
  readonly stage: Stage | null;
};

type PageDoc = Pick<RecipeDoc, "parts" | "notes"> & {
  readonly rows: readonly PlacedRow[];
};

/**
 * Parts with their lines and steps, and notes, of a page.
 * @param rows the page's lines, each with what its look says it is
 */
export function pageDoc(
  rows: readonly ReadingRow[],
  told: ToldRecipe,
  pantry: Pantry,
  { isSpoken, corrections }: PageWay,
): PageDoc {
  const heard = linesOfPage(rows, told).flatMap((line) => piecesOf(line, pantry, isSpoken));
  const keys = numbered(heard.map(({ text }) => text));
  const read = heard.map((piece, at) =>
    correctedPiece(piece, correctionsOf(corrections, keys.slice(at, at + 1))),
  );
  const { parts, rows: placed } = assembled(read);
  return {
    parts,
    rows: placed.map((row, at) => ({ ...row, nth: keys[at]?.nth ?? 0 })),
    notes: notesOf(read),
  };
}

/** How a page is taken. */
type PageWay = {
  /** Told without a list: then each thing to do is a step. */
  readonly isSpoken: boolean;
  readonly corrections: readonly Correction[];
};

/** A line of the page with what is told in it. */
type LineTold = {
  readonly row: ReadingRow;
  /** Without the marks of lists and Markdown. */
  readonly words: string;
  readonly headed: Headed | null;
  /** Under a heading of notes. */
  readonly isNotes: boolean;
  /** After the first step and before the last. */
  readonly isInMethod: boolean;
  readonly lines: readonly ToldLine[];
  readonly steps: readonly ToldStep[];
};

function linesOfPage(
  rows: readonly ReadingRow[],
  { lines, steps }: ToldRecipe,
): readonly LineTold[] {
  let [headed, isNotes]: [Headed | null, boolean] = [null, false];
  const first = rows.findIndex(({ as }) => as === "step");
  const last = rows.findLastIndex(({ as }) => as === "step");
  return rows.map((row, at) => {
    const words = unmarked(row.text);
    if (row.as === "heading") {
      isNotes = beginsNotes(words);
      if (isNotes || beginsMethod(words)) headed = null;
    } else if (row.as === "part") [headed, isNotes] = [namedPart(words), false];
    return {
      row,
      words,
      headed,
      isNotes,
      isInMethod: at > first && at < last && first >= 0,
      lines: lines.filter(({ from }) => from.line === at),
      steps: steps.filter(({ clauses }) => clauses.some(({ line }) => line === at)),
    };
  });
}

/** A line that is longer than any name, or than an oven and a tin in short, is a telling. */
const MOST_NAME_WORDS = 14;
const MOST_FACT_WORDS = 7;

/** What a page's look alone decides. */
function isFixed({ row: { as }, words, isNotes, steps }: LineTold): boolean {
  const { length } = words.split(" ");
  if (as === "title") return length <= MOST_NAME_WORDS;
  if (as === "heat" || as === "tins") return length <= MOST_FACT_WORDS;
  if (as === "note" && isNotes)
    return steps.length === 0 || !steps.every(({ stage }) => stage === "keep");
  return !["ingredient", "step", "note", "unread"].includes(as);
}

function piecesOf(line: LineTold, pantry: Pantry, isSpoken: boolean): readonly PagePiece[] {
  const { row, lines, steps, isInMethod } = line;
  const isWork = steps.some(isTask);
  if (isFixed(line)) return [row];
  if (row.as === "ingredient" && !isWork) return listed(line, pantry);
  if (lines.length > 0 && steps.length === 0)
    return lines.map((told) => linePiece(line, told, told.text));
  if (row.as === "step" || isWork || (isInMethod && steps.length > 0)) return done(line, isSpoken);
  return [row];
}

/** A row of a list: in its own words, where those read as it was told. */
function listed(line: LineTold, pantry: Pantry): readonly PagePiece[] {
  const { row, words, headed, lines } = line;
  const weighed = lines.filter(({ text }) => readLine(text).measures.length > 0);
  const [first, ...more] = weighed.length > 0 ? weighed : lines;
  if (first === undefined)
    return [{ ...row, of: { words, role: headed?.role ?? "batter", headed } }];
  if (more.length > 0) return [first, ...more].map((told) => linePiece(line, told, told.text));
  const own = isSameReading(words, first, pantry) ? words : first.text;
  return [{ ...linePiece(line, first, own), text: row.text }];
}

/** Things to do, with the ingredients that are told in them. */
function done(line: LineTold, isSpoken: boolean): readonly PagePiece[] {
  const { row, words, headed, lines, steps } = line;
  const tasks = isSpoken ? withTalk(steps.flatMap(brokenDown)) : inOneLine(steps);
  if (tasks.length === 0)
    return [{ ...row, as: "step", of: { words: unnumbered(words), role: "batter", headed } }];
  return tasks.flatMap((task): readonly PagePiece[] => {
    const isWhole = tasks.length === 1;
    const { part: role, stage, clauses, isStageSure } = task;
    const step: PagePiece = {
      text: isWhole ? row.text : task.text,
      as: "step",
      doubts: isStageSure ? [] : ["which-time"],
      of: {
        words: isWhole ? unnumbered(words) : isSpoken ? task.text : byItself(task.text),
        role,
        headed,
        // What may be for another day, or for this one, is better in this day than in none.
        stage: stage === "keep" && !isStageSure ? "cold" : stage,
      },
    };
    return [
      isSpoken && !isTask(task) ? { text: step.text, as: "note", doubts: [] } : step,
      ...lines
        .filter(({ from }) => clauses.includes(from))
        .map((told) => linePiece(line, told, told.text)),
    ];
  });
}

/** A step out of the middle of a line: "and bake it" is "Bake it". */
function byItself(words: string): string {
  return capitalised(unnumbered(words).replace(/^(?:and|then|and then)\s+/iu, ""));
}

const linePiece = ({ headed }: LineTold, told: ToldLine, words: string): PagePiece => ({
  text: told.text,
  as: "ingredient",
  doubts: [...readLine(words).doubts, ...(told.isPartSure ? [] : (["which-part"] as const))],
  of: { words, role: told.part, headed },
});

/**
 * Whether a row's own words give the amount and the ingredient that were told, or more than was
 * told.
 */
function isSameReading(words: string, told: ToldLine, pantry: Pantry): boolean {
  const [own, other] = [readLine(words), readLine(told.text)];
  if (told.ingredient === null) return true;
  if (other.measures.length === 0 && own.measures.length > 0) return true;
  const amounts = ({ measures, stated }: typeof own): string =>
    [...measures, ...(stated === null ? [] : [stated])]
      .map(({ amount, unit }) => `${amount.low} ${amount.high} ${unit}`)
      .join("+");
  const id = matchIngredient(own.name, pantry)?.ingredient.id ?? null;
  return amounts(own) === amounts(other) && id === told.ingredient;
}

const notesOf = (pieces: readonly PagePiece[]): string =>
  pieces
    .filter(({ as }) => as === "note")
    .map(({ text }) => unmarked(text))
    .join("\n")
    .slice(0, 20_000);

type Draft = Headed & { readonly lines: Line[]; readonly steps: Step[] };

/** The parts that pieces make up, what is done in them in the order of a day; and the rows. */
function assembled(pieces: readonly PagePiece[]): {
  readonly parts: RecipeDoc["parts"];
  readonly rows: readonly Omit<PlacedRow, "nth">[];
} {
  const drafts: Draft[] = [];
  // A part that nothing is in is none: what is done for it is done to the cake.
  const roles = new Set(
    pieces.flatMap(({ as, of }) => (as === "ingredient" && of !== undefined ? [of.role] : [])),
  );
  let [lines, steps] = [0, 0];
  let told: Draft | null = null;
  const draftOfStep = (role: PartRole, headed: Headed | null, words: string): Draft => {
    if (role === "batter") return draftOf(drafts, role, headed);
    // What names nothing goes on with what the step before it was of.
    const goesOn = told?.role === role ? told : null;
    told = partSpokenOf(drafts, words) ?? goesOn ?? draftOf(drafts, role, headed);
    return told;
  };
  const rows = pieces.map(({ text, as, doubts, of }): Omit<PlacedRow, "nth"> => {
    if (of === undefined) return { text, as, id: null, doubts, role: null, stage: null };
    const { words, headed, stage } = of;
    const isLine = as === "ingredient";
    const role = isLine || roles.has(of.role) ? of.role : "batter";
    const part = isLine ? draftOf(drafts, role, headed) : draftOfStep(role, headed, words);
    const most = isLine ? RECIPE_LIMITS.lines : RECIPE_LIMITS.steps;
    if ((isLine ? part.lines : part.steps).length >= most || words.length > RECIPE_LIMITS.text)
      return { text, as: "unread", id: null, doubts: [], role: null, stage: null };
    const id = isLine ? `l${(lines += 1)}` : `s${(steps += 1)}`;
    if (isLine) part.lines.push({ id, text: words });
    else part.steps.push({ id, text: words, ...(stage === undefined ? {} : { stage }) });
    return { text, as, id, doubts, role: part.role, stage: stage ?? null };
  });
  const order = ({ stage }: Step): number => STAGES.indexOf(stage ?? "before");
  const parts = drafts
    .filter((part) => part.lines.length + part.steps.length > 0)
    .slice(0, RECIPE_LIMITS.parts)
    .map((part, index): Part => ({
      id: `p${index + 1}`,
      ...part,
      name: part.name.slice(0, 120),
      steps: part.steps.toSorted((a, b) => order(a) - order(b)),
    }));
  return { parts, rows };
}

/**
 * The part of its heading, where its lines can be of that role; else the first of the role. Ganache
 * that is listed by itself keeps its name, though it may be a topping.
 */
function draftOf(drafts: Draft[], role: PartRole, headed: Headed | null): Draft {
  const isOfHeading =
    headed !== null &&
    (headed.role === role || (PUT_ON.includes(role) && PUT_ON.includes(headed.role)));
  const name = isOfHeading ? headed.name : null;
  const found = drafts.find(
    (draft) =>
      draft.role === role && (name === null || draft.name.toLowerCase() === name.toLowerCase()),
  );
  if (found !== undefined) return found;
  const draft = { name: name ?? capitalised(role), role, lines: [], steps: [] };
  drafts.push(draft);
  return draft;
}

/** Roles that a list under a heading of another of them can be of. */
const PUT_ON: readonly PartRole[] = ["frosting", "topping", "syrup", "soak"];
