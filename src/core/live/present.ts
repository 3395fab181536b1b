import { tinsInOven, type Log } from "./log";
import { restOfDay, type Left, type Rest } from "./rest";
import { dueOf, type DayRequest, goingOf, OVENS, type Stretch, type Task } from "../day";

/** A day that is being baked: what was planned, and when each task was to begin. */
export type BegunDay = DayRequest & { readonly plannedFrom: ReadonlyMap<string, number> };

/** Where a task stands. Instants in minutes since 1970. */
export type TaskState =
  /** For what comes before, or only for so long after it. */
  | { readonly is: "waiting"; readonly until: number | null }
  /** All it needs is there since then. */
  | { readonly is: "open"; readonly since: number }
  /** Its clock runs out then; for what goes by looks the next look is then. */
  | { readonly is: "running"; readonly startedAt: number; readonly endsAt: number }
  | { readonly is: "over"; readonly startedAt: number; readonly doneAt: number };

/** The present at the bench. */
export type Present = {
  readonly states: ReadonlyMap<string, TaskState>;
  /**
   * What to do next, when that is at the latest, and whether it is not time yet; null when nothing
   * can be done but wait.
   */
  readonly current: { readonly task: Task; readonly by: number; readonly isEarly: boolean } | null;
  /**
   * Clocks that run, the first to ring first; standing ones count down to when the task may be
   * begun.
   */
  readonly timers: readonly {
    readonly task: Task;
    readonly endsAt: number;
    readonly isStanding: boolean;
  }[];
  /**
   * When something is next to be done or rings, where nothing can be done now; null when nothing
   * comes.
   */
  readonly nextAt: number | null;
  /** When each task that is left is to be done now. */
  readonly rest: ReadonlyMap<string, Stretch>;
  /** Minutes to spare for each cake, below 0 when it is late; null when all of it is done. */
  readonly spareMin: readonly (number | null)[];
  /** When each cake is ready as soon as can be. */
  readonly readyAt: readonly (number | null)[];
  readonly wantedAt: readonly number[];
  /** The step that is next, and how many there are: what goes on by itself is none. */
  readonly step: number;
  readonly steps: number;
};

/** A task may be begun this long before its latest minute without being early. */
const EARLY_MIN = 1;

/**
 * The present, worked out from what was told: what runs, what is next, what is to spare. Clocks run
 * out by themselves; a bake goes on until a look says that it is done.
 * @param now minutes since 1970, with their fraction
 * @param revised what tasks take by a better forecast than the plan's, minutes
 */
export function presentAt(
  day: BegunDay,
  log: Log,
  now: number,
  revised: ReadonlyMap<string, number> = new Map(),
): Present {
  const wantedAt = day.wantedAt.map((planned, cake) => log.wantedAt.get(cake) ?? planned);
  const states = statesOf(day.tasks, log, now, revised);
  const rest = restAt(day, log, states, wantedAt, now, revised);
  const cakes = wantedAt.map((_, cake) =>
    day.tasks.filter((task) => task.cake === cake && rest.soonest.has(task.id)),
  );
  const readyAt = cakes.map((tasks) =>
    tasks.length === 0 ? null : Math.max(...tasks.map(({ id }) => rest.soonest.get(id)?.to ?? 0)),
  );
  const spareMin = readyAt.map((ready, cake) =>
    ready === null ? null : (wantedAt[cake] ?? 0) - ready,
  );
  const isLate = spareMin.some((spare) => spare !== null && spare < 0);
  // With time to spare, what could begin now is put off as long as it may be, and what is begun is
  // gone on with at once.
  const open = day.tasks.filter(({ id }) => states.get(id)?.is === "open");
  const planned = isLate
    ? rest.soonest
    : restAt(
        day,
        log,
        states,
        wantedAt,
        now,
        revised,
        new Map(open.map(({ id }) => [id, rest.latest.get(id)?.from ?? now])),
      ).soonest;
  const timers = day.tasks
    .flatMap((task) => {
      const state = states.get(task.id);
      if (state?.is === "running") return [{ task, endsAt: state.endsAt, isStanding: false }];
      return state?.is === "waiting" && state.until !== null
        ? [{ task, endsAt: state.until, isStanding: true }]
        : [];
    })
    .sort((one, other) => one.endsAt - other.endsAt);
  const steps = day.tasks.filter((task) => goingOf(task) !== "by-itself");
  return {
    states,
    timers,
    rest: planned,
    spareMin,
    readyAt,
    wantedAt,
    current: currentOf(day.tasks, states, planned, now),
    nextAt: nextAt(day.tasks, states, planned, timers, now),
    step: Math.min(
      steps.length,
      steps.filter(({ id }) => {
        const state = states.get(id);
        return state?.is === "over" || (state?.is === "running" && state.endsAt > now);
      }).length + 1,
    ),
    steps: steps.length,
  };
}

