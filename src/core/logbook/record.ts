import * as z from "../zod";
import { LookSchema, OVEN_LIMITS_C } from "../bake";
import { mergedFields, numberIn, parseWith, type Result } from "../measure";
import { BatterSchema } from "../mix";
import { TinSchema } from "../tin";
import { LEARNT_MINUTES, LoggedReferenceSchema, THIS_RECIPE, type LoggedBake } from "./schema";
import { TaughtSchema } from "./taught-schema";
import { BAKE_VERDICTS } from "./verdicts";

const line = z.string().check(z.maxLength(200));
const prose = z.string().check(z.maxLength(2000));
const grams = z.nullable(numberIn(0, 50_000, "g"));
const minutes = z.nullable(numberIn(1, 600, "min"));
const heightMm = z.nullable(numberIn(1, 300, "mm"));
const verdict = z.nullable(z.enum(BAKE_VERDICTS));
const ovenC = numberIn(OVEN_LIMITS_C.min, OVEN_LIMITS_C.max, "°C");
const forecastMin = numberIn(0, 1000, "min");

/** Tins of one kind as they were filled and as they came out. */
export const RecordedTinSchema = z.strictObject({
  /** With how many there were. */
  tin: TinSchema,
  /** Batter in all of them, as it was weighed, else as it was planned. */
  batterG: grams,
  isWeighed: z.boolean(),
  minutes,
  verdict,
  /** Cold, at the rim and in the middle. */
  edgeMm: heightMm,
  crownMm: heightMm,
  /** How high the raw batter stood in each. */
  levelMm: z.optional(heightMm),
});
export type RecordedTin = z.infer<typeof RecordedTinSchema>;

/** Whether a bake counts in what is learnt: by itself, for sure, or not at all. */
export const COUNTINGS = ["usual", "confirmed", "left-out"] as const;

/**
 * One cake's page in the logbook: what was planned, copied, and what happened. Everything of it can
 * be put right later; what nobody knows is null or empty.
 */
export const RecordSchema = z.strictObject({
  name: line,
  /** The day it was baked, by the baker's own calendar. */
  madeOn: z.string().check(z.regex(/^\d{4}-(?:0[1-9]|1[0-2])-(?:0[1-9]|[12]\d|3[01])$/u)),
  /** Its recipe's id in the kitchen, empty where it has none, and its name. */
  recipe: z.strictObject({ id: z.string().check(z.maxLength(100)), name: line }),
  /** The recipe's batter as written, and the bake it was written for. */
  batter: BatterSchema,
  reference: z.nullable(LoggedReferenceSchema),
  /** How many times the recipe was made. */
  scale: numberIn(0.01, 50, "times"),
  tins: z.array(RecordedTinSchema).check(z.minLength(1), z.maxLength(20)),
  oven: line,
  /** True heat as it was known then, and what a thermometer read while it baked. */
  ovenC,
  /** Where the dial was set. */
  dialC: z.optional(z.nullable(numberIn(30, 350, "°C"))),
  fan: z.boolean(),
  readC: z.array(numberIn(20, 400, "°C")).check(z.maxLength(500)),
  forecast: z.nullable(
    z.strictObject({
      doorShutUntilMin: forecastMin,
      firstLookMin: forecastMin,
      likelyMin: forecastMin,
      notPastMin: forecastMin,
    }),
  ),
  looks: z
    .array(
      z.strictObject({
        atMin: numberIn(0, 1500, "min"),
        /** Its place in the load; null for all alike. */
        tin: z.nullable(z.int().check(z.gte(0), z.lte(200))),
        look: LookSchema,
        /** Null when it came out. */
        moreMin: z.nullable(numberIn(0, 240, "min")),
      }),
    )
    .check(z.maxLength(200)),
  /** When the last of it came out. */
  minutes,
  verdict,
  /** Minutes she wants more or, below 0, less the next time. */
  nextTimeMin: z.nullable(numberIn(-60, 60, "min")),
  coreC: z.nullable(numberIn(0, 120, "°C")),
  massBeforeG: grams,
  massAfterG: grams,
  frosting: z.strictObject({ askedG: grams, usedG: grams, leftG: grams }),
  handsMin: z.strictObject({
    planned: z.nullable(numberIn(0, 5000, "min")),
    took: z.nullable(numberIn(0, 5000, "min")),
  }),
  taste: prose,
  change: prose,
  notes: prose,
  /** By the SHA-256 of what is in their files. */
  pictures: z
    .array(
      z.strictObject({
        hash: z.string().check(z.regex(/^[0-9a-f]{64}$/u)),
        widthPx: z.int().check(z.gte(1), z.lte(10_000)),
        heightPx: z.int().check(z.gte(1), z.lte(10_000)),
        /** Whether it stands on its recipe and the cakes of that; the newest that does is shown. */
        stands: z.optional(z.boolean()),
      }),
    )
    .check(z.maxLength(12)),
  counts: z.enum(COUNTINGS),
  /** What its plan had taken over from earlier pages, beside minutes. */
  taught: z.optional(TaughtSchema),
  /** Whether what she wanted to change is seen to: taken over, or set aside. */
  isSettled: z.boolean(),
});
export type BakeRecord = z.infer<typeof RecordSchema>;

