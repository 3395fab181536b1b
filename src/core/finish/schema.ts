import * as z from "../zod";
import { FILLINGS, FROSTINGS, FrostingSchema, LAID, PIECES, POURS, THICK_MM } from "../build";
import { numberIn, wholeIn } from "../measure";

/**
 * `naked`: filled and topped, sides bare. `half-naked`: the sides scraped so that the crumb shows
 * through.
 */
export const COVERS = ["none", "top", "top-and-sides", "half-naked", "naked"] as const;
export type Cover = (typeof COVERS)[number];

/**
 * Lines of piping by the nozzle: the first four by the width of the bead, the last two by the
 * nozzle's opening.
 */
export const PIPED = ["shell", "rope", "pearl", "ruffle", "star", "round"] as const;
export type Piped = (typeof PIPED)[number];
export const BORDER_PLACES = ["top", "base"] as const;
export const SWIRLS = ["flat", "low", "medium", "tall"] as const;
export type Swirl = (typeof SWIRLS)[number];
export const POUR_SIDES = ["none", "drips", "all"] as const;
export const LAID_PLACES = ["top", "sides"] as const;
export const AMOUNTS = ["light", "usual", "heavy"] as const;
export type ToppingAmount = (typeof AMOUNTS)[number];
/**
 * Rings from the edge inwards, as close as can be, rows and columns, rows with every other one
 * shifted.
 */
export const PATTERNS = ["rings", "packed", "grid", "staggered"] as const;
export type Pattern = (typeof PATTERNS)[number];
export const FRUIT_PLACES = ["top", "floor"] as const;
/**
 * How an amount is rounded up: to grams that read well, to half sticks of butter, or to whole packs
 * of what leads.
 */
export const ROUNDINGS = ["grams", "half-sticks", "packs"] as const;
export type Rounding = (typeof ROUNDINGS)[number];
/** What a frosting is found to be. */
export const FEELS = ["too-soft", "too-stiff"] as const;
export type Feel = (typeof FEELS)[number];

const MOST_BORDERS = 4;
const MOST_TOPPINGS = 6;
const MOST_COLOURS = 6;
export const MOST_DRESSED = 8;
const MOST_FEELS = 60;

export const BorderSchema = z.strictObject({
  at: z.enum(BORDER_PLACES),
  style: z.enum(PIPED),
  widthMm: numberIn(3, 40, "mm"),
});
export type Border = z.infer<typeof BorderSchema>;
export const ToppingSchema = z.strictObject({
  what: z.enum(LAID),
  at: z.enum(LAID_PLACES),
  amount: z.enum(AMOUNTS),
});
export const FruitSchema = z.strictObject({
  at: z.enum(FRUIT_PLACES),
  pattern: z.enum(PATTERNS),
  /** Of one slice or piece. */
  widthMm: numberIn(8, 200, "mm"),
  thickMm: z.optional(numberIn(1, 80, "mm")),
  overlap: z.optional(numberIn(0, 0.4, "times")),
  /** Slices one fruit gives. */
  each: z.optional(numberIn(0.5, 60, "count")),
  /** Whether the slices are cooked in syrup first. */
  syrup: z.optional(z.boolean()),
});
export type FruitRequest = z.infer<typeof FruitSchema>;

/** One on each cup, or as many as are asked on each cake. */
export const SwirlsSchema = z.strictObject({
  style: z.enum(SWIRLS),
  count: z.optional(wholeIn(1, 60)),
});
export const PourSchema = z.strictObject({
  what: z.enum(POURS),
  sides: z.enum(POUR_SIDES),
  drips: z.optional(wholeIn(1, 120)),
});

/**
 * When something is put on: as the cake comes out, while it is warm, or when it is cold. A spread
 * on the cold cake goes under its frosting; all else on top of it.
 */
export const DRESSED_WHEN = ["hot", "warm", "cold"] as const;
export type DressedWhen = (typeof DRESSED_WHEN)[number];
/** What can be put on at such a time; `own` has only the name its baker gives it. */
export const DRESSINGS = [
  "syrup",
  ...new Set([...POURS, ...FROSTINGS, ...FILLINGS]),
  ...LAID,
  ...PIECES,
  "own",
] as const;
export type Dressing = (typeof DRESSINGS)[number];
export const DressSchema = z.strictObject({
  what: z.enum(DRESSINGS),
  when: z.enum(DRESSED_WHEN),
  name: z.optional(z.string().check(z.maxLength(60))),
  /** On all cakes together; as usual for what it is when left out. */
  massG: z.optional(numberIn(0.1, 20_000, "g")),
  /** Pieces on each cake. */
  count: z.optional(wholeIn(1, 500)),
  /** Whether the cake is poked all over first, so that it runs in. */
  poked: z.optional(z.boolean()),
});
export type Dress = z.infer<typeof DressSchema>;

export const FinishSchema = z.strictObject({
  cover: z.optional(z.enum(COVERS)),
  frosting: z.optional(FrostingSchema),
  /** On the top and on the sides, both coats together. */
  topMm: z.optional(numberIn(THICK_MM.min, THICK_MM.max, "mm")),
  sideMm: z.optional(numberIn(0.5, THICK_MM.max, "mm")),
  /** The thin first coat that holds the crumbs. */
  firstMm: z.optional(numberIn(0, 4, "mm")),
  /** Whether the wall of a ring's hole is coated too. */
  innerWall: z.optional(z.boolean()),
  marginFraction: z.optional(numberIn(0, 1, "times")),
  borders: z.optional(z.array(BorderSchema).check(z.maxLength(MOST_BORDERS))),
  swirls: z.optional(SwirlsSchema),
  pour: z.optional(PourSchema),
  toppings: z.optional(z.array(ToppingSchema).check(z.maxLength(MOST_TOPPINGS))),
  rolledMm: z.optional(numberIn(2, 8, "mm")),
  fruit: z.optional(FruitSchema),
  /** What goes on at a time of its own, in this order. */
  dress: z.optional(z.array(DressSchema).check(z.maxLength(MOST_DRESSED))),
  /** How the frosting's formula is rounded up. */
  rounding: z.optional(z.enum(ROUNDINGS)),
  /** The frosting over bowls by colour; shares need not add up to anything. */
  colours: z.optional(
    z
      .array(
        z.strictObject({
          name: z.string().check(z.maxLength(40)),
          share: numberIn(0.01, 1000, "count"),
        }),
      )
      .check(z.maxLength(MOST_COLOURS)),
  ),
  /** What the frosting was found to be, oldest first. */
  feels: z.optional(z.array(z.enum(FEELS)).check(z.maxLength(MOST_FEELS))),
});
export type FinishRequest = z.infer<typeof FinishSchema>;
