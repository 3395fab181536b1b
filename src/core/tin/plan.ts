import { assertNever } from "../measure";

/**
 * The outline of a level cut through a tin. A round has equal length and width; a polygon's are
 * across its flats.
 */
export type PlanKind = "round" | "rectangle" | "hexagon" | "oval" | "heart";

export type PlanSize = {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly cornerMm: number;
};

export type PlanMeasure = { readonly areaMm2: number; readonly perimeterMm: number };

const HEXAGON_T = 6 * Math.tan(Math.PI / 6);
/**
 * A heart's area over its bounding box; a square with two half-circles has 0.67, sold tins are a
 * little fuller.
 */
const HEART_FULLNESS = 0.7;
/**
 * Area lost to a heart's point and notch when its outline moves in: the coefficient of t² for its
 * offset curve.
 */
const HEART_OFFSET = 3.356;

/**
 * Area (mm²) and perimeter (mm) of a plan outline moved in by `insetMm` all round; a negative inset
 * moves it out. Exact for rounds, rounded rectangles and hexagons; the oval uses Ramanujan's
 * perimeter and moves in along its axes, the heart a second-order offset.
 * @param insetMm less than half of the short side
 * @example planMeasure("round", { lengthMm: 200, widthMm: 200, cornerMm: 0 }, 0).areaMm2 // 31415.9…
 */
export function planMeasure(kind: PlanKind, size: PlanSize, insetMm: number): PlanMeasure {
  const length = size.lengthMm - 2 * insetMm;
  const width = size.widthMm - 2 * insetMm;
  const corner = Math.max(0, size.cornerMm - insetMm);
  switch (kind) {
    case "round":
      return { areaMm2: (Math.PI * width * width) / 4, perimeterMm: Math.PI * width };
    case "rectangle":
      return {
        areaMm2: length * width - (4 - Math.PI) * corner * corner,
        perimeterMm: 2 * (length + width) - (8 - 2 * Math.PI) * corner,
      };
    case "hexagon":
      return {
        areaMm2: (HEXAGON_T * width * width) / 4 - (HEXAGON_T - Math.PI) * corner * corner,
        perimeterMm: HEXAGON_T * width - 2 * (HEXAGON_T - Math.PI) * corner,
      };
    case "oval":
      return {
        areaMm2: (Math.PI * length * width) / 4,
        perimeterMm: ellipsePerimeter(length / 2, width / 2),
      };
    case "heart":
      return heartMeasure(size, insetMm);
    default:
      return assertNever(kind);
  }
}

/** Ramanujan's second formula, within 1e-5 for any oval a tin could have. */
function ellipsePerimeter(a: number, b: number): number {
  const h = ((a - b) / (a + b)) ** 2;
  return Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
}

function heartMeasure(size: PlanSize, insetMm: number): PlanMeasure {
  const areaMm2 = HEART_FULLNESS * size.lengthMm * size.widthMm;
  const perimeterMm = (2 + Math.PI) * Math.sqrt(areaMm2 / (1 + Math.PI / 4));
  return {
    areaMm2: areaMm2 - perimeterMm * insetMm + HEART_OFFSET * insetMm * insetMm,
    perimeterMm: perimeterMm - 2 * HEART_OFFSET * insetMm,
  };
}
