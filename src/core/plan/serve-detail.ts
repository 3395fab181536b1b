import { sum } from "d3-array";
import {
  cakeTop,
  cutsFor,
  cutTop,
  sizesForGuests,
  usualPieces,
  type CakeTop,
  type CutStyle,
  type Cutting,
  type CuttingIssue,
  type PieceSize,
  type SizeForGuests,
} from "../serve";
import { surfaceArea, type TinGeometry } from "../tin";
import type { CakeInput } from "./input";
import type { CakePlan } from "./plan";

/** One kind of cake as it is served; `index` is its tin's place in the plan. */
export type ServedCake = {
  readonly index: number;
  /** How many of it there are: stacked layers are one. */
  readonly cakes: number;
  readonly top: CakeTop;
  readonly cuts: readonly CutStyle[];
  /** Null for cups and what is no larger, which need no knife. */
  readonly cutting: Cutting | null;
  readonly issue: CuttingIssue | null;
  readonly pieces: number;
  /** She said so, the recipe has it, the guests need it, or it is usual. */
  readonly because: "asked" | "recipe" | "guests" | "usual";
  /** Of one piece, cake and frosting, g. */
  readonly pieceG: number;
};

export type ServeDetail = {
  readonly cakes: readonly ServedCake[];
  readonly pieces: number;
  readonly keeping: CakePlan["keeping"];
  /** Null when nobody said how many guests there are. */
  readonly guests: {
    readonly asked: number;
    /** Times the cakes of the plan that would be enough. */ readonly times: number;
    readonly sizes: readonly SizeForGuests[];
  } | null;
};

/**
 * A top cut into as many pieces as asked; where that can't be, as near as can be, or else in the
 * usual way, with the reason. Nobody asked for a usual number, so none is given when that has to
 * move.
 */
function cutAsNear(
  top: CakeTop,
  style: CutStyle,
  asked: number | null,
  size: PieceSize,
): { readonly cutting: Cutting | null; readonly issue: CuttingIssue | null } {
  const found = cutTop(top, style, asked ?? usualPieces(top, style, size), size);
  if (found.ok) return { cutting: found.cutting, issue: null };
  const { nearest } = found.issue;
  const near = nearest === null ? null : cutTop(top, style, nearest, size);
  if (near?.ok === true)
    return { cutting: near.cutting, issue: asked === null ? null : found.issue };
  const usual = cutsFor(top)[0];
  // Too small for any knife: it is served whole.
  if (usual === undefined || usual === style) return { cutting: null, issue: null };
  return { cutting: cutAsNear(top, usual, null, size).cutting, issue: found.issue };
}

/** A cake for fewer is eaten as it is. */
const LEAST_PORTIONS = 2;

/** Guests that Serve is told of, or that the batter was made for. */
function guestsOf({ serve, scale }: CakeInput): number | undefined {
  if (serve?.guests !== undefined) return serve.guests;
  return typeof scale === "object" && "guests" in scale ? scale.guests : undefined;
}

/**
 * As many pieces as are enough, where that is more than usual, none smaller than for a party, and
 * can be cut; null otherwise.
 */
function cutFor(
  top: CakeTop,
  style: CutStyle,
  enough: number | null,
  size: PieceSize,
): number | null {
  if (enough === null || enough <= usualPieces(top, style, size)) return null;
  if (enough > usualPieces(top, style, "party")) return null;
  return cutTop(top, style, enough, size).ok ? enough : null;
}

/** Wedges of an odd number are hard to cut; a recipe's "serves 6 to 8" is cut in 8. */
const evenWedges = (pieces: number, style: CutStyle): number =>
  style === "wedges" && pieces > 5 ? 2 * Math.ceil(pieces / 2) : pieces;

/** Tops that differ by no more are cut alike. Judgement. */
const ALIKE = 0.12;

/**
 * Pieces that the recipe gives of one cake, where the wanted tins are like its own; null for others,
 * of which its number says nothing.
 */
