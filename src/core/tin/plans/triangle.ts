import { polygonPath } from "../paths";
import { movedIn, type PlanRow } from "./plan";

/** Half the perimeter of an equilateral triangle over the radius of the circle inside it. */
const T = 3 * Math.sqrt(3);

/**
 * An equilateral triangle with rounded corners, in the box round its sharp one: as long as its side,
 * as wide as it is high. Exact.
 */
export const trianglePlan: PlanRow = {
  measure: (size, insetMm) => {
    const { widthMm, cornerMm } = movedIn(trianglePlan, size, insetMm);
    const inside = widthMm / 3;
    return {
      areaMm2: T * inside * inside - (T - Math.PI) * cornerMm * cornerMm,
      perimeterMm: 2 * T * inside - 2 * (T - Math.PI) * cornerMm,
    };
  },
  mask: ({ halfLengthMm, halfWidthMm }) => ({
    halfLengthMm,
    halfWidthMm,
    isQuartered: false,
    isInside: (x, y) =>
      y >= -halfWidthMm && Math.abs(x) <= (halfLengthMm * (halfWidthMm - y)) / (2 * halfWidthMm),
  }),
  paper: ({ lengthMm, widthMm }) => ({
    lengthMm,
    widthMm,
    path: polygonPath([
      [-lengthMm / 2, widthMm / 2],
      [0, -widthMm / 2],
      [lengthMm / 2, widthMm / 2],
    ]),
  }),
  narrows: { length: 2 * Math.sqrt(3), width: 3 },
  cornering: T,
  isOblong: false,
};
