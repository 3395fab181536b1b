import { differenceInCalendarDays, parseISO } from "date-fns";

/** What became of a kept cake. */
export const CAKE_STATES = ["to-bake", "baked", "eaten"] as const;
export type CakeState = (typeof CAKE_STATES)[number];

/**
 * What was baked or eaten further ahead than so many days was not for this date: the cake was given
 * another one since. Less than a week, so that a weekly cake is to bake again. A judgement.
 */
export const BAKED_AHEAD_DAYS = 6;

/** Dates are `2026-12-05`, empty where there is none. */
export type CakeDates = {
  readonly wantedOn: string;
  /** Its newest page in the logbook. */
  readonly bakedOn: string;
  /** When the baker said that it is eaten. */
  readonly eatenOn: string;
};

/**
 * What became of a cake: a later date makes of one that was baked or eaten one to bake.
 * @example cakeState({ wantedOn: "2026-12-05", bakedOn: "2026-12-04", eatenOn: "" }) // "baked"
 */
export function cakeState({ wantedOn, bakedOn, eatenOn }: CakeDates): CakeState {
  if (isOfDate(eatenOn, wantedOn)) return "eaten";
  return isOfDate(bakedOn, wantedOn) ? "baked" : "to-bake";
}

/** Whether what was done on a day was done for the date a cake is wanted now. */
const isOfDate = (doneOn: string, wantedOn: string): boolean =>
  doneOn !== "" &&
  (wantedOn === "" ||
    differenceInCalendarDays(parseISO(wantedOn), parseISO(doneOn)) <= BAKED_AHEAD_DAYS);
