import { COLD_SPREADS, type Coating } from "../build";
import { COLD_ROOM_HOURS } from "../serve";

/** What is made in the kitchen besides the batter; jam is bought. */
export const MADE = [
  "butter-and-sugar",
  "cream-cheese",
  "whipped-cream",
  "meringue-butter",
  "whipped-ganache",
  "boiled-fudge",
  "water-icing",
  "marshmallow",
  "curd",
  "custard",
  "pouring-ganache",
  "syrup",
] as const satisfies readonly (Coating | "syrup")[];
export type Made = (typeof MADE)[number];

/**
 * How long something takes to make, and how long it then has to cool before it is used, minutes.
 */
type Making = {
  readonly handsMin: number;
  readonly perKgMin: number;
  readonly coolMin: number;
  readonly usesMixer: boolean;
};

/**
 * The usual way of making each, where no recipe's own steps are known. Judgement from household
 * practice.
 */
export const MAKING: Readonly<Record<Made, Making>> = {
  "butter-and-sugar": { handsMin: 15, perKgMin: 10, coolMin: 0, usesMixer: true },
  "cream-cheese": { handsMin: 12, perKgMin: 8, coolMin: 0, usesMixer: true },
  "whipped-cream": { handsMin: 6, perKgMin: 4, coolMin: 0, usesMixer: true },
  "meringue-butter": { handsMin: 25, perKgMin: 10, coolMin: 0, usesMixer: true },
  "whipped-ganache": { handsMin: 12, perKgMin: 5, coolMin: 90, usesMixer: false },
  "boiled-fudge": { handsMin: 15, perKgMin: 5, coolMin: 0, usesMixer: false },
  "water-icing": { handsMin: 4, perKgMin: 2, coolMin: 0, usesMixer: false },
  marshmallow: { handsMin: 20, perKgMin: 8, coolMin: 0, usesMixer: true },
  curd: { handsMin: 18, perKgMin: 10, coolMin: 90, usesMixer: false },
  custard: { handsMin: 18, perKgMin: 8, coolMin: 90, usesMixer: false },
  "pouring-ganache": { handsMin: 8, perKgMin: 4, coolMin: 20, usesMixer: false },
  syrup: { handsMin: 8, perKgMin: 4, coolMin: 15, usesMixer: false },
};

/** Butter has to be soft for these. */
export const FROM_SOFT_BUTTER: readonly Made[] = [
  "butter-and-sugar",
  "cream-cheese",
  "meringue-butter",
];

/** Whether something spoils in a warm room. */
export function isKeptCold(what: Made): boolean {
  return (COLD_SPREADS as readonly string[]).includes(what);
}

/**
 * What spoils in warmth may be out of the fridge for so long in all, minutes: the hours that Serve
 * and the caution say.
 */
export const SAFE_OUT_MIN = 60 * COLD_ROOM_HOURS;
