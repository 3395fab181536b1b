import type { BakeInside } from "@/core/bake";
import type { BakeReply } from "@/workers/bake-protocol";

/** Insides the page remembers, the oldest dropped first. */
const MOST_KEPT = 60;

/**
 * What the worker has told the page: insides by their key, how far it is, and what can't be had.
 */
export type Known = {
  readonly insides: ReadonlyMap<string, BakeInside>;
  readonly share: number;
  readonly failed: ReadonlySet<string> | "all";
};

/** What is known after one more reply to the request for `keys`. */
export function heard(known: Known, reply: BakeReply, keys: readonly string[]): Known {
  switch (reply.name) {
    case "progress":
      return { ...known, share: reply.share };
    case "solved": {
      const key = keys[reply.index];
      if (key === undefined) return known;
      const insides = new Map([...known.insides, [key, reply.inside] as const].slice(-MOST_KEPT));
      return { ...known, insides, share: (reply.index + 1) / keys.length };
    }
    case "failed": {
      const key = keys[reply.index];
      return key === undefined || known.failed === "all"
        ? known
        : { ...known, failed: new Set([...known.failed, key]) };
    }
  }
}
