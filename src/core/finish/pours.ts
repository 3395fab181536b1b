import type { POURS } from "../build";

type Pour = (typeof POURS)[number];

/**
 * Poured over: on the top and down the sides, mm; what runs into the pool is caught and used again.
 * Judgement, set so that two 20 cm layers take the usual 400 to 500 g, and 150 to 250 g for a top
 * with drips.
 */
export const POURED = { topMm: 4, sideMm: 3, poolFraction: 0.35 } as const;

/** One drip: so wide, so thick, with a drop at its end. */
const DRIP = { widthMm: 8, thickMm: 3, dropMl: 0.15 } as const;
/** Drips so far apart, and down so much of the side, at most so far. Judgement. */
const DRIP_PITCH_MM = 30;
const DRIP_SHARE = 0.45;
const LONGEST_DRIP_MM = 60;

/** One drip of a length, mL: (π/4)·w·3·L/1000 + 0.15. */
export function dripMl(lengthMm: number): number {
  return ((Math.PI / 4) * DRIP.widthMm * DRIP.thickMm * lengthMm) / 1000 + DRIP.dropMl;
}

/** How far a drip runs down a side, mm. */
export function dripLength(heightMm: number): number {
  return Math.min(LONGEST_DRIP_MM, DRIP_SHARE * heightMm);
}

/** Drips that go round an edge. */
export function usualDrips(perimeterMm: number): number {
  return Math.max(4, Math.round(perimeterMm / DRIP_PITCH_MM));
}

/**
 * When and how warm something is poured: its own heat, °C, and the cake's, with the minutes after
 * the oven while it is warm. Judgement.
 */
export type PourWindow = {
  readonly pourC: readonly [number, number];
  readonly onto: "cold" | "warm";
  readonly minutesAfterOven: readonly [number, number] | null;
};

export const POUR_WINDOWS: Readonly<Record<Pour, PourWindow>> = {
  "pouring-ganache": { pourC: [32, 35], onto: "cold", minutesAfterOven: null },
  "water-icing": { pourC: [25, 35], onto: "cold", minutesAfterOven: null },
  "boiled-fudge": { pourC: [70, 80], onto: "warm", minutesAfterOven: [5, 15] },
  jam: { pourC: [60, 75], onto: "warm", minutesAfterOven: [0, 20] },
};
