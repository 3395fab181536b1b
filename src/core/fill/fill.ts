import type { Batter } from "../mix";
import { brimVolume, levelFor, type TinGeometry } from "../tin";
import { cakeHeights, crownHeight, type CakeHeights } from "./crown";
import { leftoverCups, type Cups } from "./cups";
import { growthOf } from "./growth";
import { crowningAllowed, EDGE_BELOW_RIM_MM, edgeHeldAt, type FillLimit } from "./limit";
import type { FillOptions } from "./options";
import {
  groupsOf,
  overTins,
  shareBasis,
  sharedVolumes,
  type ShareBasis,
  type TinGroup,
} from "./share";

/**
 * `fits`: the highest point in the oven stays inside the rim. `crowns`: it shows above the rim by
 * no more than is usual for that tin. `overflows`: more than that. `too-thin`: the cake would be a
 * dry biscuit.
 */
export type FillVerdict = "fits" | "crowns" | "overflows" | "too-thin";

export type TinFill = {
  readonly geometry: TinGeometry;
  readonly brimMl: number;
  /** Batter in each tin or well. */
  readonly batterMl: number;
  readonly batterG: number;
  /** Space that fruit takes in each, mL. */
  readonly fruitMl: number;
  /** What that fruit weighs, g. */
  readonly fruitG: number;
  /** Batter and fruit together. */
  readonly depthMm: number;
  /** By volume; by depth it is depthMm over the tin's depth. */
  readonly fullFraction: number;
  readonly limit: FillLimit;
  /** Highest in the oven. */
  readonly peak: CakeHeights;
  /**
   * The highest point of the crown in the oven if the batter rises little or much for its kind, mm.
   */
  readonly peakTopRangeMm: readonly [low: number, high: number];
  /** Cooled and settled. */
  readonly baked: CakeHeights;
  readonly verdict: FillVerdict;
};

export type Fill = {
  readonly basis: ShareBasis;
  readonly tins: readonly TinFill[];
  /** Batter that no tin has room for, even to the brim, g. */
  readonly leftoverG: number;
  /**
   * Batter over the fill limits of all tins, which is better baked in cups, g; 0 when nothing
   * passes its limit.
   */
  readonly overG: number;
  readonly cups: Cups | null;
};

/** A cake lower than this, cooled, dries before it browns, mm. Judgement. */
export const THIN_CAKE_MM = 15;
/** A sheet to be rolled up bakes to a biscuit below this, to the top of its crown, mm. Judgement. */
const THIN_SHEET_MM = 7;
/** Heights this close are the same to any ruler, mm. */
const SAME_MM = 0.05;

/**
 * The batter shared over the tins: how deep it stands, how high it goes, and whether it stays
 * inside.
 * @param tins at least one
 * @param basis how to share; the one that suits the tins when left out
 */
export function fillTins(
  batter: Batter,
  tins: readonly TinGeometry[],
  options: FillOptions = {},
  basis = shareBasis(tins),
): Fill {
  const groups = groupsOf(batter.kind, tins, options);
  const volumes = sharedVolumes(groups, batter.volumeMl, basis);
  const fills = groups.map((group, index) => tinFill(batter, group, volumes[index] ?? 0, options));
  const pouredMl = overTins(groups, (_, index) => volumes[index] ?? 0);
  const limitMl = overTins(groups, ({ limit }) => limit.volumeMl);
  // The shares are solved to a tolerance: what is left below a thousandth is the solver's, not the
  // bowl's.
  const unpouredMl =
    batter.volumeMl - pouredMl > batter.volumeMl / 1000 ? batter.volumeMl - pouredMl : 0;
  const isOver = unpouredMl > 0 || fills.some(({ verdict }) => verdict === "overflows");
  const overMl = isOver ? Math.max(0, batter.volumeMl - limitMl) : 0;
  return {
    basis,
    tins: fills,
    leftoverG: unpouredMl * batter.specificGravity,
    overG: overMl * batter.specificGravity,
    cups: overMl > 0 ? leftoverCups(batter.kind, overMl) : null,
  };
}

function tinFill(
  batter: Batter,
  { geometry, limit, fruitMl, fruitG }: TinGroup,
  batterMl: number,
  options: FillOptions,
): TinFill {
  const brimMl = brimVolume(geometry);
  const growth = growthOf(batter.kind, geometry, options);
  const crownMm = crownHeight(batter.kind, geometry, options.hasStrips);
  const heldAtMm = edgeHeldAt(batter.kind, geometry, options);
  const heights = (times: number): CakeHeights =>
    cakeHeights(geometry, batterMl * times + fruitMl, crownMm, heldAtMm);
  const peak = heights(growth.peak.mid);
  const baked = heights(growth.baked.mid);
  return {
    geometry,
    brimMl,
    batterMl,
    batterG: batterMl * batter.specificGravity,
    fruitMl,
    fruitG,
    depthMm: levelFor(geometry, batterMl + fruitMl),
    fullFraction: (batterMl + fruitMl) / brimMl,
    limit,
    peak,
    peakTopRangeMm: [heights(growth.peak.low).crownTopMm, heights(growth.peak.high).crownTopMm],
    baked,
    verdict: verdict(
      geometry,
      peak,
      baked,
      crowningAllowed(batter.kind, geometry, options),
      options,
    ),
  };
}

function verdict(
  geometry: TinGeometry,
  peak: CakeHeights,
  baked: CakeHeights,
  allowed: number,
  { isRolled = false }: FillOptions,
): FillVerdict {
  const above = peak.crownTopMm - geometry.depthMm;
  if (
    peak.edgeMm > geometry.depthMm - EDGE_BELOW_RIM_MM + SAME_MM ||
    above > Math.max(0, allowed) + SAME_MM
  )
    return "overflows";
  if (baked.crownTopMm < (isRolled ? THIN_SHEET_MM : THIN_CAKE_MM)) return "too-thin";
  return above > Math.min(0, allowed) + SAME_MM ? "crowns" : "fits";
}
