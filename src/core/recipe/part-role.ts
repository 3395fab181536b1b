import { capitalised } from "../measure";
import type { PartRole } from "./schema";

/** Words that name a part of a cake; the first that matches decides. */
const ROLES: readonly (readonly [RegExp, PartRole])[] = [
  [
    /\b(?:frosting|icing|buttercream|glaze|ganache|coating|drip|meringue)\b|^to (?:ice|frost|cover)\b/iu,
    "frosting",
  ],
  [/\b(?:filling|curd|jam layer|compote|custard)\b|^to (?:fill|sandwich)\b/iu, "filling"],
  [
    /\b(?:topping|crumble|streusel|crumb|praline|decoration|floor|to finish|to decorate|to serve|to top)\b/iu,
    "topping",
  ],
  [/\b(?:soak)\b/iu, "soak"],
  [/\b(?:syrup|drizzle)\b/iu, "syrup"],
  [
    /\b(?:cake|sponge|batter|layers?|loaf|muffins?|cupcakes?|cups|base|gingerbread|dough|chiffon|brownies?|cheesecake)\b/iu,
    "batter",
  ],
];

/** "Crumb-topped apple cake" is a cake, "icing for the cake" is not. */
const isOfCake = (name: string): boolean =>
  /\b(?:cakes?|loaf|sponge|muffins?|cupcakes?|cheesecake|gingerbread|pudding)\W*$/iu.test(name) &&
  !/\b(?:for|to|over|on|of|between|drizzle|syrup)\b/iu.test(name);

/** The role of a part by its name; null when the name tells nothing. */
export function partRole(name: string): PartRole | null {
  if (isOfCake(name)) return "batter";
  return ROLES.find(([pattern]) => pattern.test(name))?.[1] ?? null;
}

/** A part by its heading: "For the lemon icing:" is "Lemon icing", a frosting. */
export function namedPart(heading: string): { readonly name: string; readonly role: PartRole } {
  const bare = heading
    .replace(/:\s*$/u, "")
    .replace(/^(?:for|to make)\s+(?:the\s+|a\s+)?/iu, "")
    .trim();
  const name = bare === "" ? "Part" : capitalised(bare);
  const role = partRole(name) ?? "batter";
  // "To fill" says what is done with it, not what it is.
  return { name: /^to \p{L}+$/iu.test(name) ? capitalised(role) : name, role };
}

const PART_NOUN =
  "(?:frosting|icing|buttercream|filling|topping|crumble|streusel|syrup|glaze|ganache|curd|custard|cake|batter|sponge|base)";
const TELLS_FOR = new RegExp(
  `^\\W*(?:(?:now|then|next|meanwhile)\\W+)?(?:for|to make) (?:the|a) ((?:[\\p{L}-]+ ){0,2}?${PART_NOUN}(?: ${PART_NOUN})*),? +(?!(?:and|or|for|of|with|between|on|to|in)\\b)\\p{L}+ +\\p{L}`,
  "iu",
);

/**
 * The part a sentence says that it is for: "For the lemon filling whisk the juice" is of the filling.
 * Null for one that does not, and for a heading.
 */
export function toldFor(sentence: string): PartRole | null {
  const [, name] = TELLS_FOR.exec(sentence) ?? [];
  return name === undefined ? null : partRole(name);
}

/** Whether a step speaks of a part, by the last word of its name: "pour the ganache over". */
export function speaksOf(step: string, name: string): boolean {
  const [last = ""] = /\p{L}{4,}(?=\W*$)/u.exec(name) ?? [];
  return last !== "" && new RegExp(String.raw`\b${last.replace(/s$/u, "")}`, "iu").test(step);
}

/** The one part besides the batter that a step speaks of; null for none, and for several. */
export function partSpokenOf<P extends { readonly role: PartRole; readonly name: string }>(
  parts: readonly P[],
  step: string,
): P | null {
  const named = parts.filter(({ role, name }) => role !== "batter" && speaksOf(step, name));
  return named.length === 1 ? (named[0] ?? null) : null;
}
