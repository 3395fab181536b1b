import { assertNever } from "@/core/measure";

/** Something kept that is being changed: what is on the page, what is on disk, and the way back. */
export type SaveState<T> = {
  readonly value: T;
  readonly saved: T;
  readonly past: readonly T[];
  readonly future: readonly T[];
  /** The field last changed: more typing in it belongs to the same step back. */
  readonly field: string | null;
  /** Milliseconds since 1970. */
  readonly savedAt: number;
  readonly trouble: string | null;
  /** Failed saves since the last good one. */
  readonly tries: number;
};

export type SaveAction<T> =
  | { readonly type: "changed"; readonly change: (value: T) => T; readonly field?: string }
  | { readonly type: "undone" }
  | { readonly type: "redone" }
  | { readonly type: "saved"; readonly value: T; readonly at: number }
  | { readonly type: "failed"; readonly trouble: string };

/** Steps back that are kept. */
const MOST_PAST = 200;

/** The state of something just opened. */
export function opened<T>(value: T, savedAt: number): SaveState<T> {
  return { value, saved: value, past: [], future: [], field: null, savedAt, trouble: null, tries: 0 };
}

/** What happens to a {@link SaveState}: a save that arrives late leaves what was typed since then unsaved. */
export function saving<T>(state: SaveState<T>, action: SaveAction<T>): SaveState<T> {
  switch (action.type) {
    case "changed": {
      const value = action.change(state.value);
      if (value === state.value) return state;
      const field = action.field ?? null;
      const isSameStep = field !== null && field === state.field;
      return { ...state, value, field, future: [], past: isSameStep ? state.past : [...state.past.slice(1 - MOST_PAST), state.value] };
    }
    case "undone": {
      const back = state.past.at(-1);
      if (back === undefined) return state;
      return { ...state, value: back, field: null, past: state.past.slice(0, -1), future: [state.value, ...state.future] };
    }
    case "redone": {
      const [next, ...future] = state.future;
      if (next === undefined) return state;
      return { ...state, value: next, field: null, past: [...state.past, state.value], future };
    }
    case "saved":
      return { ...state, saved: action.value, savedAt: action.at, trouble: null, tries: 0 };
    case "failed":
      return { ...state, trouble: action.trouble.replace(/\.$/u, ""), tries: state.tries + 1 };
    default:
      return assertNever(action);
  }
}
