/** A box in mm, y downwards. */
export type Box = {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
};

type Point = readonly [x: number, y: number];

/** The box of this size round the origin. */
export function around(width: number, height: number): Box {
  return { x: -width / 2, y: -height / 2, width, height };
}

const mm = (value: number): string => String(Number(value.toFixed(3)));
const at = ([x, y]: Point): string => `${mm(x)} ${mm(y)}`;
const arc = (rx: number, ry: number, isLarge: boolean, isClockwise: boolean, to: Point): string =>
  `A${mm(rx)} ${mm(ry)} 0 ${isLarge ? 1 : 0} ${isClockwise ? 1 : 0} ${at(to)}`;

export function ellipsePath(rx: number, ry: number): string {
  return `M${at([-rx, 0])}${arc(rx, ry, false, true, [rx, 0])}${arc(rx, ry, false, true, [-rx, 0])}Z`;
}

export function circlePath(radius: number): string {
  return ellipsePath(radius, radius);
}

export function rectanglePath({ x, y, width, height }: Box): string {
  return `M${at([x, y])}L${at([x + width, y])}L${at([x + width, y + height])}L${at([x, y + height])}Z`;
}

export function linesPath(lines: readonly (readonly [Point, Point])[]): string {
  return lines.map(([from, to]) => `M${at(from)}L${at(to)}`).join("");
}

/** A polygon through these corners. */
export function polygonPath(corners: readonly Point[]): string {
  return `M${corners.map(at).join("L")}Z`;
}

/** A square on its point with half-circles on its upper sides, drawn into a box of this size. */
export function heartPath(lengthMm: number, widthMm: number): string {
  // With half-circles of radius 1 the square's side is 2, the whole 2(1 + √½) wide and 3·√½ + 1
  // high.
  const root = Math.SQRT1_2;
  const [width, height] = [2 * (1 + root), 3 * root + 1];
  const [sx, sy] = [lengthMm / width, widthMm / height];
  const top = -widthMm / 2;
  const place = (x: number, y: number): Point => [x * sx, top + y * sy];
  const [left, right, notch, tip] = [
    place(-2 * root, 1 + root),
    place(2 * root, 1 + root),
    place(0, 1 - root),
    place(0, height),
  ];
  return `M${at(tip)}L${at(left)}${arc(sx, sy, false, true, notch)}${arc(sx, sy, false, true, right)}Z`;
}

/** Part of a ring between two radii, its angle in radians. */
export type Fan = { readonly inner: number; readonly outer: number; readonly angle: number };

/** A {@link Fan} symmetric about the downward axis through its apex, with the box it fills. */
export function sectorPath({ inner, outer, angle }: Fan): {
  readonly path: string;
  readonly box: Box;
} {
  const half = Math.min(angle / 2, Math.PI * 0.999);
  const on = (radius: number, turn: number): Point => [
    radius * Math.sin(turn),
    radius * Math.cos(turn),
  ];
  const isLarge = half > Math.PI / 2;
  const path = `M${at(on(inner, -half))}L${at(on(outer, -half))}${arc(outer, outer, isLarge, false, on(outer, half))}L${at(on(inner, half))}${arc(inner, inner, isLarge, true, on(inner, -half))}Z`;
  const reach = half >= Math.PI / 2 ? outer : outer * Math.sin(half);
  const top = half >= Math.PI / 2 ? outer * Math.cos(half) : inner * Math.cos(half);
  return { path, box: { x: -reach, y: top, width: 2 * reach, height: outer - top } };
}
