"use client";

import { line } from "d3-shape";
import { ovenOffset, type OvenReading } from "@/core/bake";
import { Axis } from "../chart/axis";
import { ChartFrame, type Plot } from "../chart/chart-frame";
import { PlotLine } from "../chart/plot-line";
import { bareHeatText, heatStepText, type Units } from "@/words";

const STEP_C = 2.5;

/**
 * How far each reading is off against its setting of the dial, with the line the forecasts go by.
 */
export function OffsetChart({
  readings,
  units,
}: {
  readonly readings: readonly OvenReading[];
  readonly units: Units;
}) {
  const dials = readings.map(({ dialC }) => dialC);
  const [from, to] = [Math.min(...dials, 150) - 10, Math.max(...dials, 200) + 10];
  const offs = readings.map(({ dialC, trueC }) => trueC - dialC);
  const reach = Math.max(10, ...offs.map(Math.abs)) * 1.15;
  const settings = Array.from(
    { length: Math.floor((to - from) / STEP_C) + 1 },
    (_, index) => from + index * STEP_C,
  );
  const pathIn = ({ x, y }: Plot): string =>
    line<number>()
      .x((dialC) => x(dialC))
      .y((dialC) => y(ovenOffset(readings, dialC)?.readsC ?? 0))(settings) ?? "";
  const degrees = (tempC: number): string => bareHeatText(tempC, units);
  const difference = (tempC: number): string =>
    `${tempC > 0 ? "+" : tempC < 0 ? "−" : ""}${heatStepText(Math.abs(tempC), units).replace(/\u00a0?°[CF]$/u, "°")}`;
  const aside = ovenOffset(readings, 0)?.setAside ?? [];
  const isAside = (reading: OvenReading): boolean => aside.includes(reading);
  const said = `True temperature less dial: ${readings.map(({ dialC, trueC }) => `${difference(trueC - dialC)} at ${degrees(dialC)}`).join(", ")}.`;
  return (
    <ChartFrame
      height={210}
      margin={{ top: 14, right: 16, bottom: 30, left: 56 }}
      firstWidth={520}
      xDomain={[from, to]}
      yDomain={[-reach, reach]}
      said={said}
    >
      {(plot) => (
        <>
          <Axis plot={plot} side="left" values={plot.y.ticks(8)} format={difference} hasGrid />
          <PlotLine plot={plot} y={0} className="stroke-ink-2" strokeWidth="1.5" />
          <text
            x={plot.right}
            y={plot.y(0) - 6}
            textAnchor="end"
            className="fill-ink-2 text-[12px]"
          >
            as the dial says
          </text>
          <path d={pathIn(plot)} fill="none" className="stroke-yolk" strokeWidth="3" />
          {readings.map((reading, index) => (
            <circle
              key={index}
              cx={plot.x(reading.dialC)}
              cy={plot.y(reading.trueC - reading.dialC)}
              r="5"
              className={isAside(reading) ? "fill-white stroke-steel" : "fill-ink stroke-white"}
              strokeWidth="1.5"
            />
          ))}
          {readings.map((reading, index) =>
            isAside(reading) ? (
              <text
                key={index}
                x={plot.x(reading.dialC) + 9}
                y={plot.y(reading.trueC - reading.dialC) + 4}
                className="fill-ink-2 text-[12px]"
              >
                set aside
              </text>
            ) : null,
          )}
          <Axis plot={plot} side="bottom" values={plot.x.ticks(5)} format={degrees} />
        </>
      )}
    </ChartFrame>
  );
}
