"use client";

import { scaleLinear } from "d3-scale";
import type { BakeRecord } from "@/core/logbook";
import { minutesText } from "@/words";

const WIDTH = 200;
const HEIGHT = 26;
const MID = 13;
/** Minutes shown on either side of what there is to show, as a share of it. */
const ROOM = 0.08;

/** The dot of when a cake came out, by how it was. */
export const VERDICT_DOTS = {
  under: "fill-white stroke-ink",
  right: "fill-ink stroke-ink",
  over: "fill-tomato stroke-tomato",
  none: "fill-steel stroke-steel",
} as const;

/** What was forecast of a bake, as a bar from the first look to not past, and when it came out. */
export function MinutesLine({ record }: { readonly record: BakeRecord }) {
  const { forecast, minutes, verdict } = record;
  if (forecast === null && minutes === null) return null;
  const shown = [
    ...(forecast === null ? [] : [forecast.firstLookMin, forecast.notPastMin]),
    ...(minutes === null ? [] : [minutes]),
  ];
  const [least, most] = [Math.min(...shown), Math.max(...shown)];
  const x = scaleLinear([least * (1 - ROOM), most * (1 + ROOM)], [4, WIDTH - 4]);
  const said = [
    forecast === null ? "" : `forecast ${minutesText(forecast.likelyMin)}`,
    minutes === null ? "" : `out after ${minutesText(minutes)}`,
  ];
  return (
    <svg
      role="img"
      aria-label={said.filter((part) => part !== "").join(", ")}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width={WIDTH}
      height={HEIGHT}
      className="max-w-full"
    >
      {forecast !== null && (
        <>
          <line
            x1={x(forecast.firstLookMin)}
            x2={x(forecast.notPastMin)}
            y1={MID}
            y2={MID}
            className="stroke-yolk"
            strokeWidth="8"
          />
          <line
            x1={x(forecast.likelyMin)}
            x2={x(forecast.likelyMin)}
            y1={MID - 8}
            y2={MID + 8}
            className="stroke-ink"
            strokeWidth="2"
          />
        </>
      )}
      {minutes !== null && (
        <circle
          cx={x(minutes)}
          cy={MID}
          r="5"
          strokeWidth="2"
          className={VERDICT_DOTS[verdict ?? "none"]}
        />
      )}
    </svg>
  );
}
