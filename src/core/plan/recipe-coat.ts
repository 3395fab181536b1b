// How thick a recipe's own frosting lies on its own cake, so that all of it goes there.

/** A coat is never so many times thinner or thicker than usual. */
const TIMES = { min: 0.25, max: 4 } as const;
/** Tries by secants, and how near is near enough, as a share. */
const ROUNDS = 3;
const NEAR = 0.002;

/**
 * How many times as thick as usual frosting has to lie so that a cake takes so much of it.
 * @param massG what is to go on, g
 * @param takenG what the cake takes at so many times, g; null where it can't be so thick
 * @returns 0.25 to 4; 1 where the cake takes none at all
 */
export function coatTimes(massG: number, takenG: (times: number) => number | null): number {
  const usualG = takenG(1);
  if (usualG === null || usualG <= 0) return 1;
  let [before, beforeG] = [1, usualG];
  let times = within(massG / usualG);
  for (let round = 0; round < ROUNDS; round += 1) {
    const here = takenG(times);
    if (here === null) return before;
    if (Math.abs(here / massG - 1) < NEAR || here === beforeG) break;
    const next = within(times + ((massG - here) * (times - before)) / (here - beforeG));
    [before, beforeG] = [times, here];
    times = next;
  }
  return times;
}

const within = (times: number): number => Math.min(TIMES.max, Math.max(TIMES.min, times));
