// What a recipe frosts its own cake with, and how far down.
import * as z from "../zod";
import { FrostingSchema, type Frosting } from "../build";
import { canWearStrips } from "../fill";
import { numberIn } from "../measure";
import type { Cover } from "../finish";
import { stepStages, type Formula, type FormulaRow, type PartFormula, type Stage } from "../recipe";
import { tinFamily, type Tin, type TinGeometry } from "../tin";

/** How much of a cake in layers a recipe's frosting covers. */
const OVER = ["top", "naked", "top-and-sides"] as const satisfies readonly Cover[];

/** More of a frosting or a filling is a slip of the pen, g. */
export const MOST_G = 20_000;

/** A recipe's own frosting, spread on its cold cake. */
export const FrostedSchema = z.strictObject({
  /** What it is most like, for its density and how long it keeps. */
  like: FrostingSchema,
  over: z.enum(OVER),
  /** The recipe's part it is made by, and its name. */
  part: z.string().check(z.maxLength(40)),
  name: z.string().check(z.maxLength(120)),
  /** All of it, on the recipe's own cake; the plan's usual coat where it is left out. */
  massG: z.optional(numberIn(20, MOST_G, "g")),
});
export type Frosted = z.infer<typeof FrostedSchema>;

const SPREADS =
  /\b(?:spread|frost(?!ing)|ice|cover|coat|crumb.?coat|swirl|swathe|pipe|slather|heap|sandwich|stack|layer|put|goes|rest)(?:e?d|ing|s)?\b|\bin the middle\b|\b(?:frosting|icing|buttercream) (?:in )?between\b/iu;
const POURS =
  /\b(?:pour|drizzle|drip|glaze|dip|brush|trail|trickle|zig-?zag|run|drop a square)\w*\b[^.]{0,60}\b(?:over|onto?|down|along|across|in the icing)\b/iu;
/** Poured into what is being made, not onto a cake. */
const POURED_IN =
  /\b(?:onto?|over|into|to) (?:the |some |your )?(?:\p{L}+ ){0,2}(?:whites|eggs?|yolks|chocolate|sugar|butter|cocoa|mixture|bowl)\b/iu;
/** "For the coat melt …" makes it; "before the coat" is when. */
const FOR_COAT = /\b(?:for|before) (?:the |a )?(?:coat|cover)/iu;
/** By these names a part is spread; an icing or a glaze may be poured. */
const NAMED_FROSTING = /\b(?:frosting|buttercream)\b/iu;
const NAMES = /\b(?:frost(?:ing|ed)?|icing|ice|buttercream)\b/iu;
/** What else is put on a cake; a sentence about it is about the frosting only where it names it. */
const OTHERS =
  /\b(?:jam|curd|custard|marmalade|jelly|marzipan|peanut|caramel|syrup|soak|glaze|ganache|crumble|fruit|berries|nuts?|walnuts?|pecans?|coconut|chocolate|sprinkles|curls|shavings|sugar|towel|cloth|foil|fridge|freezer|rack|paper)\b/iu;
const ON_SIDES =
  /\bsides\b|\ball over\b|\boutsides?\b|\bcrumb.?coat\b|\bcoat thinly\b|\bswathe\b|\b(?:fill|stack|layer)(?: it)? (?:&|and|then) (?:cover|frost|ice)\b|\bcover the (?:whole )?cakes?\b|\bcoat (?:all )?with\b|\breal coat\b/iu;
const ON_TOP = /\btops?\b|\bover the lid\b/iu;
const BETWEEN = /\b(?:between|sandwich|in the middle|gap|fill)\b/iu;
const COVERS_ALL = /\b(?:and|then) (?:cover|frost|ice|coat)\b/iu;
const TOP_ONLY = /\btop only\b/iu;

/** Less of it is a glaze or a mistake, g. */
const LEAST_G = 60;
const SENTENCES = /(?<=[.;!?])\s+/u;

/**
 * The frosting a recipe spreads on its cake once that is cold; null where it has none, pours it,
 * puts it on a hot cake, or does not say where it goes.
 * @param layers slices in all of its own cakes; 0 for cups
 */
export function frostedByRecipe({ parts }: Formula, layers: number): Frosted | null {
  const frosting = parts.find(({ part, massG }) => part.role === "frosting" && massG >= LEAST_G);
  const like = frosting === undefined ? null : frostingLike(frosting);
  if (frosting === undefined || like === null) return null;
  const { id, name } = frosting.part;
  const about = parts
    .flatMap((of) => sentencesOf(of))
    .filter(({ text, stage }) => AFTER.includes(stage) && isAbout(name, text));
  const spread = about.filter(({ text }) => SPREADS.test(text) && !POURS.test(text));
  const named = spread.filter(({ text }) => isNamed(name, text));
  // What is poured before anything is spread; a drip comes after the coat it runs over.
  const first = about.find(
    (each) =>
      (spread.includes(each) && !FOR_COAT.test(each.text)) ||
      (POURS.test(each.text) && !POURED_IN.test(each.text)),
  );
  const isPoured = named.length === 0 && first !== undefined && !spread.includes(first);
  const cold = spread.filter(({ stage }) => stage !== "hot");
  if (isPoured || named.some(({ stage }) => stage === "hot")) return null;
  // A part that is called a frosting and only says how it is made goes where frosting goes.
  const isOnlyMade =
    NAMED_FROSTING.test(name) && frosting.part.steps.every(({ stage }) => stage === undefined);
  if (cold.length === 0 && !isOnlyMade) return null;
  const over = overOf(cold.map(({ text }) => text).join(" "), layers);
  if (over === null) return null;
  const massG = Math.round(frosting.massG);
  return {
    like,
    over,
    part: id,
    name: name.slice(0, 120),
    ...(massG > MOST_G ? {} : { massG }),
  };
}

