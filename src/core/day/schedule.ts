import { randomLcg } from "d3-random";
import { floatsOf, type Float } from "./float";
import { dueOf, activityNetwork, type DayRequest, type ActivityNetwork } from "./activity-network";
import { budgetOfRepairs, serialSchedule } from "./serial-schedule";
import { RESOURCES, type Stretch, type Task } from "./task";

/** A task in its place, and how far it can move while all others stand. */
export type PlacedTask = Stretch & Float & { readonly id: string };

export type Schedule = {
  /** In the order they begin. */
  readonly placed: readonly PlacedTask[];
  readonly startsAt: number;
  readonly endsAt: number;
  /** The tasks that leave no minute between the start and the end. */
  readonly critical: readonly string[];
  /**
   * The optimality gap, minutes: by so much a better order could at most shorten the day; 0 when it
   * is as short as can be.
   */
  readonly gapMin: number;
};

/** Orders tried besides the first, fewer of long days: more find little. */
const MOST_TRIES = 60;
const TRIED_TASKS = 1500;
/** So few pieces are tried in every order: that is exact where nothing has to follow closely. */
const MOST_EXACT = 6;
/** The golden ratio's share of 32 bits. */
const SPREAD_OF_SEEDS = 2_654_435_761;
/** More than the way through any cake, minutes: what makes all of one cake come before another. */
const ONE_CAKE = 1e6;

/**
 * A day worked backwards from when the cakes are wanted: each task as late as it may be, nothing
 * twice in one hand, mixer or oven, and the first start as late as can be found: serial schedule
 * generation with the longest path as priority, then with seeded changes to it; the same tasks
 * always give the same day.
 * @returns null when some task finds no place before or between what the baker is away for
 * @throws RangeError for a link to a task that is not there, a circle of links, or a task of no
 * whole minutes
 */
export function scheduleDay(request: DayRequest): Schedule | null {
  const { tasks, away = [] } = request;
  const network = activityNetwork(tasks, dueOf(request));
  let best: Map<string, Stretch> | null = null;
  const first = (placed: ReadonlyMap<string, Stretch>): number =>
    Math.min(...[...placed.values()].map(({ from }) => from));
  // Seeds near each other begin alike: they are spread over the generator's range first.
  const chance = randomLcg((tasks.length * SPREAD_OF_SEEDS) % 2 ** 32);
  const budget = budgetOfRepairs();
  const tries = Math.min(MOST_TRIES, Math.ceil(TRIED_TASKS / Math.max(1, tasks.length)));
  const cakes = new Set(tasks.map(({ cake }) => cake)).size;
  const orders = network.units.length <= MOST_EXACT ? permutations(network.units.length) : null;
  for (let round = 0; round <= (orders === null ? tries : orders.length); round += 1) {
    const order = orders?.[round - 1];
    const priorityOf = ({ id, cake }: Task): number => {
      const path = network.longestPathMin.get(id) ?? 0;
      if (round === 0) return path;
      // One cake after the other always has a place where each alone has one.
      if (cakes > 1 && round <= cakes) return path + ((cake + round) % cakes) * ONE_CAKE;
      // Every other try goes by the path before a task, the others by chance alone.
      return round % 2 === 0 ? chance() : path * (0.6 + 0.8 * chance());
    };
    const priority =
      order === undefined
        ? new Map(tasks.map((task) => [task.id, priorityOf(task)]))
        : new Map(
            network.units.flatMap(({ members }, index) =>
              members.map(({ task }) => [task.id, order[index] ?? 0] as const),
            ),
          );
    const placed = serialSchedule(
      network,
      priority,
      away,
      budget,
      best === null ? -Infinity : first(best),
    );
    if (placed !== null) best = placed;
    if (budget.repairs <= 0 || (best !== null && optimalityGap(network, best) === 0)) break;
  }
  if (best === null) return null;
  return finished(network, best, away);
}

/**
 * The task that finds no place when a day can't be done, by the first order tried; null when it
 * can.
 */
export function whyNoDay(request: DayRequest): string | null {
  const network = activityNetwork(request.tasks, dueOf(request));
  const budget = budgetOfRepairs();
  return serialSchedule(network, network.longestPathMin, request.away ?? [], budget, -Infinity) ===
    null
    ? budget.stuck
    : null;
}

