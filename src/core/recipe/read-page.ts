import { middle, readSpan, type Amount, type ToldHeat } from "../measure";
import { heatSourceIn, type HeatSource } from "./heat-sources";
import type { Pantry } from "../pantry";
import { readTin, sizedTins, type Tin } from "../tin";
import { readLine, type LineDoubt } from "./line";
import { namedPart } from "./part-role";
import {
  INGREDIENTS_HEADING,
  rowKind,
  METHOD_HEADING,
  unmarked,
  unnumbered,
  type RowPlace,
  type RowKind,
} from "./row-kind";
import { emptyRecipe, RECIPE_LIMITS, type Part, type RecipeDoc } from "./schema";
import { durationsIn, heatIn, readStep } from "./step";

/** One line of the original with its reading; together they are the whole original, in order. */
export type ReadingRow = {
  readonly text: string;
  readonly as: RowKind;
  readonly id: string | null;
  readonly doubts: readonly LineDoubt[];
};

/** A line to read; `is` when its place already says what it is. */
export type PageLine = { readonly text: string; readonly is: RowKind | null };

type Draft = {
  title: string | null;
  mode: RowPlace["mode"];
  isOver: boolean;
  hasIngredientHeading: boolean;
  parts: Part[];
  at: number;
  /** How many have been read, for their ids. */
  lines: number;
  steps: number;
  tins: Tin[];
  heat: ToldHeat | null;
  heatSource: Exclude<HeatSource, "oven"> | null;
  minutes: Amount | null;
  portions: number | null;
  makes: string;
  notes: string[];
  source: string[];
};

type Taken = Omit<ReadingRow, "text">;
const taken = (
  as: RowKind,
  id: string | null = null,
  doubts: readonly LineDoubt[] = [],
): Taken => ({ as, id, doubts });

/** The recipe on a page of lines, and what each line was taken for. */
export function readPage(
  lines: readonly PageLine[],
  pantry: Pantry,
): {
  readonly doc: RecipeDoc;
  readonly rows: readonly ReadingRow[];
  readonly minutes: Amount | null;
} {
  const draft: Draft = {
    title: null,
    mode: "top",
    isOver: false,
    hasIngredientHeading: false,
    parts: [],
    at: -1,
    lines: 0,
    steps: 0,
    tins: [],
    heat: null,
    heatSource: null,
    minutes: null,
    portions: null,
    makes: "",
    notes: [],
    source: [],
  };
  const rows: ReadingRow[] = [];
  for (const line of lines) {
    const wasOver = draft.isOver;
    rows.push({ text: line.text, ...take(line, draft, pantry) });
    if (draft.isOver && !wasOver) retitle(rows);
  }
  return { doc: docOf(draft), rows, minutes: draft.minutes };
}

function take({ text, is }: PageLine, draft: Draft, pantry: Pantry): Taken {
  const words = unmarked(text);
  if (words === "") return taken("blank");
  if (draft.isOver) return taken("second-recipe");
  if (words.length > RECIPE_LIMITS.text) return taken("unread");
  const as = is ?? rowKind(words, text, draft, pantry);
  noteFacts(words, as, draft);
  switch (as) {
    case "second-recipe":
      // One that is only named, as in JSON-LD, ends nothing; one that starts on the page takes the
      // rest of it.
      draft.isOver = is === null;
      return taken(as);
    case "title":
      draft.title = (words.replace(/\s*\brecipe\s*$/iu, "") || words).slice(0, 200);
      return taken(as);
    case "heading":
      enter(words, draft);
      return taken(as);
    case "part":
      openPart(words, draft);
      return taken(as);
    case "ingredient":
      return takeLine(words, draft);
    case "step":
      return takeStep(words, draft);
    case "yield":
      draft.makes = words.slice(0, 200);
      draft.portions = portionsIn(words);
      return taken(as);
    case "note":
      draft.notes.push(words);
      return taken(as);
    case "source":
      draft.source.push(words.replace(/^(?:source|from)\s*:\s*/iu, ""));
      return taken(as);
    case "tins":
    case "heat":
    case "minutes":
    case "blank":
    case "unread":
      return taken(as);
  }
}

function takeLine(words: string, draft: Draft): Taken {
  if (draft.mode === "top") draft.mode = "ingredients";
  const part = currentPart(draft);
  if (part.lines.length >= RECIPE_LIMITS.lines) return taken("unread");
  draft.lines += 1;
  const id = `l${draft.lines}`;
  part.lines.push({ id, text: words });
  return taken("ingredient", id, readLine(words).doubts);
}

function takeStep(words: string, draft: Draft): Taken {
  choosePartOfStep(words, draft);
  draft.mode = "steps";
  const part = currentPart(draft);
  if (part.steps.length >= RECIPE_LIMITS.steps) return taken("unread");
  draft.steps += 1;
  const id = `s${draft.steps}`;
  part.steps.push({ id, text: unnumbered(words) });
  return taken("step", id);
}

/**
 * Steps that follow the last ingredients without a heading begin with the first part; one that
 * starts "For the icing:" is that part's. A part whose name was the line before keeps them.
 */
function choosePartOfStep(words: string, draft: Draft): void {
  const named = /^for the ([\p{L} ]{3,40}):/iu.exec(unnumbered(words))?.[1]?.toLowerCase();
  const at =
    named === undefined
      ? -1
      : draft.parts.findIndex(({ name }) => name.toLowerCase().includes(named));
  if (at >= 0) draft.at = at;
  else if (
    draft.mode === "ingredients" &&
    draft.parts.length > 1 &&
    (draft.parts[draft.at]?.lines.length ?? 0) > 0
  )
    draft.at = 0;
}

