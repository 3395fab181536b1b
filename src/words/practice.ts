import type {
  DoneCase,
  DoneJudged,
  Drill,
  GuessJudged,
  Judgement,
  OtherTinCase,
} from "@/core/practice";
import type { Look } from "@/core/bake";
import { roundTo } from "@/core/measure";
import { EDGE_WORDS, SPRING_WORDS, TESTER_WORDS, WOBBLE_WORDS } from "./bakes";
import { fraction, heatText, minutesText, percentText } from "./quantities";
import type { Units } from "./regions";

/** What a drill is called, and what it teaches. */
export const DRILL_NAMES: Readonly<
  Record<Drill, { readonly name: string; readonly idea: string }>
> = {
  done: {
    name: "Is it done?",
    idea: "A cake bakes in an oven that is not quite what its dial says. Open the door when you like, look, and take it out.",
  },
  "other-tin": {
    name: "Another tin",
    idea: "One of your recipes goes into another of your tins. Say how long it takes before the forecast does.",
  },
};

/** What no drawing can teach. */
export const LIMITS: Readonly<Record<Drill, string>> = {
  done: "A drawing has no smell, no sound and no weight under the finger: your own cake tells more. The signs come on here by rule, in a cake they straggle.",
  "other-tin":
    "The forecast itself is right about seven times in ten. It knows no crowded shelf and no opened door.",
};

const SHADE_WORDS = ["pale", "straw", "golden", "brown", "dark"] as const;

/** What was seen at a look, as one line. */
export function lookText({ tester, spring, edge, wobble, colour }: Look): string {
  return [
    tester === undefined ? "" : `tester: ${TESTER_WORDS[tester]}`,
    spring === undefined ? "" : SPRING_WORDS[spring],
    edge === undefined ? "" : EDGE_WORDS[edge],
    wobble === undefined ? "" : WOBBLE_WORDS[wobble],
    colour === undefined ? "" : (SHADE_WORDS[colour - 1] ?? ""),
  ]
    .filter((each) => each !== "")
    .join(", ");
}

/** Minutes between two moments, no finer than anybody can tell. */
const gapText = (minutes: number): string => minutesText(Math.max(1, Math.round(minutes)));

/** More of the cut than this not set, and it falls in. Judgement. */
const RAW = 0.4;

/** How the cake came out, in one line. */
export function doneVerdictText(judged: DoneJudged, outMin: number): string {
  const { verdict, rightFromMin, rightToMin } = judged;
  if (verdict === "right") return "Right: it is done, and still moist.";
  return verdict === "early"
    ? `${gapText(rightFromMin - outMin)} too early: ${judged.rawShare > RAW ? "its middle is raw, and it sinks" : "its middle is gummy"}.`
    : `${gapText(outMin - rightToMin)} too late: its rim is dry.`;
}

/** When it was right, and what the cut shows. */
export function doneWhenText({
  rightFromMin,
  rightToMin,
  rawShare,
  rimOverMin,
}: DoneJudged): string {
  const from = Math.ceil(rightFromMin);
  const when = `It was right from ${from} to ${minutesText(Math.max(from, Math.floor(rightToMin)))}.`;
  return rawShare > 0.005
    ? `${when} ${percentText(rawShare)} of the cut is not set.`
    : `${when} All of the cut is set, the rim for ${gapText(rimOverMin)} already.`;
}

/** What nobody at the oven could know. */
export function hiddenText(
  { hidden, dialC }: DoneCase,
  looks: number,
  costMin: number,
  units: Units,
): string {
  const off = Math.round(hidden.offC);
  const pace = Math.round((hidden.pace - 1) * 100);
  const oven =
    off === 0
      ? "The oven kept its word."
      : `The oven was ${heatText(dialC + hidden.offC, units)}, not ${heatText(dialC, units)}.`;
  const recipe =
    pace === 0
      ? ""
      : ` This batter takes ${Math.abs(pace)} % ${pace > 0 ? "longer" : "less"} than its recipe says.`;
  const lost = Math.round(2 * looks * costMin) / 2;
  const door =
    lost === 0
      ? ""
      : ` Your ${looks === 1 ? "look" : `${looks} looks`} cost ${fraction(lost)} min of heat.`;
  return `${oven}${recipe}${door}`;
}

/** The sentence to take along. */
export function doneLesson({ verdict, seen, advice }: DoneJudged, looks: number): string {
  if (looks === 0)
    return "Whoever never opens the door bakes by the clock, and the clock knows neither this oven nor this batter.";
  if (verdict === "early")
    return seen.tester === "wet" || seen.wobble === "all"
      ? "A wet tester, or a middle that wobbles, never means out: nothing else speaks against it."
      : "One sign alone is no sign: wait until two agree.";
  if (verdict === "late")
    return advice.verdict === "out" && advice.because === "two-signs"
      ? "Two signs had agreed by then: the first look decides how early you can know."
      : "After a look that says not yet, the next one comes in a tenth of the time, not later.";
  return looks > 3
    ? "Right, and each look let heat out: with two looks less it would have been done sooner."
    : "Two signs that agreed, and few looks: that is all there is to it.";
}

/** How a guess stands against the forecast. */
export function guessText({ verdict }: GuessJudged, { minutes }: OtherTinCase): string {
  const { firstLookMin, likelyMin, notPastMin } = minutes;
  const band = `likely ${minutesText(likelyMin)}, from ${firstLookMin} to ${minutesText(notPastMin)}`;
  if (verdict === "right") return `Inside the band: ${band}.`;
  return verdict === "early" ? `Too short: ${band}.` : `Too long: ${band}.`;
}

/** What to take along of a recipe in another tin. @param ownMin in its own */
export function otherTinLesson(ownMin: number, { minutes, scale }: OtherTinCase): string {
  const share = percentText(minutes.likelyMin / ownMin);
  const much =
    scale < 0.975 || scale > 1.025 ? ` It takes ${roundTo(scale, 0.05)} times the batter.` : "";
  return `${share} of the time in its own tin. Count three things: how far the heat has to go to the middle, from how many sides it comes, and how dark the tin is.${much}`;
}

/** Which way she errs, and how far. */
export function judgementText({ answers, bias, spread, rightShare }: Judgement): string {
  const right = Math.round(rightShare * answers.length);
  if (answers.length === 1)
    return right === 1 ? "The first answer was right." : "The first answer was not right.";
  const count = `${right} of the last ${answers.length} right.`;
  if (answers.length < 3) return count;
  const way =
    Math.abs(bias) < 0.015
      ? "On the whole neither early nor late"
      : `On the whole ${percentText(Math.abs(bias))} ${bias > 0 ? "late" : "early"}`;
  return `${count} ${way}${spread === null ? "" : `, give or take ${percentText(spread)}`}.`;
}
