import type { TinGeometry } from "./geometry";
import {
  around,
  circlePath,
  linesPath,
  rectanglePath,
  sectorPath,
  type Box,
  type Fan,
} from "./paths";
import { movedIn, planRow, type PlanKind, type PlanSize } from "./plans";
import { shapeRow } from "./shapes";

export type LinerKind =
  "disc" | "ring-disc" | "side-strip" | "sector" | "sheet" | "sling" | "end-strip";

/**
 * How a piece can be folded to be cut: over one middle line, over both, or, a strip straight or
 * curved, again and again.
 */
export type Symmetry = "over-one" | "over-both" | "strip" | { readonly fan: Fan };

/** One piece of paper, true size, mm; its paths are in the form SVG and PDF share, y downwards. */
export type LinerPiece = {
  readonly kind: LinerKind;
  /** How many of it one tin takes. */
  readonly count: number;
  readonly box: Box;
  /** To cut out. */
  readonly outline: string;
  /** To cut in. */
  readonly slits: string;
  /** To fold up. */
  readonly folds: string;
  readonly symmetry: Symmetry;
};

/**
 * A disc lies flat when it is this much smaller than the floor, and slips over a tube when the hole
 * is this much larger, mm.
 */
const EASE_MM = 2;
/** A strip goes round with this much over itself, and stands this much above the rim, mm. */
const OVERLAP_MM = 25;
/** A sheet stands this much above the rim, mm. */
const LIP_MM = 15;
/**
 * A sling is this much narrower than the tin is long, and hangs over each side by this much to lift
 * it by, mm.
 */
const SLING_EASE_MM = 4;
const SLING_HANDLE_MM = 40;
/** Slits round a tube stand this far apart and are this long, mm. */
const SLIT_EVERY_MM = 15;
const SLIT_MM = 8;
/**
 * Up to this lean a straight strip still lies against the wall; past it a sector is needed,
 * degrees.
 */
const STRAIGHT_UP_TO_DEG = 3;

const piece = (
  kind: LinerKind,
  box: Box,
  outline: string,
  symmetry: Symmetry,
  more: Partial<LinerPiece> = {},
): LinerPiece => ({
  kind,
  count: 1,
  box,
  outline,
  slits: "",
  folds: "",
  symmetry,
  ...more,
});

/**
 * The paper for one tin, true size: a disc D-2 for its floor and a strip of perimeter + 25 by slant
 * + 25 for its side (leaning by more than 3°, a sector with R0 = r0·s/(r1-r0), R1 = r1·s/(r1-r0) +
 * 25, angle 2π(r1-r0)/s and 25 mm over itself); for a rectangle one sheet (L+2(s+15)) x (W+2(s+15))
 * cut in at its corners; for a loaf a sling (L-4) x (W+2s+80) and two end strips; for a tube tin a
 * ring. None for curved troughs, domes, cups and odd tins, which are greased, cased or traced.
 */
export function linerPieces(geometry: TinGeometry): readonly LinerPiece[] {
  const { wall, tin } = geometry;
  const { lining } = shapeRow(tin.shape);
  if (lining === "none" || wall.kind === "trough" || wall.kind === "dome") return [];
  if (wall.kind === "profile") {
    const floor = wall.points[0]?.widthMm ?? 0;
    const slantMm = wall.points.reduce((sum, point, index) => {
      const below = wall.points[index - 1] ?? point;
      return sum + Math.hypot(point.heightMm - below.heightMm, (point.widthMm - below.widthMm) / 2);
    }, 0);
    if (wall.longerMm > 0) return [sheet(floor + wall.longerMm, floor, slantMm)];
    return [disc("round", { lengthMm: floor, widthMm: floor, cornerMm: 0 })];
  }
  const { plan, floor, rim, tube, depthMm } = wall;
  const leanMm = (rim.widthMm - floor.widthMm) / planRow(plan).narrows.width;
  const slantMm = Math.hypot(depthMm, leanMm);
  if (lining === "sling") return loafPieces(floor, slantMm);
  if (plan === "rectangle") return [sheet(floor.lengthMm, floor.widthMm, slantMm)];
  const base = tube === null ? disc(plan, floor) : ringDisc(floor.widthMm, tube.floorMm);
  const isUpright = Math.atan2(leanMm, depthMm) <= (STRAIGHT_UP_TO_DEG * Math.PI) / 180 + 1e-9;
  if (isUpright) return [base, sideStrip(plan, rim, slantMm)];
  return plan === "round" ? [base, sector(floor.widthMm / 2, rim.widthMm / 2, slantMm)] : [base];
}

function disc(plan: PlanKind, floor: PlanSize): LinerPiece {
  const row = planRow(plan);
  const { lengthMm, widthMm, path } = row.paper(movedIn(row, floor, EASE_MM / 2));
  const isQuartered =
    row.mask === null ||
    row.mask({ halfLengthMm: lengthMm / 2, halfWidthMm: widthMm / 2 }).isQuartered;
  return piece("disc", around(lengthMm, widthMm), path, isQuartered ? "over-both" : "over-one");
}

