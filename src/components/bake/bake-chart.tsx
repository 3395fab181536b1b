"use client";

import { memo, type KeyboardEvent, type PointerEvent } from "react";
import { curveMonotoneX, line } from "d3-shape";
import { stretchOf, type BakeInside, type Minutes } from "@/core/bake";
import { bareHeatText, heatText, minutesText, type Units } from "@/words";
import { Axis } from "../chart/axis";
import { ChartFrame, type Plot } from "../chart/chart-frame";
import { PlotLine } from "../chart/plot-line";

/** A curve that was, to compare with. */
export type Ghost = {
  readonly inside: BakeInside;
  readonly likelyMin: number;
  readonly name: string;
};

type BakeChartProps = {
  readonly inside: BakeInside;
  readonly minutes: Minutes;
  readonly doneC: number;
  readonly ghost: Ghost | null;
  readonly minute: number;
  readonly units: Units;
  readonly onMinute: (minute: number) => void;
};

/**
 * Middle and rim of the cake against the minutes, on an ink base line: the window to look in, the
 * minute it is likely done, and the minute under the pointer, whose inside is drawn beside. The
 * model's clock is stretched so that it is done when the forecast says.
 */
export const BakeChart = memo(function BakeChart({
  inside,
  minutes,
  doneC,
  ghost,
  minute,
  units,
  onMinute,
}: BakeChartProps) {
  const last = Math.max(minutes.notPastMin * 1.05, 10);
  const own = pointsOf(inside, minutes.likelyMin, last);
  const was = ghost === null ? null : pointsOf(ghost.inside, ghost.likelyMin, last);
  const pathIn = ({ x, y }: Plot, points: readonly Point[], of: (point: Point) => number): string =>
    line<Point>()
      .x((point) => x(point.minute))
      .y((point) => y(of(point)))
      .curve(curveMonotoneX)(points) ?? "";
  const near = own[Math.floor(own.length * 0.24)];
  // Low enough on its curve to keep clear of what is written at the line of done.
  const nearRim = own.find(({ rimC }) => rimC >= 60);
  const clamped = (at: number): number => Math.min(Math.floor(last), Math.max(0, Math.round(at)));

  function onKey(event: KeyboardEvent): void {
    const step = {
      ArrowRight: 1,
      ArrowUp: 1,
      ArrowLeft: -1,
      ArrowDown: -1,
      PageUp: 5,
      PageDown: -5,
    }[event.key];
    const to =
      event.key === "Home"
        ? 0
        : event.key === "End"
          ? last
          : step === undefined
            ? null
            : minute + step;
    if (to === null) return;
    event.preventDefault();
    onMinute(clamped(to));
  }

  return (
    <ChartFrame
      height={250}
      margin={{ top: 18, right: 14, bottom: 28, left: 46 }}
      firstWidth={560}
      xDomain={[0, last]}
      yDomain={[15, 112]}
      said={chartSaid(own, minutes, doneC, units)}
      control={(plot, width) => {
        const onPoint = (event: PointerEvent<SVGSVGElement>): void => {
          if (event.pointerType !== "mouse" && event.buttons === 0) return;
          const box = event.currentTarget.getBoundingClientRect();
          onMinute(clamped(plot.x.invert(((event.clientX - box.left) / box.width) * width)));
        };
        return {
          role: "slider",
          tabIndex: 0,
          "aria-label": "Minute of the bake",
          "aria-valuemin": 0,
          "aria-valuemax": Math.floor(last),
          "aria-valuenow": minute,
          "aria-valuetext": minutesText(minute),
          onPointerDown: onPoint,
          onPointerMove: onPoint,
          onKeyDown: onKey,
        };
      }}
    >
      {(plot) => (
        <>
          <rect
            x={plot.x(minutes.firstLookMin)}
            y={plot.top}
            width={plot.x(minutes.notPastMin) - plot.x(minutes.firstLookMin)}
            height={plot.bottom - plot.top}
            className="fill-yolk-soft"
          />
          <Axis
            plot={plot}
            side="left"
            values={[20, 40, 60, 80, 100]}
            format={(tempC) => bareHeatText(tempC, units)}
            hasGrid
          />
          <PlotLine
            plot={plot}
            y={doneC}
            className="stroke-leaf"
            strokeWidth="1.5"
            strokeDasharray="5 3"
          />
          <text x={plot.left + 6} y={plot.y(doneC) + 15} className="fill-leaf text-[12px]">
            set through at {heatText(doneC, units)}
          </text>
          <text
            x={plot.x(minutes.firstLookMin) + 2}
            y={plot.top - 5}
            className="fill-ink-2 text-[12px]"
          >
            check from {minutes.firstLookMin} to {minutes.notPastMin}
          </text>
          {was !== null && (
            <g strokeDasharray="2 4" fill="none">
              <path
                d={pathIn(plot, was, (point) => point.rimC)}
                className="stroke-crust"
                strokeWidth="1.75"
              />
              <path
                d={pathIn(plot, was, (point) => point.middleC)}
                className="stroke-ink-2"
                strokeWidth="2"
              />
            </g>
          )}
          <path
            d={pathIn(plot, own, (point) => point.rimC)}
            fill="none"
            className="stroke-crust"
            strokeWidth="2"
          />
          <path
            d={pathIn(plot, own, (point) => point.middleC)}
            fill="none"
            className="stroke-ink"
            strokeWidth="2.75"
          />
          {nearRim !== undefined && (
            <text
              x={plot.x(nearRim.minute) - 8}
              y={plot.y(nearRim.rimC) - 6}
              textAnchor="end"
              className="fill-crust text-[13px] font-bold"
            >
              rim
            </text>
          )}
          {near !== undefined && (
            <text
              x={plot.x(near.minute) + 8}
              y={plot.y(near.middleC) + 16}
              className="fill-ink text-[13px] font-bold"
            >
              middle
            </text>
          )}
          <PlotLine plot={plot} x={minutes.likelyMin} className="stroke-ink" strokeWidth="2" />
          <PlotLine
            plot={plot}
            x={minutes.doorShutUntilMin}
            className="stroke-ink-2"
            strokeWidth="1.25"
            strokeDasharray="3 3"
          />
          <text
            x={plot.x(minutes.doorShutUntilMin) - 5}
            y={plot.bottom - 8}
            textAnchor="end"
            className="fill-ink-2 text-[12px]"
          >
            door shut
          </text>
          <Axis
            plot={plot}
            side="bottom"
            values={plot.x.ticks((plot.right + 14) / 90)}
            unit="min"
          />
          <g transform={`translate(${plot.x(Math.min(minute, last))} 0)`}>
            <line y1={plot.top} y2={plot.bottom} className="stroke-yolk" strokeWidth="3" />
            <circle cy={plot.bottom} r="9" className="fill-yolk stroke-ink" strokeWidth="2" />
          </g>
        </>
      )}
    </ChartFrame>
  );
});

type Point = { readonly minute: number; readonly middleC: number; readonly rimC: number };

function pointsOf(inside: BakeInside, likelyMin: number, last: number): readonly Point[] {
  const stretch = stretchOf(inside, likelyMin);
  return inside.moments
    .map(({ seconds, middleC, rimC }) => ({ minute: (seconds / 60) * stretch, middleC, rimC }))
    .filter(({ minute }) => minute <= last);
}

function chartSaid(
  points: readonly Point[],
  minutes: Minutes,
  doneC: number,
  units: Units,
): string {
  const at = (minute: number): Point | undefined =>
    points.findLast((point) => point.minute <= minute);
  const [first, done] = [at(minutes.firstLookMin), at(minutes.likelyMin)];
  return `The middle starts at ${heatText(points[0]?.middleC ?? 21, units)}, is at ${heatText(first?.middleC ?? 0, units)} when you start checking after ${minutesText(minutes.firstLookMin)}, and set through, ${heatText(doneC, units)}, after ${minutesText(minutes.likelyMin)}; the rim is then at ${heatText(done?.rimC ?? 0, units)}.`;
}
