"use client";

import * as z from "@/core/zod";
import type { Pouring } from "@/core/live";

const PouringSchema = z.object({
  task: z.string(),
  state: z.object({
    tin: z.int().check(z.gte(0)),
    phase: z.enum(["tare", "taring", "pour", "swap"]),
    beforeG: z.number(),
    netG: z.number(),
    askedG: z.number(),
    droppedG: z.number(),
    settled: z.number(),
  }),
});

/** Keeps something in the browser, or takes it out; a browser that keeps nothing goes without. */
export function keep(key: string, value: unknown): void {
  try {
    if (value === null) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // Full or forbidden: the page still knows it, and goes on sending.
  }
}

export function kept(key: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(key) ?? "null");
  } catch {
    return null;
  }
}

/** Where pouring for a task stood before the page was opened anew. */
export function keptPouring(key: string, task: string): Pouring | null {
  const found = PouringSchema.safeParse(kept(key));
  return found.success && found.data.task === task ? found.data.state : null;
}
