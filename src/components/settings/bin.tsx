"use client";

import { useState } from "react";
import { useRouter } from "next/navigation";
import { Undo2 } from "lucide-react";
import { backupTime } from "@/words/backups";
import { BIN_NAMES, BIN_TOLD } from "@/words/bin";
import type { Outcome } from "../frame/outcome";
import { useTell } from "../frame/toasts";
import { useSay, useUnits } from "../frame/units";
import { UNREACHABLE } from "./unreachable";

type Kind = keyof typeof BIN_NAMES;
type BinRow = {
  readonly kind: Kind;
  readonly id: string;
  readonly name: string;
  /** Ms since 1970. */
  readonly deletedAt: number;
};

/** How many stand there at first. */
const SHOWN = 6;

/** What was deleted in the last thirty days, to be brought back. */
export function Bin({
  rows,
  bringBack,
}: {
  readonly rows: readonly BinRow[];
  readonly bringBack: (kind: Kind, id: string) => Promise<Outcome>;
}) {
  const { units } = useUnits();
  const say = useSay();
  const tell = useTell();
  const router = useRouter();
  const [shown, setShown] = useState(SHOWN);
  const [isBusy, setIsBusy] = useState(false);

  async function take({ kind, id, name }: BinRow): Promise<void> {
    setIsBusy(true);
    const outcome = await bringBack(kind, id).catch(() => UNREACHABLE);
    setIsBusy(false);
    tell(outcome.ok ? `“${name}” is back.` : outcome.message);
    router.refresh();
  }

  return (
    <section className="panel space-y-3 p-6 max-sm:p-4" aria-labelledby="bin">
      <h2 id="bin" className="text-xl">
        Bin
      </h2>
      <p className="text-[15px]">{rows.length === 0 ? "There is nothing in it." : BIN_TOLD}</p>
      {rows.length > 0 && (
        <ul aria-label="What was deleted" className="divide-y-[1.5px] divide-line">
          {rows.slice(0, shown).map((row) => (
            <li
              key={`${row.kind} ${row.id}`}
              className="flex flex-wrap items-center gap-x-4 gap-y-1 py-1.5"
            >
              <span className="min-w-40 flex-1">
                <span className="font-semibold break-words">{row.name}</span>
                <span className="block text-[14px] text-ink-2">
                  {say(BIN_NAMES[row.kind])}, deleted {backupTime(new Date(row.deletedAt), units)}
                </span>
              </span>
              <button
                type="button"
                className="button"
                disabled={isBusy}
                aria-label={`Bring ${row.name} back`}
                onClick={() => void take(row)}
              >
                <Undo2 size={17} aria-hidden /> Bring it back
              </button>
            </li>
          ))}
        </ul>
      )}
      {rows.length > shown && (
        <button type="button" className="button" onClick={() => setShown(rows.length)}>
          Show all {rows.length}
        </button>
      )}
    </section>
  );
}
