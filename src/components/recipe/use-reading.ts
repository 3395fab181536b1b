"use client";

import { useEffect, useRef, useState } from "react";
import type { Result } from "@/core/measure";
import type { AnyReading } from "@/core/reading";
import type { Correction } from "@/core/recipe";
import {
  READING_MS,
  type KitchenWords,
  type ReadReply,
  type ReadRequest,
} from "@/workers/read-protocol";

/**
 * How a text was read: which text that was, and null while nothing was read or reading it had to be
 * stopped.
 */
export type TextReading = {
  readonly of: string;
  readonly with: readonly Correction[];
  readonly result: Result<AnyReading> | null;
  readonly wasStopped: boolean;
};

const NOTHING: TextReading = { of: "", with: [], result: null, wasStopped: false };
/** A pause in typing this long begins a reading, ms. */
const READ_AFTER_MS = 120;

/**
 * Marks in the browser that a text is being read: found at the next visit, it says which text must
 * not be read unasked.
 */
const MARK = "recipe-being-read";

/** Whether the last reading in this browser never came to an end. */
export function wasReadingLost(): boolean {
  try {
    return localStorage.getItem(MARK) !== null;
  } catch {
    return false;
  }
}

function mark(isReading: boolean): void {
  try {
    if (isReading) localStorage.setItem(MARK, "1");
    else localStorage.removeItem(MARK);
  } catch {
    // No store: then no draft waits there either.
  }
}

/**
 * A text read beside the page as it changes. A reading that takes too long is stopped, whatever is
 * in the text; the page goes on.
 * @param isHeld nothing is read while this is true
 * @param corrections what was put right in it; a new list has it read anew
 */
export function useReading(
  text: string,
  pantry: KitchenWords,
  isHeld: boolean,
  corrections: readonly Correction[],
): { readonly reading: TextReading; readonly isReading: boolean } {
  const [reading, setReading] = useState(NOTHING);
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);

  useEffect(
    () => () => {
      worker.current?.terminate();
      worker.current = null;
      mark(false);
    },
    [],
  );

  useEffect(() => {
    if (isHeld) return;
    const id = (asked.current += 1);
    const gone = new AbortController();
    let limit: ReturnType<typeof setTimeout> | undefined;
    const dismiss = (): void => {
      worker.current?.terminate();
      worker.current = null;
    };
    const end = (result: Result<AnyReading> | null): void => {
      clearTimeout(limit);
      gone.abort();
      if (result === null) dismiss();
      else mark(false);
      setReading({ of: text, with: corrections, result, wasStopped: result === null });
    };
    const begin = setTimeout(() => {
      if (text.trim() === "") {
        setReading({ ...NOTHING, of: text, with: corrections });
        return;
      }
      worker.current ??= new Worker(new URL("../../workers/read.worker.ts", import.meta.url), {
        type: "module",
      });
      worker.current.addEventListener(
        "message",
        ({ data }: MessageEvent<ReadReply>) => {
          if (data.id === id) end(data.reading);
        },
        { signal: gone.signal },
      );
      worker.current.addEventListener(
        "error",
        () => {
          end(null);
        },
        { signal: gone.signal },
      );
      mark(true);
      worker.current.postMessage({ id, text, pantry, corrections } satisfies ReadRequest);
      limit = setTimeout(() => {
        end(null);
      }, READING_MS);
    }, READ_AFTER_MS);
    return () => {
      clearTimeout(begin);
      clearTimeout(limit);
      // What was typed on makes a reading worthless: one that has begun is not waited for.
      if (limit !== undefined && !gone.signal.aborted) {
        gone.abort();
        dismiss();
      }
    };
  }, [text, pantry, isHeld, corrections]);

  return { reading, isReading: !isHeld && (reading.of !== text || reading.with !== corrections) };
}
