import { polygonPath } from "../paths";
import { BOTH_SIDES, movedIn, type PlanRow } from "./plan";

/** A regular hexagon's area over a quarter of its width squared, and its perimeter over its width. */
const T = 6 * Math.tan(Math.PI / 6);

/** A regular hexagon with rounded corners, by its width across the flats. Exact. */
export const hexagonPlan: PlanRow = {
  measure: (size, insetMm) => {
    const { widthMm, cornerMm } = movedIn(hexagonPlan, size, insetMm);
    return {
      areaMm2: (T * widthMm * widthMm) / 4 - (T - Math.PI) * cornerMm * cornerMm,
      perimeterMm: T * widthMm - 2 * (T - Math.PI) * cornerMm,
    };
  },
  // Across its flats upright, across its points sideways.
  mask: ({ halfWidthMm: across }) => ({
    halfLengthMm: (2 * across) / Math.sqrt(3),
    halfWidthMm: across,
    isQuartered: true,
    isInside: (x, y) =>
      Math.abs(y) <= across && Math.abs(x) * Math.sqrt(3) + Math.abs(y) <= 2 * across,
  }),
  paper: ({ widthMm }) => {
    const radius = widthMm / Math.sqrt(3);
    const corners = [0, 1, 2, 3, 4, 5].map(
      (corner) =>
        [
          radius * Math.cos((corner * Math.PI) / 3),
          radius * Math.sin((corner * Math.PI) / 3),
        ] as const,
    );
    return { lengthMm: 2 * radius, widthMm, path: polygonPath(corners) };
  },
  narrows: BOTH_SIDES,
  isOblong: false,
};
