import { clockMinutes, localMinute } from "./nights";
import { goingOf, OVENS, type Task } from "./task";
import { idInDay } from "./task-list";
import { movedDay, scheduleDay, whyNoDay, type Schedule } from "./schedule";
import { tasksOf } from "./tasks";
import { usesOfBowl, type DayCake } from "./day-cake";
import type { DayRequest } from "./activity-network";
import { readDay, USUAL_HOURS, type DayBoxes, type ReadDay } from "./day-boxes";

/** A cake of a day: what it takes, and when it is wanted. */
export type CakeOfDay = {
  readonly cake: DayCake;
  readonly boxes: DayBoxes;
  readonly read: ReadDay;
  /** The oven it is baked in; without one, it takes its turn in the first that any cake names. */
  readonly oven?: { readonly id: string; readonly name: string } | null;
};

/** A day of one or more cakes; without a schedule when it can't be done. */
export type DayPlan = {
  readonly request: DayRequest;
  readonly schedule: Schedule | null;
  /** Tasks the baker had moved that may not stand there any more, by id. */
  readonly left: readonly string[];
};

/** The day of cakes: tasks, schedule, and what the baker has moved in it, in one kitchen. */
export function dayPlan(cakes: readonly CakeOfDay[]): DayPlan {
  const request = requestOf(cakes);
  const schedule = request.tasks.length === 0 ? null : scheduleDay(request);
  const froms = cakes.flatMap(({ boxes, read }, index) =>
    Object.entries(boxes.moved).map(
      ([name, beforeMin]) => [idInDay(index, name), read.wantedAt - beforeMin] as const,
    ),
  );
  if (schedule === null) return { request, schedule, left: [] };
  return { request, ...movedDay(request, schedule, new Map(froms)) };
}

function requestOf(cakes: readonly CakeOfDay[]): DayRequest {
  const isBowlShared = cakes.filter(({ cake }) => usesOfBowl(cake) > 0).length > 1;
  const tasks = cakes
    .flatMap(({ cake }, index) => tasksOf(cake, index, isBowlShared))
    .map(inItsOven(cakes));
  const endBy = new Map(
    tasks.flatMap((task) => {
      const own = cakes[task.cake];
      return own !== undefined && isForEvening(task, own.boxes.split)
        ? [[task.id, own.read.eveningBefore] as const]
        : [];
    }),
  );
  // Whoever bakes them all is away when any of them says so.
  return {
    tasks,
    wantedAt: cakes.map(({ read }) => read.wantedAt),
    away: cakes.flatMap(({ read }) => read.away),
    endBy,
  };
}

/** Tasks in the oven their cake is planned for, where a day's cakes name more than one. */
function inItsOven(cakes: readonly CakeOfDay[]): (task: Task) => Task {
  const ids = [...new Set(cakes.flatMap(({ oven }) => oven?.id ?? []))];
  return (task) => {
    if (ids.length < 2) return task;
    const oven = cakes[task.cake]?.oven;
    const at = Math.max(0, ids.indexOf(oven?.id ?? ""));
    const own = OVENS[Math.min(at, OVENS.length - 1)] ?? "oven";
    return {
      ...task,
      needs: task.needs.map((need) => (need === "oven" ? own : need)),
      doing: task.doing.do === "warm-up" ? { ...task.doing, in: oven?.name } : task.doing,
    };
  };
}

/**
 * Whether a task has to be over the evening before. What cools may cool overnight; fruit and piping
 * wait for the day.
 */
function isForEvening(task: Task, split: DayBoxes["split"]): boolean {
  if (split === "one-go" || goingOf(task) === "by-itself") return false;
  return split === "finished-before"
    ? task.doing.do !== "decorate"
    : task.station !== "build" && task.station !== "finish";
}

/**
 * One change that makes an impossible day possible, and no smaller one of its kind does, with what
 * then stands in the boxes of the first cake.
 */
