import { KIND_FACTS, type BatterKind } from "../mix";
import { levelFor, tinFamily, volumeAt, type TinGeometry } from "../tin";
import { cakeVolume, crownHeight } from "./crown";
import { FULL_AT_MOST, type FillOptions } from "./options";

/** The edge of the cake stays this far below the rim, mm. */
export const EDGE_BELOW_RIM_MM = 3;

/**
 * How far the top of the crown may stand above the rim, mm; negative is below it. A loaf may show a little crown, a
 * muffin's top may pass the rim: there only its edge has to stay inside. Under a lid nothing may.
 */
export function crowningAllowed(kind: BatterKind, geometry: TinGeometry, { crowningMm }: FillOptions): number {
  if (geometry.tin.lid === true) return Math.min(crowningMm ?? -EDGE_BELOW_RIM_MM, -EDGE_BELOW_RIM_MM);
  if (crowningMm !== undefined) return crowningMm;
  const family = tinFamily(geometry.tin);
  if (family === "loaf") return 6;
  if (family === "cup" && kind === "muffin") return 20;
  return -EDGE_BELOW_RIM_MM;
}

export type FillLimit = {
  /** The most batter for one tin, mL. */
  readonly volumeMl: number;
  /** How deep that stands, with any fruit, mm. */
  readonly depthMm: number;
  /** The usual kitchen rule for the kind, or the baker's own school, as a share of the depth. */
  readonly ruleOfDepth: number;
  /** What stops it: the batter's own rise, or the rule. */
  readonly stoppedBy: "rise" | "rule";
};

/**
 * The most batter one tin takes: its highest point in the oven stays inside the rim (or as far above it as is usual for
 * the tin, or chosen), its edge 3 mm below it, and it is never deeper than the kind's usual ceiling or the school's.
 * Peak volume is V·rise/(1-settle); fruit lies below it and does not rise.
 * @param fruitMl what fruit takes of this tin, mL
 */
export function fillLimit(kind: BatterKind, geometry: TinGeometry, options: FillOptions = {}, fruitMl = 0): FillLimit {
  const crownMm = crownHeight(kind, geometry, options.hasStrips);
  const highestTopMm = geometry.depthMm + crowningAllowed(kind, geometry, options);
  // Where a full crown is more than half of the height, edge and crown share it.
  const highestEdgeMm = Math.min(Math.max(highestTopMm - crownMm, highestTopMm / 2), geometry.depthMm - EDGE_BELOW_RIM_MM);
  const { rise, settle, fullAtMost } = KIND_FACTS[kind];
  const ruleOfDepth = options.fullAtMost === undefined ? fullAtMost : FULL_AT_MOST[options.fullAtMost];
  const peakMl = Math.max(0, cakeVolume(geometry, highestEdgeMm, crownMm) - fruitMl);
  const byRiseMl = (peakMl * (1 - settle)) / rise.mid;
  const byRiseMm = levelFor(geometry, byRiseMl + fruitMl);
  const byRuleMm = ruleOfDepth * geometry.depthMm;
  if (byRiseMm <= byRuleMm) return { volumeMl: byRiseMl, depthMm: byRiseMm, ruleOfDepth, stoppedBy: "rise" };
  return { volumeMl: Math.max(0, volumeAt(geometry, byRuleMm) - fruitMl), depthMm: byRuleMm, ruleOfDepth, stoppedBy: "rule" };
}
