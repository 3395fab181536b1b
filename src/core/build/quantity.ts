import type { Coating } from "./spreads";

/** Laid on by weight, not spread. */
export const LAID = [
  "crumble",
  "crumb-base",
  "nuts",
  "strands",
  "tiny-balls",
  "scatter",
  "full-top",
  "jam-film",
  "dusting-sugar",
  "chips",
  "curls",
  "shavings",
  "coconut",
  "praline",
  "grated-carrot",
  "glitter",
] as const;
export type Laid = (typeof LAID)[number];

/** Put on one by one. */
export const PIECES = [
  "strawberries",
  "strawberry-halves",
  "strawberry-slices",
  "raspberries",
  "blueberries",
  "blackberries",
  "cherries",
  "fig-quarters",
  "peach-slices",
  "orange-slices",
  "lemon-slices",
  "walnut-halves",
  "pecan-halves",
  "hazelnuts",
  "almonds",
  "chocolate-buttons",
  "truffles",
  "meringue-kisses",
  "biscuits",
  "edible-flowers",
  "candles",
] as const;
export type PutOnPiece = (typeof PIECES)[number];

/** What a quantity is of; `own` is what only its baker has a name for. */
export type Stuff = Coating | Laid | PutOnPiece | "syrup" | "rolled-covering" | "own";

/** Where it goes. */
export type Thing =
  | "filling"
  | "dam"
  | "soak"
  | "first-coat"
  | "final-coat"
  | "top"
  | "border"
  | "swirls"
  | "pour"
  | "drips"
  | "topping"
  | "covering"
  | "dressing";

/**
 * How a quantity came about: the numbers of its formula, for each of `times` cakes. Areas mm²,
 * lengths mm.
 */
export type Why =
  | {
      readonly how: "between";
      readonly gaps: number;
      readonly thickMm: number;
      readonly areaMm2: number;
    }
  | {
      readonly how: "ring-between";
      readonly gaps: number;
      readonly thickMm: number;
      readonly areaMm2: number;
      readonly insideMm2: number;
    }
  | {
      readonly how: "round";
      readonly grownMm2: number;
      readonly grownHeightMm: number;
      readonly areaMm2: number;
      readonly heightMm: number;
      readonly hiddenMm3: number;
      /** Of the first coat, which is counted by itself. */ readonly lessMm3: number;
    }
  | { readonly how: "over"; readonly areaMm2: number; readonly thickMm: number }
  | { readonly how: "along"; readonly lengthMm: number; readonly sectionMm2: number }
  | { readonly how: "each"; readonly count: number; readonly eachMl: number }
  | {
      readonly how: "poured";
      readonly areaMm2: number;
      readonly thickMm: number;
      readonly sideMm2: number;
      readonly sideThickMm: number;
      readonly poolFraction: number;
    }
  | { readonly how: "by-area"; readonly areaMm2: number; readonly gPerCm2: number }
  | { readonly how: "by-weight"; readonly cakeG: number; readonly mlPerKg: number }
  | { readonly how: "pieces"; readonly count: number; readonly eachG: number }
  /** As her box says, on all cakes together. */
  | { readonly how: "told" }
  | { readonly how: "rolled"; readonly areaMm2: number; readonly thickMm: number };

/** An amount of one thing on the cakes that come from one kind of tin, nothing to spare. */
export type Quantity = {
  readonly thing: Thing;
  readonly stuff: Stuff;
  /** The tin's place in the plan. */
  readonly index: number;
  /** How many cakes it is for. */
  readonly times: number;
  /** On all of them, mL; what is laid on by weight has none. */
  readonly volumeMl: number | null;
  readonly massG: number;
  /** Pieces on one cake, where it is counted: shells, swirls, drips. */
  readonly count: number | null;
  /** What is counted. */
  readonly piece: "shell" | "pearl" | "swirl" | "drip" | null;
  /** What its baker calls it, where it is her own. */
  readonly called?: string;
  /** Of what is put on at a time of its own: its place in the list that asks for it. */
  readonly at?: number;
  readonly why: Why;
};
