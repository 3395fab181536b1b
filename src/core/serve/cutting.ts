import { risingRoot } from "../measure";
import type { CutStyle, PieceSize } from "./cuts";
import type { CakeTop } from "./outline";
import { areaOf, nearestTo, STEPS, areaUpTo, areaWithin } from "./areas";

export type Point = readonly [xMm: number, yMm: number];

/** One stroke of the knife: a line from point to point, or a circle about the middle. */
export type Stroke =
  | { readonly kind: "line"; readonly from: Point; readonly to: Point }
  | { readonly kind: "circle"; readonly radiusMm: number };

/** A cake cut: how many pieces, all of one area, and the strokes in the order of the knife. */
export type Cutting = {
  readonly style: CutStyle;
  readonly pieces: number;
  readonly pieceMm2: number;
  /** Length and width of a piece as it lies, mm; for wedges their length and their arc. */
  readonly pieceMm: readonly [length: number, width: number];
  readonly strokes: readonly Stroke[];
};

/** Why a cake can't be cut so, with the nearest number of pieces that can. */
export type CuttingIssue = {
  readonly code: "too-many-pieces" | "ribbons" | "not-so";
  readonly pieces: number;
  readonly nearest: number | null;
};

/** Sizes of a piece, mm: what a guest is given. */
const PIECES: Readonly<Record<PieceSize, { readonly widthMm: number; readonly lengthMm: number }>> =
  { party: { widthMm: 25, lengthMm: 50 }, dessert: { widthMm: 38, lengthMm: 50 } };

/** A wedge's arc is at least this, a ring's outer arc and a loaf's slice usually this, mm. */
const LEAST_ARC_MM = 38;

const RING_ARC_MM = 45;

const LEAST_RING_ARC_MM = 30;

const LOAF_SLICE_MM = 19;

const LEAST_SLICE_MM = 10;

/** A piece longer than this many times its width is a ribbon; narrower than this, a crumb, mm. */
const RIBBON = 3;

const LEAST_PIECE_MM = 20;

/**
 * Strips are measured by the box round the cake, in which its outer pieces are shorter than they
 * seem.
 */
const STRIP_RIBBON = 4;

/** The ways a top can be cut, the usual one first. */
export function cutsFor({ kind }: CakeTop): readonly CutStyle[] {
  switch (kind) {
    case "round":
      return ["wedges", "strips", "core"];
    case "ring":
      return ["wedges"];
    case "block":
      return ["grid"];
    case "loaf":
      return ["slices"];
    case "other":
      return ["strips"];
    case "cup":
      return [];
  }
}

/** How many pieces of a size a top gives when it is cut so. */
export function usualPieces(top: CakeTop, style: CutStyle, size: PieceSize): number {
  const { widthMm, lengthMm } = PIECES[size];
  const around = 2 * Math.PI * top.halfLengthMm;
  switch (style) {
    case "wedges":
      return top.kind === "ring"
        ? Math.max(1, Math.floor(around / RING_ARC_MM))
        : Math.max(2, Math.min(size === "party" ? 16 : 12, Math.floor(around / LEAST_ARC_MM)));
    case "slices":
      return Math.max(1, Math.floor((2 * top.halfLengthMm) / LOAF_SLICE_MM));
    case "grid":
      return (
        Math.max(1, Math.round((2 * top.halfLengthMm) / lengthMm)) *
        Math.max(1, Math.round((2 * top.halfWidthMm) / widthMm))
      );
    case "strips":
    case "core":
      return Math.max(1, Math.round(areaOf(top) / (widthMm * lengthMm)));
  }
}

/**
 * A top cut into equal pieces.
 * @param pieces whole, 1 or more
 * @returns the cutting, or why it can't be cut so and the nearest number that can
 * @throws RangeError for less than one piece
 */
export function cutTop(
  top: CakeTop,
  style: CutStyle,
  pieces: number,
  size: PieceSize,
):
  | { readonly ok: true; readonly cutting: Cutting }
  | { readonly ok: false; readonly issue: CuttingIssue } {
  if (!Number.isInteger(pieces) || pieces < 1)
    throw new RangeError(`pieces must be a whole number from 1, got ${pieces}`);
  if (!cutsFor(top).includes(style)) return no("not-so", pieces, null);
  switch (style) {
    case "wedges":
      return wedges(top, pieces);
    case "slices":
      return slices(top, pieces);
    case "grid":
      return grid(top, pieces);
    case "strips":
      return strips(top, pieces, size);
    case "core":
      return ringAndCore(top, pieces, size);
  }
}

type CutResult = ReturnType<typeof cutTop>;

const no = (code: CuttingIssue["code"], pieces: number, nearest: number | null): CutResult => ({
  ok: false,
  issue: { code, pieces, nearest },
});

