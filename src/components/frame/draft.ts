import type { Result } from "@/core/measure";

/** What was typed and not kept, as it stands in the browser. */
export type Draft<T> = { readonly value: T; readonly at: number };

const PREFIX = "not-kept:";
/** The most a browser is asked to hold for one thing, characters. */
const MOST = 1_500_000;

/**
 * Keeps what is not kept yet. A full store costs the draft only: what is typed stays on the page.
 */
export function putDraft(key: string, value: unknown, at: number): void {
  const text = JSON.stringify({ value, at });
  try {
    if (text.length <= MOST) localStorage.setItem(PREFIX + key, text);
  } catch {
    // No room, or no store at all.
  }
}

export function dropDraft(key: string): void {
  try {
    localStorage.removeItem(PREFIX + key);
  } catch {
    // No store at all.
  }
}

/** A draft that still makes sense; null for none. */
export function draftOf<T>(key: string, parse: (input: unknown) => Result<T>): Draft<T> | null {
  try {
    const found = JSON.parse(localStorage.getItem(PREFIX + key) ?? "null") as {
      value?: unknown;
      at?: unknown;
    } | null;
    const value = found === null ? null : parse(found.value);
    return value?.ok === true && typeof found?.at === "number"
      ? { value: value.value, at: found.at }
      : null;
  } catch {
    return null;
  }
}
