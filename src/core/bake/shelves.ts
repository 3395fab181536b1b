import { outlineAt, sectionAt, type TinGeometry, planMask } from "../tin";
import type { Shelf } from "./oven";

/** Air that has to stay between tins and around them, mm. */
export const AIR_MM = 25;
/** A tin that covers more of a shelf than this keeps the air from passing. */
const CROWDS = 0.75;
/** Air over a tin, for the crown and the heat above it, mm. Judgement. */
const ABOVE_MM = 20;
/**
 * How far a rim stands out beyond the inside of the tin, mm. Judgement: rolled rim of an ordinary
 * tin.
 */
const RIM_MM = 5;

/** The room a tin takes, seen from above, mm. */
export type Footprint = {
  readonly widthMm: number;
  readonly depthMm: number;
  readonly isRound: boolean;
};

/** A tin on a shelf: its middle from the left and the front, mm. */
export type ShelvedTin = Footprint & {
  readonly tin: number;
  readonly xMm: number;
  readonly yMm: number;
};

/** One load: what stands on each of its shelves, the topmost last. */
export type Load = readonly (readonly ShelvedTin[])[];

export type ShelfPlan = {
  readonly loads: readonly Load[];
  /** Tins, by their place, that fit on no shelf of this oven even alone, or under the next one. */
  readonly tooLarge: readonly number[];
  /** Tins that fit but cover over three quarters of the shelf. */
  readonly crowding: readonly number[];
};

/**
 * The {@link Footprint} of a tin: its rim with the roll. Cups stand in their tray, four or six in a
 * row.
 */
export function footprint(geometry: TinGeometry): Footprint {
  const rim = sectionAt(geometry, geometry.depthMm);
  const { areaMm2 } = outlineAt(geometry, geometry.depthMm);
  if (geometry.tin.shape === "well") {
    const pitch = 2 * rim.halfLengthMm + CUP_GAP_MM;
    const cups = Math.min(geometry.count, cupsToATray(geometry));
    const columns = cups > 12 ? 6 : Math.min(4, cups);
    const rows = Math.ceil(cups / columns);
    return {
      widthMm: columns * pitch + 2 * RIM_MM,
      depthMm: rows * pitch + 2 * RIM_MM,
      isRound: false,
    };
  }
  const length = 2 * rim.halfLengthMm;
  const isRound =
    rim.tubeRadiusMm > 0 || Math.abs(areaMm2 / ((Math.PI * length * length) / 4) - 1) < 0.03;
  // Whatever its outline, area over length says how deep a box-like tin is; hearts and ovals get
  // the box around them.
  const isBoxed = planMask(geometry, geometry.depthMm) !== null;
  const across = isRound ? length : isBoxed ? boxAcross(geometry, length) : areaMm2 / length;
  return { widthMm: length + 2 * RIM_MM, depthMm: across + 2 * RIM_MM, isRound };
}

function isCrowding({ widthMm, depthMm, isRound }: Footprint, shelf: Shelf): boolean {
  return widthMm * depthMm * (isRound ? Math.PI / 4 : 1) > CROWDS * shelf.widthMm * shelf.depthMm;
}

/**
 * Whether a tin keeps the air from passing: it covers over three quarters of the shelf, or comes
 * nearer than 25 mm to its walls.
 */
export function blocksAir(geometry: TinGeometry, shelf: Shelf): boolean {
  const print = footprint(geometry);
  return isCrowding(print, shelf) || placeOn(shelf, [], { ...print, tin: 0 }) === null;
}

const CUP_GAP_MM = 12;
/** Trays are sold with a dozen cups, two dozen of small ones. */
const SMALL_CUP_MM = 55;

function cupsToATray(geometry: TinGeometry): number {
  return 2 * sectionAt(geometry, geometry.depthMm).halfLengthMm < SMALL_CUP_MM ? 24 : 12;
}

/** How many pieces stand on the shelves: cups as trays. */
export function shelfPieces(geometry: TinGeometry): number {
  return geometry.tin.shape === "well"
    ? Math.ceil(geometry.count / cupsToATray(geometry))
    : geometry.count;
}

function boxAcross({ tin }: TinGeometry, lengthMm: number): number {
  return tin.shape === "oval" ? tin.widthMm : lengthMm;
}

/**
 * How tins go onto the shelves of an oven with 25 mm of air around each: load after load, each
 * shelf filled from the largest tin on, turned where that helps. A greedy packing: never too close,
 * seldom a load more than need be.
 * @param tins one entry a tin (an entry of several is taken as that many), cups as their tray
 */