/** A page of the logbook from outside the program. */
export function parseRecord(input: unknown): Result<BakeRecord> {
  return parseWith(RecordSchema, input);
}

/** Two changes of one page brought together; null when both changed the same thing. */
export function mergedRecord(
  base: BakeRecord,
  mine: BakeRecord,
  theirs: BakeRecord,
): BakeRecord | null {
  return mergedFields(base, mine, theirs)?.value ?? null;
}

/** Why a bake teaches nothing yet. */
export type NotCounted = "left-out" | "minutes" | "verdict" | "minutes-out-of-range" | "reference";

/** Why a record does not count in what is learnt; null for one that does. */
export function whyNotCounted(record: BakeRecord): NotCounted | null {
  const { counts, minutes: took, verdict: came, nextTimeMin, reference } = record;
  if (counts === "left-out") return "left-out";
  if (took === null) return "minutes";
  if (took < LEARNT_MINUTES.min || took > LEARNT_MINUTES.max) return "minutes-out-of-range";
  if (came === null && nextTimeMin === null) return "verdict";
  return reference === null ? "reference" : null;
}

/**
 * Share of its batter's weight that a cake lost in the oven, below 0 where it weighs more; null
 * unless both are known.
 */
export const lostShare = ({
  massBeforeG,
  massAfterG,
}: Pick<BakeRecord, "massBeforeG" | "massAfterG">): number | null =>
  massBeforeG === null || massAfterG === null || massBeforeG === 0
    ? null
    : 1 - massAfterG / massBeforeG;

/** What a recipe is called in a log: by its id, else by its name. */
export const recipeKey = ({ recipe }: Pick<BakeRecord, "recipe">): string =>
  recipe.id === "" ? `name ${recipe.name}` : recipe.id;

/**
 * A log for a cake from pages of the logbook: bakes of its own recipe, and those of others when
 * they are asked for. What does not count is not in it.
 * @param own the planned recipe's {@link recipeKey}
 * @returns the places in `records` of the bakes, and the bakes
 */
export function logFor(
  records: readonly BakeRecord[],
  own: string,
  of: "recipe" | "kitchen",
): readonly { readonly at: number; readonly bake: LoggedBake }[] {
  return records.flatMap((record, at) => {
    const isOwn = recipeKey(record) === own;
    if (whyNotCounted(record) !== null || (of === "recipe" && !isOwn)) return [];
    const { minutes: took, verdict: came, nextTimeMin, reference, counts } = record;
    const { batter, tins, fan, scale } = record;
    return [
      {
        at,
        bake: {
          recipe: isOwn ? THIS_RECIPE : recipeKey(record),
          ...(isOwn || reference === null ? {} : { reference, batter }),
          ...(scale === 1 ? {} : { scale }),
          tins: tins.map(({ tin }) => tin),
          ovenC: record.ovenC,
          ...(fan ? { fan } : {}),
          minutes: took ?? LEARNT_MINUTES.min,
          verdict: came ?? "right",
          ...(nextTimeMin === null ? {} : { nextTimeMin }),
          ...(counts === "confirmed" ? { isConfirmed: true } : {}),
        },
      },
    ];
  });
}
