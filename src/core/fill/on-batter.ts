import * as z from "../zod";
import { numberIn } from "../measure";

export const ON_BATTER = ["floor", "between", "in", "top"] as const;

/** What can be put on raw batter by name. */
export const ON_BATTER_THINGS = [
  "nuts",
  "seeds",
  "chips",
  "coarse-sugar",
  "cinnamon-sugar",
  "crumble",
  "fruit",
  "berries",
  "dried-fruit",
  "coconut",
  "oats",
  "jam",
  "syrup",
  "custard",
  "soft-cheese",
  "chocolate-spread",
  "own",
] as const;
export type OnBatterThing = (typeof ON_BATTER_THINGS)[number];

/**
 * Usual on a square centimetre, g, and what a millilitre of it weighs as it lies, g. Judgement:
 * strewn things cover without lying on each other, spreads are 2 to 5 mm thick, fresh fruit is a
 * little lighter than water.
 */
const THINGS: Readonly<
  Record<OnBatterThing, { readonly usual: number | null; readonly gPerMl: number }>
> = {
  nuts: { usual: 0.2, gPerMl: 0.55 },
  seeds: { usual: 0.08, gPerMl: 0.65 },
  chips: { usual: 0.2, gPerMl: 0.65 },
  "coarse-sugar": { usual: 0.06, gPerMl: 0.85 },
  "cinnamon-sugar": { usual: 0.12, gPerMl: 0.8 },
  crumble: { usual: 0.4, gPerMl: 0.5 },
  fruit: { usual: 0.8, gPerMl: 0.95 },
  berries: { usual: 0.35, gPerMl: 0.6 },
  "dried-fruit": { usual: 0.25, gPerMl: 0.7 },
  coconut: { usual: 0.06, gPerMl: 0.35 },
  oats: { usual: 0.06, gPerMl: 0.4 },
  jam: { usual: 0.25, gPerMl: 1.33 },
  syrup: { usual: 0.2, gPerMl: 1.33 },
  custard: { usual: 0.5, gPerMl: 1.08 },
  "soft-cheese": { usual: 0.5, gPerMl: 1 },
  "chocolate-spread": { usual: 0.25, gPerMl: 1.2 },
  own: { usual: null, gPerMl: 0.95 },
};

/** One thing that lies under, in or on raw batter. */
export const LaidOnBatterSchema = z.strictObject({
  where: z.enum(ON_BATTER),
  what: z.optional(z.enum(ON_BATTER_THINGS)),
  /** Her own name for it. */
  name: z.optional(z.string().check(z.maxLength(60))),
  massG: z.optional(numberIn(0, 10_000, "g")),
  volumeMl: z.optional(numberIn(0, 10_000, "mL")),
});
/**
 * What lies under, in or on raw batter and bakes with it, in all tins together: fruit halves,
 * crumble, nuts. With `between` it lies between two halves of the batter; what says no amount has
 * the usual one by area.
 */
export const OnBatterSchema = z.array(LaidOnBatterSchema).check(z.maxLength(12));
export type OnBatter = z.infer<typeof OnBatterSchema>;

const gPerMl = (what: OnBatterThing = "own"): number => THINGS[what].gPerMl;

/** Whether it has a usual amount by area, so that nobody has to say how much. */
export const hasUsualOnBatter = (what: OnBatterThing): boolean => THINGS[what].usual !== null;

/**
 * What is laid on with its weight: as it is given, else as is usual on so much batter, mm²; in whole
 * grams.
 * @example settledOn([{ where: "top", what: "nuts" }], 30_000) // 60 g of nuts on 300 cm²
 */
export function settledOn(laid: OnBatter, areaMm2: number): OnBatter {
  return laid.map((each) => {
    const usual = each.what === undefined ? null : THINGS[each.what].usual;
    return each.massG !== undefined || each.volumeMl !== undefined || usual === null
      ? each
      : { ...each, massG: Math.round((usual * areaMm2) / MM2_PER_CM2) };
  });
}
const MM2_PER_CM2 = 100;

/** Space that what is laid on takes, mL, by its weight where nobody measured it. */
export function laidVolume(laid: OnBatter): number {
  return laid.reduce(
    (sum, { what, massG, volumeMl }) => sum + (volumeMl ?? (massG ?? 0) / gPerMl(what)),
    0,
  );
}

/** What lies on a batter that is made so many times. */
export function timesLaid(laid: OnBatter, times: number): OnBatter {
  return laid.map(({ massG, volumeMl, ...each }) => ({
    ...each,
    ...(massG === undefined ? {} : { massG: massG * times }),
    ...(volumeMl === undefined ? {} : { volumeMl: volumeMl * times }),
  }));
}

/** What is laid on weighs, g. */
export function laidMass(laid: OnBatter): number {
  return laid.reduce(
    (sum, { what, massG, volumeMl }) => sum + (massG ?? (volumeMl ?? 0) * gPerMl(what)),
    0,
  );
}
