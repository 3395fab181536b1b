import * as z from "../zod";
import { numberIn } from "../measure";

export const ON_BATTER = ["floor", "in", "top"] as const;

/**
 * What lies under, in or on raw batter and bakes with it, in all tins together: fruit halves,
 * crumble, nuts.
 */
export const OnBatterSchema = z
  .array(
    z.strictObject({
      where: z.enum(ON_BATTER),
      massG: z.optional(numberIn(0, 10_000, "g")),
      volumeMl: z.optional(numberIn(0, 10_000, "mL")),
    }),
  )
  .check(z.maxLength(12));
export type OnBatter = z.infer<typeof OnBatterSchema>;

/**
 * Weight of what is laid on by the space it takes, g/mL: fresh fruit is a little lighter than
 * water. Judgement.
 */
const LAID_G_PER_ML = 0.95;

/** Space that what is laid on takes, mL, by its weight where nobody measured it. */
export function laidVolume(laid: OnBatter): number {
  return laid.reduce(
    (sum, { massG, volumeMl }) => sum + (volumeMl ?? (massG ?? 0) / LAID_G_PER_ML),
    0,
  );
}

/** What lies on a batter that is made so many times. */
export function timesLaid(laid: OnBatter, times: number): OnBatter {
  return laid.map(({ where, massG, volumeMl }) => ({
    where,
    ...(massG === undefined ? {} : { massG: massG * times }),
    ...(volumeMl === undefined ? {} : { volumeMl: volumeMl * times }),
  }));
}

/** What is laid on weighs, g. */
export function laidMass(laid: OnBatter): number {
  return laid.reduce(
    (sum, { massG, volumeMl }) => sum + (massG ?? (volumeMl ?? 0) * LAID_G_PER_ML),
    0,
  );
}
