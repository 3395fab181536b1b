"use client";

import { coolDetail } from "@/core/plan";
import { POUR_WINDOWS } from "@/core/finish";
import { roundTo } from "@/core/measure";
import { minutesText, SPREAD_NAMES, tinText, type Units } from "@/words";
import { pourText } from "@/words/finishing";
import type { StationProps } from "../frame/station-props";

/** Cool: when each cake is turned out. */
export function CoolStation({ plan, isStale, units }: StationProps) {
  return (
    <ul
      aria-label="Turning out"
      className={`panel divide-y-[1.5px] divide-line px-6 py-2 max-sm:px-4 ${isStale ? "opacity-50" : ""}`}
    >
      {coolDetail(plan).map(
        ({ out, coldMin, fromMin, toMin, lukewarmMin, fridgeMin, freezerMin }, index) => {
          const geometry = plan.fill.tins[index]?.geometry;
          if (geometry === undefined) return null;
          return (
            <li key={index} className="py-2.5">
              <p className="figure-text text-[21px] first-letter:uppercase">
                {out.when === "after"
                  ? `out of the tin after ${minutesText(out.minutes)}`
                  : out.isUpsideDown
                    ? "hung upside down until cold"
                    : "stays in the tin until cold"}
              </p>
              <p className="text-[17px]">
                Quite cold about {minutesText(roundTo(coldMin, 5))} after the oven,{" "}
                {minutesText(roundTo(fromMin, 5))} to {minutesText(roundTo(toMin, 5))} by the room.
              </p>
              {out.when === "after" && (
                <p className="text-[15px]">
                  Sooner: lukewarm on the rack after {minutesText(roundTo(lukewarmMin, 5))}, then
                  wrapped in the fridge, cold {minutesText(roundTo(fridgeMin, 5))} after the oven;
                  in the freezer {minutesText(roundTo(freezerMin, 5))}. Likely within a quarter
                  either way.
                </p>
              )}
              <p className="text-[15px] text-ink-2">
                {tinText(geometry.tin, units)}.{" "}
                {out.when === "after"
                  ? "Loosen with a thin blade, turn onto a board, lift the tin, peel off the paper, turn it right way up on a rack. Quite cold before it is cut, split or frosted."
                  : "Quite cold before it is loosened, turned out or cut."}
              </p>
            </li>
          );
        },
      )}
      {waitsOf(plan, units).map((wait) => (
        <li key={wait} className="py-2.5 text-[15px]">
          {wait}
        </li>
      ))}
    </ul>
  );
}

/** What the finish asks of the cold and of the warm cake. */
function waitsOf({ finish }: StationProps["plan"], units: Units): readonly string[] {
  const { pour } = finish.wears;
  const isCoatedTwice = finish.quantities.some(({ thing }) => thing === "first-coat");
  return [
    ...(pour === undefined
      ? []
      : [
          `${SPREAD_NAMES[pour.what].replace(/^./u, (first) => first.toUpperCase())}: ${pourText(POUR_WINDOWS[pour.what], units)}`,
        ]),
    ...(isCoatedTwice
      ? [
          "After the first coat: 20 min in the fridge, or 10 in the freezer, until it is firm to the touch; then the final coat.",
        ]
      : []),
  ];
}
