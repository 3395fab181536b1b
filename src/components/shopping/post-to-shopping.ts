import * as z from "@/core/zod";
import type { Outcome } from "../frame/outcome";

const RefusedSchema = z.object({ message: z.string() });

/**
 * Sends what was said on the list to the kitchen; the message is empty where there is no line to it.
 * @param notAllowed what is told to whoever may only look
 */
export async function postToShopping(
  what: "ticks" | "larder",
  body: readonly unknown[],
  notAllowed: string,
): Promise<Outcome> {
  try {
    const answer = await fetch(`/shopping/${what}`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(body),
    });
    if (answer.ok) return { ok: true };
    if (answer.status === 403) return { ok: false, message: notAllowed };
    const refused = RefusedSchema.safeParse(await answer.json());
    return { ok: false, message: refused.success ? refused.data.message : "" };
  } catch {
    return { ok: false, message: "" };
  }
}
