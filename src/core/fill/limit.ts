import { KIND_FACTS, type BatterKind } from "../kind";
import { levelFor, tinFamily, volumeAt, type TinGeometry } from "../tin";
import { cakeVolume, CROWN_OF_EDGE, crownHeight, crownOn } from "./crown";
import { growthOf } from "./growth";
import { FULL_AT_MOST, type FillOptions } from "./options";

/** The edge of the cake stays this far below the rim, mm. */
export const EDGE_BELOW_RIM_MM = 3;

/**
 * How far the top of the crown may stand above the rim, mm; negative is below it. A loaf may show a
 * little crown, what is leavened tops its cup: there only the edge has to stay inside. Under a lid
 * nothing may.
 */
export function crowningAllowed(
  kind: BatterKind,
  geometry: TinGeometry,
  { crowningMm }: FillOptions,
): number {
  if (geometry.tin.lid === true)
    return Math.min(crowningMm ?? -EDGE_BELOW_RIM_MM, -EDGE_BELOW_RIM_MM);
  if (crowningMm !== undefined) return crowningMm;
  const family = tinFamily(geometry.tin);
  if (family === "loaf") return 6;
  return family === "cup" ? KIND_FACTS[kind].overCupMm : -EDGE_BELOW_RIM_MM;
}

/**
 * Where a cake's edge is held, mm: at the rim of a cup whose top may stand above it; nowhere else.
 */
export function edgeHeldAt(kind: BatterKind, geometry: TinGeometry, options: FillOptions): number {
  const isCrowned =
    tinFamily(geometry.tin) === "cup" && crowningAllowed(kind, geometry, options) > 0;
  return isCrowned ? geometry.depthMm - EDGE_BELOW_RIM_MM : Infinity;
}

/**
 * The most cake one tin holds at its highest, mL: its top as far over the rim as is allowed, its
 * edge 3 mm below it.
 */
export function roomFor(
  kind: BatterKind,
  geometry: TinGeometry,
  options: FillOptions,
  allowedMm: number,
): number {
  const crownMm = crownHeight(kind, geometry, options.hasStrips);
  const highestTopMm = geometry.depthMm + allowedMm;
  const mostEdgeMm = geometry.depthMm - EDGE_BELOW_RIM_MM;
  // Where a full crown is more than its share of the height, edge and crown share it.
  const edgeMm = Math.min(
    Math.max(highestTopMm - crownMm, highestTopMm / (1 + CROWN_OF_EDGE)),
    mostEdgeMm,
  );
  const isHeld = edgeMm === mostEdgeMm && Number.isFinite(edgeHeldAt(kind, geometry, options));
  return cakeVolume(
    geometry,
    edgeMm,
    isHeld ? highestTopMm - mostEdgeMm : crownOn(edgeMm, crownMm),
  );
}

/**
 * A cup is filled to two thirds of its depth at least: its top has the air above it to rise into.
 * The usual kitchen rule.
 */
const CUP_FULL = 2 / 3;

/**
 * How full a tin is filled by the kind's usual rule, or the baker's own school, as a share of its
 * depth.
 */
export function fullAtMost(kind: BatterKind, geometry: TinGeometry, options: FillOptions): number {
  if (options.fullAtMost !== undefined) return FULL_AT_MOST[options.fullAtMost];
  const usual = KIND_FACTS[kind].fullAtMost;
  return tinFamily(geometry.tin) === "cup" ? Math.max(CUP_FULL, usual) : usual;
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
 * The most batter one tin takes: its highest point in the oven stays inside the rim (or as far
 * above it as is usual for the tin, or chosen), its edge 3 mm below it, and it is never deeper than
 * the kind's usual ceiling or the school's. Peak volume is V times its growth (see `growthOf`);
 * fruit lies below it and does not rise.
 * @param fruitMl what fruit takes of this tin, mL
 */
export function fillLimit(
  kind: BatterKind,
  geometry: TinGeometry,
  options: FillOptions = {},
  fruitMl = 0,
): FillLimit {
  const ruleOfDepth = fullAtMost(kind, geometry, options);
  const roomMl = roomFor(kind, geometry, options, crowningAllowed(kind, geometry, options));
  const byRiseMl = Math.max(0, roomMl - fruitMl) / growthOf(kind, geometry, options).peak.mid;
  const byRiseMm = levelFor(geometry, byRiseMl + fruitMl);
  const byRuleMm = ruleOfDepth * geometry.depthMm;
  if (byRiseMm <= byRuleMm)
    return { volumeMl: byRiseMl, depthMm: byRiseMm, ruleOfDepth, stoppedBy: "rise" };
  return {
    volumeMl: Math.max(0, volumeAt(geometry, byRuleMm) - fruitMl),
    depthMm: byRuleMm,
    ruleOfDepth,
    stoppedBy: "rule",
  };
}
