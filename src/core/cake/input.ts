import * as z from "zod";
import { HeatSchema, OVEN_LIMITS_C, OvenSchema } from "../bake";
import { ScaleSchema } from "../fill";
import { FinishSchema } from "../finish";
import { numberIn, parseWith, type Result } from "../measure";
import { BatterSchema } from "../mix";
import { TinSchema } from "../tin";

/** Minutes a recipe may name. */
const REFERENCE_MINUTES = { min: 5, max: 240 } as const;
const MOST_TINS = 20;

export const ReferenceSchema = z.strictObject({
  tins: z.array(TinSchema).min(1).max(MOST_TINS),
  ovenC: numberIn(OVEN_LIMITS_C.min, OVEN_LIMITS_C.max, "°C"),
  fan: z.boolean().optional(),
  minutes: numberIn(REFERENCE_MINUTES.min, REFERENCE_MINUTES.max, "min").optional(),
});

const RecipeSchema = z.strictObject({
  name: z.string().max(200).optional(),
  lines: z.array(z.string().max(1000)).max(500).optional(),
  batter: BatterSchema.optional(),
  reference: ReferenceSchema,
});
export type Recipe = z.infer<typeof RecipeSchema>;

/** Everything a plan is made from; units are in the names: mm, mL, g, °C, minutes. */
export const CakeInputSchema = z.strictObject({
  recipe: RecipeSchema,
  tins: z.array(TinSchema).min(1).max(MOST_TINS),
  scale: ScaleSchema.optional(),
  oven: OvenSchema.optional(),
  heat: HeatSchema.optional(),
  strips: z.boolean().optional(),
  finish: FinishSchema.optional(),
});
export type CakeInput = z.infer<typeof CakeInputSchema>;

/** A cake's input from outside the program, or the first thing wrong with it. */
export function parseCakeInput(input: unknown): Result<CakeInput> {
  return parseWith(CakeInputSchema, input);
}

