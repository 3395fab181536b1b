import { remembered } from "../measure";
import { CATALOGUE } from "./catalogue";
import type { Ingredient } from "./ingredient";

/** What a kitchen adds to the catalogue: its own ingredients, and names it has learnt. */
export type KitchenPantry = {
  readonly own: readonly Ingredient[];
  readonly learnt: readonly (readonly [name: string, id: string])[];
};

/** The catalogue with a kitchen's own entries over it, and the names it has learnt. */
export type Pantry = {
  readonly byId: ReadonlyMap<string, Ingredient>;
  /** Ids by folded name. */
  readonly byName: ReadonlyMap<string, string>;
  /** Ids by folded name, taught by the baker; they come before all others. */
  readonly learnt: ReadonlyMap<string, string>;
};

/**
 * `chosen` by the baker for this line, `learnt` from her earlier choice, the whole `name`, or only
 * some `words` of it.
 */
export type MatchedBy = "chosen" | "learnt" | "name" | "words";

export type Match = {
  readonly ingredient: Ingredient;
  /** The words it was known by. */
  readonly on: string;
  readonly by: MatchedBy;
};

/** No name on a line has more words than this, nor in the catalogue more than these. */
const MOST_NAME_WORDS = 40;
const MOST_WORDS = 5;

/**
 * A pantry from a kitchen's own ingredients, which replace those of the same id, and learnt names.
 * @param learnt pairs of a name as written and the id it means
 */
export function pantryOf(
  own: readonly Ingredient[] = [],
  learnt: readonly (readonly [name: string, id: string])[] = [],
): Pantry {
  const byId = new Map([...CATALOGUE, ...own].map((ingredient) => [ingredient.id, ingredient]));
  const byName = new Map<string, string>();
  for (const { id, name, also } of byId.values()) {
    for (const each of [name, ...also])
      if (!byName.has(foldName(each))) byName.set(foldName(each), id);
  }
  // A kitchen's own names win over the catalogue's.
  for (const { id, name, also } of own)
    for (const each of [name, ...also]) byName.set(foldName(each), id);
  return {
    byId,
    byName,
    learnt: new Map(
      learnt.filter(([, id]) => byId.has(id)).map(([name, id]) => [foldName(name), id]),
    ),
  };
}

/** A name evened out, so that `Eggs`, `egg` and `crème fraîche` meet `egg` and `creme fraiche`. */
export const foldName = remembered((name) =>
  name
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/['’]/gu, "")
    .replace(/[^\p{L}\p{N}%]+/gu, " ")
    .trim()
    .split(" ")
    .map(singular)
    .join(" "),
);

function singular(word: string): string {
  if (word.length < 4 || /(?:ss|us|is|as)$/u.test(word)) return word;
  if (/(?:leaves|halves|loaves)$/u.test(word)) return word.replace(/ves$/u, "f");
  if (word.endsWith("ies")) return word.length > 5 ? `${word.slice(0, -3)}y` : word.slice(0, -1);
  if (/(?:oes|ches|shes|xes)$/u.test(word)) return word.slice(0, -2);
  return word.endsWith("s") ? word.slice(0, -1) : word;
}

/**
 * The ingredient a name means: what was learnt for it, else the entry of that name, else the entry
 * whose name is the longest ending of it (English puts what a thing is last), else the longest run
 * of its words. Null when no word is known.
 * @example matchIngredient("good dark chocolate", pantryOf()) // dark chocolate, on "dark chocolate", by words
 */
export function matchIngredient(name: string, pantry: Pantry): Match | null {
  const known = MATCHED.get(pantry) ?? remembered((each: string) => matched(each, pantry));
  MATCHED.set(pantry, known);
  return known(name);
}

/** What each pantry's names mean. */
const MATCHED = new WeakMap<Pantry, (name: string) => Match | null>();

function matched(name: string, pantry: Pantry): Match | null {
  const folded = foldName(name);
  if (folded === "") return null;
  const whole = find(folded, pantry);
  if (whole !== null) return { ...whole, by: whole.isLearnt ? "learnt" : "name" };
  // What a thing is stands at the end of its name; a line without end is no name.
  const words = folded.split(" ").slice(-MOST_NAME_WORDS);
  const lengths = Array.from(
    { length: Math.min(MOST_WORDS, words.length) },
    (_, index) => index + 1,
  ).toReversed();
  const endings = lengths.map((length) => ({ start: words.length - length, length }));
  const elsewhere = lengths.flatMap((length) =>
    Array.from({ length: words.length - length }, (_, start) => ({ start, length })).toReversed(),
  );
  for (const { start, length } of [...endings, ...elsewhere]) {
    const part = find(words.slice(start, start + length).join(" "), pantry);
    if (part !== null) return { ...part, by: "words" };
  }
  return null;
}

function find(
  folded: string,
  pantry: Pantry,
): { readonly ingredient: Ingredient; readonly on: string; readonly isLearnt: boolean } | null {
  const learnt = pantry.learnt.get(folded);
  const ingredient = pantry.byId.get(learnt ?? pantry.byName.get(folded) ?? "");
  return ingredient === undefined
    ? null
    : { ingredient, on: folded, isLearnt: learnt !== undefined };
}

/**
 * Ingredients whose names hold all the words typed, those that start with them first; for choosing
 * one.
 * @param most how many at most
 */
export function searchPantry(text: string, pantry: Pantry, most = 8): readonly Ingredient[] {
  const wanted = foldName(text);
  if (wanted === "") return [];
  const words = wanted.split(" ");
  const scored = [...pantry.byId.values()].flatMap((ingredient) => {
    const ranks = [ingredient.name, ...ingredient.also].map(foldName).flatMap((name, index) => {
      if (name === wanted) return [index === 0 ? 0 : 1];
      if (name.startsWith(wanted)) return [index === 0 ? 2 : 3];
      return words.every((word) => name.includes(word)) ? [4] : [];
    });
    return ranks.length === 0 ? [] : [{ ingredient, rank: Math.min(...ranks) }];
  });
  return scored
    .sort((a, b) => a.rank - b.rank || a.ingredient.name.localeCompare(b.ingredient.name))
    .slice(0, most)
    .map(({ ingredient }) => ingredient);
}

/**
 * Every ingredient that a text names, from left to right, the longest name first: "almond milk" is
 * not also milk.
 * @example ingredientsNamedIn("dried fruits or nuts", pantryOf()) // mixed dried fruit, mixed nuts
 */
export function ingredientsNamedIn(text: string, pantry: Pantry): readonly Ingredient[] {
  const words = foldName(text)
    .split(" ")
    .filter((word) => word !== "");
  const found: Ingredient[] = [];
  for (let start = 0; start < words.length;) {
    const lengths = Array.from(
      { length: Math.min(MOST_WORDS, words.length - start) },
      (_, index) => index + 1,
    ).toReversed();
    const length =
      lengths.find((each) => find(words.slice(start, start + each).join(" "), pantry) !== null) ??
      0;
    const hit = length === 0 ? null : find(words.slice(start, start + length).join(" "), pantry);
    if (hit !== null) found.push(hit.ingredient);
    start += Math.max(1, length);
  }
  return found;
}
