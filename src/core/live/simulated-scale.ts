import { drawnNormal, type Chance } from "./chance";

/**
 * A simulated scale with a simulated hand that pours: what is on it, what it shows, what the hand
 * is at.
 */
export type SimulatedScale = {
  readonly targetsG: readonly number[];
  readonly tin: number;
  /** Empty tins weigh this, g. */
  readonly tinG: number;
  /** Batter in the tin that stands on it. */
  readonly batterG: number;
  readonly tareG: number;
  /** Whether it was set to nothing since this tin was put on. */
  readonly isTared: boolean;
  readonly driftG: number;
  /** What its cell has settled to, g, tare not taken off. */
  readonly cellG: number;
  readonly hand: "waits" | "readies" | "pours" | "holds" | "lifts" | "done";
  /** Seconds the hand has been at it. */
  readonly handS: number;
  /** Batter poured past the line, g, below 0 short of it. */
  readonly overG: number;
  readonly restS: number;
  readonly chance: Chance;
};

/** A hand pours so fast, g/s, ever slower towards the line; and misses it by so much. Judgement. */
const FASTEST = 40;
const SLOWEST = 4;
const EASING = 0.5;
const OVERSHOOT_G = 1.5;
const MOST_OVERSHOOT_G = 3;
/**
 * The cell settles with this time constant, s; its noise, g, and its drift, g/s. Judgement: a
 * kitchen scale.
 */
const CELL_S = 0.5;
const NOISE_G = 0.3;
const DRIFT_G_PER_S = 0.01;
const READIES_S = 2;
const HOLDS_S = 4;
const LIFTS_S = 4;
/** Settled when nothing has moved for so long, s. */
const REST_S = 1;
const STEP_S = 0.1;

/**
 * A scale switched on with an empty tin beside it: it shows nothing until the hand puts the tin on.
 */
export function simulatedScale(
  targetsG: readonly number[],
  tin: number,
  seed: number,
): SimulatedScale {
  const tinG = 300 + (seed % 200);
  return {
    targetsG,
    tin,
    tinG,
    batterG: 0,
    tareG: 0,
    isTared: false,
    driftG: 0,
    cellG: 0,
    hand: tin < targetsG.length ? "waits" : "done",
    handS: 0,
    overG: 0,
    restS: 0,
    chance: { seed },
  };
}

/** The scale set to nothing. */
export function tared(scale: SimulatedScale): SimulatedScale {
  return { ...scale, tareG: scale.cellG + scale.driftG, isTared: true };
}

/** So many seconds later, in steps of a tenth. @throws RangeError for time that runs back */
export function scaleAfter(scale: SimulatedScale, seconds: number): SimulatedScale {
  if (!(seconds >= 0)) throw new RangeError(`seconds must be 0 or more, got ${seconds}`);
  let now = scale;
  for (let left = seconds; left > 1e-9; left -= STEP_S) now = stepped(now, Math.min(STEP_S, left));
  return now;
}

function stepped(scale: SimulatedScale, stepS: number): SimulatedScale {
  const moved = handMoved({ ...scale, handS: scale.handS + stepS }, stepS);
  const loadG =
    moved.hand === "done" || (moved.hand === "lifts" && moved.handS < LIFTS_S / 2)
      ? 0
      : moved.tinG + moved.batterG;
  const isMoving = Math.abs(loadG - moved.cellG) > 1;
  return {
    ...moved,
    driftG: moved.driftG + DRIFT_G_PER_S * stepS,
    cellG: moved.cellG + (loadG - moved.cellG) * (1 - Math.exp(-stepS / CELL_S)),
    restS:
      isMoving || moved.hand === "pours" || moved.hand !== scale.hand ? 0 : moved.restS + stepS,
  };
}

function handMoved(scale: SimulatedScale, stepS: number): SimulatedScale {
  const target = scale.targetsG[scale.tin] ?? 0;
  switch (scale.hand) {
    case "readies":
      return scale.handS < READIES_S ? scale : { ...scale, hand: "pours", handS: 0 };
    case "pours": {
      const left = target + scale.overG - scale.batterG;
      if (left <= 0.5) return { ...scale, hand: "holds", handS: 0 };
      const rate = Math.min(FASTEST, SLOWEST + EASING * left);
      return { ...scale, batterG: scale.batterG + Math.min(left, rate * stepS) };
    }
    case "holds":
      return scale.handS < HOLDS_S ? scale : { ...scale, hand: "lifts", handS: 0, isTared: false };
    case "lifts": {
      if (scale.handS < LIFTS_S)
        return scale.handS < LIFTS_S / 2 ? scale : { ...scale, batterG: 0 };
      if (scale.tin + 1 >= scale.targetsG.length)
        return { ...scale, tin: scale.tin + 1, batterG: 0, hand: "done", handS: 0 };
      const [over, chance] = drawnNormal(scale.chance);
      return {
        ...scale,
        tin: scale.tin + 1,
        batterG: 0,
        overG: Math.max(-MOST_OVERSHOOT_G, Math.min(MOST_OVERSHOOT_G, OVERSHOOT_G * over)),
        hand: "waits",
        handS: 0,
        chance,
      };
    }
    case "waits":
      // The hand takes the bowl once its tin is at rest and the scale shows nothing.
      return scale.isTared &&
        scale.restS >= REST_S &&
        Math.abs(scale.cellG + scale.driftG - scale.tareG) <= 2
        ? { ...scale, hand: "readies", handS: 0 }
        : scale;
    case "done":
      return scale;
  }
}

/**
 * What the scale shows, whole grams, and whether it has settled; and the scale with its chance gone
 * on.
 */
export function scaleShows(
  scale: SimulatedScale,
): readonly [shown: { readonly value: number; readonly isStable: boolean }, next: SimulatedScale] {
  const [noise, chance] = drawnNormal(scale.chance);
  const value = Math.round(scale.cellG + scale.driftG - scale.tareG + NOISE_G * noise);
  return [
    { value, isStable: scale.restS >= REST_S },
    { ...scale, chance },
  ];
}
