import { ellipsePath } from "../paths";
import { BOTH_SIDES, movedIn, type PlanRow } from "./plan";

/**
 * An ellipse; Ramanujan's second formula for its perimeter, within 1e-5 for any oval a tin could
 * have. It moves in along its axes.
 */
export const ovalPlan: PlanRow = {
  measure: (size, insetMm) => {
    const { lengthMm, widthMm } = movedIn(ovalPlan, size, insetMm);
    return {
      areaMm2: (Math.PI * lengthMm * widthMm) / 4,
      perimeterMm: ellipsePerimeter(lengthMm / 2, widthMm / 2),
    };
  },
  mask: (box) => ({
    ...box,
    isQuartered: true,
    isInside: (x, y) => (x / box.halfLengthMm) ** 2 + (y / box.halfWidthMm) ** 2 <= 1,
  }),
  paper: ({ lengthMm, widthMm }) => ({
    lengthMm,
    widthMm,
    path: ellipsePath(lengthMm / 2, widthMm / 2),
  }),
  narrows: BOTH_SIDES,
  isOblong: true,
};

function ellipsePerimeter(a: number, b: number): number {
  const h = ((a - b) / (a + b)) ** 2;
  return Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
}
