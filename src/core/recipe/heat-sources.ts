/** What heats the cake; a pot on the hob and a microwave are kept as recipes but never forecast. */
export const HEAT_SOURCES = ["oven", "closed-pot", "microwave"] as const;
export type HeatSource = (typeof HEAT_SOURCES)[number];

const POT = /\b(?:pressure cooker|(?:closed|lidded|covered) (?:pot|pan))\b/iu;
const MICROWAVE = /\bmicrowave\b/iu;
/** A microwave that only melts or warms something bakes nothing. */
const ONLY_WARMS = /\b(?:melt|soften|warm|loosen)/iu;

/**
 * What a line of a recipe says it is baked in, when that is no oven; null when it says nothing of
 * it.
 * @example heatSourceIn("Microwave on high for 90 seconds") // "microwave"
 */
export function heatSourceIn(words: string): Exclude<HeatSource, "oven"> | null {
  if (POT.test(words)) return "closed-pot";
  return MICROWAVE.test(words) && !ONLY_WARMS.test(words) ? "microwave" : null;
}
