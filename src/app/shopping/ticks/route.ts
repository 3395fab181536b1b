import type { NextRequest } from "next/server";
import * as z from "@/core/zod";
import { GotSchema } from "@/core/shopping";
import { keepGot, kitchenDatabase, stored } from "@/data";
import { postedJson } from "@/server/posted-json";
import { storageText } from "@/words";

/** A phone that was long without signal sends no more at once. */
const MOST_TICKS = 500;
const TicksSchema = z.array(GotSchema).check(z.maxLength(MOST_TICKS));

/**
 * Keeps what was ticked; ticks that came earlier than what is known change nothing. The page knows
 * what it ticked; others are drawn anew when they are come back to.
 */
export async function POST(request: NextRequest): Promise<Response> {
  const ticks = TicksSchema.safeParse(await postedJson(request));
  if (!ticks.success)
    return Response.json(
      { message: `These are no ticks of a shopping list: at most ${MOST_TICKS}.` },
      { status: 400 },
    );
  const kept = await stored(() => keepGot(kitchenDatabase(), ticks.data, new Date()));
  return kept.ok
    ? Response.json({ kept: ticks.data.length })
    : Response.json({ message: storageText(kept.issue) }, { status: 503 });
}
