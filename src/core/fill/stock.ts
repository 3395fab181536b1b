import type { BatterKind } from "../kind";
import { brimVolume, levelFor, sectionAt, volumeAt, type TinGeometry } from "../tin";
import { cakeVolume, CROWN_OF_EDGE, crownHeight, crownOn } from "./crown";
import { THIN_CAKE_MM } from "./fill";
import { growthOf } from "./growth";
import { fillLimit } from "./limit";
import type { FillOptions } from "./options";

/** A kind of tin in the cupboard; its geometry's count is the wells of one tray. */
export type StockTin = {
  readonly id: string;
  readonly geometry: TinGeometry;
  readonly owned: number;
};

/** Fills are tried from half to twice as deep as wanted, in steps even in their logarithm. */
export const DEPTH_STEPS = 17;
/** The step of the wanted fill itself; it is also how many steps there are to a doubling. */
export const MIDDLE = (DEPTH_STEPS - 1) / 2;
/** Steps to a factor of e. */
export const STEPS_PER_E = MIDDLE / Math.LN2;

/** How many times the wanted depth, or share, a step stands for. */
export const timesAt = (step: number): number => 2 ** ((step - MIDDLE) / MIDDLE);
/** The step, not whole, that stands for so many times. */
export const stepAt = (times: number): number => MIDDLE + MIDDLE * Math.log2(times);

/**
 * What a baker wants of every set: batter as deep as this, or this share of what each tin takes.
 */
export type Wanted =
  | { readonly basis: "depth"; readonly depthMm: number }
  | { readonly basis: "limit"; readonly share: number };

/** One kind of tin tabulated once, so that a set is added up instead of solved. */
export type Tabulated = {
  readonly stock: StockTin;
  /** Batter of one piece at each step, mL. */
  readonly volumesMl: Float64Array;
  /**
   * Steps, not whole, below which the cake would be too thin, and above which it would pass its
   * limit by more than any ruler shows.
   */
  readonly leastStep: number;
  readonly mostStep: number;
  /** Room on the shelf, with air around it, mm². */
  readonly footprintMm2: number;
};

const SLACK = 1.005;

/** Air around a tin on the shelf, and between the cups of a tray, mm. */
const AIR_MM = 25;
const BETWEEN_CUPS_MM = 12;
/** A shelf as most ovens have it, mm. Judgement. */
const SHELF_MM = { width: 450, depth: 370 } as const;
export const SHELF_MM2 = (SHELF_MM.width + AIR_MM) * (SHELF_MM.depth + AIR_MM);

/** A kind of tin with what it holds at each step. */
export function tabulated(
  kind: BatterKind,
  stock: StockTin,
  wanted: Wanted,
  options: FillOptions,
): Tabulated {
  const { geometry } = stock;
  const limit = fillLimit(kind, geometry, options);
  const thinMl = leastBatter(kind, geometry, options);
  const volume =
    wanted.basis === "depth"
      ? (times: number): number =>
          volumeAt(geometry, Math.min(times * wanted.depthMm, geometry.depthMm))
      : (times: number): number =>
          Math.min(times * wanted.share * limit.volumeMl, brimVolume(geometry));
  const timesOf = (volumeMl: number): number =>
    wanted.basis === "depth"
      ? levelFor(geometry, volumeMl) / wanted.depthMm
      : volumeMl / (wanted.share * limit.volumeMl);
  const volumesMl = new Float64Array(DEPTH_STEPS);
  for (let step = 0; step < DEPTH_STEPS; step += 1)
    volumesMl[step] = geometry.count * volume(timesAt(step));
  return {
    stock,
    volumesMl,
    leastStep: stepAt(timesOf(thinMl) / SLACK),
    mostStep: stepAt(timesOf(limit.volumeMl) * SLACK),
    footprintMm2: footprint(geometry),
  };
}

/** Batter that bakes to a cake just high enough not to dry, mL. */
function leastBatter(kind: BatterKind, geometry: TinGeometry, options: FillOptions): number {
  const crownMm = crownHeight(kind, geometry, options.hasStrips);
  const edgeMm = Math.max(THIN_CAKE_MM - crownMm, THIN_CAKE_MM / (1 + CROWN_OF_EDGE));
  return (
    cakeVolume(geometry, edgeMm, crownOn(edgeMm, crownMm)) /
    growthOf(kind, geometry, options).baked.mid
  );
}

function footprint(geometry: TinGeometry): number {
  const { halfLengthMm } = sectionAt(geometry, geometry.depthMm);
  if (geometry.tin.shape === "well")
    return geometry.count * (2 * halfLengthMm + BETWEEN_CUPS_MM) ** 2;
  const widthMm =
    "widthMm" in geometry.tin && "lengthMm" in geometry.tin
      ? Math.min(geometry.tin.widthMm, geometry.tin.lengthMm)
      : 2 * halfLengthMm;
  return geometry.count * (2 * halfLengthMm + AIR_MM) * (widthMm + AIR_MM);
}
