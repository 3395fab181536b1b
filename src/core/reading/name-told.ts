// What a recipe is called.
import { wordsIn } from "./chunks";
import type { PageRow } from "./layout";

const CAKE = String.raw`(?:cakes?|loaf|loaves|sponge|layers?|gingerbread|parkin|brownies?|blondies?|muffins?|cupcakes?|torte|roll|roulade|cheesecake|pudding|chiffon|bread|brack|madeira|drizzle|sandwich|pone|buckle|slice|traybake|lamingtons?|angel food|tart|basbousa|sfouf|ring)`;
const SAID = [
  new RegExp(
    String.raw`\b(?:making|make|makes|made|doing|baking|bake|recipe for|called|call (?:it|this)|this is|here is|here's|it's|its|about|for)\s+(?:you\s+)?(?:the|a|an|my|our|her|his|some|\p{L}+(?:'s))\s+((?:[\p{L}'’-]+\s+){0,4}?${CAKE})\b`,
    "iu",
  ),
  new RegExp(String.raw`\b(?:the|a|my|our)\s+((?:[\p{L}'’-]+\s+){1,3}?${CAKE})\b`, "iu"),
  new RegExp(String.raw`\b((?:[\p{L}'’-]+\s+){1,2}${CAKE})\b`, "iu"),
];
const MOST_WORDS = 10;
/** So much of a text is looked through for a name in the middle of a sentence. */
const OPENING = 900;

/** A name, and whether a line of its own gives it and says a cake. */
export type ToldName = { readonly name: string | null; readonly isSure: boolean };

const A_CAKE = new RegExp(String.raw`\b${CAKE}\b`, "iu");
/** What stands over a page rather than a recipe. */
const OVER_PAGES = /\b(?:page|card no|kitchens?|from the|weekly|sheet no|tin|two for)\b|\d/iu;

/** The name a page gives: its first short line, else a cake it speaks of making; null for neither. */
export function nameTold(rows: readonly PageRow[]): ToldName {
  const first = rows.find(({ kind, bare }) => kind !== "blank" && !isClutter(bare));
  if (first === undefined) return { name: null, isSure: false };
  const words = wordsIn(first.bare);
  if (words.length <= MOST_WORDS && first.kind !== "row") {
    const name = first.bare
      .replace(/^(?:title|name|recipe(?: name)?)\s*:\s*/iu, "")
      .replace(/\s*\brecipe\s*$/iu, "")
      .replace(/[:.]\s*$/u, "");
    return { name, isSure: A_CAKE.test(name) && !OVER_PAGES.test(name) };
  }
  const opening = rows
    .map(({ bare }) => bare)
    .join(" ")
    .slice(0, OPENING);
  for (const [index, pattern] of SAID.entries()) {
    const found = pattern.exec(opening)?.[1];
    if (found !== undefined) return { name: found.trim(), isSure: index === 0 };
  }
  return { name: null, isSure: false };
}

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
