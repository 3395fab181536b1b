// What a recipe is called.
import { wordsIn } from "./chunks";
import type { PageRow } from "./layout";

const CAKE = String.raw`(?:cakes?|loaf|loaves|sponge|layers?|gingerbread|parkin|brownies?|blondies?|muffins?|cupcakes?|torte|roll|roulade|cheesecake|pudding|chiffon|bread|brack|madeira|drizzle|sandwich|pone|buckle|slice|traybake|lamingtons?|angel food|tart|basbousa|sfouf|ring)`;
const CAKES = String.raw`${CAKE}(?:\s+${CAKE})*`;
const SAID = [
  new RegExp(
    String.raw`\b(?:making|make|makes|made|doing|baking|bake|recipe for|called|call (?:it|this)|this is|here is|here's|it's|its|about|for)\s+(?:you\s+)?(?:the|a|an|my|our|her|his|some|\p{L}+(?:'s))\s+((?:[\p{L}'’-]+\s+){0,4}?${CAKES})\b`,
    "iu",
  ),
  new RegExp(String.raw`\b(?:the|a|my|our)\s+((?:[\p{L}'’-]+\s+){1,3}?${CAKES})\b`, "iu"),
  new RegExp(String.raw`\b((?:[\p{L}'’-]+\s+){1,2}${CAKES})\b`, "iu"),
];
const MOST_WORDS = 10;
/** What begins a sentence before a name, and what is in none. */
const OPENERS =
  /^(?:(?:so|ok|okay|well|now|right|alright|morning|guys|today|calls?|called|says|makes?)\s+)+/iu;
const NO_NAME = /\b(?:teaspoons?|tablespoons?|cups?|holes?|of|tins?|pans?|bread soda)\b/iu;
/** So much of a text is looked through for a name in the middle of a sentence. */
const OPENING = 900;

/** A name, whether it is sure, and the row that is nothing but it. */
export type ToldName = {
  readonly name: string | null;
  readonly isSure: boolean;
  readonly row: PageRow | null;
};

const A_CAKE = new RegExp(String.raw`\b${CAKE}\b`, "iu");
/** What stands over a page rather than a recipe. */
const OVER_PAGES = /\b(?:page|card no|kitchens?|from the|weekly|sheet no|tin|two for|menu)\b|\d/iu;
/** A title is no longer than this, and no greeting or sentence. */
const TITLE_WORDS = 6;
const NO_TITLE = /[.,!?:]|^(?:hi|hey|hello|dear|ok|okay|so|right|well|note|from|to|for)\b/iu;
/** So many lines of a page are looked through for the recipe's name. */
const TOP_ROWS = 12;

/**
 * The name a page gives: its first short line, or the first below what stands over the page that
 * says a cake; else a cake it speaks of making; null for neither.
 */
export function nameTold(rows: readonly PageRow[]): ToldName {
  const first = rows.find(isSaid);
  if (first === undefined) return { name: null, isSure: false, row: null };
  if (!isShort(first)) return nameSaid(rows);
  const end = rows.findIndex(({ kind }) => kind === "row");
  const isOverPage = OVER_PAGES.test(first.bare);
  const below = !isOverPage
    ? undefined
    : rows
        .slice(0, Math.min(TOP_ROWS, end < 0 ? TOP_ROWS : end))
        .find((each) => isSaid(each) && isShort(each) && isCake(titleIn(each)));
  if (below === undefined && isOverPage) {
    const said = nameSaid(rows);
    if (said.isSure) return said;
  }
  const row = below ?? first;
  const name = titleIn(row);
  return { name, isSure: isCake(name) || isTitle(name, row, rows), row };
}

/** A cake that a text speaks of making, at its beginning. */
function nameSaid(rows: readonly PageRow[]): ToldName {
  const opening = rows
    .map(({ bare }) => bare)
    .join(" ")
    .slice(0, OPENING);
  for (const [index, pattern] of SAID.entries()) {
    const [found] = [...opening.matchAll(new RegExp(pattern, "giu"))]
      .map((match) => match[1]?.replace(OPENERS, "").trim() ?? "")
      .filter((name) => name.includes(" ") && !NO_NAME.test(name));
    if (found !== undefined) return { name: found, isSure: index === 0, row: null };
  }
  return { name: null, isSure: false, row: null };
}

/** A line's title: its first column, without what numbers, announces or sizes it. */
const titleIn = ({ written, bare }: PageRow): string =>
  [(bare.length > 0 ? written : "").split(/(?<=\S)\s{3,}/u)[0]?.trim() ?? "", bare]
    .map((text) =>
      text
        .replace(/^[\s*#=_~-]+|[\s*#=_~-]+$/gu, "")
        .replace(/^\d+[.)]\s*/u, "")
        .replace(/^(?:title|name|product|recipe(?: name)?)\s*:\s*/iu, "")
        .replace(/\s*\(.*\d.*\)?$/u, "")
        .replace(/\s*\brecipe\s*$/iu, "")
        .replace(/[:.]\s*$/u, ""),
    )
    .reduce((best, text) => (best === "" || (isCake(text) && !isCake(best)) ? text : best), "");

const isSaid = ({ kind, bare }: PageRow): boolean => kind !== "blank" && !isClutter(bare);
const isShort = ({ kind, bare }: PageRow): boolean =>
  kind !== "row" && wordsIn(bare).length <= MOST_WORDS;
const isCake = (name: string): boolean => A_CAKE.test(name) && !OVER_PAGES.test(name);

/** Whether it stands by itself over a blank line, as titles do. */
const isTitle = (name: string, row: PageRow, rows: readonly PageRow[]): boolean =>
  wordsIn(name).length <= TITLE_WORDS &&
  !OVER_PAGES.test(name) &&
  !NO_TITLE.test(name) &&
  rows[rows.indexOf(row) + 1]?.kind === "blank";

function isClutter(bare: string): boolean {
  return (
    /^(?:home|skip to|jump to|print|share|save|pin|menu|search|recipes?|rate|advert\w*|sign (?:in|up)|subscribe)\b/iu.test(
      bare,
    ) ||
    /[>»›|•]/u.test(bare) ||
    /^https?:/iu.test(bare) ||
    !/\p{L}{3}/u.test(bare) ||
    /^\d+(?:\.\d+)?\s*(?:stars?|ratings?|reviews?|comments?|min)/iu.test(bare)
  );
}
