import * as z from "../zod";
import { numberIn } from "../measure";

/** Minutes a cake may be left in its tin before it is turned out warm. */
const IN_TIN_LIMITS = { min: 0, max: 240 } as const;

/**
 * How a cake is wanted out of its tin, where that is not as usual for its kind and tin. One that
 * stays in its dish is never turned out; one that stays until cold is not turned out warm.
 */
export const CoolSchema = z.strictObject({
  inTinMin: z.optional(numberIn(IN_TIN_LIMITS.min, IN_TIN_LIMITS.max, "min")),
  until: z.optional(z.literal("cold")),
  stays: z.optional(z.boolean()),
});
export type CoolRequest = z.infer<typeof CoolSchema>;
