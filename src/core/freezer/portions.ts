import * as z from "../zod";
import { parseWith, wholeIn, type Result } from "../measure";
import { ALLERGENS } from "../pantry";
import { PUT_AWAY } from "./rows";

/** Where something is kept. */
export const PLACES = ["freezer", "fridge", "room"] as const;
export type Place = (typeof PLACES)[number];

const MOST_PORTIONS = 3000;
const DateSchema = z.iso.date();
const NO_DATE = z.literal("");

/**
 * Portions of one thing that were put away together, with copies of all that matters of it: the
 * cake they came from may go. Dates are `2026-12-05`.
 */
export const PortionsDocSchema = z.strictObject({
  name: z.string().check(z.trim(), z.minLength(1), z.maxLength(120)),
  what: z.enum(PUT_AWAY),
  /** How many there were at first, and how many are left. */
  count: wholeIn(1, MOST_PORTIONS),
  left: wholeIn(0, MOST_PORTIONS),
  /** Of one portion, g; null where nobody weighed it. */
  eachG: z.nullable(z.number().check(z.gt(0), z.lte(20_000))),
  /** How long it keeps from the day it was made, as its cake said. */
  keeping: z.strictObject({
    roomHours: z.number().check(z.gte(0), z.lte(10_000)),
    fridgeDays: z.number().check(z.gte(0), z.lte(1000)),
    freezerMonths: z.number().check(z.gte(0), z.lte(36)),
  }),
  /** It must be kept cold: it thaws in the fridge only. */
  isCold: z.boolean(),
  allergens: z.array(z.enum(ALLERGENS)).check(z.maxLength(ALLERGENS.length)),
  madeOn: DateSchema,
  place: z.enum(PLACES),
  /** When it was taken out of the freezer; empty for what never was in it, or still is. */
  thawedOn: z.union([DateSchema, NO_DATE]),
  /** What the baker says; empty for what follows from the rest. */
  bestBefore: z.union([DateSchema, NO_DATE]),
  /** When it is wanted, `2026-12-05T15:00`; empty while nobody said. */
  wantedAt: z.string().check(z.regex(/^(?:\d{4}-\d{2}-\d{2}T\d{2}:\d{2})?$/u)),
  /** The kept cake it is of. */
  cakeId: z.nullable(z.string().check(z.minLength(1), z.maxLength(100))),
  notes: z.string().check(z.maxLength(1000)),
});
export type Portions = z.infer<typeof PortionsDocSchema>;

/** Portions that are kept. */
export type KeptPortions = { readonly id: string; readonly portions: Portions };

/** Portions from outside the program. */
export const parsePortions = (input: unknown): Result<Portions> =>
  parseWith(PortionsDocSchema, input);
