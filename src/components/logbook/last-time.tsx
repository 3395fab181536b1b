"use client";

import Link from "next/link";
import { useState } from "react";
import { lastTimeText, wantedText } from "@/words/logbook";
import type { Outcome } from "../frame/outcome";
import { useTell } from "../frame/toasts";
import { useUnits } from "../frame/units";
import type { RecordChoice } from "./record-choice";

/**
 * How it went last time, and what she wanted to change, until that is seen to. Says nothing where
 * there was no last time.
 */
export function LastTime({
  last,
  settle,
}: {
  readonly last: RecordChoice | null;
  readonly settle: (id: string) => Promise<Outcome>;
}) {
  const { units } = useUnits();
  const tell = useTell();
  const [settled, setSettled] = useState<string | null>(null);
  if (last === null || last.record.isSettled || settled === last.id) return null;
  const { id, record } = last;

  async function seenTo(): Promise<void> {
    const outcome = await settle(id).catch((): Outcome => ({
      ok: false,
      message: "The kitchen's server can't be reached. Try again.",
    }));
    if (outcome.ok) setSettled(id);
    else tell(outcome.message);
  }

  return (
    <aside
      aria-label="Last time"
      className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-1 rounded-control border-l-4 border-yolk bg-white px-3 py-2 text-[15px]"
    >
      <p className="min-w-0 flex-1 basis-72 break-words">{lastTimeText(record, units)}</p>
      <Link className="underline underline-offset-2" href={`/logbook/${id}`}>
        Its page
      </Link>
      <button type="button" className="button" onClick={() => void seenTo()}>
        {wantedText(record) === "" ? "Don't say it again" : "Seen to"}
      </button>
    </aside>
  );
}
