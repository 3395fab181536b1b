import * as z from "../zod";
import { numberIn, wholeIn } from "../measure";
import { ROLLED_FROM } from "./roll";
import { FILLINGS, FROSTINGS } from "./spreads";
import { THICK_MM } from "./stack";

/**
 * `apart`: each baked cake by itself. `stacked`: the flat ones of one kind make one cake. `tiers`:
 * those stand on one another, the widest below. `rolled`: each sheet is rolled up round its filling.
 */
export const STANDINGS = ["apart", "stacked", "tiers", "rolled"] as const;
export const TOPS = ["level", "domed"] as const;

const MOST_KINDS = 20;
/** Slices one baked layer may be split into. */
export const MOST_SPLITS = 6;

/** Of one baked cake at its edge. */
export const EdgeHeightSchema = numberIn(8, 250, "mm");

export const SplitSchema = wholeIn(1, MOST_SPLITS);

export const BuildSchema = z.strictObject({
  standing: z.optional(z.enum(STANDINGS)),
  /** Which side a sheet is rolled up from. */
  rolledFrom: z.optional(z.enum(ROLLED_FROM)),
  /** Whether crowns are cut off, or left on the top layer. */
  top: z.optional(z.enum(TOPS)),
  /** Slices each baked layer is split into; as the recipe splits its own when left out. */
  splits: z.optional(SplitSchema),
  /** Height at the edge as measured, cold, in the order of the tins; null as forecast. */
  heightsMm: z.optional(z.array(z.nullable(EdgeHeightSchema)).check(z.maxLength(MOST_KINDS))),
  fillingMm: z.optional(numberIn(THICK_MM.min, THICK_MM.max, "mm")),
  /** As the recipe fills its own layers when left out, or the frosting. */
  filling: z.optional(z.enum([...new Set([...FILLINGS, ...FROSTINGS])])),
  /** Width of the dam of frosting that holds a soft filling in; none when left out. */
  damMm: z.optional(numberIn(3, 60, "mm")),
  soakMlPerKg: z.optional(numberIn(10, 250, "mL/kg")),
});
export type BuildRequest = z.infer<typeof BuildSchema>;
export type Standing = (typeof STANDINGS)[number];
