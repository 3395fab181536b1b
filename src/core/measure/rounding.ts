/**
 * The multiple of `step` nearest to `value`; halves go up.
 * @throws RangeError when step is not above 0
 * @example roundTo(177, 5) // 175
 */
export function roundTo(value: number, step: number): number {
  if (!(step > 0)) throw new RangeError(`step must be above 0, got ${step}`);
  // Dividing by a step such as 0.1 leaves a binary tail, so the product is cleaned to 9 places.
  return Number((Math.round(value / step) * step).toFixed(9));
}

/**
 * A weight as someone reads it off a kitchen scale: 1 g steps under 30 g, 5 g to 500 g, 10 g above.
 * @param massG grams, 0 or more
 * @example kitchenGrams(654.7) // 650
 */
export function kitchenGrams(massG: number): number {
  if (massG < 30) return roundTo(massG, 1);
  return roundTo(massG, massG <= 500 ? 5 : 10);
}

/**
 * A volume as someone reads it off a jug: 5 mL steps under 100 mL, 10 mL to 1 L, 50 mL to 10 L, 100
 * mL above. Judgement.
 * @param volumeMl millilitres, 0 or more
 * @example kitchenMl(1422) // 1400
 */
export function kitchenMl(volumeMl: number): number {
  if (volumeMl < 100) return roundTo(volumeMl, 5);
  if (volumeMl < 1000) return roundTo(volumeMl, 10);
  return roundTo(volumeMl, volumeMl < 10_000 ? 50 : 100);
}

/**
 * Grams of one ingredient as it is weighed: as {@link kitchenGrams}, but to 0.1 g under 10 g where
 * the tenth matters.
 * @param isFine leaveners, salt and spices
 * @example weighedGrams(4.62, true) // 4.6
 */
export function weighedGrams(massG: number, isFine: boolean): number {
  return isFine && massG < 10 ? roundTo(massG, 0.1) : kitchenGrams(massG);
}
