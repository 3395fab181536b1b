import type { Question } from "@/core/cake";
import { assertNever } from "@/core/measure";

/** A kept cake being changed: what is on the page, what is on disk, and what keeps the two apart. */
export type SaveState = {
  readonly question: Question;
  readonly saved: Question;
  /** Milliseconds since 1970. */
  readonly savedAt: number;
  readonly trouble: string | null;
  /** Failed saves since the last good one. */
  readonly tries: number;
};

export type SaveAction =
  | { readonly type: "changed"; readonly changes: Partial<Question> }
  | { readonly type: "saved"; readonly question: Question; readonly at: number }
  | { readonly type: "failed"; readonly trouble: string };

/** What happens to a {@link SaveState}: a save that arrives late leaves what was typed since then unsaved. */
export function saving(state: SaveState, action: SaveAction): SaveState {
  switch (action.type) {
    case "changed":
      return { ...state, question: { ...state.question, ...action.changes } };
    case "saved":
      return { ...state, saved: action.question, savedAt: action.at, trouble: null, tries: 0 };
    case "failed":
      return { ...state, trouble: action.trouble.replace(/\.$/u, ""), tries: state.tries + 1 };
    default:
      return assertNever(action);
  }
}
