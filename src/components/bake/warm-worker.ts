/**
 * The page's one worker for bakes: undefined before it was asked for, null where there can be none.
 */
let worker: Worker | null | undefined;
let requests = 0;

/**
 * The one worker that solves bakes beside the page, started at the first call and kept warm until
 * the page goes; null where there is none.
 */
export function warmBakeWorker(): Worker | null {
  if (worker !== undefined) return worker;
  try {
    worker = new Worker(new URL("../../workers/bake.worker.ts", import.meta.url), {
      type: "module",
    });
    // One that broke, or whose script could not be fetched, is not asked again.
    worker.addEventListener("error", () => {
      worker = undefined;
    });
  } catch {
    worker = null;
  }
  return worker;
}

/** A number no request to it has had. */
export function nextRequest(): number {
  requests += 1;
  return requests;
}
