import { risingRoot } from "../measure";
import type { BatterKind } from "../kind";
import { brimVolume, levelFor, surfaceArea, tinFamily, volumeAt, type TinGeometry } from "../tin";
import { fillLimit, type FillLimit } from "./limit";
import { fruitOf, type FillOptions } from "./options";

/**
 * How batter is shared over a set of tins. One depth suits flat tins, which then bake alike; beside
 * a ring, a loaf or a cup the same depth means little, and each tin gets the same share of its own
 * fill limit.
 */
export type ShareBasis = "depth" | "limit";

/** Tins of one kind, with the most batter each takes and the space fruit takes in each, mL. */
export type TinGroup = {
  readonly geometry: TinGeometry;
  readonly limit: FillLimit;
  readonly fruitMl: number;
  readonly fruitG: number;
};

/** Shares and depths are solved to these. */
const SHARE_TOLERANCE = 1e-9;
const DEPTH_TOLERANCE_MM = 1e-6;
/** A tin is never given less than this: a smear, mL. */
export const LEAST_ML = 1;

/** Whether a tin is one of those that bake alike at one depth: layers and sheets. */
export function isFlat({ tin }: TinGeometry): boolean {
  return ["layer", "sheet"].includes(tinFamily(tin));
}

/**
 * The {@link ShareBasis} that suits a set of tins: depth when all are flat, or all of one shape.
 */
export function shareBasis(tins: readonly TinGeometry[]): ShareBasis {
  const isAlike = tins.every((geometry) => geometry.tin.shape === tins[0]?.tin.shape);
  return isAlike || tins.every(isFlat) ? "depth" : "limit";
}

/** Tins with their limits; fruit is laid over all of them alike, by the area it lies on. */
export function groupsOf(
  kind: BatterKind,
  tins: readonly TinGeometry[],
  options: FillOptions,
): readonly TinGroup[] {
  const fruit = fruitOf(options);
  // At half depth, since a ring's floor is a line.
  const areas = tins.map((geometry) => surfaceArea(geometry, geometry.depthMm / 2));
  const total = tins.reduce((sum, { count }, index) => sum + count * (areas[index] ?? 0), 0);
  return tins.map((geometry, index) => {
    const share = (areas[index] ?? 0) / total;
    const own = fruit.volumeMl * share;
    return {
      geometry,
      limit: fillLimit(kind, geometry, options, own),
      fruitMl: own,
      fruitG: fruit.massG * share,
    };
  });
}

/** A sum over all tins of all groups. */
export function overTins(
  groups: readonly TinGroup[],
  each: (group: TinGroup, index: number) => number,
): number {
  return groups.reduce((sum, group, index) => sum + group.geometry.count * each(group, index), 0);
}

/**
 * What `volumeMl` of batter comes to in each tin of each group, mL. No tin is given more than its
 * brim, so the sum over all tins can fall short of the batter.
 */
export function sharedVolumes(
  groups: readonly TinGroup[],
  volumeMl: number,
  basis: ShareBasis,
): readonly number[] {
  const rooms = groups.map(({ geometry, fruitMl }) =>
    Math.max(LEAST_ML, brimVolume(geometry) - fruitMl),
  );
  if (volumeMl >= overTins(groups, (_, index) => rooms[index] ?? 0)) return rooms;

  if (basis === "depth") {
    const depthMm = commonDepth(groups, volumeMl);
    return groups.map((group) => volumeBelow(group, depthMm));
  }
  // The share of the limit that uses up the batter; tins that reach their brim leave more for the
  // others.
  const most = Math.max(
    ...groups.map(({ limit }, index) => (rooms[index] ?? 0) / Math.max(LEAST_ML, limit.volumeMl)),
  );
  const at =
    (share: number) =>
    ({ limit }: TinGroup, index: number): number =>
      Math.min(share * Math.max(LEAST_ML, limit.volumeMl), rooms[index] ?? 0);
  const share = risingRoot(
    (tried) => overTins(groups, at(tried)) - volumeMl,
    0,
    most,
    SHARE_TOLERANCE,
  );
  return groups.map(at(share));
}

/**
 * Batter in one tin of a group when it stands `depthMm` deep with its fruit, mL; a fuller tin stays
 * at its brim.
 */
export function volumeBelow({ geometry, fruitMl }: TinGroup, depthMm: number): number {
  return Math.max(LEAST_ML, volumeAt(geometry, Math.min(depthMm, geometry.depthMm)) - fruitMl);
}

/**
 * The depth, mm, at which a set of tins holds `volumeMl` of batter in all; tins fuller than their
 * brim stay at it.
 */
export function commonDepth(groups: readonly TinGroup[], volumeMl: number): number {
  const [only, ...others] = groups;
  if (only !== undefined && others.length === 0)
    return levelFor(only.geometry, volumeMl / only.geometry.count + only.fruitMl);
  const deepest = Math.max(...groups.map(({ geometry }) => geometry.depthMm));
  return risingRoot(
    (depthMm) => overTins(groups, (group) => volumeBelow(group, depthMm)) - volumeMl,
    0,
    deepest,
    DEPTH_TOLERANCE_MM,
  );
}
