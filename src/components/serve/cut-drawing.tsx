"use client";

import type { CakeTop, Cutting } from "@/core/serve";
import { exactLengthText, piecesText, type Units } from "@/words";

/** Points along a curved edge. */
const SAMPLES = 90;

/**
 * The cake from above with the strokes of the knife, to scale, numbered in their order while there
 * are few.
 */
export function CutDrawing({
  top,
  cutting,
  units,
}: {
  readonly top: CakeTop;
  readonly cutting: Cutting;
  readonly units: Units;
}) {
  const [w, h] = [top.halfLengthMm, top.halfWidthMm];
  const room = 16;
  const said = `${piecesText(cutting.pieces)}, ${cutting.strokes.length} strokes of the knife, on a cake ${exactLengthText(2 * w, units)} by ${exactLengthText(2 * h, units)}`;
  const isNumbered = cutting.strokes.length <= 12;
  return (
    <svg
      viewBox={`${-w - room} ${-h - room} ${2 * (w + room)} ${2 * (h + room) + 14}`}
      className="mx-auto block max-h-[340px] w-full max-w-[520px] print:max-h-none"
      role="img"
      aria-label={said}
    >
      <path
        d={outlinePath(top)}
        className="fill-crumb/60 stroke-crust"
        strokeWidth="2"
        vectorEffect="non-scaling-stroke"
        fillRule="evenodd"
      />
      {cutting.strokes.map((stroke, index) =>
        stroke.kind === "circle" ? (
          <circle
            key={index}
            r={stroke.radiusMm}
            fill="none"
            className="stroke-ink"
            strokeWidth="1.75"
            vectorEffect="non-scaling-stroke"
          />
        ) : (
          <line
            key={index}
            x1={stroke.from[0]}
            y1={-stroke.from[1]}
            x2={stroke.to[0]}
            y2={-stroke.to[1]}
            className="stroke-ink"
            strokeWidth="1.75"
            vectorEffect="non-scaling-stroke"
          />
        ),
      )}
      {isNumbered &&
        cutting.strokes.map((stroke, index) => {
          const [x, y] =
            stroke.kind === "circle" ? [0, stroke.radiusMm] : outside(stroke.from, w, h);
          return (
            <text
              key={index}
              x={x}
              y={-y + 3}
              textAnchor="middle"
              className="fill-ink text-[9px] font-bold"
            >
              {index + 1}
            </text>
          );
        })}
      <g transform={`translate(${-w} ${h + room})`}>
        <line x2="50" className="stroke-ink" strokeWidth="2" vectorEffect="non-scaling-stroke" />
        <text x="25" y="10" textAnchor="middle" className="fill-ink-2 text-[9px]">
          {exactLengthText(50, units)}
        </text>
      </g>
    </svg>
  );
}

/** A place just off the cake beside the start of a stroke. */
function outside(
  [x, y]: readonly [number, number],
  w: number,
  h: number,
): readonly [number, number] {
  const away = 9;
  const length = Math.hypot(x / w, y / h);
  return length === 0 ? [0, 0] : [x + (away * (x / w)) / length, y + (away * (y / h)) / length];
}

/** The outline of a cake from above, with its hole. */
export function outlinePath(top: CakeTop): string {
  const xs = Array.from(
    { length: SAMPLES + 1 },
    (_, index) => -top.halfLengthMm * Math.cos((Math.PI * index) / SAMPLES),
  );
  const inside = xs.map((x) =>
    Math.min(top.halfLengthMm * 0.9999, Math.max(-top.halfLengthMm * 0.9999, x)),
  );
  const upper = inside.map((x) => `${x.toFixed(2)} ${(-top.across(x)[1]).toFixed(2)}`);
  const lower = inside.toReversed().map((x) => `${x.toFixed(2)} ${(-top.across(x)[0]).toFixed(2)}`);
  const hole =
    top.holeMm > 0
      ? `M${-top.holeMm} 0A${top.holeMm} ${top.holeMm} 0 1 0 ${top.holeMm} 0A${top.holeMm} ${top.holeMm} 0 1 0 ${-top.holeMm} 0Z`
      : "";
  return `M${[...upper, ...lower].join("L")}Z${hole}`;
}