/** From the middle; whole lines through it first, so that opposite pieces match. */
function wedges(top: CakeTop, pieces: number): CutResult {
  const radius = top.halfLengthMm;
  const most = Math.max(
    1,
    Math.floor((2 * Math.PI * radius) / (top.kind === "ring" ? LEAST_RING_ARC_MM : LEAST_ARC_MM)),
  );
  if (pieces > most) return no("too-many-pieces", pieces, most);
  const at = (turn: number, r: number): Point => [r * Math.sin(turn), r * Math.cos(turn)];
  const turns = Array.from({ length: pieces }, (_, index) => (2 * Math.PI * index) / pieces);
  const isThrough = pieces % 2 === 0 && top.holeMm === 0;
  const strokes: readonly Stroke[] =
    pieces === 1
      ? []
      : isThrough
        ? halving(pieces / 2).map((index) => ({
            kind: "line",
            from: at(turns[index] ?? 0, radius),
            to: at((turns[index] ?? 0) + Math.PI, radius),
          }))
        : halving(pieces).map((index) => ({
            kind: "line",
            from: at(turns[index] ?? 0, radius),
            to: at(turns[index] ?? 0, top.holeMm),
          }));
  return good(
    top,
    "wedges",
    pieces,
    [radius - top.holeMm, (2 * Math.PI * radius) / pieces],
    strokes,
  );
}

/** The order that keeps halving what is left: 0, then the middle, then the quarters. */
function halving(count: number): readonly number[] {
  const order: number[] = [];
  for (let step = 1 << Math.ceil(Math.log2(Math.max(1, count))); step >= 1; step >>= 1) {
    for (let index = 0; index < count; index += step) if (!order.includes(index)) order.push(index);
  }
  return order;
}

/** The middle of a row first, then the middle of each half, and so on. */
function middleFirst(count: number): readonly number[] {
  const order: number[] = [];
  const waiting: (readonly [from: number, to: number])[] = [[0, count - 1]];
  for (let next = waiting.shift(); next !== undefined; next = waiting.shift()) {
    const [from, to] = next;
    if (from > to) continue;
    const middle = (from + to) >> 1;
    order.push(middle);
    waiting.push([from, middle - 1], [middle + 1, to]);
  }
  return order;
}

function slices(top: CakeTop, pieces: number): CutResult {
  const length = 2 * top.halfLengthMm;
  const most = Math.max(1, Math.floor(length / LEAST_SLICE_MM));
  if (pieces > most) return no("too-many-pieces", pieces, most);
  const strokes: readonly Stroke[] = Array.from({ length: pieces - 1 }, (_, index) => {
    const x = -top.halfLengthMm + (length * (index + 1)) / pieces;
    return { kind: "line", from: [x, -top.halfWidthMm], to: [x, top.halfWidthMm] };
  });
  return good(top, "slices", pieces, [2 * top.halfWidthMm, length / pieces], strokes);
}

/**
 * The rows and columns whose pieces are nearest to square; a number that only makes ribbons is
 * refused.
 */
function grid(top: CakeTop, pieces: number): CutResult {
  const ratio = (
    number: number,
  ): {
    readonly columns: number;
    readonly rows: number;
    readonly ribbon: number;
    readonly narrow: number;
  } => {
    const pairs = Array.from({ length: number }, (_, index) => index + 1)
      .filter((columns) => number % columns === 0)
      .map((columns) => {
        const [w, h] = [
          (2 * top.halfLengthMm) / columns,
          (2 * top.halfWidthMm) / (number / columns),
        ];
        return {
          columns,
          rows: number / columns,
          ribbon: Math.max(w / h, h / w),
          narrow: Math.min(w, h),
        };
      });
    return pairs.reduce((best, each) => (each.ribbon < best.ribbon ? each : best));
  };
  const isFine = (number: number): boolean => {
    const found = ratio(number);
    return found.ribbon <= RIBBON && found.narrow >= LEAST_PIECE_MM;
  };
  const best = ratio(pieces);
  if (pieces > 1 && !isFine(pieces)) {
    return no(
      best.ribbon > RIBBON ? "ribbons" : "too-many-pieces",
      pieces,
      nearestTo(pieces, isFine),
    );
  }
  const line = (from: Point, to: Point): Stroke => ({ kind: "line", from, to });
  const [l, w] = [top.halfLengthMm, top.halfWidthMm];
  const strokes = [
    ...middleFirst(best.rows - 1).map((index): Stroke => {
      const y = -w + (2 * w * (index + 1)) / best.rows;
      return line([-l, y], [l, y]);
    }),
    ...middleFirst(best.columns - 1).map((index): Stroke => {
      const x = -l + (2 * l * (index + 1)) / best.columns;
      return line([x, -w], [x, w]);
    }),
  ];
  return good(top, "grid", pieces, [(2 * l) / best.columns, (2 * w) / best.rows], strokes);
}

/**
 * How many strips, and pieces to each, a number of pieces comes to; null when those would be
 * ribbons or crumbs.
 */
