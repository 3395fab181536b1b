"use client";

import { useEffect } from "react";

/** Keeps the screen awake while the page is seen, where the machine lets it. */
export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let isGone = false;
    const take = (): void => {
      if (document.visibilityState !== "visible" || !("wakeLock" in navigator)) return;
      navigator.wakeLock
        .request("screen")
        .then((taken) => {
          if (isGone) void taken.release();
          else lock = taken;
        })
        .catch(() => null);
    };
    take();
    // A lock is lost whenever the page is hidden.
    document.addEventListener("visibilitychange", take);
    return () => {
      isGone = true;
      document.removeEventListener("visibilitychange", take);
      void lock?.release();
    };
  }, []);
}
