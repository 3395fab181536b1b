import { revalidatePath } from "next/cache";
import type { Outcome } from "@/components/frame/outcome";
import { stored } from "@/data";
import { storageText } from "@/words";

/**
 * Stores, and says in words what kept it from being stored.
 * @param gone what to say when the thing was not there any more
 */
export async function keeping(work: () => Promise<boolean>, gone: string): Promise<Outcome> {
  const result = await stored(work);
  if (!result.ok) return { ok: false, message: storageText(result.issue) };
  revalidatePath("/", "layout");
  return result.value ? { ok: true } : { ok: false, message: gone };
}