export type WayOut =
  | {
      readonly change: "wanted-later" | "begin-earlier" | "end-later";
      readonly byMin: number;
      readonly boxes: Partial<DayBoxes>;
    }
  | { readonly change: "stay-in" | "one-go"; readonly boxes: Partial<DayBoxes> };

/** Changes are offered in quarters of an hour. */
const STEP_MIN = 15;
/** Furthest that is tried, steps of a quarter of an hour: twelve hours. */
const MOST_STEPS = 48;

/**
 * Why a day can't be done, by the first task without a place, and the least changes that would make
 * it possible. Tens of milliseconds a change.
 */
export function waysOut(cakes: readonly CakeOfDay[]): {
  readonly stuck: Task | null;
  readonly ways: readonly WayOut[];
} {
  const request = requestOf(cakes);
  const stuck = whyNoDay(request);
  const can = (change: (own: CakeOfDay) => Partial<DayBoxes>): boolean => {
    const changed = cakes.flatMap((own): readonly CakeOfDay[] => {
      const boxes = { ...own.boxes, ...change(own) };
      const read = readDay(boxes);
      return read.ok && read.value !== null ? [{ cake: own.cake, boxes, read: read.value }] : [];
    });
    return changed.length === cakes.length && scheduleDay(requestOf(changed)) !== null;
  };
  // A day has no hours before midnight or after it.
  const clock = (text: string, byMin: number): string => {
    const to = Math.min(1440, Math.max(0, (clockMinutes(text) ?? 0) + byMin));
    return `${Math.floor(to / 60)}:${String(to % 60).padStart(2, "0")}`;
  };
  const moved = {
    "begin-earlier": ({ boxes: { from } }: CakeOfDay, byMin: number): Partial<DayBoxes> => ({
      from: clock(from === "" ? USUAL_HOURS.from : from, -byMin),
    }),
    "end-later": ({ boxes: { to } }: CakeOfDay, byMin: number): Partial<DayBoxes> => ({
      to: clock(to === "" ? USUAL_HOURS.to : to, byMin),
    }),
    "wanted-later": ({ read: { wantedAt } }: CakeOfDay, byMin: number): Partial<DayBoxes> => ({
      wantedAt: localMinute(wantedAt + byMin),
    }),
  } as const;
  const [first] = cakes;
  const simple = (change: "stay-in" | "one-go", boxes: Partial<DayBoxes>): readonly WayOut[] =>
    can(() => boxes) ? [{ change, boxes }] : [];
  const least = (change: keyof typeof moved): readonly WayOut[] => {
    const steps = leastSteps((step) => can((own) => moved[change](own, step * STEP_MIN)));
    return steps === null || first === undefined
      ? []
      : [{ change, byMin: steps * STEP_MIN, boxes: moved[change](first, steps * STEP_MIN) }];
  };
  const ways = [
    ...(cakes.some(({ boxes }) => boxes.outFrom !== "")
      ? simple("stay-in", { outFrom: "", outTo: "" })
      : []),
    ...(cakes.some(({ boxes }) => boxes.split !== "one-go")
      ? simple("one-go", { split: "one-go" })
      : []),
    ...least("begin-earlier"),
    ...least("end-later"),
    ...least("wanted-later"),
  ];
  return { stuck: request.tasks.find(({ id }) => id === stuck) ?? null, ways };
}

/**
 * The least number of steps that is enough, up to the most: doubled until it is, then halved in
 * between; null when it never is.
 */
function leastSteps(isEnough: (steps: number) => boolean): number | null {
  let [below, enough] = [0, 1];
  while (!isEnough(enough)) {
    if (enough >= MOST_STEPS) return null;
    below = enough;
    enough = Math.min(MOST_STEPS, enough * 2);
  }
  while (enough - below > 1) {
    const middle = Math.floor((below + enough) / 2);
    if (isEnough(middle)) enough = middle;
    else below = middle;
  }
  return enough;
}