function toldEach({ recipe }: CakeInput, plan: CakePlan, served: number): number | null {
  const { portions } = recipe;
  const own = plan.reference.tins.map(({ geometry }) => geometry);
  const wanted = plan.fill.tins.map(({ geometry }) => geometry);
  const topOf = (geometry: TinGeometry): number => surfaceArea(geometry, geometry.depthMm / 2);
  const isLikeOwn = wanted.every((geometry) =>
    own.some(
      (each) =>
        each.tin.shape === geometry.tin.shape &&
        Math.abs(Math.log(topOf(each) / topOf(geometry))) <= ALIKE,
    ),
  );
  if (portions === undefined || !isLikeOwn) return null;
  const toACake = sum(wanted, ({ count }) => count) / served;
  const ownCakes = sum(own, ({ count }) => count) / toACake;
  return ownCakes < 1 ? null : portions / ownCakes;
}

/**
 * As many pieces of each cake as its recipe gives; null where that is a whole cake each, smaller
 * than for a party, or can't be cut.
 */
function cutByRecipe(
  top: CakeTop,
  style: CutStyle,
  each: number | null,
  size: PieceSize,
): number | null {
  const pieces = each === null ? 0 : evenWedges(Math.round(each), style);
  if (pieces < LEAST_PORTIONS || pieces > usualPieces(top, style, "party")) return null;
  return cutTop(top, style, pieces, size).ok ? pieces : null;
}

/** How a plan's cakes are cut and how long they keep. Tiers are taken apart and cut one by one. */
export function serveDetail(input: CakeInput, plan: CakePlan): ServeDetail {
  const { finish, keeping } = plan;
  const { cut, size = "dessert", pieces } = input.serve ?? {};
  const guests = guestsOf(input);
  const served = sum(finish.cakes, (each) => each.cakes * each.tiers.length);
  // Nobody said how many pieces: enough for the guests where the knife can.
  const enough = guests === undefined ? null : Math.ceil(guests / served);
  const told = toldEach(input, plan, served);
  // What the recipe's own steps put on it, over all tiers by their weight.
  const wornG = plan.scale * sum(plan.worn, ({ massG }) => massG);
  const bareG = sum(finish.cakes, (each) => each.cakes * sum(each.tiers, ({ tier }) => tier.cakeG));
  const cakes = finish.cakes
    .flatMap((each) =>
      each.tiers.map(({ tier }): ServedCake => {
        const { index } = tier;
        const onIt = finish.quantities
          .filter((quantity) => quantity.index === index)
          .reduce((sum, { massG }) => sum + massG, 0);
        const wholeG = tier.cakeG * (1 + wornG / bareG) + onIt / each.cakes;
        const top = cakeTop(tier.geometry, tier.layerMm);
        const cuts = cutsFor(top);
        const style = cuts.find((way) => way === cut) ?? cuts[0];
        if (style === undefined)
          return {
            index,
            cakes: each.cakes,
            top,
            cuts,
            cutting: null,
            issue: null,
            pieces: 1,
            because: "usual",
            pieceG: wholeG,
          };
        const forGuests = cutFor(top, style, enough, size);
        const byRecipe = enough === null ? cutByRecipe(top, style, told, size) : null;
        const wanted = pieces ?? forGuests ?? byRecipe;
        const { cutting, issue } = cutAsNear(top, style, wanted, size);
        return {
          index,
          cakes: each.cakes,
          top,
          cuts,
          cutting,
          issue,
          pieces: cutting?.pieces ?? 1,
          because:
            pieces !== undefined
              ? "asked"
              : forGuests !== null
                ? "guests"
                : byRecipe !== null
                  ? "recipe"
                  : "usual",
          pieceG: wholeG / (cutting?.pieces ?? 1),
        };
      }),
    )
    .toSorted((one, other) => one.index - other.index);
  const all = cakes.reduce((sum, each) => sum + each.cakes * each.pieces, 0);
  return {
    cakes,
    pieces: all,
    keeping,
    guests:
      guests === undefined
        ? null
        : { asked: guests, times: Math.ceil(guests / all), sizes: sizesForGuests(guests, size) },
  };
}
