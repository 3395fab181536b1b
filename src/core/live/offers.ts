import { presentAt, type Present, type BegunDay, type TaskState } from "./present";
import type { Log } from "./log";
import type { Shorter, Task, Shortcut } from "../day";

/** A way to save time: what its tasks take then, in all, and how much sooner its cake is ready. */
export type Offer = {
  readonly way: Shortcut;
  readonly cake: number;
  readonly takes: readonly { readonly task: string; readonly minutes: number }[];
  readonly savesMin: number;
};

/** What could be shortened, that which saves most first: only what makes the cake ready sooner. */
export function offersAt(
  day: BegunDay,
  log: Log,
  now: number,
  revised: ReadonlyMap<string, number> = new Map(),
): readonly Offer[] {
  const present = presentAt(day, log, now, revised);
  const offers = new Map<
    string,
    { way: Shortcut; cake: number; takes: { task: string; minutes: number }[] }
  >();
  for (const task of day.tasks) {
    const state = present.states.get(task.id);
    if (state === undefined || state.is === "over" || log.tasks.get(task.id)?.way !== null)
      continue;
    for (const shorter of task.shorter ?? []) {
      const minutes = shortened(task, shorter, state, now);
      const key = `${task.cake}.${shorter.way}`;
      const offer = offers.get(key) ?? { way: shorter.way, cake: task.cake, takes: [] };
      offer.takes.push({ task: task.id, minutes });
      offers.set(key, offer);
    }
  }
  const ready = ({ readyAt }: Present, cake: number): number => readyAt[cake] ?? now;
  return [...offers.values()]
    .map((offer): Offer => {
      const tasks = new Map(log.tasks);
      for (const { task, minutes } of offer.takes) {
        const told = tasks.get(task);
        if (told !== undefined)
          tasks.set(task, {
            ...told,
            minutes,
            ringsAt: null,
            ...(minutes === 0 ? { doneAt: now } : {}),
          });
      }
      const then = presentAt(day, { ...log, tasks }, now, revised);
      return {
        ...offer,
        savesMin: Math.floor(ready(present, offer.cake) - ready(then, offer.cake)),
      };
    })
    .filter(({ savesMin }) => savesMin >= 1)
    .sort((one, other) => other.savesMin - one.savesMin);
}

/** Less than this is made up by hands that hurry, minutes. */
const LATE_MIN = 5;

/** Cakes so late that something has to give. */
export function lateCakes({ spareMin }: Pick<Present, "spareMin">): readonly number[] {
  return spareMin.flatMap((spare, cake) => (spare !== null && spare <= -LATE_MIN ? [cake] : []));
}

/**
 * The least change that makes up all that a late cake is late, or else the one that saves most;
 * null without any.
 */
export function leastOffer(
  offers: readonly Offer[],
  { spareMin }: Pick<Present, "spareMin">,
): Offer | null {
  const lateMin = (cake: number): number => -(spareMin[cake] ?? 0);
  const late = lateCakes({ spareMin });
  const enough = offers.filter(
    ({ cake, savesMin }) => late.includes(cake) && savesMin >= lateMin(cake),
  );
  const pool = enough.length > 0 ? enough : offers;
  const sign = enough.length > 0 ? 1 : -1;
  return pool.reduce<Offer | null>(
    (best, each) => (best === null || sign * each.savesMin < sign * best.savesMin ? each : best),
    null,
  );
}

/**
 * What a task takes in all when it is done a shorter way from now on: what is left of it goes as
 * much faster as all of it would.
 */
function shortened(task: Task, shorter: Shorter, state: TaskState, now: number): number {
  if (state.is !== "running" || shorter.minutes === 0) return shorter.minutes;
  const elapsed = now - state.startedAt;
  return Math.ceil(elapsed + Math.max(0, state.endsAt - now) * (shorter.minutes / task.minutes));
}
