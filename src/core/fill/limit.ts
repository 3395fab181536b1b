import { KIND_FACTS, type BatterKind } from "../mix";
import { levelFor, tinFamily, type TinGeometry } from "../tin";
import { cakeVolume, crownHeight } from "./crown";

/** The edge of the cake stays this far below the rim, mm. */
const EDGE_BELOW_RIM_MM = 3;

/**
 * How far the top of the crown may stand above the rim, mm; negative is below it. A loaf may show a little crown, a
 * muffin's top may pass the rim: there only its edge has to stay inside.
 */
export function crowningAllowed(kind: BatterKind, geometry: TinGeometry): number {
  const family = tinFamily(geometry.tin);
  if (family === "loaf") return 6;
  if (family === "cup" && kind === "muffin") return 20;
  return -EDGE_BELOW_RIM_MM;
}

export type FillLimit = {
  /** The most batter for one tin, mL. */
  readonly volumeMl: number;
  /** How deep that stands, mm. */
  readonly depthMm: number;
  /** What stops it: the batter's own rise, or the usual kitchen rule for the kind. */
  readonly stoppedBy: "rise" | "rule";
};

/**
 * The most batter one tin takes: its highest point in the oven stays inside the rim (or as far above it as is usual for
 * the tin), its edge 3 mm below it, and it is never deeper than the kind's usual ceiling.
 * Peak volume is V·rise/(1-settle).
 */
export function fillLimit(kind: BatterKind, geometry: TinGeometry, hasStrips: boolean): FillLimit {
  const crownMm = crownHeight(kind, geometry, hasStrips);
  const highestTopMm = geometry.depthMm + crowningAllowed(kind, geometry);
  // Where a full crown is more than half of the height, edge and crown share it.
  const highestEdgeMm = Math.min(Math.max(highestTopMm - crownMm, highestTopMm / 2), geometry.depthMm - EDGE_BELOW_RIM_MM);
  const { rise, settle, fullAtMost } = KIND_FACTS[kind];
  const peakMl = cakeVolume(geometry, highestEdgeMm, crownMm);
  const byRiseMl = (peakMl * (1 - settle)) / rise.mid;
  const byRiseMm = levelFor(geometry, byRiseMl);
  const byRuleMm = fullAtMost * geometry.depthMm;
  if (byRiseMm <= byRuleMm) return { volumeMl: byRiseMl, depthMm: byRiseMm, stoppedBy: "rise" };
  return { volumeMl: cakeVolume(geometry, byRuleMm, 0), depthMm: byRuleMm, stoppedBy: "rule" };
}
