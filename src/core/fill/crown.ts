import { risingRoot } from "../measure";
import { KIND_FACTS, type BatterKind } from "../kind";
import {
  levelFor,
  rimWidth,
  surfaceArea,
  tinFamily,
  volumeAt,
  type TinFamily,
  type TinGeometry,
} from "../tin";

/**
 * K: how much higher than a plain layer's a crown grows in each family of tin, for the same width.
 * Judgement.
 */
const CROWN_FACTOR: Readonly<Record<TinFamily, number>> = {
  layer: 1,
  sheet: 0.3,
  ring: 1.5,
  loaf: 2.1,
  cup: 2.4,
};
/** κ: volume of the cap over its base times its height; a paraboloid has one half. */
const CAP_FULLNESS: Readonly<Record<TinFamily, number>> = {
  layer: 0.5,
  sheet: 0.5,
  ring: 2 / 3,
  loaf: 0.55,
  cup: 0.5,
};
/** Beyond this width the crown grows no more, mm. */
const WIDEST_CROWN_MM = 300;
/**
 * Share of the crown that is left with wet strips round the tin: they are said to make it much
 * flatter. Judgement.
 */
const STRIPS_CROWN = 0.4;

/** Heights are solved to this, mm. */
const HEIGHT_TOLERANCE_MM = 1e-6;

/** Whether wet strips go round a tin: they suit layers and sheets, not rings, loaves or cups. */
export function canWearStrips(geometry: TinGeometry): boolean {
  const family = tinFamily(geometry.tin);
  return family === "layer" || family === "sheet";
}

/**
 * Height of the crown above the edge, mm: δ·K·min(width, 300).
 * @example crownHeight("creamed", twentyCentimetreRound, false) // 10
 */
export function crownHeight(kind: BatterKind, geometry: TinGeometry, hasStrips = false): number {
  const strips = hasStrips && canWearStrips(geometry) ? STRIPS_CROWN : 1;
  return (
    strips *
    KIND_FACTS[kind].crown *
    CROWN_FACTOR[tinFamily(geometry.tin)] *
    Math.min(rimWidth(geometry), WIDEST_CROWN_MM)
  );
}

/**
 * A crown never stands higher above its edge than this share of it: a little batter in a wide tin
 * lies flat. Judgement.
 */
export const CROWN_OF_EDGE = 0.35;

/** A crown as it is on an edge so high, mm. */
export function crownOn(edgeMm: number, crownMm: number): number {
  return Math.min(crownMm, CROWN_OF_EDGE * edgeMm);
}

/** Edge and top of the cake above the tin's floor, mm. */
export type CakeHeights = { readonly edgeMm: number; readonly crownTopMm: number };

/**
 * Edge and crown of a cake of `volumeMl`: the h with V_tin(h) + κ·c·A(h) = volume, c never over
 * 0.35 h. Past the rim the edge goes on straight up; where it is held at a cup's rim all that is
 * over goes into the crown.
 * @param crownMm the crown of a full cake: see {@link crownHeight}
 * @param heldAtMm the edge goes no higher than this
 */
export function cakeHeights(
  geometry: TinGeometry,
  volumeMl: number,
  crownMm: number,
  heldAtMm = Infinity,
): CakeHeights {
  const over = (edgeMm: number): number =>
    cakeVolume(geometry, edgeMm, crownOn(edgeMm, crownMm)) - volumeMl;
  if (Number.isFinite(heldAtMm) && over(heldAtMm) < 0) {
    const overMm =
      (-over(heldAtMm) * 1000) /
      (CAP_FULLNESS[tinFamily(geometry.tin)] * capBase(geometry, heldAtMm));
    return { edgeMm: heldAtMm, crownTopMm: heldAtMm + crownOn(heldAtMm, crownMm) + overMm };
  }
  const edgeMm = edgeUnder(over, levelFor(geometry, volumeMl), capOf(geometry, crownMm));
  return { edgeMm, crownTopMm: edgeMm + crownOn(edgeMm, crownMm) };
}

/** What a crown adds to a cake's height if it were spread level, mm. */
const capOf = (geometry: TinGeometry, crownMm: number): number =>
  CAP_FULLNESS[tinFamily(geometry.tin)] * crownMm;

const MOST_SECANTS = 6;

/**
 * The edge at which `over` is zero, mm: by secants from where an upright wall would have it, in a
 * bracket where those leave it.
 */
function edgeUnder(over: (edgeMm: number) => number, levelMm: number, capMm: number): number {
  let [last, edge] = [levelMm, Math.max(0, levelMm - capMm)];
  let [overLast, overEdge] = [over(last), over(edge)];
  for (let step = 0; step < MOST_SECANTS; step += 1) {
    const next = edge - (overEdge * (edge - last)) / (overEdge - overLast);
    if (!(next >= 0 && next <= levelMm)) break;
    if (Math.abs(next - edge) < HEIGHT_TOLERANCE_MM / 2) return next;
    [last, overLast] = [edge, overEdge];
    [edge, overEdge] = [next, over(next)];
    if (overEdge === 0) return edge;
  }
  return risingRoot(over, 0, levelMm, HEIGHT_TOLERANCE_MM);
}

/** Volume of a cake whose edge stands `edgeMm` high under a crown of `crownMm`, mL. */
export function cakeVolume(geometry: TinGeometry, edgeMm: number, crownMm: number): number {
  const capMm = capOf(geometry, crownMm);
  return volumeAt(geometry, edgeMm) + (capMm * capBase(geometry, edgeMm)) / 1000;
}

/**
 * Area a crown stands on, mm²: the cut at the edge; past a waist the widest below it, so that more
 * batter is never a lower cake.
 */
function capBase(geometry: TinGeometry, edgeMm: number): number {
  const area = surfaceArea(geometry, edgeMm);
  if (geometry.wall.kind !== "profile") return area;
  const below = geometry.strata.filter(({ heightMm }) => heightMm < edgeMm);
  return Math.max(area, ...below.map(({ heightMm }) => surfaceArea(geometry, heightMm)));
}
