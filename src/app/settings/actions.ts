"use server";

import { revalidatePath } from "next/cache";
import type { Outcome } from "@/components/frame/outcome";
import type { BroughtBack, BackupComparison } from "@/components/settings/backups";
import {
  backUp,
  compareBackup,
  databaseUrl,
  kitchenDatabase,
  restoreBackup,
  stored,
  type StorageIssue,
} from "@/data";
import { isAtTheBench } from "@/server/bay";
import { storageText } from "@/words";

const NOT_THERE = "This backup is not there any more.";
const AT_THE_BENCH =
  "A bake is open on a page. End it, or close that page, then bring the backup back. Nothing was changed.";
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

/** A name that is no backup's, or not any more, is no trouble the storage knows. */
function troubleText(issue: StorageIssue): string {
  if (issue === "damaged") return DAMAGED;
  return issue === "unknown" ? NOT_THERE : storageText(issue);
}
