import * as z from "../zod";
import { OVEN_LIMITS_C } from "../bake";
import { numberIn } from "../measure";
import { BatterSchema } from "../mix";
import { TinSchema } from "../tin";
import { BAKE_VERDICTS } from "./verdicts";

const MOST_TINS = 20;
/** Bakes a log can hold. */
const MOST_BAKES = 2000;

/** Bakes shorter or longer than these teach nothing, minutes. */
export const LEARNT_MINUTES = { min: 5, max: 240 } as const;
const minutes = numberIn(LEARNT_MINUTES.min, LEARNT_MINUTES.max, "min");
const ovenC = numberIn(OVEN_LIMITS_C.min, OVEN_LIMITS_C.max, "°C");
const tins = z.array(TinSchema).check(z.minLength(1), z.maxLength(MOST_TINS));

/** The recipe that is being planned, in a log. */
export const THIS_RECIPE = "same";

/** The bake a recipe was written for. */
export const LoggedReferenceSchema = z.strictObject({
  tins,
  ovenC,
  fan: z.optional(z.boolean()),
  minutes: z.optional(minutes),
});

/** One bake that was made, as a log of them is told in a file. */
export const LoggedBakeSchema = z.strictObject({
  /** Its recipe by any name; {@link THIS_RECIPE} is the one that is planned. */
  recipe: z.string().check(z.minLength(1), z.maxLength(200)),
  /** The bake another recipe was written for; the planned recipe has its own. */
  reference: z.optional(LoggedReferenceSchema),
  /** Another recipe's batter, where it is known. */
  batter: z.optional(BatterSchema),
  /** How many times its recipe was made; once when left out. */
  scale: z.optional(numberIn(0.01, 50, "times")),
  tins,
  /** True heat as it was known then. */
  ovenC,
  fan: z.optional(z.boolean()),
  /** When it was taken out. */
  minutes,
  verdict: z.enum(BAKE_VERDICTS),
  /** Minutes she wanted more or, below 0, less the next time: then it counts as right with those. */
  nextTimeMin: z.optional(numberIn(-60, 60, "min")),
  /** It was so, however far from all others. */
  isConfirmed: z.optional(z.boolean()),
});
export type LoggedBake = z.infer<typeof LoggedBakeSchema>;

export const LogSchema = z.array(LoggedBakeSchema).check(z.maxLength(MOST_BAKES));
