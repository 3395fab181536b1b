import * as z from "../zod";
import "../measure";
import type { KindFacts } from "./facts";
import { KIND_ROWS } from "./rows";

export type BatterKind = keyof typeof KIND_ROWS;
export const BATTER_KINDS = Object.keys(KIND_ROWS) as [BatterKind, ...BatterKind[]];
export const BatterKindSchema = z.enum(BATTER_KINDS);

/** What is usual for each kind of batter. */
export const KIND_FACTS: Readonly<Record<BatterKind, KindFacts>> = KIND_ROWS;

/**
 * What is left of a batter's weight after the oven, g.
 * @param massLoss the share that it loses, the kind's when left out
 * @example bakedMass("creamed", 1000) // 900
 */
export function bakedMass(
  kind: BatterKind,
  batterG: number,
  massLoss = KIND_FACTS[kind].massLoss,
): number {
  return (1 - massLoss) * batterG;
}
