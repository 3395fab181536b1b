"use client";

import { curveMonotoneX, line } from "d3-shape";
import type { CoolingPoint } from "@/core/cool";
import { roundTo } from "@/core/measure";
import { coolStretches, type CoolDoing, type CooledTin, type CoolStretch } from "@/core/plan";
import { bareHeatText, minutesText, type Say, type Units } from "@/words";
import { useSay } from "../frame/units";
import { Axis } from "../chart/axis";
import { ChartFrame, type Plot } from "../chart/chart-frame";

type CoolingChartProps = {
  readonly curve: readonly CoolingPoint[];
  readonly cooled: CooledTin;
  readonly units: Units;
};

const DOING_WORDS: Readonly<Record<CoolDoing, string>> = {
  "in-tin": "in its tin",
  soak: "hot: soak it, brush it",
  melt: "what is spread on it melts",
  wrap: "lukewarm: wrap it, into the cold",
  cut: "cold: split, frost, cut",
};

const ROW_PX = 22;
/** A stretch narrower than this has its words beside it, where they take so much room, px. */
const WORDS_PX = 150;
const BESIDE_PX = 210;

/**
 * The middle and the faces of a cake from the oven until it is cold, and below them what may be done
 * with it when.
 */
export function CoolingChart({ curve, cooled, units }: CoolingChartProps) {
  const say = useSay();
  const last = curve.at(-1)?.minute ?? 60;
  const stretches = coolStretches(cooled, last);
  const pathIn = ({ x, y }: Plot, of: (point: CoolingPoint) => number): string =>
    line<CoolingPoint>()
      .x((point) => x(point.minute))
      .y((point) => y(of(point)))
      .curve(curveMonotoneX)([...curve]) ?? "";
  const named = curve[Math.floor(curve.length / 5)];
  return (
    <ChartFrame
      height={190 + stretches.length * ROW_PX}
      margin={{ top: 12, right: 14, bottom: 34 + stretches.length * ROW_PX, left: 46 }}
      firstWidth={560}
      xDomain={[0, last]}
      yDomain={[15, 100]}
      said={saidOf(stretches, say)}
    >
      {(plot) => (
        <>
          <Axis
            plot={plot}
            side="left"
            values={[20, 40, 60, 80, 100]}
            format={(tempC) => bareHeatText(tempC, units)}
            hasGrid
          />
          <path
            d={pathIn(plot, ({ faceC }) => faceC)}
            fill="none"
            className="stroke-crust"
            strokeWidth="2"
          />
          <path
            d={pathIn(plot, ({ middleC }) => middleC)}
            fill="none"
            className="stroke-ink"
            strokeWidth="2.75"
          />
          {named !== undefined && (
            <>
              <text
                x={plot.x(named.minute) + 8}
                y={plot.y(named.middleC) - 6}
                className="fill-ink text-[13px] font-bold"
              >
                middle
              </text>
              <text
                x={plot.x(named.minute) - 6}
                y={plot.y(named.faceC) + 16}
                textAnchor="end"
                className="fill-crust text-[13px] font-bold"
              >
                outside
              </text>
            </>
          )}
          <Axis
            plot={plot}
            side="bottom"
            values={plot.x.ticks((plot.right + 14) / 90)}
            unit="min"
          />
          {stretches.map(({ what, from, to }, row) => {
            const [x1, x2] = [plot.x(from), plot.x(Math.min(to, last))];
            const y = plot.bottom + 32 + row * ROW_PX;
            const isWide = x2 - x1 > WORDS_PX;
            const isLate = !isWide && x2 + BESIDE_PX > plot.right;
            return (
              <g key={what}>
                <rect
                  x={x1}
                  y={y}
                  width={Math.max(3, x2 - x1)}
                  height={ROW_PX - 5}
                  className="fill-yolk-soft stroke-ink"
                  strokeWidth="1"
                />
                <text
                  x={isWide ? x1 + 7 : isLate ? x1 - 6 : x2 + 6}
                  y={y + 12.5}
                  textAnchor={isLate ? "end" : "start"}
                  className="fill-ink text-[13px]"
                >
                  {say(DOING_WORDS[what])}
                </text>
              </g>
            );
          })}
        </>
      )}
    </ChartFrame>
  );
}

const saidOf = (stretches: readonly CoolStretch[], say: Say): string =>
  `How it cools, by the minutes after the oven. ${stretches
    .map(
      ({ what, from, to }) =>
        `${say(DOING_WORDS[what])}: ${minutesText(roundTo(from, 5))} to ${minutesText(roundTo(to, 5))}`,
    )
    .join("; ")}. All within about a quarter.`;
