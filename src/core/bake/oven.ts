import { median } from "d3-array";
import * as z from "../zod";
import { numberIn, parseWith, wholeIn, type Result } from "../measure";
import { tinGeometry } from "../tin";
import { closedFormMinutes } from "./closed-form";
import { DIAL_SCALES } from "./dial";

export const OVEN_SOURCES = ["electric", "gas", "countertop"] as const;
export const AIRS = ["still", "fan", "either"] as const;

/** What an oven thermometer said: true heat at a setting of the dial, both °C. */
export const OvenReadingSchema = z.strictObject({
  dialC: numberIn(50, 320, "°C"),
  trueC: numberIn(30, 350, "°C"),
});
export type OvenReading = z.infer<typeof OvenReadingSchema>;

/** Room on one shelf, mm, and how many are baked on at once. */
export const ShelfSchema = z.strictObject({
  widthMm: numberIn(150, 1000, "mm"),
  depthMm: numberIn(150, 1000, "mm"),
  atOnce: wholeIn(1, 4),
  clearMm: numberIn(60, 600, "mm"),
});
export type Shelf = z.infer<typeof ShelfSchema>;

/** Marks so far apart in the dial's own degrees. */
export const DialSchema = z.strictObject({
  scale: z.enum(DIAL_SCALES),
  step: numberIn(0.5, 50, "°"),
});

const MOST_READINGS = 200;

/** A kitchen's oven, as it is kept. */
export const KitchenOvenSchema = z.strictObject({
  source: z.enum(OVEN_SOURCES),
  air: z.enum(AIRS),
  dial: DialSchema,
  shelf: ShelfSchema,
  /** Until it is as hot as it says. */
  warmUpMin: numberIn(1, 90, "min"),
  readings: z.array(OvenReadingSchema).check(z.maxLength(MOST_READINGS)),
});
export type KitchenOven = z.infer<typeof KitchenOvenSchema>;

/** An ordinary oven, before anything is known of it. */
export const USUAL_OVEN: KitchenOven = {
  source: "electric",
  air: "either",
  dial: { scale: "C", step: 5 },
  shelf: { widthMm: 445, depthMm: 360, atOnce: 1, clearMm: 300 },
  warmUpMin: 15,
  readings: [],
};

/** An oven from outside the program. */
export function parseOven(input: unknown): Result<KitchenOven> {
  return parseWith(KitchenOvenSchema, input);
}

/** How far an oven is off at a setting of its dial. */
export type OvenOffset = {
  /** True minus dial, °C. */
  readonly readsC: number;
  /** Likely error of that, °C. */
  readonly sigmaC: number;
  /** Readings it rests on. */
  readonly count: number;
  /** Those that disagree with all others, left out. */
  readonly setAside: readonly OvenReading[];
};

/**
 * A reading so far from the setting counts 0.6 of one at it, °C; none counts less than a twentieth.
 */
const NEAR_C = 22;
const LEAST_WEIGHT = 0.05;
/** A single reading is about this good: thermostats swing. */
const READING_SIGMA_C = 6;
/** Nothing is known better than this. */
const LEAST_SIGMA_C = 2;
/**
 * Farther from the middle reading than both of these is set aside: the door was open, the
 * thermometer slipped.
 */
const ASIDE_C = 12;
const ASIDE_SPREADS = 3;
/** Median absolute deviation to standard deviation of a normal spread. */
const MAD_TO_SIGMA = 1.4826;

/**
 * How far an oven is off at `dialC`, from thermometer readings: the mean of true minus dial,
 * readings near the setting counting most and those far from the median of all left out. Null
 * without readings.
 * @example ovenOffset([{ dialC: 180, trueC: 174 }], 180)?.readsC // -6
 */
export function ovenOffset(readings: readonly OvenReading[], dialC: number): OvenOffset | null {
  if (readings.length === 0) return null;
  const offOf = (reading: OvenReading): number => reading.trueC - reading.dialC;
  const offs = readings.map(offOf);
  const middle = median(offs) ?? 0;
  const reach = Math.max(
    ASIDE_C,
    ASIDE_SPREADS * MAD_TO_SIGMA * (median(offs.map((off) => Math.abs(off - middle))) ?? 0),
  );
  const [kept, setAside] = [
    readings.filter((reading) => Math.abs(offOf(reading) - middle) <= reach),
    readings.filter((reading) => Math.abs(offOf(reading) - middle) > reach),
  ];
  const weighed = kept.map((reading) => ({
    off: offOf(reading),
    weight: Math.max(LEAST_WEIGHT, Math.exp(-(((reading.dialC - dialC) / NEAR_C) ** 2) / 2)),
  }));
  const sum = weighed.reduce((total, { weight }) => total + weight, 0);
  const mean = weighed.reduce((total, { off, weight }) => total + weight * off, 0) / sum;
  // As if so many readings had been taken at the setting itself.
  const worth = sum ** 2 / weighed.reduce((total, { weight }) => total + weight ** 2, 0);
  const variance =
    (weighed.reduce((total, { off, weight }) => total + weight * (off - mean) ** 2, 0) / sum) *
    worth;
  const sigmaC = Math.sqrt((variance + READING_SIGMA_C ** 2) / (worth * Math.max(1, worth)));
  return { readsC: mean, sigmaC: Math.max(LEAST_SIGMA_C, sigmaC), count: kept.length, setAside };
}

/**
 * Minutes a flat cake takes in an oven that is off by `readsC` when only its dial is gone by: those
 * it takes at `dialC` truly, stretched by the closed form of a 20 cm layer. "Each oven is
 * different", made into a number.
 * @param minutes at the true heat
 * @returns null when the oven stays too cool to set a cake
 */
export function minutesAsSet(minutes: number, dialC: number, readsC: number): number | null {
  const geometry = tinGeometry({ shape: "round", diameterMm: 200, depthMm: 50 });
  if (!geometry.ok || dialC + readsC < 100) return null;
  const at = (ovenC: number): number =>
    closedFormMinutes({ geometry: geometry.value, batterMl: 600, ovenC, isFan: false });
  return (minutes * at(dialC + readsC)) / at(dialC);
}
