import * as z from "zod";
import { KitchenOvenSchema } from "../bake";
import { FROSTINGS } from "../build";
import { CEILINGS, DIVIDING, PORTIONS } from "../fill";
import { COVERS } from "../finish";
import { parseWith, type Result } from "../measure";
import { BATTER_KINDS } from "../mix";
import { HEAT_SOURCES } from "../recipe";
import { CUTS, PIECE_SIZES } from "../serve";
import { DayBoxesSchema } from "./day-boxes";
import { BuildBoxesSchema, FinishBoxesSchema } from "./finish-boxes";
import { EGG_SCHOOLS } from "./input";
import { SCALES, SCHOOLS } from "./question-choices";

const MOST_ALSO = 4;
const line = z.string().max(200);

/**
 * The baker's question as she wrote it: what the recipe says, and the tins she has. Every box is text, so that a
 * half-typed one is kept; {@link readQuestion} makes sense of it.
 */
export const QuestionSchema = z.strictObject({
  /** The recipe's name; empty when only its tins are known. */
  recipe: line,
  from: line,
  heat: line,
  recipeFan: z.boolean(),
  minutes: line,
  kind: z.enum(BATTER_KINDS),
  weight: line,
  volume: line,
  tins: z.array(line).max(20),
  scale: z.enum(SCALES),
  /** How often, how deep or for how many, where the scale asks for it. */
  amount: line.default(""),
  portion: z.enum(PORTIONS).default("usual"),
  /** Eggs counted in the recipe's batter. */
  recipeEggs: line.default(""),
  eggs: z.enum(EGG_SCHOOLS).default("as-scaled"),
  /** The school of filling; `kind` leaves it to the batter's kind. */
  fullAtMost: z.enum(["kind", ...CEILINGS]).default("kind"),
  crowning: z.enum(["usual", "inside", "level", "above", "high"]).default("usual"),
  fruit: line.default(""),
  dividing: z.enum(DIVIDING).default("scale"),
  school: z.enum(SCHOOLS),
  /** Her own heat, where the school asks for it. */
  ownHeat: line.default(""),
  fan: z.boolean(),
  /** What heats the recipe's own bake. */
  source: z.enum(HEAT_SOURCES).default("oven"),
  strips: z.boolean().default(false),
  lined: z.boolean().default(false),
  /** Other bakes of the recipe that went well: tins, true heat, minutes. */
  also: z.array(z.strictObject({ from: line, heat: line, minutes: line })).max(MOST_ALSO).default([]),
  /** A copy of the oven it is planned for; an exact one with a dial in °C when null. */
  oven: z.strictObject({ id: z.string().max(100), name: line, spec: KitchenOvenSchema }).nullable().default(null),
  cover: z.enum(COVERS),
  frosting: z.enum(FROSTINGS),
  build: BuildBoxesSchema.prefault({}),
  finish: FinishBoxesSchema.prefault({}),
  day: DayBoxesSchema.prefault({}),
  /** How it is cut; `usual` for its shape. */
  cut: z.enum(["usual", ...CUTS]).default("usual"),
  pieceSize: z.enum(PIECE_SIZES).default("dessert"),
  /** Pieces each cake gives; empty for as many as are usual. */
  pieces: line.default(""),
  /** Guests to be served; empty when nobody said. */
  guests: line.default(""),
});
export type Question = z.infer<typeof QuestionSchema>;

/** A question from outside the program. */
export function parseQuestion(input: unknown): Result<Question> {
  return parseWith(QuestionSchema, input);
}
