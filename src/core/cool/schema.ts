import * as z from "../zod";
import { bad, good, numberIn, type Result } from "../measure";

/** Minutes a cake may be left in its tin, or in the switched-off oven. */
const LEFT_MIN = { min: 0, max: 240 } as const;

/** Onto a board and no further, or right way up again; `no` where it is lifted out or served in its tin. */
export const TURNS = ["no", "once", "twice"] as const;
export type Turns = (typeof TURNS)[number];

/**
 * How a cake is wanted out of the oven and its tin, where that is not as usual for its kind and
 * tin. It leaves its tin in one way: after so long, when it is cold, or never.
 */
export const CoolSchema = z.strictObject({
  inTinMin: z.optional(numberIn(LEFT_MIN.min, LEFT_MIN.max, "min")),
  until: z.optional(z.literal("cold")),
  stays: z.optional(z.boolean()),
  turned: z.optional(z.enum(TURNS)),
  /** Left in the oven after it is switched off, min. */
  offOvenMin: z.optional(numberIn(LEFT_MIN.min, LEFT_MIN.max, "min")),
  /** Under a cloth or a lid while it cools. */
  covered: z.optional(z.boolean()),
  /** Left until the next day before anything is done with it. */
  overnight: z.optional(z.boolean()),
});
export type CoolRequest = z.infer<typeof CoolSchema>;

/** A request that asks for one way out of the tin; two are refused, naming both. */
export function oneWayOut(cool: CoolRequest): Result<CoolRequest> {
  const ways = [
    ...(cool.stays === true ? ["stays"] : []),
    ...(cool.until === undefined ? [] : ["until"]),
    ...(cool.inTinMin === undefined ? [] : ["inTinMin"]),
    ...(cool.turned === undefined || cool.turned === "no" || cool.stays !== true ? [] : ["turned"]),
  ];
  const [first, second] = ways;
  return first === undefined || second === undefined
    ? good(cool)
    : bad({ code: "contradicts", path: second, with: first });
}
