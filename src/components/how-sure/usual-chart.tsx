"use client";

import type { Comparison } from "@/core/bake";
import { Axis } from "../chart/axis";
import { ChartFrame } from "../chart/chart-frame";

const ROW = 27;
const MARGIN = { top: 0, right: 70, bottom: 26, left: 150 } as const;

/** Usual ranges as bars, forecasts as dots, a line a tin, on one scale of minutes. */
export function UsualChart({ comparison }: { readonly comparison: readonly Comparison[] }) {
  const last =
    Math.max(...comparison.flatMap(({ usual, closedFormMin }) => [usual.toMin, closedFormMin])) *
    1.05;
  const said = comparison
    .map(
      ({ usual, closedFormMin }) =>
        `${usual.name}: usually ${usual.fromMin} to ${usual.toMin}, forecast ${Math.round(closedFormMin)} minutes`,
    )
    .join("; ");
  return (
    <ChartFrame
      height={comparison.length * ROW + MARGIN.bottom}
      margin={MARGIN}
      firstWidth={760}
      xDomain={[0, last]}
      yDomain={[comparison.length, 0]}
      said={said}
    >
      {(plot) => (
        <>
          <Axis
            plot={plot}
            side="bottom"
            values={plot.x.ticks((plot.right + MARGIN.right) / 110)}
            hasGrid
          />
          {comparison.map(({ usual, closedFormMin, missMin }, row) => {
            const y = plot.y(row + 0.5);
            const isFar = missMin >= 2.5;
            return (
              <g key={usual.name}>
                <text x={plot.left - 8} y={y + 4} textAnchor="end" className="fill-ink text-[13px]">
                  {usual.name}
                </text>
                <rect
                  x={plot.x(usual.fromMin)}
                  y={y - 7}
                  width={plot.x(usual.toMin) - plot.x(usual.fromMin)}
                  height="14"
                  rx="4"
                  className="fill-batter stroke-crumb"
                  strokeWidth="1.5"
                />
                <circle
                  cx={plot.x(closedFormMin)}
                  cy={y}
                  r="5.5"
                  className={isFar ? "fill-tomato stroke-white" : "fill-ink stroke-white"}
                  strokeWidth="1.5"
                />
                {isFar && (
                  <text
                    x={plot.x(closedFormMin) + 10}
                    y={y + 4}
                    className="fill-tomato text-[12px]"
                  >
                    off by {Math.round(missMin)}
                  </text>
                )}
              </g>
            );
          })}
        </>
      )}
    </ChartFrame>
  );
}
