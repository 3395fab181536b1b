import { numberIn } from "../measure";
import { BATTER_LIMITS } from "../mix";
import * as z from "../zod";

/** No kitchen is outside of these. */
export const TAUGHT_RANGES = {
  frosting: { min: 0.3, max: 3 },
  hands: { min: 0.2, max: 5 },
  massLoss: { min: 0.005, max: 0.4 },
  rise: { min: 0.8, max: 4 },
  gravity: BATTER_LIMITS.specificGravity,
  yield: { min: 0.5, max: 1.3 },
} as const;

const within = (of: keyof typeof TAUGHT_RANGES, unit: "times" | "g/mL") =>
  z.optional(numberIn(TAUGHT_RANGES[of].min, TAUGHT_RANGES[of].max, unit));

/** What a plan takes over from her pages beside minutes; what is left out is as usual. */
export const TaughtSchema = z.strictObject({
  /** Frosting she uses, over what is worked out with its usual spare. */
  frosting: within("frosting", "times"),
  /** Minutes of her hands, over those planned. */
  hands: within("hands", "times"),
  /** Share of its batter's weight that the cake loses in the oven. */
  massLoss: within("massLoss", "times"),
  /** Volume of the cold cake, over that of its batter as the recipe has it. */
  rise: within("rise", "times"),
  /** What a millilitre of the batter weighs, g. */
  gravity: within("gravity", "g/mL"),
  /** Batter in the tins, over what its lines weigh. */
  yield: within("yield", "times"),
});
export type Taught = Readonly<z.infer<typeof TaughtSchema>>;
