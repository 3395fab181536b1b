import { middle, readSpan, type Amount } from "../measure";
import { matchIngredient, type Pantry } from "../pantry";
import { readTin, type Tin } from "../tin";
import { readLine, type LineDoubt } from "./line";
import { emptyRecipe, RECIPE_LIMITS, type Part, type PartRole, type RecipeDoc } from "./schema";
import { durationsIn, heatIn, readStep, type Heat } from "./step";
import { tinsIn } from "./tins-in-text";

/** What a line of the original was understood to be. */
export type RowKind =
  | "title" | "heading" | "part" | "ingredient" | "step" | "tins" | "heat" | "minutes" | "yield" | "note" | "source" | "blank" | "second-recipe" | "unread";

/** One line of the original with its reading; together they are the whole original, in order. */
export type ReadingRow = { readonly text: string; readonly as: RowKind; readonly id: string | null; readonly doubts: readonly LineDoubt[] };

/** A line to read; `is` when its place already says what it is. */
export type PageLine = { readonly text: string; readonly is: RowKind | null };

type Draft = {
  title: string | null;
  mode: "top" | "ingredients" | "steps" | "notes";
  isOver: boolean;
  hasIngredientHeading: boolean;
  parts: Part[];
  at: number;
  tins: Tin[];
  heat: Heat | null;
  minutes: Amount | null;
  portions: number | null;
  makes: string;
  notes: string[];
  source: string[];
};

