import { readUnit } from "../measure";
import { foldName, type Ingredient, type Pantry } from "../pantry";
import { type Token, isNumber, isWord } from "./amounts-told";
import { isOtherSense } from "./other-senses";

export type Name = { readonly from: number; readonly to: number; readonly ingredient: Ingredient };

const MOST_NAME_WORDS = 5;

/** So many words can stand between an amount and the name it is of: "2 cups of the good dark sugar". */
const MOST_BETWEEN = 6;

/** Nothing of these is between an amount and its name. */
const STOPS =
  /^(?:and|plus|then|but|with|in|into|on|onto|until|till|for|to|is|are|was|that|that's|i|you|it|we|they|so|if|when|no|sorry|now|about|at|from|over|after|before|per|minutes?|mins?|hours?|hrs?|seconds?|secs?|days?|inch(?:es)?|cm|mm|degrees?|layers?|tins?|pans?|times?|people|parts?|pieces?|slices?|goes|batches|additions|lots|[.;:!?()])$/u;

const COUNTED =
  /^(?:large|medium|small|big|extra|ripe|very|overripe|whole|fresh|free|range|beaten|unwaxed|juicy|good|nice|full|fat|decent|sized|size|of|the|room|temperature|hard|soft|peeled|grated|mashed|brown|black|spotty|sweet|tart|cooking|eating|green|red|-)$/u;

/** Words that are no name by themselves, nor part of one the pantry does not know. */
const NO_NAME =
  /^(?:the|that|this|those|these|them|my|your|our|his|her|a|an|each|every|all|some|it's|its|one|two|more|less|high|low|medium|big|small|large|deep|wide|thick|long|weight|total|serving|batter|mixture|mix|dough|cake|frosting|icing|filling|glaze|syrup|crumble|buttercream|ganache|flames?|heat|fire|speed|oven|power|watts?|fan|gas|tester|rounds?|squares?|tray|dish|tin|pan|bowl|measure|measuring|capacity|loaf|muffin|cupcake|ish|first|later|together|peeled|stoned|drained|grated|without|left|again|boxes|extra|empty|fluted|bundt|ring|cans?|protein|fat|carbs?|fibre|fiber|calories|kcal|sodium)$/u;

/** Whether a word can name an ingredient that nobody knows here. */
export function isName(word: string): boolean {
  return /^\p{L}{3,}/u.test(word) && !STOPS.test(word) && !NO_NAME.test(word);
}

/**
 * Names of the pantry in a text, the longest first from left to right; one that ends in the middle of
 * a longer one gives way to it: "large egg whites" are whites.
 */
export function namesOf(tokens: readonly Token[], pantry: Pantry): readonly Name[] {
  const folded = tokens.map(({ word }) => foldName(word));
  const names: Name[] = [];
  for (let from = 0; from < tokens.length;) {
    const name = nameAt(tokens, folded, from, pantry);
    const last = name === null ? null : nameAt(tokens, folded, name.to - 1, pantry);
    if (name !== null && last !== null && last.to > name.to && name.to - from > 1) {
      names.push(last);
      from = last.to;
      continue;
    }
    if (name !== null) names.push(name);
    from = name?.to ?? from + 1;
  }
  return names;
}

/** The longest name of the pantry that begins at a token. */
function nameAt(
  tokens: readonly Token[],
  folded: readonly string[],
  from: number,
  pantry: Pantry,
): Name | null {
  // "225 grams flour" is no gram flour.
  const isUnit =
    /^\d/u.test(tokens[from - 1]?.word ?? "") && readUnit(tokens[from]?.word ?? "") !== null;
  if (isUnit || folded[from] === "") return null;
  for (let length = Math.min(MOST_NAME_WORDS, tokens.length - from); length > 0; length -= 1) {
    const words = folded.slice(from, from + length);
    // A mark inside a name is no part of it, but for a hyphen: "self-raising flour".
    if (folded[from + length - 1] === "") continue;
    if (words.some((word, step) => word === "" && tokens[from + step]?.word !== "-")) continue;
    const name = words.filter((word) => word !== "").join(" ");
    const id = pantry.learnt.get(name) ?? pantry.byName.get(name);
    const ingredient = id === undefined ? undefined : pantry.byId.get(id);
    if (ingredient === undefined || (length === 1 && isOtherSense(tokens, from))) continue;
    return { from, to: from + length, ingredient };
  }
  return null;
}

/** A name that stands before its amount, with nothing but marks and figures between: in a table. */
export function nameBefore(
  tokens: readonly Token[],
  start: number,
  names: readonly Name[],
): Name | null {
  const name = names.findLast(({ to }) => to <= start);
  if (name === undefined) return null;
  const between = tokens.slice(name.to, start);
  if (between.some(({ word }) => /[.!?]/u.test(word) && between.length < 3)) return null;
  return between.every(({ word }) => !isWord(word)) ? name : null;
}

export function isAtStart(tokens: readonly Token[], from: number): boolean {
  return tokens.slice(0, from).every(({ word }) => !isWord(word) && !isNumber(word));
}

export function nameAfter(
  tokens: readonly Token[],
  at: number,
  names: readonly Name[],
  hasUnit: boolean,
): Name | null {
  for (let index = at; index <= at + MOST_BETWEEN && index < tokens.length; index += 1) {
    const name = names.find(({ from }) => from === index);
    // The last of several names that follow one another says what it is: "butter cream" apart.
    if (name !== undefined) {
      const further = names.find(({ from }) => from === name.to);
      return further !== undefined && hasUnit ? further : name;
    }
    const word = tokens[index]?.word ?? "";
    // "2 large, very ripe pears".
    if (!hasUnit && word === "," && index > at) continue;
    if (hasUnit ? STOPS.test(word) || isNumber(word) : !COUNTED.test(word)) return null;
  }
  return null;
}
