import { parseISO } from "date-fns";
import { cakeState, type CakeDates, type CakeState } from "@/core/kept";
import { dateText, dayText } from "./dates";
import type { Units } from "./regions";

/** What became of a cake, to choose by. */
export const CAKE_STATE_NAMES = {
  "to-bake": "To bake",
  baked: "Baked",
  eaten: "Eaten",
} as const satisfies Readonly<Record<CakeState, string>>;

/** The day a cake is wanted, with the year where that is another one; "no day yet". */
export function wantedOnText(wantedOn: string, units: Units, now: Date): string {
  if (wantedOn === "") return "no day yet";
  const date = parseISO(wantedOn);
  return date.getFullYear() === now.getFullYear()
    ? dayText(date, "short", units)
    : dateText(date, units, now);
}

/** What became of a cake and when; empty for one that is still to bake. */
export function cakeStateText(dates: CakeDates, units: Units, now: Date): string {
  const state = cakeState(dates);
  if (state === "to-bake") return "";
  const day = state === "eaten" ? dates.eatenOn : dates.bakedOn;
  return `${state} ${dateText(parseISO(day), units, now)}`;
}
