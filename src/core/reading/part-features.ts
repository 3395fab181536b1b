// What tells which part of a cake an ingredient is for.
import { remembered } from "../measure";
import { partRole, ROLES_BESIDES, type PartRole, type Stage } from "../recipe";
import { wordsIn, type Chunk } from "./chunks";
import type { Mention } from "./mentions";
import type { Features } from "./sequence";

export const PARTS = ["batter", ...ROLES_BESIDES] as const;

/** An ingredient with where it stands in the text. */
export type PlacedMention = {
  readonly mention: Mention;
  readonly chunk: Chunk;
  /** Words told before and after it, near ones. */
  readonly before: readonly string[];
  readonly after: readonly string[];
  readonly heading: string;
  readonly headingWords: readonly string[];
  readonly isRow: boolean;
  readonly stage: Stage;
  /** Clauses after the first that bakes; negative before it. */
  readonly afterBake: number;
  /** Which run of lines it stands in, blank lines between them. */
  readonly run: number;
};

const PART_WORDS =
  /^(?:frosting|icing|buttercream|ganache|glaze|filling|jam|curd|topping|crumble|streusel|crumb|syrup|soak|drizzle|sauce|base|crust|cake|batter|sponge|custard|caramel|marzipan|praline|coating|drip|decorat\w*|dust\w*|sprinkl\w*|top|meringue|mousse|compote|layers?|middle|bottom|floor|sides|dry|wet)$/u;
/** So far back a part's name still speaks for what follows, in words. */
const NEAR = 8;

/**
 * What stands in a list under a part's name is for it, or for what is told by a like name. A
 * filling is left open: that of a cheesecake is its batter.
 */
const LIKE: Readonly<Partial<Record<PartRole, readonly PartRole[]>>> = {
  syrup: ["syrup", "soak", "topping", "frosting"],
  soak: ["soak", "syrup"],
  frosting: ["frosting", "filling", "topping", "syrup"],
};

/**
 * The parts each ingredient can be for, by their places in {@link PARTS}; null for any. The first
 * list of a page is never narrowed: its heading may be the cake's name.
 */
export function allowedParts(
  mentions: readonly PlacedMention[],
): readonly (ReadonlySet<number> | null)[] {
  const first = mentions.find(({ isRow }) => isRow)?.heading;
  const floors = new Set(
    mentions.flatMap(({ isRow, heading, mention }) =>
      isRow && OF_FLOOR.test(heading) && /fruit|berry/u.test(mention.ingredient?.group ?? "")
        ? [heading]
        : [],
    ),
  );
  return mentions.map(({ isRow, heading }) => {
    if (isRow && floors.has(heading)) return TOPPING_ONLY;
    const role = isRow && heading !== first ? partRole(heading) : null;
    const like = role === null ? undefined : LIKE[role];
    return like === undefined ? null : new Set(like.map((part) => PARTS.indexOf(part)));
  });
}

/** "For the pan: butter, brown sugar and pears" lies under the batter, fruit and all. */
const OF_FLOOR = /^for the (?:pan|tin|skillet|dish|bottom|floor)\b/iu;
const TOPPING_ONLY: ReadonlySet<number> = new Set([PARTS.indexOf("topping")]);

/** Features of every ingredient of a text, for its part. */
export function partFeatures(mentions: readonly PlacedMention[]): readonly Features[] {
  const seen = new Map<string, number>();
  return mentions.map((placed, index) => {
    const { mention, chunk, before, after, heading, headingWords, isRow, stage, afterBake, run } =
      placed;
    const id = mention.ingredient?.id ?? "unknown";
    const group = mention.ingredient?.group ?? "unknown";
    const times = seen.get(group) ?? 0;
    if (mention.read.measures.length > 0) seen.set(group, times + 1);
    const role = partRole(heading) ?? (heading === "" ? "none" : "other");
    const last = before.findLastIndex((word) => PART_WORDS.test(word));
    const named = last < 0 ? "none" : (before[last] ?? "");
    const near = last < 0 ? "far" : before.length - last <= NEAR ? "near" : "far";
    const place = afterBake < 0 ? "b" : "a";
    const earlier = mentions[index - 1];
    const own = [
      "any",
      `id:${id}`,
      `g:${group}`,
      `g:${group}:${String(Math.min(2, times))}`,
      `s:${stage}`,
      `s:${stage}:${place}`,
      `g:${group}:${stage}`,
      `r:${role}`,
      `r:${role}:${stage}`,
      `r:${role}:${group}`,
      ...headingWords.map((word) => `h:${word}`),
      `n:${named}`,
      `n:${named}:${near}`,
      `n:${named}:${stage}`,
      ...before.slice(-6).map((word) => `b:${word}`),
      ...after.slice(0, 6).map((word) => `f:${word}`),
      `b1:${before.at(-1) ?? ""}`,
      `b2:${before.at(-2) ?? ""} ${before.at(-1) ?? ""}`,
      `f2:${after[0] ?? ""} ${after[1] ?? ""}`,
      isRow ? "row" : "told",
      `row:${String(isRow)}:${place}`,
      mention.read.measures.length > 0 ? "amount" : "bare",
      ...(earlier?.run === run
        ? ["same run"]
        : [`new run:${earlier === undefined ? "first" : "later"}`]),
      ...(earlier?.heading === heading ? ["same heading"] : []),
      ...(isRow && headingWords.length === 0 ? [`run:${String(Math.min(4, run))}`] : []),
    ];
    return [own, clauseFeatures(chunk.text)];
  });
}

/** The words of the clause an ingredient stands in. */
const clauseFeatures = remembered((text): readonly string[] =>
  [...new Set(wordsIn(text))].map((word) => `w:${word}`),
);
