import * as z from "../zod";
import { EGGS_G } from "./egg-sizes";
import { numberIn } from "./schema";
import { US_CUP_ML } from "./units";

/** What a cup holds, mL. Customary by definition; the others as their countries' cups are sold. */
export const CUPS_ML = {
  us: US_CUP_ML,
  "us-legal": 240,
  metric: 250,
  imperial: 284.130625,
  small: 200,
} as const;

/**
 * Tablespoon and teaspoon, mL: a US cup's 16th and 48th, the metric pair, and the 20 mL tablespoon.
 */
export const SPOONS_ML = {
  us: { tbsp: US_CUP_ML / 16, tsp: US_CUP_ML / 48 },
  metric: { tbsp: 15, tsp: 5 },
  "metric-20": { tbsp: 20, tsp: 5 },
} as const;

/** How much more than level a spoon carries. Judgement. */
export const HEAPS = { level: 1, rounded: 1.5, heaped: 2 } as const;
export type Heap = keyof typeof HEAPS;

/** How a powder gets into its cup. */
export const CUP_WAYS = ["spooned", "dipped", "packed", "sifted"] as const;
export type CupWay = (typeof CUP_WAYS)[number];

const names = <T extends Record<string, unknown>>(
  table: T,
): [keyof T & string, ...(keyof T & string)[]] =>
  Object.keys(table) as [keyof T & string, ...(keyof T & string)[]];

/** What a recipe's cups, spoons and eggs are taken to be. */
export const KitchenMeasuresSchema = z.strictObject({
  cup: z.union([z.enum(names(CUPS_ML)), z.strictObject({ ownMl: numberIn(100, 400, "mL") })]),
  spoon: z.enum(names(SPOONS_ML)),
  heap: z.enum(names(HEAPS)),
  flour: z.enum(["spooned", "dipped", "packed"]),
  egg: z.enum(names(EGGS_G)),
  /** A kitchen's own spoons and egg, measured, which stand over the tables. */
  ownSpoons: z.optional(
    z.strictObject({ tbsp: numberIn(5, 40, "mL"), tsp: numberIn(1, 15, "mL") }),
  ),
  ownEggG: z.optional(numberIn(30, 80, "g")),
});
export type KitchenMeasures = z.infer<typeof KitchenMeasuresSchema>;

/** A kitchen of the metric school; flour spooned and levelled, spoons level. */
export const METRIC_MEASURES: KitchenMeasures = {
  cup: "metric",
  spoon: "metric",
  heap: "level",
  flour: "spooned",
  egg: "eu-medium",
};
/** A kitchen of the US school. */
export const US_MEASURES: KitchenMeasures = {
  cup: "us",
  spoon: "us",
  heap: "level",
  flour: "spooned",
  egg: "us-large",
};

/** Measures by where a recipe was written; a 20 mL tablespoon in Australia. */
export const REGIONS = ["us", "uk", "au", "metric"] as const;
export const REGION_MEASURES: Readonly<Record<(typeof REGIONS)[number], KitchenMeasures>> = {
  us: US_MEASURES,
  uk: { ...METRIC_MEASURES, cup: "imperial" },
  au: { ...METRIC_MEASURES, spoon: "metric-20", egg: "eu-large" },
  metric: METRIC_MEASURES,
};

/** What one cup holds, mL. */
export function cupMl(measures: KitchenMeasures): number {
  return typeof measures.cup === "string" ? CUPS_ML[measures.cup] : measures.cup.ownMl;
}

/** What a tablespoon and a teaspoon hold, mL. */
export function spoonsMl({ spoon, ownSpoons }: KitchenMeasures): {
  readonly tbsp: number;
  readonly tsp: number;
} {
  return ownSpoons ?? SPOONS_ML[spoon];
}

/** What an egg of no said size weighs without its shell, g. */
export function eggWeight({ egg, ownEggG }: KitchenMeasures): number {
  return ownEggG ?? EGGS_G[egg];
}
