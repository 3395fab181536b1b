// Minutes in a microwave or a closed pot: the recipe's own, carried by what is in the vessel.
import type { HeatSource } from "../recipe";
import { roundTo } from "../measure";
import type { Minutes } from "./forecast";

/** What no oven bakes. */
export type OtherHeat = Exclude<HeatSource, "oven">;

/** A recipe's own bake in its own vessel. */
type ToldBake = {
  /** Batter in one vessel, g. */
  readonly massG: number;
  /** Null where it does not say. */
  readonly minutes: number | null;
  readonly checkAtMin: number | null;
};

/**
 * How minutes grow with the batter in one vessel: a microwave gives so much heat a minute, whatever
 * is in it; in a pot heat has to come through, as far as the cube root of it is. Judgement.
 */
const GROWS_BY: Readonly<Record<OtherHeat, number>> = { microwave: 1, "closed-pot": 2 / 3 };

/**
 * Minutes a gram of batter takes in a microwave of 800 W of which two thirds reach it: 75 K at 2.9
 * J/gK, and a tenth of it to steam at 2260 J/g. Judgement.
 */
const MICROWAVE_MIN_PER_G = (2.9 * 75 + 0.1 * 2260) / (800 * 0.66) / 60;

/** σ of the logarithm of the minutes: of a told bake, and by how far its mass is left. Judgement. */
const SIGMA_TOLD = 0.12;
const SIGMA_UNTOLD = 0.3;
const SIGMA_PER_LOG = 0.25;
/** Nearer to the recipe's own than this it is the recipe's own. */
const SAME_SHARE = 0.05;

/** So far from the recipe's own mass in a vessel it says nothing any more, as a ratio. */
export const CARRIED_BY_MASS = { min: 0.4, max: 2.5 } as const;

/** Whether so many times the recipe's mass in a vessel is the recipe's own. */
export const isOwnMass = (ratio: number): boolean => Math.abs(ratio - 1) <= SAME_SHARE;

/**
 * Minutes of a cake in a microwave or a closed pot: t·(m/m₀)^1 or ^(2/3), first look t·e^(−1.6σ),
 * not past t·e^(1.5σ), σ² = 0.12² + (0.25·ln(m/m₀))². In its own amount it is looked at when the
 * recipe says. To a quarter of a minute below ten.
 * @param massG batter in one vessel, g, above 0
 * @param usualMin what is usual in a pot where the recipe says nothing, min
 */
export function otherMinutes(
  source: OtherHeat,
  massG: number,
  told: ToldBake,
  usualMin: number,
): Minutes {
  const ratio = massG / told.massG;
  const far = Math.log(ratio);
  const isOwn = isOwnMass(ratio);
  const own =
    told.minutes ?? (source === "microwave" ? MICROWAVE_MIN_PER_G * told.massG : usualMin);
  const likely = isOwn ? own : own * ratio ** GROWS_BY[source];
  const sigma = Math.hypot(
    told.minutes === null ? SIGMA_UNTOLD : SIGMA_TOLD,
    isOwn ? 0 : SIGMA_PER_LOG * far,
  );
  const whole = (minutes: number): number =>
    roundTo(Math.max(0.25, minutes), minutes < 10 ? 0.25 : 1);
  const check = told.checkAtMin === null ? null : (told.checkAtMin * likely) / own;
  const look = check ?? (isOwn && told.minutes !== null ? likely : likely * Math.exp(-1.6 * sigma));
  const firstLookMin = whole(Math.min(look, likely));
  return {
    doorShutUntilMin: firstLookMin,
    firstLookMin,
    likelyMin: whole(likely),
    notPastMin: Math.max(whole(likely), whole(likely * Math.exp(1.5 * sigma))),
  };
}
