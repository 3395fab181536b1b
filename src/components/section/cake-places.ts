import type { Build } from "@/core/build";
import {
  dripLength,
  swirlSize,
  type Finish,
  type FinishedCake,
  type FinishedTier,
} from "@/core/finish";
import type { CakePlan, RecipeWear } from "@/core/plan";
import { sectionAt } from "@/core/tin";

/** A tier where it stands: mm above the board, half its width, and the hole's. */
export type PlacedTier = FinishedTier & {
  readonly footMm: number;
  readonly halfMm: number;
  readonly holeMm: number;
  /** Bottoms and heights of its slices, and of the gaps between them, above the board. */
  readonly slices: readonly Band[];
  readonly gaps: readonly Band[];
  /** Top of the cake at its edge, and of its coat. */
  readonly edgeMm: number;
  readonly topMm: number;
};
type Band = { readonly fromMm: number; readonly heightMm: number };

/** A cake's tiers on one another, sawn through along the length. */
export function placedTiers(cake: FinishedCake, fillingMm: number): readonly PlacedTier[] {
  let footMm = 0;
  return cake.tiers.map((each) => {
    const { tier, coat } = each;
    const at = sectionAt(tier.geometry, tier.layerMm);
    const stepMm = tier.layerMm + fillingMm;
    const foot = footMm;
    // A roll is seen end on.
    const edgeMm = foot + (tier.roll?.diameterMm ?? tier.heightMm);
    footMm = edgeMm + tier.domeMm + coat.topMm;
    return {
      ...each,
      footMm: foot,
      halfMm: tier.roll === null ? at.halfLengthMm : tier.roll.diameterMm / 2,
      holeMm: at.tubeRadiusMm,
      edgeMm,
      topMm: footMm,
      slices: Array.from({ length: tier.layers }, (_, layer) => ({
        fromMm: foot + layer * stepMm,
        heightMm: tier.layerMm,
      })),
      gaps: Array.from({ length: tier.layers - 1 }, (_, gap) => ({
        fromMm: foot + gap * stepMm + tier.layerMm,
        heightMm: fillingMm,
      })),
    };
  });
}

/** Everything a drawing of a plan's first cake needs. */
export type DrawnCake = {
  readonly tiers: readonly PlacedTier[];
  readonly build: Build;
  readonly finish: Finish;
  readonly wears: Finish["wears"];
  /** What the recipe's own steps put on it. */
  readonly worn: readonly RecipeWear[];
  readonly widthMm: number;
  readonly heightMm: number;
};

/** A piece of fruit lies so high, over its width. */
export const FRUIT_TALL = 0.5;

/** The first cake of a plan, ready to be drawn. */
export function drawnCake({
  build,
  finish,
  worn,
}: Pick<CakePlan, "build" | "finish" | "worn">): DrawnCake {
  const { wears } = finish;
  const cake = finish.cakes[0];
  if (cake === undefined) throw new RangeError("a plan has at least one cake");
  const tiers = placedTiers(cake, build.fillingMm);
  const widest = Math.max(...tiers.map(({ halfMm, coat }) => halfMm + coat.sideMm));
  const base = Math.max(
    0,
    ...(wears.borders ?? []).filter(({ at }) => at === "base").map(({ widthMm }) => widthMm),
  );
  const onTop = Math.max(
    0,
    ...(wears.borders ?? []).filter(({ at }) => at === "top").map(({ widthMm }) => widthMm * 0.7),
    wears.swirls === undefined ? 0 : swirlSize(wears.swirls.style).heightMm,
    wears.fruit?.at === "top" ? FRUIT_TALL * wears.fruit.widthMm : 0,
  );
  return {
    tiers,
    build,
    finish,
    wears,
    worn,
    widthMm: 2 * (widest + base),
    heightMm: (tiers.at(-1)?.topMm ?? 0) + onTop,
  };
}

/** Down a side from the top of the coat, mm. */
export function dripDepth(tier: PlacedTier): number {
  return dripLength(tier.tier.heightMm + tier.coat.topMm);
}
