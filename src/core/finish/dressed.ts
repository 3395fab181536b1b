// What is put on a cake at a time of its own: hot, warm or cold.
import {
  LAID,
  PIECES,
  POURS,
  SPREAD_DENSITY,
  SYRUP_DENSITY,
  type Coating,
  type Laid,
  type PutOnPiece,
  type Quantity,
  type Why,
} from "../build";
import { bad, good, type Result } from "../measure";
import { laidOn } from "./by-area";
import { topArea, type FinishedTier } from "./coat";
import { POURED } from "./pours";
import type { Dress, DressedWhen, Dressing } from "./schema";

/** One piece: what it weighs, g, and how many one that is bought gives. Judgement: middling sizes. */
type PieceRow = {
  readonly eachG: number;
  readonly ofOne: number;
  /** Fresh fruit, which spoils. */ readonly isFresh?: boolean;
};
const fresh = (eachG: number, ofOne = 1): PieceRow => ({ eachG, ofOne, isFresh: true });
const dry = (eachG: number): PieceRow => ({ eachG, ofOne: 1 });

const PIECE_ROWS: Readonly<Record<PutOnPiece, PieceRow>> = {
  strawberries: fresh(18),
  "strawberry-halves": fresh(9, 2),
  "strawberry-slices": fresh(3.6, 5),
  raspberries: fresh(4),
  blueberries: fresh(1.5),
  blackberries: fresh(6),
  cherries: fresh(8),
  "fig-quarters": fresh(12, 4),
  "peach-slices": fresh(15, 10),
  "orange-slices": fresh(16, 8),
  "lemon-slices": fresh(8, 8),
  "walnut-halves": dry(3),
  "pecan-halves": dry(2),
  hazelnuts: dry(1.2),
  almonds: dry(1.2),
  "chocolate-buttons": dry(1.2),
  truffles: dry(12),
  "meringue-kisses": dry(4),
  biscuits: dry(8),
  "edible-flowers": dry(0.5),
  candles: dry(1.5),
};

/** Pieces on a cake where nobody says how many. */
const USUAL_PIECES = 12;
/** Soak that a cake drinks while it is warm, mL a kg, the middle of what is usual. */
const SOAK_ML_PER_KG = 80;
/** A spread that is put on by itself, mm: as thick as what is poured, or as a filling. */
const SPREAD_MM = 5;

const isPiece = (what: Dressing): what is PutOnPiece =>
  (PIECES as readonly string[]).includes(what);
const isLaid = (what: Dressing): what is Laid => (LAID as readonly string[]).includes(what);
const isPoured = (what: Coating): boolean => (POURS as readonly Coating[]).includes(what);

/** How many of a piece are on one cake, or on one cup. */
const piecesOn = ({ count }: Dress, isCup: boolean): number => count ?? (isCup ? 1 : USUAL_PIECES);

/** Whether pieces, or what is her own, are told by weight: how many that is nobody counts. */
const isWeighed = ({ massG, count, what }: Dress): boolean =>
  count === undefined && (massG !== undefined || what === "own");

/** Pieces to buy for so many that are put on; null for what is not counted. */
export function piecesToBuy(what: Dressing, pieces: number): number | null {
  return isPiece(what) ? Math.ceil(pieces / PIECE_ROWS[what].ofOne) : null;
}

/** Whether a bare number of it is pieces, not grams. */
export const isCounted = (what: Dressing): boolean => what === "own" || isPiece(what);

/** Whether something put on is fresh fruit. */
export const isFreshPiece = ({ what }: Dress): boolean =>
  isPiece(what) && PIECE_ROWS[what].isFresh === true;

/** Fails for something of her own that has no name, or neither a weight nor a count. */
export function dressIssue(dress: readonly Dress[] = []): Result<null> {
  for (const [index, { what, name = "", massG, count }] of dress.entries()) {
    if (what !== "own") continue;
    const path = `finish.dress[${index}]`;
    if (name.trim() === "") return bad({ code: "missing", path: `${path}.name`, expected: "text" });
    if (massG === undefined && count === undefined)
      return bad({ code: "missing", path: `${path}.massG`, expected: "weight" });
  }
  return good(null);
}

