import { COLD_SPREADS, type Spread, type Stuff } from "../build";
import type { Cups, Fill } from "../fill";
import type { Material, Shape } from "../tin";

/** A hazard in the plan, with the facts its words need. */
export type Caution =
  | { readonly code: "tray-underneath"; readonly takeOutG: number; readonly cups: Cups | null }
  | { readonly code: "thermal-shock"; readonly material: Material }
  | { readonly code: "spray-residue"; readonly shape: Shape; readonly material: Material }
  | { readonly code: "wet-strips" }
  | { readonly code: "keep-cold"; readonly spread: Spread | "fruit" }
  | { readonly code: "raw-egg"; readonly spread: Spread }
  | { readonly code: "hot-sugar" }
  | { readonly code: "supports-out"; readonly tiers: number };

/** Spreads whose egg is not heated unless their maker sees to it. */
const RAW_EGG: readonly Spread[] = ["meringue-butter", "curd", "custard"];

/** Cautions that arise where a cake is put together and finished. */
export const FINISH_CAUTIONS: readonly Caution["code"][] = ["keep-cold", "raw-egg", "hot-sugar", "supports-out"];

/** What a plan has to warn of: each rule has one trigger in the plan. */
export function cautionsFor(plan: { readonly fill: Fill; readonly spreads: readonly Stuff[]; readonly hasFreshFruit: boolean; readonly cooksSyrup: boolean; readonly tiers: number; readonly hasStrips: boolean }): readonly Caution[] {
  const { fill, spreads, hasFreshFruit, cooksSyrup, tiers, hasStrips } = plan;
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
  else if (hasFreshFruit) cautions.push({ code: "keep-cold", spread: "fruit" });
  const raw = RAW_EGG.find((spread) => spreads.includes(spread));
  if (raw !== undefined) cautions.push({ code: "raw-egg", spread: raw });
  if (cooksSyrup || spreads.includes("boiled-fudge") || spreads.includes("syrup")) cautions.push({ code: "hot-sugar" });
  if (tiers > 1) cautions.push({ code: "supports-out", tiers });
  return cautions;
}
