import { bad, good, type Result } from "../measure";
import { wallDefaults } from "./defaults";
import { drawnGeometry, type TinGeometry } from "./geometry";
import type { Tin } from "./schema";
import { brimVolume } from "./volume";

/** A water fill further than this from the geometry is a slip of the scale or of the ruler, and is refused. */
const MOST_DISAGREEMENT = 0.15;

/**
 * The settled geometry of a tin. A water fill (`brimMl`) is met by solving the wall's taper, or a ring's bulge, so that
 * rim and depth stay as measured; only where no taper can meet it are the areas scaled.
 * Fails with an `out-of-range` issue when the sizes contradict each other, or the water differs from them by over 15 %.
 * @example tinGeometry({ shape: "round", diameterMm: 200, depthMm: 50 })
 */
export function tinGeometry(tin: Tin): Result<TinGeometry> {
  const drawn = drawnGeometry(tin);
  if (!drawn.ok || tin.brimMl === undefined) return drawn;
  const drawnMl = brimVolume(drawn.value);
  const ratio = tin.brimMl / drawnMl;
  if (Math.abs(ratio - 1) > MOST_DISAGREEMENT) {
    return bad({
      code: "out-of-range",
      path: "brimMl",
      value: tin.brimMl,
      min: Math.ceil(drawnMl * (1 - MOST_DISAGREEMENT)),
      max: Math.floor(drawnMl * (1 + MOST_DISAGREEMENT)),
      unit: "mL",
      because: "water-disagrees-with-size",
    });
  }
  return good(solvedWall(tin, tin.brimMl) ?? { ...drawn.value, areaScale: ratio });
}

function solvedWall(tin: Tin, brimMl: number): TinGeometry | null {
  const { wall } = wallDefaults(tin);
  if (wall === "dome") return null;
  // A steeper taper holds less and a boxier trough holds more: both are monotone, so halving finds the one that fits.
  let [less, more] = wall === "trough" ? [1.2, 8] : [40, 0];
  const built = (value: number): TinGeometry | null => {
    const result = drawnGeometry(tin, wall === "trough" ? { bulge: value } : { taperDeg: value });
    return result.ok ? result.value : null;
  };
  const most = built(more);
  if (most === null || brimVolume(most) < brimMl) return null;
  let found = most;
  for (let step = 0; step < 50; step += 1) {
    const middle = (less + more) / 2;
    const candidate = built(middle);
    if (candidate === null || brimVolume(candidate) < brimMl) less = middle;
    else {
      more = middle;
      found = candidate;
    }
  }
  return found;
}