/** What is to be done: a look that is due before all, then what has to be begun soonest. */
function currentOf(
  tasks: readonly Task[],
  states: Present["states"],
  planned: ReadonlyMap<string, Stretch>,
  now: number,
): Present["current"] {
  const look = tasks.find((task) => {
    const state = states.get(task.id);
    return goingOf(task) === "by-looks" && state?.is === "running" && state.endsAt <= now;
  });
  if (look !== undefined) return { task: look, by: now, isEarly: false };
  const open = tasks
    .filter(({ id }) => states.get(id)?.is === "open")
    .map((task) => {
      const by = planned.get(task.id)?.from ?? now;
      // What has to follow something in a window is not put off to its end.
      return {
        task,
        by,
        isEarly: by > now + EARLY_MIN && task.after.every(({ mostMin }) => mostMin === null),
      };
      // An oven is not warmed for nothing.
    })
    .filter(({ task, isEarly }) => !isEarly || task.doing.do !== "warm-up");
  // A clock that is due is started before hands go on: that takes a moment.
  const rank = ({ task, isEarly }: (typeof open)[number]): number =>
    !isEarly && goingOf(task) === "by-clock" ? 0 : 1;
  const [next] = open.sort((one, other) => rank(one) - rank(other) || one.by - other.by);
  return next ?? null;
}

/**
 * The oven that has to be put on before a step is done ahead of its time, and how long the batter
 * would have to wait for it otherwise, minutes; null where it is warm in time.
 * @param task a step that leads to full tins
 */
export function ovenFirst(
  day: Pick<BegunDay, "tasks">,
  states: Present["states"],
  task: Task,
): { readonly warmUp: Task; readonly waitsMin: number; readonly mayWaitMin: number } | null {
  const own = day.tasks.filter(({ cake }) => cake === task.cake);
  const load = own.find(({ doing }) => doing.do === "bake" && doing.load === 1);
  const warmUp = own.find(
    ({ id, doing }) =>
      doing.do === "warm-up" && load?.after.some((link) => link.id === id) === true,
  );
  const full = load?.after.find(
    ({ id, mostMin }) =>
      mostMin !== null && own.some((each) => each.id === id && each.doing.do === "fill"),
  );
  if (
    load === undefined ||
    warmUp === undefined ||
    full?.mostMin == null ||
    states.get(warmUp.id)?.is !== "open"
  )
    return null;
  const untilFull = minutesTo(own, task, full.id, states);
  const waitsMin = untilFull === null ? 0 : warmUp.minutes - untilFull;
  return waitsMin > full.mostMin ? { warmUp, waitsMin, mayWaitMin: full.mostMin } : null;
}

/**
 * Minutes from the start of a task to the end of a later one, by what leads from one to the other;
 * null where nothing does.
 */
function minutesTo(
  tasks: readonly Task[],
  from: Task,
  to: string,
  states: Present["states"],
): number | null {
  const known = new Map<string, number | null>();
  const way = (id: string): number | null => {
    const seen = known.get(id);
    if (seen !== undefined) return seen;
    known.set(id, null);
    const task = tasks.find((each) => each.id === id);
    if (task === undefined || states.get(id)?.is === "over") return null;
    const before = task.after.flatMap((link) => {
      const minutes = way(link.id);
      return minutes === null ? [] : [minutes];
    });
    const own = task.id === from.id ? 0 : before.length === 0 ? null : Math.max(...before);
    const all = own === null ? null : own + task.minutes;
    known.set(id, all);
    return all;
  };
  return way(to);
}

/** The next clock to run out, or the latest minute at which what may wait has to be begun. */
function nextAt(
  tasks: readonly Task[],
  states: Present["states"],
  planned: ReadonlyMap<string, Stretch>,
  timers: Present["timers"],
  now: number,
): number | null {
  const begins = tasks.flatMap(({ id }) =>
    states.get(id)?.is === "open" ? [(planned.get(id)?.from ?? now) - EARLY_MIN] : [],
  );
  const next = Math.min(
    ...[...timers.map(({ endsAt }) => endsAt), ...begins].filter((at) => at > now),
  );
  return Number.isFinite(next) ? next : null;
}

/** What a task takes now: as told, or by a better forecast where nothing was. */
const takes = (task: Task, log: Log, revised: ReadonlyMap<string, number>): number => {
  const told = log.tasks.get(task.id)?.minutes ?? task.minutes;
  return told === task.minutes ? (revised.get(task.id) ?? told) : told;
};

