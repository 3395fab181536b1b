import { presenceOf, RESOURCES, type TaskLink, type Stretch, type Task } from "../day";

/** A task that is not over: pinned when it has begun already. Minutes, with their fractions. */
export type Left = {
  readonly task: Task;
  readonly minutes: number;
  readonly begunAt: number | null;
};

export type RestRequest = {
  /** In the order they were planned to begin. */
  readonly left: readonly Left[];
  /** When those that are over ended, by id. */
  readonly endedAt: ReadonlyMap<string, number>;
  readonly now: number;
  /** What is not to begin before some minute, by id. */
  readonly notBefore?: ReadonlyMap<string, number>;
  readonly away: readonly Stretch[];
  readonly due: (task: Task) => number;
};

/** What is left of a day: each task as soon as it can be, and as late as it may be, by id. */
export type Rest = {
  readonly soonest: ReadonlyMap<string, Stretch>;
  readonly latest: ReadonlyMap<string, Stretch>;
};

/**
 * A net of links settles long before; more rounds than this mean that closely bound tasks have no
 * place together.
 */
const MOST_ROUNDS = 60;

/**
 * What is left of a day, pushed along by what happened: hands, mixer and oven go on in the order
 * they were planned in, links are kept, nobody works while away. By the longest way through the
 * net, from now on for the soonest, from the end back for the latest; a greatest lag pulls what
 * comes before it along, unless that has begun.
 */
export function restOfDay({ left, endedAt, now, notBefore, away, due }: RestRequest): Rest {
  const links = linksOf(left, endedAt);
  const gone = (each: Left): readonly Stretch[] => (each.begunAt === null ? away : []);
  const soonest = new Map<string, number>(
    left.map(({ task, begunAt }) => [
      task.id,
      begunAt ?? Math.max(now, notBefore?.get(task.id) ?? now),
    ]),
  );
  const minutes = new Map(
    left.map((each) => [
      each.task.id,
      each.begunAt === null ? each.minutes : Math.max(each.minutes, now - each.begunAt),
    ]),
  );
  const at = (of: ReadonlyMap<string, number>, id: string): number => of.get(id) ?? 0;
  settled(() => {
    let isMoved = false;
    for (const each of left) {
      if (each.begunAt !== null) continue;
      const { id } = each.task;
      let from = Math.max(
        at(soonest, id),
        ...each.task.after.map((link) => (endedAt.get(link.id) ?? -Infinity) + link.leastMin),
      );
      for (const { from: before, to, leastMin, mostMin } of links) {
        if (to === id) from = Math.max(from, at(soonest, before) + at(minutes, before) + leastMin);
        if (before === id && mostMin !== null)
          from = Math.max(from, at(soonest, to) - mostMin - at(minutes, id));
      }
      for (
        let later = movedPast(each, gone(each), from, "later");
        later !== null;
        later = movedPast(each, gone(each), from, "later")
      )
        from = later;
      if (from > at(soonest, id)) {
        soonest.set(id, from);
        isMoved = true;
      }
    }
    return isMoved;
  });
  // What has to follow closely what is over is due by then, or at once.
  const follows = ({ task }: Left): number =>
    Math.min(
      Infinity,
      ...task.after.map(({ id, mostMin }) => {
        const ended = endedAt.get(id);
        return ended === undefined || mostMin === null ? Infinity : Math.max(now, ended + mostMin);
      }),
    );
  const latest = new Map<string, number>(
    left.map((each) => [
      each.task.id,
      Math.min(due(each.task), follows(each) + at(minutes, each.task.id)),
    ]),
  );
  settled(() => {
    let isMoved = false;
    for (const each of left.toReversed()) {
      const { id } = each.task;
      let to = at(latest, id);
      for (const { from: before, to: after, leastMin, mostMin } of links) {
        if (before === id) to = Math.min(to, at(latest, after) - at(minutes, after) - leastMin);
        if (after === id && mostMin !== null)
          to = Math.min(to, at(latest, before) + mostMin + at(minutes, id));
      }
      for (
        let earlier = movedPast(each, gone(each), to - each.minutes, "earlier");
        earlier !== null;
        earlier = movedPast(each, gone(each), to - each.minutes, "earlier")
      )
        to = earlier + each.minutes;
      if (to < at(latest, id)) {
        latest.set(id, to);
        isMoved = true;
      }
    }
    return isMoved;
  });
  return {
    soonest: new Map(
      left.map(({ task: { id } }) => [
        id,
        { from: at(soonest, id), to: at(soonest, id) + at(minutes, id) },
      ]),
    ),
    latest: new Map(
      left.map(({ task: { id } }) => [
        id,
        { from: at(latest, id) - at(minutes, id), to: at(latest, id) },
      ]),
    ),
  };
}

type Arc = Omit<TaskLink, "id"> & { readonly from: string; readonly to: string };

/**
 * Links between tasks that are left, and from each to the next that needs the same hands, mixer or
 * oven.
 */
function linksOf(left: readonly Left[], endedAt: ReadonlyMap<string, number>): readonly Arc[] {
  const begun = new Set(left.flatMap(({ task, begunAt }) => (begunAt === null ? [] : [task.id])));
  const own = left.flatMap(({ task }) =>
    task.after.flatMap(({ id, leastMin, mostMin }): readonly Arc[] =>
      // What has begun can't be pulled along any more.
      endedAt.has(id)
        ? []
        : [{ from: id, to: task.id, leastMin, mostMin: begun.has(id) ? null : mostMin }],
    ),
  );
  const turns = RESOURCES.flatMap((need) => {
    const inTurn = left
      .filter(({ task }) => task.needs.includes(need))
      .sort((one, other) => Number(one.begunAt === null) - Number(other.begunAt === null));
    return inTurn.slice(1).map(({ task }, index): Arc => ({
      from: inTurn[index]?.task.id ?? "",
      to: task.id,
      leastMin: 0,
      mostMin: null,
    }));
  });
  return [...own, ...turns];
}

/**
 * When a task that would begin then begins instead, so that somebody is there whenever that is
 * needed; null when somebody is.
 */
function movedPast(
  { task, minutes }: Left,
  away: readonly Stretch[],
  from: number,
  way: "later" | "earlier",
): number | null {
  for (const part of presenceOf({ ...task, minutes })) {
    const gone = away.find((each) => each.from < from + part.to && each.to > from + part.from);
    if (gone === undefined) continue;
    const moved = way === "later" ? gone.to - part.from : gone.from - part.to;
    if (Number.isFinite(moved)) return moved;
  }
  return null;
}

function settled(round: () => boolean): void {
  for (let rounds = 0; rounds < MOST_ROUNDS && round(); rounds += 1);
}