function ringDisc(diameterMm: number, tubeMm: number): LinerPiece {
  const [outer, hole] = [(diameterMm - EASE_MM) / 2, (tubeMm + EASE_MM) / 2];
  const slits = Math.ceil((2 * Math.PI * hole) / SLIT_EVERY_MM);
  const rays = Array.from({ length: slits }, (_, index) => {
    const [cos, sin] = [
      Math.cos((2 * Math.PI * index) / slits),
      Math.sin((2 * Math.PI * index) / slits),
    ];
    return [
      [hole * cos, hole * sin],
      [(hole + SLIT_MM) * cos, (hole + SLIT_MM) * sin],
    ] as const;
  });
  return piece(
    "ring-disc",
    around(2 * outer, 2 * outer),
    `${circlePath(outer)}${circlePath(hole)}`,
    "over-both",
    { slits: linesPath(rays) },
  );
}

function sideStrip(plan: PlanKind, rim: PlanSize, slantMm: number): LinerPiece {
  const length = planRow(plan).measure(rim, 0).perimeterMm + OVERLAP_MM;
  const height = slantMm + OVERLAP_MM;
  return piece(
    "side-strip",
    around(length, height),
    rectanglePath(around(length, height)),
    "strip",
  );
}

function sector(floorRadius: number, rimRadius: number, slantMm: number): LinerPiece {
  const perMm = slantMm / (rimRadius - floorRadius);
  const inner = floorRadius * perMm;
  const outer = rimRadius * perMm + OVERLAP_MM;
  const angle = (2 * Math.PI * (rimRadius - floorRadius)) / slantMm + OVERLAP_MM / outer;
  const fan = { inner, outer, angle };
  const { path, box } = sectorPath(fan);
  return piece("sector", box, path, { fan });
}

function sheet(lengthMm: number, widthMm: number, slantMm: number): LinerPiece {
  const up = slantMm + LIP_MM;
  const box = around(lengthMm + 2 * up, widthMm + 2 * up);
  const [x, y] = [lengthMm / 2, widthMm / 2];
  const corners = [
    [1, 1],
    [1, -1],
    [-1, -1],
    [-1, 1],
  ] as const;
  const slits = corners.map(
    ([right, down]) =>
      [
        [right * (x + up), down * (y + up)],
        [right * x, down * y],
      ] as const,
  );
  return piece("sheet", box, rectanglePath(box), "over-both", {
    slits: linesPath(slits),
    folds: rectanglePath(around(lengthMm, widthMm)),
  });
}

function loafPieces(floor: PlanSize, slantMm: number): readonly LinerPiece[] {
  const sling = around(
    floor.lengthMm - SLING_EASE_MM,
    floor.widthMm + 2 * slantMm + 2 * SLING_HANDLE_MM,
  );
  const end = around(floor.widthMm - SLING_EASE_MM, slantMm + 2 * SLING_HANDLE_MM);
  const foldAt = (
    box: Box,
    y: number,
  ): readonly (readonly [readonly [number, number], readonly [number, number]])[] => [
    [
      [box.x, y],
      [box.x + box.width, y],
    ],
  ];
  return [
    piece("sling", sling, rectanglePath(sling), "over-both", {
      folds: linesPath([...foldAt(sling, floor.widthMm / 2), ...foldAt(sling, -floor.widthMm / 2)]),
    }),
    piece("end-strip", end, rectanglePath(end), "over-one", {
      count: 2,
      folds: linesPath(foldAt(end, end.y + end.height - SLING_HANDLE_MM)),
    }),
  ];
}

/** A roll of baking paper as most shops sell it, mm across. */
const ROLL_MM = 380;

/**
 * Length of baking paper, mm, that the pieces are cut from, laid side by side in rows across the
 * roll, the tallest first. A piece wider than the roll lies along it; one too large both ways takes
 * its own length and is joined.
 */
export function paperNeeded(pieces: readonly LinerPiece[], rollMm = ROLL_MM): number {
  const boxes = pieces
    .flatMap(({ box, count }) =>
      Array.from(
        { length: count },
        () => [Math.max(box.width, box.height), Math.min(box.width, box.height)] as const,
      ),
    )
    .map(([long, short]) =>
      long <= rollMm
        ? { across: long, along: short }
        : { across: Math.min(short, rollMm), along: long },
    )
    .toSorted((a, b) => b.along - a.along);
  const rows: { along: number; free: number }[] = [];
  for (const { across, along } of boxes) {
    const row = rows.find(({ free }) => free >= across);
    if (row === undefined) rows.push({ along, free: rollMm - across });
    else row.free -= across;
  }
  return rows.reduce((sum, { along }) => sum + along, 0);
}
