import * as z from "zod";
import "../measure";

export const FROSTINGS = [
  "butter-and-sugar", "cream-cheese", "whipped-cream", "meringue-butter", "whipped-ganache", "boiled-fudge", "water-icing",
] as const;
export const FrostingSchema = z.enum(FROSTINGS);
export type Frosting = z.infer<typeof FrostingSchema>;

/** Density as spread, g/mL. Judgement; weighing a cup of it is better. */
export const FROSTING_DENSITY: Readonly<Record<Frosting, number>> = {
  "butter-and-sugar": 0.8,
  "cream-cheese": 0.95,
  "whipped-cream": 0.47,
  "meringue-butter": 0.7,
  "whipped-ganache": 0.8,
  "boiled-fudge": 1.25,
  "water-icing": 1.35,
};

/** Frostings that spoil in a warm room. */
export const COLD_FROSTINGS: readonly Frosting[] = ["cream-cheese", "whipped-cream"];
