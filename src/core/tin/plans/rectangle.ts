import { around, rectanglePath } from "../paths";
import { BOTH_SIDES, movedIn, type PlanRow } from "./plan";

/** A rectangle with rounded corners. Exact. */
export const rectanglePlan: PlanRow = {
  measure: (size, insetMm) => {
    const { lengthMm, widthMm, cornerMm } = movedIn(rectanglePlan, size, insetMm);
    return {
      areaMm2: lengthMm * widthMm - (4 - Math.PI) * cornerMm * cornerMm,
      perimeterMm: 2 * (lengthMm + widthMm) - (8 - 2 * Math.PI) * cornerMm,
    };
  },
  mask: null,
  paper: ({ lengthMm, widthMm }) => ({
    lengthMm,
    widthMm,
    path: rectanglePath(around(lengthMm, widthMm)),
  }),
  narrows: BOTH_SIDES,
  isOblong: true,
};
