"use client";

import { scaleLinear } from "d3-scale";
import { line } from "d3-shape";
import { ovenOffset, type OvenReading } from "@/core/bake";
import { useWidth } from "../frame/use-width";
import { heatStepText, heatText, type Units } from "@/words";

const HEIGHT = 210;
const LEFT = 56;
const RIGHT = 16;
const TOP = 14;
const BOTTOM = 30;
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
  const [frame, width] = useWidth<HTMLDivElement>(520);
  const dials = readings.map(({ dialC }) => dialC);
  const [from, to] = [Math.min(...dials, 150) - 10, Math.max(...dials, 200) + 10];
  const offs = readings.map(({ dialC, trueC }) => trueC - dialC);
  const reach = Math.max(10, ...offs.map(Math.abs)) * 1.15;
  const x = scaleLinear([from, to], [LEFT, width - RIGHT]);
  const y = scaleLinear([-reach, reach], [HEIGHT - BOTTOM, TOP]);
  const settings = Array.from(
    { length: Math.floor((to - from) / STEP_C) + 1 },
    (_, index) => from + index * STEP_C,
  );
  const path =
    line<number>()
      .x((dialC) => x(dialC))
      .y((dialC) => y(ovenOffset(readings, dialC)?.readsC ?? 0))(settings) ?? "";
  const degrees = (tempC: number): string => heatText(tempC, units).replace(/\u00a0?°[CF]$/u, "°");
  const difference = (tempC: number): string =>
    `${tempC > 0 ? "+" : tempC < 0 ? "−" : ""}${heatStepText(Math.abs(tempC), units).replace(/\u00a0?°[CF]$/u, "°")}`;
  const aside = ovenOffset(readings, 0)?.setAside ?? [];
  const isAside = (reading: OvenReading): boolean => aside.includes(reading);
  const said = `True heat less dial: ${readings.map(({ dialC, trueC }) => `${difference(trueC - dialC)} at ${degrees(dialC)}`).join(", ")}.`;
  return (
    <div ref={frame}>
      <svg
        viewBox={`0 0 ${width} ${HEIGHT}`}
        height={HEIGHT}
        className="block w-full"
        role="img"
        aria-label={said}
      >
        {y.ticks(5).map((each) => (
          <g key={each}>
            <line
              x1={LEFT}
              x2={width - RIGHT}
              y1={y(each)}
              y2={y(each)}
              className={each === 0 ? "stroke-ink-2" : "stroke-line"}
              strokeWidth={each === 0 ? 1.5 : 1}
            />
            <text x={LEFT - 6} y={y(each) + 4} textAnchor="end" className="fill-ink-2 text-[12px]">
              {difference(each)}
            </text>
          </g>
        ))}
        <text x={width - RIGHT} y={y(0) - 6} textAnchor="end" className="fill-ink-2 text-[12px]">
          as the dial says
        </text>
        <path d={path} fill="none" className="stroke-yolk" strokeWidth="3" />
        {readings.map((reading, index) => (
          <circle
            key={index}
            cx={x(reading.dialC)}
            cy={y(reading.trueC - reading.dialC)}
            r="5"
            className={isAside(reading) ? "fill-white stroke-steel" : "fill-ink stroke-white"}
            strokeWidth="1.5"
          />
        ))}
        {readings.map((reading, index) =>
          isAside(reading) ? (
            <text
              key={index}
              x={x(reading.dialC) + 9}
              y={y(reading.trueC - reading.dialC) + 4}
              className="fill-ink-2 text-[12px]"
            >
              set aside
            </text>
          ) : null,
        )}
        <line
          x1={LEFT}
          x2={width - RIGHT}
          y1={HEIGHT - BOTTOM}
          y2={HEIGHT - BOTTOM}
          className="stroke-ink"
          strokeWidth="4"
        />
        {x.ticks(5).map((each) => (
          <text
            key={each}
            x={x(each)}
            y={HEIGHT - 10}
            textAnchor="middle"
            className="fill-ink-2 text-[12px]"
          >
            {degrees(each)}
          </text>
        ))}
      </svg>
    </div>
  );
}
