import { assertNever } from "../measure";
import { movedIn, planRow, type PlanKind, type PlanSize } from "./plans";

/** A tube through the middle: its diameter at the floor and at the rim, mm. */
export type Tube = { readonly floorMm: number; readonly rimMm: number };

export type StraightWall = {
  readonly kind: "straight";
  readonly plan: PlanKind;
  readonly depthMm: number;
  readonly floor: PlanSize;
  readonly rim: PlanSize;
  readonly filletMm: number;
  readonly tube: Tube | null;
};

export type TroughWall = {
  readonly kind: "trough";
  readonly depthMm: number;
  readonly outerRadiusMm: number;
  readonly tubeRadiusMm: number;
  readonly bulge: number;
  readonly outerShare: number;
  readonly fluteDepth: number;
  /** Length of the fluted outline over that of a plain circle. */
  readonly fluteStretch: number;
};

/**
 * A wall measured at several heights, lowest first, straight between them; `longerMm` is length
 * less width, 0 for a round.
 */
export type ProfileWall = {
  readonly kind: "profile";
  readonly depthMm: number;
  readonly points: readonly { readonly heightMm: number; readonly widthMm: number }[];
  readonly longerMm: number;
};

export type DomeWall = {
  readonly kind: "dome";
  readonly depthMm: number;
  readonly rimRadiusMm: number;
};

export type Wall = StraightWall | TroughWall | DomeWall | ProfileWall;

/**
 * A level cut through the tin: the outer curve, the tube's curve, and the drawn half-widths along
 * the tin's length.
 */
export type Cut = {
  readonly outerAreaMm2: number;
  readonly outerPerimeterMm: number;
  readonly innerAreaMm2: number;
  readonly innerPerimeterMm: number;
  readonly halfLengthMm: number;
  readonly halfWidthMm: number;
  readonly tubeRadiusMm: number;
};

/**
 * The level cut through a wall at `heightMm` above the floor, for heights from 0 to the tin's
 * depth. Straight walls run from floor to rim, less the fillet; a trough's width is w =
 * w_rim(1-(1-h/H)^m)^(1/m), narrowed by the outer wall for λ of it and by the tube for the rest; a
 * dome is a spherical cap; a profile is straight between its points.
 */
export function cutAt(wall: Wall, heightMm: number): Cut {
  switch (wall.kind) {
    case "straight":
      return straightCut(wall, heightMm);
    case "trough":
      return troughCut(wall, heightMm);
    case "dome":
      return domeCut(wall, heightMm);
    case "profile":
      return profileCut(wall, heightMm);
    default:
      return assertNever(wall);
  }
}

/** What batter has of a level cut, mm²: the outer area less the tube's. */
export function netAreaAt(wall: Wall, heightMm: number): number {
  if (wall.kind === "straight" && wall.tube === null) {
    const size = sizeAt(wall, heightMm);
    return planRow(wall.plan).measure(size, filletInset(wall.filletMm, heightMm)).areaMm2;
  }
  const { outerAreaMm2, innerAreaMm2 } = cutAt(wall, heightMm);
  return outerAreaMm2 - innerAreaMm2;
}

function sizeAt({ floor, rim, depthMm }: StraightWall, heightMm: number): PlanSize {
  const up = heightMm / depthMm;
  return {
    lengthMm: between(floor.lengthMm, rim.lengthMm, up),
    widthMm: between(floor.widthMm, rim.widthMm, up),
    cornerMm: between(floor.cornerMm, rim.cornerMm, up),
  };
}

function straightCut(wall: StraightWall, heightMm: number): Cut {
  const size = sizeAt(wall, heightMm);
  const inset = filletInset(wall.filletMm, heightMm);
  const plan = planRow(wall.plan);
  const outer = plan.measure(size, inset);
  const inside = movedIn(plan, size, inset);
  const tubeRadiusMm =
    wall.tube === null
      ? 0
      : between(wall.tube.floorMm, wall.tube.rimMm, heightMm / wall.depthMm) / 2 + inset;
  return {
    outerAreaMm2: outer.areaMm2,
    outerPerimeterMm: outer.perimeterMm,
    innerAreaMm2: Math.PI * tubeRadiusMm * tubeRadiusMm,
    innerPerimeterMm: 2 * Math.PI * tubeRadiusMm,
    halfLengthMm: inside.lengthMm / 2,
    halfWidthMm: inside.widthMm / 2,
    tubeRadiusMm,
  };
}

