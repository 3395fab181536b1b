import type { BakeRecord } from "@/core/logbook";

/** A page of the logbook with its id. */
export type RecordChoice = { readonly id: string; readonly record: BakeRecord };
