// What tells which part of a cake an ingredient is for.
import { group } from "d3-array";
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
  const batters = headingsOfBatters(mentions);
  return mentions.map(({ isRow, heading }) => {
    if (isRow && floors.has(heading)) return TOPPING_ONLY;
    if (isRow && partRole(heading) === "filling" && batters.size > 0)
      return batters.size === 1 && batters.has(heading) ? BATTER_ONLY : NO_BATTER;
    const role = isRow && heading !== first ? partRole(heading) : null;
    const like = role === null ? undefined : LIKE[role];
    return like === undefined ? null : new Set(like.map((part) => PARTS.indexOf(part)));
  });
}

/** Lists with flour and eggs of their own, or with eggs and soft cheese. */
function headingsOfBatters(mentions: readonly PlacedMention[]): ReadonlySet<string> {
  const lists = group(
    mentions.filter(({ isRow }) => isRow),
    ({ heading }) => heading,
  );
  return new Set(
    [...lists].flatMap(([heading, list]) => {
      const has = (what: RegExp): boolean =>
        list.some(({ mention: { ingredient } }) =>
          what.test(`${ingredient?.group ?? ""} ${ingredient?.id ?? ""}`),
        );
      return has(/\begg/u) && (has(/\bflour\b/u) || has(/cheese/u)) ? [heading] : [];
    }),
  );
}
/**
 * Beside a list that is a batter, what is listed as a filling is none; it is all batter where no other
 * list is one.
 */
const BATTER_ONLY: ReadonlySet<number> = new Set([PARTS.indexOf("batter")]);
const NO_BATTER: ReadonlySet<number> = new Set(
  PARTS.flatMap((part, at) => (part === "batter" ? [] : [at])),
);

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
    const kind = mention.ingredient?.group ?? "unknown";
    const times = seen.get(kind) ?? 0;
    if (mention.read.measures.length > 0) seen.set(kind, times + 1);
    const role = partRole(heading) ?? (heading === "" ? "none" : "other");
    const last = before.findLastIndex((word) => PART_WORDS.test(word));
    const named = last < 0 ? "none" : (before[last] ?? "");
    const near = last < 0 ? "far" : before.length - last <= NEAR ? "near" : "far";
    const place = afterBake < 0 ? "b" : "a";
    const earlier = mentions[index - 1];
    const own = [
      "any",
      `id:${id}`,
      `g:${kind}`,
      `g:${kind}:${String(Math.min(2, times))}`,
      `s:${stage}`,
      `s:${stage}:${place}`,
      `g:${kind}:${stage}`,
      `r:${role}`,
      `r:${role}:${stage}`,
      `r:${role}:${kind}`,
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
