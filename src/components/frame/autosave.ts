import { assertNever } from "@/core/measure";
import type { Theirs } from "./outcome";

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
  /** The version on disk that `saved` is. */
  readonly version: number;
  /**
   * What another page kept since, when it contradicts what is on this one: nothing is saved until
   * the baker has chosen.
   */
  readonly conflict: Theirs<T> | null;
};

export type SaveAction<T> =
  | { readonly type: "changed"; readonly change: (value: T) => T; readonly field?: string }
  | { readonly type: "undone" }
  | { readonly type: "redone" }
  | { readonly type: "saved"; readonly value: T; readonly at: number; readonly version?: number }
  /** Another page kept a change. Brought together when it can be, else left to the baker. */
  | {
      readonly type: "changed-elsewhere";
      readonly theirs: Theirs<T>;
      readonly merge: (base: T, mine: T, theirs: T) => T | null;
    }
  /** The baker chose between this page's and the other's; the one not chosen is on the way back. */
  | { readonly type: "settled"; readonly take: "mine" | "theirs" }
  /** Some of it may have been kept all the same, as a version. */
  | { readonly type: "failed"; readonly trouble: string; readonly version?: number };

/** Steps back that are kept. */
const MOST_PAST = 200;

/** The state of something just opened. */
export function opened<T>(value: T, savedAt: number, version = 0): SaveState<T> {
  return {
    value,
    saved: value,
    past: [],
    future: [],
    field: null,
    savedAt,
    trouble: null,
    tries: 0,
    version,
    conflict: null,
  };
}

/**
 * What happens to a {@link SaveState}: a save that arrives late leaves what was typed since then
 * unsaved.
 */
export function saving<T>(state: SaveState<T>, action: SaveAction<T>): SaveState<T> {
  switch (action.type) {
    case "changed": {
      const value = action.change(state.value);
      if (value === state.value) return state;
      const field = action.field ?? null;
      const isSameStep = field !== null && field === state.field;
      return {
        ...state,
        value,
        field,
        future: [],
        past: isSameStep ? state.past : [...state.past.slice(1 - MOST_PAST), state.value],
      };
    }
    case "undone": {
      const back = state.past.at(-1);
      if (back === undefined) return state;
      return {
        ...state,
        value: back,
        field: null,
        past: state.past.slice(0, -1),
        future: [state.value, ...state.future],
      };
    }
    case "redone": {
      const [next, ...future] = state.future;
      if (next === undefined) return state;
      return { ...state, value: next, field: null, past: [...state.past, state.value], future };
    }
    case "saved":
      return {
        ...state,
        saved: action.value,
        savedAt: action.at,
        trouble: null,
        tries: 0,
        version: action.version ?? state.version,
      };
    case "changed-elsewhere": {
      const { theirs, merge } = action;
      const isClean = state.value === state.saved;
      const value = isClean ? theirs.value : merge(state.saved, state.value, theirs.value);
      if (value === null) return { ...state, conflict: theirs, trouble: null, tries: 0 };
      return withTheirs(state, theirs, value);
    }
    case "settled":
      if (state.conflict === null) return state;
      return withTheirs(
        state,
        state.conflict,
        action.take === "mine" ? state.value : state.conflict.value,
        action.take === "mine" ? state.conflict.value : state.value,
      );
    case "failed":
      return {
        ...state,
        trouble: action.trouble.replace(/\.$/u, ""),
        tries: state.tries + 1,
        version: action.version ?? state.version,
      };
    default:
      return assertNever(action);
  }
}

/**
 * The state on top of what another page kept; what stood here before, or what was not chosen, is
 * one step back.
 */
function withTheirs<T>(
  state: SaveState<T>,
  theirs: Theirs<T>,
  value: T,
  back = state.value,
): SaveState<T> {
  return {
    ...state,
    value,
    saved: theirs.value,
    version: theirs.version,
    savedAt: theirs.at,
    conflict: null,
    trouble: null,
    tries: 0,
    field: null,
    future: [],
    past: [...state.past.slice(1 - MOST_PAST), back],
  };
}
