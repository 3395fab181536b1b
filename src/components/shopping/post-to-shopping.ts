import * as z from "@/core/zod";

/** What came back, or why nothing was kept. */
type Answered =
  { readonly ok: true; readonly body: unknown } | { readonly ok: false; readonly message: string };

const RefusedSchema = z.object({ message: z.string() });

/**
 * Sends what was said on the list to the kitchen; the message is empty where there is no line to it.
 * @param notAllowed what is told to whoever may only look
 */
export async function postToShopping(
  what: "ticks" | "larder",
  body: readonly unknown[],
  notAllowed: string,
): Promise<Answered> {
  try {
    const answer = await fetch(`/shopping/${what}`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(body),
    });
    if (answer.ok) return { ok: true, body: (await answer.json()) as unknown };
    if (answer.status === 403) return { ok: false, message: notAllowed };
    const refused = RefusedSchema.safeParse(await answer.json());
    return { ok: false, message: refused.success ? refused.data.message : "" };
  } catch {
    return { ok: false, message: "" };
  }
}
