import type { RecordChoice } from "./record-choice";

/** What the logbook says to a cake or a recipe. */
export type History = {
  /** The recipe's key in the logbook. */
  readonly key: string;
  /** The last bake of it that says something. */
  readonly last: RecordChoice | null;
  /** Bakes that teach, its own recipe's first, the newest first. */
  readonly bakes: readonly RecordChoice[];
  /** Bakes of it that would teach if they said how the middle came out. */
  readonly untold: number;
};
