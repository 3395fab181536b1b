"use client";

import { useEffect, useRef, useState, type RefObject } from "react";

/**
 * The width of an element as it is laid out, px, so that a drawing in it can keep its letters at
 * their own size.
 */
export function useWidth<T extends HTMLElement>(
  first: number,
): readonly [RefObject<T | null>, number] {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(first);
  useEffect(() => {
    const element = ref.current;
    if (element === null) return;
    const observer = new ResizeObserver(([entry]) => {
      const next = Math.round(entry?.contentRect.width ?? 0);
      if (next > 0) setWidth(next);
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, width];
}
