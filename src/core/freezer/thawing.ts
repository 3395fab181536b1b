import { formatISO, parseISO, setHours, startOfDay, subDays, subHours } from "date-fns";
import type { KeptPortions, Portions } from "./portions";
import { PUT_AWAY_ROWS, type PutAwayRow } from "./rows";

/** How something thaws, and what is done with it then. */
export type Thawing = {
  readonly where: "room" | "fridge";
  readonly hours: NonNullable<PutAwayRow["inRoom"]>;
  readonly then: PutAwayRow["then"];
};

/** How portions thaw: what must be kept cold in the fridge, the rest where it is quicker. */
export function thawing({ what, isCold }: Pick<Portions, "what" | "isCold">): Thawing {
  const { inRoom, inFridge, then } = PUT_AWAY_ROWS[what];
  return inRoom === null || isCold
    ? { where: "fridge", hours: inFridge, then: isCold && then === "warm" ? "nothing" : then }
    : { where: "room", hours: inRoom, then };
}

/** Nobody gets up for it before this hour: it is done the evening before. Judgements. */
const MORNING_HOUR = 7;
const EVENING_HOUR = 21;

/**
 * When portions have to come out of the freezer to be thawed in time: the evening before, where that
 * would be in the night.
 * @param wantedAt by the clock of the place the program runs in
 */
export function takeOutAt(portions: Pick<Portions, "what" | "isCold">, wantedAt: Date): Date {
  const at = subHours(wantedAt, thawing(portions).hours.to);
  const hour = at.getHours();
  if (hour >= MORNING_HOUR && hour <= EVENING_HOUR) return at;
  return setHours(startOfDay(hour < MORNING_HOUR ? subDays(at, 1) : at), EVENING_HOUR);
}

/** Portions that come out of the freezer to be thawed for an hour somebody named. */
export type ComingOut = KeptPortions & { readonly at: Date; readonly wantedAt: Date };

/**
 * What comes out of the freezer, or is wanted from it, on the days from `from` to `to`, both
 * included (`2026-12-05`), the first to come out first.
 */
export function comingOut(
  rows: readonly KeptPortions[],
  from: string,
  to: string,
): readonly ComingOut[] {
  const isOf = (date: Date): boolean => {
    const day = formatISO(date, { representation: "date" });
    return from <= day && day <= to;
  };
  return rows
    .flatMap((row): readonly ComingOut[] => {
      const { place, wantedAt: wanted, left } = row.portions;
      if (place !== "freezer" || wanted === "" || left === 0) return [];
      const wantedAt = parseISO(wanted);
      return [{ ...row, at: takeOutAt(row.portions, wantedAt), wantedAt }];
    })
    .filter(({ at, wantedAt }) => isOf(at) || isOf(wantedAt))
    .toSorted((one, other) => one.at.getTime() - other.at.getTime());
}
