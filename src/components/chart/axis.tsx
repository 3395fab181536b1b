"use client";

import { useLayoutEffect, useRef } from "react";
import { axisBottom, axisLeft, type Axis as DrawnAxis } from "d3-axis";
import { select } from "d3-selection";
import type { Plot } from "./chart-frame";

type AxisProps = {
  readonly plot: Plot;
  readonly side: "bottom" | "left";
  /** The values that are named. */
  readonly values: readonly number[];
  readonly format?: (value: number) => string;
  /** Whether a line across the plot stands at each value. */
  readonly hasGrid?: boolean;
  /** Its unit, at its far end. */
  readonly unit?: string;
  /** Colours and size of its letters and lines. */
  readonly className?: string;
};

/** Room between the base line and the names under it, and beside the plot, px. */
const PADDING = { bottom: 10, left: 6 } as const;
/** Room the unit takes at the end of the axis, px. */
const UNIT_PX = 34;

/** An axis with its named values; the one at the bottom is the thick line all stands on. */
export function Axis({
  plot,
  side,
  values,
  format = String,
  hasGrid = false,
  unit,
  className = "text-[12px] text-ink-2 [&_.domain]:stroke-ink [&_line]:stroke-line",
}: AxisProps) {
  const ref = useRef<SVGGElement>(null);
  const { x, y, left, right, top, bottom } = plot;
  const isBottom = side === "bottom";
  useLayoutEffect(() => {
    if (ref.current === null) return;
    const shown =
      unit === undefined ? values : values.filter((value) => x(value) < right - UNIT_PX);
    const axis: DrawnAxis<number> = isBottom ? axisBottom<number>(x) : axisLeft<number>(y);
    axis
      .tickValues(shown)
      .tickFormat(format)
      .tickSizeOuter(0)
      .tickSizeInner(hasGrid ? -(isBottom ? bottom - top : right - left) : 0)
      .tickPadding(PADDING[side]);
    select(ref.current).call(axis);
  });
  return (
    <>
      <g
        ref={ref}
        transform={isBottom ? `translate(0 ${bottom})` : `translate(${left} 0)`}
        className={`[font-family:inherit] ${isBottom ? "[&_.domain]:[stroke-width:4]" : "[&_.domain]:hidden"} ${className}`}
      />
      {unit !== undefined && (
        <text
          x={right}
          y={bottom + PADDING.bottom}
          dy="0.71em"
          textAnchor="end"
          fill="currentColor"
          className={className}
        >
          {unit}
        </text>
      )}
    </>
  );
}
