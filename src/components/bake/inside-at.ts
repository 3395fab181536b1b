import { stretchOf, type BakeInside } from "@/core/bake";

/** The moment of an inside at a minute of the forecast; the nearest it has. */
export function momentAt(
  inside: BakeInside,
  likelyMin: number,
  minute: number,
): BakeInside["moments"][number] | null {
  const seconds = (minute / stretchOf(inside, likelyMin)) * 60;
  return inside.moments.reduce<BakeInside["moments"][number] | null>(
    (best, each) =>
      best === null || Math.abs(each.seconds - seconds) < Math.abs(best.seconds - seconds)
        ? each
        : best,
    null,
  );
}
