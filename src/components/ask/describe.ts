import type { Batter } from "@/core/mix";
import type { TinFill } from "@/core/fill";
import { depthText, tinText, VERDICT_WORDS, volumeText, weightText, type Units } from "@/words";

/** Grams in a metric kitchen, cups in a US one. */
export function amountText(massG: number, volumeMl: number, units: Units): string {
  return units.measure === "metric" ? weightText(massG, units) : volumeText(volumeMl, units);
}

/** The same facts as the drawing of one side, for who can't see it. */
export function describeFills(title: string, fills: readonly TinFill[], units: Units): string {
  const parts = fills.map((fill) => {
    const { geometry, depthMm, peak } = fill;
    const each = geometry.count > 1 ? " each" : "";
    const amount = amountText(fill.batterG, fill.batterMl, units);
    return `${tinText(geometry.tin, units)}: ${amount}${each}, ${depthText(depthMm, units)} deep, ${riseText(peak.crownTopMm, geometry.depthMm, units)}; ${VERDICT_WORDS[fill.verdict]}`;
  });
  return `${title}: ${parts.join(". ")}.`;
}

/** rises to 36 of 51 mm. */
export function riseText(topMm: number, depthMm: number, units: Units): string {
  const unitless = depthText(topMm, units).replace(/\D*$/u, "");
  return `rises to ${unitless} of ${depthText(depthMm, units)}`;
}

/** Whether a batter's amount is a guess from its tins. */
export function isGuessed(batter: Batter): boolean {
  return batter.basis === "tins";
}
