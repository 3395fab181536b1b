"use client";

import { sayIn } from "@/words";
import type { TinFill } from "@/core/fill";
import { isThere, nearG, type Pouring, type Received, type Log } from "@/core/live";
import { levelFor } from "@/core/tin";
import { weightText, type Units } from "@/words";
import { ordinal } from "@/words/live";
import { pouredText, toGoText } from "@/words/devices";
import { useSay } from "../frame/units";
import { pouredPaths } from "../section/section-paths";

/** A tin of a plan by itself: what it takes in all, and what of that one section shows. */
export type TinToFill = { readonly fill: TinFill; readonly targetG: number };

/** The tins of a plan one by one, in the order they are filled; a tray of wells is one. */
export function tinsToFill(
  fills: readonly TinFill[],
  targetsG: readonly number[],
): readonly TinToFill[] {
  const tins = fills.flatMap((fill) =>
    Array.from(
      { length: fill.geometry.tin.shape === "well" ? 1 : fill.geometry.count },
      () => fill,
    ),
  );
  return tins.map((fill, index) => ({ fill, targetG: targetsG[index] ?? 0 }));
}

/** At most so many stand side by side: those that are full make room. */
const MOST_SHOWN = 3;
const GAP_MM = 40;

type PouringTinsProps = {
  readonly tins: readonly TinToFill[];
  readonly weighed: ReturnType<Log["weighed"]["get"]>;
  /** The tin that is next. */
  readonly open: number;
  readonly pouring: Pouring | null;
  readonly scale: Received;
  readonly units: Units;
};

/** Tins on the bench, filling to their line as they are poured. */
export function PouringTins({ tins, weighed, open, pouring, scale, units }: PouringTinsProps) {
  const say = useSay();
  const isOn = isThere(scale);
  const first = Math.max(0, Math.min(open - 1, tins.length - MOST_SHOWN));
  const shown = tins
    .slice(first, first + MOST_SHOWN)
    .map((tin, index) => ({ ...tin, place: first + index }));
  const inTin = (place: number): number => {
    const known = weighed?.get(place);
    if (known?.isWhole === true) return known.massG;
    if (place !== open) return 0;
    return isOn && pouring !== null && pouring.tin === place
      ? Math.max(0, pouring.netG)
      : (known?.massG ?? 0);
  };
  const drawn = shown.map(({ fill, targetG, place }) => {
    const massG = inTin(place);
    const share = targetG > 0 ? massG / targetG : 0;
    const paths = pouredPaths(
      fill.geometry,
      levelFor(fill.geometry, fill.batterMl * Math.min(1.6, share)),
    );
    return { fill, targetG, place, massG, paths };
  });
  const widthMm = drawn.reduce((sum, { paths }) => sum + paths.widthMm + GAP_MM, 0);
  const heightMm = Math.max(...drawn.map(({ paths }) => paths.heightMm)) + 10;
  const middles = drawn.map(
    ({ paths }, index) =>
      drawn.slice(0, index).reduce((sum, { paths: before }) => sum + before.widthMm + GAP_MM, 0) +
      paths.widthMm / 2 +
      GAP_MM / 2,
  );
  return (
    <div className="min-w-0 flex-1">
      <svg
        viewBox={`0 ${-heightMm} ${widthMm} ${heightMm + 3}`}
        className="mx-auto block max-h-[34vh] w-full overflow-visible"
        aria-hidden
      >
        {drawn.map(({ fill, place, massG, paths }, index) => (
          <g key={place} transform={`translate(${middles[index] ?? 0} 0)`}>
            <path d={paths.poured} className="fill-batter" />
            <path
              d={paths.tin}
              fill="none"
              className="stroke-deep-steel"
              strokeWidth="5"
              vectorEffect="non-scaling-stroke"
              strokeLinejoin="round"
            />
            <line
              x1={-paths.widthMm / 2 - 10}
              x2={paths.widthMm / 2 + 10}
              y1={-fill.depthMm}
              y2={-fill.depthMm}
              className={
                weighed?.get(place)?.isWhole === true
                  ? "stroke-deep-leaf"
                  : massG > 0 || place === open
                    ? "stroke-yolk"
                    : "stroke-deep-line"
              }
              strokeWidth="3"
              strokeDasharray="9 7"
              vectorEffect="non-scaling-stroke"
            />
          </g>
        ))}
        <line
          x1={0}
          x2={widthMm}
          y1={1}
          y2={1}
          className="stroke-white"
          strokeWidth="6"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <ol className="mt-5 flex" aria-label={say`Tins`}>
        {drawn.map(({ place, targetG, massG, paths }) => {
          const known = weighed?.get(place);
          return (
            <li
              key={place}
              className="min-w-0 text-center"
              style={{ flex: `${paths.widthMm + GAP_MM} 1 0%` }}
            >
              <p
                className={`figure-text text-[clamp(34px,5vw,64px)] leading-none ${known?.isWhole === true ? "text-deep-leaf" : place === open ? "text-white" : "text-deep-text"}`}
              >
                {known?.isWhole === true
                  ? known.isMeasured
                    ? pouredText(massG, units)
                    : "filled"
                  : place === open && isOn && pouring?.phase !== "tare"
                    ? pouredText(massG, units)
                    : weightText(targetG, units)}
              </p>
              <p className="mt-1 text-[22px] text-deep-text max-sm:text-[19px]">
                {ordinal(place)}
                {say` tin`}
                {known?.isWhole === true
                  ? ", full"
                  : place === open &&
                      isOn &&
                      (pouring?.phase === "pour" || pouring?.phase === "taring")
                    ? `, ${toGoText(massG, targetG, nearG(targetG), units)}`
                    : ""}
              </p>
            </li>
          );
        })}
      </ol>
      {tins.length > MOST_SHOWN && (
        <p className="mt-1 text-center text-[19px] text-deep-text">
          {open} of {tins.length} full
        </p>
      )}
    </div>
  );
}

/** What to do at the scale now. */
export function scaleText(
  pouring: Pouring | null,
  open: number,
  scale: Received,
  beforeG: number,
  units: Units,
): string {
  const say = sayIn(units);
  if (!isThere(scale))
    return beforeG > 0
      ? `${weightText(beforeG, units)} are in it already. Level it with a wet palette knife.`
      : "Level each with a wet palette knife.";
  switch (pouring?.phase) {
    case "taring":
      return "Setting the scale to nothing.";
    case "pour":
      return "Pour to the line: it goes on by itself when the scale is at rest.";
    case "swap":
      return "Full. Lift it off and put the next one on: the scale is set to nothing by itself.";
    default:
      return `${beforeG > 0 ? say`The scale was away: ${weightText(beforeG, units)} are in the ${ordinal(open)} tin. Put it on as it is, press Tare, and pour the rest.` : say`Put the ${ordinal(open)} tin on the scale, empty, and press Tare.`}${scale.isStable && scale.value !== null ? ` It shows ${pouredText(scale.value, units)}.` : ""}`;
  }
}
