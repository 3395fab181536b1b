"use client";

import { useEffect, useReducer, useRef } from "react";
import type { SaveOutcome, Theirs } from "./outcome";
import { opened, saving, type SaveAction, type SaveState } from "./autosave";

/** A pause in typing this long saves; a failed save is tried again after a longer one, ms. */
const SAVE_AFTER_MS = 600;
const RETRY_AFTER_MS = 5000;
const UNREACHABLE = "the kitchen's server can't be reached";

/** What a thing needs that several pages may change at once. */
type Shared<T> = {
  /** The version that was opened. */
  readonly version: number;
  /** Two changes brought together; null when they contradict each other. */
  readonly merge: (base: T, mine: T, theirs: T) => T | null;
  /** What is kept now, when it is another version; null when it is not, or can't be asked. */
  readonly look: (version: number) => Promise<Theirs<T> | null>;
};

/**
 * Something kept, being changed: each change is saved by itself after a pause, tried again when that fails, and kept on
 * the page until it is. Changes of other pages are noticed on saving and on coming back to this one. Ctrl+Z and Ctrl+Y outside
 * a text box go back and forward.
 */
export function useAutosave<T>(
  initial: T,
  savedAt: number,
  save: (value: T, version: number) => Promise<SaveOutcome<T>>,
  shared?: Shared<T>,
): readonly [SaveState<T>, (action: SaveAction<T>) => void] {
  const [state, dispatch] = useReducer(saving<T>, opened(initial, savedAt, shared?.version));
  const { value, saved, trouble, tries, version, conflict } = state;
  const isDirty = value !== saved;
  const merge = shared?.merge;
  const look = shared?.look;
  const isSaving = useRef(false);

  useEffect(() => {
    if (!isDirty || conflict !== null) return;
    const timer = setTimeout(() => {
      isSaving.current = true;
      void save(value, version)
        .catch((): SaveOutcome<T> => ({ ok: false, message: UNREACHABLE }))
        .then((outcome) => {
          isSaving.current = false;
          if (outcome.ok) dispatch({ type: "saved", value, at: Date.now(), ...(outcome.version === undefined ? {} : { version: outcome.version }) });
          else if (outcome.theirs !== undefined && merge !== undefined) dispatch({ type: "changed-elsewhere", theirs: outcome.theirs, merge });
          else dispatch({ type: "failed", trouble: outcome.message });
        });
    }, trouble === null ? SAVE_AFTER_MS : RETRY_AFTER_MS);
    return () => clearTimeout(timer);
  }, [isDirty, value, save, trouble, tries, version, conflict, merge]);

  // Whoever goes to another page within the pause has saved all the same.
  const unsaved = useRef<(() => void) | null>(null);
  useEffect(() => { unsaved.current = isDirty && conflict === null && !isSaving.current ? () => void save(value, version).catch(() => null) : null; });
  useEffect(() => {
    const last = unsaved;
    return () => last.current?.();
  }, []);

  useEffect(() => {
    if (look === undefined || merge === undefined) return;
    const onBack = (): void => {
      if (document.visibilityState !== "visible" || isSaving.current) return;
      void look(version)
        .catch(() => null)
        .then((theirs) => { if (theirs !== null && !isSaving.current) dispatch({ type: "changed-elsewhere", theirs, merge }); });
    };
    document.addEventListener("visibilitychange", onBack);
    window.addEventListener("focus", onBack);
    return () => {
      document.removeEventListener("visibilitychange", onBack);
      window.removeEventListener("focus", onBack);
    };
  }, [look, merge, version]);

  useEffect(() => {
    if (!isDirty) return;
    const warn = (event: BeforeUnloadEvent): void => event.preventDefault();
    window.addEventListener("beforeunload", warn);
    return () => window.removeEventListener("beforeunload", warn);
  }, [isDirty]);

  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (!(event.ctrlKey || event.metaKey) || event.target instanceof HTMLTextAreaElement) return;
      // A slider has nothing of its own to undo.
      if (event.target instanceof HTMLInputElement && event.target.type !== "range" && event.target.type !== "checkbox") return;
      const key = event.key.toLowerCase();
      if (key !== "z" && key !== "y") return;
      event.preventDefault();
      dispatch({ type: key === "y" || event.shiftKey ? "redone" : "undone" });
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);

  return [state, dispatch];
}
