import type { Question, ReadQuestion } from "@/core/ask";
import type { Issue } from "@/core/measure";
import type { CakePlan } from "@/core/plan";
import type { Units } from "@/words";

/** What every station of a cake is given. */
export type StationProps = {
  readonly question: Question;
  readonly read: ReadQuestion;
  readonly plan: CakePlan;
  readonly isStale: boolean;
  /**
   * Why the question can't be planned, when each box by itself is right: shown at its place on the
   * drawing.
   */
  readonly refused: Issue | null;
  readonly units: Units;
  readonly onChange: (changes: Partial<Question>, field?: string) => void;
};
