"use client";

import { useDeferredValue, useMemo } from "react";
import { waysOut, type CakeOfDay, type WayOut } from "@/core/day";
import type { Units } from "@/words";
import { doingText, wayOutText } from "@/words/day";

/** No day holds all of it: what finds no place, and the least that would have to change. */
export function NoDay({
  cakes,
  units,
  onWay,
}: {
  readonly cakes: readonly CakeOfDay[];
  readonly units: Units;
  readonly onWay?: (way: WayOut) => void;
}) {
  // Trying out other days takes tenths of a second: typing goes first.
  const asked = useDeferredValue(cakes);
  const { stuck, ways } = useMemo(() => waysOut(asked), [asked]);
  return (
    <div className={`space-y-3 px-6 py-8 max-sm:px-4 ${asked === cakes ? "" : "opacity-50"}`}>
      <p className="text-[17px] font-semibold text-tomato">
        It can&apos;t be done in these hours
        {stuck === null
          ? ""
          : `: “${doingText(stuck.doing, units)}” finds no place before it is wanted`}
        .
      </p>
      {ways.length > 0 && (
        <>
          <p>The least that would make it possible, any one of these:</p>
          <ul aria-label="Ways out" className="flex flex-wrap gap-2">
            {ways.map((way) => (
              <li key={way.change}>
                {onWay === undefined ? (
                  <span className="font-semibold">{wayOutText(way)}</span>
                ) : (
                  <button type="button" className="button" onClick={() => onWay(way)}>
                    {wayOutText(way)}
                  </button>
                )}
              </li>
            ))}
          </ul>
        </>
      )}
      {ways.length === 0 && (
        <p>
          No single change of these hours makes it possible: take fewer cakes, or leave something
          out.
        </p>
      )}
    </div>
  );
}
