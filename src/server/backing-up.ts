import { backUpWhenDue, databaseUrl, emptyBin, kitchenDatabase, stored } from "@/data";

/** First soon after the start, when the pages have been drawn; then every so often, ms. */
const FIRST_MS = 60_000;
const EVERY_MS = 3_600_000;

// The server's start and its pages load this module each for themselves; what is known is shared.
const shared = globalThis as { steadyTinBackup?: { failedAt: number | null } };

/** When the last backup that was due could not be made, ms since 1970; null when it could. */
export const backupFailedAt = (): number | null => shared.steadyTinBackup?.failedAt ?? null;

/** Backs the kitchen up once a day, and lets go what is too long in the bin, as long as the server runs. */
export function keepBackingUp(): void {
  if (shared.steadyTinBackup !== undefined) return;
  shared.steadyTinBackup = { failedAt: null };
  async function look(): Promise<void> {
    const backup = await stored(() => backUpWhenDue(kitchenDatabase(), databaseUrl(), new Date()));
    if (shared.steadyTinBackup !== undefined)
      shared.steadyTinBackup.failedAt = backup.ok ? null : Date.now();
    // After the backup: what goes now is still in it.
    if (backup.ok) await stored(() => emptyBin(kitchenDatabase(), new Date()));
  }
  setTimeout(() => void look(), FIRST_MS).unref();
  setInterval(() => void look(), EVERY_MS).unref();
}
