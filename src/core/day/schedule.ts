import { freedomsOf, type Freedom } from "./freedom";
import { boundTogether, type Bound as Unit, type Link, type Resource, type Stretch, type Task } from "./task";

export type DayRequest = {
  readonly tasks: readonly Task[];
  /** When each cake is wanted, in the order of the cakes. */
  readonly wantedAt: readonly number[];
  /** When the baker is out, asleep or busy: nothing that needs hands is done then. */
  readonly away?: readonly Stretch[];
  /** Tasks that have to end by some other minute than when their cake is wanted, by id. */
  readonly endBy?: ReadonlyMap<string, number>;
};

/** A task in its place, and how far it can move while all others stand. */
export type Placed = Stretch & Freedom & { readonly id: string };

export type Schedule = {
  /** In the order they begin. */
  readonly placed: readonly Placed[];
  readonly startsAt: number;
  readonly endsAt: number;
  /** The tasks that leave no minute between the start and the end. */
  readonly critical: readonly string[];
  /** Minutes by which a better order could at most shorten the day; 0 when it is as short as can be. */
  readonly gapMin: number;
};

/** Orders tried besides the first, fewer of long days: more find little. */
const MOST_TRIES = 60;
const TRIED_TASKS = 1500;
/** So few pieces are tried in every order: that is exact where nothing has to follow closely. */
const MOST_EXACT = 6;
/** Times orders are mended when a task finds no place in its window: in all, and one of them before another is tried. */
const MENDS = 240;
const MENDS_OF_ONE = 24;
/** More than the way through any cake, minutes: what makes all of one cake come before another. */
const ONE_CAKE = 1e6;

/**
 * A day worked backwards from when the cakes are wanted: each task as late as it may be, nothing twice in one hand, mixer or oven, and the
 * first start as late as can be found. Orders are tried from the longest way to the end on, then with seeded changes; the same tasks always
 * give the same day.
 * @returns null when some task finds no place before or between what the baker is away for
 * @throws RangeError for a link to a task that is not there, a circle of links, or a task of no whole minutes
 */
export function scheduleDay(request: DayRequest): Schedule | null {
  const { tasks, away = [] } = request;
  const net = netOf(tasks, dueOf(request));
  let best: Map<string, Stretch> | null = null;
  const first = (placed: ReadonlyMap<string, Stretch>): number => Math.min(...[...placed.values()].map(({ from }) => from));
  const chance = seeded(tasks.length);
  const budget: Budget = { mends: MENDS, stuck: null };
  const tries = Math.min(MOST_TRIES, Math.ceil(TRIED_TASKS / Math.max(1, tasks.length)));
  const cakes = new Set(tasks.map(({ cake }) => cake)).size;
  const orders = net.units.length <= MOST_EXACT ? permutations(net.units.length) : null;
  for (let round = 0; round <= (orders === null ? tries : orders.length); round += 1) {
    const order = orders?.[round - 1];
    const weightOf = ({ id, cake }: Task): number => {
      const way = net.wayMin.get(id) ?? 0;
      if (round === 0) return way;
      // One cake after the other always has a place where each alone has one.
      if (round <= cakes) return way + ((cake + round) % cakes) * ONE_CAKE;
      // Every other try goes by the way before a task, the others by chance alone.
      return round % 2 === 0 ? chance() : way * (0.6 + 0.8 * chance());
    };
    const weight = order === undefined
      ? new Map(tasks.map((task) => [task.id, weightOf(task)]))
      : new Map(net.units.flatMap(({ members }, index) => members.map(({ task }) => [task.id, order[index] ?? 0] as const)));
    const placed = placedBackwards(net, weight, away, budget, best === null ? -Infinity : first(best));
    if (placed !== null) best = placed;
    if (budget.mends <= 0 || (best !== null && gapOf(net, best) === 0)) break;
  }
  if (best === null) return null;
  return finished(net, best, away);
}

/** The task that finds no place when a day can't be done, by the first order tried; null when it can. */
export function whyNoDay(request: DayRequest): string | null {
  const net = netOf(request.tasks, dueOf(request));
  const budget: Budget = { mends: MENDS, stuck: null };
  return placedBackwards(net, net.wayMin, request.away ?? [], budget, -Infinity) === null ? budget.stuck : null;
}

/** How often orders may still be mended, and the task last left without a place. */
type Budget = { mends: number; stuck: string | null };

