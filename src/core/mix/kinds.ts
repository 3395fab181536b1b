import * as z from "zod/mini";
import "../measure";

export const BATTER_KINDS = [
  "creamed",
  "oil",
  "hot-liquid",
  "whisked",
  "chiffon",
  "white-foam",
  "folded-whites",
  "pound",
  "quick-loaf",
  "muffin",
  "rich-fruit",
  "brownie",
  "baked-cheese",
  "set-pudding",
] as const;
export const BatterKindSchema = z.enum(BATTER_KINDS);
export type BatterKind = z.infer<typeof BatterKindSchema>;

/** A usual value with the low and the high end of what is usual. */
export type Spread = { readonly low: number; readonly mid: number; readonly high: number };

export type KindFacts = {
  /** Specific gravity of the batter as it goes into the tin, g/mL. */
  readonly specificGravity: Spread;
  /** Volume of the cooled cake over that of its batter. */
  readonly rise: Spread;
  /** Share of its highest volume that the cake loses on cooling. */
  readonly settle: number;
  /** δ: crown height over width for a plain layer. */
  readonly crown: number;
  /**
   * How full a tin of this batter is filled at most, by the usual kitchen rule, as a share of its
   * depth.
   */
  readonly fullAtMost: number;
  /** Share of the batter's weight that the oven takes. */
  readonly massLoss: number;
  /** How far its top may stand above the rim of a cup, mm; negative keeps it below. */
  readonly overCupMm: number;
};

const spread = (low: number, mid: number, high: number): Spread => ({ low, mid, high });
const kind = (
  specificGravity: Spread,
  rise: Spread,
  settle: number,
  crown: number,
  fullAtMost: number,
  massLoss: number,
  overCupMm: number,
): KindFacts => ({ specificGravity, rise, settle, crown, fullAtMost, massLoss, overCupMm });

const HALF = 1 / 2;
const TWO_THIRDS = 2 / 3;
const THREE_QUARTERS = 3 / 4;
/** What is leavened crowns over a cup's rim, a muffin most; what is not stays inside, mm. */
const CROWNED = 12;
const MUFFIN_TOP = 20;
const INSIDE = -3;

/**
 * What is usual for each kind of batter. Judgement from general kitchen knowledge, kept in this one
 * table; what a baker weighs or logs replaces it.
 */
export const KIND_FACTS: Readonly<Record<BatterKind, KindFacts>> = {
  creamed: kind(spread(0.8, 0.86, 0.92), spread(1.55, 1.75, 1.9), 0.05, 0.05, HALF, 0.1, CROWNED),
  oil: kind(spread(0.85, 0.92, 1.0), spread(1.65, 1.85, 2.0), 0.05, 0.045, HALF, 0.1, CROWNED),
  "hot-liquid": kind(
    spread(0.98, 1.03, 1.08),
    spread(1.75, 1.95, 2.15),
    0.06,
    0.04,
    HALF,
    0.11,
    CROWNED,
  ),
  whisked: kind(
    spread(0.35, 0.43, 0.52),
    spread(1.2, 1.35, 1.5),
    0.07,
    0.02,
    TWO_THIRDS,
    0.12,
    CROWNED,
  ),
  chiffon: kind(
    spread(0.36, 0.43, 0.52),
    spread(1.4, 1.55, 1.7),
    0.06,
    0.05,
    TWO_THIRDS,
    0.12,
    CROWNED,
  ),
  "white-foam": kind(
    spread(0.25, 0.32, 0.38),
    spread(1.3, 1.45, 1.6),
    0.05,
    0.05,
    TWO_THIRDS,
    0.13,
    CROWNED,
  ),
  "folded-whites": kind(
    spread(0.68, 0.75, 0.82),
    spread(1.45, 1.6, 1.75),
    0.05,
    0.045,
    HALF,
    0.1,
    CROWNED,
  ),
  pound: kind(
    spread(0.84, 0.9, 0.97),
    spread(1.4, 1.5, 1.65),
    0.03,
    0.065,
    TWO_THIRDS,
    0.09,
    CROWNED,
  ),
  "quick-loaf": kind(
    spread(0.92, 1.0, 1.08),
    spread(1.45, 1.55, 1.7),
    0.03,
    0.065,
    TWO_THIRDS,
    0.1,
    CROWNED,
  ),
  muffin: kind(
    spread(0.92, 1.0, 1.08),
    spread(1.55, 1.7, 1.9),
    0.03,
    0.08,
    THREE_QUARTERS,
    0.11,
    MUFFIN_TOP,
  ),
  "rich-fruit": kind(
    spread(1.0, 1.1, 1.2),
    spread(1.05, 1.12, 1.2),
    0.02,
    0.02,
    THREE_QUARTERS,
    0.04,
    INSIDE,
  ),
  brownie: kind(
    spread(1.05, 1.12, 1.22),
    spread(1.1, 1.2, 1.35),
    0.05,
    0.01,
    THREE_QUARTERS,
    0.08,
    INSIDE,
  ),
  "baked-cheese": kind(
    spread(1.0, 1.04, 1.08),
    spread(0.98, 1.02, 1.06),
    0.06,
    0.01,
    THREE_QUARTERS,
    0.05,
    INSIDE,
  ),
  "set-pudding": kind(
    spread(1.0, 1.05, 1.1),
    spread(1.0, 1.05, 1.12),
    0.04,
    0.01,
    THREE_QUARTERS,
    0.05,
    INSIDE,
  ),
};

/**
 * What is left of a batter's weight after the oven, g.
 * @example bakedMass("creamed", 1000) // 900
 */
export function bakedMass(kind: BatterKind, batterG: number): number {
  return (1 - KIND_FACTS[kind].massLoss) * batterG;
}
