import * as z from "../zod";
import { KitchenOvenSchema } from "../bake";
import { FROSTINGS, ROLLED_FROM, SplitSchema } from "../build";
import { CEILINGS, DIVIDING, OnBatterSchema, PORTIONS } from "../fill";
import { COVERS } from "../finish";
import { LoggedBakeSchema, TaughtSchema } from "../logbook";
import { parseWith, type Result } from "../measure";
import { BATTER_KINDS } from "../kind";
import { DuringSchema, HEAT_SOURCES, HoldsSchema } from "../recipe";
import { CUTS, PIECE_SIZES } from "../serve";
import { DayBoxesSchema } from "../day";
import { MarbleBoxesSchema, OnBatterBoxesSchema } from "./on-batter-boxes";
import { DuringBoxesSchema } from "./during-boxes";
import { BuildBoxesSchema, FinishBoxesSchema } from "./finish-boxes";
import { EGG_SCHOOLS, FilledSchema, FrostedSchema, WornSchema } from "../plan";
import { LEARNS_FROM, SCALES, SCHOOLS, TURN_CHOICES, WAYS_OUT } from "./question-choices";

export const MOST_ALSO = 4;
/** Bakes a cake can rest on: the newest say the most. */
const MOST_LOG = 100;
const line = z.string().check(z.maxLength(200));

/** Bakes besides the recipe's own. */
export const AlsoSchema = z
  .array(
    z.strictObject({
      from: line,
      heat: line,
      minutes: line,
      /** With a fan; as the recipe when left out. */ fan: z.optional(z.boolean()),
    }),
  )
  .check(z.maxLength(MOST_ALSO));

/**
 * The baker's question as she wrote it: what the recipe says, and the tins she has. Every box is
 * text, so that a half-typed one is kept; {@link readQuestion} makes sense of it.
 */
