import type { NextRequest } from "next/server";
import * as z from "@/core/zod";
import { LarderMoveSchema } from "@/core/shopping";
import { kitchenDatabase, moveLarder, stored } from "@/data";
import { postedJson } from "@/server/posted-json";
import { storageText } from "@/words";

/** More things than one carries home at once. */
const MOST_MOVES = 500;
const MovesSchema = z.array(LarderMoveSchema).check(z.maxLength(MOST_MOVES));

/** Keeps what is said of things in the kitchen: what it has of them, how they are sold, prices. */
export async function POST(request: NextRequest): Promise<Response> {
  const moves = MovesSchema.safeParse(await postedJson(request));
  if (!moves.success)
    return Response.json(
      {
        message: `This can’t be said of what is in the kitchen: at most ${MOST_MOVES} things, each of 0 to 100 kg, in packs of more than nothing.`,
      },
      { status: 400 },
    );
  const kept = await stored(() => moveLarder(kitchenDatabase(), moves.data, new Date()));
  return kept.ok
    ? Response.json({ rows: kept.value })
    : Response.json({ message: storageText(kept.issue) }, { status: 503 });
}
