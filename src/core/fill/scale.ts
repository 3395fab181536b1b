import * as z from "../zod";
import { assertNever, numberIn, wholeIn } from "../measure";
import { KIND_FACTS, type BatterKind } from "../kind";
import type { Batter } from "../mix";
import type { TinGeometry } from "../tin";
import type { OnBatter } from "./on-batter";
import type { FillOptions } from "./options";
import {
  commonDepth,
  groupsOf,
  LEAST_ML,
  overTins,
  shareBasis,
  volumeBelow,
  type TinGroup,
} from "./share";

/**
 * Cake to a guest, cooled, mL: a bite after a meal, a slice with coffee, a slice that is the meal.
 * Judgement.
 */
export const PORTION_ML = { small: 90, usual: 130, large: 180 } as const;
export const PORTIONS = ["small", "usual", "large"] as const;
export type Portion = (typeof PORTIONS)[number];

/**
 * `keep` the recipe, as deep as in the recipe's own tins, as full as is safe, so many times the
 * recipe, so deep in the first of the wanted tins, or enough for so many guests.
 */
export const ScaleSchema = z.union([
  z.enum(["keep", "same-depth", "fill-limit"]),
  numberIn(0.05, 20, "times"),
  z.strictObject({ depthMm: numberIn(5, 200, "mm") }),
  z.strictObject({ guests: wholeIn(1, 500), portion: z.optional(z.enum(PORTIONS)) }),
]);
export type Scale = z.infer<typeof ScaleSchema>;

/**
 * How many times the recipe to make for the wanted tins. Same depth compares depths between flat
 * tins; where a ring, a loaf or a cup is involved it compares the shares of each tin's own fill
 * limit instead.
 * @param ownOnBatter what lies on the batter in the recipe's own tins
 */
export function scaleFactor(
  scale: Scale,
  batter: Batter,
  reference: readonly TinGeometry[],
  wanted: readonly TinGeometry[],
  options: FillOptions = {},
  ownOnBatter: OnBatter = [],
): number {
  if (typeof scale === "number") return scale;
  if (typeof scale === "object") {
    if ("depthMm" in scale) return timesForDepth(batter, wanted, options, 0, scale.depthMm);
    return batterForGuests(batter.kind, scale.guests, scale.portion ?? "usual") / batter.volumeMl;
  }
  const groups = groupsOf(batter.kind, wanted, options);
  const limits = (of: readonly TinGroup[]): number =>
    overTins(of, ({ limit }) => Math.max(LEAST_ML, limit.volumeMl));
  switch (scale) {
    case "keep":
      return 1;
    case "fill-limit":
      return limits(groups) / batter.volumeMl;
    case "same-depth": {
      const own = groupsOf(batter.kind, reference, {
        ...options,
        fruitG: 0,
        onBatter: ownOnBatter,
      });
      if (shareBasis([...reference, ...wanted]) === "limit") return limits(groups) / limits(own);
      const depthMm = commonDepth(own, batter.volumeMl);
      return overTins(groups, (group) => volumeBelow(group, depthMm)) / batter.volumeMl;
    }
    default:
      return assertNever(scale);
  }
}

/**
 * How many times the recipe stands `depthMm` deep in the tin at `index`, the others sharing as they
 * do; what dragging a level means.
 */
export function timesForDepth(
  batter: Batter,
  wanted: readonly TinGeometry[],
  options: FillOptions,
  index: number,
  depthMm: number,
): number {
  const groups = groupsOf(batter.kind, wanted, options);
  const held = groups[index];
  if (held === undefined) throw new RangeError(`there is no tin ${index}`);
  if (shareBasis(wanted) === "depth")
    return overTins(groups, (group) => volumeBelow(group, depthMm)) / batter.volumeMl;
  const share = volumeBelow(held, depthMm) / Math.max(1, held.limit.volumeMl);
  return (share * overTins(groups, ({ limit }) => limit.volumeMl)) / batter.volumeMl;
}

/** Batter, mL, that bakes into enough cake for so many guests. */
export function batterForGuests(kind: BatterKind, guests: number, portion: Portion): number {
  return (guests * PORTION_ML[portion]) / KIND_FACTS[kind].rise.mid;
}

/**
 * How much deeper, as a ratio, the wanted tins stand with `times` the recipe than with `than`
 * times.
 */
export function depthRatio(
  batter: Batter,
  wanted: readonly TinGeometry[],
  options: FillOptions,
  times: number,
  than: number,
): number {
  if (shareBasis(wanted) === "limit") return times / than;
  const groups = groupsOf(batter.kind, wanted, options);
  return commonDepth(groups, batter.volumeMl * times) / commonDepth(groups, batter.volumeMl * than);
}
