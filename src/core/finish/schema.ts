import * as z from "zod";
import { FrostingSchema, LAID, POURS } from "../build";
import { numberIn, wholeIn } from "../measure";
import { FEELS } from "./consistency";
import { ROUNDINGS } from "./formulas";

/** `naked`: filled and topped, sides bare. `half-naked`: the sides scraped so that the crumb shows through. */
export const COVERS = ["none", "top", "top-and-sides", "half-naked", "naked"] as const;
export type Cover = (typeof COVERS)[number];

/** Lines of piping by the nozzle: the first four by the width of the bead, the last two by the nozzle's opening. */
export const PIPED = ["shell", "rope", "pearl", "ruffle", "star", "round"] as const;
export type Piped = (typeof PIPED)[number];
export const BORDER_PLACES = ["top", "base"] as const;
export const SWIRLS = ["flat", "low", "medium", "tall"] as const;
export type Swirl = (typeof SWIRLS)[number];
export const POUR_SIDES = ["none", "drips", "all"] as const;
export const LAID_PLACES = ["top", "sides"] as const;
export const AMOUNTS = ["light", "usual", "heavy"] as const;
export type Amount = (typeof AMOUNTS)[number];
/** Rings from the edge inwards, as close as can be, rows and columns, rows with every other one shifted. */
export const PATTERNS = ["rings", "packed", "grid", "staggered"] as const;
export type Pattern = (typeof PATTERNS)[number];
export const FRUIT_PLACES = ["top", "floor"] as const;

const MOST_BORDERS = 4;
const MOST_TOPPINGS = 6;
const MOST_COLOURS = 6;
const MOST_FEELS = 60;

export const BorderSchema = z.strictObject({ at: z.enum(BORDER_PLACES), style: z.enum(PIPED), widthMm: numberIn(3, 40, "mm") });
export type Border = z.infer<typeof BorderSchema>;
export const ToppingSchema = z.strictObject({ what: z.enum(LAID), at: z.enum(LAID_PLACES), amount: z.enum(AMOUNTS) });
export const FruitSchema = z.strictObject({
  at: z.enum(FRUIT_PLACES),
  pattern: z.enum(PATTERNS),
  /** Of one slice or piece. */
  widthMm: numberIn(8, 200, "mm"),
  thickMm: numberIn(1, 80, "mm").optional(),
  overlap: numberIn(0, 0.4, "times").optional(),
  /** Slices one fruit gives. */
  each: numberIn(0.5, 60, "count").optional(),
  /** Whether the slices are cooked in syrup first. */
  syrup: z.boolean().optional(),
});
export type FruitRequest = z.infer<typeof FruitSchema>;

export const FinishSchema = z.strictObject({
  cover: z.enum(COVERS).optional(),
  frosting: FrostingSchema.optional(),
  /** On the top and on the sides, both coats together. */
  topMm: numberIn(1, 40, "mm").optional(),
  sideMm: numberIn(0.5, 40, "mm").optional(),
  /** The thin first coat that holds the crumbs. */
  firstMm: numberIn(0, 4, "mm").optional(),
  /** Whether the wall of a ring's hole is coated too. */
  innerWall: z.boolean().optional(),
  marginFraction: numberIn(0, 1, "times").optional(),
  borders: z.array(BorderSchema).max(MOST_BORDERS).optional(),
  /** One on each cup, or as many as are asked on each cake. */
  swirls: z.strictObject({ style: z.enum(SWIRLS), count: wholeIn(1, 60).optional() }).optional(),
  pour: z.strictObject({ what: z.enum(POURS), sides: z.enum(POUR_SIDES), drips: wholeIn(1, 120).optional() }).optional(),
  toppings: z.array(ToppingSchema).max(MOST_TOPPINGS).optional(),
  rolledMm: numberIn(2, 8, "mm").optional(),
  fruit: FruitSchema.optional(),
  /** How the frosting's formula is rounded up. */
  rounding: z.enum(ROUNDINGS).optional(),
  /** The frosting over bowls by colour; shares need not add up to anything. */
  colours: z.array(z.strictObject({ name: z.string().max(40), share: numberIn(0.01, 1000, "count") })).max(MOST_COLOURS).optional(),
  /** What the frosting was found to be, oldest first. */
  feels: z.array(z.enum(FEELS)).max(MOST_FEELS).optional(),
});
export type FinishRequest = z.infer<typeof FinishSchema>;
