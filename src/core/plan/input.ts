import * as z from "../zod";
import { HeatSchema, OVEN_LIMITS_C, OvenSchema } from "../bake";
import { BuildSchema, ROLLED_FROM, SplitSchema } from "../build";
import { CoolSchema } from "../cool";
import { FillSchema, OnBatterSchema, ScaleSchema } from "../fill";
import { FinishSchema } from "../finish";
import { LogSchema, TaughtSchema } from "../logbook";
import { numberIn, parseWith, REGIONS, type Result } from "../measure";
import { BatterSchema } from "../mix";
import {
  BAKE_LIMITS,
  DuringSchema,
  HEAT_SOURCES,
  HoldsSchema,
  RECIPE_LIMITS,
  ROLES_BESIDES,
  STAGES,
  STEP_KINDS,
} from "../recipe";
import { TinSchema } from "../tin";
import { DayBoxesSchema } from "../day";
import { FilledSchema } from "./recipe-filling";
import { FrostedSchema } from "./recipe-frosting";
import { WornSchema } from "./recipe-worn";
import { PortionsSchema, ServeSchema } from "./serve-schema";

const MOST_TINS = 20;
export const EGG_SCHOOLS = ["whole", "as-scaled"] as const;

/** Bakes of the recipe in other tins, besides the one it is written for. */
export const MOST_REFERENCES = 6;

/** Minutes a recipe may name. */
export const BakeMinutesSchema = numberIn(BAKE_LIMITS.leastMin, BAKE_LIMITS.mostMin, "min");
const AnyMinutesSchema = numberIn(BAKE_LIMITS.leastOtherMin, BAKE_LIMITS.mostMin, "min");

export const ReferenceSchema = z.strictObject({
  tins: z.array(TinSchema).check(z.minLength(1), z.maxLength(MOST_TINS)),
  ovenC: numberIn(OVEN_LIMITS_C.min, OVEN_LIMITS_C.max, "°C"),
  fan: z.optional(z.boolean()),
  /** What heats it; only bakes in an oven are carried to other tins. */
  source: z.optional(z.enum(HEAT_SOURCES)),
  minutes: z.optional(AnyMinutesSchema),
  /** When the recipe says to look first; never later than the cake is likely done. */
  checkAtMin: z.optional(numberIn(BAKE_LIMITS.leastLookMin, BAKE_LIMITS.mostMin, "min")),
  /** What lies under, in or on the batter in these tins. */
  onTop: z.optional(OnBatterSchema),
});

const LinesSchema = z.array(z.string().check(z.maxLength(1000))).check(z.maxLength(500));
const stepText = z.string().check(z.maxLength(RECIPE_LIMITS.text));
/** A step that says no stage, kind or minutes has them by its words and its place. */
const StepsSchema = z
  .array(
    z.union([
      stepText,
      z.strictObject({
        text: stepText,
        stage: z.optional(z.enum(STAGES)),
        kind: z.optional(z.enum(STEP_KINDS)),
        minutes: z.optional(numberIn(0, 2880, "min")),
      }),
    ]),
  )
  .check(z.maxLength(RECIPE_LIMITS.steps));

