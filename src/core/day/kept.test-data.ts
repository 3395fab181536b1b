import { expect } from "vitest";
import { scheduleDay, type Schedule } from "./schedule";
import type { DayRequest } from "./activity-network";
import type { Stretch } from "./task";

/** The day of tasks that can be done. */
export function scheduled(request: DayRequest): Schedule {
  const schedule = scheduleDay(request);
  if (schedule === null) throw new Error("no day");
  return schedule;
}

/** Everything a day must keep to. */
export function expectKept({ tasks, wantedAt, away = [] }: DayRequest, { placed }: Schedule): void {
  const stands = new Map(placed.map((each) => [each.id, each]));
  expect(stands.size).toBe(tasks.length);
  for (const task of tasks) {
    const own = stands.get(task.id);
    if (own === undefined) throw new Error(`${task.id} is not placed`);
    expect(own.to - own.from).toBe(task.minutes);
    expect(own.to).toBeLessThanOrEqual(wantedAt[task.cake] ?? -1);
    for (const { id, leastMin, mostMin } of task.after) {
      const lag = own.from - (stands.get(id)?.to ?? Number.NaN);
      expect(lag).toBeGreaterThanOrEqual(leastMin);
      if (mostMin !== null) expect(lag).toBeLessThanOrEqual(mostMin);
    }
    const clashes = (other: Stretch): boolean => other.from < own.to && other.to > own.from;
    for (const other of tasks) {
      if (other.id === task.id || !other.needs.some((need) => task.needs.includes(need))) continue;
      expect([task.id, other.id, clashes(stands.get(other.id) ?? own)]).toEqual([
        task.id,
        other.id,
        false,
      ]);
    }
    if (task.needs.includes("hands"))
      for (const gone of away) expect([task.id, clashes(gone)]).toEqual([task.id, false]);
  }
}

/** Where a task stands. */
export const at = (schedule: Schedule, id: string): Schedule["placed"][number] => {
  const found = schedule.placed.find((each) => each.id === id);
  if (found === undefined) throw new Error(`no ${id}`);
  return found;
};
