import type { BakeDoc } from "../kept";
import type { BegunDay } from "./present";

/** The day of a bake, as the bench works with it. */
export function begunDay({ tasks, wantedAt, away, endBy, plannedFrom }: BakeDoc): BegunDay {
  return {
    tasks,
    wantedAt,
    away,
    endBy: new Map(Object.entries(endBy)),
    plannedFrom: new Map(Object.entries(plannedFrom)),
  };
}
