import { parseISO } from "date-fns";
import {
  lostShare,
  type BakeRecord,
  type BakeVerdict,
  type LearntRatio,
  type NotCounted,
} from "@/core/logbook";
import type { Look } from "@/core/bake";
import { sayIn } from "./vocabulary";
import { EDGE_WORDS, SPRING_WORDS, TESTER_WORDS, WOBBLE_WORDS } from "./bakes";
import { dateText } from "./dates";
import { bareHeatText, heatText, minutesText, percentText, tinText, type Units } from ".";

/** How the middle came out, as it is said afterwards. */
export const CAME_OUT: Readonly<Record<BakeVerdict, string>> = {
  under: "underbaked",
  right: "just right",
  over: "a little dry",
};

export const COUNTING_NAMES: Readonly<Record<BakeRecord["counts"], string>> = {
  usual: "Learn from it, unless it is far from all others",
  confirmed: "Learn from it, it was so",
  "left-out": "Don't learn from it",
};

const NOT_COUNTED: Readonly<Record<NotCounted, string>> = {
  "left-out": "You left it out of what is learnt.",
  minutes: "It teaches nothing yet: its minutes in the oven are missing.",
  verdict: "It teaches nothing yet: say how the middle came out.",
  "minutes-out-of-range":
    "It teaches nothing: what is learnt rests on bakes of 5 minutes to 4 hours.",
  reference: "It teaches nothing: its recipe names no bake in an oven to compare with.",
};

/** Why a page of the logbook teaches nothing; null for one that does. */
export const notCountedText = (why: NotCounted | null): string | null =>
  why === null ? null : NOT_COUNTED[why];

/** A day of the logbook. @example recordDay("2026-11-12", units, now) // "12 Nov" */
export const recordDay = (madeOn: string, units: Units, now?: Date): string =>
  dateText(parseISO(madeOn), units, now);

/** Its tins in a few words. */
export const recordTins = ({ tins }: BakeRecord, units: Units): string =>
  tins.map(({ tin }) => tinText(tin, units)).join(" + ");

/** @example "47 min, a little dry" */
export function cameOutText({ minutes, verdict }: BakeRecord): string {
  const parts = [
    minutes === null ? "" : minutesText(minutes),
    verdict === null ? "" : CAME_OUT[verdict],
  ];
  return parts.filter((part) => part !== "").join(", ");
}

/** What she wants another time. */
export function wantedText({ change, nextTimeMin }: BakeRecord): string {
  const minutes =
    nextTimeMin === null || nextTimeMin === 0
      ? ""
      : `${minutesText(Math.abs(nextTimeMin))} ${nextTimeMin > 0 ? "more" : "less"}`;
  return [change.trim() === "" ? "" : `“${change.trim()}”`, minutes]
    .filter((part) => part !== "")
    .join(", ");
}

/**
 * How it went last time, in which tins.
 * @example "Last time, 12 Nov, 2 × round 20 × 5 cm: 47 min, a little dry. You wanted “5 °C less”."
 */
export function lastTimeText(record: BakeRecord, units: Units, now?: Date): string {
  const came = cameOutText(record);
  const wanted = wantedText(record);
  return `Last time, ${recordDay(record.madeOn, units, now)}, ${recordTins(record, units)}${came === "" ? "" : `: ${came}`}.${wanted === "" ? "" : ` You wanted ${wanted}.`}`;
}

/** A share as a person says it: a hundredth at the least. */
const change = (logRatio: number): string => percentText(Math.abs(Math.exp(logRatio) - 1));

/** What bakes say of the minutes, with how sure that is. */
export function learntText(
  { logRatio, sd }: LearntRatio,
  bakes: number,
  of: "recipe" | "kitchen",
): string {
  const from = `From ${bakes} ${bakes === 1 ? "bake" : "bakes"}${of === "recipe" ? " of this recipe" : ""}`;
  const give = `give or take ${percentText(Math.exp(sd) - 1)}`;
  return Math.abs(logRatio) < 0.005
    ? `${from}: the forecast is as it comes out, ${give}.`
    : `${from}: it takes ${change(logRatio)} ${logRatio > 0 ? "longer" : "less time"} here, ${give}.`;
}

/** What a cake lost of its batter's weight. @example "11.2 %" */
export function lostText(record: BakeRecord): string {
  const lost = lostShare(record);
  return lost === null ? "" : `${(100 * lost).toFixed(1)} %`;
}

/** The true heat and the oven of a bake. */
export const bakedAtText = ({ oven, ovenC, fan }: BakeRecord, units: Units): string =>
  [bareHeatText(ovenC, units), fan ? sayIn(units)`fan` : "", oven]
    .filter((part) => part !== "")
    .join(", ");

/** What was seen at one look. @example "moist crumbs, dent stays, colour 2 of 5" */
export function lookSeenText(
  { tester, spring, edge, wobble, colour, coreC }: Look,
  units: Units,
): string {
  const say = sayIn(units);
  const seen = [
    tester === undefined ? "" : TESTER_WORDS[tester],
    spring === undefined ? "" : SPRING_WORDS[spring],
    edge === undefined ? "" : EDGE_WORDS[edge],
    wobble === undefined ? "" : WOBBLE_WORDS[wobble],
    colour === undefined ? "" : say`colour ${colour} of 5`,
    coreC === undefined ? "" : `${heatText(coreC, units)} in the middle`,
  ].filter((part) => part !== "");
  return seen.length === 0 ? "no sign told" : seen.join(", ");
}

/** What would teach most next. */
export function nextToLearnText({
  readings,
  untold,
  hasOven,
}: {
  readonly readings: number;
  /** Bakes whose outcome nobody told. */ readonly untold: number;
  readonly hasOven: boolean;
}): string {
  if (untold > 0)
    return `${untold === 1 ? "One bake" : `${untold} bakes`} of it would teach, if you said how the middle came out.`;
  if (hasOven && readings === 0)
    return "A thermometer in the oven once would teach most: minutes alone can't tell oven from recipe.";
  return `One more bake in this very tin, with how its middle came out, would teach most.`;
}