/** The minute each task has to be over by. */
export function dueOf({ wantedAt, endBy }: DayRequest): (task: Task) => number {
  const last = Math.max(...wantedAt);
  return ({ id, cake }) => Math.min(wantedAt[cake] ?? last, endBy?.get(id) ?? Infinity);
}

type Net = {
  readonly due: (task: Task) => number;
  readonly tasks: readonly Task[];
  readonly byId: ReadonlyMap<string, Task>;
  /** Links out of each task: the tasks that come after it. */
  readonly later: ReadonlyMap<string, readonly (Link & { readonly to: Task })[]>;
  readonly units: readonly Unit[];
  readonly unitOf: ReadonlyMap<string, Unit>;
  /** For each unit those that come right before it, and how many come right after. */
  readonly before: ReadonlyMap<Unit, readonly Unit[]>;
  readonly followers: ReadonlyMap<Unit, number>;
  /** Minutes of the longest chain from the start of the day to the end of a task. */
  readonly wayMin: ReadonlyMap<string, number>;
};

function netOf(tasks: readonly Task[], due: Net["due"]): Net {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const later = new Map<string, (Link & { readonly to: Task })[]>(tasks.map(({ id }) => [id, []]));
  for (const task of tasks) {
    if (!Number.isInteger(task.minutes) || task.minutes < 0) throw new RangeError(`task ${task.id} takes ${task.minutes} minutes: whole ones are needed`);
    for (const link of task.after) {
      const from = later.get(link.id);
      if (from === undefined) throw new RangeError(`task ${task.id} comes after ${link.id}, which is not there`);
      from.push({ ...link, to: task });
    }
  }
  const wayMin = new Map<string, number>();
  const onWay = new Set<string>();
  const way = (task: Task): number => {
    const known = wayMin.get(task.id);
    if (known !== undefined) return known;
    if (onWay.has(task.id)) throw new RangeError(`task ${task.id} comes after itself`);
    onWay.add(task.id);
    const before = task.after.map(({ id, leastMin }) => { const earlier = byId.get(id); return earlier === undefined ? 0 : way(earlier) + leastMin; });
    onWay.delete(task.id);
    const minutes = task.minutes + Math.max(0, ...before);
    wayMin.set(task.id, minutes);
    return minutes;
  };
  for (const task of tasks) way(task);
  const units = boundTogether(tasks);
  const unitOf = new Map(units.flatMap((unit) => unit.members.map(({ task }) => [task.id, unit] as const)));
  const before = new Map(units.map((unit) => [unit, [...new Set(unit.members.flatMap(({ task }) => task.after.flatMap(({ id }) => unitOf.get(id) ?? [])))].filter((other) => other !== unit)] as const));
  const followers = new Map<Unit, number>(units.map((unit) => [unit, 0]));
  for (const earlier of before.values()) for (const unit of earlier) followers.set(unit, (followers.get(unit) ?? 0) + 1);
  return { due, tasks, byId, later, wayMin, units, unitOf, before, followers };
}

/**
 * Each unit as late as may be, those with the longest way before them first among the ones whose followers stand; null when one finds no
 * place, or as soon as what is before it can't begin later than `floor`.
 */
function placedBackwards(net: Net, weight: ReadonlyMap<string, number>, away: readonly Stretch[], budget: Budget, floor: number): Map<string, Stretch> | null {
  const caps = new Map<string, number>();
  const weights = new Map(net.units.map((unit) => [unit, Math.max(...unit.members.map(({ task }) => weight.get(task.id) ?? 0))]));
  const until = Math.max(0, budget.mends - MENDS_OF_ONE);
  for (; budget.mends > until; budget.mends -= 1) {
    const placed = new Map<string, Stretch>();
    const held = new Map<Resource, Stretch[]>();
    let stuck: Unit | null = null;
    const waiting = new Map(net.followers);
    const ready = net.units.filter((unit) => waiting.get(unit) === 0);
    let open = net.units.length;
    while (open > 0 && stuck === null) {
      const unit = taken(ready, weights);
      // Tasks bound to each other to the minute leave no room for what has to come between them.
      if (unit === null) return null;
      const { latest, earliest } = windowOf(net, unit, placed, caps);
      const to = latestFree(unit, latest, held, away);
      if (to === null || to < earliest) stuck = unit;
      else {
        open -= 1;
        for (const earlier of net.before.get(unit) ?? []) {
          const left = (waiting.get(earlier) ?? 0) - 1;
          waiting.set(earlier, left);
          if (left === 0) ready.push(earlier);
        }
        for (const { task, endsBefore } of unit.members) {
          const stretch = { from: to - endsBefore - task.minutes, to: to - endsBefore };
          if (stretch.to - (net.wayMin.get(task.id) ?? 0) <= floor) return null;
          placed.set(task.id, stretch);
          for (const need of task.needs) {
            const so = held.get(need);
            if (so === undefined) held.set(need, [stretch]);
            else so.push(stretch);
          }
        }
      }
    }
    if (stuck === null) return isKept(net, placed) ? placed : null;
    budget.stuck = stuck.members.find(({ task }) => task.needs.includes("hands"))?.task.id ?? stuck.id;
    // What must follow it closely has to move earlier: as far as the next place that is free for the one that is stuck.
    const to = latestFree(stuck, windowOf(net, stuck, placed, caps).latest, held, away);
    if (to === null || !cappedFollowers(net, stuck, to, placed, caps)) return null;
  }
  return null;
}

