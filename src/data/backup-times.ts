import { differenceInCalendarDays, format, getISOWeek, getISOWeekYear } from "date-fns";

/** How many of the last days, weeks and months with a backup keep their newest. */
const KEPT = { days: 7, weeks: 4, months: 12 };
/** What was kept before something was changed stays at least so long, days. */
const BEFORE_DAYS = 30;
const DAY_MS = 86_400_000;

export const BACKUP_REASONS = [
  "daily",
  "asked",
  "before-update",
  "before-restore",
  "before-emptying",
] as const;
export type BackupReason = (typeof BACKUP_REASONS)[number];
export type BackupTime = { readonly at: Date; readonly why: BackupReason };

/**
 * Those that need not be kept any more: of each of the last seven days, four weeks and twelve
 * months that have any the newest stays, and all of the last day; what was kept before an update or
 * a restore stays thirty days.
 */
export function backupsToDrop<T extends BackupTime>(
  backups: readonly T[],
  now: Date,
): readonly T[] {
  const newestFirst = backups.toSorted((a, b) => b.at.getTime() - a.at.getTime());
  const kept = new Set(
    newestFirst.filter(
      ({ at, why }) =>
        now.getTime() - at.getTime() < DAY_MS ||
        (why.startsWith("before-") && differenceInCalendarDays(now, at) <= BEFORE_DAYS),
    ),
  );
  for (const [spanOf, most] of [
    [(at: Date) => format(at, "yyyy-MM-dd"), KEPT.days],
    [(at: Date) => `${getISOWeekYear(at)}-${getISOWeek(at)}`, KEPT.weeks],
    [(at: Date) => format(at, "yyyy-MM"), KEPT.months],
  ] as const) {
    const newest = new Map<string, T>();
    for (const each of newestFirst)
      if (!newest.has(spanOf(each.at))) newest.set(spanOf(each.at), each);
    for (const each of [...newest.values()].slice(0, most)) kept.add(each);
  }
  return backups.filter((each) => !kept.has(each));
}

/** Whether the day's backup is due: nothing is backed up anew that has not changed since. */
export function isBackupDue(last: Date | null, changedAt: Date, now: Date): boolean {
  if (last === null) return true;
  return changedAt > last && now.getTime() - last.getTime() >= DAY_MS;
}
