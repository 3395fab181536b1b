import type { BakeRecord, HeatWhileBaking, Lesson } from "@/core/logbook";
import type { RecordChoice } from "./record-choice";

/** A picture of a bake that stands on its recipe and its cakes. */
export type ShownPicture = BakeRecord["pictures"][number] & { readonly recordId: string };

/** What the logbook says to a cake or a recipe. */
export type History = {
  /** The recipe's key in the logbook. */
  readonly key: string;
  /** The last bake of it that says something. */
  readonly last: RecordChoice | null;
  /** Bakes that teach, its own recipe's first, the newest first. */
  readonly bakes: readonly RecordChoice[];
  /** The newest picture that she has standing on it, and the page it is on. */
  readonly picture: ShownPicture | null;
  /** Bakes of it that would teach if they said how the middle came out. */
  readonly untold: number;
  /** What its pages and the kitchen's teach beside minutes. */
  readonly lessons: readonly Lesson[];
  /** What the kitchen's ovens read while cakes baked. */
  readonly heats: readonly HeatWhileBaking[];
};
