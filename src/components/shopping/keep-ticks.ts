import * as z from "@/core/zod";
import type { Got } from "@/core/shopping";
import type { Outcome } from "../frame/outcome";

const RefusedSchema = z.object({ message: z.string() });
const NOT_ALLOWED = "This device’s key does not allow ticking.";

/** Sends ticks to the kitchen; the message is empty where there is no line to it. */
export async function keepTicks(ticks: readonly Got[]): Promise<Outcome> {
  try {
    const answer = await fetch("/shopping/ticks", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(ticks),
    });
    if (answer.ok) return { ok: true };
    if (answer.status === 403) return { ok: false, message: NOT_ALLOWED };
    const refused = RefusedSchema.safeParse(await answer.json());
    return { ok: false, message: refused.success ? refused.data.message : "" };
  } catch {
    return { ok: false, message: "" };
  }
}
