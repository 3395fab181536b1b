import type { NextRequest } from "next/server";
import { parseBakeEvents } from "@/core/live";
import { kitchenDatabase, recordEndedBakes, stored, tellBake } from "@/data";
import { issueText, METRIC, storageText } from "@/words";
import { toldNow } from "@/server/bay";
import { postedJson } from "@/server/posted-json";

type Params = { readonly params: Promise<{ readonly id: string }> };

/**
 * Keeps what happened at the bench. A page that had no answer tells the same again: each event is
 * kept once.
 */
export async function POST(request: NextRequest, { params }: Params): Promise<Response> {
  const { id } = await params;
  const events = parseBakeEvents(await postedJson(request));
  if (!events.ok)
    return Response.json({ message: issueText(events.issue, METRIC) }, { status: 400 });
  const kept = await stored(() => tellBake(kitchenDatabase(), id, events.value, new Date()));
  if (!kept.ok) return Response.json({ message: storageText(kept.issue) }, { status: 503 });
  if (!kept.value)
    return Response.json({ message: "This bake is not in the kitchen." }, { status: 404 });
  // The pages of the logbook; what could not be written is when the kitchen is next opened.
  if (events.value.some(({ kind }) => kind === "ended"))
    await stored(() => recordEndedBakes(kitchenDatabase(), new Date()));
  await toldNow(id);
  return Response.json({ kept: events.value.length });
}
