"use client";

import { useId, type ReactNode, type SVGProps } from "react";
import { scaleLinear, type ScaleLinear } from "d3-scale";
import { useWidth } from "../frame/use-width";

/** Where a chart draws, px from its top left, and its scales. */
export type Plot = {
  readonly x: ScaleLinear<number, number>;
  readonly y: ScaleLinear<number, number>;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
};

type ChartFrameProps = {
  readonly height: number;
  /** Room for axes and words around the plot, px. */
  readonly margin: {
    readonly top: number;
    readonly right: number;
    readonly bottom: number;
    readonly left: number;
  };
  /** The width before it is laid out, px. */
  readonly firstWidth: number;
  readonly xDomain: readonly [from: number, to: number];
  /** The lower value stands below. */
  readonly yDomain: readonly [from: number, to: number];
  /** What the chart shows, in words. */
  readonly said: string;
  /** What makes it more than a picture: its role, name and events. */
  readonly control?: (plot: Plot, width: number) => SVGProps<SVGSVGElement>;
  readonly children: (plot: Plot) => ReactNode;
};

/**
 * What all charts stand in: as wide as their place with letters at their own size, two linear
 * scales, and the same in words for who can't see it.
 */
export function ChartFrame({
  height,
  margin,
  firstWidth,
  xDomain,
  yDomain,
  said,
  control,
  children,
}: ChartFrameProps) {
  const id = useId();
  const [frame, width] = useWidth<HTMLDivElement>(firstWidth);
  const { top, left } = margin;
  const [right, bottom] = [width - margin.right, height - margin.bottom];
  const plot: Plot = {
    x: scaleLinear(xDomain, [left, right]),
    y: scaleLinear(yDomain, [bottom, top]),
    left,
    right,
    top,
    bottom,
  };
  const asPicture = { role: "img", "aria-label": said } as const;
  return (
    <div ref={frame} className="min-w-0">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        height={height}
        className={`block w-full ${control === undefined ? "" : "touch-pan-y"}`}
        {...(control === undefined
          ? asPicture
          : { "aria-describedby": `${id}-said`, ...control(plot, width) })}
      >
        {children(plot)}
      </svg>
      {control !== undefined && (
        <p id={`${id}-said`} className="sr-only">
          {said}
        </p>
      )}
    </div>
  );
}
