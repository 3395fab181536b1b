import { heartPath } from "../paths";
import { BOTH_SIDES, type PlanRow } from "./plan";

/**
 * A heart's area over its bounding box; a square with two half-circles has 0.67, sold tins are a
 * little fuller.
 */
const FULLNESS = 0.7;
/**
 * Area lost to a heart's point and notch when its outline moves in: the coefficient of t² for its
 * offset curve.
 */
const OFFSET = 3.356;

/** A square on its corner with a half-circle on each of its upper sides; a second-order offset. */
export const heartPlan: PlanRow = {
  measure: ({ lengthMm, widthMm }, insetMm) => {
    const areaMm2 = FULLNESS * lengthMm * widthMm;
    const perimeterMm = (2 + Math.PI) * Math.sqrt(areaMm2 / (1 + Math.PI / 4));
    return {
      areaMm2: areaMm2 - perimeterMm * insetMm + OFFSET * insetMm * insetMm,
      perimeterMm: perimeterMm - 2 * OFFSET * insetMm,
    };
  },
  mask: (box) => ({
    ...box,
    isQuartered: false,
    isInside: (x, y) =>
      isInHeart((x / box.halfLengthMm) * HALF_WIDTH, (y / box.halfWidthMm) * HALF_HEIGHT + MIDDLE),
  }),
  paper: ({ lengthMm, widthMm }) => ({ lengthMm, widthMm, path: heartPath(lengthMm, widthMm) }),
  narrows: BOTH_SIDES,
  isOblong: false,
};

/** A heart of unit square. */
const LOBE = Math.SQRT2 / 4;
const HALF_WIDTH = LOBE + 0.5;
const HALF_HEIGHT = (LOBE + 0.5 + Math.SQRT1_2) / 2;
const MIDDLE = (LOBE + 0.5 - Math.SQRT1_2) / 2;

function isInHeart(x: number, y: number): boolean {
  return (
    Math.abs(x) + Math.abs(y) <= Math.SQRT1_2 || Math.hypot(Math.abs(x) - LOBE, y - LOBE) <= 0.5
  );
}
