import { BAKED_SHARE } from "../cool";
import { cakeTop, cutsFor, cutTop, keepingOf, usualPieces, type CakeTop, type CutStyle, type Cutting, type CuttingIssue, type Keeping, type PieceSize } from "../serve";
import type { CakeInput } from "./input";
import type { CakePlan } from "./plan";

/** One kind of cake as it is served; `index` is its tin's place in the plan. */
export type ServedCake = {
  readonly index: number;
  /** How many of it there are: stacked layers are one. */
  readonly cakes: number;
  readonly top: CakeTop;
  readonly cuts: readonly CutStyle[];
  /** Null for cups, which need no knife. */
  readonly cutting: Cutting | null;
  readonly issue: CuttingIssue | null;
  readonly pieces: number;
  /** Of one piece, cake and frosting, g. */
  readonly pieceG: number;
};

export type ServeDetail = { readonly cakes: readonly ServedCake[]; readonly pieces: number; readonly keeping: Keeping & { readonly isCold: boolean } };

/**
 * A top cut into as many pieces as asked; where that can't be, as near as can be, or else in the usual way, with the reason. Nobody
 * asked for a usual number, so none is given when that has to move.
 */
function cutAsNear(top: CakeTop, style: CutStyle, asked: number | null, size: PieceSize): { readonly cutting: Cutting; readonly issue: CuttingIssue | null } {
  const found = cutTop(top, style, asked ?? usualPieces(top, style, size), size);
  if (found.ok) return { cutting: found.cutting, issue: null };
  const { nearest } = found.issue;
  const near = nearest === null ? null : cutTop(top, style, nearest, size);
  if (near?.ok === true) return { cutting: near.cutting, issue: asked === null ? null : found.issue };
  const usual = cutsFor(top)[0];
  if (usual === undefined || usual === style) throw new RangeError(`a cake can't be cut in ${style} at all`);
  return { cutting: cutAsNear(top, usual, null, size).cutting, issue: found.issue };
}

/** How a plan's cakes are cut and how long they keep. */
export function serveDetail(input: CakeInput, plan: CakePlan): ServeDetail {
  const { fill, finish, mix } = plan;
  const { cut, size = "dessert", pieces } = input.serve ?? {};
  const frostingG = finish.massG / (1 + finish.marginFraction) / Math.max(1, fill.tins.reduce((sum, { geometry }) => sum + geometry.count, 0));
  const cakes = fill.tins.map(({ geometry, baked, batterG, fruitMl }, index): ServedCake => {
    const layers = geometry.count % finish.layers === 0 ? finish.layers : 1;
    const top = cakeTop(geometry, baked.edgeMm);
    const cuts = cutsFor(top);
    const wholeG = layers * (BAKED_SHARE * batterG + fruitMl + frostingG);
    const style = cuts.find((each) => each === cut) ?? cuts[0];
    if (style === undefined) return { index, cakes: geometry.count, top, cuts, cutting: null, issue: null, pieces: 1, pieceG: wholeG };
    const { cutting, issue } = cutAsNear(top, style, pieces ?? null, size);
    return { index, cakes: geometry.count / layers, top, cuts, cutting, issue, pieces: cutting.pieces, pieceG: wholeG / cutting.pieces };
  });
  return { cakes, pieces: cakes.reduce((sum, each) => sum + each.cakes * each.pieces, 0), keeping: keepingOf(mix.kind, finish.cover, finish.frosting) };
}
