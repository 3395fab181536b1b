"use client";

const TICK_MS = 250;

/** Calls back four times a second, also while the page is in the background. */
export function ticking(tick: () => void): () => void {
  let timer: ReturnType<typeof setInterval> | null = null;
  const byPage = (): void => {
    timer ??= setInterval(tick, TICK_MS);
  };
  if (typeof Worker === "undefined") byPage();
  const worker =
    typeof Worker === "undefined"
      ? null
      : new Worker(new URL("../../workers/tick.worker.ts", import.meta.url), { type: "module" });
  // A worker that can't be had must not stop the clocks.
  if (worker !== null) [worker.onmessage, worker.onerror] = [tick, byPage];
  return () => {
    worker?.terminate();
    if (timer !== null) clearInterval(timer);
  };
}
