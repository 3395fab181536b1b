"use client";

import { memo } from "react";
import { scaleLinear } from "d3-scale";
import { setShare, type BakeInside } from "@/core/bake";
import { sectionAt, tinSection, type TinGeometry } from "@/core/tin";
import { minutesText, type Units } from "@/words";
import { insideText } from "@/words/bakes";
import { useSay } from "../frame/units";

/** From raw to crust: the page's own ink, steel and batter colours by temperature, °C. */
const COLOURS = scaleLinear<string>()
  .domain([20, 40, 55, 68, 80, 90, 97, 108])
  .range(["#12304a", "#5f7685", "#a9bac4", "#eef2f3", "#f3dca3", "#e6be7a", "#d7a25a", "#8d5a2b"])
  .clamp(true);

type InsideDrawingProps = {
  readonly inside: BakeInside;
  readonly moment: BakeInside["moments"][number];
  readonly geometry: TinGeometry;
  readonly minute: number;
  readonly doneC: number;
  readonly units: Units;
};

type Cell = {
  readonly column: number;
  readonly layer: number;
  readonly tempC: number;
  readonly lowMm: number;
  readonly highMm: number;
};

/**
 * The cake cut open from its middle, or its tube, to the wall at one minute, each cell by its
 * temperature; what is set is outlined.
 */
export const InsideDrawing = memo(function InsideDrawing({
  inside,
  moment,
  geometry,
  minute,
  doneC,
  units,
}: InsideDrawingProps) {
  const say = useSay();
  const cells = cellsOf(inside, moment);
  const columns = inside.sectionEdgesMm.length - 1;
  const isSet = (column: number, layer: number): boolean =>
    (moment.tempsC[column * inside.layers + layer] ?? 0) >= doneC;
  const rim = sectionAt(geometry, geometry.depthMm);
  const tallest = Math.max(geometry.depthMm, ...cells.map(({ highMm }) => highMm)) + 3;
  const from = Math.min(0, rim.tubeRadiusMm);
  const width = rim.halfLengthMm + 10 - from;
  const x = placing(inside, geometry);
  const corner = (edge: number, heightMm: number): string =>
    `${x(edge, heightMm).toFixed(1)} ${(-heightMm).toFixed(1)}`;
  const said = insideText(
    minute,
    moment.middleC,
    moment.rimC,
    setShare(inside, moment, doneC),
    units,
  );
  return (
    <figure className="min-w-0">
      <p className="text-[15px] font-bold">Inside at {minutesText(minute)}</p>
      <svg
        viewBox={`${from - 2} ${-tallest} ${width + 2} ${tallest + 3}`}
        className="block max-h-44 w-full"
        preserveAspectRatio="xMinYMax meet"
        role="img"
        aria-label={said}
      >
        {cells.map(({ column, layer, tempC, lowMm, highMm }) => (
          <path
            key={`${column}-${layer}`}
            d={`M${corner(column, lowMm)}L${corner(column + 1, lowMm)}L${corner(column + 1, highMm)}L${corner(column, highMm)}Z`}
            fill={COLOURS(tempC)}
            stroke={COLOURS(tempC)}
            strokeWidth="0.4"
          />
        ))}
        <path
          d={setOutline(cells, columns, inside.layers, isSet, corner)}
          fill="none"
          className="stroke-leaf"
          strokeWidth="2.5"
          vectorEffect="non-scaling-stroke"
          strokeLinecap="round"
        />
        <path
          d={wallLine(geometry)}
          fill="none"
          className="stroke-steel"
          strokeWidth="3"
          vectorEffect="non-scaling-stroke"
          strokeLinejoin="round"
          strokeLinecap="round"
        />
        {rim.tubeRadiusMm === 0 && (
          <line
            x1="0"
            x2="0"
            y1={-tallest}
            y2="3"
            className="stroke-ink-2"
            strokeWidth="1.25"
            vectorEffect="non-scaling-stroke"
            strokeDasharray="4 4"
          />
        )}
      </svg>
      <p className="flex justify-between text-[13px] text-ink-2" aria-hidden="true">
        <span>{rim.tubeRadiusMm === 0 ? say`centre line` : "tube"}</span>
        <span>wall</span>
      </p>
      <figcaption className="pt-1 text-[14px] text-ink-2">
        {said} <span className="font-semibold text-leaf">Green: set.</span>
      </figcaption>
    </figure>
  );
});

