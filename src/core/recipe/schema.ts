import * as z from "../zod";
import { KitchenMeasuresSchema, numberIn, parseWith, type Result } from "../measure";
import { TinSchema } from "../tin";
import { HEAT_SOURCES } from "./heat-sources";

export const RECIPE_LIMITS = {
  /** Longest line or step, in characters. */
  text: 2000,
  lines: 400,
  steps: 400,
  parts: 30,
  /** Lines that are read, blank ones not counted. */
  rows: 4000,
  /** Longest text that is read or kept as the original. */
  original: 400_000,
} as const;

const id = z.string().check(z.minLength(1), z.maxLength(40));
const text = z.string().check(z.maxLength(RECIPE_LIMITS.text));

/**
 * What a baker says of a line: its words, the ingredient she chose for it, and what she weighed, g.
 */
const written = {
  id,
  text,
  ingredient: z.optional(z.string().check(z.maxLength(60))),
  weighedG: z.optional(numberIn(0, 100_000, "g")),
};

/** A swapped line remembers the lines it stands for, so that the swap can be undone. */
const SwapSchema = z.strictObject({
  id,
  /** The line that went out, which all that came in for it name. */ of: z.optional(id),
  was: z.array(z.strictObject(written)).check(z.maxLength(10)),
});

/**
 * One ingredient line. Its words are the baker's; what they weigh follows from them unless she says
 * otherwise.
 */
const LineSchema = z.strictObject({ ...written, swap: z.optional(SwapSchema) });
export type Line = z.infer<typeof LineSchema>;

export const STEP_KINDS = [
  "prepare",
  "melt",
  "cream",
  "whisk",
  "fold",
  "mix",
  "heat",
  "rest",
  "fill",
  "bake",
  "cool",
  "build",
  "finish",
  "other",
] as const;
export type StepKind = (typeof STEP_KINDS)[number];

/**
 * When something is done: before the oven, in it, to the hot cake, to the cold one, at the table, or
 * with what is left.
 */
export const STAGES = ["before", "oven", "hot", "cold", "serve", "keep"] as const;
export type Stage = (typeof STAGES)[number];

/** One step in order. Kind, minutes and the rest are read from its words unless given. */
const StepSchema = z.strictObject({
  id,
  text,
  kind: z.optional(z.enum(STEP_KINDS)),
  /** By its place among the others when left out. */
  stage: z.optional(z.enum(STAGES)),
  minutes: z.optional(numberIn(0, 2880, "min")),
});
export type Step = z.infer<typeof StepSchema>;

/** What a part is that goes with a batter. */
export const ROLES_BESIDES = ["filling", "frosting", "topping", "syrup", "soak"] as const;
export const PART_ROLES = ["batter", ...ROLES_BESIDES] as const;
export type PartRole = (typeof PART_ROLES)[number];

const PartSchema = z.strictObject({
  id,
  role: z.enum(PART_ROLES),
  name: z.string().check(z.maxLength(120)),
  lines: z.array(LineSchema).check(z.maxLength(RECIPE_LIMITS.lines)),
  steps: z.array(StepSchema).check(z.maxLength(RECIPE_LIMITS.steps)),
  /**
   * Set when the part is another recipe's, used here: its lines and steps are a copy, made anew
   * whenever this recipe is opened.
   */
  from: z.optional(z.strictObject({ recipe: id, part: id })),
});
export type Part = z.infer<typeof PartSchema>;

/** What a recipe's own bake can be, °C and minutes. */
export const BAKE_LIMITS = {
  leastC: 100,
  mostC: 260,
  /** In an oven; in a microwave it may be done sooner. */
  leastMin: 5,
  leastOtherMin: 0.5,
  leastLookMin: 1,
  mostMin: 240,
} as const;

