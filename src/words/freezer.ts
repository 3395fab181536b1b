import { differenceInCalendarDays, parseISO } from "date-fns";
import {
  bestBefore,
  MOST_LABELS,
  takeOutAt,
  thawing,
  urgency,
  type LabelSheet,
  type Place,
  type Portions,
  type PutAwayIssue,
  type PutAwayWhat,
  type Thawing,
} from "@/core/freezer";
import { INCH_MM, roundTo } from "@/core/measure";
import { ALLERGEN_NAMES } from "./cautions";
import { clockText, dateText, dayText } from "./dates";
import { heatText, piecesText } from "./quantities";
import type { Units } from "./regions";

export const STORE_NAMES = {
  freezer: "Freezer",
  fridge: "Fridge",
  room: "In the room",
} as const satisfies Readonly<Record<Place, string>>;

export const PUT_AWAY_NAMES = {
  cake: "pieces of a cake",
  layers: "bare layers",
  batter: "raw batter",
  frosting: "frosting",
  vegetables: "peeled or grated vegetables",
  other: "something else",
} as const satisfies Readonly<Record<PutAwayWhat, string>>;

/** What a portion of it is called. */
export function portionsText(count: number, what: PutAwayWhat): string {
  if (what === "cake") return piecesText(count);
  if (what === "layers") return `${count} ${count === 1 ? "layer" : "layers"}`;
  return `${count} ${count === 1 ? "portion" : "portions"}`;
}

/** By when it is eaten, and how long that is. @param today `2026-12-05` */
export function eatByText(portions: Portions, units: Units, today: string): string {
  const day = bestBefore(portions);
  const days = differenceInCalendarDays(parseISO(day), parseISO(today));
  const date = dateText(parseISO(day), units, parseISO(today));
  if (urgency(portions, today) === "later") return `best before ${date}`;
  if (days < 0) return `was best before ${date}`;
  return days === 0
    ? "best before the end of today"
    : `best before ${date}: ${days === 1 ? "1 day" : `${days} days`} left`;
}

/** When it was made, and since when it is thawed. */
export function madeText({ madeOn, thawedOn }: Portions, units: Units, today: string): string {
  const now = parseISO(today);
  const made = `made ${dateText(parseISO(madeOn), units, now)}`;
  return thawedOn === "" ? made : `${made}, thawed ${dateText(parseISO(thawedOn), units, now)}`;
}

/** How it thaws. */
export function thawText(portions: Pick<Portions, "what" | "isCold">): string {
  const { where, hours } = thawing(portions);
  return `Thaw wrapped, ${hours.from} to ${hours.to} hours ${where === "room" ? "in the room" : "in the fridge"}`;
}

/** What is done with it once it is thawed; empty for nothing. */
export function thenText(then: Thawing["then"], units: Units): string {
  switch (then) {
    case "warm":
      return `Warm, if you like: soft, 15 seconds a piece in the microwave; crisp, 8 minutes at ${heatText(160, units)}`;
    case "frost":
      return "Frost it while it is still cold";
    case "bake":
      return "Stir it once and bake it at once";
    case "beat":
      return "Let it come to the room, then beat it smooth again";
    case "squeeze":
      return "Squeeze the water out before it is weighed";
    case "nothing":
      return "";
  }
}

export function putAwayIssueText(issue: PutAwayIssue, units: Units): string {
  if (issue.code === "not-for-the-freezer")
    return "It does not freeze well: put it in the fridge, or say yourself how long it keeps.";
  const [before, made] = [issue.bestBefore, issue.madeOn].map((day) =>
    dateText(parseISO(day), units),
  );
  return `Best before ${before ?? ""} is before it was made, ${made ?? ""}: choose a later day.`;
}

/** What it holds, for a label; empty where nothing is known. */
export const holdsText = ({ allergens }: Pick<Portions, "allergens">): string =>
  allergens.length === 0
    ? ""
    : `Contains ${allergens.map((each) => ALLERGEN_NAMES[each]).join(", ")}`;

/** A sheet of labels, to choose by: how many, and how large each is. */
export function labelSheetText(sheet: LabelSheet, { measure }: Units): string {
  const { paper, columns, rows, widthMm, heightMm, isCut } = sheet;
  const length = (mm: number): string =>
    measure === "us" ? `${roundTo(mm / INCH_MM, 0.01)}` : `${roundTo(mm, 0.1)}`;
  const size = `${length(widthMm)} × ${length(heightMm)} ${measure === "us" ? "in" : "mm"}`;
  const name = paper === "a4" ? "A4" : "Letter";
  return `${name}, ${isCut ? "plain paper to cut" : "self-stick"}: ${columns * rows} of ${size}`;
}

/** The lines of one label, the name first, the longest left for last. */
export function labelLines(
  portions: Portions,
  parcel: { readonly at: number; readonly of: number; readonly count: number },
  units: Units,
): readonly string[] {
  const then = thenText(thawing(portions).then, units);
  const date = (day: string): string => dateText(parseISO(day), units, new Date(0));
  return [
    portions.name,
    `${portionsText(parcel.count, portions.what)}${parcel.of > 1 ? `, parcel ${parcel.at} of ${parcel.of}` : ""}`,
    `Made ${date(portions.madeOn)}, best before ${date(bestBefore(portions))}`,
    holdsText(portions),
    `${thawText(portions)}.${then === "" ? "" : ` ${then}.`}`,
  ].filter((line) => line !== "");
}

export const tooManyLabelsText = (count: number): string =>
  `${count} labels are too many at once: at most ${MOST_LABELS}. Put more portions in a parcel.`;

/** @example "Take 6 pieces out of the freezer" */
export const takeOutTitle = ({ left, what }: Portions): string =>
  `Take ${portionsText(left, what)} out of the freezer`;

/** When it comes out of the freezer for the hour it is wanted, and where it thaws. */
export function takeOutText(portions: Portions, units: Units): string {
  const wanted = parseISO(portions.wantedAt);
  const at = takeOutAt(portions, wanted);
  const what = portionsText(portions.left, portions.what);
  const where = thawing(portions).where;
  return `take out ${what} ${dayText(at, "short", units)} at ${clockText(at, units)}, to thaw in the ${where} for ${dayText(wanted, "short", units)}, ${clockText(wanted, units)}`;
}
