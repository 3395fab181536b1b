import * as z from "../zod";
import { numberIn, CUP_WAYS } from "../measure";
import { ALLERGENS, HAZARDS_OF_FOOD } from "./harms";

/** What an ingredient is to a batter. */
const GROUPS = [
  "flour",
  "starch",
  "sugar",
  "brown-sugar",
  "syrup",
  "butter",
  "oil",
  "egg",
  "egg-white",
  "egg-yolk",
  "milk",
  "cultured-milk",
  "cream",
  "soft-cheese",
  "water",
  "acid-liquid",
  "leavener",
  "soda",
  "salt",
  "cocoa",
  "chocolate",
  "nut-meal",
  "nuts",
  "oats",
  "dried-fruit",
  "fresh-fruit",
  "puree",
  "spice",
  "flavouring",
  "setting",
  "other",
] as const;
export type FoodGroup = (typeof GROUPS)[number];

const share = numberIn(0, 100, "g");
const perCup = numberIn(5, 500, "g");

/** One thing in the pantry. */
export const IngredientSchema = z.strictObject({
  id: z.string().check(z.regex(/^[a-z0-9-]{1,60}$/u)),
  name: z.string().check(z.minLength(1), z.maxLength(80)),
  /** Other names it goes by. */
  also: z.array(z.string().check(z.minLength(1), z.maxLength(80))).check(z.maxLength(40)),
  group: z.enum(GROUPS),
  /**
   * Grams in a level US cup, by how it gets there; `spooned` stands for whatever is not named. Null
   * when nobody measures it so.
   */
  cupG: z.nullable(
    z.strictObject({
      spooned: perCup,
      dipped: z.optional(perCup),
      packed: z.optional(perCup),
      sifted: z.optional(perCup),
    }),
  ),
  /** Density once it is part of a batter, g/mL. */
  batterGPerMl: numberIn(0.5, 2.5, "g/mL"),
  /** Of 100 g, in g. */
  per100: z.strictObject({
    water: share,
    fat: share,
    sugar: share,
    protein: share,
    starch: share,
    salt: share,
  }),
  allergens: z.array(z.enum(ALLERGENS)),
  hazards: z.optional(z.array(z.enum(HAZARDS_OF_FOOD))),
  /** Weight of one as it is used: an egg without its shell, the juice of a lemon, g. */
  eachG: z.optional(numberIn(0.1, 5000, "g")),
  /** What is left after peeling, trimming or stoning, as a share of what was bought. */
  yieldShare: z.optional(numberIn(0.1, 1, "times")),
  /** As it is usually sold, g. */
  packG: z.optional(numberIn(1, 10_000, "g")),
  /** What a recipe means by a packet of it, where that is less than the pack, g. */
  sachetG: z.optional(numberIn(1, 100, "g")),
  /** Stays in pieces in the batter rather than becoming part of it. */
  isInclusion: z.boolean(),
  /** Brings acid for soda to work on. */
  hasAcid: z.boolean(),
  /** Where it is kept, and how long once opened. */
  keeps: z.string().check(z.maxLength(120)),
});
export type Ingredient = z.infer<typeof IngredientSchema>;
export type Composition = Ingredient["per100"];

export type CupG = NonNullable<Ingredient["cupG"]>;

/**
 * Grams in a US cup by one way of filling it; how it is spooned when that way was never weighed.
 */
export function cupGrams(cupG: CupG, way: (typeof CUP_WAYS)[number]): number {
  return cupG[way] ?? cupG.spooned;
}
