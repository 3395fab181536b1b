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
  /** Whether it came out right, so that its minutes say what it wanted. */
  readonly isRight: boolean;
};

/**
 * What would have been forecast of each bake of a log on its day. Those that can't be worked through
 * are left out.
 * @param log oldest first, each with the bake its recipe was written for
 */
export function pastForecasts(log: readonly LoggedBake[]): readonly PastForecast[] {
  const before: BakeMade[] = [];
  return loggedBakes(log).map(({ at, bake }) => {
    const { nextTimeMin = 0, minutes, verdict } = log[at] ?? { minutes: 0, verdict: "right" };
    const tookMin = minutes + nextTimeMin;
    const [learnt] = learntFrom(before, [bake]).ratios;
    before.push(bake);
    const bareMin = tookMin / Math.exp(bake.logRatio);
    return {
      at,
      tookMin,
      bareMin,
      learntMin: bareMin * Math.exp(learnt?.logRatio ?? 0),
      isRight: verdict === "right" || log[at]?.nextTimeMin !== undefined,
    };
  });
}

/** How far off forecasts were in the middle of all, as a share of the minutes; null without any. */
export function offBy(past: readonly PastForecast[], of: "bareMin" | "learntMin"): number | null {
  const off = past
    .filter(({ isRight }) => isRight)
    .map((each) => Math.abs(each[of] / each.tookMin - 1))
    .toSorted((a, b) => a - b);
  const half = Math.floor(off.length / 2);
  const [low, high] = [off[off.length % 2 === 0 ? half - 1 : half], off[half]];
  return low === undefined || high === undefined ? null : (low + high) / 2;
}
