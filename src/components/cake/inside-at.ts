import type { BakeInside } from "@/core/bake";

/** How much longer a forecast minute is than one of the model's clock. */
export function stretchOf(inside: BakeInside, likelyMin: number): number {
  return inside.doneMinute === null ? 1 : likelyMin / inside.doneMinute;
}

/** The moment of an inside at a minute of the forecast; the nearest it has. */
export function momentAt(inside: BakeInside, likelyMin: number, minute: number): BakeInside["moments"][number] | null {
  const seconds = (minute / stretchOf(inside, likelyMin)) * 60;
  return inside.moments.reduce<BakeInside["moments"][number] | null>((best, each) => (best === null || Math.abs(each.seconds - seconds) < Math.abs(best.seconds - seconds) ? each : best), null);
}
