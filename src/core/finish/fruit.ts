import { good, type Result } from "../measure";
import { inRadius, outlineAt, spansAt, type TinGeometry } from "../tin";
import { arranged, type Ground, type PiecePlace } from "./arrange";
import type { FruitRequest } from "./schema";

export type FruitLayout = {
  readonly ground: Ground;
  readonly places: readonly PiecePlace[];
  readonly widthMm: number;
  /** Of all pieces on one cake, g. */
  readonly massG: number;
  /** Whole fruits to buy for each cake; null when nobody said how many slices one gives. */
  readonly fruits: number | null;
  /**
   * Syrup that covers the slices in one layer of a pan, for each cake: sugar and water alike, g;
   * null when none is cooked.
   */
  readonly syrup: {
    readonly volumeMl: number;
    readonly sugarG: number;
    readonly waterG: number;
  } | null;
};

const USUAL_SLICE_MM = 5;
/** Syrup over the slices' own volume: enough to cover them. Judgement. */
const SYRUP_TIMES = 1.5;
/** Fresh fruit, g/mL. Judgement. */
const SLICE_DENSITY = 0.95;
/** Sugar and water of equal weight, g/mL. */
const SYRUP_DENSITY = 1.23;

/**
 * Slices or pieces of fruit laid on a cake's top or its tin's floor: where, how many, what to buy,
 * and their syrup.
 * @param topMm height at which the top lies; @param insetMm kept free round the edge of the top,
 * for a border; below 0 a coat adds to it
 */
export function fruitLayout(
  request: FruitRequest,
  geometry: TinGeometry,
  topMm: number,
  insetMm = 0,
): Result<FruitLayout> {
  const ground =
    request.at === "floor" ? groundOf(geometry, 0, 0) : groundOf(geometry, topMm, insetMm);
  const places = arranged(ground, request.widthMm, request.pattern, request.overlap ?? 0);
  if (!places.ok) return places;
  const count = places.value.length;
  const sliceMl =
    (((Math.PI * request.widthMm ** 2) / 4) * (request.thickMm ?? USUAL_SLICE_MM)) / 1000;
  const volumeMl = count * sliceMl * SYRUP_TIMES;
  return good({
    ground,
    places: places.value,
    widthMm: request.widthMm,
    massG: count * sliceMl * SLICE_DENSITY,
    fruits: request.each === undefined ? null : Math.ceil(count / request.each),
    syrup:
      request.syrup === true
        ? {
            volumeMl,
            sugarG: (volumeMl * SYRUP_DENSITY) / 2,
            waterG: (volumeMl * SYRUP_DENSITY) / 2,
          }
        : null,
  });
}

/** What pieces can lie on: hearts and hexagons count as the round that fits inside them. */
function groundOf(geometry: TinGeometry, heightMm: number, insetMm: number): Ground {
  const outline = outlineAt(geometry, heightMm);
  const spans = spansAt(geometry, heightMm);
  if (spans.kind === "rectangle" && geometry.tin.shape !== "oval")
    return {
      kind: "rectangle",
      lengthMm: spans.lengthMm - 2 * insetMm,
      widthMm: spans.widthMm - 2 * insetMm,
    };
  const holeMm = outline.tubePerimeterMm / Math.PI;
  const diameterMm =
    (spans.kind === "ring" ? holeMm + 2 * spans.troughMm : 2 * inRadius(outline)) - 2 * insetMm;
  return { kind: "round", diameterMm, holeMm };
}
