import { bad, good, type RangeReason, type Result } from "../measure";
import { drawnGeometry, withFactor, type TinGeometry } from "./geometry";
import { shapeRow, type Tin } from "./shapes";
import { brimVolume, volumeAt } from "./volume";

/**
 * A water fill further than this from the geometry is a slip of the scale or of the ruler, and is
 * refused.
 */
const MOST_DISAGREEMENT = 0.15;
/** Up to here nobody needs to hear of it. */
const USUAL_DISAGREEMENT = 0.05;

/**
 * Grams of water to a millilitre, cold from the tap and warm at 40 °C: what a scale in air shows.
 */
const WATER_G_PER_ML = { cold: 0.998, warm: 0.992 } as const;
export type WaterHeat = keyof typeof WATER_G_PER_ML;

/**
 * Volume of weighed water, mL.
 * @example waterMl(998, "cold") // 1000
 */
export function waterMl(massG: number, heat: WaterHeat): number {
  return massG / WATER_G_PER_ML[heat];
}

/** What a tin's volumes rest on. */
export type VolumeBasis = "sizes" | "water" | "water-scaled" | "water-alone";

/**
 * How far a tin's volumes at baking depths may be off, as a share. Judgement: a ruler and the usual
 * build of its shape within 5 %; a water fill that fits rim and depth 1 %; one that could only be
 * met by scaling 4 %; an odd tin, whose depths are a guess, 10 %.
 */
const UNSURE: Readonly<Record<VolumeBasis, number>> = {
  sizes: 0.05,
  water: 0.01,
  "water-scaled": 0.04,
  "water-alone": 0.1,
};

export type VolumeTrust = {
  readonly basis: VolumeBasis;
  readonly unsure: number;
  /** Water over what the sizes alone would give, when that is remarkable: more than 5 % from 1. */
  readonly waterOverSizes: number | null;
};

/** What a tin's volumes rest on, and how far they may be off. */
export function volumeTrust(given: Tin): VolumeTrust {
  const tin = ofOneWell(given);
  if (tin.shape === "odd")
    return { basis: "water-alone", unsure: UNSURE["water-alone"], waterOverSizes: null };
  if (tin.brimMl === undefined)
    return { basis: "sizes", unsure: UNSURE.sizes, waterOverSizes: null };
  const isSolved = tin.halfMl !== undefined || solvedWall(tin, tin.brimMl) !== null;
  const basis = isSolved ? "water" : "water-scaled";
  const drawn = drawnGeometry(tin);
  const ratio = drawn.ok ? tin.brimMl / brimVolume(drawn.value) : 1;
  return {
    basis,
    unsure: UNSURE[basis],
    waterOverSizes: Math.abs(ratio - 1) > USUAL_DISAGREEMENT ? ratio : null,
  };
}

/**
 * The settled geometry of a tin. A water fill (`brimMl`) is met by solving the wall's taper, or a
 * ring's bulge, so that rim and depth stay as measured; only where no taper can meet it are the
 * areas scaled. A second fill to half of the depth (`halfMl`) is met by A(h)·(α + β·h/H). Water of
 * cups is that of one well; water that fits the whole tray is shared out over its wells. Fails with
 * an `out-of-range` issue when the sizes contradict each other, or the water differs from them by
 * over 15 %.
 * @example tinGeometry({ shape: "round", diameterMm: 200, depthMm: 50 })
 */
