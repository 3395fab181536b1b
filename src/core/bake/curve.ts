import type { BakeInside } from "./solver/inside";

/** The middle of a cake against the minutes: how warm it is after so many, °C. */
export type CoreCurve = (minute: number) => number;

/** Wet crumb under its crust does not get much hotter than water boils. */
const CEILING_C = 100;
const USUAL_START_C = 21;

/**
 * How far the middle has come from cold to done, by tenths of the minutes it takes: the mean of six
 * simulated bakes (a low and a deep layer, sheet, ring, loaf, cup). Middles of flat cakes run up to
 * 13 °C ahead of it half-way, those of rings as much behind.
 */
const SHARES = [0, 0.045, 0.12, 0.22, 0.33, 0.45, 0.575, 0.71, 0.835, 0.935, 1] as const;
/** After that it creeps up to boiling: of what is left, so much is gone in a tenth. */
const LEFT_AFTER_TENTH = 0.4;

/**
 * How far off the mean curve may be where the solver's is not at hand, and how far the solver's,
 * °C. Judgement.
 */
export const CURVE_SIGMA_C = { mean: 9, solved: 3 } as const;

/**
 * The middle of a bake by the mean shape of simulated ones, where the solver has not run for this
 * one.
 * @param likelyMin when it is done; @param doneC what the middle has then, up to 99.5 °C
 * @throws RangeError for no minutes, or a core that never gets that warm
 * @example coreCurve(34, 96)(34) // 96
 */
export function coreCurve(likelyMin: number, doneC: number, startC = USUAL_START_C): CoreCurve {
  if (!(likelyMin > 0)) throw new RangeError(`likelyMin must be above 0, got ${likelyMin}`);
  if (!(doneC > startC && doneC < CEILING_C))
    throw new RangeError(`doneC must be between ${startC} and ${CEILING_C}, got ${doneC}`);
  return (minute) => {
    const tenths = (10 * Math.max(0, minute)) / likelyMin;
    if (tenths >= 10) return CEILING_C - (CEILING_C - doneC) * LEFT_AFTER_TENTH ** (tenths - 10);
    const whole = Math.floor(tenths);
    const [from, to] = [SHARES[whole] ?? 0, SHARES[whole + 1] ?? 1];
    return startC + (doneC - startC) * (from + (to - from) * (tenths - whole));
  };
}

/** A curve through points, straight between them, level before the first and after the last. */
export function curveThrough(
  points: readonly { readonly minute: number; readonly tempC: number }[],
): CoreCurve {
  return (minute) => {
    const after = points.findIndex((point) => point.minute >= minute);
    const [from, to] =
      after === -1 ? [points.at(-1), undefined] : [points[after - 1], points[after]];
    if (from === undefined || to === undefined) return (from ?? to)?.tempC ?? USUAL_START_C;
    return (
      from.tempC + ((to.tempC - from.tempC) * (minute - from.minute)) / (to.minute - from.minute)
    );
  };
}

/**
 * How much longer a forecast minute is than one of the solver's clock; 1 for a bake that never
 * sets.
 */
export function stretchOf({ doneMinute }: BakeInside, likelyMin: number): number {
  return doneMinute === null ? 1 : likelyMin / doneMinute;
}

/** The middle as the solver has it, on the forecast's clock: done when the forecast says. */
export function insideCurve(inside: BakeInside, likelyMin: number): CoreCurve {
  const stretch = stretchOf(inside, likelyMin);
  return curveThrough(
    inside.moments.map(({ seconds, middleC }) => ({
      minute: (seconds / 60) * stretch,
      tempC: middleC,
    })),
  );
}
