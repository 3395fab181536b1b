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

/** A quadratic curve from one point to another, drawn towards a third. */
type Arch = { readonly from: Point; readonly over: Point; readonly to: Point };

const archPath = ({ from, over, to }: Arch): string => `M${at(from)}Q${at(over)} ${at(to)}`;

/** The domed top from wall to wall, or over each side of a ring. */
function crownArches(geometry: TinGeometry, { edgeMm, crownTopMm }: CakeHeights): readonly Arch[] {
  const edge = sectionAt(geometry, edgeMm);
  // A quadratic curve reaches half-way to its control point.
  const control = edgeMm + 2 * (crownTopMm - edgeMm);
  const arch = (from: number, to: number): Arch => ({
    from: [from, edgeMm],
    over: [(from + to) / 2, control],
    to: [to, edgeMm],
  });
  if (edge.tubeRadiusMm === 0) return [arch(-edge.halfLengthMm, edge.halfLengthMm)];
  return [arch(-edge.halfLengthMm, -edge.tubeRadiusMm), arch(edge.tubeRadiusMm, edge.halfLengthMm)];
}

const crownLine = (geometry: TinGeometry, heights: CakeHeights): string =>
  crownArches(geometry, heights).map(archPath).join("");

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
  const lower = crownArches(geometry, shown);
  const top = lower.map(archPath).join("");
  return {
    crumb: `${filled(geometry, heights.edgeMm)}${hasCrown ? top : ""}`,
    top,
    coat: lower.map((arch) => coatOn(arch, coatMm)).join(""),
    widthMm: 2 * edge.halfLengthMm,
    heightMm: shown.crownTopMm + coatMm,
  };
}

/** What lies on an arch, equally thick all over: there along its top, back along the arch. */
function coatOn({ from, over, to }: Arch, coatMm: number): string {
  const lifted = ([x, y]: Point): Point => [x, y + coatMm];
  const top: Arch = { from: lifted(from), over: lifted(over), to: lifted(to) };
  return `${archPath(top)}L${at(to)}Q${at(over)} ${at(from)}Z`;
}
