import type { HouseRight } from "@/data";

const READING = ["GET", "HEAD", "OPTIONS"];

/** What a helper may tell the kitchen: what is in the basket, and what happens at the bench. */
const HELPS = [/^\/shopping\/ticks$/u, /^\/bakes\/[^/]+\/(?:events|device)$/u];

/** Archives hold everything there is: nobody takes them away who may not also change it. */
const EVERYTHING = /^\/settings(?:\/|$)/u;

/**
 * Whether the holder of a key may ask this.
 * @param path decoded by nobody: what is not plainly allowed is not
 */
export function mayAsk(may: HouseRight, method: string, path: string): boolean {
  if (may === "all") return true;
  if (READING.includes(method)) return !EVERYTHING.test(path);
  return may === "help" && method === "POST" && HELPS.some((each) => each.test(path));
}
