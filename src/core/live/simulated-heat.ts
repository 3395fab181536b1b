import type { CoreCurve } from "../bake";
import { drawnNormal, type Chance } from "./chance";

/**
 * How a simulated bake really goes, which nobody at the bench knows: its pace, and what its oven is
 * off.
 */
export type HiddenBake = {
  /** So many times as slow as forecast. */
  readonly pace: number;
  /** The oven is so much hotter than it was set, °C. */
  readonly offC: number;
  readonly probeOffC: number;
};

/**
 * How much forecasts and ovens are off. Judgement: a forecast's own σ; a good oven's few degrees.
 */
const PACE_SIGMA = 0.08;
const OVEN_SIGMA_C = 6;
const PROBE_SIGMA_C = 0.4;

/** A hidden bake by chance. */
export function hiddenBake(seed: number): HiddenBake {
  const [pace, then] = drawnNormal({ seed });
  const [off, next] = drawnNormal(then);
  const [probe] = drawnNormal(next);
  return {
    pace: Math.exp(PACE_SIGMA * pace),
    offC: OVEN_SIGMA_C * off,
    probeOffC: PROBE_SIGMA_C * probe,
  };
}

/** What happened to what is measured, minutes by one clock. */
export type Warmth = {
  readonly ovenC: number;
  readonly onAt: number | null;
  readonly doorAt: readonly number[];
  readonly inAt: number | null;
  readonly outAt: number | null;
  /** The middle as forecast. */ readonly curve: CoreCurve;
};

const ROOM_C = 20;
/**
 * Time constants, min: an oven warming up, coming back after its door was opened, its thermostat's
 * to and fro; a cake on the bench. Judgement.
 */
const WARM_MIN = 4.5;
const DOOR_MIN = 2.5;
const DOOR_C = 35;
const CYCLE_MIN = 6;
const CYCLE_C = 5;
const COOL_MIN = 45;
const NOISE_C = 0.3;

/**
 * What a thermometer in the oven reads, °C: warming up, to and fro, and down whenever the door is
 * opened.
 */
export function ovenReads(
  warmth: Warmth,
  hidden: HiddenBake,
  now: number,
  chance: Chance,
): readonly [tempC: number, next: Chance] {
  const [noise, next] = drawnNormal(chance);
  if (warmth.onAt === null || now < warmth.onAt) return [ROOM_C + NOISE_C * noise, next];
  const minutes = now - warmth.onAt;
  const warm = 1 - Math.exp(-minutes / WARM_MIN);
  const doors = warmth.doorAt.reduce(
    (sum, at) => sum + (at <= now ? DOOR_C * Math.exp(-(now - at) / DOOR_MIN) : 0),
    0,
  );
  const trueC = warmth.ovenC + hidden.offC;
  return [
    ROOM_C +
      (trueC - ROOM_C) * warm +
      CYCLE_C * warm * Math.sin((2 * Math.PI * minutes) / CYCLE_MIN) -
      Math.min(doors, trueC - ROOM_C) +
      NOISE_C * noise,
    next,
  ];
}

/**
 * What a probe in the middle reads, °C: the forecast's curve at the hidden pace, then cooling on
 * the bench.
 */
export function coreReads(
  warmth: Warmth,
  hidden: HiddenBake,
  now: number,
  chance: Chance,
): readonly [tempC: number, next: Chance] {
  const [noise, next] = drawnNormal(chance);
  const { inAt, outAt } = warmth;
  if (inAt === null || now < inAt) return [ROOM_C + hidden.probeOffC + NOISE_C * noise, next];
  const curve: CoreCurve = (minute) => warmth.curve(minute / hidden.pace);
  const trueC =
    outAt === null || now < outAt
      ? curve(now - inAt)
      : ROOM_C + (curve(outAt - inAt) - ROOM_C) * Math.exp(-(now - outAt) / COOL_MIN);
  return [trueC + hidden.probeOffC + NOISE_C * noise, next];
}