const RecipeSchema = z.strictObject({
  name: z.optional(z.string().check(z.maxLength(200))),
  lines: z.optional(LinesSchema),
  batter: z.optional(BatterSchema),
  /** The batter's method as written: what the day is made of. */
  steps: z.optional(StepsSchema),
  /**
   * What is made besides the batter. The first frosting and the first filling take the place of the
   * usual ones.
   */
  parts: z.optional(
    z
      .array(
        z.strictObject({
          role: z.enum(ROLES_BESIDES),
          name: z.string().check(z.maxLength(120)),
          lines: LinesSchema,
          steps: StepsSchema,
        }),
      )
      .check(z.maxLength(RECIPE_LIMITS.parts - 1)),
  ),
  /**
   * What its cups, spoons and eggs are, by where it was written or as measured; what is left out is
   * read from its words.
   */
  measures: z.optional(
    z.strictObject({
      region: z.optional(z.enum(REGIONS)),
      cupMl: z.optional(numberIn(100, 400, "mL")),
      tablespoonMl: z.optional(numberIn(5, 40, "mL")),
      teaspoonMl: z.optional(numberIn(1, 15, "mL")),
      eggG: z.optional(numberIn(30, 80, "g")),
    }),
  ),
  /**
   * What the recipe itself lays under, in or on its batter before the oven, in all its own tins
   * together: it is made as often as the batter. Read from its parts where they are given.
   */
  onBatter: z.optional(OnBatterSchema),
  /**
   * What it does to its cake in the oven, at which of its own minutes; read from its steps where
   * they are given.
   */
  during: z.optional(DuringSchema),
  /**
   * What it frosts its own cold cake with; read from its parts where they are given. Goes on where
   * `finish.cover` is left out.
   */
  frosted: z.optional(FrostedSchema),
  /**
   * What it fills its own layers with; read from its parts where they are given. Goes between where
   * `build.filling` is left out.
   */
  filled: z.optional(FilledSchema),
  /**
   * The side its baked sheet is rolled up from; read from its steps where they are given. Rolled
   * where `build.standing` is left out.
   */
  rolled: z.optional(z.enum(ROLLED_FROM)),
  /**
   * Slices each of its own cakes is split into; read from its steps where they are given. Others are
   * split into slices about as thick where `build.splits` is left out.
   */
  split: z.optional(SplitSchema),
  /**
   * What else its own steps put on the cake after the oven, as it shows; read from its parts where
   * they are given.
   */
  worn: z.optional(WornSchema),
  /** Pieces it gives in all; read from its steps where they are given. */
  portions: z.optional(PortionsSchema),
  /** Whole eggs counted in the batter. */
  eggs: z.optional(numberIn(0.5, 200, "count")),
  /** What one of them weighs without its shell; a US large one when left out. */
  eggG: z.optional(numberIn(30, 80, "g")),
  reference: ReferenceSchema,
  /**
   * What it is made of and what in it can hurt someone; read from lines and parts where it is left
   * out.
   */
  holds: z.optional(HoldsSchema),
  /** Other bakes that went well, which the forecast rests on too. */
  alsoBaked: z.optional(z.array(ReferenceSchema).check(z.maxLength(MOST_REFERENCES))),
});
export type Recipe = z.infer<typeof RecipeSchema>;

/** Everything a plan is made from; units are in the names: mm, mL, g, °C, minutes. */
export const CakeInputSchema = z.strictObject({
  recipe: RecipeSchema,
  tins: z.array(TinSchema).check(z.minLength(1), z.maxLength(MOST_TINS)),
  scale: z.optional(ScaleSchema),
  /**
   * Whether a scaled recipe moves to whole or half eggs where the depth allows it; as scaled when
   * left out.
   */
  eggs: z.optional(z.enum(EGG_SCHOOLS)),
  fill: z.optional(FillSchema),
  /** What lies under, in or on the batter in the wanted tins, in all of them together. */
  onBatter: z.optional(OnBatterSchema),
  oven: z.optional(OvenSchema),
  heat: z.optional(HeatSchema),
  strips: z.optional(z.boolean()),
  /** Lined with paper, floor and sides, where the recipe's own tins are not. */
  lined: z.optional(z.boolean()),
  /**
   * What is done to it in the oven, at which of these tins' minutes; as the recipe has it, at the
   * same share of the bake, when left out.
   */
  during: z.optional(DuringSchema),
  /** How it comes out of its tin; by its recipe's steps or its kind when left out. */
  cool: z.optional(CoolSchema),
  build: z.optional(BuildSchema),
  finish: z.optional(FinishSchema),
  serve: z.optional(ServeSchema),
  /** Bakes that were made: what they teach is in the minutes. */
  log: z.optional(LogSchema),
  /** What else her pages teach: frosting, hands, yield, gravity, rise, loss. */
  taught: z.optional(TaughtSchema),
  /** When it is wanted, and the baker's hours, by the clock of the machine that plans it. */
  day: z.optional(DayBoxesSchema),
});
export type CakeInput = z.infer<typeof CakeInputSchema>;

/**
 * A cake asked for by its recipe's text alone: name, lines, steps, the recipe's own bake and the
 * wanted tins are read from it where they are not given.
 */
export const TextInputSchema = z.strictObject({
  ...CakeInputSchema.shape,
  recipe: z.strictObject({
    ...z.partial(RecipeSchema).shape,
    text: z.string().check(z.minLength(1), z.maxLength(RECIPE_LIMITS.original)),
  }),
  tins: z.optional(CakeInputSchema.shape.tins),
});
export type TextInput = z.infer<typeof TextInputSchema>;

/** A cake's input from outside the program, or the first thing wrong with it. */
export function parseCakeInput(input: unknown): Result<CakeInput> {
  return parseWith(CakeInputSchema, input);
}