function stripsOf(
  top: CakeTop,
  pieces: number,
  size: PieceSize,
): { readonly count: number; readonly wide: number; readonly tall: number } | CuttingIssue["code"] {
  if (pieces > areaOf(top) / LEAST_PIECE_MM ** 2) return "too-many-pieces";
  const wanted = Math.max(1, Math.round((2 * top.halfLengthMm) / PIECES[size].lengthMm));
  // As many strips as divide the pieces, nearest to what the size of a piece asks for.
  const fits = Array.from({ length: pieces }, (_, index) => index + 1).filter(
    (m) => pieces % m === 0 && (2 * top.halfLengthMm) / m >= LEAST_PIECE_MM,
  );
  const count = fits.reduce(
    (best, m) => (Math.abs(m - wanted) < Math.abs(best - wanted) ? m : best),
    1,
  );
  const [wide, tall] = [(2 * top.halfLengthMm) / count, (2 * top.halfWidthMm * count) / pieces];
  return pieces > 1 && Math.max(tall / wide, wide / tall) > STRIP_RIBBON
    ? "ribbons"
    : { count, wide, tall };
}

/**
 * Strips of one area, each cut across into pieces of one area: any plan, no piece of another size.
 */
function strips(top: CakeTop, pieces: number, size: PieceSize): CutResult {
  const laid = stripsOf(top, pieces, size);
  if (typeof laid === "string")
    return no(
      laid,
      pieces,
      nearestTo(pieces, (number) => typeof stripsOf(top, number, size) !== "string"),
    );
  const { count, wide, tall } = laid;
  const total = areaOf(top);
  const edges = Array.from({ length: count + 1 }, (_, index) =>
    index === 0
      ? -top.halfLengthMm
      : index === count
        ? top.halfLengthMm
        : risingRoot(
            (x) => areaUpTo(top, x) - (total * index) / count,
            -top.halfLengthMm,
            top.halfLengthMm,
            1e-4,
          ),
  );
  const strokes: Stroke[] = middleFirst(count - 1).map((index) => {
    const x = edges[index + 1] ?? 0;
    const [low, high] = top.across(x);
    return { kind: "line", from: [x, low], to: [x, high] };
  });
  for (let strip = 0; strip < count; strip += 1) {
    const [left, right] = [edges[strip] ?? 0, edges[strip + 1] ?? 0];
    for (let piece = 1; piece < pieces / count; piece += 1) {
      const y = risingRoot(
        (height) => areaWithin(top, left, right, height) - (total * piece) / pieces,
        -top.halfWidthMm,
        top.halfWidthMm,
        1e-4,
      );
      strokes.push(acrossAt(top, left, right, y));
    }
  }
  return good(top, "strips", pieces, [wide, tall], strokes);
}

/** A stroke across a strip at a height, no longer than the cake is there. */
function acrossAt(top: CakeTop, left: number, right: number, y: number): Stroke {
  const xs = Array.from(
    { length: STEPS },
    (_, step) => left + ((step + 0.5) * (right - left)) / STEPS,
  ).filter((x) => {
    const [low, high] = top.across(x);
    return y >= low && y <= high;
  });
  return { kind: "line", from: [xs[0] ?? left, y], to: [xs.at(-1) ?? right, y] };
}

/** How many pieces the core has, and its radius; null when ring or core would be ribbons. */
function coreOf(
  top: CakeTop,
  pieces: number,
  size: PieceSize,
): { readonly core: number; readonly coreMm: number; readonly arcMm: number } | null {
  const radius = top.halfLengthMm;
  const core = Math.round(pieces * Math.max(0, 1 - PIECES[size].lengthMm / radius) ** 2);
  if (core < 2 || core >= pieces) return null;
  const coreMm = radius * Math.sqrt(core / pieces);
  const arcMm = (2 * Math.PI * radius) / (pieces - core);
  return arcMm < LEAST_PIECE_MM || (2 * Math.PI * coreMm) / core < LEAST_PIECE_MM
    ? null
    : { core, coreMm, arcMm };
}

/** A circle round the core first, then the ring outwards and the core across: all of one area. */
function ringAndCore(top: CakeTop, pieces: number, size: PieceSize): CutResult {
  const radius = top.halfLengthMm;
  const laid = coreOf(top, pieces, size);
  if (laid === null)
    return no(
      "not-so",
      pieces,
      nearestTo(pieces, (number) => coreOf(top, number, size) !== null),
    );
  const { core, coreMm, arcMm } = laid;
  const spokes = (count: number, from: number, to: number): readonly Stroke[] =>
    halving(count).map((index) => {
      const turn = (2 * Math.PI * index) / count;
      return {
        kind: "line",
        from: [from * Math.sin(turn), from * Math.cos(turn)],
        to: [to * Math.sin(turn), to * Math.cos(turn)],
      };
    });
  return good(
    top,
    "core",
    pieces,
    [radius - coreMm, arcMm],
    [
      { kind: "circle", radiusMm: coreMm },
      ...spokes(pieces - core, radius, coreMm),
      ...spokes(core, coreMm, 0),
    ],
  );
}

function good(
  top: CakeTop,
  style: CutStyle,
  pieces: number,
  pieceMm: readonly [number, number],
  strokes: readonly Stroke[],
): CutResult {
  return { ok: true, cutting: { style, pieces, pieceMm2: areaOf(top) / pieces, pieceMm, strokes } };
}
