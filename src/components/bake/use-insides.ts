"use client";

import { useEffect, useMemo, useRef, useState } from "react";
import type { BakeInside } from "@/core/bake";
import { heard, type Known } from "./known-insides";
import { nextRequest, warmBakeWorker } from "./warm-worker";
import { bakeKey, type BakeReply, type BakeRequest, type BakeSpec } from "@/workers/bake-protocol";

/**
 * What is known of the insides asked for: each one solved or not yet, how far the solving is, or
 * that there is none to be had here.
 */
export type Insides = {
  readonly of: (bake: BakeSpec) => BakeInside | null;
  readonly isSolving: boolean;
  readonly share: number;
  readonly hasFailed: boolean;
};

/**
 * Insides of bakes, solved beside the page by one warm worker in the order they are wanted; a newer
 * question drops an older one.
 */
export function useInsides(wanted: readonly BakeSpec[]): Insides {
  const [known, setKnown] = useState<Known>({ insides: new Map(), share: 0, failed: new Set() });
  const asked = useRef<{ id: number; keys: readonly string[] }>({ id: 0, keys: [] });
  const missing = new Map(
    wanted.map((bake) => [bakeKey(bake), bake] as const).filter(([key]) => !known.insides.has(key)),
  );
  const text = JSON.stringify([...missing.values()]);

  // The one it listens to: another may be started once this one has broken.
  const heardWorker = useRef<Worker | null>(null);
  useEffect(() => {
    const worker = warmBakeWorker();
    heardWorker.current = worker;
    const onMessage = ({ data }: MessageEvent<BakeReply>): void => {
      if (data.id === asked.current.id) setKnown((old) => heard(old, data, asked.current.keys));
    };
    const onError = (): void => setKnown((old) => ({ ...old, failed: "all" }));
    // A browser without workers: the closed form's minutes stand all the same.
    if (worker === null) queueMicrotask(onError);
    worker?.addEventListener("message", onMessage);
    worker?.addEventListener("error", onError);
    return () => {
      worker?.removeEventListener("message", onMessage);
      worker?.removeEventListener("error", onError);
      worker?.postMessage({ name: "cancel" } satisfies BakeRequest);
    };
  }, []);

  useEffect(() => {
    const bakes = JSON.parse(text) as readonly BakeSpec[];
    // A request that only lacks what has been solved meanwhile goes on.
    const keys = bakes.map(bakeKey);
    if (keys.every((key) => asked.current.keys.includes(key))) return;
    const id = nextRequest();
    asked.current = { id, keys };
    heardWorker.current?.postMessage({ name: "solve", id, bakes } satisfies BakeRequest);
  }, [text]);

  const isIdle = wanted.length === 0;
  useEffect(() => {
    if (!isIdle) return;
    asked.current = { id: nextRequest(), keys: [] };
    heardWorker.current?.postMessage({ name: "cancel" } satisfies BakeRequest);
  }, [isIdle]);

  return useMemo(() => {
    const { insides, share, failed } = known;
    const isMissing = wanted.some(
      (bake) => !insides.has(bakeKey(bake)) && failed !== "all" && !failed.has(bakeKey(bake)),
    );
    return {
      of: (bake) => insides.get(bakeKey(bake)) ?? null,
      isSolving: isMissing,
      share,
      hasFailed: failed === "all" || failed.size > 0,
    };
  }, [known, wanted]);
}