/** What runs or is spread, g/mL; null for what is weighed or counted. */
function densityOf(what: Dressing): number | null {
  if (what === "syrup") return SYRUP_DENSITY;
  return what in SPREAD_DENSITY ? SPREAD_DENSITY[what as Coating] : null;
}

/** An amount on one tier, before it is counted for all cakes like it. */
type Amount = {
  readonly massG: number;
  readonly count: number | null;
  readonly why: Why;
};

function usualOn(each: FinishedTier, dress: Dress): Amount | null {
  const { tier, hiddenMm2, isTop } = each;
  const { what } = dress;
  if (what === "own" || isPiece(what)) {
    if (!isTop) return null;
    const count = piecesOn(dress, tier.family === "cup");
    const eachG = isPiece(what) ? PIECE_ROWS[what].eachG : 0;
    const why: Why =
      what === "own" ? { how: "told" } : { how: "pieces", count, eachG: PIECE_ROWS[what].eachG };
    return { massG: count * eachG, count, why };
  }
  if (what === "syrup") {
    const ml = (tier.cakeG * SOAK_ML_PER_KG) / 1000;
    const why = { how: "by-weight", cakeG: tier.cakeG, mlPerKg: SOAK_ML_PER_KG } as const;
    return { massG: ml * SYRUP_DENSITY, count: null, why };
  }
  const areaMm2 = topArea(tier) - hiddenMm2;
  if (isLaid(what)) {
    const gPerCm2 = laidOn(what, "usual");
    const massG = (areaMm2 / 100) * gPerCm2;
    return { massG, count: null, why: { how: "by-area", areaMm2, gPerCm2 } };
  }
  // A film of jam is brushed on; a filling is thicker.
  const thickMm = what === "jam" ? JAM_MM : isPoured(what) ? POURED.topMm : SPREAD_MM;
  const ml = (areaMm2 * thickMm) / 1000;
  const massG = ml * SPREAD_DENSITY[what];
  return { massG, count: null, why: { how: "over", areaMm2, thickMm } };
}

/** 0.1 g on a cm². */
const JAM_MM = 0.75;

/**
 * All that is put on at a time of its own, on the tiers of all cakes; what its baker says it weighs
 * is shared by what is usual for each, or by their tops.
 */
export function dressedWith(
  tiers: readonly { readonly each: FinishedTier; readonly times: number }[],
  dress: readonly Dress[] = [],
): readonly Quantity[] {
  return dress.flatMap((one, at): readonly Quantity[] => {
    const usual = tiers.flatMap(({ each, times }) => {
      const amount = usualOn(each, one);
      return amount === null ? [] : [{ each, times, amount }];
    });
    const weight = ({ each, amount }: (typeof usual)[number]): number =>
      amount.massG > 0 ? amount.massG : topArea(each.tier);
    const whole = usual.reduce((sum, part) => sum + part.times * weight(part), 0);
    return usual.map((part): Quantity => {
      const { each, times, amount } = part;
      const share = whole > 0 ? (times * weight(part)) / whole : 1 / usual.length;
      const massG = one.massG === undefined ? times * amount.massG : one.massG * share;
      const density = densityOf(one.what);
      return {
        thing: "dressing",
        stuff: one.what,
        index: each.tier.index,
        times,
        volumeMl: density === null ? null : massG / density,
        massG,
        count: isWeighed(one) ? null : amount.count,
        piece: null,
        at,
        ...(one.name === undefined ? {} : { called: one.name }),
        why: one.massG === undefined ? amount.why : { how: "told" },
      };
    });
  });
}

/** What melts or runs off a warm cake; sugar that is dusted on only off a hot one. */
const COLD_ONLY: readonly Dressing[] = [
  "butter-and-sugar",
  "cream-cheese",
  "whipped-cream",
  "meringue-butter",
  "whipped-ganache",
  "curls",
  "shavings",
  "strands",
  "glitter",
  "candles",
  "edible-flowers",
];

/** What would melt, run or vanish on a cake that is still hot or warm. */
export const meltsAway = (what: Dressing, when: DressedWhen): boolean =>
  (when !== "cold" && COLD_ONLY.includes(what)) || (when === "hot" && what === "dusting-sugar");

/** Whether it is spread on the cold cake under its frosting. */
export const isUnderFrosting = ({ what, when }: Dress): boolean =>
  when === "cold" && what in SPREAD_DENSITY;
