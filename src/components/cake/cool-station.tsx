"use client";

import { coldMinutes, turnOut } from "@/core/cool";
import { roundTo } from "@/core/measure";
import { minutesText, tinText } from "@/words";
import type { StationProps } from "./fill-station";

/** Cool: when each cake is turned out. */
export function CoolStation({ plan, isStale, units }: StationProps) {
  return (
    <ul aria-label="Turning out" className={`panel divide-y-[1.5px] divide-line px-6 py-2 max-sm:px-4 ${isStale ? "opacity-50" : ""}`}>
      {plan.fill.tins.map(({ geometry, batterG, baked }, index) => {
        const out = turnOut(plan.mix.kind, geometry);
        const { coldMin, fromMin, toMin } = coldMinutes({ geometry, kind: plan.mix.kind, batterG, heightMm: baked.crownTopMm });
        return (
          <li key={index} className="py-2.5">
            <p className="figure-text text-[21px]">{out.when === "after" ? `out of the tin after ${minutesText(out.minutes)}` : out.isUpsideDown ? "hung upside down until cold" : "stays in the tin until cold"}</p>
            <p className="text-[17px]">
              Quite cold about {minutesText(roundTo(coldMin, 5))} after the oven, {minutesText(roundTo(fromMin, 5))} to {minutesText(roundTo(toMin, 5))} by the room.
            </p>
            <p className="text-[15px] text-ink-2">
              {tinText(geometry.tin, units)}. {out.when === "after" ? "Loosen with a thin blade, turn onto a board, lift the tin, peel off the paper, turn it right way up on a rack. Quite cold before it is cut, split or frosted." : "Quite cold before it is loosened, turned out or cut."}
            </p>
          </li>
        );
      })}
    </ul>
  );
}
