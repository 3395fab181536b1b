// What a recipe fills its own layers with, and how thick that is.
import * as z from "../zod";
import {
  CoatingSchema,
  rollFrom,
  SPREAD_DENSITY,
  THICK_MM,
  type Coating,
  type RolledFrom,
} from "../build";
import { canWearStrips, type Fill } from "../fill";
import { capitalised, numberIn } from "../measure";
import type { Formula, PartFormula, PartRole, Stage } from "../recipe";
import { outlineAt, solidArea, tinFamily } from "../tin";
import { frostingLike, isNamed, MOST_G, sentencesOf, shareOf } from "./recipe-frosting";

/** A recipe's own filling, between its cold layers. */
export const FilledSchema = z.strictObject({
  /** What it is most like, for its density and how long it keeps. */
  like: CoatingSchema,
  /** The recipe's part it is made by, and its name. */
  part: z.string().check(z.maxLength(40)),
  name: z.string().check(z.maxLength(120)),
  /** All of it, in the recipe's own cake. */
  massG: numberIn(20, MOST_G, "g"),
  /** What a millilitre of it weighs, where it is of several things; by what it is like else. */
  gPerMl: z.optional(numberIn(0.2, 1.6, "g/mL")),
});
export type Filled = z.infer<typeof FilledSchema>;

const BETWEEN =
  /\b(?:between|sandwich(?:ed)?|in the middle|gaps?|fill(?:ed)?|stack(?:ed)?|layers? (?:it|them|the cakes?)|join(?:ed)?|cut sides?)\b|\b(?:put|set|place|lay|pop|top|cover|replace)\b[^.;]*\b(?:other|second|lid|(?:top|upper) (?:half|layer|slice))\b/iu;
/** A frosting goes between only where it is said to: what is stacked may be glazed. */
const ONLY_BETWEEN = /\b(?:between|sandwich(?:ed)?|in the middle|join(?:ed)?|unroll|re-?roll)\b/iu;
const POURED = /\b(?:pour|drizzle|drip|trickle|brush|dip)\w*\b/iu;
/** Said of a cold cake: its frosting may go there too. */
const ALSO_OVER = /\btops?\b|\bsides\b|\bcover\b|\ball over\b/iu;
const ROLLED_IN = /\b(?:un|re-?)?roll|\bspread\b/iu;
/** Less of it is a smear, g. */
const LEAST_G = 40;
const COLD: readonly Stage[] = ["cold", "serve"];

/** What a filling lies in. */
type Around = {
  /** Slices in all of the recipe's own cakes. */
  readonly layers: number;
  /** Whether its frosting goes over it, and is no filling alone. */
  readonly isCovered: boolean;
  /** Whether it is a sheet that is rolled up. */
  readonly isRolled: boolean;
};

/**
 * The filling a recipe puts between its cold layers; null where it has none, has only one layer, or
 * nothing says that it goes between.
 */
export function filledByRecipe(
  { parts }: Formula,
  { layers, isCovered, isRolled }: Around,
): Filled | null {
  if (layers === 1 && !isRolled) return null;
  const largest = (role: PartRole): PartFormula | undefined =>
    parts
      .filter(({ part, massG }) => part.role === role && massG >= LEAST_G)
      .toSorted((a, b) => b.massG - a.massG)[0];
  // A frosting that covers nothing only goes between.
  const filling = largest("filling") ?? (isCovered ? undefined : largest("frosting"));
  const like = filling === undefined ? null : fillingLike(filling);
  if (filling === undefined || like === null) return null;
  const { id, name } = filling.part;
  const cold = parts
    .flatMap((of) => sentencesOf(of))
    .flatMap(({ text, stage }) => (COLD.includes(stage) ? [text] : []));
  const isFrosting = filling.part.role === "frosting";
  if (isFrosting && cold.some((text) => ALSO_OVER.test(text))) return null;
  const isPutBetween = cold.some(
    (text) =>
      (isFrosting
        ? ONLY_BETWEEN.test(text) && !POURED.test(text)
        : BETWEEN.test(text) || (isRolled && ROLLED_IN.test(text))) &&
      (isNamed(name, text) || saysOnly(text)),
  );
  if (!isPutBetween || filling.massG > MOST_G) return null;
  const gPerMl = mixedDensity(filling, like);
  return {
    like,
    part: id,
    name: (name.trim() === "" ? capitalised(filling.part.role) : name).slice(0, 120),
    massG: Math.round(filling.massG),
    ...(gPerMl === null ? {} : { gPerMl }),
  };
}

/** A sentence that puts layers together and names nothing else to do it with. */
const saysOnly = (text: string): boolean =>
  !/\b(?:frosting|icing|buttercream|ganache)\b/iu.test(text);

/** What a filling is by shares of its weight; null for what is nothing the plan knows. Judgement. */
function fillingLike(part: PartFormula): Coating | null {
  const share = (is: RegExp): number => shareOf(part, is);
  if (share(/cream$|whipping/u) > 0.4) return "whipped-cream";
  if (share(/jam|marmalade|jelly/u) > 0.5) return "jam";
  if (
    share(/curd/u) > 0.5 ||
    (share(/(?:lemon|lime)(?:-zest-and)?-juice/u) > 0.1 && share(/egg/u) > 0.15)
  )
    return "curd";
  if (share(/custard$/u) > 0.5) return "custard";
  if (share(/milk/u) > 0.4 && share(/egg|custard-powder|cornflour/u) > 0.02) return "custard";
  return frostingLike(part);
}

/** What is under or over whipped cream in one filling: jam, curd, fruit, g/mL. Judgement. */
const BESIDE_CREAM = 1.2;

/**
 * Jam or fruit and whipped cream in one filling, g/mL: one over the sum of their shares by weight
 * over their densities; null where it is of one thing.
 */
function mixedDensity(part: PartFormula, like: Coating): number | null {
  if (like !== "whipped-cream") return null;
  const besides = shareOf(
    part,
    /jam|marmalade|jelly|curd|berr|currant|cherr|fruit|lemon(?:-zest-and)?-juice/u,
  );
  if (besides < 0.1) return null;
  const gPerMl = 1 / ((1 - besides) / SPREAD_DENSITY[like] + besides / BESIDE_CREAM);
  return Math.round(100 * gPerMl) / 100;
}

/**
 * How thick a recipe's filling is in its own layers, mm: its weight over its density and the area of
 * all the gaps, or of the sheet that is spread; null where its own tins are not known.
 */
export function filledMm(
  { like, massG, gPerMl }: Filled,
  { tins }: Fill,
  { rolledFrom, split }: { readonly rolledFrom: RolledFrom | null; readonly split: number },
): number | null {
  const mm2 = tins.reduce((sum, { geometry, baked }) => {
    if (rolledFrom !== null)
      return (
        sum +
        geometry.count *
          (rollFrom(geometry, rolledFrom, baked.edgeMm, THICK_MM.min)?.spreadMm2 ?? 0)
      );
    const gaps = canWearStrips(geometry)
      ? geometry.count * split - 1
      : geometry.count * (split - 1);
    return tinFamily(geometry.tin) === "cup"
      ? sum
      : sum + gaps * solidArea(outlineAt(geometry, baked.edgeMm));
  }, 0);
  if (mm2 === 0) return null;
  const thickMm = (massG / (gPerMl ?? SPREAD_DENSITY[like]) / mm2) * 1000;
  return Math.min(THICK_MM.max, Math.max(THICK_MM.min, thickMm));
}
