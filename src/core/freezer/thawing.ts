import type { Portions } from "./portions";
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

/**
 * When portions have to come out of the freezer to be thawed in time.
 * @param wantedAt minutes since 1970 @returns minutes since 1970
 */
export const takeOutAt = (portions: Pick<Portions, "what" | "isCold">, wantedAt: number): number =>
  wantedAt - thawing(portions).hours.to * 60;
