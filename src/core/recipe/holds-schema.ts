import * as z from "../zod";
import { ALLERGENS, HAZARDS_OF_FOOD } from "../pantry";

/**
 * What in a recipe can hurt someone: what it is made of, what stays raw in it, and what its words
 * ask to be done.
 */
export const HAZARDS = [
  ...HAZARDS_OF_FOOD,
  "raw-egg-part",
  "raw-flour-part",
  "cold-part",
  "whole-nuts",
  "hot-sugar",
  "microwave-melting",
  "sharp-tools",
  "not-food",
  "freezing",
  "selling",
] as const;
export type Hazard = (typeof HAZARDS)[number];

/** What a recipe holds that a plan has to know of: allergens, and {@link HAZARDS}. */
export const HoldsSchema = z.strictObject({
  allergens: z.array(z.enum(ALLERGENS)),
  hazards: z.array(z.enum(HAZARDS)),
  /** Main ingredients of the batter that it gives no weight for. */
  missing: z.optional(z.array(z.string().check(z.maxLength(200))).check(z.maxLength(12))),
});
export type Holds = z.infer<typeof HoldsSchema>;