export function tinGeometry(given: Tin): Result<TinGeometry> {
  const tin = ofOneWell(given);
  const drawn = drawnGeometry(tin);
  if (!drawn.ok || tin.shape === "odd") return drawn;
  if (tin.brimMl === undefined) {
    return tin.halfMl === undefined
      ? drawn
      : bad({ code: "missing", path: "brimMl", expected: "volume" });
  }
  const brimMl = brimVolume(drawn.value);
  if (disagrees(tin.brimMl, brimMl))
    return waterIssue("brimMl", tin.brimMl, brimMl, "water-disagrees-with-size");
  const byBrim =
    solvedWall(tin, tin.brimMl) ?? scaledBy(drawn.value, tin.brimMl / brimMl, tin.brimMl / brimMl);
  if (tin.halfMl === undefined) return good(byBrim);
  const halfMl = volumeAt(byBrim, byBrim.depthMm / 2);
  if (disagrees(tin.halfMl, halfMl))
    return waterIssue("halfMl", tin.halfMl, halfMl, "half-disagrees-with-brim");
  return good(throughBoth(drawn.value, tin.brimMl, tin.halfMl));
}

/** A tray of cups whose water was poured into all of them, with what one of them holds. */
function ofOneWell(tin: Tin): Tin {
  if (tin.shape !== "well" || tin.brimMl === undefined || tin.count === undefined || tin.count < 2)
    return tin;
  const drawn = drawnGeometry(tin);
  if (!drawn.ok || disagrees(tin.brimMl / tin.count, brimVolume(drawn.value))) return tin;
  return {
    ...tin,
    brimMl: tin.brimMl / tin.count,
    ...(tin.halfMl === undefined ? {} : { halfMl: tin.halfMl / tin.count }),
  };
}

function disagrees(waterVolumeMl: number, expectedMl: number): boolean {
  return Math.abs(waterVolumeMl / expectedMl - 1) > MOST_DISAGREEMENT;
}

function waterIssue(
  path: string,
  value: number,
  expectedMl: number,
  because: RangeReason,
): ReturnType<typeof bad> {
  const [min, max] = [
    Math.ceil(expectedMl * (1 - MOST_DISAGREEMENT)),
    Math.floor(expectedMl * (1 + MOST_DISAGREEMENT)),
  ];
  return bad({ code: "out-of-range", path, value, min, max, unit: "mL", because });
}

function scaledBy(geometry: TinGeometry, floor: number, rim: number): TinGeometry {
  return { ...geometry, ...withFactor(geometry.wall, { floor, rim }) };
}

/** Volume is linear in α and β, so two fills give two equations. */
function throughBoth(geometry: TinGeometry, brimMl: number, halfMl: number): TinGeometry {
  const growing = scaledBy(geometry, 0, 1);
  const halfMm = geometry.depthMm / 2;
  const [brim, half] = [brimVolume(geometry), volumeAt(geometry, halfMm)];
  const [brimGrowing, halfGrowing] = [brimVolume(growing), volumeAt(growing, halfMm)];
  const determinant = brim * halfGrowing - half * brimGrowing;
  const alpha = (brimMl * halfGrowing - halfMl * brimGrowing) / determinant;
  const beta = (brim * halfMl - half * brimMl) / determinant;
  return scaledBy(geometry, alpha, alpha + beta);
}

/** Water is met when it is this near, as a share. */
const MET = 1e-6;

function solvedWall(tin: Tin, brimMl: number): TinGeometry | null {
  const { wall } = shapeRow(tin.shape).wall(tin);
  if (wall === "dome" || wall === "profile") return null;
  // A boxier trough holds more. A steeper taper holds less under the rim that was measured, and more
  // over a floor that was. All are monotone, so halving finds the one that fits.
  const isByFloor = "sizesAt" in tin && tin.sizesAt === "floor";
  let [less, more] = wall === "trough" ? [1.2, 8] : isByFloor ? [0, 40] : [40, 0];
  const built = (value: number): TinGeometry | null => {
    const result = drawnGeometry(tin, wall === "trough" ? { bulge: value } : { taperDeg: value });
    return result.ok ? result.value : null;
  };
  const most = built(more);
  if (most === null || brimVolume(most) < brimMl) return null;
  const least = built(less);
  if (least !== null && brimVolume(least) > brimMl) return null;
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
  // Where the taper that fits would close the floor, halving ends at the last that does not.
  return Math.abs(brimVolume(found) / brimMl - 1) < MET ? found : null;
}
