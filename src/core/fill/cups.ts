import type { BatterKind } from "../kind";
import { tinGeometry, type Tin } from "../tin";
import { fillLimit } from "./limit";

/** The cup that leftover batter is counted in: a usual well, 70 mm across the rim. */
const LEFTOVER_CUP: Tin = { shape: "well", rimMm: 70, depthMm: 32 };
/** Less than this share of a cup is not worth another one. */
const LEAST_CUP = 0.35;
/** A cup takes this much more than its usual fill before one more is needed. */
const CUP_SLACK = 0.12;

export type Cups = { readonly count: number; readonly eachMl: number };

/**
 * How many usual cups `volumeMl` of batter makes, and how much goes into each, mL; null when it is
 * too little for one and is better spread over the cakes.
 * @example leftoverCups("creamed", 300) // about { count: 7, eachMl: 43 }
 */
export function leftoverCups(kind: BatterKind, volumeMl: number): Cups | null {
  const cup = tinGeometry(LEFTOVER_CUP);
  if (!cup.ok) throw new RangeError("the usual cup is not a tin");
  const share = volumeMl / fillLimit(kind, cup.value).volumeMl;
  if (share < LEAST_CUP) return null;
  const nearest = Math.max(1, Math.round(share));
  const count = share / nearest > 1 + CUP_SLACK ? nearest + 1 : nearest;
  return { count, eachMl: volumeMl / count };
}
