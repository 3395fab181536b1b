"use client";

import { useEffect, useReducer } from "react";
import type { Outcome } from "./outcome";
import { opened, saving, type SaveAction, type SaveState } from "./autosave";

/** A pause in typing this long saves; a failed save is tried again after a longer one, ms. */
const SAVE_AFTER_MS = 600;
const RETRY_AFTER_MS = 5000;
const UNREACHABLE = "the kitchen's server can't be reached";

/**
 * Something kept, being changed: each change is saved by itself after a pause, tried again when that fails, and kept on
 * the page until it is. Ctrl+Z and Ctrl+Y outside a text box go back and forward.
 */
export function useAutosave<T>(initial: T, savedAt: number, save: (value: T) => Promise<Outcome>): readonly [SaveState<T>, (action: SaveAction<T>) => void] {
  const [state, dispatch] = useReducer(saving<T>, opened(initial, savedAt));
  const { value, saved, trouble, tries } = state;
  const isDirty = value !== saved;

  useEffect(() => {
    if (!isDirty) return;
    const timer = setTimeout(() => {
      void save(value)
        .catch((): Outcome => ({ ok: false, message: UNREACHABLE }))
        .then((outcome) => dispatch(outcome.ok ? { type: "saved", value, at: Date.now() } : { type: "failed", trouble: outcome.message }));
    }, trouble === null ? SAVE_AFTER_MS : RETRY_AFTER_MS);
    return () => clearTimeout(timer);
  }, [isDirty, value, save, trouble, tries]);

  useEffect(() => {
    if (!isDirty) return;
    const warn = (event: BeforeUnloadEvent): void => event.preventDefault();
    window.addEventListener("beforeunload", warn);
    return () => window.removeEventListener("beforeunload", warn);
  }, [isDirty]);

  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (!(event.ctrlKey || event.metaKey) || event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement) return;
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
