/** What changes in thin air: a school, off unless a kitchen chooses it. */
export type AltitudeChanges = {
  /** Factors on leaveners, sugar and liquid. */
  readonly leavening: number;
  readonly sugar: number;
  readonly liquid: number;
  /** Added to the oven, °C. */
  readonly heatC: number;
  /** Factor on the minutes. */
  readonly minutes: number;
};

/** Below this nothing changes, m. */
const FROM_M = 900;
/**
 * The least of each usual range is reached here, so that nothing jumps; and the most of it here, m.
 * Judgement.
 */
const LEAST_AT_M = 1200;
const TO_M = 2700;

/**
 * The usual kitchen changes above 900 m: leavening 12 % less for each 300 m down to half, sugar 5
 * to 10 % less, liquid 5 to 15 % more, 8 °C hotter, 5 to 8 minutes in 30 shorter. They grow from
 * nothing at 900 m to the least at 1200 m and the most at 2700 m.
 * @param altitudeM metres, -500 to 5000
 * @throws RangeError outside that
 * @example altitudeChanges(1500).leavening // 0.76
 */
export function altitudeChanges(altitudeM: number): AltitudeChanges {
  if (!(altitudeM >= -500 && altitudeM <= 5000))
    throw new RangeError(`altitude must be -500 to 5000 m, got ${altitudeM}`);
  if (altitudeM <= FROM_M) return { leavening: 1, sugar: 1, liquid: 1, heatC: 0, minutes: 1 };
  const begun = Math.min(1, (altitudeM - FROM_M) / (LEAST_AT_M - FROM_M));
  const up = Math.min(1, Math.max(0, (altitudeM - LEAST_AT_M) / (TO_M - LEAST_AT_M)));
  const from = (least: number, most: number): number => begun * (least + (most - least) * up);
  return {
    leavening: Math.max(0.5, 1 - (0.12 * (altitudeM - FROM_M)) / 300),
    sugar: 1 - from(0.05, 0.1),
    liquid: 1 + from(0.05, 0.15),
    heatC: 8 * begun,
    minutes: 1 - from(5, 8) / 30,
  };
}
