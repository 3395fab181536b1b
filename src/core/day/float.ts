import {
  presenceOf,
  RESOURCES,
  type Bound,
  type TaskLink,
  type Resource,
  type Stretch,
  type Task,
} from "./task";

/**
 * What keeps a task from moving on: another task, because it comes before or after or takes the
 * same hands, mixer or oven; hours away; the end.
 */
export type HeldBy =
  | {
      readonly by: "task";
      readonly id: string;
      /** Tied by a link, not only by what both need. */ readonly isLink: boolean;
      readonly isBefore: boolean;
    }
  | { readonly by: "away" }
  | { readonly by: "due" }
  | { readonly by: "far-enough" };

/**
 * A task's free float: how many minutes it can move while all others stand; what is bound to it to
 * the minute moves along.
 */
export type Float = {
  readonly earlierBy: number;
  readonly laterBy: number;
  readonly earlierHold: HeldBy;
  readonly laterHold: HeldBy;
  readonly along: readonly string[];
};

/** A task without anything before it is not moved by more than this, minutes. */
const FURTHEST_MIN = 720;

type Day = {
  readonly tasks: readonly Task[];
  readonly units: readonly Bound[];
  readonly due: (task: Task) => number;
  /** Links out of each task. */
  readonly later: ReadonlyMap<string, readonly (TaskLink & { readonly to: Task })[]>;
};

type Limit = { readonly at: number; readonly hold: HeldBy };

/** The free float of every task of a day, by id. */
export function floatsOf(
  day: Day,
  placed: ReadonlyMap<string, Stretch>,
  away: readonly Stretch[],
): ReadonlyMap<string, Float> {
  const floats = new Map<string, Float>();
  const held = new Map(
    RESOURCES.map(
      (need) =>
        [
          need,
          day.tasks
            .filter(({ needs }) => needs.includes(need))
            .flatMap(({ id }) => {
              const stands = placed.get(id);
              return stands === undefined ? [] : [{ id, ...stands }];
            }),
        ] as const,
    ),
  );
  for (const { members } of day.units) {
    const ids = new Set(members.map(({ task }) => task.id));
    let earlier: Limit = { at: FURTHEST_MIN, hold: { by: "far-enough" } };
    let later: Limit = { at: Infinity, hold: { by: "due" } };
    for (const { task } of members) {
      const limits = limitsOf(day, task, ids, placed, held, away);
      if (limits.earlier.at < earlier.at) earlier = limits.earlier;
      if (limits.later.at < later.at) later = limits.later;
    }
    for (const id of ids) {
      floats.set(id, {
        earlierBy: Math.max(0, earlier.at),
        laterBy: Math.max(0, later.at),
        earlierHold: earlier.hold,
        laterHold: later.hold,
        along: [...ids].filter((each) => each !== id),
      });
    }
  }
  return floats;
}

/** How many minutes one task can move to either side, by whatever does not move along. */
function limitsOf(
  { due, later: links }: Day,
  task: Task,
  along: ReadonlySet<string>,
  placed: ReadonlyMap<string, Stretch>,
  held: ReadonlyMap<Resource, readonly (Stretch & { readonly id: string })[]>,
  away: readonly Stretch[],
): { readonly earlier: Limit; readonly later: Limit } {
  const own = placed.get(task.id) ?? { from: 0, to: 0 };
  const limits = {
    earlier: { at: FURTHEST_MIN, hold: { by: "far-enough" } as HeldBy },
    later: { at: due(task) - own.to, hold: { by: "due" } as HeldBy },
  };
  for (const { id, leastMin, mostMin } of task.after) {
    const stands = placed.get(id);
    if (stands === undefined || along.has(id)) continue;
    const hold: HeldBy = { by: "task", id, isLink: true, isBefore: true };
    atMost(limits, "earlier", own.from - stands.to - leastMin, hold);
    if (mostMin !== null) atMost(limits, "later", stands.to + mostMin - own.from, hold);
  }
  for (const { to, leastMin, mostMin } of links.get(task.id) ?? []) {
    const stands = placed.get(to.id);
    if (stands === undefined || along.has(to.id)) continue;
    const hold: HeldBy = { by: "task", id: to.id, isLink: true, isBefore: false };
    atMost(limits, "later", stands.from - leastMin - own.to, hold);
    if (mostMin !== null) atMost(limits, "earlier", own.to + mostMin - stands.from, hold);
  }
  for (const need of task.needs) {
    for (const other of held.get(need) ?? []) {
      if (!isNearer(limits, own, other) || along.has(other.id) || other.id === task.id) continue;
      const isBefore = other.to <= own.from;
      beside(limits, own, other, { by: "task", id: other.id, isLink: false, isBefore });
    }
  }
  for (const { from, to } of presenceOf(task))
    for (const gone of away)
      beside(limits, { from: own.from + from, to: own.from + to }, gone, { by: "away" });
  return limits;
}

type Limits = { earlier: Limit; later: Limit };

function atMost(limits: Limits, side: keyof Limits, at: number, hold: HeldBy): void {
  if (at < limits[side].at) limits[side] = { at, hold };
}

/** Whether a stretch beside one's own leaves it less than is known. */
const isNearer = ({ earlier, later }: Limits, own: Stretch, { from, to }: Stretch): boolean =>
  (to <= own.from && own.from - to < earlier.at) || (from >= own.to && from - own.to < later.at);

function beside(limits: Limits, own: Stretch, { from, to }: Stretch, hold: HeldBy): void {
  if (to <= own.from) atMost(limits, "earlier", own.from - to, hold);
  if (from >= own.to) atMost(limits, "later", from - own.to, hold);
}
