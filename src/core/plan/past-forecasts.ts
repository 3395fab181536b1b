// The bakes of a log against what would have been forecast of each: by its recipe alone, and with
// what the bakes before it teach.
import { learntFrom, type BakeMade, type LoggedBake } from "../logbook";
import { loggedBakes } from "./learnt-bakes";

/** A bake against its forecasts, minutes. */
export type PastForecast = {
  /** Its place in the log. */
  readonly at: number;
  /** What it wanted: the minutes it took, with those she wanted more or less. */
  readonly tookMin: number;
  readonly bareMin: number;
  readonly learntMin: number;
};

/**
 * What would have been forecast, on its day, of each bake of a log that says what it wanted: it came
 * out right, or she told the minutes she would rather. Those that can't be worked through are left
 * out.
 * @param log oldest first, each with the bake its recipe was written for
 */
export function pastForecasts(log: readonly LoggedBake[]): readonly PastForecast[] {
  const before: BakeMade[] = [];
  return loggedBakes(log).flatMap(({ at, bake }) => {
    const { nextTimeMin = 0, minutes = 0 } = log[at] ?? {};
    const tookMin = minutes + nextTimeMin;
    const [learnt] = bake.verdict === "right" ? learntFrom(before, [bake]).ratios : [];
    before.push(bake);
    if (learnt === undefined) return [];
    const bareMin = tookMin / Math.exp(bake.logRatio);
    return [{ at, tookMin, bareMin, learntMin: bareMin * Math.exp(learnt.logRatio) }];
  });
}

/** How far off forecasts were in the middle of all, as a share of the minutes; null without any. */
export function offBy(past: readonly PastForecast[], of: "bareMin" | "learntMin"): number | null {
  const off = past.map((each) => Math.abs(each[of] / each.tookMin - 1)).toSorted((a, b) => a - b);
  const half = Math.floor(off.length / 2);
  const [low, high] = [off[off.length % 2 === 0 ? half - 1 : half], off[half]];
  return low === undefined || high === undefined ? null : (low + high) / 2;
}