const INGREDIENTS = /^(?:the )?(?:ingredients?|you(?:'|’)?(?: wi)?ll need|you will need|what you need|shopping list)(?: list)?\s*:?$/iu;
const STEPS = /^(?:the )?(?:method|directions?|instructions?|steps?|preparation|procedure|how to make (?:it|them)|to make|what to do)\s*:?$/iu;
const NOTES = /^(?:cook(?:'|’)?s |recipe |baker(?:'|’)?s )?(?:notes?|tips?|storage|variations?|to store)\s*:?$/iu;
const ROLES: readonly (readonly [RegExp, PartRole])[] = [
  [/\b(?:frosting|icing|buttercream|glaze|ganache|coating)\b/iu, "frosting"],
  [/\b(?:filling|curd|jam layer|compote|custard)\b/iu, "filling"],
  [/\b(?:topping|crumble|streusel|crumb|praline|decoration|to finish|to decorate|to serve)\b/iu, "topping"],
  [/\b(?:soak)\b/iu, "soak"],
  [/\b(?:syrup|drizzle)\b/iu, "syrup"],
  [/\b(?:cake|sponge|batter|layers?|loaf|muffins?|cupcakes?|cups|base|gingerbread|dough|chiffon|brownies?|cheesecake)\b/iu, "batter"],
];
const SPEAKS = /\b(?:add|bake|beat|blend|bring|butter|chill|combine|cook|cool|cover|cream|cut|decorate|divide|drain|drizzle|dust|fill|fold|freeze|frost|grease|heat|leave|let|line|make|measure|melt|mix|peel|place|pour|preheat|put|remove|rest|rub|scrape|separate|serve|set|sieve|sift|simmer|slice|spoon|spread|sprinkle|stir|take|test|tip|toast|top|trim|turn|warm|weigh|whisk|whip|zest)\b/iu;

/** The recipe on a page of lines, and what each line was taken for. */
export function readPage(lines: readonly PageLine[], pantry: Pantry): { readonly doc: RecipeDoc; readonly rows: readonly ReadingRow[]; readonly minutes: Amount | null } {
  const draft: Draft = {
    title: null, mode: "top", isOver: false, hasIngredientHeading: false, parts: [], at: -1, tins: [], heat: null, minutes: null, portions: null, makes: "", notes: [], source: [],
  };
  const counts = { l: 0, s: 0 };
  const rows: ReadingRow[] = [];
  lines.forEach(({ text, is }, index) => {
    const row = (as: RowKind, id: string | null = null, doubts: readonly LineDoubt[] = []): void => void rows.push({ text, as, id, doubts });
    const words = unmarked(text);
    if (words === "") return row("blank");
    if (draft.isOver) return row("second-recipe");
    const as = is ?? kindOf(words, text, draft, pantry);
    if (as === "second-recipe") {
      if (is === null) draft.isOver = true;
      retitle(rows, draft.isOver, index);
      return row("second-recipe");
    }
    noteFacts(words, as, draft);
    switch (as) {
      case "title":
        draft.title = words.replace(/\s*\brecipe\s*$/iu, "").slice(0, 200) || words.slice(0, 200);
        return row("title");
      case "heading":
        enter(words, draft);
        return row("heading");
      case "part":
        openPart(words, draft);
        return row("part");
      case "ingredient": {
        if (draft.mode === "top") draft.mode = "ingredients";
        const part = currentPart(draft);
        if (part.lines.length >= RECIPE_LIMITS.lines || words.length > RECIPE_LIMITS.text) return row("unread");
        const id = `l${(counts.l += 1)}`;
        part.lines.push({ id, text: words });
        return row("ingredient", id, readLine(words).doubts);
      }
      case "step": {
        draft.mode = "steps";
        const part = currentPart(draft);
        if (part.steps.length >= RECIPE_LIMITS.steps || words.length > RECIPE_LIMITS.text) return row("unread");
        const id = `s${(counts.s += 1)}`;
        part.steps.push({ id, text: unnumbered(words) });
        return row("step", id);
      }
      case "yield":
        draft.makes = words.slice(0, 200);
        draft.portions = portionsIn(words);
        return row("yield");
      case "note":
        draft.notes.push(words);
        return row("note");
      case "source":
        draft.source.push(words.replace(/^(?:source|from)\s*:\s*/iu, ""));
        return row("source");
      default:
        return row(as);
    }
  });
  return { doc: docOf(draft), rows, minutes: draft.minutes };
}

/** The line without the marks of Markdown and lists; numbers of steps stay until it is known to be one. */
function unmarked(text: string): string {
  return text.replace(/^\s*(?:#{1,6}|>+|[-*+•·▢☐□●▪]|\[[ xX]?\])\s+/u, "").replace(/^\s*\[[ xX]?\]\s*/u, "").replace(/\*\*|__|`/gu, "").replace(/\s+/gu, " ").trim();
}

function unnumbered(words: string): string {
  return words.replace(/^(?:step\s*)?\d{1,2}\s*[.):-]\s+(?=\S)/iu, "").replace(/^step\s+\d{1,2}\s+/iu, "");
}

function kindOf(words: string, text: string, draft: Draft, pantry: Pantry): RowKind {
  if (INGREDIENTS.test(words)) return draft.hasIngredientHeading && draft.mode !== "ingredients" ? "second-recipe" : "heading";
  if (STEPS.test(words) || NOTES.test(words)) return "heading";
  if (/^(?:source|from)\s*:/iu.test(words) || /^https?:\/\/\S+$/iu.test(words)) return "source";
  if (/^(?:serves|makes|yields?|servings|portions|enough for)\b/iu.test(words) && words.length < 100) return "yield";
  if (/^(?:tins?|pans?)\s*:/iu.test(words)) return "tins";
  if (/^(?:oven|heat|temperature|bake at|baking temperature)\s*:/iu.test(words)) return "heat";
  if (/^(?:(?:prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|total|active|resting|chill(?:ing)?)(?: time)?|minutes|time)\s*:/iu.test(words)) return "minutes";
  if (draft.title === null && draft.mode === "top") return "title";
  if (isPartHeading(words, text)) return "part";
  if (draft.mode === "notes") return "note";
  const isNumbered = /^(?:step\s*)?\d{1,2}\s*[.):]\s+/iu.test(words);
  const bare = unnumbered(words);
  if (isSentence(bare)) return draft.mode === "top" && !isNumbered && readStep({ text: bare }).kind === "other" ? "note" : "step";
  if (isIngredient(words, draft, pantry)) return "ingredient";
  if (tinsIn(words).length > 0) return "tins";
  if (draft.mode === "steps") return SPEAKS.test(bare) || isNumbered ? "step" : "note";
  const isShort = words.split(" ").length <= 8;
  if (isShort && heatIn(words) !== null) return "heat";
  if (isShort && durationsIn(words).length > 0) return "minutes";
  return draft.mode === "top" ? "note" : "unread";
}

/** A telling: several words, one of them an act, and not an amount first. */
function isSentence(words: string): boolean {
  const count = words.split(" ").length;
  const startsWithAct = new RegExp(`^(?:(?:meanwhile|then|next|finally|now|once|when|while|in a|using|with)\\b|${SPEAKS.source})`, "iu").test(words);
  if (startsWithAct && count >= 3 && !/^(?:butter|cream|flour|frosting|cover)\b\s*(?:[-–:,(]|\d|cheese|flour)/iu.test(words)) return readSpan(words) === null;
  return count >= 9 && SPEAKS.test(words) && (readSpan(words) === null || /[.!]\s*$/u.test(words)) && !/^\d[\d /.,½¼¾]*\s*(?:g|kg|ml|l|oz|lb|cups?|tbsp|tsp)\b/iu.test(words);
}

function isIngredient(words: string, draft: Draft, pantry: Pantry): boolean {
  const line = readLine(words);
  const isKnown = matchIngredient(line.name, pantry) !== null;
  const isShort = words.split(" ").length <= 14;
  if (line.measures.length > 0 || line.stated !== null) {
    const isCounted = line.measures.every(({ unit }) => unit === "piece");
    return isShort || isKnown ? (!isCounted || isKnown || draft.mode === "ingredients") && !/\b(?:tins?|pans?)\b$/iu.test(words) : false;
  }
  if (draft.mode === "ingredients") return isShort;
  return isKnown && isShort && draft.mode === "top" && words.split(" ").length <= 6;
}

/** "For the frosting", "Filling:", "### Syrup": short, without an amount, and naming a part of a cake. */
function isPartHeading(words: string, text: string): boolean {
  if (words.split(" ").length > 7 || /\d/u.test(words) || /[.!]$/u.test(words)) return false;
  const isMarked = /:\s*$/u.test(words) || /^\s*#{1,6}\s/u.test(text) || /^\s*\*\*[^*]+\*\*:?\s*$/u.test(text) || /^(?:for|to make) (?:the|a)\b/iu.test(words);
  if (isMarked) return /^(?:for|to make)\b/iu.test(words) || ROLES.some(([pattern]) => pattern.test(words)) || /:\s*$/u.test(words);
  return words.split(" ").length <= 3 && /^(?:the )?(?:\p{L}+ )?(?:frosting|icing|filling|topping|syrup|glaze|buttercream|ganache|batter|sponge)$/iu.test(words);
}

function enter(words: string, draft: Draft): void {
  if (INGREDIENTS.test(words)) {
    draft.mode = "ingredients";
    draft.hasIngredientHeading = true;
  } else if (STEPS.test(words)) {
    draft.mode = "steps";
    draft.at = draft.parts.length > 0 ? 0 : -1;
  } else draft.mode = "notes";
}

function openPart(words: string, draft: Draft): void {
  const name = words.replace(/:\s*$/u, "").replace(/^(?:for|to make)\s+(?:the\s+|a\s+)?/iu, "").trim();
  const named = name === "" ? "Part" : name.charAt(0).toUpperCase() + name.slice(1);
  const role = ROLES.find(([pattern]) => pattern.test(name))?.[1] ?? "batter";
  const existing = draft.parts.findIndex((part) => part.name.toLowerCase() === named.toLowerCase());
  if (existing >= 0) draft.at = existing;
  else {
    draft.parts.push({ id: `p${draft.parts.length + 1}`, role, name: named.slice(0, 120), lines: [], steps: [] });
    draft.at = draft.parts.length - 1;
  }
  if (draft.mode === "notes" || draft.mode === "top") draft.mode = "ingredients";
}

function currentPart(draft: Draft): Part {
  if (draft.at < 0) {
    draft.parts.push({ id: `p${draft.parts.length + 1}`, role: "batter", name: "Batter", lines: [], steps: [] });
    draft.at = draft.parts.length - 1;
  }
  const part = draft.parts[draft.at];
  if (part === undefined) throw new RangeError(`no part at ${draft.at}`);
  return part;
}

/** Tins, heat and minutes stand anywhere; the first of each that is clear is taken, a bake's minutes before any other. */
function noteFacts(words: string, as: RowKind, draft: Draft): void {
  if (as === "ingredient" || as === "part" || as === "source" || as === "unread") return;
  if (draft.tins.length === 0) draft.tins = [...(as === "tins" ? saidTins(words) : tinsIn(words))];
  if (as === "title") return;
  draft.heat ??= heatIn(words);
  const isBake = as === "step" ? readStep({ text: words }).kind === "bake" : as === "minutes" && /\b(?:bak(?:e|ing)|cook(?:ing)?|minutes)\b/iu.test(words);
  if (!isBake || (draft.minutes !== null && as === "minutes")) return;
  const sentence = words.split(/(?<=[.;])\s/u).find((part) => /\bbak(?:e|ed|ing)\b|\boven\b/iu.test(part) && durationsIn(part).length > 0) ?? words;
  const found = durationsIn(sentence)[0] ?? bareMinutes(words, as);
  if (found !== null && found.low >= 5 && found.high <= 300) draft.minutes = found;
}

/** "Tins: 2 x 20 cm round + 12 cups" names tins outright; in any other telling they have to be found. */
function saidTins(words: string): readonly Tin[] {
  const read = words.replace(/^(?:tins?|pans?)\s*:\s*/iu, "").split(/\s\+\s|\s+and\s+/u).map((part) => readTin(part, "metric"));
  return read.every(({ ok }) => ok) ? read.flatMap((tin) => (tin.ok ? [tin.value.tin] : [])) : tinsIn(`${words} tin`);
}

/** "Minutes: 34" needs no unit. */
function bareMinutes(words: string, as: RowKind): Amount | null {
  return as === "minutes" && /^minutes\s*:/iu.test(words) ? (readSpan(words.replace(/^\w+\s*:/u, ""))?.amount ?? null) : null;
}

function portionsIn(words: string): number | null {
  const span = readSpan(words.replace(/^[^\d]*/u, ""));
  const portions = span === null ? null : Math.round(middle(span.amount));
  return portions !== null && portions >= 1 && portions <= 500 ? portions : null;
}

/** The title of a second recipe stands before its "Ingredients": the short line before it goes with it. */
function retitle(rows: ReadingRow[], isOver: boolean, index: number): void {
  if (!isOver) return;
  for (let at = index - 1; at >= Math.max(0, index - 4); at -= 1) {
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
  const parts = draft.parts.filter(({ lines, steps }) => lines.length + steps.length > 0).slice(0, RECIPE_LIMITS.parts);
  const minutes = draft.minutes === null ? null : Math.round(middle(draft.minutes));
  return {
    ...emptyRecipe(name),
    ...(parts.length > 0 ? { parts } : {}),
    bake: {
      tins: draft.tins.slice(0, 20),
      ...(draft.heat === null || draft.heat.tempC < 100 || draft.heat.tempC > 260 ? {} : { ovenC: Math.round(draft.heat.tempC), ...(draft.heat.isFan ? { fan: true } : {}) }),
      ...(minutes === null || minutes > 240 ? {} : { minutes }),
    },
    ...(draft.portions === null ? {} : { portions: draft.portions }),
    makes: draft.makes,
    notes: draft.notes.join("\n").slice(0, 20_000),
    source: draft.source.join(", ").slice(0, 500),
  };
}
