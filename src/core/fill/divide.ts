import { tinFamily } from "../tin";
import type { TinFill } from "./fill";

/**
 * How batter is divided: weighed into each tin, measured by the cup, or by eye against a neighbour.
 */
export const DIVIDING = ["scale", "cup", "eye"] as const;
export type Dividing = (typeof DIVIDING)[number];

/**
 * How far one tin is likely to be off, as a share. Judgement: a scale is as good as the scraping of
 * the bowl.
 */
const LIKELY_ERROR: Readonly<Record<Dividing, number>> = { scale: 0.01, cup: 0.05, eye: 0.12 };

/**
 * Portion scoops by their number: how many of them fill a quart, with what each holds level, mL.
 */
export const SCOOPS_ML = [
  [12, 80],
  [16, 60],
  [20, 47],
  [24, 40],
  [30, 32],
  [40, 24],
] as const;

export type Portioned = { readonly scoop: number; readonly ml: number; readonly scoops: number };

export type Divided = {
  readonly eachG: number;
  /** Likely error of one tin, g, and what that is in depth, mm. */
  readonly errorG: number;
  readonly errorMm: number;
  /** For cups: the scoop that comes nearest, and how many of them go into each. */
  readonly portioned: Portioned | null;
};

/** What goes into each tin, and how far off it is likely to be when divided in that way. */
export function divided(fill: TinFill, by: Dividing): Divided {
  const errorG = Math.max(by === "scale" ? 2 : 0, LIKELY_ERROR[by] * fill.batterG);
  const cup = tinFamily(fill.geometry.tin) === "cup";
  return {
    eachG: fill.batterG,
    errorG,
    errorMm: (fill.depthMm * errorG) / fill.batterG,
    portioned: cup ? nearestScoop(fill.batterMl) : null,
  };
}

/** A second scoop has to come this much nearer to be worth its while, as a share. Judgement. */
const SECOND_SCOOP = 0.06;

/**
 * The scoop, taken once or twice, that comes nearest to a volume; null when none comes within a
 * quarter of it.
 */
export function nearestScoop(volumeMl: number): Portioned | null {
  const off = ({ ml, scoops }: Portioned): number =>
    Math.abs(Math.log((ml * scoops) / volumeMl)) + SECOND_SCOOP * (scoops - 1);
  const nearest = SCOOPS_ML.flatMap(([scoop, ml]) =>
    [1, 2].map((scoops): Portioned => ({ scoop, ml, scoops })),
  ).reduce((best, each) => (off(each) < off(best) - 1e-9 ? each : best));
  return off(nearest) < Math.log(1.25) ? nearest : null;
}
