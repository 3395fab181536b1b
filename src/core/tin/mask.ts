import type { TinGeometry } from "./geometry";
import { planRow, type PlanMask } from "./plans";
import { cutAt } from "./wall";

/**
 * The {@link PlanMask} of a tin at a height; null for tins that are round, ringed or rectangular.
 */
export function planMask({ wall, depthMm }: TinGeometry, heightMm: number): PlanMask | null {
  if (wall.kind !== "straight") return null;
  const { halfLengthMm, halfWidthMm } = cutAt(wall, Math.min(heightMm, depthMm));
  return planRow(wall.plan).mask?.({ halfLengthMm, halfWidthMm }) ?? null;
}
