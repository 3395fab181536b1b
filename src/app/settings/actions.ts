"use server";

import { revalidatePath } from "next/cache";
import type { Outcome } from "@/components/frame/outcome";
import type { BroughtBack, BackupComparison } from "@/components/settings/backups";
import { idOf } from "@/server/id-of";
import {
  backUp,
  BIN_KINDS,
  bringBackFromBin,
  bringDemoBack,
  compareBackup,
  databaseUrl,
  emptyKitchen,
  kitchenDatabase,
  restoreBackup,
  stored,
  type BinKind,
  type StorageIssue,
} from "@/data";
import { isAtTheBench } from "@/server/bay";
import { storageText } from "@/words";

const NOT_IN_BIN = "This is not in the bin any more.";
const NOT_THERE = "This backup is not there any more.";
const AT_THE_BENCH =
  "A bake is open on a page. End it, or close that page, then try again. Nothing was changed.";
const DAMAGED =
  "This backup is damaged: its file is not what was written into it. Nothing was changed; take another.";

/** Backs the kitchen up now. */
export async function backUpNow(): Promise<Outcome> {
  const made = await stored(() => backUp(kitchenDatabase(), databaseUrl(), "asked", new Date()));
  if (!made.ok) return { ok: false, message: storageText(made.issue) };
  revalidatePath("/settings");
  return made.value === null
    ? { ok: false, message: "This kitchen is on a database server: back it up there." }
    : { ok: true };
}

/** What bringing a backup back would change. */
export async function compareWithBackup(name: string): Promise<BackupComparison> {
  const compared = await stored(() => compareBackup(kitchenDatabase(), databaseUrl(), name));
  return compared.ok
    ? { ok: true, compared: compared.value }
    : { ok: false, message: troubleText(compared.issue) };
}

/** Brings a backup back; the answer names the backup of what stood there, the way back. */
export async function bringBackBackup(name: string): Promise<BroughtBack> {
  if (isAtTheBench()) return { ok: false, message: AT_THE_BENCH };
  const restored = await stored(() =>
    restoreBackup(kitchenDatabase(), databaseUrl(), name, new Date()),
  );
  if (!restored.ok) return { ok: false, message: troubleText(restored.issue) };
  revalidatePath("/", "layout");
  return { ok: true, before: restored.value?.name ?? null };
}

/** Takes everything out of the kitchen; the answer names the backup of what stood there. */
export async function startEmpty(): Promise<BroughtBack> {
  if (isAtTheBench()) return { ok: false, message: AT_THE_BENCH };
  const emptied = await stored(() => emptyKitchen(kitchenDatabase(), databaseUrl(), new Date()));
  if (!emptied.ok) return { ok: false, message: storageText(emptied.issue) };
  revalidatePath("/", "layout");
  return emptied.value === null
    ? { ok: false, message: "This kitchen is on a database server: it is emptied there." }
    : { ok: true, before: emptied.value };
}

/** Lays in what is missing of the demo kitchen. */
export async function demoBack(): Promise<Outcome> {
  const brought = await stored(() => bringDemoBack(kitchenDatabase(), new Date()));
  if (!brought.ok) return { ok: false, message: storageText(brought.issue) };
  revalidatePath("/", "layout");
  return { ok: true };
}

/** Brings something out of the bin. */
export async function fromBin(kind: BinKind, id: string): Promise<Outcome> {
  const known = BIN_KINDS.find((each) => each === kind);
  if (known === undefined) return { ok: false, message: NOT_IN_BIN };
  const back = await stored(() => bringBackFromBin(kitchenDatabase(), known, idOf(id)));
  revalidatePath("/", "layout");
  if (!back.ok) return { ok: false, message: storageText(back.issue) };
  return back.value ? { ok: true } : { ok: false, message: NOT_IN_BIN };
}

/** A name that is no backup's, or not any more, is no trouble the storage knows. */
function troubleText(issue: StorageIssue): string {
  if (issue === "damaged") return DAMAGED;
  return issue === "unknown" ? NOT_THERE : storageText(issue);
}
