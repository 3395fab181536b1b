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
] as const;
export type Laid = (typeof LAID)[number];

/** What a quantity is of. */
export type Stuff = Coating | Laid | "syrup" | "rolled-covering";

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
  | "covering";

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
  readonly why: Why;
};
