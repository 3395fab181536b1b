import { addDays, addHours, subDays } from "date-fns";
import { describe, expect, it } from "vitest";
import { backupsToDrop, isBackupDue, type BackupReason } from "./backup-times";

const NOW = new Date(2026, 11, 1, 18);
const made = (at: Date, why: BackupReason = "daily") => ({ at, why });

/** Keeps house for so many days with a backup each. */
function houseKept(days: number): readonly { readonly at: Date; readonly why: BackupReason }[] {
  let kept: readonly { readonly at: Date; readonly why: BackupReason }[] = [];
  for (let day = days; day >= 0; day -= 1) {
    const now = subDays(NOW, day);
    const all = [...kept, made(now)];
    const dropped = new Set(backupsToDrop(all, now));
    kept = all.filter((each) => !dropped.has(each));
  }
  return kept;
}

describe("backups that are kept", () => {
  it("are the last seven days', four weeks' and twelve months', after years of one a day", () => {
    const ages = houseKept(1000).map(({ at }) => (NOW.getTime() - at.getTime()) / 86_400_000);
    expect(ages.filter((age) => age < 7)).toHaveLength(7);
    expect(ages.length).toBeGreaterThanOrEqual(7 + 2 + 10);
    expect(ages.length).toBeLessThanOrEqual(7 + 4 + 12);
    expect(Math.max(...ages)).toBeGreaterThan(300);
    expect(Math.max(...ages)).toBeLessThan(370);
  });

  it("are all of the last day's, however many", () => {
    const today = Array.from({ length: 20 }, (_, hour) => made(addHours(NOW, -hour), "asked"));
    expect(backupsToDrop(today, NOW)).toEqual([]);
  });

  it("that were made before a change stay thirty days, though another of that day is newer", () => {
    const before = made(subDays(NOW, 20), "before-restore");
    const all = [
      before,
      ...Array.from({ length: 40 }, (_, day) => made(addHours(subDays(NOW, day), 1))),
    ];
    expect(backupsToDrop(all, NOW)).not.toContain(before);
    expect(backupsToDrop(all, addDays(NOW, 20))).toContain(before);
  });

  it("of a kitchen left alone for long are not thrown away for their age", () => {
    const old = Array.from({ length: 5 }, (_, day) => made(subDays(NOW, 900 + day)));
    expect(backupsToDrop(old, NOW)).toEqual([]);
  });
});

it.each<[string, Date | null, Date, boolean]>([
  ["none yet", null, NOW, true],
  ["nothing changed since", subDays(NOW, 3), subDays(NOW, 4), false],
  ["changed, a day ago", subDays(NOW, 1), addHours(NOW, -1), true],
  ["changed, but backed up this morning", addHours(NOW, -9), addHours(NOW, -1), false],
])("a backup is due: %s", (_, last, changedAt, isDue) => {
  expect(isBackupDue(last, changedAt, NOW)).toBe(isDue);
});