export const QuestionSchema = z.strictObject({
  /**
   * What its numbers without a unit mean, settled when it is first kept or changed; null while that
   * is for the looker's measures to say.
   */
  habit: z._default(
    z.nullable(z.strictObject({ size: z.enum(["metric", "us"]), heat: z.enum(["C", "F"]) })),
    null,
  ),
  /** The recipe's name; empty when only its tins are known. */
  recipe: line,
  from: line,
  heat: line,
  recipeFan: z.boolean(),
  minutes: line,
  /** When the recipe says to look first. */
  look: z._default(line, ""),
  kind: z.enum(BATTER_KINDS),
  weight: line,
  volume: line,
  tins: z.array(line).check(z.maxLength(20)),
  scale: z.enum(SCALES),
  /** How often, how deep or for how many, where the scale asks for it. */
  amount: z._default(line, ""),
  portion: z._default(z.enum(PORTIONS), "usual"),
  /** Eggs counted in the recipe's batter, and what one weighs, g; 0 when nobody knows. */
  recipeEggs: z._default(line, ""),
  eggG: z._default(z.number().check(z.gte(0), z.lte(80)), 0),
  /** Pieces in the batter that do not rise, mL. */
  piecesMl: z._default(z.number().check(z.gte(0), z.lte(60_000)), 0),
  /** What the recipe holds that can hurt someone; null while nobody has looked. */
  holds: z._default(z.nullable(HoldsSchema), null),
  eggs: z._default(z.enum(EGG_SCHOOLS), "as-scaled"),
  /** The school of filling; `kind` leaves it to the batter's kind. */
  fullAtMost: z._default(z.enum(["kind", ...CEILINGS]), "kind"),
  crowning: z._default(z.enum(["usual", "inside", "level", "above", "high"]), "usual"),
  fruit: z._default(line, ""),
  /** Fruit that lies in the recipe's own tins, which its minutes hold already. */
  recipeFruit: z._default(line, ""),
  dividing: z._default(z.enum(DIVIDING), "scale"),
  school: z.enum(SCHOOLS),
  /** Her own heat, where the school asks for it. */
  ownHeat: z._default(line, ""),
  fan: z.boolean(),
  /** What heats the recipe's own bake. */
  source: z._default(z.enum(HEAT_SOURCES), "oven"),
  strips: z._default(z.boolean(), false),
  lined: z._default(z.boolean(), false),
  /** Other bakes of the recipe that went well: tins, true heat, minutes. */
  also: z._default(AlsoSchema, []),
  /** The bakes of the logbook its minutes rest on: a copy, taken when she says so. */
  learnsFrom: z._default(z.enum(LEARNS_FROM), "nothing"),
  log: z._default(z.array(LoggedBakeSchema).check(z.maxLength(MOST_LOG)), []),
  /** What else of her pages she took over. */
  taught: z._default(TaughtSchema, {}),
  /** A copy of the oven it is planned for; an exact one with a dial in °C when null. */
  oven: z._default(
    z.nullable(
      z.strictObject({
        id: z.string().check(z.maxLength(100)),
        name: line,
        spec: KitchenOvenSchema,
      }),
    ),
    null,
  ),
  /** What the recipe itself lays under or on its batter, and whether that is left off. */
  recipeOn: z._default(OnBatterSchema, []),
  isRecipeOnLeftOff: z._default(z.boolean(), false),
  /** What the recipe does in the oven, at its own minutes; hers at these tins', null for the same. */
  recipeDuring: z._default(DuringSchema, []),
  during: z._default(z.nullable(DuringBoxesSchema), null),
  /** What she puts under, in or on the raw batter, and what she marbles into it. */
  onBatter: z._default(OnBatterBoxesSchema, []),
  marble: z.prefault(MarbleBoxesSchema, {}),
  /** How it comes out of its tin, and after how long where that is said. */
  cooling: z._default(z.enum(WAYS_OUT), "usual"),
  inTin: z._default(line, ""),
  /** How often it is turned over, and how it cools; `usual` for its tin. */
  turned: z._default(z.enum(TURN_CHOICES), "usual"),
  offOven: z._default(line, ""),
  coolsCovered: z._default(z.boolean(), false),
  coolsOvernight: z._default(z.boolean(), false),
  /** What the recipe frosts its own cake with; null for one that does not. */
  frosted: z._default(z.nullable(FrostedSchema), null),
  /** What the recipe fills its own layers with; null for one that does not. */
  filled: z._default(z.nullable(FilledSchema), null),
  /** The side the recipe's sheet is rolled up from; null for one that is not. */
  rolled: z._default(z.nullable(z.enum(ROLLED_FROM)), null),
  /** Slices the recipe splits each of its cakes into; null where it does not. */
  split: z._default(z.nullable(SplitSchema), null),
  /** What else of the recipe shows on its cake, and how; hers where she says otherwise. */
  worn: z._default(WornSchema, []),
  cover: z.enum(["as-recipe", ...COVERS]),
  frosting: z.enum(FROSTINGS),
  build: z.prefault(BuildBoxesSchema, {}),
  finish: z.prefault(FinishBoxesSchema, {}),
  day: z.prefault(DayBoxesSchema, {}),
  /** Pieces that the recipe's cake gives, by its own words; 0 when it says nothing. */
  recipePortions: z._default(z.int().check(z.gte(0), z.lte(500)), 0),
  /** How it is cut; `usual` for its shape. */
  cut: z._default(z.enum(["usual", ...CUTS]), "usual"),
  pieceSize: z._default(z.enum(PIECE_SIZES), "dessert"),
  /** Pieces each cake gives; empty for as many as are usual. */
  pieces: z._default(line, ""),
  /** Guests to be served; empty when nobody said. */
  guests: z._default(line, ""),
});
export type Question = z.infer<typeof QuestionSchema>;

/** A question from outside the program. */
export function parseQuestion(input: unknown): Result<Question> {
  return parseWith(QuestionSchema, input);
}
