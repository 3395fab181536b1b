import { THICK_MM, type Tier } from "../build";
import { movedArea, rimWidth, solidArea, type Outline } from "../tin";
import type { Cover } from "./schema";

/** How thick a tier is coated, mm: the first coat is part of both others. */
export type Coat = { readonly topMm: number; readonly sideMm: number; readonly firstMm: number };

/** A tier with its coat on; what stands on it hides part of its top. */
export type FinishedTier = {
  readonly tier: Tier;
  readonly coat: Coat;
  readonly hiddenMm2: number;
  readonly isTop: boolean;
};

/** Thin first coat and final coat of a covered cake, mm. */
const FIRST_MM = 2;
const FINAL_MM = 6;
/** Scraped so that the crumb shows, mm. */
const HALF_NAKED_MM = 1.5;
/** On the top only: layers and sheets carry a thick one, small and tall cakes less, mm. */
const FLAT_TOP_MM = 9;
const OTHER_TOP_MM = 6;

/**
 * The coat a cover asks for. Cups and what is not coated carry frosting on the top alone, and
 * "none" carries none.
 * @param times how many times as thick as usual what nobody gives is
 */
export function coatFor(
  cover: Cover,
  tier: Tier,
  given: {
    readonly topMm?: number | undefined;
    readonly sideMm?: number | undefined;
    readonly firstMm?: number | undefined;
  },
  times = 1,
): Coat {
  if (cover === "none") return { topMm: 0, sideMm: 0, firstMm: 0 };
  const thick = (usualMm: number): number => Math.min(THICK_MM.max, usualMm * times);
  const isFlat = tier.family === "layer" || tier.family === "sheet";
  const onTop: Coat = {
    topMm: given.topMm ?? thick(isFlat && cover === "top" ? FLAT_TOP_MM : OTHER_TOP_MM),
    sideMm: 0,
    firstMm: 0,
  };
  if (tier.family === "cup" || cover === "top" || cover === "naked") return onTop;
  if (cover === "half-naked")
    return { ...onTop, sideMm: given.sideMm ?? thick(HALF_NAKED_MM), firstMm: 0 };
  const firstMm = given.firstMm ?? Math.min(FIRST_MM, thick(FIRST_MM));
  const finalMm =
    given.firstMm === undefined ? thick(FIRST_MM + FINAL_MM) : firstMm + thick(FINAL_MM);
  return {
    topMm: given.topMm ?? finalMm,
    sideMm: given.sideMm ?? finalMm,
    firstMm,
  };
}

/**
 * An outline with its coat on, mm² without the hole; the hole keeps its width where its wall stays
 * bare.
 */
export function coatedArea(outline: Outline, byMm: number, hasInnerWall: boolean): number {
  if (hasInnerWall) return movedArea(outline, byMm);
  return movedArea({ ...outline, tubeAreaMm2: 0, tubePerimeterMm: 0 }, byMm) - outline.tubeAreaMm2;
}

/** Length round a cake whose outline was moved out by `byMm`, mm: P + 2π·t. */
export function roundLength({ perimeterMm }: Outline, byMm: number): number {
  return perimeterMm + 2 * Math.PI * byMm;
}

/** Area of a top, domed as it was left: A·(1 + (c/a)²), a half its width, mm². */
export function topArea({ outline, domeMm, geometry }: Tier): number {
  return solidArea(outline) * (1 + ((2 * domeMm) / rimWidth(geometry)) ** 2);
}