function cellsOf(
  { layers, sectionEdgesMm }: BakeInside,
  { tempsC, heightsM }: BakeInside["moments"][number],
): readonly Cell[] {
  const cells: Cell[] = [];
  for (let column = 0; column < sectionEdgesMm.length - 1; column += 1) {
    let z = 0;
    for (let layer = 0; layer < layers; layer += 1) {
      const heightMm = 1000 * (heightsM[column * layers + layer] ?? 0);
      cells.push({
        column,
        layer,
        tempC: tempsC[column * layers + layer] ?? 0,
        lowMm: z,
        highMm: z + heightMm,
      });
      z += heightMm;
    }
  }
  return cells;
}

/**
 * Where an edge between columns stands at a height: the tin's own width there, shared out as it is
 * where the cells were made.
 */
function placing(
  { sectionEdgesMm }: BakeInside,
  geometry: TinGeometry,
): (edge: number, heightMm: number) => number {
  const inner = sectionEdgesMm[0] ?? 0;
  const outer = sectionEdgesMm.at(-1) ?? 1;
  return (edge, heightMm) => {
    const { halfLengthMm, tubeRadiusMm } = sectionAt(
      geometry,
      Math.min(heightMm, geometry.depthMm),
    );
    return (
      tubeRadiusMm +
      (((sectionEdgesMm[edge] ?? 0) - inner) / (outer - inner)) * (halfLengthMm - tubeRadiusMm)
    );
  };
}

/**
 * Lines between cells that are set and cells that are not, and round the outside of what is set.
 */
function setOutline(
  cells: readonly Cell[],
  columns: number,
  layers: number,
  isSet: (column: number, layer: number) => boolean,
  corner: (edge: number, heightMm: number) => string,
): string {
  const inside = (column: number, layer: number): boolean =>
    column >= 0 && column < columns && layer >= 0 && layer < layers && isSet(column, layer);
  return cells
    .filter(({ column, layer }) => isSet(column, layer))
    .map(({ column, layer, lowMm, highMm }) => {
      const sides: string[] = [];
      if (!inside(column - 1, layer) && column > 0)
        sides.push(`M${corner(column, lowMm)}L${corner(column, highMm)}`);
      if (!inside(column + 1, layer))
        sides.push(`M${corner(column + 1, lowMm)}L${corner(column + 1, highMm)}`);
      if (!inside(column, layer - 1))
        sides.push(`M${corner(column, lowMm)}L${corner(column + 1, lowMm)}`);
      if (!inside(column, layer + 1))
        sides.push(`M${corner(column, highMm)}L${corner(column + 1, highMm)}`);
      return sides.join("");
    })
    .join("");
}

/** The right half of the tin: from the centre line, or up the tube, to the lip. */
function wallLine(geometry: TinGeometry): string {
  const points = tinSection(geometry);
  const outer = points.map(
    ({ halfLengthMm, heightMm }) => `${halfLengthMm.toFixed(1)} ${(-heightMm).toFixed(1)}`,
  );
  const hasTube = points.some(({ tubeRadiusMm }) => tubeRadiusMm > 0);
  const tube = hasTube
    ? points
        .map(({ tubeRadiusMm, heightMm }) => `${tubeRadiusMm.toFixed(1)} ${(-heightMm).toFixed(1)}`)
        .toReversed()
    : ["0 0"];
  const rim = sectionAt(geometry, geometry.depthMm);
  return `M${[...tube, ...outer, `${(rim.halfLengthMm + 7).toFixed(1)} ${(-geometry.depthMm).toFixed(1)}`].join("L")}`;
}
