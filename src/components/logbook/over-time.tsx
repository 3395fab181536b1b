"use client";

import { scaleTime } from "d3-scale";
import { format, parseISO } from "date-fns";
import type { BakeRecord } from "@/core/logbook";
import { minutesText, type Units } from "@/words";
import { CAME_OUT, recordDay } from "@/words/logbook";
import { useUnits } from "../frame/units";
import { Axis } from "../chart/axis";
import { ChartFrame } from "../chart/chart-frame";
import { VERDICT_DOTS } from "./minutes-line";

/** Fewer bakes are no course. */
const FEWEST = 2;
const MOST_NAMED = 5;
/** Room on either side of what there is: this share of it, a day at least, ms. */
const ASIDE = 0.02;
const DAY_MS = 86_400_000;

type Made = BakeRecord & { readonly minutes: number };

const madeAt = ({ madeOn }: BakeRecord): number => parseISO(madeOn).getTime();

function said({ madeOn, minutes, forecast, verdict }: Made, units: Units): string {
  const expected = forecast === null ? "" : `, forecast ${minutesText(forecast.likelyMin)}`;
  const came = verdict === null ? "" : `, ${CAME_OUT[verdict]}`;
  return `${recordDay(madeOn, units)}: out after ${minutesText(minutes)}${expected}${came}`;
}

/** The bakes of one recipe on one scale, as they followed one another. */
export function OverTime({ records }: { readonly records: readonly BakeRecord[] }) {
  const { units } = useUnits();
  const made = records
    .flatMap((record): readonly Made[] =>
      record.minutes === null ? [] : [{ ...record, minutes: record.minutes }],
    )
    .toSorted((a, b) => madeAt(a) - madeAt(b));
  const [first, last] = [made[0], made.at(-1)];
  if (first === undefined || last === undefined || made.length < FEWEST) return null;
  const shown = made.flatMap(({ minutes, forecast }) => [
    minutes,
    ...(forecast === null ? [] : [forecast.firstLookMin, forecast.notPastMin]),
  ]);
  const asideMs = Math.max(DAY_MS, ASIDE * (madeAt(last) - madeAt(first)));
  const [from, to] = [madeAt(first) - asideMs, madeAt(last) + asideMs];
  const days = scaleTime([from, to], [0, 1])
    .ticks(MOST_NAMED)
    .map((day) => day.getTime());
  return (
    <section aria-label="Its minutes, bake by bake" className="panel mb-4 px-3 pt-2 pb-1">
      <ChartFrame
        height={190}
        margin={{ top: 26, right: 16, bottom: 30, left: 40 }}
        firstWidth={900}
        xDomain={[from, to]}
        yDomain={[Math.min(...shown) * 0.94, Math.max(...shown) * 1.06]}
        said={`Its minutes, bake by bake. ${made.map((each) => said(each, units)).join("; ")}`}
      >
        {(plot) => (
          <>
            <Axis plot={plot} side="left" values={plot.y.ticks(4)} hasGrid />
            <text x={plot.left} y={14} className="fill-ink-2 text-[12px]">
              minutes forecast and minutes it took
            </text>
            {made.map((record, at) => {
              const x = plot.x(madeAt(record));
              const { forecast, minutes, verdict } = record;
              return (
                <g key={at}>
                  {forecast !== null && (
                    <>
                      <line
                        x1={x}
                        x2={x}
                        y1={plot.y(forecast.firstLookMin)}
                        y2={plot.y(forecast.notPastMin)}
                        className="stroke-yolk"
                        strokeWidth="8"
                      />
                      <line
                        x1={x - 8}
                        x2={x + 8}
                        y1={plot.y(forecast.likelyMin)}
                        y2={plot.y(forecast.likelyMin)}
                        className="stroke-ink"
                        strokeWidth="2"
                      />
                    </>
                  )}
                  <circle
                    cx={x}
                    cy={plot.y(minutes)}
                    r="5"
                    strokeWidth="2"
                    className={VERDICT_DOTS[verdict ?? "none"]}
                  />
                </g>
              );
            })}
            <Axis
              plot={plot}
              side="bottom"
              values={days}
              format={(day) => recordDay(format(day, "yyyy-MM-dd"), units)}
            />
          </>
        )}
      </ChartFrame>
    </section>
  );
}
