import { outlineAt, planMask, spansAt, type TinGeometry } from "../tin";

/**
 * A cake from above, its middle at 0, 0: what it is to the knife, and between which y it lies at
 * each x, mm.
 */
export type CakeTop = {
  readonly kind: "round" | "ring" | "block" | "loaf" | "cup" | "other";
  readonly halfLengthMm: number;
  readonly halfWidthMm: number;
  /** Radius of a ring's hole; 0 without one. */
  readonly holeMm: number;
  readonly across: (xMm: number) => readonly [low: number, high: number];
};

const BISECTIONS = 30;

/** The {@link CakeTop} of a cake as it comes out of its tin, at the height it is cut. */
export function cakeTop(geometry: TinGeometry, heightMm: number): CakeTop {
  const spans = spansAt(geometry, heightMm);
  const mask = planMask(geometry, heightMm);
  if (mask !== null) {
    const edge = (x: number, toward: 1 | -1): number => {
      let [inside, outside] = [innerY(mask, x), toward * mask.halfWidthMm * 1.01];
      for (let step = 0; step < BISECTIONS; step += 1) {
        const middle = (inside + outside) / 2;
        if (mask.isInside(x, middle)) inside = middle;
        else outside = middle;
      }
      return inside;
    };
    return {
      kind: "other",
      halfLengthMm: mask.halfLengthMm,
      halfWidthMm: mask.halfWidthMm,
      holeMm: 0,
      across: tabled(mask.halfLengthMm, (x) => [edge(x, -1), edge(x, 1)]),
    };
  }
  switch (spans.kind) {
    case "round":
      return discTop(
        EACH_HIS_OWN.has(geometry.tin.shape) ? "cup" : "round",
        spans.diameterMm / 2,
        0,
      );
    case "ring": {
      const trough = spans.troughMm;
      const outer = outerRadius(geometry, heightMm, trough);
      return discTop("ring", outer, outer - trough);
    }
    case "rectangle": {
      const [halfLengthMm, halfWidthMm] = [spans.lengthMm / 2, spans.widthMm / 2];
      return {
        kind: geometry.tin.shape === "loaf" ? "loaf" : "block",
        halfLengthMm,
        halfWidthMm,
        holeMm: 0,
        across: () => [-halfWidthMm, halfWidthMm],
      };
    }
  }
}

/**
 * Columns of a table of edges, closer towards both ends, where the edge turns; the middle is one of
 * them.
 */
const COLUMNS = 512;

/**
 * A function of x looked up and straight between its columns: a cutting asks for the same edges
 * many thousand times.
 */
function tabled(halfLengthMm: number, across: CakeTop["across"]): CakeTop["across"] {
  const xOf = (column: number): number =>
    halfLengthMm * Math.sin(Math.PI * (column / COLUMNS - 0.5));
  const edges = Array.from({ length: COLUMNS + 1 }, (_, column) => across(xOf(column)));
  return (x) => {
    const column = Math.min(
      COLUMNS - 1,
      Math.max(
        0,
        Math.floor(
          (Math.asin(Math.min(1, Math.max(-1, x / halfLengthMm))) / Math.PI + 0.5) * COLUMNS,
        ),
      ),
    );
    const [left, right] = [edges[column] ?? [0, 0], edges[column + 1] ?? [0, 0]];
    const share = Math.min(1, Math.max(0, (x - xOf(column)) / (xOf(column + 1) - xOf(column))));
    return [left[0] + share * (right[0] - left[0]), left[1] + share * (right[1] - left[1])];
  };
}

/** Tins whose cakes are one guest's each. */
const EACH_HIS_OWN: ReadonlySet<string> = new Set(["well", "mug"]);

/** A round top, or one with a hole. */
export function discTop(kind: "round" | "ring" | "cup", radiusMm: number, holeMm: number): CakeTop {
  return {
    kind,
    halfLengthMm: radiusMm,
    halfWidthMm: radiusMm,
    holeMm,
    across: (x) => {
      const half = Math.sqrt(Math.max(0, radiusMm * radiusMm - x * x));
      return [-half, half];
    },
  };
}

/** A y that lies inside at an x: the middle, or as far down as a heart's sides want it. */
function innerY(mask: NonNullable<ReturnType<typeof planMask>>, x: number): number {
  for (let step = 0; step <= 20; step += 1) {
    for (const y of [(step / 20) * mask.halfWidthMm, (-step / 20) * mask.halfWidthMm])
      if (mask.isInside(x, y)) return y;
  }
  return 0;
}

function outerRadius(geometry: TinGeometry, heightMm: number, troughMm: number): number {
  // The trough's own width and the area between its two circles give both: π(R² - (R-w)²) = A.
  const { areaMm2, tubeAreaMm2 } = outlineAt(geometry, heightMm);
  return ((areaMm2 - tubeAreaMm2) / Math.PI + troughMm * troughMm) / (2 * troughMm);
}