/** Links inside a unit may contradict each other; those between units are kept by how they are placed. */
function isKept({ tasks }: Net, placed: ReadonlyMap<string, Stretch>): boolean {
  return tasks.every((task) => task.after.every(({ id, leastMin, mostMin }) => {
    const lag = (placed.get(task.id)?.from ?? 0) - (placed.get(id)?.to ?? 0);
    return lag >= leastMin && (mostMin === null || lag <= mostMin);
  }));
}

/** Holds back whatever follows a unit more closely than it can come; false when nothing does. */
function cappedFollowers(net: Net, unit: Unit, to: number, placed: ReadonlyMap<string, Stretch>, caps: Map<string, number>): boolean {
  let isAny = false;
  for (const { task, endsBefore } of unit.members) {
    for (const { to: follower, mostMin } of net.later.get(task.id) ?? []) {
      const stands = placed.get(follower.id);
      const other = net.unitOf.get(follower.id);
      if (stands === undefined || mostMin === null || other === undefined || other === unit || stands.from - (to - endsBefore) <= mostMin) continue;
      const its = other.members.find((member) => member.task.id === follower.id)?.endsBefore ?? 0;
      const cap = to - endsBefore + mostMin + follower.minutes + its;
      caps.set(other.id, Math.min(caps.get(other.id) ?? Infinity, cap));
      isAny = true;
    }
  }
  return isAny;
}

/** The heaviest of the ready ones, taken out of them; the first of equal ones. */
function taken(ready: Unit[], weights: ReadonlyMap<Unit, number>): Unit | null {
  let best = 0;
  for (let index = 1; index < ready.length; index += 1) {
    const [one, other] = [ready[index], ready[best]];
    if (one !== undefined && other !== undefined && (weights.get(one) ?? 0) > (weights.get(other) ?? 0)) best = index;
  }
  return ready.splice(best, 1)[0] ?? null;
}

/** The latest and the earliest a unit may end, as far as what follows it says. */
function windowOf(net: Net, unit: Unit, placed: ReadonlyMap<string, Stretch>, caps: ReadonlyMap<string, number>): { readonly latest: number; readonly earliest: number } {
  let latest = caps.get(unit.id) ?? Infinity;
  let earliest = -Infinity;
  for (const { task, endsBefore } of unit.members) {
    latest = Math.min(latest, net.due(task) + endsBefore);
    for (const { to, leastMin, mostMin } of net.later.get(task.id) ?? []) {
      const stands = placed.get(to.id);
      if (stands === undefined || net.unitOf.get(to.id) === unit) continue;
      latest = Math.min(latest, stands.from - leastMin + endsBefore);
      if (mostMin !== null) earliest = Math.max(earliest, stands.from - mostMin + endsBefore);
    }
  }
  return { latest, earliest };
}

/** The latest end at or before `latest` at which everything a unit needs is free; null when it is never. */
function latestFree(unit: Unit, latest: number, held: ReadonlyMap<Resource, readonly Stretch[]>, away: readonly Stretch[]): number | null {
  let to = latest;
  for (let isMoved = true; isMoved && Number.isFinite(to);) {
    isMoved = false;
    for (const { task, endsBefore } of unit.members) {
      const end = to - endsBefore;
      const clash = (busy: readonly Stretch[]): Stretch | undefined => busy.find((each) => each.from < end && each.to > end - task.minutes);
      const found = task.needs.map((need) => clash(held.get(need) ?? [])).find((each) => each !== undefined) ?? (task.needs.includes("hands") ? clash(away) : undefined);
      if (found === undefined) continue;
      to = found.from + endsBefore;
      isMoved = true;
      break;
    }
  }
  return Number.isFinite(to) ? to : null;
}

