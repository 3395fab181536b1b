"use client";

import { memo, useId, type KeyboardEvent, type PointerEvent } from "react";
import { scaleLinear } from "d3-scale";
import { curveMonotoneX, line } from "d3-shape";
import { stretchOf, type BakeInside, type Minutes } from "@/core/bake";
import { heatText, minutesText, type Units } from "@/words";
import { useWidth } from "../frame/use-width";

const HEIGHT = 250;
const LEFT = 46;
const RIGHT = 14;
const TOP = 18;
const BOTTOM = 28;

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
  const id = useId();
  const [frame, width] = useWidth<HTMLDivElement>(560);
  const last = Math.max(minutes.notPastMin * 1.05, 10);
  const x = scaleLinear([0, last], [LEFT, width - RIGHT]);
  const y = scaleLinear([15, 112], [HEIGHT - BOTTOM, TOP]);
  const own = pointsOf(inside, minutes.likelyMin, last);
  const was = ghost === null ? null : pointsOf(ghost.inside, ghost.likelyMin, last);
  const path = (points: readonly Point[], of: (point: Point) => number): string =>
    line<Point>()
      .x((point) => x(point.minute))
      .y((point) => y(of(point)))
      .curve(curveMonotoneX)(points) ?? "";
  const near = own[Math.floor(own.length * 0.24)];
  // Low enough on its curve to keep clear of what is written at the line of done.
  const nearRim = own.find(({ rimC }) => rimC >= 60);
  const clamped = (at: number): number => Math.min(Math.floor(last), Math.max(0, Math.round(at)));

  function onPoint(event: PointerEvent<SVGSVGElement>): void {
    if (event.pointerType !== "mouse" && event.buttons === 0) return;
    const box = event.currentTarget.getBoundingClientRect();
    onMinute(clamped(x.invert(((event.clientX - box.left) / box.width) * width)));
  }

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
    <div className="min-w-0" ref={frame}>
      <svg
        viewBox={`0 0 ${width} ${HEIGHT}`}
        height={HEIGHT}
        className="block w-full touch-pan-y"
        role="slider"
        tabIndex={0}
        aria-label="Minute of the bake"
        aria-describedby={`${id}-said`}
        aria-valuemin={0}
        aria-valuemax={Math.floor(last)}
        aria-valuenow={minute}
        aria-valuetext={minutesText(minute)}
        onPointerDown={onPoint}
        onPointerMove={onPoint}
        onKeyDown={onKey}
      >
        <rect
          x={x(minutes.firstLookMin)}
          y={TOP}
          width={x(minutes.notPastMin) - x(minutes.firstLookMin)}
          height={HEIGHT - TOP - BOTTOM}
          className="fill-yolk-soft"
        />
        {[20, 40, 60, 80, 100].map((tempC) => (
          <g key={tempC}>
            <line
              x1={LEFT}
              x2={width - RIGHT}
              y1={y(tempC)}
              y2={y(tempC)}
              className="stroke-line"
              strokeWidth="1"
            />
            <text x={LEFT - 6} y={y(tempC) + 4} textAnchor="end" className="fill-ink-2 text-[12px]">
              {heatText(tempC, units).replace(/\u00a0?°[CF]$/u, "°")}
            </text>
          </g>
        ))}
        <line
          x1={LEFT}
          x2={width - RIGHT}
          y1={y(doneC)}
          y2={y(doneC)}
          className="stroke-leaf"
          strokeWidth="1.5"
          strokeDasharray="5 3"
        />
        <text x={LEFT + 6} y={y(doneC) + 15} className="fill-leaf text-[12px]">
          set through at {heatText(doneC, units)}
        </text>
        <text x={x(minutes.firstLookMin) + 2} y={TOP - 5} className="fill-ink-2 text-[12px]">
          look from {minutes.firstLookMin} to {minutes.notPastMin}
        </text>
        {was !== null && (
          <g strokeDasharray="2 4" fill="none">
            <path
              d={path(was, (point) => point.rimC)}
              className="stroke-crust"
              strokeWidth="1.75"
            />
            <path
              d={path(was, (point) => point.middleC)}
              className="stroke-ink-2"
              strokeWidth="2"
            />
          </g>
        )}
        <path
          d={path(own, (point) => point.rimC)}
          fill="none"
          className="stroke-crust"
          strokeWidth="2"
        />
        <path
          d={path(own, (point) => point.middleC)}
          fill="none"
          className="stroke-ink"
          strokeWidth="2.75"
        />
        {nearRim !== undefined && (
          <text
            x={x(nearRim.minute) - 8}
            y={y(nearRim.rimC) - 6}
            textAnchor="end"
            className="fill-crust text-[13px] font-bold"
          >
            rim
          </text>
        )}
        {near !== undefined && (
          <text
            x={x(near.minute) + 8}
            y={y(near.middleC) + 16}
            className="fill-ink text-[13px] font-bold"
          >
            middle
          </text>
        )}
        <line
          x1={x(minutes.likelyMin)}
          x2={x(minutes.likelyMin)}
          y1={TOP}
          y2={HEIGHT - BOTTOM}
          className="stroke-ink"
          strokeWidth="2"
        />
        <line
          x1={x(minutes.doorShutUntilMin)}
          x2={x(minutes.doorShutUntilMin)}
          y1={TOP}
          y2={HEIGHT - BOTTOM}
          className="stroke-ink-2"
          strokeWidth="1.25"
          strokeDasharray="3 3"
        />
        <text
          x={x(minutes.doorShutUntilMin) - 5}
          y={HEIGHT - BOTTOM - 8}
          textAnchor="end"
          className="fill-ink-2 text-[12px]"
        >
          door shut
        </text>
        <line
          x1={LEFT}
          x2={width - RIGHT}
          y1={HEIGHT - BOTTOM}
          y2={HEIGHT - BOTTOM}
          className="stroke-ink"
          strokeWidth="4"
        />
        {x
          .ticks(width / 90)
          .filter((each) => x(each) < width - RIGHT - 34)
          .map((each) => (
            <text
              key={each}
              x={x(each)}
              y={HEIGHT - 9}
              textAnchor="middle"
              className="fill-ink-2 text-[12px]"
            >
              {each}
            </text>
          ))}
        <text x={width - RIGHT} y={HEIGHT - 9} textAnchor="end" className="fill-ink-2 text-[12px]">
          min
        </text>
        <g transform={`translate(${x(Math.min(minute, last))} 0)`}>
          <line y1={TOP} y2={HEIGHT - BOTTOM} className="stroke-yolk" strokeWidth="3" />
          <circle cy={HEIGHT - BOTTOM} r="9" className="fill-yolk stroke-ink" strokeWidth="2" />
        </g>
      </svg>
      <p id={`${id}-said`} className="sr-only">
        {chartSaid(own, minutes, doneC, units)}
      </p>
    </div>
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
  return `The middle starts at ${heatText(points[0]?.middleC ?? 21, units)}, is at ${heatText(first?.middleC ?? 0, units)} when you look first after ${minutesText(minutes.firstLookMin)}, and set through, ${heatText(doneC, units)}, after ${minutesText(minutes.likelyMin)}; the rim is then at ${heatText(done?.rimC ?? 0, units)}.`;
}
