import { revalidatePath } from "next/cache";
import type { Outcome, SaveOutcome, Theirs } from "@/components/frame/outcome";
import { stored, type Saved } from "@/data";
import { storageText } from "@/words";

/** The lists that show what is kept. */
type ListPage = "/" | "/cakes" | "/recipes" | "/tins" | "/ovens" | "/logbook" | "/freezer";

/**
 * Stores, and says in words what kept it from being stored.
 * @param gone what to say when the thing was not there any more
 * @param page the list that has to be drawn anew
 */
export async function keeping(
  work: () => Promise<boolean>,
  gone: string,
  page: ListPage | null = null,
): Promise<Outcome> {
  const result = await stored(work);
  if (!result.ok) return { ok: false, message: storageText(result.issue) };
  if (page !== null) revalidatePath(page);
  return result.value ? { ok: true } : { ok: false, message: gone };
}

/**
 * Stores a change of something that other pages may change too. The page that saves knows what it
 * saved: nothing is drawn anew.
 * @param theirsOf what another page kept, as this one shows it; null when it can't be read
 */
export async function keepingChange<Row, Value>(
  work: () => Promise<Saved<Row>>,
  theirsOf: (row: Row) => Theirs<Value> | null,
  gone: string,
): Promise<SaveOutcome<Value>> {
  const result = await stored(work);
  if (!result.ok) return { ok: false, message: storageText(result.issue) };
  switch (result.value.kind) {
    case "kept":
      return { ok: true, version: result.value.version };
    case "gone":
      return { ok: false, message: gone };
    case "changed-elsewhere": {
      const theirs = theirsOf(result.value.theirs);
      return {
        ok: false,
        message: "Changed on another page",
        ...(theirs === null ? {} : { theirs }),
      };
    }
  }
}

/** The version a page says it changed; one that is none is never the one that is kept. */
export function baseOf(base: unknown): number {
  return typeof base === "number" && Number.isSafeInteger(base) ? base : -1;
}