/** The bake the recipe vouches for; parts of it a recipe may leave out. */
export const BakeSchema = z.strictObject({
  tins: z.array(TinSchema).check(z.maxLength(20)),
  /** Whether the size of a tin is only usual for its shape: nobody told it. */
  isSizeAssumed: z.optional(z.boolean()),
  /** An oven when left out. */
  source: z.optional(z.enum(HEAT_SOURCES)),
  ovenC: z.optional(numberIn(BAKE_LIMITS.leastC, BAKE_LIMITS.mostC, "°C")),
  fan: z.optional(z.boolean()),
  minutes: z.optional(numberIn(BAKE_LIMITS.leastOtherMin, BAKE_LIMITS.mostMin, "min")),
  /** When it says to look first. */
  checkAtMin: z.optional(numberIn(BAKE_LIMITS.leastLookMin, BAKE_LIMITS.mostMin, "min")),
});

/** What a line of a page can be said to be. */
export const ROW_CHOICES = ["title", "part", "ingredient", "step", "note"] as const;
const BAKE_FACTS = ["tins", "heat", "minutes"] as const;

/** What the baker said of a reading: of a line of the text, or of words in it. */
export const CorrectionSchema = z.strictObject({
  /** The line as it is shown. */
  text,
  /** Which of the lines that say the same, from 0; the first when left out. */
  nth: z.optional(numberIn(0, RECIPE_LIMITS.rows, "count")),
  as: z.optional(z.enum(ROW_CHOICES)),
  role: z.optional(z.enum(PART_ROLES)),
  stage: z.optional(z.enum(STAGES)),
  /** Words that tell the bake's tin, heat or minutes, or do not. */
  fact: z.optional(
    z.strictObject({
      is: z.enum(BAKE_FACTS),
      words: z.string().check(z.maxLength(200)),
      isIt: z.boolean(),
    }),
  ),
});
export type Correction = z.infer<typeof CorrectionSchema>;

/** A whole recipe, as it is kept. */
export const RecipeDocSchema = z.strictObject({
  name: z.string().check(z.trim(), z.minLength(1), z.maxLength(200)),
  parts: z.array(PartSchema).check(z.minLength(1), z.maxLength(RECIPE_LIMITS.parts)),
  bake: BakeSchema,
  /** What it says of other tins: each with its own heat and minutes, to be chosen instead. */
  otherBakes: z.optional(z.array(BakeSchema).check(z.maxLength(10))),
  /** Batter kind chosen by the baker; else it is recognised. */
  kind: z.optional(z.string().check(z.maxLength(40))),
  /** Specific gravity weighed by the baker. */
  weighedGravity: z.optional(numberIn(0.15, 1.5, "g/mL")),
  portions: z.optional(numberIn(1, 500, "count")),
  makes: z.string().check(z.maxLength(200)),
  notes: z.string().check(z.maxLength(20_000)),
  source: z.string().check(z.maxLength(500)),
  /** What its cups, spoons and eggs are; the kitchen's own when left out. */
  measures: z.optional(KitchenMeasuresSchema),
  /** The text it was read from, every word; empty for one written here. */
  original: z.string().check(z.maxLength(RECIPE_LIMITS.original)),
  /** What was put right in how that text was read. */
  corrections: z.optional(z.array(CorrectionSchema).check(z.maxLength(RECIPE_LIMITS.lines))),
});
export type RecipeDoc = z.infer<typeof RecipeDocSchema>;

/** A recipe from outside the program, or the first thing wrong with it. */
export function parseRecipeDoc(input: unknown): Result<RecipeDoc> {
  return parseWith(RecipeDocSchema, input);
}

/** A recipe with nothing in it yet. */
export function emptyRecipe(name: string): RecipeDoc {
  return {
    name,
    parts: [{ id: "p1", role: "batter", name: "Batter", lines: [], steps: [] }],
    bake: { tins: [] },
    makes: "",
    notes: "",
    source: "",
    original: "",
  };
}

/** An id for a new line, step or part: the first number that is free. */
export function freshId(prefix: string, taken: Iterable<string>): string {
  const used = new Set(taken);
  for (let number = 1; ; number += 1)
    if (!used.has(`${prefix}${number}`)) return `${prefix}${number}`;
}
