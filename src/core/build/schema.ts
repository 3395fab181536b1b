import * as z from "zod";
import { numberIn, wholeIn } from "../measure";
import { FILLINGS } from "./spreads";

/** `apart`: each baked cake by itself. `stacked`: the flat ones of one kind make one cake. `tiers`: those stand on one another, the widest below. */
export const STANDINGS = ["apart", "stacked", "tiers"] as const;
export const TOPS = ["level", "domed"] as const;

const MOST_KINDS = 20;
/** Slices one baked layer may be split into. */
const MOST_SPLITS = 6;

export const BuildSchema = z.strictObject({
  standing: z.enum(STANDINGS).optional(),
  /** Whether crowns are cut off, or left on the top layer. */
  top: z.enum(TOPS).optional(),
  /** Slices each baked layer is split into. */
  splits: wholeIn(1, MOST_SPLITS).optional(),
  /** Height at the edge as measured, cold, in the order of the tins; null as forecast. */
  heightsMm: z.array(numberIn(8, 250, "mm").nullable()).max(MOST_KINDS).optional(),
  fillingMm: numberIn(1, 40, "mm").optional(),
  /** The frosting when left out. */
  filling: z.enum(FILLINGS).optional(),
  /** Width of the dam of frosting that holds a soft filling in; none when left out. */
  damMm: numberIn(3, 60, "mm").optional(),
  soakMlPerKg: numberIn(10, 250, "mL/kg").optional(),
});
export type BuildRequest = z.infer<typeof BuildSchema>;
export type Standing = (typeof STANDINGS)[number];
