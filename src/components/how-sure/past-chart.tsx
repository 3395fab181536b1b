"use client";

import type { PastForecast } from "@/core/plan";
import { minutesText } from "@/words";
import { Axis } from "../chart/axis";
import { ChartFrame } from "../chart/chart-frame";

/** A bake of hers against its forecasts. */
export type PastBake = Omit<PastForecast, "at"> & {
  readonly recipe: string;
  readonly madeOn: string;
};

/** Minutes that are named: what is twice as long stands as far from it anywhere. */
const NAMED = [10, 15, 20, 30, 40, 60, 90, 120, 180];
const scaled = Math.log;
const minutesAt = (at: number): string => String(Math.round(Math.exp(at)));

/** What each bake took against what was forecast of it: on the slanting line the two are the same. */
export function PastChart({ own }: { readonly own: readonly PastBake[] }) {
  const all = own.flatMap(({ tookMin, bareMin, learntMin }) => [tookMin, bareMin, learntMin]);
  const [least, most] = [scaled(Math.min(...all) * 0.92), scaled(Math.max(...all) * 1.08)];
  const named = NAMED.map(scaled).filter((at) => at > least && at < most);
  const said = own
    .map(
      ({ recipe, tookMin, bareMin, learntMin }) =>
        `${recipe}: took ${minutesText(tookMin)}, forecast ${minutesText(Math.round(bareMin))}, with learning ${minutesText(Math.round(learntMin))}`,
    )
    .join("; ");
  return (
    <ChartFrame
      height={300}
      margin={{ top: 22, right: 16, bottom: 32, left: 44 }}
      firstWidth={760}
      xDomain={[least, most]}
      yDomain={[least, most]}
      said={said}
    >
      {(plot) => (
        <>
          <Axis plot={plot} side="left" values={named} format={minutesAt} hasGrid />
          <text x={plot.left} y={12} className="fill-ink-2 text-[12px]">
            minutes it took, over minutes forecast
          </text>
          <line
            x1={plot.x(least)}
            y1={plot.y(least)}
            x2={plot.x(most)}
            y2={plot.y(most)}
            className="stroke-steel"
            strokeWidth="1.5"
            strokeDasharray="5 5"
          />
          {own.map(({ tookMin, bareMin, learntMin }, at) => (
            <g key={at}>
              <line
                x1={plot.x(scaled(bareMin))}
                x2={plot.x(scaled(learntMin))}
                y1={plot.y(scaled(tookMin))}
                y2={plot.y(scaled(tookMin))}
                className="stroke-yolk"
                strokeWidth="2"
              />
              <circle
                cx={plot.x(scaled(bareMin))}
                cy={plot.y(scaled(tookMin))}
                r="4.5"
                className="fill-white stroke-ink"
                strokeWidth="1.5"
              />
              <circle
                cx={plot.x(scaled(learntMin))}
                cy={plot.y(scaled(tookMin))}
                r="4.5"
                className="fill-ink stroke-white"
                strokeWidth="1.5"
              />
            </g>
          ))}
          <Axis plot={plot} side="bottom" values={named} format={minutesAt} unit="min" />
        </>
      )}
    </ChartFrame>
  );
}
