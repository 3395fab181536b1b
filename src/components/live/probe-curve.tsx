"use client";

import { curveMonotoneX, line } from "d3-shape";
import type { CoreCurve, CoreReading, Minutes, Refit } from "@/core/bake";
import { bareHeatText, heatText, minutesText, type Units } from "@/words";
import { Axis } from "../chart/axis";
import { ChartFrame, type Plot } from "../chart/chart-frame";
import { PlotLine } from "../chart/plot-line";

/** Letters and lines that are read from a step away, on the dark. */
const DEEP = "text-[17px] text-deep-text [&_.domain]:stroke-white";

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
  const last = Math.max(minutes.notPastMin, refit.notPastMin, minute) * 1.05;
  const steps = Array.from({ length: 61 }, (_, index) => (index * last) / 60);
  const pathIn = ({ x, y }: Plot, points: readonly CoreReading[]): string =>
    line<CoreReading>()
      .x((point) => x(point.minute))
      .y((point) => y(point.tempC))
      .curve(curveMonotoneX)(points) ?? "";
  const now = readings.at(-1);
  return (
    <ChartFrame
      height={250}
      margin={{ top: 30, right: 12, bottom: 34, left: 50 }}
      firstWidth={760}
      xDomain={[0, last]}
      yDomain={[15, 105]}
      said={curveSaid(refit, now, units)}
    >
      {(plot) => (
        <>
          <rect
            x={plot.x(refit.firstLookMin)}
            width={Math.max(2, plot.x(refit.notPastMin) - plot.x(refit.firstLookMin))}
            y={plot.top}
            height={plot.bottom - plot.top}
            className="fill-yolk"
            opacity="0.22"
          />
          <text
            x={plot.x(refit.likelyMin)}
            y={20}
            textAnchor="middle"
            className="fill-yolk font-bold"
            fontSize="18"
          >
            likely {minutesText(refit.likelyMin)}
          </text>
          <PlotLine plot={plot} x={refit.likelyMin} className="stroke-yolk" strokeWidth="3" />
          <PlotLine
            plot={plot}
            y={doneC}
            className="stroke-deep-leaf"
            strokeWidth="2"
            strokeDasharray="6 4"
          />
          <text x={plot.left + 6} y={plot.y(doneC) - 6} className="fill-deep-leaf" fontSize="17">
            done at {heatText(doneC, units)}
          </text>
          <path
            d={pathIn(
              plot,
              steps.map((at) => ({ minute: at, tempC: curve(at) })),
            )}
            fill="none"
            className="stroke-deep-steel"
            strokeWidth="2"
            strokeDasharray="3 6"
          />
          {readings.length > 0 && (
            <path
              d={pathIn(
                plot,
                steps
                  .filter((at) => at >= (now?.minute ?? 0))
                  .map((at) => ({ minute: at, tempC: curve(at / refit.pace) })),
              )}
              fill="none"
              className="stroke-yolk"
              strokeWidth="2.5"
            />
          )}
          <path d={pathIn(plot, readings)} fill="none" className="stroke-white" strokeWidth="4" />
          {now !== undefined && (
            <circle cx={plot.x(now.minute)} cy={plot.y(now.tempC)} r="7" className="fill-white" />
          )}
          <PlotLine
            plot={plot}
            x={Math.min(minute, last)}
            className="stroke-white"
            strokeWidth="2"
          />
          <Axis
            plot={plot}
            side="left"
            values={[20, 60, 100]}
            format={(tempC) => bareHeatText(tempC, units)}
            className={DEEP}
          />
          <Axis
            plot={plot}
            side="bottom"
            values={plot.x.ticks((plot.right + 12) / 110)}
            unit="min"
            className={DEEP}
          />
        </>
      )}
    </ChartFrame>
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
