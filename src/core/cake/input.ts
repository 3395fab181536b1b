import * as z from "zod";
import { HeatSchema, OVEN_LIMITS_C, OvenSchema } from "../bake";
import { BuildSchema } from "../build";
import { FillSchema, ScaleSchema } from "../fill";
import { FinishSchema } from "../finish";
import { numberIn, parseWith, type Result } from "../measure";
import { BatterSchema } from "../mix";
import { HEAT_SOURCES, PART_ROLES, RECIPE_LIMITS } from "../recipe";
import { TinSchema } from "../tin";
import { DayBoxesSchema } from "./day-boxes";
import { ServeSchema } from "./serve-schema";

/** Minutes a recipe may name. */
const REFERENCE_MINUTES = { min: 5, max: 240 } as const;
const MOST_TINS = 20;
export const EGG_SCHOOLS = ["whole", "as-scaled"] as const;

/** Bakes of the recipe in other tins, besides the one it is written for. */
const MOST_REFERENCES = 6;

export const ReferenceSchema = z.strictObject({
  tins: z.array(TinSchema).min(1).max(MOST_TINS),
  ovenC: numberIn(OVEN_LIMITS_C.min, OVEN_LIMITS_C.max, "°C"),
  fan: z.boolean().optional(),
  /** What heats it; only bakes in an oven are forecast. */
  source: z.enum(HEAT_SOURCES).optional(),
  minutes: numberIn(REFERENCE_MINUTES.min, REFERENCE_MINUTES.max, "min").optional(),
});

const LinesSchema = z.array(z.string().max(1000)).max(500);
const StepsSchema = z.array(z.string().max(RECIPE_LIMITS.text)).max(100);

const RecipeSchema = z.strictObject({
  name: z.string().max(200).optional(),
  lines: LinesSchema.optional(),
  batter: BatterSchema.optional(),
  /** The batter's method as written: what the day is made of. */
  steps: StepsSchema.optional(),
  /** What is made besides the batter. The first frosting and the first filling take the place of the usual ones. */
  parts: z.array(z.strictObject({ role: z.enum(PART_ROLES).exclude(["batter"]), name: z.string().max(120), lines: LinesSchema, steps: StepsSchema })).max(RECIPE_LIMITS.parts - 1).optional(),
  /** Whole eggs counted in the batter. */
  eggs: numberIn(0.5, 200, "count").optional(),
  reference: ReferenceSchema,
  /** Other bakes that went well, which the forecast rests on too. */
  alsoBaked: z.array(ReferenceSchema).max(MOST_REFERENCES).optional(),
});
export type Recipe = z.infer<typeof RecipeSchema>;

/** Everything a plan is made from; units are in the names: mm, mL, g, °C, minutes. */
export const CakeInputSchema = z.strictObject({
  recipe: RecipeSchema,
  tins: z.array(TinSchema).min(1).max(MOST_TINS),
  scale: ScaleSchema.optional(),
  /** Whether a scaled recipe moves to whole or half eggs where the depth allows it; as scaled when left out. */
  eggs: z.enum(EGG_SCHOOLS).optional(),
  fill: FillSchema.optional(),
  oven: OvenSchema.optional(),
  heat: HeatSchema.optional(),
  strips: z.boolean().optional(),
  /** Lined with paper, floor and sides, where the recipe's own tins are not. */
  lined: z.boolean().optional(),
  build: BuildSchema.optional(),
  finish: FinishSchema.optional(),
  serve: ServeSchema.optional(),
  /** When it is wanted, and the baker's hours, by the clock of the machine that plans it. */
  day: DayBoxesSchema.optional(),
});
export type CakeInput = z.infer<typeof CakeInputSchema>;

/** A cake's input from outside the program, or the first thing wrong with it. */
export function parseCakeInput(input: unknown): Result<CakeInput> {
  return parseWith(CakeInputSchema, input);
}

