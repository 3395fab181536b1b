"use client";

import type { Minutes } from "@/core/bake";
import { minutesText } from "@/words";
import { Axis } from "../chart/axis";
import { ChartFrame } from "../chart/chart-frame";

type Bar = {
  readonly name: string;
  readonly minutes: Pick<Minutes, "firstLookMin" | "likelyMin" | "notPastMin">;
};

const ROW = 26;

/** How the band from the first look to not past narrows with what bakes teach. */
export function LearntChart({ bars }: { readonly bars: readonly Bar[] }) {
  const least = Math.min(...bars.map(({ minutes }) => minutes.firstLookMin));
  const most = Math.max(...bars.map(({ minutes }) => minutes.notPastMin));
  const said = bars
    .map(
      ({ name, minutes }) =>
        `${name}: likely ${minutesText(minutes.likelyMin)}, ${minutes.firstLookMin} to ${minutesText(minutes.notPastMin)}`,
    )
    .join("; ");
  return (
    <ChartFrame
      height={bars.length * ROW + 38}
      margin={{ top: 6, right: 16, bottom: 30, left: 96 }}
      firstWidth={520}
      xDomain={[least * 0.95, most * 1.05]}
      yDomain={[bars.length, 0]}
      said={said}
    >
      {(plot) => (
        <>
          {bars.map(({ name, minutes }, at) => {
            const y = plot.y(at + 0.5);
            return (
              <g key={name}>
                <text
                  x={plot.left - 8}
                  y={y + 4}
                  textAnchor="end"
                  className="fill-ink-2 text-[12px]"
                >
                  {name}
                </text>
                <line
                  x1={plot.x(minutes.firstLookMin)}
                  x2={plot.x(minutes.notPastMin)}
                  y1={y}
                  y2={y}
                  className="stroke-yolk"
                  strokeWidth="10"
                />
                <line
                  x1={plot.x(minutes.likelyMin)}
                  x2={plot.x(minutes.likelyMin)}
                  y1={y - 10}
                  y2={y + 10}
                  className="stroke-ink"
                  strokeWidth="2.5"
                />
              </g>
            );
          })}
          <Axis plot={plot} side="bottom" values={plot.x.ticks(6)} unit="min" />
        </>
      )}
    </ChartFrame>
  );
}
