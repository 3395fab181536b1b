// What a recipe's own steps put on its cake after the oven besides its frosting, as it shows.
import * as z from "../zod";
import { CoatingSchema, LAID } from "../build";
import type { Cover } from "../finish";
import { numberIn } from "../measure";
import { speaksOf, type Formula, type PartFormula, type PartRole, type Stage } from "../recipe";
import { frostingLike, MOST_G, sentencesOf, shareOf, type Frosted } from "./recipe-frosting";

/** How something lies on a cake: over its top, in drips, over all of it, strewn; or not drawn. */
export const WORN_AS = ["over-top", "drips", "over-all", "strewn", "unseen"] as const;
export type WornAs = (typeof WORN_AS)[number];

/** Roles of parts that show; a soak is drunk, a filling hidden. */
const SHOWING = ["frosting", "topping", "syrup"] as const satisfies readonly PartRole[];
const isShowing = (role: PartRole): role is (typeof SHOWING)[number] =>
  (SHOWING as readonly PartRole[]).includes(role);

/** At most so many show. */
const MOST_WORN = 6;

/** A part that the recipe puts on its own cake by its own steps. */
const OneWornSchema = z.strictObject({
  /** The recipe's part, and its name. */
  part: z.string().check(z.maxLength(40)),
  name: z.string().check(z.maxLength(120)),
  role: z.enum(SHOWING),
  /** What it looks like. */
  like: z.union([CoatingSchema, z.enum(LAID)]),
  as: z.enum(WORN_AS),
  /** All of it, on the recipe's own cake; 0 where nobody weighs it. */
  massG: numberIn(0, MOST_G, "g"),
});
export type RecipeWear = z.infer<typeof OneWornSchema>;
export const WornSchema = z.array(OneWornSchema).check(z.maxLength(MOST_WORN));

const AFTER: readonly Stage[] = ["hot", "cold", "serve"];
const DRIPS =
  /\b(?:drip(?!ping pan)|run(?:ning)? (?:a little )?(?:down|over)|dribble|trickle down)/iu;
const DIPPED = /\b(?:dip|roll)(?:ped|ping)? (?:it|each|them|the \p{L}+|in|into)\b/iu;
/** Chocolate that is melted runs, and is not strewn. */
const RUNS = /\b(?:melt|pour|drip|drizzle|spread)/iu;
const POURS_IT =
  /\b(?:pour|drip|drizzle|spread|spoon|trickle)\b[^.;]*\b(?:over|onto?|down|top)\b/iu;
const OVER_ALL =
  /\b(?:and|down|over|cover|coat)\b[^.;]{0,24}\bsides\b|\ball over\b|\b(?:coat|cover|enrobe)\b[^.;]{0,16}\b(?:whole|entire)\b|\bcompletely cover/iu;
const PUTS =
  /\b(?:over|onto?|across|top|tops|cover|coat|glaze|ice|dip|spread|drizzle|drip|dust|scatter|sprinkle|strew|decorate|finish|press|brush|spoon|swirl)\w*\b/iu;
/** The sentence that only makes it: poured onto what is in a bowl. */
const IN_A_BOWL =
  /\b(?:onto?|over|into|to) (?:the |some |your |chopped )*(?:chopped |dark |hot |beaten )*(?:chocolate|cream|eggs?|yolks|whites|butter|sugar|bowl|pan|saucepan)\b/iu;

/** Shares of weight by which a topping that is strewn is told. Judgement. */
const STREWN_BY: readonly (readonly [is: RegExp, like: (typeof LAID)[number]])[] = [
  [/(?<!coco)nuts?$|almond|pecan|pistachio|seeds?$/u, "nuts"],
  [/coconut/u, "coconut"],
  [/sprinkles/u, "strands"],
  [/chocolate/u, "shavings"],
  [/^icing-sugar|^cocoa|^natural-cocoa/u, "dusting-sugar"],
];
const MOSTLY = 0.5;

