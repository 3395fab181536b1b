import { risingRoot } from "../measure";
import { brimVolume, levelFor, tinFamily, volumeAt, type TinGeometry } from "../tin";

/**
 * How batter is shared over a set of tins. One depth suits flat tins, which then bake alike; beside a ring, a loaf or a
 * cup the same depth means little, and each tin gets the same share of its own fill limit.
 */
export type ShareBasis = "depth" | "limit";

/** Tins of one kind, with the most each takes. */
export type TinGroup = { readonly geometry: TinGeometry; readonly limitMl: number };

/** Shares and depths are solved to these. */
const SHARE_TOLERANCE = 1e-9;
const DEPTH_TOLERANCE_MM = 1e-6;

/** The {@link ShareBasis} that suits a set of tins: depth when all are flat, or all of one shape. */
export function shareBasis(tins: readonly TinGeometry[]): ShareBasis {
  const isFlat = (geometry: TinGeometry): boolean => ["layer", "sheet"].includes(tinFamily(geometry.tin));
  const isAlike = tins.every((geometry) => geometry.tin.shape === tins[0]?.tin.shape);
  return isAlike || tins.every(isFlat) ? "depth" : "limit";
}

/**
 * What `volumeMl` of batter comes to in each tin of each group, mL. No tin is given more than its brim, so the sum over
 * all tins can fall short of the batter.
 */
export function sharedVolumes(groups: readonly TinGroup[], volumeMl: number, basis: ShareBasis): readonly number[] {
  const brims = groups.map(({ geometry }) => brimVolume(geometry));
  const total = (at: (group: TinGroup, index: number) => number): number =>
    groups.reduce((sum, group, index) => sum + group.geometry.count * at(group, index), 0);
  if (volumeMl >= total((_, index) => brims[index] ?? 0)) return brims;

  if (basis === "depth") {
    const depthMm = commonDepth(groups, volumeMl);
    return groups.map(({ geometry }) => volumeAt(geometry, Math.min(depthMm, geometry.depthMm)));
  }
  // The share of the limit that uses up the batter; tins that reach their brim leave more for the others.
  const most = Math.max(...groups.map(({ limitMl }, index) => (brims[index] ?? 0) / limitMl));
  const over = (share: number): number => total(({ limitMl }, index) => Math.min(share * limitMl, brims[index] ?? 0)) - volumeMl;
  const share = risingRoot(over, 0, most, SHARE_TOLERANCE);
  return groups.map(({ limitMl }, index) => Math.min(share * limitMl, brims[index] ?? 0));
}

/** The depth, mm, at which a set of tins holds `volumeMl` in all; tins fuller than their brim stay at it. */
export function commonDepth(groups: readonly TinGroup[], volumeMl: number): number {
  const [only, ...others] = groups;
  if (only !== undefined && others.length === 0) return levelFor(only.geometry, volumeMl / only.geometry.count);
  const deepest = Math.max(...groups.map(({ geometry }) => geometry.depthMm));
  const over = (depthMm: number): number =>
    groups.reduce((sum, { geometry }) => sum + geometry.count * volumeAt(geometry, Math.min(depthMm, geometry.depthMm)), -volumeMl);
  return risingRoot(over, 0, deepest, DEPTH_TOLERANCE_MM);
}
