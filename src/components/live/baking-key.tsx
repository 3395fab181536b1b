"use client";

import type { Units } from "@/words";
import { countdown, spareText, timerText } from "@/words/clocks";
import type { LiveBake } from "./use-live-bake";

/**
 * On a narrow screen the clocks stand below the step: the nearest one and what is to spare stay in
 * view.
 */
export function ClocksInBrief({
  view: { present, now },
  units,
}: {
  readonly view: LiveBake;
  readonly units: Units;
}) {
  const clock = present.timers[0];
  const spares = present.spareMin.filter((spare) => spare !== null);
  return (
    <p className="flex items-baseline justify-between gap-3 pb-2 lg:hidden" aria-hidden>
      <span className="min-w-0 truncate text-[18px] text-deep-text">
        {clock !== undefined && (
          <>
            <span className="figure-text mr-2 text-[26px] text-white">
              {countdown(clock.endsAt - now)}
            </span>
            {timerText(clock.task.doing, clock.isStanding, units)}
          </>
        )}
      </span>
      {spares.length > 0 && (
        <span className="figure-text shrink-0 text-[20px] text-white">
          {spareText(Math.min(...spares))}
        </span>
      )}
    </p>
  );
}

export function BakingKey({
  name,
  hint,
  shortcut,
  isOff,
  onPress,
}: {
  readonly name: string;
  readonly hint: string;
  readonly shortcut: string;
  readonly isOff: boolean;
  readonly onPress: () => void;
}) {
  return (
    <button
      type="button"
      className="live-button max-sm:px-1! max-sm:text-[18px]!"
      disabled={isOff}
      onClick={onPress}
      aria-keyshortcuts={shortcut}
    >
      {name}{" "}
      <span className="live-key max-lg:hidden" aria-hidden>
        {hint}
      </span>
    </button>
  );
}
