"use client";

import { useSyncExternalStore } from "react";
import type { Units } from "@/words";
import { clockText, dayText } from "@/words/dates";
import { MS_PER_MIN } from "@/core/measure";

const TICK_MS = 15_000;

function everyMinute(tell: () => void): () => void {
  const timer = setInterval(tell, TICK_MS);
  return () => clearInterval(timer);
}

/**
 * Minutes since 1970 by the clock of the baker's own machine, which the server does not know: null
 * there.
 */
export const useNow = (): number | null =>
  useSyncExternalStore(
    everyMinute,
    () => Math.floor(Date.now() / MS_PER_MIN),
    () => null,
  );

/** A minute since 1970 by the clock of the baker's own machine. */
export const clockAt = (minute: number, units: Units): string =>
  clockText(new Date(minute * MS_PER_MIN), units);
export const dateAt = (minute: number, units: Units): string =>
  dayText(new Date(minute * MS_PER_MIN), "long", units);
