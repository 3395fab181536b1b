import type { Received } from "./receiver";

/** Pouring into one tin after another on a scale. */
export type Pouring = {
  /** The tin that stands on the scale, by its place; past the last when all are full. */
  readonly tin: number;
  /**
   * `tare`: an empty tin has to be put on and the scale set to nothing. `taring`: it was asked to.
   * `pour`: batter goes in. `swap`: the tin is full and the next one has to be put on.
   */
  readonly phase: "tare" | "taring" | "pour" | "swap";
  /** What was in the tin already when the scale was lost and began anew, g. */
  readonly beforeG: number;
  /** In the tin now, g. */
  readonly netG: number;
  /** What the scale showed when it was asked to set itself to nothing, g. */
  readonly askedG: number;
  /**
   * What was counted in mid-pour when the scale was set to nothing, g: a tin put on only then, or
   * batter, which only the baker can say.
   */
  readonly droppedG: number;
  /** Settled readings in a row near the line. */
  readonly settled: number;
};

/**
 * What a reading leads to: nothing, a tin that is full, or the wish to set the scale to nothing.
 */
export type Poured = {
  readonly pouring: Pouring;
  readonly full: { readonly tin: number; readonly massG: number } | null;
  readonly tare: boolean;
};

/** A tin is full within a hundredth, at least so many grams. Judgement: a teaspoon. */
const NEAR_SHARE = 0.01;
const NEAR_LEAST_G = 4;
/** So often in a row. */
const SETTLED = 2;
/** A scale set to nothing reads within this, g. */
const EMPTY_G = 3;
/** Less, counted before the scale was set to nothing, is not worth a word, g. */
const LEAST_DROPPED_G = 20;

/** Where pouring stands: the first tin that is not yet full, with what is known to be in it. */
export function pouringFrom(tin: number, beforeG: number): Pouring {
  return { tin, phase: "tare", beforeG, netG: beforeG, askedG: 0, droppedG: 0, settled: 0 };
}

/**
 * Pouring after the scale was asked to set itself to nothing: what it shows from then on is batter.
 * In mid-pour too: the tin may have been put on only now. After a full tin it is the next one.
 */
export function tareAsked(pouring: Pouring, shownG: number): Pouring {
  const at = pouring.phase === "swap" ? pouringFrom(pouring.tin + 1, 0) : pouring;
  const countedG = pouring.netG - pouring.beforeG;
  const droppedG = pouring.phase === "pour" && countedG >= LEAST_DROPPED_G ? countedG : at.droppedG;
  return { ...at, phase: "taring", netG: at.beforeG, askedG: shownG, droppedG, settled: 0 };
}

/**
 * Pouring when what was counted before the scale was set to nothing is batter that is in the tin.
 */
export function countedIn(pouring: Pouring): Pouring {
  return {
    ...pouring,
    beforeG: pouring.beforeG + pouring.droppedG,
    netG: pouring.netG + pouring.droppedG,
    droppedG: 0,
  };
}

/** How near to its line a tin counts as full, g. */
export const nearG = (targetG: number): number => Math.max(NEAR_LEAST_G, NEAR_SHARE * targetG);

/**
 * Pouring after one more reading. A tin is full when the scale has settled near its line; the next
 * one starts by itself once it stands there and the scale has been set to nothing.
 * @param targetsG what each tin takes, g
 */
export function poured(
  pouring: Pouring,
  { value, isStable, trouble }: Received,
  targetsG: readonly number[],
): Poured {
  const target = targetsG[pouring.tin];
  const stay = { pouring, full: null, tare: false };
  if (value === null || trouble !== null || target === undefined) return stay;
  switch (pouring.phase) {
    case "tare":
      return stay;
    case "taring":
      // Also when it is not at rest, and no more quite nothing: some hands pour at once.
      return Math.abs(value) <= EMPTY_G || Math.abs(value) < Math.abs(pouring.askedG) / 2
        ? { ...stay, pouring: { ...pouring, phase: "pour" } }
        : stay;
    case "pour": {
      // Set to nothing by its own key.
      if (Math.abs(value) <= EMPTY_G && pouring.netG - pouring.beforeG >= LEAST_DROPPED_G)
        return { ...stay, pouring: { ...tareAsked(pouring, value), phase: "pour" } };
      const netG = value + pouring.beforeG;
      const isNear = isStable && Math.abs(netG - target) <= nearG(target);
      const settled = isNear ? pouring.settled + 1 : 0;
      if (settled < SETTLED) return { ...stay, pouring: { ...pouring, netG, settled } };
      return {
        pouring: { ...pouring, netG, settled: 0, droppedG: 0, phase: "swap" },
        full: { tin: pouring.tin, massG: Math.round(netG) },
        tare: false,
      };
    }
    case "swap":
      // The full tin is off and something lighter stands there, at rest: the next tin.
      if (!isStable || Math.abs(value) > (target - pouring.beforeG) / 2) return stay;
      return { pouring: tareAsked(pouring, value), full: null, tare: true };
  }
}