export function shelfPlan(tins: readonly TinGeometry[], shelf: Shelf): ShelfPlan {
  const pieces = tins.flatMap((geometry, tin) =>
    Array.from({ length: shelfPieces(geometry) }, () => ({ tin, ...footprint(geometry) })),
  );
  const tooLarge = new Set<number>();
  const crowding = new Set<number>();
  let waiting = pieces
    .filter((piece) => {
      const fits =
        (tins[piece.tin]?.depthMm ?? 0) + ABOVE_MM <= shelf.clearMm &&
        placeOn(shelf, [], piece) !== null;
      if (!fits) tooLarge.add(piece.tin);
      else if (isCrowding(piece, shelf)) crowding.add(piece.tin);
      return fits;
    })
    .sort((a, b) => b.widthMm * b.depthMm - a.widthMm * a.depthMm);
  const loads: Load[] = [];
  while (waiting.length > 0) {
    const load: ShelvedTin[][] = [];
    for (let level = 0; level < shelf.atOnce && waiting.length > 0; level += 1) {
      const standing: ShelvedTin[] = [];
      const left: typeof waiting = [];
      for (const piece of waiting) {
        const placed = placeOn(shelf, standing, piece);
        if (placed === null) left.push(piece);
        else standing.push(placed);
      }
      load.push(centred(shelf, standing));
      waiting = left;
    }
    loads.push(load);
  }
  return { loads, tooLarge: [...tooLarge], crowding: [...crowding] };
}

/** The same, moved together to the middle of the shelf, where the heat is most even. */
function centred(shelf: Shelf, standing: readonly ShelvedTin[]): ShelvedTin[] {
  if (standing.length === 0) return [];
  const middle = (
    low: (tin: ShelvedTin) => number,
    high: (tin: ShelvedTin) => number,
    room: number,
  ): number => room / 2 - (Math.min(...standing.map(low)) + Math.max(...standing.map(high))) / 2;
  const dx = middle(
    (tin) => tin.xMm - tin.widthMm / 2,
    (tin) => tin.xMm + tin.widthMm / 2,
    shelf.widthMm,
  );
  const dy = middle(
    (tin) => tin.yMm - tin.depthMm / 2,
    (tin) => tin.yMm + tin.depthMm / 2,
    shelf.depthMm,
  );
  return standing.map((tin) => ({ ...tin, xMm: tin.xMm + dx, yMm: tin.yMm + dy }));
}

/**
 * Rows tried on a shelf are this far apart, mm; along a row a tin slides up to the one before it
 * exactly.
 */
const ROW_MM = 5;

/**
 * Where a tin can stand with air around it, frontmost and then leftmost, as it is or turned; null
 * when nowhere.
 */
function placeOn(
  shelf: Shelf,
  standing: readonly ShelvedTin[],
  piece: Footprint & { readonly tin: number },
): ShelvedTin | null {
  const turned = { ...piece, widthMm: piece.depthMm, depthMm: piece.widthMm };
  for (const each of piece.isRound || piece.widthMm === piece.depthMm ? [piece] : [piece, turned]) {
    const fromY = AIR_MM + each.depthMm / 2;
    const toY = shelf.depthMm - fromY;
    for (let y = fromY; y <= toY + 1e-9; y = y < toY && y + ROW_MM > toY ? toY : y + ROW_MM) {
      const x = leftmost(shelf, standing, each, y);
      if (x !== null) return { ...each, xMm: x, yMm: y };
    }
  }
  return null;
}

/** The leftmost place of a tin in a row; null when the row has none. */
function leftmost(
  shelf: Shelf,
  standing: readonly ShelvedTin[],
  piece: Footprint,
  y: number,
): number | null {
  const fromX = AIR_MM + piece.widthMm / 2;
  let x = fromX;
  // Each tin in the way moves it to the right, past that one; none is met twice from the left.
  for (let moved = true; moved && x <= shelf.widthMm - fromX + 1e-9;) {
    moved = false;
    for (const other of standing) {
      const reach = reachMm(piece, other, Math.abs(y - other.yMm));
      if (Math.abs(x - other.xMm) >= reach - 1e-9) continue;
      x = other.xMm + reach;
      moved = true;
    }
  }
  return x <= shelf.widthMm - fromX + 1e-9 ? x : null;
}

/**
 * How far apart sideways two tins have to be, so far apart front to back, for the air between them,
 * mm.
 */
function reachMm(a: Footprint, b: Footprint, dy: number): number {
  const { halfWidth, halfDepth, radius } = between(a, b);
  const e = Math.max(0, dy - halfDepth);
  const clear = radius + AIR_MM;
  return e >= clear ? 0 : halfWidth + Math.sqrt(clear * clear - e * e);
}

/**
 * Two tins as one box and one circle: the distance of their middles from that box, less the circle,
 * is the gap between them.
 */
function between(
  a: Footprint,
  b: Footprint,
): { readonly halfWidth: number; readonly halfDepth: number; readonly radius: number } {
  const box = (tin: Footprint): readonly [number, number, number] =>
    tin.isRound ? [0, 0, tin.widthMm / 2] : [tin.widthMm / 2, tin.depthMm / 2, 0];
  const [[aw, ad, ar], [bw, bd, br]] = [box(a), box(b)];
  return { halfWidth: aw + bw, halfDepth: ad + bd, radius: ar + br };
}

/** The least distance between two tins, mm: between circles, boxes, or one of each. */
export function gapMm(a: ShelvedTin, b: ShelvedTin): number {
  const { halfWidth, halfDepth, radius } = between(a, b);
  return (
    Math.hypot(
      Math.max(0, Math.abs(a.xMm - b.xMm) - halfWidth),
      Math.max(0, Math.abs(a.yMm - b.yMm) - halfDepth),
    ) - radius
  );
}
