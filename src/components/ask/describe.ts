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

/**
 * The tin that matters most: one that overflows, else one that is too thin, else one that crowns;
 * among equals the one that comes nearest its rim.
 */
export function worstFill(fills: readonly TinFill[]): TinFill | undefined {
  const order = ["overflows", "too-thin", "crowns", "fits"];
  const risen = ({ peak, geometry }: TinFill): number => peak.crownTopMm / geometry.depthMm;
  return [...fills].sort(
    (a, b) => order.indexOf(a.verdict) - order.indexOf(b.verdict) || risen(b) - risen(a),
  )[0];
}

/** Whether a batter's amount is a guess from its tins. */
export function isGuessed(batter: Batter): boolean {
  return batter.basis === "tins";
}
