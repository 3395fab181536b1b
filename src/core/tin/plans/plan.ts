/** A round has equal length and width; a polygon's are those of the box round it. */
export type PlanSize = {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly cornerMm: number;
};

export type PlanMeasure = { readonly areaMm2: number; readonly perimeterMm: number };

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

/** A disc of paper for a floor: its box, centred, and its path in the form SVG and PDF share. */
export type FloorPaper = {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly path: string;
};

/** All that is known of the outline of a level cut through a tin. */
export type PlanRow = {
  /**
   * Area (mm²) and perimeter (mm) of the outline moved in by `insetMm` all round; a negative inset
   * moves it out.
   * @param insetMm less than half of the short side
   */
  readonly measure: (size: PlanSize, insetMm: number) => PlanMeasure;
  /** Null for rounds and rectangles, which need none. */
  readonly mask:
    ((box: { readonly halfLengthMm: number; readonly halfWidthMm: number }) => PlanMask) | null;
  readonly paper: (size: PlanSize) => FloorPaper;
  /** What its length and its width lose for each mm that it is moved in. */
  readonly narrows: { readonly length: number; readonly width: number };
  /**
   * κ of A - P·w + κ·w², what is left of it inside a band w, where that is over 4, a square's: the
   * sum of tan(θ/2) over the turns θ of its corners.
   */
  readonly cornering?: number;
  /** Whether heat and knife take it for a box, not for a round of its area. */
  readonly isOblong: boolean;
};

/** What an outline loses that is as wide as the circle inside it. */
export const BOTH_SIDES = { length: 2, width: 2 } as const;

/** Length and width of an outline moved in all round, mm. */
export function movedIn(
  { narrows }: Pick<PlanRow, "narrows">,
  size: PlanSize,
  byMm: number,
): PlanSize {
  return {
    lengthMm: size.lengthMm - narrows.length * byMm,
    widthMm: size.widthMm - narrows.width * byMm,
    cornerMm: Math.max(0, size.cornerMm - byMm),
  };
}