/** A step that does not say when is by its place in the batter's method, and after it elsewhere. */
export function sentencesOf({
  part: { role, steps },
}: PartFormula): readonly { readonly text: string; readonly stage: Stage }[] {
  const byPlace = role === "batter" ? stepStages(steps) : [];
  return steps.flatMap((step, at) =>
    step.text
      .split(SENTENCES)
      .map((text) => ({ text, stage: step.stage ?? byPlace[at] ?? "cold" })),
  );
}

const AFTER: readonly Stage[] = ["hot", "cold", "serve"];
/** Baked cakes that can be layers. */
export const layersIn = (tins: readonly Tin[]): number =>
  tins.reduce((sum, tin) => sum + (tinFamily(tin) === "cup" ? 0 : (tin.count ?? 1)), 0);

export function isNamed(name: string, text: string): boolean {
  const [last = "frosting"] = /\p{L}+(?=\W*$)/u.exec(name) ?? [];
  const own = new RegExp(String.raw`\b${last.replace(/s$/u, "")}`, "iu");
  return own.test(text) || NAMES.test(text);
}

/** "Pipe onto the cups and top with sprinkles": what comes after is of something else. */
const THEN_ON_IT =
  /,? (?:and|then)(?: then)? (?=(?:top|sprinkle|scatter|strew|decorate|finish|dust)\b)/iu;

/** Whether a sentence is of the frosting: it names it, or nothing else that goes on a cake. */
const isAbout = (name: string, text: string): boolean =>
  isNamed(name, text) || !OTHERS.test(text.split(THEN_ON_IT)[0] ?? text);

function overOf(text: string, layers: number): Frosted["over"] | null {
  if (TOP_ONLY.test(text)) return "top";
  if (layers > 0 && ON_SIDES.test(text)) return "top-and-sides";
  if (layers < 2) return "top";
  // Layers with something between and nothing said of their top keep it bare.
  if (BETWEEN.test(text) && COVERS_ALL.test(text)) return "top-and-sides";
  if (BETWEEN.test(text)) return ON_TOP.test(text) ? "naked" : null;
  return ON_TOP.test(text) ? "top" : "top-and-sides";
}

/** What a part is by shares of its weight; null for what is no frosting. Judgement. */
export function frostingLike(part: PartFormula): Frosting | null {
  const { massG, totals } = part;
  const share = (is: RegExp): number => shareOf(part, is);
  if (share(/marzipan|paste|gelatine/u) > 0.005 || share(/condensed/u) > 0.3) return null;
  const butter = share(/butter|spread|margarine|shortening/u);
  if (share(/cream-cheese|mascarpone/u) > 0.2) return "cream-cheese";
  if (share(/egg-white|meringue/u) > 0.08) return butter > 0.15 ? "meringue-butter" : "marshmallow";
  if (share(/marshmallow/u) > 0.3) return "marshmallow";
  const cream = share(/cream/u);
  if (share(/chocolate/u) > 0.3 && cream > 0.25) return "whipped-ganache";
  if (cream > 0.5) return "whipped-cream";
  const isSweet = totals.sugar > 0.3 * massG;
  if (totals.fat < 0.05 * massG) return totals.sugar > 0.6 * massG ? "water-icing" : null;
  return isSweet ? "butter-and-sugar" : null;
}

/** Share of a part's weight that ingredients of such ids have. */
export const shareOf = ({ rows, massG }: PartFormula, is: RegExp): number =>
  rows.reduce(
    (sum, { ingredient, massG: own }: FormulaRow) =>
      sum + (is.test(ingredient?.id ?? "") ? (own ?? 0) : 0),
    0,
  ) / massG;

/**
 * How far a recipe's frosting goes over the wanted cakes: as the recipe has it on layers or a round
 * cake, over the top of a sheet, a loaf or cups.
 */
export function coverIn({ over }: Frosted, wanted: readonly TinGeometry[]): Cover {
  const isLayered = wanted.some((geometry) => canWearStrips(geometry) && geometry.count > 1);
  if (over === "top" || isLayered) return over;
  const isLow = wanted.every(
    ({ tin }) => tin.shape === "rectangle" || ["cup", "loaf"].includes(tinFamily(tin)),
  );
  return isLow || over === "naked" ? "top" : over;
}
