import * as z from "zod";
import { wholeIn } from "../measure";
import { CUTS, PIECE_SIZES } from "../serve";

/** How it is cut: the way, the size of a piece, how many pieces each cake gives, and how many guests there are. */
export const ServeSchema = z.strictObject({ cut: z.enum(CUTS).optional(), size: z.enum(PIECE_SIZES).optional(), pieces: wholeIn(1, 200).optional(), guests: wholeIn(1, 500).optional() });
