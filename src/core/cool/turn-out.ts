import { KIND_FACTS, type BatterKind } from "../kind";
import { tinFamily, type TinGeometry } from "../tin";

/**
 * Minutes in the tin before it is turned out; `cold` ones stay until quite cold, upside down where
 * their crumb would sink.
 */
export type TurnOut =
  | { readonly when: "after"; readonly minutes: number }
  | { readonly when: "cold"; readonly isUpsideDown: boolean };

/**
 * Usual minutes by family. Judgement: long enough to firm, short enough that the paper does not
 * sweat.
 */
const MINUTES = { layer: 10, ring: 10, loaf: 15, cup: 5 } as const;

/**
 * When a cake comes out of its tin. Sheets may stay in theirs; soft and custardy ones are turned
 * out quite cold; foams hang upside down in a tube tin until cold.
 * @example turnOut("creamed", roundTin) // { when: "after", minutes: 10 }
 */
export function turnOut(kind: BatterKind, geometry: TinGeometry): TurnOut {
  const usual = KIND_FACTS[kind].turnOut;
  if (usual === "hung-in-tube" && geometry.tin.shape === "tube")
    return { when: "cold", isUpsideDown: true };
  const family = tinFamily(geometry.tin);
  if (usual === "cold" || family === "sheet") return { when: "cold", isUpsideDown: false };
  return { when: "after", minutes: MINUTES[family] };
}
