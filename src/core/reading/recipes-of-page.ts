// Where on a page another recipe begins.
import { heatsTold, timesTold } from "../measure";
import { partRole } from "../recipe";
import { wordsIn } from "./chunks";
import { isUsualHeading, type PageRow } from "./layout";

/** A name has no more words than this. */
const MOST_NAME_WORDS = 8;
/** Less than so many weighed ingredients are no recipe. */
const FEWEST_WEIGHED = 3;
/** Without one of these nothing is baked. */
const BODY = new Set(["flour", "starch", "nut-meal", "oats", "egg", "egg-white"]);

const NEXT_ONE =
  /^(?:(?:so|now|and|ok|okay|right|then)\s+)*(?:number (?:two|three|2|3)\b|the (?:second|next|other) (?:one|recipe|cake)\b|recipe (?:two|three|2|3)\b)/iu;
const NUMBERED = /^\W*(?:[2-9]|no\.? ?[2-9])\s*[.):]/iu;
const BAKES = /\b(?:bak(?:e[sd]?|ing)|oven)\b/iu;
const AFTER_ALL =
  /\b(?:keeps?|store[sd]?|stor(?:ing|age)|freez(?:e|es|ing)|serves?|slices?|slice|cut into|wrap(?:ped)?)\b/iu;

/**
 * The lines at which recipes after the first begin, in order: under a name of its own, each with
 * ingredients and a bake, after one that has both.
 */
export function laterRecipes(rows: readonly PageRow[]): readonly number[] {
  const starts: number[] = [];
  const told = rows.map((row): TellingRow => ({ ...row, isBake: isBake(row) }));
  for (const [at, row] of told.entries()) {
    if (!isName(row)) continue;
    const before = told.slice(starts.at(-1) ?? 0, at);
    if (isOver(row, before) && isRecipe(before) && isRecipe(told.slice(at))) starts.push(at);
  }
  return starts;
}

/** A row, and whether it tells of a bake. */
type TellingRow = PageRow & { readonly isBake: boolean };

function isBake({ kind, chunks }: PageRow): boolean {
  if (kind !== "told") return false;
  const text = chunks.map((chunk) => chunk.text).join(" ");
  const said = [BAKES.test(text), timesTold(text).length > 0, heatsTold(text, true).length > 0];
  return said.filter(Boolean).length >= 2;
}

/** Whether a line can be the name of a recipe. */
const isName = ({ kind, bare }: PageRow): boolean =>
  kind !== "blank" &&
  (NEXT_ONE.test(bare) ||
    ((kind === "heading" || NUMBERED.test(bare)) &&
      wordsIn(bare).length <= MOST_NAME_WORDS &&
      !isUsualHeading(bare)));

/** Whether what stands before a name is done with: a part of a cake has a name too. */
function isOver({ bare }: PageRow, before: readonly PageRow[]): boolean {
  if (NEXT_ONE.test(bare)) return true;
  const role = partRole(bare);
  return (
    role === null ||
    (role === "batter" && (NUMBERED.test(bare) || before.some((row) => AFTER_ALL.test(row.bare))))
  );
}

/** Whether rows weigh out something that is baked, and bake it, in that order. */
function isRecipe(rows: readonly TellingRow[]): boolean {
  const bake = rows.findLastIndex((row) => row.isBake);
  if (bake < 0) return false;
  const weighed = rows
    .slice(0, bake + 1)
    .flatMap(({ mentions }) => mentions.flat())
    .filter(({ read }) => read.measures.length > 0);
  return (
    weighed.length >= FEWEST_WEIGHED &&
    weighed.some(({ ingredient }) => ingredient !== null && BODY.has(ingredient.group))
  );
}
