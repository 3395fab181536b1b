import { addDays, addMonths, differenceInCalendarDays, formatISO, parseISO } from "date-fns";
import type { Portions } from "./portions";

/**
 * What was thawed is eaten within so many days, and within those a fresh one keeps. Usual
 * food-safety advice.
 */
const THAWED_DAYS = 3;
/** What is to be eaten within so many days is used first. A judgement. */
const SOON_DAYS = 7;
const HOURS_A_DAY = 24;

const isoDay = (date: Date): string => formatISO(date, { representation: "date" });

/** Why portions can't be put away as they are told. */
export type PutAwayIssue =
  | { readonly code: "best-before-made"; readonly bestBefore: string; readonly madeOn: string }
  | { readonly code: "not-for-the-freezer" };

/**
 * The last day something is at its best: what the baker said, or as long as it keeps where it is.
 * @returns `2026-12-05`
 * @example bestBefore({ ...frozenSponge, madeOn: "2026-09-12" }) // "2026-12-12"
 */
export function bestBefore({
  bestBefore: said,
  place,
  thawedOn,
  madeOn,
  keeping: { roomHours, fridgeDays, freezerMonths },
}: Portions): string {
  if (said !== "") return said;
  const made = parseISO(madeOn);
  const days = place === "fridge" ? fridgeDays : Math.floor(roomHours / HOURS_A_DAY);
  if (place === "freezer") return isoDay(addMonths(made, freezerMonths));
  return thawedOn === ""
    ? isoDay(addDays(made, days))
    : isoDay(addDays(parseISO(thawedOn), Math.min(days, THAWED_DAYS)));
}

/** What is wrong with portions that are told; null for nothing. */
export function putAwayIssue(portions: Portions): PutAwayIssue | null {
  const { bestBefore: said, madeOn, place, keeping } = portions;
  if (said !== "" && said < madeOn) return { code: "best-before-made", bestBefore: said, madeOn };
  return place === "freezer" && keeping.freezerMonths === 0 && said === ""
    ? { code: "not-for-the-freezer" }
    : null;
}

/** How soon something has to be eaten. */
type Urgency = "past" | "soon" | "later";

/** @param today `2026-12-05` */
export function urgency(portions: Portions, today: string): Urgency {
  const days = differenceInCalendarDays(parseISO(bestBefore(portions)), parseISO(today));
  return days < 0 ? "past" : days <= SOON_DAYS ? "soon" : "later";
}

/** Portions taken out of the freezer, or put in another place. @param on the day of it */
export function movedPortions(portions: Portions, place: Portions["place"], on: string): Portions {
  const isThawed = portions.place === "freezer" && place !== "freezer";
  return {
    ...portions,
    place,
    thawedOn: isThawed ? on : place === "freezer" ? "" : portions.thawedOn,
    // A day that was said of the freezer says nothing of the fridge.
    bestBefore: place === portions.place ? portions.bestBefore : "",
  };
}

/**
 * Portions put back to where they were before a move; what was taken since stays taken.
 * @param before as they were then
 */
export const putBack = (portions: Portions, before: Portions): Portions => ({
  ...portions,
  place: before.place,
  thawedOn: before.thawedOn,
  bestBefore: before.bestBefore,
});
