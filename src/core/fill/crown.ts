import { KIND_FACTS, type BatterKind } from "../mix";
import { levelFor, rimWidth, surfaceArea, tinFamily, volumeAt, type TinFamily, type TinGeometry } from "../tin";

/** K: how much higher than a plain layer's a crown grows in each family of tin, for the same width. Judgement. */
const CROWN_FACTOR: Readonly<Record<TinFamily, number>> = { layer: 1, sheet: 0.3, ring: 1.5, loaf: 2.1, cup: 2.4 };
/** κ: volume of the cap over its base times its height; a paraboloid has one half. */
const CAP_FULLNESS: Readonly<Record<TinFamily, number>> = { layer: 0.5, sheet: 0.5, ring: 2 / 3, loaf: 0.55, cup: 0.5 };
/** Beyond this width the crown grows no more, mm. */
const WIDEST_CROWN_MM = 300;
/** Share of the crown that is left with wet strips round the tin: they are said to make it much flatter. Judgement. */
const STRIPS_CROWN = 0.4;

/** Whether wet strips go round a tin: they suit layers and sheets, not rings, loaves or cups. */
export function canWearStrips(geometry: TinGeometry): boolean {
  const family = tinFamily(geometry.tin);
  return family === "layer" || family === "sheet";
}

/**
 * Height of the crown above the edge, mm: δ·K·min(width, 300).
 * @example crownHeight("creamed", twentyCentimetreRound, false) // 10
 */
export function crownHeight(kind: BatterKind, geometry: TinGeometry, hasStrips: boolean): number {
  const strips = hasStrips && canWearStrips(geometry) ? STRIPS_CROWN : 1;
  return strips * KIND_FACTS[kind].crown * CROWN_FACTOR[tinFamily(geometry.tin)] * Math.min(rimWidth(geometry), WIDEST_CROWN_MM);
}

/**
 * Height of the edge, mm, of a cake of `volumeMl` under a crown of `crownMm`: the h with V_tin(h) + κ·c·A(h) = volume.
 * Found by halving; past the rim the edge goes on straight up.
 */
export function edgeHeight(geometry: TinGeometry, volumeMl: number, crownMm: number): number {
  let low = 0;
  let high = levelFor(geometry, volumeMl);
  for (let step = 0; step < 40; step += 1) {
    const middle = (low + high) / 2;
    if (cakeVolume(geometry, middle, crownMm) > volumeMl) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
}

/** Volume of a cake whose edge stands `edgeMm` high under a crown of `crownMm`, mL. */
export function cakeVolume(geometry: TinGeometry, edgeMm: number, crownMm: number): number {
  return volumeAt(geometry, edgeMm) + (CAP_FULLNESS[tinFamily(geometry.tin)] * crownMm * surfaceArea(geometry, edgeMm)) / 1000;
}
