import { dayText, clockText } from "./dates";
import type { Units } from "./regions";
import { sayIn } from "./vocabulary";

/** Why a backup was made; matches the data layer's without depending on it. */
export type BackupWhy = "daily" | "asked" | "before-update" | "before-restore" | "before-emptying";

export const BACKUP_WHY: Readonly<Record<BackupWhy, string>> = {
  daily: "by itself, once a day",
  asked: "asked for",
  "before-update": "before an update of the program",
  "before-restore": "before another was brought back",
  "before-emptying": "before the kitchen was emptied",
};

/** Of one kind of thing, how a backup differs from the kitchen. */
export type BackupCompared = {
  readonly of: "cakes" | "recipes" | "tins" | "ovens" | "records" | "portions" | "bakes";
  readonly inBackup: number;
  readonly different: number;
  readonly missing: number;
  readonly newer: number;
};

const KIND_NAMES_OF: Readonly<Record<BackupCompared["of"], string>> = {
  cakes: "Cakes",
  recipes: "Recipes",
  tins: "Tins",
  ovens: "Ovens",
  records: "Pages of the logbook",
  portions: "In the freezer",
  bakes: "Bakes at the bench",
};

/** What is compared, and what bringing the backup back would do to it. */
export function comparedText(
  { of, inBackup, different, missing, newer }: BackupCompared,
  units: Units,
): { readonly name: string; readonly says: string } {
  const changes = [
    missing === 0 ? "" : `${missing} come back`,
    different === 0 ? "" : `${different} as they were then`,
    newer === 0 ? "" : `${newer} made since are gone`,
  ].filter((change) => change !== "");
  return {
    name: sayIn(units)(KIND_NAMES_OF[of]),
    says: `${inBackup} in it: ${changes.length === 0 ? "nothing changes" : changes.join(", ")}`,
  };
}

/** When a backup was made. @example backupTime(new Date(2026, 11, 1, 9, 5), METRIC) // "Tue 1 Dec, 09:05" */
export const backupTime = (at: Date, units: Units): string =>
  `${dayText(at, "short", units)}, ${clockText(at, units)}`;

/** 412 kB, 3.4 MB. */
export const bytesText = (bytes: number): string =>
  bytes < 1e6 ? `${Math.ceil(bytes / 1e3)} kB` : `${(bytes / 1e6).toFixed(1)} MB`;
