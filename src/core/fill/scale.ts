import * as z from "zod";
import { assertNever, numberIn } from "../measure";
import type { Batter } from "../mix";
import { volumeAt, type TinGeometry } from "../tin";
import { fillLimit } from "./limit";
import { commonDepth, shareBasis, type TinGroup } from "./share";

/** `keep` the recipe, as deep as in the recipe's own tins, as full as is safe, or so many times the recipe. */
export const ScaleSchema = z.union([z.enum(["keep", "same-depth", "fill-limit"]), numberIn(0.05, 20, "times")]);
export type Scale = z.infer<typeof ScaleSchema>;

/**
 * How many times the recipe to make for the wanted tins.
 * Same depth compares depths between flat tins; where a ring, a loaf or a cup is involved it compares the shares of each
 * tin's own fill limit instead.
 */
export function scaleFactor(scale: Scale, batter: Batter, reference: readonly TinGeometry[], wanted: readonly TinGeometry[], hasStrips: boolean): number {
  if (typeof scale === "number") return scale;
  const group = (geometry: TinGeometry): TinGroup => ({ geometry, limitMl: fillLimit(batter.kind, geometry, hasStrips).volumeMl });
  const groups = wanted.map(group);
  const limits = (of: readonly TinGroup[]): number => of.reduce((sum, { geometry, limitMl }) => sum + geometry.count * limitMl, 0);
  switch (scale) {
    case "keep":
      return 1;
    case "fill-limit":
      return limits(groups) / batter.volumeMl;
    case "same-depth": {
      const own = reference.map(group);
      if (shareBasis([...reference, ...wanted]) === "limit") return limits(groups) / limits(own);
      const depthMm = commonDepth(own, batter.volumeMl);
      return groups.reduce((sum, { geometry }) => sum + geometry.count * volumeAt(geometry, depthMm), 0) / batter.volumeMl;
    }
    default:
      return assertNever(scale);
  }
}
