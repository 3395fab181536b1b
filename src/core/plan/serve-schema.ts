import * as z from "../zod";
import { wholeIn } from "../measure";
import { CUTS, PIECE_SIZES } from "../serve";

/** Pieces that a recipe's cake gives in all. */
export const PortionsSchema = wholeIn(1, 500);

/**
 * How it is cut: the way, the size of a piece, how many pieces each cake gives, and how many guests
 * there are.
 */
export const ServeSchema = z.strictObject({
  cut: z.optional(z.enum(CUTS)),
  size: z.optional(z.enum(PIECE_SIZES)),
  pieces: z.optional(wholeIn(1, 200)),
  guests: z.optional(wholeIn(1, 500)),
});