/**
 * The parts that show on a recipe's own cake: its glaze, its drip, what is strewn; nothing of its
 * filling, of what is drunk, of what is baked with it, and of what the plan spreads or fills itself.
 * @param elsewhere ids of the parts that are baked with the batter, or that the plan puts on itself
 */
export function wornByRecipe(
  formula: Formula,
  elsewhere: readonly string[],
): readonly RecipeWear[] {
  const said = formula.parts
    .flatMap((of) => sentencesOf(of).map((each) => ({ ...each, of })))
    .filter(({ text, stage }) => AFTER.includes(stage) && PUTS.test(text) && !IN_A_BOWL.test(text));
  const frostings = formula.parts.filter(({ part }) => part.role === "frosting");
  return formula.parts
    .flatMap((part): readonly RecipeWear[] => {
      const { id, name, role } = part.part;
      if (!isShowing(role) || elsewhere.includes(id) || part.massG > MOST_G) return [];
      const own = said.filter(({ of, text }) => of === part || speaksOf(text, name));
      // "Pour it over the cold cake" names nothing: it is the one thing there is to pour.
      const unnamed =
        own.length === 0 && role === "frosting" && frostings.length === 1
          ? said.filter(({ text }) => POURS_IT.test(text))
          : [];
      const words = [...own, ...unnamed].map(({ text }) => text).join(" ");
      const like = words === "" ? null : wornLike(part, words);
      if (like === null) return [];
      const as = isLaid(like) ? "strewn" : wornAs(words);
      return [
        { part: id, name: name.slice(0, 120), role, like, as, massG: Math.round(part.massG) },
      ];
    })
    .slice(0, MOST_WORN);
}

/**
 * What shows beside what the plan puts on; where the recipe spreads no frosting, what it pours is
 * not there under a cover that was asked for.
 */
export const wornBeside = (
  { worn = [], frosted }: { readonly worn?: readonly RecipeWear[]; readonly frosted?: Frosted },
  cover: Cover,
): readonly RecipeWear[] =>
  worn.filter(({ role }) => role !== "frosting" || frosted !== undefined || cover === "none");

/** How what is poured lies on the cake, by the words that put it there. */
const wornAs = (words: string): WornAs =>
  DIPPED.test(words)
    ? "over-all"
    : DRIPS.test(words)
      ? "drips"
      : OVER_ALL.test(words)
        ? "over-all"
        : "over-top";

/** What a part looks like by the shares of its weight; null for what is nothing the plan draws. */
function wornLike(part: PartFormula, words: string): RecipeWear["like"] | null {
  const laid = part.part.role === "topping" ? strewnLike(part) : null;
  if (laid !== null && !(laid === "shavings" && RUNS.test(words))) return laid;
  const share = (is: RegExp): number => shareOf(part, is);
  if (!(part.massG > 0)) return null;
  if (share(/^jam$|marmalade/u) > MOSTLY) return "jam";
  if (share(/chocolate/u) > 0.25) return "pouring-ganache";
  // Syrup that a cake drinks does not show; one that is boiled with butter or cream does.
  if (part.part.role === "syrup" && share(/butter|cream/u) < 0.1) return null;
  if (share(/cocoa|brown-sugar|muscovado|condensed|caramel/u) > 0.08) return "boiled-fudge";
  return frostingLike(part);
}

/** What is strewn: what leads a topping that is mostly of such things. */
function strewnLike(part: PartFormula): (typeof LAID)[number] | null {
  const isWeighed = part.massG > 0;
  const shares = STREWN_BY.map(([is, like]) => ({
    like,
    share: isWeighed
      ? shareOf(part, is)
      : part.rows.filter(({ ingredient }) => is.test(ingredient?.id ?? "")).length /
        part.rows.length,
  }));
  const isStrewn = shares.reduce((sum, { share }) => sum + share, 0) >= MOSTLY;
  const lead = shares.toSorted((a, b) => b.share - a.share)[0];
  return isStrewn && lead !== undefined ? lead.like : null;
}

const isLaid = (like: RecipeWear["like"]): boolean => (LAID as readonly string[]).includes(like);