function enter(words: string, draft: Draft): void {
  if (INGREDIENTS_HEADING.test(words)) {
    draft.mode = "ingredients";
    draft.hasIngredientHeading = true;
  } else if (METHOD_HEADING.test(words)) {
    draft.mode = "steps";
    draft.at = draft.parts.length > 0 ? 0 : -1;
  } else draft.mode = "notes";
}

function openPart(words: string, draft: Draft): void {
  const { name: named, role } = namedPart(words);
  const existing = draft.parts.findIndex((part) => part.name.toLowerCase() === named.toLowerCase());
  if (existing >= 0) draft.at = existing;
  else {
    draft.parts.push({
      id: `p${draft.parts.length + 1}`,
      role,
      name: named.slice(0, 120),
      lines: [],
      steps: [],
    });
    draft.at = draft.parts.length - 1;
  }
  if (draft.mode === "notes" || draft.mode === "top") draft.mode = "ingredients";
}

function currentPart(draft: Draft): Part {
  if (draft.at < 0) {
    draft.parts.push({
      id: `p${draft.parts.length + 1}`,
      role: "batter",
      name: "Batter",
      lines: [],
      steps: [],
    });
    draft.at = draft.parts.length - 1;
  }
  const part = draft.parts[draft.at];
  if (part === undefined) throw new RangeError(`no part at ${draft.at}`);
  return part;
}

/**
 * Tins, heat and minutes stand anywhere; the first of each that is clear is taken, a bake's minutes
 * before any other.
 */
function noteFacts(words: string, as: RowKind, draft: Draft): void {
  if (as === "ingredient" || as === "part" || as === "source" || as === "unread") return;
  if (draft.tins.length === 0)
    draft.tins = [...(as === "tins" ? saidTins(words) : sizedTins(words))];
  if (as === "title") return;
  draft.heat ??= heatIn(words);
  draft.heatSource ??= heatSourceIn(words);
  const isBake =
    as === "step"
      ? readStep({ text: words }).kind === "bake"
      : as === "minutes" && /\b(?:bak(?:e|ing)|cook(?:ing)?|minutes)\b/iu.test(words);
  if (!isBake || (draft.minutes !== null && as === "minutes")) return;
  const sentence =
    words
      .split(/(?<=[.;])\s/u)
      .find(
        (part) => /\bbak(?:e|ed|ing)\b|\boven\b/iu.test(part) && durationsIn(part).length > 0,
      ) ?? words;
  const found = durationsIn(sentence)[0] ?? bareMinutes(words, as);
  if (found !== null && found.low >= 5 && found.high <= 300) draft.minutes = found;
}

/**
 * "Tins: 2 x 20 cm round + 12 cups" names tins outright; in any other telling they have to be
 * found.
 */
function saidTins(words: string): readonly Tin[] {
  const read = words
    .replace(/^(?:tins?|pans?)\s*:\s*/iu, "")
    .split(/\s\+\s|\s+and\s+/u)
    .map((part) => readTin(part, "metric"));
  return read.every(({ ok }) => ok)
    ? read.flatMap((tin) => (tin.ok ? [tin.value.tin] : []))
    : sizedTins(`${words} tin`);
}

/** "Minutes: 34" needs no unit. */
function bareMinutes(words: string, as: RowKind): Amount | null {
  return as === "minutes" && /^minutes\s*:/iu.test(words)
    ? (readSpan(words.replace(/^\w+\s*:/u, ""))?.amount ?? null)
    : null;
}

/** "Makes one 23 x 13 cm loaf" tells a size. */
const TELLS_SIZE = /^\D*\d+(?:[.,]\d+)?\s*-?\s*(?:[x×]|cm|mm|in\b|inch|lb|kg|g\b|")/iu;

function portionsIn(words: string): number | null {
  if (TELLS_SIZE.test(words)) return null;
  const span = readSpan(words.replace(/^[^\d]*/u, ""));
  const portions = span === null ? null : Math.round(middle(span.amount));
  return portions !== null && portions >= 1 && portions <= 500 ? portions : null;
}

/**
 * The title of a second recipe stands before its "Ingredients": the short line before it goes with
 * it.
 */
function retitle(rows: ReadingRow[]): void {
  for (let at = rows.length - 2; at >= Math.max(0, rows.length - 5); at -= 1) {
    const row = rows[at];
    if (row === undefined || row.as === "step" || row.as === "ingredient") return;
    if (row.as === "note" || row.as === "unread" || row.as === "part") {
      rows[at] = { ...row, as: "second-recipe" };
      return;
    }
  }
}

function docOf(draft: Draft): RecipeDoc {
  const name = draft.title ?? "Recipe without a name";
  const parts = draft.parts
    .filter(({ lines, steps }) => lines.length + steps.length > 0)
    .slice(0, RECIPE_LIMITS.parts);
  const minutes = draft.minutes === null ? null : Math.round(middle(draft.minutes));
  return {
    ...emptyRecipe(name),
    ...(parts.length > 0 ? { parts } : {}),
    bake: {
      tins: draft.tins.slice(0, 20),
      // A recipe that names an oven's heat is baked in one, whatever else it melts elsewhere.
      ...(draft.heat !== null || draft.heatSource === null ? {} : { source: draft.heatSource }),
      ...(draft.heat === null || draft.heat.tempC < 100 || draft.heat.tempC > 260
        ? {}
        : { ovenC: Math.round(draft.heat.tempC), ...(draft.heat.isFan ? { fan: true } : {}) }),
      ...(minutes === null || minutes > 240 ? {} : { minutes }),
    },
    ...(draft.portions === null ? {} : { portions: draft.portions }),
    makes: draft.makes,
    notes: draft.notes.join("\n").slice(0, 20_000),
    source: draft.source.join(", ").slice(0, 500),
  };
}
