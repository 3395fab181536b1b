/** No filling and no coat is thinner or thicker, mm. */
export const THICK_MM = { min: 1, max: 40 } as const;

/** Filling between two layers, mm. Judgement: what most recipes for filled layers come to. */
export const FILLING_MM = 6;

/**
 * Height of a cake of equal layers, mm: H = n·t + (n-1)·f.
 * @param layers whole number, 1 or more
 * @param layerMm thickness of one layer, level
 * @throws RangeError for fewer than one layer
 * @example stackHeight(2, 35, 6) // 76
 */
export function stackHeight(layers: number, layerMm: number, fillingMm: number): number {
  if (!(layers >= 1)) throw new RangeError(`layers must be 1 or more, got ${layers}`);
  return layers * layerMm + (layers - 1) * fillingMm;
}
