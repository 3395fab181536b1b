"use client";

import { useState } from "react";
import { useRouter } from "next/navigation";
import { DatabaseBackup } from "lucide-react";
import {
  BACKUP_WHY,
  backupTime,
  bytesText,
  comparedText,
  type BackupCompared,
  type BackupWhy,
} from "@/words/backups";
import type { Outcome } from "../frame/outcome";
import { Sheet } from "../frame/sheet";
import { useTell } from "../frame/toasts";
import { useUnits } from "../frame/units";
import { UNREACHABLE } from "./unreachable";

export type BackupRow = {
  readonly name: string;
  /** Ms since 1970. */
  readonly at: number;
  readonly why: BackupWhy;
  readonly bytes: number;
};

type Failed = { readonly ok: false; readonly message: string };
/** What bringing a backup back would change. */
export type BackupComparison =
  { readonly ok: true; readonly compared: readonly BackupCompared[] } | Failed;
/** What came of bringing one back; `before` is the backup of what stood there. */
export type BroughtBack = { readonly ok: true; readonly before: string | null } | Failed;

type BackupsProps = {
  /** A kitchen on a database server is backed up there. */
  readonly isOnServer: boolean;
  readonly backups: readonly BackupRow[];
  /** When one that was due could not be made, ms since 1970. */
  readonly failedAt: number | null;
  readonly actions: {
    readonly backUpNow: () => Promise<Outcome>;
    readonly compareWithBackup: (name: string) => Promise<BackupComparison>;
    readonly bringBackBackup: (name: string) => Promise<BroughtBack>;
  };
};

/** How many stand there at first. */
const SHOWN = 6;

/** The kitchen as it was: kept by itself each day, on asking, and brought back after a look. */
export function Backups({ isOnServer, backups, failedAt, actions }: BackupsProps) {
  const { units } = useUnits();
  const tell = useTell();
  const router = useRouter();
  const [isBusy, setIsBusy] = useState(false);
  const [shown, setShown] = useState(SHOWN);
  const [looking, setLooking] = useState<{
    readonly row: BackupRow;
    readonly comparison: BackupComparison | null;
  } | null>(null);

  async function work<T>(asked: Promise<T>): Promise<T | Failed> {
    setIsBusy(true);
    try {
      return await asked;
    } catch {
      return UNREACHABLE;
    } finally {
      setIsBusy(false);
    }
  }

  async function backUpNow(): Promise<void> {
    const outcome = await work(actions.backUpNow());
    tell(outcome.ok ? "Backed up." : outcome.message);
    router.refresh();
  }

  async function look(row: BackupRow): Promise<void> {
    setLooking({ row, comparison: null });
    const comparison = await work(actions.compareWithBackup(row.name));
    setLooking((now) => (now?.row === row ? { row, comparison } : now));
  }

  async function bringBack(name: string, at: number | null): Promise<void> {
    const outcome = await work(actions.bringBackBackup(name));
    setLooking(null);
    router.refresh();
    if (!outcome.ok) {
      tell(outcome.message);
      return;
    }
    const { before } = outcome;
    tell(
      at === null
        ? "Everything is as it was before."
        : `Everything is as it was on ${backupTime(new Date(at), units)}.`,
      at === null || before === null
        ? undefined
        : { name: "Undo", run: () => void bringBack(before, null) },
    );
  }

  const newest = backups[0];
  if (isOnServer)
    return (
      <section className="panel p-6 max-sm:p-4" aria-labelledby="backups">
        <h2 id="backups" className="text-xl">
          Backups
        </h2>
        <p className="text-[15px]">This kitchen is on a database server: back it up there.</p>
      </section>
    );
  return (
    <section className="panel space-y-3 p-6 max-sm:p-4" aria-labelledby="backups">
      <h2 id="backups" className="text-xl">
        Backups
      </h2>
      <p className="text-[15px]">
        {newest === undefined
          ? "No backup yet: the first is made a minute after the start."
          : `The last was made on ${backupTime(new Date(newest.at), units)}.`}{" "}
        When something has changed, one is made each day by itself, in the folder “backups” beside
        the kitchen&apos;s data: the last seven days, four weeks and twelve months are kept. Copy
        that folder to another disk, and a lost computer is no lost kitchen.
      </p>
      {failedAt !== null && (
        <p role="alert" className="font-semibold text-tomato">
          The backup of {backupTime(new Date(failedAt), units)} could not be made. Is the disk full?
          It is tried again each hour.
        </p>
      )}
      <button
        type="button"
        className="button button-next"
        disabled={isBusy}
        onClick={() => void backUpNow()}
      >
        <DatabaseBackup size={17} aria-hidden /> {isBusy ? "Working…" : "Back up now"}
      </button>
      {backups.length > 0 && (
        <ul className="divide-y-[1.5px] divide-line">
          {backups.slice(0, shown).map((row) => (
            <li key={row.name} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
              <span className="w-44 font-semibold">{backupTime(new Date(row.at), units)}</span>
              <span className="min-w-40 flex-1 text-[14px] text-ink-2">
                {BACKUP_WHY[row.why]}, {bytesText(row.bytes)}
              </span>
              <button
                type="button"
                className="button"
                disabled={isBusy}
                onClick={() => void look(row)}
              >
                Bring back …
              </button>
            </li>
          ))}
        </ul>
      )}
      {backups.length > shown && (
        <button type="button" className="button" onClick={() => setShown(backups.length)}>
          All {backups.length} backups
        </button>
      )}
      {looking !== null && (
        <Sheet
          title={`The kitchen of ${backupTime(new Date(looking.row.at), units)}`}
          onClose={() => setLooking(null)}
        >
          <Preview
            comparison={looking.comparison}
            isBusy={isBusy}
            onBringBack={() => void bringBack(looking.row.name, looking.row.at)}
          />
        </Sheet>
      )}
    </section>
  );
}

/** What would change, and the way to do it. */
function Preview({
  comparison,
  isBusy,
  onBringBack,
}: {
  readonly comparison: BackupComparison | null;
  readonly isBusy: boolean;
  readonly onBringBack: () => void;
}) {
  const { units } = useUnits();
  if (comparison === null) return <p role="status">Looking through it …</p>;
  if (!comparison.ok)
    return (
      <p role="alert" className="font-semibold text-tomato">
        {comparison.message}
      </p>
    );
  return (
    <div className="space-y-3">
      <dl className="divide-y-[1.5px] divide-line">
        {comparison.compared
          .map((each) => comparedText(each, units))
          .map(({ name, says }) => (
            <div key={name} className="flex flex-wrap gap-x-4 py-1.5">
              <dt className="w-44 font-semibold">{name}</dt>
              <dd className="flex-1">{says}</dd>
            </div>
          ))}
      </dl>
      <p className="text-[15px]">
        What stands in the kitchen now is backed up first, so that there is a way back.
      </p>
      <button type="button" className="button button-next" disabled={isBusy} onClick={onBringBack}>
        {isBusy ? "Bringing it back …" : "Bring it back"}
      </button>
    </div>
  );
}
