"use server";

import * as z from "@/core/zod";
import { GotSchema, type Got } from "@/core/shopping";
import { keepGot, kitchenDatabase } from "@/data";
import type { Outcome } from "@/components/frame/outcome";
import { keeping } from "@/server/kept-action";

/** A phone that was long without signal sends no more at once. */
const MOST_TICKS = 500;
const TicksSchema = z.array(GotSchema).check(z.maxLength(MOST_TICKS));

/** Keeps what was ticked; ticks that came earlier than what is known change nothing. */
export async function tickShopping(ticks: readonly Got[]): Promise<Outcome> {
  const checked = TicksSchema.safeParse(ticks);
  if (!checked.success)
    return { ok: false, message: `These are no ticks of a shopping list: at most ${MOST_TICKS}.` };
  // The page knows what it ticked; others are drawn anew when they are come back to.
  return keeping(async () => {
    await keepGot(kitchenDatabase(), checked.data, new Date());
    return true;
  }, "");
}
