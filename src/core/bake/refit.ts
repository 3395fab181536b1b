import { CURVE_SIGMA_C, type CoreCurve } from "./curve";
import { EARLY_SIGMAS, LATE_SIGMAS, type Minutes } from "./forecast";

/** What a probe in the middle read, minutes after the tin went in. */
export type CoreReading = { readonly minute: number; readonly tempC: number };

/** A forecast after what a probe has read: the same bake, so many times as slow as was thought. */
export type Refit = Minutes & {
  /** Likely minutes over those of the plan, and how sure that is: σ of its logarithm. */
  readonly pace: number;
  readonly sigma: number;
};

/**
 * Readings closer than this tell the same, minutes: a curve and its probe err together. Judgement.
 */
const APART_MIN = 2;
/** A pace is looked for within three σ of the forecast, in so many steps to each side. */
const SPAN_SIGMAS = 3;
const STEPS = 90;
/** A probe never makes a band narrower than this: done is a judgement too. */
const LEAST_SIGMA = 0.02;

/**
 * The forecast of a bake re-fitted to its probe: one pace for the whole curve, from the forecast's
 * own band as the prior and the readings as evidence (Bayes over a grid of paces, normal errors,
 * one reading every two minutes). Without readings, and with those of the first cold minutes, it
 * stays what it was.
 * @param curve the middle as forecast, °C after so many minutes; @param sigmaC how far a reading
 * may be from the right curve: the probe, where it sits, the curve's own shape
 * @throws RangeError for a forecast without minutes
 */
export function refitted(
  minutes: Minutes,
  curve: CoreCurve,
  readings: readonly CoreReading[],
  sigmaC: number = CURVE_SIGMA_C.solved,
): Refit {
  const { likelyMin, notPastMin, doorShutUntilMin } = minutes;
  if (!(likelyMin > 0 && notPastMin > likelyMin))
    throw new RangeError(`a forecast needs minutes, got ${likelyMin} to ${notPastMin}`);
  const prior = Math.log(notPastMin / likelyMin) / LATE_SIGMAS;
  const told = apart(readings);
  // Batter that went in colder or warmer than was thought starts lower or higher and catches up in
  // proportion.
  const cold = startOffset(curve, told);
  const logs = Array.from(
    { length: 2 * STEPS + 1 },
    (_, index) => ((index - STEPS) / STEPS) * SPAN_SIGMAS * prior,
  );
  const weights = logs.map((log) => {
    const misfit = told.reduce((sum, { minute, tempC }) => {
      const at = minute / Math.exp(log);
      return sum + ((tempC - curve(at) - cold(at)) / sigmaC) ** 2;
    }, 0);
    return -0.5 * ((log / prior) ** 2 + misfit);
  });
  const best = Math.max(...weights);
  const shares = weights.map((weight) => Math.exp(weight - best));
  const all = shares.reduce((sum, share) => sum + share, 0);
  const mean = logs.reduce((sum, log, index) => sum + log * (shares[index] ?? 0), 0) / all;
  const sigma = Math.max(
    LEAST_SIGMA,
    Math.sqrt(
      logs.reduce((sum, log, index) => sum + (log - mean) ** 2 * (shares[index] ?? 0), 0) / all,
    ),
  );
  if (told.length === 0) return { ...minutes, pace: 1, sigma: prior };
  const pace = Math.exp(mean);
  const firstLookMin = Math.max(1, Math.floor(likelyMin * pace * Math.exp(-EARLY_SIGMAS * sigma)));
  return {
    pace,
    sigma,
    firstLookMin,
    // What the door does to a rising batter no probe can see.
    doorShutUntilMin: Math.min(firstLookMin, Math.max(1, Math.round(doorShutUntilMin * pace))),
    likelyMin: Math.round(likelyMin * pace),
    notPastMin: Math.max(
      Math.round(likelyMin * pace) + 1,
      Math.round(likelyMin * pace * Math.exp(LATE_SIGMAS * sigma)),
    ),
  };
}

/** Readings at least so far apart, the last of each stretch. */
function apart(readings: readonly CoreReading[]): readonly CoreReading[] {
  const kept: CoreReading[] = [];
  for (const reading of readings.toSorted((one, other) => one.minute - other.minute)) {
    const last = kept.at(-1);
    if (
      last !== undefined &&
      Math.floor(reading.minute / APART_MIN) === Math.floor(last.minute / APART_MIN)
    )
      kept[kept.length - 1] = reading;
    else kept.push(reading);
  }
  return kept;
}

/**
 * Batter is as cold as it went in for the first tenth of its curve; what it is off then fades as
 * the rest warms up.
 */
const COLD_MINUTES = 3;
const CEILING_C = 100;

function startOffset(
  curve: CoreCurve,
  readings: readonly CoreReading[],
): (minute: number) => number {
  const first = readings.find(({ minute }) => minute <= COLD_MINUTES);
  if (first === undefined) return () => 0;
  const off = first.tempC - curve(first.minute);
  const whole = CEILING_C - curve(0);
  return (minute) => off * Math.max(0, (CEILING_C - curve(minute)) / whole);
}
