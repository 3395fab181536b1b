import {
  boundTogether,
  presenceOf,
  RESOURCES,
  type Bound as Unit,
  type TaskLink,
  type Resource,
  type Stretch,
  type Task,
} from "./task";

export type DayRequest = {
  readonly tasks: readonly Task[];
  /** When each cake is wanted, in the order of the cakes. */
  readonly wantedAt: readonly number[];
  /** When the baker is out, asleep or busy: nothing that needs hands is done then. */
  readonly away?: readonly Stretch[];
  /** Tasks that have to end by some other minute than when their cake is wanted, by id. */
  readonly endBy?: ReadonlyMap<string, number>;
};

/** The minute each task has to be over by. */
export function dueOf({ wantedAt, endBy }: DayRequest): (task: Task) => number {
  const last = Math.max(...wantedAt);
  return ({ id, cake }) => Math.min(wantedAt[cake] ?? last, endBy?.get(id) ?? Infinity);
}

/** The activity network: a day's tasks, and all that follows from their links alone. */
export type ActivityNetwork = {
  readonly due: (task: Task) => number;
  readonly tasks: readonly Task[];
  readonly byId: ReadonlyMap<string, Task>;
  /** Links out of each task: the tasks that come after it. */
  readonly later: ReadonlyMap<string, readonly (TaskLink & { readonly to: Task })[]>;
  readonly units: readonly Unit[];
  readonly unitOf: ReadonlyMap<string, Unit>;
  /**
   * What each unit holds, and from how long before its end until when; what follows on at once is
   * one stretch.
   */
  readonly holds: ReadonlyMap<Unit, readonly UnitHold[]>;
  /** When somebody has to be there for each unit, before its end. */
  readonly presence: ReadonlyMap<Unit, readonly Attended[]>;
  /** For each unit those that come right before it, and how many come right after. */
  readonly before: ReadonlyMap<Unit, readonly Unit[]>;
  readonly followers: ReadonlyMap<Unit, number>;
  /** Minutes of the longest path from the start of the day to the end of a task. */
  readonly longestPathMin: ReadonlyMap<string, number>;
};

/**
 * The activity network of tasks.
 * @param due the minute a task has to be over by
 * @throws RangeError for a link to a task that is not there, a circle of links, or a task of no
 * whole minutes
 */
export function activityNetwork(
  tasks: readonly Task[],
  due: ActivityNetwork["due"],
): ActivityNetwork {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const later = new Map<string, (TaskLink & { readonly to: Task })[]>(
    tasks.map(({ id }) => [id, []]),
  );
  for (const task of tasks) {
    if (!Number.isInteger(task.minutes) || task.minutes < 0)
      throw new RangeError(`task ${task.id} takes ${task.minutes} minutes: whole ones are needed`);
    for (const link of task.after) {
      const from = later.get(link.id);
      if (from === undefined)
        throw new RangeError(`task ${task.id} comes after ${link.id}, which is not there`);
      from.push({ ...link, to: task });
    }
  }
  const longestPathMin = new Map<string, number>();
  const onPath = new Set<string>();
  const longestPath = (task: Task): number => {
    const known = longestPathMin.get(task.id);
    if (known !== undefined) return known;
    if (onPath.has(task.id)) throw new RangeError(`task ${task.id} comes after itself`);
    onPath.add(task.id);
    const before = task.after.map(({ id, leastMin }) => {
      const earlier = byId.get(id);
      return earlier === undefined ? 0 : longestPath(earlier) + leastMin;
    });
    onPath.delete(task.id);
    const minutes = task.minutes + Math.max(0, ...before);
    longestPathMin.set(task.id, minutes);
    return minutes;
  };
  for (const task of tasks) longestPath(task);
  const units = boundTogether(tasks);
  const unitOf = new Map(
    units.flatMap((unit) => unit.members.map(({ task }) => [task.id, unit] as const)),
  );
  const before = new Map(
    units.map(
      (unit) =>
        [
          unit,
          [
            ...new Set(
              unit.members.flatMap(({ task }) =>
                task.after.flatMap(({ id }) => unitOf.get(id) ?? []),
              ),
            ),
          ].filter((other) => other !== unit),
        ] as const,
    ),
  );
  const followers = new Map<Unit, number>(units.map((unit) => [unit, 0]));
  for (const earlier of before.values())
    for (const unit of earlier) followers.set(unit, (followers.get(unit) ?? 0) + 1);
  return {
    due,
    tasks,
    byId,
    later,
    longestPathMin,
    units,
    unitOf,
    before,
    followers,
    holds: new Map(units.map((unit) => [unit, holdsOf(unit)])),
    presence: new Map(units.map((unit) => [unit, attendedOf(unit)])),
  };
}

/** A resource that a unit holds, minutes before the unit's end. */
export type UnitHold = {
  readonly need: Resource;
  readonly beganBefore: number;
  readonly endsBefore: number;
};

/** A stretch in which somebody has to be there, minutes before a unit's end. */
export type Attended = Omit<UnitHold, "need">;

function attendedOf({ members }: Unit): readonly Attended[] {
  return members.flatMap(({ task, endsBefore }) =>
    presenceOf(task).map(({ from, to }) => ({
      beganBefore: endsBefore + task.minutes - from,
      endsBefore: endsBefore + task.minutes - to,
    })),
  );
}

function holdsOf({ members }: Unit): readonly UnitHold[] {
  return RESOURCES.flatMap((need) => {
    const stretches = members
      .filter(({ task }) => task.needs.includes(need))
      .map(({ task, endsBefore }) => ({ need, beganBefore: endsBefore + task.minutes, endsBefore }))
      .sort((one, other) => other.beganBefore - one.beganBefore);
    const joined: UnitHold[] = [];
    for (const stretch of stretches) {
      const last = joined.at(-1);
      if (last?.endsBefore === stretch.beganBefore)
        joined[joined.length - 1] = { ...last, endsBefore: stretch.endsBefore };
      else joined.push(stretch);
    }
    return joined;
  });
}
