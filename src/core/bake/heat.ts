import * as z from "../zod";
import { numberIn, risingRoot } from "../measure";
import type { Material } from "../tin";
import { closedFormMinutes, type BakeCase } from "./closed-form";
import { RULE_LESS_C } from "./materials";
import { DialSchema, OvenReadingSchema, ShelfSchema } from "./oven";

/** Heats a cake is baked at, °C. */
export const OVEN_LIMITS_C = { min: 100, max: 260 } as const;
const ovenC = numberIn(OVEN_LIMITS_C.min, OVEN_LIMITS_C.max, "°C");

/**
 * The schools: as written whatever the tin; gentler when the batter is thicker; low and slow; or a
 * heat of one's own.
 */
export const HeatSchema = z.union([
  z.enum(["as-written", "gentler", "low"]),
  z.strictObject({ ovenC }),
]);
export type Heat = z.infer<typeof HeatSchema>;

export const OvenSchema = z.strictObject({
  fan: z.optional(z.boolean()),
  /** True temperature minus dial, °C. */
  readsC: z.optional(numberIn(-60, 60, "°C difference")),
  /** The dial's marks, °C apart. */
  dialStepC: z.optional(numberIn(0.5, 25, "°C difference")),
  /** A dial not marked in °C, or its step. */
  dial: z.optional(DialSchema),
  /** What a thermometer in it said; stands in for `readsC` when that is left out. */
  readings: z.optional(z.array(OvenReadingSchema).check(z.maxLength(200))),
  /** Room on a shelf: tells how many tins go in at once. */
  shelf: z.optional(ShelfSchema),
  warmUpMin: z.optional(numberIn(1, 90, "min")),
});

/** A fan oven bakes like a still one this much hotter, °C. The usual kitchen rule. */
const FAN_IS_WORTH_C = 20;
const GENTLER_C = 15;
const LOW_C = 30;
/** Gentler only applies to batter thicker than the recipe's own by more than this, as a ratio. */
const DEEPER = 1.15;

/** What was done to the recipe's heat. */
export type HeatReason = "as-written" | "not-thicker" | "gentler" | "low" | "chosen";

export type ChosenHeat = { readonly trueC: number; readonly reason: HeatReason };

/**
 * True heat for the wanted tins, °C.
 * @param written the recipe's heat, °C, and whether it means a fan oven
 * @param thickness how thick the new batter is to the heat over the recipe's own: see `heatPathMm`
 * @example chosenHeat("gentler", { ovenC: 180, isFan: false }, false, 1.4) // { trueC: 165, reason: "gentler" }
 */
export function chosenHeat(
  heat: Heat,
  written: { readonly ovenC: number; readonly isFan: boolean },
  isFan: boolean,
  thickness: number,
): ChosenHeat {
  if (typeof heat === "object") return { trueC: heat.ovenC, reason: "chosen" };
  const fanC = (Number(written.isFan) - Number(isFan)) * FAN_IS_WORTH_C;
  const asWrittenC = written.ovenC + fanC;
  if (heat === "as-written") return { trueC: asWrittenC, reason: "as-written" };
  if (heat === "low") return { trueC: asWrittenC - LOW_C, reason: "low" };
  return thickness > DEEPER
    ? { trueC: asWrittenC - GENTLER_C, reason: "gentler" }
    : { trueC: asWrittenC, reason: "not-thicker" };
}

/** No tin's material is worth more than this, °C. */
const MOST_CHANGE_C = 60;

export type MaterialAdvice = {
  readonly material: Material;
  /** What the usual kitchen rule takes off the heat, °C. */
  readonly ruleLessC: number;
  /** What the model would take off to keep the minutes of the recipe's own material, °C. */
  readonly modelLessC: number;
};

/**
 * Heat taken off for a tin of another material than the recipe's, by rule and by model; null when
 * it is the same.
 */
export function materialAdvice(bake: BakeCase, written: Material): MaterialAdvice | null {
  const { material } = bake.geometry;
  if (material === written) return null;
  const wanted = closedFormMinutes({ ...bake, geometry: { ...bake.geometry, material: written } });
  // Taking heat off makes the bake longer.
  const longer = (lessC: number): number =>
    closedFormMinutes({ ...bake, ovenC: Math.max(OVEN_LIMITS_C.min, bake.ovenC - lessC) }) - wanted;
  const modelLessC = risingRoot(longer, -MOST_CHANGE_C, MOST_CHANGE_C, 0.01);
  return { material, ruleLessC: RULE_LESS_C[material] - RULE_LESS_C[written], modelLessC };
}
