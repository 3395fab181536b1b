import { subDays } from "date-fns";
import type { PracticeAnswer } from "@/core/practice";

/**
 * A learner's month: too late at first, since she waits for the clock, then nearer. Days ago, what
 * it was about, and by how much it was off, as a logarithm; 0 is right.
 */
const MONTH: readonly (readonly [
  daysAgo: number,
  drill: PracticeAnswer["drill"],
  about: string,
  log: number,
])[] = [
  [29, "done", "creamed", 0.19],
  [29, "done", "oil", 0.14],
  [27, "done", "creamed", 0.11],
  [26, "other-tin", "cup", 0.42],
  [26, "other-tin", "loaf", -0.31],
  [24, "done", "whisked", -0.12],
  [22, "done", "oil", 0],
  [21, "other-tin", "ring", 0.22],
  [18, "done", "baked-cheese", 0.15],
  [17, "other-tin", "cup", 0.26],
  [14, "done", "whisked", -0.05],
  [13, "done", "pound", 0.09],
  [11, "other-tin", "loaf", -0.12],
  [9, "done", "creamed", 0],
  [8, "other-tin", "sheet", 0.05],
  [6, "done", "baked-cheese", 0.04],
  [5, "done", "pound", 0],
  [3, "other-tin", "cup", 0.08],
  [2, "done", "whisked", 0],
  [1, "done", "muffin", 0],
];
/** Guesses this near are in the band of another tin. */
const IN_BAND = 0.2;

/** The demo kitchen's answers of practice, as of a day. */
export function demoAnswers(now: Date): readonly PracticeAnswer[] {
  return MONTH.map(([daysAgo, drill, about, log], index) => {
    const isRight = log === 0 || (drill === "other-tin" && Math.abs(log) < IN_BAND);
    return {
      id: `demo-${index}`,
      drill,
      about,
      seed: index,
      verdict: isRight ? "right" : log > 0 ? "late" : "early",
      log,
      at: subDays(now, daysAgo).getTime() + index,
    };
  });
}
