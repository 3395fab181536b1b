"use client";

import { scaleLinear } from "d3-scale";
import { curveMonotoneX, line } from "d3-shape";
import type { CoreCurve, CoreReading, Minutes, Refit } from "@/core/bake";
import { heatText, minutesText, type Units } from "@/words";
import { useWidth } from "../frame/use-width";

const HEIGHT = 250;
const LEFT = 50;
const RIGHT = 12;
const TOP = 30;
const BOTTOM = 34;

type ProbeCurveProps = {
  readonly curve: CoreCurve;
  readonly minutes: Minutes;
  readonly refit: Refit;
  readonly readings: readonly CoreReading[];
  readonly minute: number;
  readonly doneC: number;
  readonly units: Units;
};

/**
 * The middle as forecast, as the probe reads it, and as it will likely go on: the band narrows as
 * it is read.
 */
export function ProbeCurve({
  curve,
  minutes,
  refit,
  readings,
  minute,
  doneC,
  units,
}: ProbeCurveProps) {
  const [frame, width] = useWidth<HTMLDivElement>(760);
  const last = Math.max(minutes.notPastMin, refit.notPastMin, minute) * 1.05;
  const x = scaleLinear([0, last], [LEFT, width - RIGHT]);
  const y = scaleLinear([15, 105], [HEIGHT - BOTTOM, TOP]);
  const steps = Array.from({ length: 61 }, (_, index) => (index * last) / 60);
  const path = (points: readonly CoreReading[]): string =>
    line<CoreReading>()
      .x((point) => x(point.minute))
      .y((point) => y(point.tempC))
      .curve(curveMonotoneX)(points) ?? "";
  const now = readings.at(-1);
  return (
    <div ref={frame} className="min-w-0">
      <svg
        width={width}
        height={HEIGHT}
        className="block"
        role="img"
        aria-label={curveSaid(refit, now, units)}
      >
        <rect
          x={x(refit.firstLookMin)}
          width={Math.max(2, x(refit.notPastMin) - x(refit.firstLookMin))}
          y={TOP}
          height={HEIGHT - TOP - BOTTOM}
          className="fill-yolk"
          opacity="0.22"
        />
        <text
          x={x(refit.likelyMin)}
          y={20}
          textAnchor="middle"
          className="fill-yolk font-bold"
          fontSize="18"
        >
          likely {minutesText(refit.likelyMin)}
        </text>
        <line
          x1={x(refit.likelyMin)}
          x2={x(refit.likelyMin)}
          y1={TOP}
          y2={HEIGHT - BOTTOM}
          className="stroke-yolk"
          strokeWidth="3"
        />
        <line
          x1={LEFT}
          x2={width - RIGHT}
          y1={y(doneC)}
          y2={y(doneC)}
          className="stroke-deep-leaf"
          strokeWidth="2"
          strokeDasharray="6 4"
        />
        <text x={LEFT + 6} y={y(doneC) - 6} className="fill-deep-leaf" fontSize="17">
          done at {heatText(doneC, units)}
        </text>
        <path
          d={path(steps.map((at) => ({ minute: at, tempC: curve(at) })))}
          fill="none"
          className="stroke-deep-steel"
          strokeWidth="2"
          strokeDasharray="3 6"
        />
        {readings.length > 0 && (
          <path
            d={path(
              steps
                .filter((at) => at >= (now?.minute ?? 0))
                .map((at) => ({ minute: at, tempC: curve(at / refit.pace) })),
            )}
            fill="none"
            className="stroke-yolk"
            strokeWidth="2.5"
          />
        )}
        <path d={path(readings)} fill="none" className="stroke-white" strokeWidth="4" />
        {now !== undefined && (
          <circle cx={x(now.minute)} cy={y(now.tempC)} r="7" className="fill-white" />
        )}
        <line
          x1={x(Math.min(minute, last))}
          x2={x(Math.min(minute, last))}
          y1={TOP}
          y2={HEIGHT - BOTTOM}
          className="stroke-white"
          strokeWidth="2"
        />
        <line
          x1={LEFT}
          x2={width - RIGHT}
          y1={HEIGHT - BOTTOM}
          y2={HEIGHT - BOTTOM}
          className="stroke-white"
          strokeWidth="5"
        />
        {[20, 60, 100].map((tempC) => (
          <text
            key={tempC}
            x={LEFT - 8}
            y={y(tempC) + 6}
            textAnchor="end"
            className="fill-deep-text"
            fontSize="17"
          >
            {heatText(tempC, units).replace(/\u00a0?°[CF]$/u, "°")}
          </text>
        ))}
        {x
          .ticks(width / 110)
          .filter((each) => x(each) < width - RIGHT - 40)
          .map((each) => (
            <text
              key={each}
              x={x(each)}
              y={HEIGHT - 10}
              textAnchor="middle"
              className="fill-deep-text"
              fontSize="17"
            >
              {each}
            </text>
          ))}
        <text
          x={width - RIGHT}
          y={HEIGHT - 10}
          textAnchor="end"
          className="fill-deep-text"
          fontSize="17"
        >
          min
        </text>
      </svg>
    </div>
  );
}

function curveSaid(
  { firstLookMin, likelyMin, notPastMin }: Refit,
  now: CoreReading | undefined,
  units: Units,
): string {
  const core =
    now === undefined
      ? "No reading of the middle yet."
      : `The middle is at ${heatText(now.tempC, units)} after ${minutesText(Math.round(now.minute))}.`;
  return `${core} Likely done after ${minutesText(likelyMin)}, between ${firstLookMin} and ${minutesText(notPastMin)}.`;
}
