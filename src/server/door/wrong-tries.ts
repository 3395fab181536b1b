/** So many wrong keys or links in a row, and the door waits. */
export const MOST_WRONG = 10;
/** How long it waits first, ms; then twice as long after each further wrong try, up to the most. */
const FIRST_WAIT_MS = 60_000;
const MOST_WAIT_MS = 60 * 60_000;
/** Addresses that are remembered; the one that tried longest ago is forgotten first. */
const MOST_KNOWN = 1000;

type Tries = { readonly wrong: number; readonly untilMs: number };

/** Who tried wrong keys, by the address it came from. */
export type WrongTries = {
  /** How long an address still has to wait, ms; 0 when it has not. */
  readonly waitMs: (from: string, nowMs: number) => number;
  readonly wrong: (from: string, nowMs: number) => void;
  /** A right key was shown. */
  readonly right: (from: string) => void;
};

/** Nobody tried anything yet. */
export function wrongTries(): WrongTries {
  const known = new Map<string, Tries>();
  return {
    waitMs: (from, nowMs) => Math.max(0, (known.get(from)?.untilMs ?? 0) - nowMs),
    wrong: (from, nowMs) => {
      const wrong = (known.get(from)?.wrong ?? 0) + 1;
      const waits = wrong - MOST_WRONG;
      const untilMs = waits < 0 ? 0 : nowMs + Math.min(MOST_WAIT_MS, FIRST_WAIT_MS * 2 ** waits);
      known.delete(from);
      known.set(from, { wrong, untilMs });
      for (const old of [...known.keys()].slice(0, -MOST_KNOWN)) known.delete(old);
    },
    right: (from) => {
      known.delete(from);
    },
  };
}