function finished(net: Net, placed: ReadonlyMap<string, Stretch>, away: readonly Stretch[]): Schedule {
  const freedoms = freedomsOf(net, placed, away);
  const all = net.tasks.flatMap(({ id }): readonly Placed[] => {
    const [stands, freedom] = [placed.get(id), freedoms.get(id)];
    return stands === undefined || freedom === undefined ? [] : [{ id, ...stands, ...freedom }];
  });
  const startsAt = Math.min(...all.map(({ from }) => from));
  const endsAt = Math.max(...all.map(({ to }) => to));
  return {
    placed: all.toSorted((one, other) => one.from - other.from || one.to - other.to || one.id.localeCompare(other.id)),
    startsAt, endsAt,
    critical: criticalOf(net, placed, startsAt),
    gapMin: gapOf(net, placed),
  };
}

/** The same day with tasks where the baker has put them, as far as they may stand there; `left` are those that may not any more. */
export function movedDay(request: DayRequest, schedule: Schedule, froms: ReadonlyMap<string, number>): { readonly schedule: Schedule; readonly left: readonly string[] } {
  const net = netOf(request.tasks, dueOf(request));
  let now = schedule;
  const left: string[] = [];
  for (const [id, from] of froms) {
    const own = now.placed.find((each) => each.id === id);
    const by = own === undefined ? null : from - own.from;
    if (own === undefined || by === null || by < -own.earlierBy || by > own.laterBy) { left.push(id); continue; }
    if (by === 0) continue;
    const along = new Set([id, ...own.along]);
    const placed = new Map(now.placed.map((each) => [each.id, { from: each.from + (along.has(each.id) ? by : 0), to: each.to + (along.has(each.id) ? by : 0) }] as const));
    now = finished(net, placed, request.away ?? []);
  }
  return { schedule: now, left };
}

/** The tasks from the first start on of which each begins where one before it, by link or by what both need, lets it. */
function criticalOf(net: Net, placed: ReadonlyMap<string, Stretch>, startsAt: number): readonly string[] {
  const inTime = net.tasks.flatMap((task) => { const stands = placed.get(task.id); return stands === undefined ? [] : [{ task, ...stands }]; }).sort((one, other) => one.from - other.from || one.to - other.to);
  const reached: (typeof inTime)[number][] = [];
  for (const own of inTime) {
    const isHeld = own.from === startsAt || reached.some((other) => {
      const link = own.task.after.find(({ id }) => id === other.task.id);
      return (link !== undefined && other.to + link.leastMin === own.from) || (other.to === own.from && other.task.needs.some((need) => own.task.needs.includes(need)));
    });
    if (isHeld) reached.push(own);
  }
  return reached.map(({ task }) => task.id);
}

/** How much shorter than this a day can't be shown not to be: the longest chain, and what each resource has to do, before the last end. */
function gapOf({ tasks, wayMin, due }: Net, placed: ReadonlyMap<string, Stretch>): number {
  const startsAt = Math.min(...[...placed.values()].map(({ from }) => from));
  const last = Math.max(...tasks.map(due));
  const chains = tasks.map((task) => due(task) - (wayMin.get(task.id) ?? 0));
  const loads = (["hands", "mixer", "oven"] as const).map((need) => last - tasks.filter(({ needs }) => needs.includes(need)).reduce((sum, { minutes }) => sum + minutes, 0));
  return Math.max(0, Math.min(...chains, ...loads) - startsAt);
}

/** Every order of so many. */
function permutations(count: number): readonly (readonly number[])[] {
  if (count === 0) return [[]];
  return permutations(count - 1).flatMap((rest) => Array.from({ length: count }, (_, place) => [...rest.slice(0, place), count - 1, ...rest.slice(place)]));
}

/** Chance from a seed, 0 to 1: the same each time. */
function seeded(seed: number): () => number {
  let state = (seed * 2654435761) % 4294967296;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 4294967296;
  };
}
