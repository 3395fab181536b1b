import type { PlanKind } from "./plan";
import type { Tin } from "./schema";

/**
 * A wall that leans straight from floor to rim. Corner radii at rim and floor, fillet where wall
 * meets floor.
 */
export type StraightDefaults = {
  readonly wall: "straight";
  readonly plan: PlanKind;
  readonly taperDeg: number;
  readonly cornerMm: readonly [rim: number, floor: number];
  readonly filletMm: number;
  /**
   * Tube at the rim as a fraction of the tin's diameter; it widens downwards by the wall's taper.
   */
  readonly tubeFraction?: number;
};

/** A curved trough round a tube: a ring or a fluted ring. */
export type TroughDefaults = {
  readonly wall: "trough";
  /** Exponent m of the trough's profile: 2 is half an ellipse, more is boxier. */
  readonly bulge: number;
  /** λ: the share of the trough's narrowing taken from the outer wall. */
  readonly outerShare: number;
  readonly tubeFraction: number;
  /** ε: depth of the flutes as a fraction of the radius. */
  readonly fluteDepth: number;
  readonly flutes: number;
};

export type WallDefaults =
  StraightDefaults | TroughDefaults | { readonly wall: "dome" } | { readonly wall: "profile" };

const straight = (
  plan: PlanKind,
  taperDeg: number,
  filletMm: number,
  cornerMm: readonly [number, number] = [0, 0],
): StraightDefaults => ({
  wall: "straight",
  plan,
  taperDeg,
  cornerMm,
  filletMm,
});

/** A sheet tin is up to this deep, mm. */
export const SHEET_DEPTH_MM = 30;

/**
 * Usual build of each shape of tin, used where the baker has measured nothing. Judgement from
 * pressed and folded tins as commonly sold; a measured taper, corner or water fill replaces it.
 */
export function wallDefaults(tin: Tin): WallDefaults {
  const isGlass = tin.material === "glass" || tin.material === "ceramic";
  switch (tin.shape) {
    case "round":
      return straight("round", 0, 3);
    case "springform":
      return straight("round", 0, 0);
    case "dome":
      return { wall: "dome" };
    case "skillet":
      return straight("round", 20, 8);
    case "ramekin":
      return straight("round", 3, 4);
    case "mug":
      return straight("round", 2, 6);
    case "well":
      return straight("round", 13, 3);
    case "square":
      return isGlass
        ? straight("rectangle", 6, 10, [32, 26])
        : straight("rectangle", 3, 5, [15, 12]);
    case "rectangle":
      if (isGlass) return straight("rectangle", 6, 12, [38, 30]);
      return tin.depthMm <= SHEET_DEPTH_MM
        ? straight("rectangle", 8, 5, [20, 16])
        : straight("rectangle", 4, 6, [22, 18]);
    case "loaf":
      return straight("rectangle", 7, 6, [14, 10]);
    case "oval":
      return straight("oval", 3, 3);
    case "heart":
      return straight("heart", 1, 3);
    case "hexagon":
      return straight("hexagon", 1, 3, [5, 5]);
    case "odd":
      return straight("round", 0, 0);
    case "drawn":
      return { wall: "profile" };
    case "tube":
      return { ...straight("round", 5, 3), tubeFraction: 0.24 };
    case "ring":
      return {
        wall: "trough",
        bulge: 2.2,
        outerShare: 0.5,
        tubeFraction: 0.36,
        fluteDepth: 0,
        flutes: 0,
      };
    case "fluted":
      return {
        wall: "trough",
        bulge: 2,
        outerShare: 0.62,
        tubeFraction: 0.3,
        fluteDepth: 0.04,
        flutes: 12,
      };
  }
}
