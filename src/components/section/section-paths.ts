import type { CakeHeights, TinFill } from "@/core/fill";
import { sectionAt, tinSection, type SectionPoint, type TinGeometry } from "@/core/tin";

/** How far the lip of a tin stands out, mm. */
export const LIP_MM = 7;

/**
 * The drawing's own frame: x from the middle line, y downwards from the tin's floor, both in mm.
 */
export type SectionPaths = {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly tin: string;
  readonly batter: string;
  readonly risen: string;
  readonly crown: string;
};

type Point = readonly [x: number, y: number];

const at = ([x, y]: Point): string => `${x.toFixed(2)} ${(-y).toFixed(2)}`;
const polygon = (points: readonly Point[]): string => `M${points.map(at).join("L")}Z`;
const polyline = (points: readonly Point[]): string => `M${points.map(at).join("L")}`;

/** The half section up to a height, lowest first, ending exactly at it. */
function upTo(geometry: TinGeometry, heightMm: number): readonly SectionPoint[] {
  return [
    ...tinSection(geometry).filter((point) => point.heightMm < heightMm),
    sectionAt(geometry, heightMm),
  ];
}

/** What stands in the tin up to a height: one shape without a tube, one on each side of it with. */
function filled(geometry: TinGeometry, heightMm: number): string {
  const points = upTo(geometry, heightMm);
  const outer = points.map((point): Point => [point.halfLengthMm, point.heightMm]);
  const mirror = (side: readonly Point[]): readonly Point[] => side.map(([x, y]): Point => [-x, y]);
  const hasTube = points.some((point) => point.tubeRadiusMm > 0);
  if (!hasTube) return polygon([...outer, ...mirror(outer).toReversed()]);
  const inner = points.map((point): Point => [point.tubeRadiusMm, point.heightMm]).toReversed();
  const right = [...outer, ...inner];
  return `${polygon(right)}${polygon(mirror(right))}`;
}

/** The domed top from wall to wall, or over each side of a ring. */
function crownLine(geometry: TinGeometry, { edgeMm, crownTopMm }: CakeHeights): string {
  const edge = sectionAt(geometry, edgeMm);
  // A quadratic curve reaches half-way to its control point.
  const control = edgeMm + 2 * (crownTopMm - edgeMm);
  const arch = (from: number, to: number): string =>
    `M${at([from, edgeMm])}Q${at([(from + to) / 2, control])} ${at([to, edgeMm])}`;
  if (edge.tubeRadiusMm === 0) return arch(-edge.halfLengthMm, edge.halfLengthMm);
  return `${arch(-edge.halfLengthMm, -edge.tubeRadiusMm)}${arch(edge.tubeRadiusMm, edge.halfLengthMm)}`;
}

function tinLine(geometry: TinGeometry): string {
  const points = tinSection(geometry);
  const outer = points.map((point): Point => [point.halfLengthMm, point.heightMm]);
  const tube = points.map((point): Point => [point.tubeRadiusMm, point.heightMm]);
  const hasTube = tube.some(([x]) => x > 0);
  const half: readonly Point[] = hasTube ? [...tube.toReversed(), ...outer] : outer;
  const rim = outer.at(-1) ?? [0, 0];
  const right: readonly Point[] = [...half, [rim[0] + LIP_MM, rim[1]]];
  return polyline([...right.map(([x, y]): Point => [-x, y]).toReversed(), ...right]);
}

/** Everything the section drawing of one filled tin needs, from the core's own geometry. */
export function sectionPaths({ geometry, depthMm, peak }: TinFill): SectionPaths {
  const rim = sectionAt(geometry, geometry.depthMm);
  return {
    widthMm: 2 * (rim.halfLengthMm + LIP_MM),
    heightMm: Math.max(geometry.depthMm, peak.crownTopMm) + 2,
    tin: tinLine(geometry),
    batter: filled(geometry, depthMm),
    risen: `${filled(geometry, peak.edgeMm)}${crownLine(geometry, peak)}`,
    crown: crownLine(geometry, peak),
  };
}

/** The line of one empty tin, with the frame it fits in, mm. */
export function emptyTinPath(geometry: TinGeometry): {
  readonly path: string;
  readonly widthMm: number;
  readonly heightMm: number;
} {
  const rim = sectionAt(geometry, geometry.depthMm);
  return {
    path: tinLine(geometry),
    widthMm: 2 * (rim.halfLengthMm + LIP_MM),
    heightMm: geometry.depthMm,
  };
}

/** A tin with something standing level in it, and the frame both fit in, mm. */
export function pouredPaths(
  geometry: TinGeometry,
  depthMm: number,
): {
  readonly tin: string;
  readonly poured: string;
  readonly widthMm: number;
  readonly heightMm: number;
} {
  const { path, widthMm, heightMm } = emptyTinPath(geometry);
  return {
    tin: path,
    poured: filled(geometry, depthMm),
    widthMm,
    heightMm: Math.max(heightMm, depthMm),
  };
}

/**
 * A baked cake without its tin: its crumb, the line of its top, and a coat of some thickness on
 * that; level when it has no crown.
 */
export function cakePaths(
  geometry: TinGeometry,
  heights: CakeHeights,
  hasCrown: boolean,
  coatMm = 0,
): {
  readonly crumb: string;
  readonly top: string;
  readonly coat: string;
  readonly widthMm: number;
  readonly heightMm: number;
} {
  const edge = sectionAt(geometry, heights.edgeMm);
  const shown = hasCrown ? heights : { edgeMm: heights.edgeMm, crownTopMm: heights.edgeMm };
  const top = crownLine(geometry, shown);
  const above = crownLine(geometry, {
    edgeMm: shown.edgeMm + coatMm,
    crownTopMm: shown.crownTopMm + coatMm,
  });
  return {
    crumb: `${filled(geometry, heights.edgeMm)}${hasCrown ? top : ""}`,
    top,
    coat: band(top, above),
    widthMm: 2 * edge.halfLengthMm,
    heightMm: shown.crownTopMm + coatMm,
  };
}

/**
 * The shape between two lines of the same kind, one above the other: there along the upper, back
 * along the lower.
 */
function band(lower: string, upper: string): string {
  const arches = (line: string): readonly (readonly string[])[] =>
    line
      .split("M")
      .slice(1)
      .map((arch) => arch.split(/[Q ]/u));
  const above = arches(upper);
  return arches(lower)
    .map(([fromX, fromY, overX, overY, toX, toY], index) => {
      const [aX, aY, bX, bY, cX, cY] = above[index] ?? [];
      return `M${aX} ${aY}Q${bX} ${bY} ${cX} ${cY}L${toX} ${toY}Q${overX} ${overY} ${fromX} ${fromY}Z`;
    })
    .join("");
}