function between(floor: number, rim: number, up: number): number {
  return floor + (rim - floor) * up;
}

function filletInset(filletMm: number, heightMm: number): number {
  if (heightMm >= filletMm) return 0;
  return filletMm - Math.sqrt(filletMm * filletMm - (filletMm - heightMm) ** 2);
}

function troughCut(wall: TroughWall, heightMm: number): Cut {
  const rimWidth = wall.outerRadiusMm - wall.tubeRadiusMm;
  const down = Math.max(0, 1 - heightMm / wall.depthMm);
  const narrowing = rimWidth * (1 - (1 - down ** wall.bulge) ** (1 / wall.bulge));
  const outer = wall.outerRadiusMm - wall.outerShare * narrowing;
  const tube = wall.tubeRadiusMm + (1 - wall.outerShare) * narrowing;
  return {
    outerAreaMm2: Math.PI * outer * outer * (1 + (wall.fluteDepth * wall.fluteDepth) / 2),
    outerPerimeterMm: 2 * Math.PI * outer * wall.fluteStretch,
    innerAreaMm2: Math.PI * tube * tube,
    innerPerimeterMm: 2 * Math.PI * tube,
    halfLengthMm: outer,
    halfWidthMm: outer,
    tubeRadiusMm: tube,
  };
}

/**
 * Length of r = 1 + ε·cos(nθ) over that of a circle. One flute stands for all; the midpoint rule
 * converges at once.
 */
export function fluteStretch(fluteDepth: number, flutes: number): number {
  if (fluteDepth === 0) return 1;
  const steps = 24;
  let sum = 0;
  for (let step = 0; step < steps; step += 1) {
    const phase = (2 * Math.PI * (step + 0.5)) / steps;
    sum += Math.hypot(1 + fluteDepth * Math.cos(phase), fluteDepth * flutes * Math.sin(phase));
  }
  return sum / steps;
}

function domeCut(wall: DomeWall, heightMm: number): Cut {
  const sphere = (wall.rimRadiusMm ** 2 + wall.depthMm ** 2) / (2 * wall.depthMm);
  const radius = Math.sqrt(Math.max(0, 2 * sphere * heightMm - heightMm * heightMm));
  return {
    outerAreaMm2: Math.PI * radius * radius,
    outerPerimeterMm: 2 * Math.PI * radius,
    innerAreaMm2: 0,
    innerPerimeterMm: 0,
    halfLengthMm: radius,
    halfWidthMm: radius,
    tubeRadiusMm: 0,
  };
}

function profileCut({ points, longerMm }: ProfileWall, heightMm: number): Cut {
  const above = Math.max(
    1,
    points.findIndex((point, index) => index > 0 && point.heightMm >= heightMm),
  );
  const [below, top] = [points[above - 1], points[above]];
  if (below === undefined || top === undefined) throw new RangeError("a profile needs two points");
  const widthMm = between(
    below.widthMm,
    top.widthMm,
    (heightMm - below.heightMm) / (top.heightMm - below.heightMm),
  );
  const outer = planRow(longerMm > 0 ? "rectangle" : "round").measure(
    { lengthMm: widthMm + longerMm, widthMm, cornerMm: 0 },
    0,
  );
  return {
    outerAreaMm2: outer.areaMm2,
    outerPerimeterMm: outer.perimeterMm,
    innerAreaMm2: 0,
    innerPerimeterMm: 0,
    halfLengthMm: (widthMm + longerMm) / 2,
    halfWidthMm: widthMm / 2,
    tubeRadiusMm: 0,
  };
}

/**
 * Heights between which a wall's area is smooth enough for the quadrature, mm, from 0 to the depth.
 */
export function wallKnots(wall: Wall): readonly number[] {
  // Fillets and troughs start out level, like a square root: intervals that grow with the square of
  // their number keep each one equally smooth.
  const graded = (end: number, parts: number): readonly number[] =>
    Array.from({ length: parts }, (_, part) => end * (part / parts) ** 2);
  switch (wall.kind) {
    case "straight":
      return wall.filletMm > 0
        ? [...graded(wall.filletMm, 3), wall.filletMm, wall.depthMm]
        : [0, wall.depthMm];
    case "profile":
      return wall.points.map((point) => point.heightMm);
    case "trough":
    case "dome":
      return [...graded(wall.depthMm, 8), wall.depthMm];
    default:
      return assertNever(wall);
  }
}
