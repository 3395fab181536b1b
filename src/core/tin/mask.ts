import { cutAt } from "./wall";
import type { TinGeometry } from "./geometry";

/**
 * A plan that is neither round nor rectangular, in a box about its middle: whether a point, mm from
 * the middle, lies inside.
 */
export type PlanMask = {
  readonly halfLengthMm: number;
  readonly halfWidthMm: number;
  /**
   * Whether it is the same on both sides of its length as well; all are the same left and right of
   * their middle.
   */
  readonly isQuartered: boolean;
  readonly isInside: (xMm: number, yMm: number) => boolean;
};

/**
 * The {@link PlanMask} of an oval, a hexagon or a heart at a height; null for tins that are round,
 * ringed or rectangular.
 */
export function planMask(geometry: TinGeometry, heightMm: number): PlanMask | null {
  const { wall } = geometry;
  if (wall.kind !== "straight") return null;
  const cut = cutAt(wall, Math.min(heightMm, geometry.depthMm));
  const box = { halfLengthMm: cut.halfLengthMm, halfWidthMm: cut.halfWidthMm };
  switch (wall.plan) {
    case "oval":
      return {
        ...box,
        isQuartered: true,
        isInside: (x, y) => (x / box.halfLengthMm) ** 2 + (y / box.halfWidthMm) ** 2 <= 1,
      };
    case "hexagon": {
      // Across its flats upright, across its points sideways.
      const across = box.halfWidthMm;
      return {
        halfLengthMm: (2 * across) / Math.sqrt(3),
        halfWidthMm: across,
        isQuartered: true,
        isInside: (x, y) =>
          Math.abs(y) <= across && Math.abs(x) * Math.sqrt(3) + Math.abs(y) <= 2 * across,
      };
    }
    case "heart":
      return {
        ...box,
        isQuartered: false,
        isInside: (x, y) =>
          isInHeart(
            (x / box.halfLengthMm) * HEART_HALF_WIDTH,
            (y / box.halfWidthMm) * HEART_HALF_HEIGHT + HEART_MIDDLE,
          ),
      };
    case "round":
    case "rectangle":
      return null;
  }
}

/** A heart of unit square: the square on its corner, a half-circle on each of its upper sides. */
const LOBE = Math.SQRT2 / 4;
const HEART_HALF_WIDTH = LOBE + 0.5;
const HEART_HALF_HEIGHT = (LOBE + 0.5 + Math.SQRT1_2) / 2;
const HEART_MIDDLE = (LOBE + 0.5 - Math.SQRT1_2) / 2;

function isInHeart(x: number, y: number): boolean {
  return (
    Math.abs(x) + Math.abs(y) <= Math.SQRT1_2 || Math.hypot(Math.abs(x) - LOBE, y - LOBE) <= 0.5
  );
}
