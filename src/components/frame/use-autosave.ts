"use client";

import { useEffect, useLayoutEffect, useReducer, useRef, useState } from "react";
import type { Result } from "@/core/measure";
import { opened, saving, type SaveAction, type SaveState } from "./autosave";
import { draftOf, dropDraft, putDraft } from "./draft";
import { kitchenChanged } from "./kitchen-changed";
import type { SaveOutcome, Theirs } from "./outcome";
import { saveQueue } from "./save-queue";

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

/** Where what is not kept yet waits in the browser, and how it is read there. */
type Drafted<T> = { readonly key: string; readonly parse: (input: unknown) => Result<T> };

/** What was typed at an earlier visit and never kept, with what can be done about it. */
export type EarlierDraft = {
  readonly at: number;
  readonly putBack: () => void;
  readonly throwAway: () => void;
};

/** A draft follows what is typed by this, ms. */
const DRAFT_AFTER_MS = 250;

/**
 * Something kept, being changed: each change is saved by itself after a pause, tried again when
 * that fails, and kept on the page until it is, and in the browser too, so that it is offered again
 * after the page was closed. One save at a time. Changes of other pages are noticed on saving and
 * on coming back to this one. Ctrl+Z and Ctrl+Y outside a text box go back and forward.
 */
export function useAutosave<T>(
  initial: T,
  savedAt: number,
  save: (value: T, version: number) => Promise<SaveOutcome<T>>,
  drafted: Drafted<T>,
  shared?: Shared<T>,
): readonly [SaveState<T>, (action: SaveAction<T>) => void, EarlierDraft | null] {
  const [state, dispatch] = useReducer(saving<T>, opened(initial, savedAt, shared?.version));
  const { value, saved, trouble, tries, version, conflict } = state;
  const isDirty = value !== saved;
  const merge = shared?.merge;
  const look = shared?.look;
  const { key, parse } = drafted;
  const [queue] = useState(() => saveQueue<T>(version, UNREACHABLE));
  useEffect(() => {
    queue.serve({
      save,
      onOutcome: (changed, outcome) => {
        if (outcome.ok)
          dispatch({
            type: "saved",
            value: changed,
            at: Date.now(),
            ...(outcome.version === undefined ? {} : { version: outcome.version }),
          });
        else if (outcome.theirs !== undefined && merge !== undefined)
          dispatch({ type: "changed-elsewhere", theirs: outcome.theirs, merge });
        else
          dispatch({
            type: "failed",
            trouble: outcome.message,
            ...(outcome.keptAs === undefined ? {} : { version: outcome.keptAs }),
          });
      },
    });
  }, [queue, save, merge]);
  useEffect(() => {
    queue.setVersion(version);
  }, [queue, version]);

  useEffect(() => {
    if (!isDirty || conflict !== null) return;
    const timer = setTimeout(
      () => {
        queue.push(value);
      },
      trouble === null ? SAVE_AFTER_MS : RETRY_AFTER_MS,
    );
    return () => clearTimeout(timer);
  }, [isDirty, value, queue, trouble, tries, conflict]);

  // What is not kept yet stands in the browser too, shortly after it is typed and as the page goes.
  const unkept = useRef<{ readonly value: T } | null>(null);
  useEffect(() => {
    unkept.current = isDirty ? { value } : null;
  });
  useEffect(() => {
    if (!isDirty) return;
    const timer = setTimeout(() => {
      putDraft(key, value, Date.now());
    }, DRAFT_AFTER_MS);
    return () => clearTimeout(timer);
  }, [isDirty, value, key]);
  const wasDirty = useRef(false);
  useEffect(() => {
    if (!isDirty && wasDirty.current) {
      dropDraft(key);
      kitchenChanged();
    }
    wasDirty.current = isDirty;
  }, [isDirty, key]);
  useEffect(() => {
    const held = unkept;
    const onGo = (): void => {
      if (held.current !== null) putDraft(key, held.current.value, Date.now());
    };
    window.addEventListener("pagehide", onGo);
    document.addEventListener("visibilitychange", onGo);
    return () => {
      window.removeEventListener("pagehide", onGo);
      document.removeEventListener("visibilitychange", onGo);
      // Whoever goes to another page within the pause, or while a save is under way, has saved all
      // the same.
      if (held.current !== null) {
        onGo();
        queue.leave(() => {
          dropDraft(key);
        });
        queue.push(held.current.value);
      }
    };
  }, [queue, key]);

  const [earlier, setEarlier] = useState<{ readonly value: T; readonly at: number } | null>(null);
  useEffect(() => {
    const found = draftOf(key, parse);
    if (found === null) return;
    // What is the same as what is kept was kept after all.
    if (JSON.stringify(found.value) === JSON.stringify(initial)) dropDraft(key);
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the draft is only known in the browser
    else setEarlier(found);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only what stood there when the page was opened
  }, [key]);
  const draft: EarlierDraft | null =
    earlier === null
      ? null
      : {
          at: earlier.at,
          putBack: () => {
            dispatch({ type: "changed", change: () => earlier.value });
            setEarlier(null);
          },
          throwAway: () => {
            dropDraft(key);
            setEarlier(null);
          },
        };

  useEffect(() => {
    if (look === undefined || merge === undefined) return;
    const onBack = (): void => {
      if (document.visibilityState !== "visible" || queue.isSaving()) return;
      void look(version)
        .catch(() => null)
        .then((theirs) => {
          if (theirs !== null && !queue.isSaving())
            dispatch({ type: "changed-elsewhere", theirs, merge });
        });
    };
    document.addEventListener("visibilitychange", onBack);
    window.addEventListener("focus", onBack);
    return () => {
      document.removeEventListener("visibilitychange", onBack);
      window.removeEventListener("focus", onBack);
    };
  }, [look, merge, version, queue]);

  // Gone in the moment the page says "Saved": whoever leaves then is not asked.
  useLayoutEffect(() => {
    if (!isDirty) return;
    const warn = (event: BeforeUnloadEvent): void => event.preventDefault();
    window.addEventListener("beforeunload", warn);
    return () => window.removeEventListener("beforeunload", warn);
  }, [isDirty]);

  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (!(event.ctrlKey || event.metaKey) || event.target instanceof HTMLTextAreaElement) return;
      // A slider has nothing of its own to undo.
      if (
        event.target instanceof HTMLInputElement &&
        event.target.type !== "range" &&
        event.target.type !== "checkbox"
      )
        return;
      const key = event.key.toLowerCase();
      if (key !== "z" && key !== "y") return;
      event.preventDefault();
      dispatch({ type: key === "y" || event.shiftKey ? "redone" : "undone" });
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);

  return [state, dispatch, draft];
}
