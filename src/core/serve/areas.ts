import type { CakeTop } from "./outline";

/** Area of a top, mm². */
export function areaOf(top: CakeTop): number {
  if (top.kind === "round" || top.kind === "ring" || top.kind === "cup")
    return Math.PI * (top.halfLengthMm ** 2 - top.holeMm ** 2);
  return areaUpTo(top, top.halfLengthMm);
}

/**
 * The nearest number of pieces to one that can't be that can, the larger of two as near; null
 * within no fifty of it.
 */
export function nearestTo(pieces: number, isFine: (number: number) => boolean): number | null {
  for (let step = 1; step <= Math.max(pieces, 50); step += 1) {
    if (isFine(pieces + step)) return pieces + step;
    if (pieces - step >= 1 && isFine(pieces - step)) return pieces - step;
  }
  return null;
}

/** Slices of an integral over x. */
export const STEPS = 240;

/** Area of the top left of x, mm², by the midpoint rule. */
export function areaUpTo(top: CakeTop, x: number): number {
  return areaWithin(top, -top.halfLengthMm, x, Infinity);
}

/** Area between two x and below a height, mm². */
export function areaWithin(top: CakeTop, left: number, right: number, below: number): number {
  const dx = (right - left) / STEPS;
  let sum = 0;
  for (let step = 0; step < STEPS; step += 1) {
    const [low, high] = top.across(left + (step + 0.5) * dx);
    sum += Math.max(0, Math.min(high, below) - low);
  }
  return sum * dx;
}