function statesOf(
  tasks: readonly Task[],
  log: Log,
  now: number,
  revised: ReadonlyMap<string, number>,
): Map<string, TaskState> {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const states = new Map<string, TaskState>();
  const running = (startedAt: number, endsAt: number): TaskState =>
    endsAt <= now
      ? { is: "over", startedAt, doneAt: endsAt }
      : { is: "running", startedAt, endsAt };
  const stateOf = (task: Task): TaskState => {
    const known = states.get(task.id);
    if (known !== undefined) return known;
    const state = worked(task);
    states.set(task.id, state);
    return state;
  };
  const worked = (task: Task): TaskState => {
    const told = log.tasks.get(task.id);
    const before = task.after.map(({ id, leastMin }) => {
      const earlier = byId.get(id);
      const state = earlier === undefined ? null : stateOf(earlier);
      return state === null ? -Infinity : state.is === "over" ? state.doneAt + leastMin : Infinity;
    });
    const since = Math.max(-Infinity, ...before);
    if (told !== undefined && told.doneAt !== null) {
      // Hands that were free before it could begin did not begin before.
      const begun = Math.max(told.startedAt ?? -Infinity, since);
      return {
        is: "over",
        startedAt: Number.isFinite(begun) ? Math.min(begun, told.doneAt) : told.doneAt,
        doneAt: told.doneAt,
      };
    }
    const going = goingOf(task);
    if (going === "by-clock" && told !== undefined && told.startedAt !== null)
      return running(told.startedAt, told.ringsAt ?? told.startedAt + takes(task, log, revised));
    if (since > now) return { is: "waiting", until: Number.isFinite(since) ? since : null };
    if (going === "by-itself")
      return running(since, told?.ringsAt ?? since + takes(task, log, revised));
    if (going !== "by-looks") return { is: "open", since };
    const [first] = tinsInOven(log.looks, task.id, told?.tins ?? 1);
    return { is: "running", startedAt: since, endsAt: told?.ringsAt ?? first?.nextAt ?? since };
  };
  for (const task of tasks) stateOf(task);
  for (const task of OVENS.flatMap((oven) => ovenTaken(oven, tasks, states)))
    states.set(task.id, { is: "waiting", until: null });
  return states;
}

/**
 * What could go on but for its oven: one load at a time, and what was warmed up for one cake is not
 * given to another.
 */
function ovenTaken(
  oven: (typeof OVENS)[number],
  tasks: readonly Task[],
  states: Present["states"],
): readonly Task[] {
  const ovens = tasks.filter(({ needs }) => needs.includes(oven));
  const is = ({ id }: Task): TaskState["is"] | undefined => states.get(id)?.is;
  return ovens.filter(
    (task) =>
      is(task) === "open" &&
      ovens.some((other) => {
        if (other === task || task.after.some(({ id }) => id === other.id)) return false;
        return (
          is(other) === "running" ||
          (is(other) === "over" &&
            ovens.some(
              (next) =>
                next !== task &&
                is(next) !== "over" &&
                next.after.some(({ id, mostMin }) => id === other.id && mostMin !== null),
            ))
        );
      }),
  );
}

function restAt(
  day: BegunDay,
  log: Log,
  states: Present["states"],
  wantedAt: readonly number[],
  now: number,
  revised: ReadonlyMap<string, number>,
  notBefore?: ReadonlyMap<string, number>,
): Rest {
  const endedAt = new Map<string, number>();
  const left: Left[] = [];
  let isHandsBusy = false;
  for (const task of day.tasks.toSorted(
    (one, other) => (day.plannedFrom.get(one.id) ?? 0) - (day.plannedFrom.get(other.id) ?? 0),
  )) {
    const state = states.get(task.id);
    if (state?.is === "over") {
      endedAt.set(task.id, state.doneAt);
      continue;
    }
    const minutes = takes(task, log, revised);
    if (state?.is === "running") {
      left.push({
        task,
        begunAt: state.startedAt,
        minutes: Math.max(
          goingOf(task) === "by-looks" ? minutes : 0,
          state.endsAt - state.startedAt,
          now - state.startedAt,
        ),
      });
      continue;
    }
    // What hands can do first, they have been at since they did the last.
    const isAtHand =
      state?.is === "open" && goingOf(task) === "by-hand" && !isHandsBusy && log.handsAt !== null;
    if (isAtHand) isHandsBusy = true;
    const since = isAtHand ? Math.max(state.since, log.handsAt) : now;
    left.push({
      task,
      begunAt: null,
      minutes: Math.max(0, minutes - Math.min(minutes, Math.max(0, now - since))),
    });
  }
  return restOfDay({
    left,
    endedAt,
    now,
    ...(notBefore === undefined ? {} : { notBefore }),
    away: day.away ?? [],
    due: dueOf({ ...day, wantedAt }),
  });
}
