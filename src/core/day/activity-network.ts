import {
  boundTogether,
  presenceOf,
  RESOURCES,
  type Bound,
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

/** A follower of a unit: between which minutes before its end the unit has to end. */
export type UnitLink = {
  /** Its place among the units. */
  readonly to: number;
  /** The unit ends so many minutes before it at least; less than none where they may overlap. */
  readonly leastBefore: number;
  /** And so many at most; infinite where nothing says. */
  readonly mostBefore: number;
};

/** Tasks bound to each other to the minute, with all that tells where they may stand together. */
export type BoundUnit = Bound & {
  /** From the beginning of its first task to its end, minutes. */
  readonly spanMin: number;
  /** From the earliest that the day can begin, by links alone, to its end, minutes. */
  readonly pathMin: number;
  /** What it holds; what follows on at once is one stretch. */
  readonly holds: readonly UnitHold[];
  /** When somebody has to be there for it. */
  readonly presence: readonly Attended[];
  /** The places of those that come right before it. */
  readonly before: readonly number[];
  readonly links: readonly UnitLink[];
};

/** The activity network: a day's tasks, and all that follows from their links alone. */
export type ActivityNetwork = {
  readonly due: (task: Task) => number;
  readonly tasks: readonly Task[];
  /** Links out of each task: the tasks that come after it. */
  readonly later: ReadonlyMap<string, readonly (TaskLink & { readonly to: Task })[]>;
  readonly units: readonly BoundUnit[];
  /** The minute each unit has to be over by, for its own sake. */
  readonly dueEnds: readonly number[];
  /** To how many others each unit comes before, and those that come before none. */
  readonly followers: readonly number[];
  readonly lastOnes: readonly number[];
  /** Whether no unit's own links contradict each other. */
  readonly isPossible: boolean;
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
  const bound = boundTogether(tasks);
  const placeOf = new Map(
    bound.flatMap(({ members }, place) => members.map(({ task }) => [task.id, place] as const)),
  );
  const links = bound.map((unit, place) => linksOf(unit, place, bound, placeOf, later));
  const before = bound.map((): number[] => []);
  for (const [place, out] of links.entries()) for (const { to } of out) before[to]?.push(place);
  return {
    due,
    tasks,
    later,
    longestPathMin,
    units: bound.map(({ id, members }, place): BoundUnit => ({
      id,
      members,
      spanMin: Math.max(...members.map(({ task, endsBefore }) => endsBefore + task.minutes)),
      pathMin: Math.max(
        ...members.map(({ task, endsBefore }) => endsBefore + (longestPathMin.get(task.id) ?? 0)),
      ),
      holds: RESOURCES.flatMap((need) => holdsOf(members, need)),
      presence: attendedOf(members),
      before: before[place] ?? [],
      links: links[place] ?? [],
    })),
    dueEnds: bound.map(({ members }) =>
      Math.min(...members.map(({ task, endsBefore }) => due(task) + endsBefore)),
    ),
    followers: links.map(({ length }) => length),
    lastOnes: links.flatMap((out, place) => (out.length === 0 ? [place] : [])),
    isPossible: bound.every(agreesWithItself),
  };
}

/** The links out of a unit to the others, one to each. */
function linksOf(
  { members }: Bound,
  place: number,
  units: readonly Bound[],
  placeOf: ReadonlyMap<string, number>,
  later: ActivityNetwork["later"],
): readonly UnitLink[] {
  const found = new Map<number, UnitLink>();
  for (const { task, endsBefore } of members)
    for (const { to, leastMin, mostMin } of later.get(task.id) ?? []) {
      const other = placeOf.get(to.id);
      const its = other === undefined ? undefined : endsBeforeIn(units[other], to.id);
      if (other === undefined || other === place || its === undefined) continue;
      const between = its + to.minutes - endsBefore;
      const known = found.get(other);
      found.set(other, {
        to: other,
        leastBefore: Math.max(known?.leastBefore ?? -Infinity, between + leastMin),
        mostBefore: Math.min(known?.mostBefore ?? Infinity, between + (mostMin ?? Infinity)),
      });
    }
  return [...found.values()];
}

const endsBeforeIn = (unit: Bound | undefined, id: string): number | undefined =>
  unit?.members.find(({ task }) => task.id === id)?.endsBefore;

/** Whether the links between a unit's own tasks can all be kept where they stand in it. */
const agreesWithItself = (unit: Bound): boolean =>
  unit.members.every(({ task, endsBefore }) =>
    task.after.every(({ id, leastMin, mostMin }) => {
      const its = endsBeforeIn(unit, id);
      if (its === undefined) return true;
      const lag = its - endsBefore - task.minutes;
      return lag >= leastMin && (mostMin === null || lag <= mostMin);
    }),
  );

/** A resource that a unit holds, minutes before the unit's end. */
export type UnitHold = {
  readonly need: Resource;
  readonly beganBefore: number;
  readonly endsBefore: number;
};

/** A stretch in which somebody has to be there, minutes before a unit's end. */
export type Attended = Omit<UnitHold, "need">;

const attendedOf = (members: Bound["members"]): readonly Attended[] =>
  members.flatMap(({ task, endsBefore }) =>
    presenceOf(task).map(({ from, to }) => ({
      beganBefore: endsBefore + task.minutes - from,
      endsBefore: endsBefore + task.minutes - to,
    })),
  );

function holdsOf(members: Bound["members"], need: Resource): readonly UnitHold[] {
  const joined: UnitHold[] = [];
  const stretches = members
    .filter(({ task }) => task.needs.includes(need))
    .map(({ task, endsBefore }) => ({ need, beganBefore: endsBefore + task.minutes, endsBefore }))
    .sort((one, other) => other.beganBefore - one.beganBefore);
  for (const stretch of stretches) {
    const last = joined.at(-1);
    if (last?.endsBefore === stretch.beganBefore)
      joined[joined.length - 1] = { ...last, endsBefore: stretch.endsBefore };
    else joined.push(stretch);
  }
  return joined;
}
