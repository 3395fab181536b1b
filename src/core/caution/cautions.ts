import { COLD_SPREADS, type Spread, type Stuff } from "../build";
import type { Cups, Fill } from "../fill";
import type { Material, Shape } from "../tin";

/** A hazard in the plan, with the facts its words need. */
export type Caution =
  | { readonly code: "tray-underneath"; readonly takeOutG: number; readonly cups: Cups | null }
  | { readonly code: "thermal-shock"; readonly material: Material }
  | { readonly code: "spray-residue"; readonly shape: Shape; readonly material: Material }
  | { readonly code: "wet-strips" }
  | { readonly code: "keep-cold"; readonly spread: Spread };

/** What a plan has to warn of: each rule has one trigger in the plan. */
export function cautionsFor(plan: { readonly fill: Fill; readonly spreads: readonly Stuff[]; readonly hasStrips: boolean }): readonly Caution[] {
  const { fill, spreads, hasStrips } = plan;
  const cautions: Caution[] = [];
  if (fill.overG > 0) cautions.push({ code: "tray-underneath", takeOutG: fill.overG, cups: fill.cups });
  const tins = fill.tins.map(({ geometry }) => geometry);
  const brittle = tins.find(({ material }) => material === "glass" || material === "ceramic");
  if (brittle !== undefined) cautions.push({ code: "thermal-shock", material: brittle.material });
  const sticky = tins.find(({ material, tin }) => material === "dark" || tin.shape === "fluted");
  if (sticky !== undefined) cautions.push({ code: "spray-residue", shape: sticky.tin.shape, material: sticky.material });
  if (hasStrips) cautions.push({ code: "wet-strips" });
  const cold = COLD_SPREADS.find((spread) => spreads.includes(spread));
  if (cold !== undefined) cautions.push({ code: "keep-cold", spread: cold });
  return cautions;
}
