"use client";

import { scaleLinear } from "d3-scale";
import type { Comparison } from "@/core/bake";
import { useWidth } from "../frame/use-width";

const ROW = 27;
const LEFT = 150;
const RIGHT = 70;
const BOTTOM = 26;

/** Usual ranges as bars, forecasts as dots, a line a tin, on one scale of minutes. */
export function UsualChart({ comparison }: { readonly comparison: readonly Comparison[] }) {
  const [frame, width] = useWidth<HTMLDivElement>(760);
  const height = comparison.length * ROW + BOTTOM;
  const x = scaleLinear(
    [
      0,
      Math.max(...comparison.flatMap(({ usual, closedFormMin }) => [usual.toMin, closedFormMin])) *
        1.05,
    ],
    [LEFT, width - RIGHT],
  );
  const said = comparison
    .map(
      ({ usual, closedFormMin }) =>
        `${usual.name}: usually ${usual.fromMin} to ${usual.toMin}, forecast ${Math.round(closedFormMin)} minutes`,
    )
    .join("; ");
  return (
    <div ref={frame}>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        height={height}
        className="block w-full"
        role="img"
        aria-label={said}
      >
        {x.ticks(width / 110).map((minute) => (
          <g key={minute}>
            <line
              x1={x(minute)}
              x2={x(minute)}
              y1="0"
              y2={height - BOTTOM}
              className="stroke-line"
              strokeWidth="1"
            />
            <text
              x={x(minute)}
              y={height - 8}
              textAnchor="middle"
              className="fill-ink-2 text-[12px]"
            >
              {minute}
            </text>
          </g>
        ))}
        {comparison.map(({ usual, closedFormMin, missMin }, row) => {
          const y = row * ROW + ROW / 2;
          const isFar = missMin >= 2.5;
          return (
            <g key={usual.name}>
              <text x={LEFT - 8} y={y + 4} textAnchor="end" className="fill-ink text-[13px]">
                {usual.name}
              </text>
              <rect
                x={x(usual.fromMin)}
                y={y - 7}
                width={x(usual.toMin) - x(usual.fromMin)}
                height="14"
                rx="4"
                className="fill-batter stroke-crumb"
                strokeWidth="1.5"
              />
              <circle
                cx={x(closedFormMin)}
                cy={y}
                r="5.5"
                className={isFar ? "fill-tomato stroke-white" : "fill-ink stroke-white"}
                strokeWidth="1.5"
              />
              {isFar && (
                <text x={x(closedFormMin) + 10} y={y + 4} className="fill-tomato text-[12px]">
                  off by {Math.round(missMin)}
                </text>
              )}
            </g>
          );
        })}
        <line
          x1={LEFT}
          x2={width - RIGHT}
          y1={height - BOTTOM}
          y2={height - BOTTOM}
          className="stroke-ink"
          strokeWidth="4"
        />
      </svg>
    </div>
  );
}
