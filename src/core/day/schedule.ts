import { randomLcg } from "d3-random";
import { floatsOf, type Float } from "./float";
import { dueOf, activityNetwork, type DayRequest, type ActivityNetwork } from "./activity-network";
import { serialSchedule, type Passes } from "./serial-schedule";
import { RESOURCES, type Stretch } from "./task";

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

/**
 * How often a day's units are placed at most: less often those of long days, where each time takes
 * longer. While none is found at all it goes on longer. Judgements, as are those below: twice as
 * often, days of 125 tasks began some three minutes later.
 */
const MOST_PASSES = 320;
const PASSED_UNITS = 12_000;
const PASSES_FOR_ANY = 240;
/** How often one order is placed anew where a unit finds no place: the first ones, and the others. */
const REPAIRS_OF_FIRST = 24;
const REPAIRS_OF_OTHERS = 8;
/** Of the best order so far, at most so many places are changed at a time. */
const MOST_CHANGED = 8;
/** So few pieces are tried in every order: that is exact where nothing has to follow closely. */
const MOST_EXACT = 6;
/** The golden ratio's share of 32 bits. */
const SPREAD_OF_SEEDS = 2_654_435_761;
/** More than the way through any cake, minutes: what makes all of one cake come before another. */
const ONE_CAKE = 1e6;

/**
 * A day worked backwards from when the cakes are wanted: each task as late as it may be, nothing
 * twice in one hand, mixer or oven, and the first start as late as can be found: serial schedule
 * generation with the longest path as priority, then with seeded changes to it and to the best
 * found; the same tasks always give the same day.
 * @returns null when some task finds no place before or between what the baker is away for
 * @throws RangeError for a link to a task that is not there, a circle of links, or a task of no
 * whole minutes
 */
export function scheduleDay(request: DayRequest): Schedule | null {
  const { tasks, away = [] } = request;
  const network = activityNetwork(tasks, dueOf(request));
  // Orders are tried without an end: what no order can place is not tried.
  if (!network.isPossible) return null;
  const bound = latestStart(network);
  const passes: Passes = { count: 0, stuck: null };
  const most = Math.min(MOST_PASSES, PASSED_UNITS / Math.max(1, network.units.length));
  let best: Found | null = null;
  for (const { priority, repairs } of ordersToTry(network, () => best)) {
    // One as good takes the best one's place: from there others are near.
    const horizon = (best?.startsAt ?? -Infinity) - 1;
    const ends = serialSchedule(network, priority, away, passes, repairs, horizon);
    if (ends !== null) best = { priority, ends, startsAt: startOf(network, ends) };
    if (best === null ? passes.count > PASSES_FOR_ANY : best.startsAt >= bound) break;
    if (best !== null && passes.count >= most) break;
  }
  return best === null ? null : finished(network, placedTasks(network, best.ends), away);
}

/** The best day found so far, and by which order. */
type Found = {
  readonly priority: readonly number[];
  readonly ends: readonly number[];
  readonly startsAt: number;
};

type Order = { readonly priority: readonly number[]; readonly repairs: number };

/** Orders of the units, one after another; without an end but for few units. */
function* ordersToTry(network: ActivityNetwork, best: () => Found | null): Generator<Order> {
  const { tasks, units } = network;
  const paths = pathsOf(network);
  yield { priority: paths, repairs: REPAIRS_OF_FIRST };
  if (units.length <= MOST_EXACT) {
    for (const priority of permutations(units.length))
      yield { priority, repairs: REPAIRS_OF_FIRST };
    return;
  }
  // One cake after the other always has a place where each alone has one.
  const cakes = new Set(tasks.map(({ cake }) => cake)).size;
  for (let turn = 1; cakes > 1 && turn <= cakes; turn += 1)
    yield {
      priority: units.map(
        ({ members }, place) =>
          (paths[place] ?? 0) + (((members[0]?.task.cake ?? 0) + turn) % cakes) * ONE_CAKE,
      ),
      repairs: REPAIRS_OF_FIRST,
    };
  // Seeds near each other begin alike: they are spread over the generator's range first.
  const chance = randomLcg((tasks.length * SPREAD_OF_SEEDS) % 2 ** 32);
  for (let isByPath = true; ; isByPath = !isByPath) {
    const found = best();
    yield {
      priority:
        found !== null
          ? nearBy(found.priority, chance)
          : paths.map((path) => (isByPath ? path * (0.6 + 0.8 * chance()) : chance())),
      repairs: REPAIRS_OF_OTHERS,
    };
  }
}

const pathsOf = ({ units, longestPathMin }: ActivityNetwork): readonly number[] =>
  units.map(({ members }) =>
    Math.max(...members.map(({ task }) => longestPathMin.get(task.id) ?? 0)),
  );

/** An order with a few of its places changed for others of it. */
function nearBy(priority: readonly number[], chance: () => number): readonly number[] {
  const changed = [...priority];
  for (let left = 1 + Math.floor(chance() * MOST_CHANGED); left > 0; left -= 1) {
    const beside = priority[Math.floor(chance() * priority.length)] ?? 0;
    // A little beside it, so that it comes right before or after it.
    changed[Math.floor(chance() * priority.length)] = beside * (1 + 0.001 * (chance() - 0.5));
  }
  return changed;
}

/** When a day begins whose units end at these minutes. */
const startOf = ({ units }: ActivityNetwork, ends: readonly number[]): number =>
  Math.min(...units.map(({ spanMin }, place) => (ends[place] ?? Infinity) - spanMin));

/** Where each task stands. */
const placedTasks = (
  { units }: ActivityNetwork,
  ends: readonly number[],
): ReadonlyMap<string, Stretch> =>
  new Map(
    units.flatMap(({ members }, place) =>
      members.map(({ task, endsBefore }) => {
        const to = (ends[place] ?? Infinity) - endsBefore;
        return [task.id, { from: to - task.minutes, to }] as const;
      }),
    ),
  );

/**
 * The task that finds no place when a day can't be done, by the first order tried; null when it
 * can.
 */
export function whyNoDay(request: DayRequest): string | null {
  const network = activityNetwork(request.tasks, dueOf(request));
  const passes: Passes = { count: 0, stuck: null };
  const ends = serialSchedule(
    network,
    pathsOf(network),
    request.away ?? [],
    passes,
    REPAIRS_OF_FIRST,
    -Infinity,
  );
  return ends === null ? passes.stuck : null;
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
    gapMin: Math.max(0, latestStart(network) - startsAt),
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
      reached.some(
        ({ task, to }) =>
          (to === own.from && task.needs.some((need) => own.task.needs.includes(need))) ||
          own.task.after.some(({ id, leastMin }) => id === task.id && to + leastMin === own.from),
      );
    if (isHeld) reached.push(own);
  }
  return reached.map(({ task }) => task.id);
}

/**
 * The start no order can beat: by the longest path, and by all that each resource has to do before
 * the last end.
 */
function latestStart({ tasks, longestPathMin, due }: ActivityNetwork): number {
  const last = Math.max(...tasks.map(due));
  const chains = tasks.map((task) => due(task) - (longestPathMin.get(task.id) ?? 0));
  const loads = RESOURCES.map(
    (need) =>
      last -
      tasks
        .filter(({ needs }) => needs.includes(need))
        .reduce((sum, { minutes }) => sum + minutes, 0),
  );
  return Math.min(...chains, ...loads);
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
