import { readSpan, remembered } from "../measure";
import { matchIngredient, type Pantry } from "../pantry";
import { readLine } from "./line";
import { partRole, toldFor } from "./part-role";
import { durationsIn, heatIn, readStep } from "./step";
import { sizedTins } from "../tin";

/** What a line of the original was understood to be. */
export type RowKind =
  | "title"
  | "heading"
  | "part"
  | "ingredient"
  | "step"
  | "tins"
  | "heat"
  | "minutes"
  | "yield"
  | "note"
  | "source"
  | "blank"
  | "second-recipe"
  | "unread";

/** Where on the page a line stands, as far as it has been read. */
export type RowPlace = {
  readonly title: string | null;
  readonly mode: "top" | "ingredients" | "steps" | "notes";
  readonly hasIngredientHeading: boolean;
};

export const INGREDIENTS_HEADING =
  /^(?:the )?(?:ingredients?|you(?:'|’)?(?: wi)?ll need|you will need|what you need|shopping list)(?: list)?\s*:?$/iu;
export const METHOD_HEADING =
  /^(?:the )?(?:method|directions?|instructions?|steps?|preparation|procedure|how to make (?:it|them)|to make|what to do)\s*:?$/iu;
const NOTES =
  /^(?:cook(?:'|’)?s |recipe |baker(?:'|’)?s )?(?:notes?|tips?|storage|variations?|to store)\s*:?$/iu;

/** Whether a heading's words begin the steps. */
export const beginsMethod = (words: string): boolean => METHOD_HEADING.test(words);

/** Whether a heading's words begin what is neither ingredient nor step. */
export const beginsNotes = (words: string): boolean =>
  !INGREDIENTS_HEADING.test(words) && !METHOD_HEADING.test(words);

const SPEAKS =
  /\b(?:add|bake|beat|blend|boil|bring|brush|butter|chill|chop|combine|cook|cool|cover|cream|cut|decorate|dissolve|divide|drain|draw|drizzle|dust|fill|fold|freeze|frost|grease|grind|heat|invert|keep|knead|knock|leave|let|lift|loosen|line|make|measure|melt|mix|peel|pipe|place|pour|preheat|press|put|remove|rest|roll|rub|scatter|scrape|separate|serve|set|sieve|sift|simmer|slice|soak|split|spoon|spread|sprinkle|stack|steep|stir|swirl|take|test|tip|toast|top|toss|trim|turn|warm|weigh|whisk|whip|wrap|zest)\b/iu;

/**
 * The line without the marks of Markdown and lists; numbers of steps stay until it is known to be
 * one.
 */
export const unmarked = remembered((text): string =>
  text
    .replace(/^\s*(?:#{1,6}|>+|[-*+•·▢☐□●▪]|\[[ xX]?\])\s+/u, "")
    .replace(/^\s*\[[ xX]?\]\s*/u, "")
    .replace(/\*\*|__|`/gu, "")
    .replace(/\s+/gu, " ")
    .trim(),
);

/** A step without its number. */
export function unnumbered(words: string): string {
  return words
    .replace(/^(?:step\s*)?\d{1,2}\s*[.):-]\s+(?=\S)/iu, "")
    .replace(/^step\s+\d{1,2}\s+/iu, "");
}

/**
 * What a line is, from its words and its place; rules in order, the first that holds decides.
 * @param words the line without its marks
 * @param text the line as it stands
 */
export function rowKind(words: string, text: string, place: RowPlace, pantry: Pantry): RowKind {
  if (INGREDIENTS_HEADING.test(words))
    return place.hasIngredientHeading && place.mode !== "ingredients" ? "second-recipe" : "heading";
  if (METHOD_HEADING.test(words) || NOTES.test(words)) return "heading";
  if (/^(?:source|from)\s*:/iu.test(words) || /^https?:\/\/\S+$/iu.test(words)) return "source";
  if (
    /^(?:serves|makes|yields?|servings|portions|enough for)\b/iu.test(words) &&
    words.length < 100
  )
    return "yield";
  if (/^(?:tins?|pans?)\s*:/iu.test(words)) return "tins";
  if (
    /^(?:oven|heat|temperature|bake at|baking temperature)\s*:/iu.test(words) ||
    (/^oven\b/iu.test(words) && heatIn(words) !== null)
  )
    return "heat";
  if (
    /^(?:(?:prep(?:aration)?|cook(?:ing)?|bak(?:e|ing)|total|active|resting|chill(?:ing)?)(?: time)?|minutes|time)\s*:/iu.test(
      words,
    )
  )
    return "minutes";
  if (place.title === null && place.mode === "top") return "title";
  if (isPartHeading(words, text)) return "part";
  if (place.mode === "notes") return "note";
  const isNumbered = /^(?:step\s*)?\d{1,2}\s*[.):]\s+/iu.test(words);
  const bare = unnumbered(words);
  if (isSentence(bare) || toldFor(bare) !== null)
    return place.mode === "top" && !isNumbered && readStep({ text: bare }).kind === "other"
      ? "note"
      : "step";
  if (isIngredient(words, place, pantry)) return "ingredient";
  if (sizedTins(words).length > 0) return "tins";
  if (place.mode === "steps") return SPEAKS.test(bare) || isNumbered ? "step" : "note";
  const isShort = words.split(" ").length <= 8;
  if (isShort && heatIn(words) !== null) return "heat";
  if (isShort && durationsIn(words).length > 0) return "minutes";
  return place.mode === "top" ? "note" : "unread";
}

/**
 * Names that are also acts: "zest of 1 orange", "butter for greasing", "cream cheese, softened".
 */
const NAMES_NOT_ACTS =
  /^(?:(?:zest|peel|juice|rind)\s+(?:and\s+\w+\s+)?(?:of|from)\b|(?:butter|cream|flour|frosting|cover|peel|toast)\b\s*(?:[-–:,(]|\d|cheese|flour|of\b|for\b))/iu;

const STARTS_WITH_ACT = new RegExp(
  `^(?:(?:meanwhile|then|next|finally|now|once|when|while|in a|using|with)\\b|${SPEAKS.source})`,
  "iu",
);

/** A telling: several words, one of them an act, and not an amount first. */
const isSentence = remembered((words): boolean => {
  const count = words.split(" ").length;
  const startsWithAct = STARTS_WITH_ACT.test(words);
  if (NAMES_NOT_ACTS.test(words)) return false;
  if (startsWithAct && (count >= 3 || /\.\s*$/u.test(words))) return readSpan(words) === null;
  return (
    count >= 9 &&
    SPEAKS.test(words) &&
    (readSpan(words) === null || /[.!]\s*$/u.test(words)) &&
    !/^\d[\d /.,½¼¾]*\s*(?:g|kg|ml|l|oz|lb|cups?|tbsp|tsp)\b/iu.test(words)
  );
});

function isIngredient(words: string, place: RowPlace, pantry: Pantry): boolean {
  const line = readLine(words);
  const isKnown = matchIngredient(line.name, pantry) !== null;
  const isShort = words.split(" ").length <= 14;
  if (line.measures.length > 0 || line.stated !== null) {
    const isCounted = line.measures.every(({ unit }) => unit === "piece");
    return isShort || isKnown
      ? (!isCounted || isKnown || place.mode === "ingredients") &&
          !/\b(?:tins?|pans?)\b$/iu.test(words)
      : false;
  }
  if (place.mode === "ingredients") return isShort;
  return isKnown && isShort && place.mode === "top" && words.split(" ").length <= 6;
}

/**
 * "For the frosting", "Filling:", "### Syrup": short, without an amount, and naming a part of a
 * cake.
 */
function isPartHeading(words: string, text: string): boolean {
  if (words.split(" ").length > 7 || /\d/u.test(words) || /[.!]$/u.test(words)) return false;
  if (toldFor(words) !== null) return false;
  const isMarked =
    /:\s*$/u.test(words) ||
    /^\s*#{1,6}\s/u.test(text) ||
    /^\s*\*\*[^*]+\*\*:?\s*$/u.test(text) ||
    /^(?:for|to make) (?:the|a)\b/iu.test(words);
  if (isMarked)
    return /^(?:for|to make)\b/iu.test(words) || partRole(words) !== null || /:\s*$/u.test(words);
  if (/^to (?:fill|sandwich|top|ice|frost|cover|finish|decorate|glaze|soak|serve)$/iu.test(words))
    return true;
  return (
    words.split(" ").length <= 3 &&
    /^(?:the )?(?:\p{L}+ )?(?:frosting|icing|filling|topping|syrup|glaze|buttercream|ganache|batter|sponge)$/iu.test(
      words,
    )
  );
}
