import { circlePath } from "../paths";
import { BOTH_SIDES, type PlanRow } from "./plan";

/** A circle. */
export const roundPlan: PlanRow = {
  measure: ({ widthMm }, insetMm) => {
    const width = widthMm - 2 * insetMm;
    return { areaMm2: (Math.PI * width * width) / 4, perimeterMm: Math.PI * width };
  },
  mask: null,
  paper: ({ widthMm }) => ({ lengthMm: widthMm, widthMm, path: circlePath(widthMm / 2) }),
  narrows: BOTH_SIDES,
  isOblong: false,
};
