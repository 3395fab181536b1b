import { solvingInside, type BakeInside } from "@/core/bake";
import { tinGeometry } from "@/core/tin";
import { bakeKey, type BakeReply, type BakeRequest, type BakeSpec } from "./bake-protocol";

/**
 * The outside of a worker: how it answers, how it lets waiting messages in, and what time it is,
 * ms.
 */
export type WorkerSide = {
  readonly post: (reply: BakeReply) => void;
  readonly pause: () => Promise<void>;
  readonly now: () => number;
};

/** Messages are let in this often, ms: a cancelled bake stops within it. */
const SLICE_MS = 8;
const PROGRESS_EACH_MS = 80;
/** Solved bakes kept, by their content, the oldest dropped first. */
const MOST_KEPT = 60;

/**
 * The worker's side of the protocol: takes messages, solves the newest request in slices, remembers
 * what it has solved.
 */
export function bakeWork({ post, pause, now }: WorkerSide): (request: BakeRequest) => void {
  const kept = new Map<string, BakeInside>();
  let newest = 0;

  async function answer(id: number, bakes: readonly BakeSpec[]): Promise<void> {
    let saidAt = now();
    for (const [index, bake] of bakes.entries()) {
      const key = bakeKey(bake);
      const inside =
        kept.get(key) ??
        (await solved(id, bake, (share) => {
          if (now() - saidAt < PROGRESS_EACH_MS) return;
          saidAt = now();
          post({ name: "progress", id, share: (index + share) / bakes.length });
        }));
      if (id !== newest) return;
      if (inside === null) {
        post({ name: "failed", id, index });
        continue;
      }
      kept.delete(key);
      kept.set(key, inside);
      const [oldest] = kept.keys();
      if (kept.size > MOST_KEPT && oldest !== undefined) kept.delete(oldest);
      post({ name: "solved", id, index, inside });
      await pause();
      if (id !== newest) return;
    }
  }

  /**
   * One bake, solved in slices; null for a tin that is none, or when a newer request has come
   * meanwhile.
   */
  async function solved(
    id: number,
    { tin, ...bake }: BakeSpec,
    onShare: (share: number) => void,
  ): Promise<BakeInside | null> {
    const geometry = tinGeometry(tin);
    if (!geometry.ok) return null;
    const work = solvingInside({ ...bake, geometry: geometry.value });
    let sliceFrom = now();
    for (;;) {
      const next = work.next();
      if (next.done === true) return next.value;
      onShare(next.value);
      if (now() - sliceFrom < SLICE_MS) continue;
      await pause();
      if (id !== newest) return null;
      sliceFrom = now();
    }
  }

  return (request) => {
    if (request.name === "cancel") {
      newest = 0;
      return;
    }
    newest = request.id;
    // After the messages already waiting, which may make this one worthless.
    void pause().then(async () => {
      if (request.id !== newest) return;
      try {
        await answer(request.id, request.bakes);
      } catch (error) {
        console.error("a bake can't be solved:", error);
        request.bakes.forEach((_, index) => post({ name: "failed", id: request.id, index }));
      }
    });
  };
}
