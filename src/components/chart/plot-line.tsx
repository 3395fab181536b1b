import type { SVGProps } from "react";
import type { Plot } from "./chart-frame";

type PlotLineProps = Pick<
  SVGProps<SVGLineElement>,
  "className" | "strokeWidth" | "strokeDasharray"
> & {
  readonly plot: Plot;
} & ({ readonly x: number } | { readonly y: number });

/** A straight line over the whole plot at one value: upright at an `x`, level at a `y`. */
export function PlotLine({ plot, className, strokeWidth, strokeDasharray, ...at }: PlotLineProps) {
  const ends =
    "x" in at
      ? { x1: plot.x(at.x), x2: plot.x(at.x), y1: plot.top, y2: plot.bottom }
      : { x1: plot.left, x2: plot.right, y1: plot.y(at.y), y2: plot.y(at.y) };
  return <line {...ends} {...{ className, strokeWidth, strokeDasharray }} />;
}