function finished(
  network: ActivityNetwork,
  placed: ReadonlyMap<string, Stretch>,
  away: readonly Stretch[],
): Schedule {
  const floats = floatsOf(network, placed, away);
  const all = network.tasks.flatMap(({ id }): readonly PlacedTask[] => {
    const [stands, float] = [placed.get(id), floats.get(id)];
    return stands === undefined || float === undefined ? [] : [{ id, ...stands, ...float }];
  });
  const startsAt = Math.min(...all.map(({ from }) => from));
  const endsAt = Math.max(...all.map(({ to }) => to));
  return {
    placed: all.toSorted(
      (one, other) => one.from - other.from || one.to - other.to || one.id.localeCompare(other.id),
    ),
    startsAt,
    endsAt,
    critical: criticalOf(network, placed, startsAt),
    gapMin: optimalityGap(network, placed),
  };
}

/**
 * The same day with tasks where the baker has put them, as far as they may stand there; `left` are
 * those that may not any more.
 */
export function movedDay(
  request: DayRequest,
  schedule: Schedule,
  froms: ReadonlyMap<string, number>,
): { readonly schedule: Schedule; readonly left: readonly string[] } {
  const network = activityNetwork(request.tasks, dueOf(request));
  let now = schedule;
  const left: string[] = [];
  for (const [id, from] of froms) {
    const own = now.placed.find((each) => each.id === id);
    const by = own === undefined ? null : from - own.from;
    if (own === undefined || by === null || by < -own.earlierBy || by > own.laterBy) {
      left.push(id);
      continue;
    }
    if (by === 0) continue;
    const along = new Set([id, ...own.along]);
    const placed = new Map(
      now.placed.map(
        (each) =>
          [
            each.id,
            {
              from: each.from + (along.has(each.id) ? by : 0),
              to: each.to + (along.has(each.id) ? by : 0),
            },
          ] as const,
      ),
    );
    now = finished(network, placed, request.away ?? []);
  }
  return { schedule: now, left };
}

/**
 * The tasks from the first start on of which each begins where one before it, by link or by what
 * both need, lets it.
 */
function criticalOf(
  network: ActivityNetwork,
  placed: ReadonlyMap<string, Stretch>,
  startsAt: number,
): readonly string[] {
  const inTime = network.tasks
    .flatMap((task) => {
      const stands = placed.get(task.id);
      return stands === undefined ? [] : [{ task, ...stands }];
    })
    .sort((one, other) => one.from - other.from || one.to - other.to);
  const reached: (typeof inTime)[number][] = [];
  for (const own of inTime) {
    const isHeld =
      own.from === startsAt ||
      reached.some((other) => {
        const link = own.task.after.find(({ id }) => id === other.task.id);
        return (
          (link !== undefined && other.to + link.leastMin === own.from) ||
          (other.to === own.from && other.task.needs.some((need) => own.task.needs.includes(need)))
        );
      });
    if (isHeld) reached.push(own);
  }
  return reached.map(({ task }) => task.id);
}

/**
 * Minutes between a day and a bound no order can beat: the longest path, and all that each resource
 * has to do, before the last end.
 */
function optimalityGap(
  { tasks, longestPathMin, due }: ActivityNetwork,
  placed: ReadonlyMap<string, Stretch>,
): number {
  const startsAt = Math.min(...[...placed.values()].map(({ from }) => from));
  const last = Math.max(...tasks.map(due));
  const chains = tasks.map((task) => due(task) - (longestPathMin.get(task.id) ?? 0));
  const loads = RESOURCES.map(
    (need) =>
      last -
      tasks
        .filter(({ needs }) => needs.includes(need))
        .reduce((sum, { minutes }) => sum + minutes, 0),
  );
  return Math.max(0, Math.min(...chains, ...loads) - startsAt);
}

/** Every order of so many. */
function permutations(count: number): readonly (readonly number[])[] {
  if (count === 0) return [[]];
  return permutations(count - 1).flatMap((rest) =>
    Array.from({ length: count }, (_, place) => [
      ...rest.slice(0, place),
      count - 1,
      ...rest.slice(place),
    ]),
  );
}
