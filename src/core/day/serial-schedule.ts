import type { ActivityNetwork, Attended, BoundUnit } from "./activity-network";
import type { Resource, Stretch } from "./task";

/** How often all units were placed, and the task last left without a place. */
export type Passes = { count: number; stuck: string | null };

/** What is placed so far. */
type Standing = {
  /** The minute each unit ends, once it has its place. */
  readonly ends: number[];
  /** What is held, in the order of time. */
  readonly held: Readonly<Record<Resource, Stretch[]>>;
  readonly away: readonly Stretch[];
};

/**
 * Serial schedule generation, backwards from the end: of the units whose followers stand, the one
 * of the highest priority is placed as late as may be.
 * @param priority of each unit, in their order
 * @param repairs how often at most all is placed anew because a unit finds no place
 * @param horizon a start, in minutes since 1970: an order that can't begin later is given up
 * @returns the minute each unit ends; null when a unit finds no place, or at the horizon
 */
export function serialSchedule(
  network: ActivityNetwork,
  priority: readonly number[],
  away: readonly Stretch[],
  passes: Passes,
  repairs: number,
  horizon: number,
): readonly number[] | null {
  const { units } = network;
  if (!network.isPossible) return null;
  const latestEnds = network.dueEnds.slice();
  for (let left = repairs; left >= 0; left -= 1) {
    passes.count += 1;
    const standing: Standing = {
      ends: units.map(() => Infinity),
      held: { hands: [], mixer: [], oven: [], "second-oven": [] },
      away,
    };
    const stuck = placedAll(network, priority, latestEnds, standing, horizon);
    if (stuck === "given-up") return null;
    if (stuck === "none") return standing.ends;
    const unit = units[stuck];
    if (unit === undefined) return null;
    passes.stuck =
      unit.members.find(({ task }) => task.needs.includes("hands"))?.task.id ?? unit.id;
    // What must follow it closely has to move earlier: as far as the next place that is free for
    // the one that is stuck.
    const to = latestFree(unit, latestEnds[stuck] ?? Infinity, standing);
    const close = unit.links.filter((link) => to < endOf(link.to, standing) - link.mostBefore);
    if (!Number.isFinite(to) || close.length === 0) return null;
    for (const link of close)
      latestEnds[link.to] = Math.min(latestEnds[link.to] ?? Infinity, to + link.mostBefore);
  }
  return null;
}

const endOf = (place: number, { ends }: Standing): number => ends[place] ?? Infinity;

/**
 * Places all units, one after another.
 * @returns the place of the one that finds none; `given-up` where the day can't begin after the
 *   horizon, or where units bound to each other leave no room for what has to come between them
 */
function placedAll(
  { units, followers, lastOnes }: ActivityNetwork,
  priority: readonly number[],
  latestEnds: readonly number[],
  standing: Standing,
  horizon: number,
): number | "none" | "given-up" {
  const { ends, held } = standing;
  const waiting = followers.slice();
  const ready = [...lastOnes];
  for (let open = units.length; open > 0; open -= 1) {
    const place = taken(ready, priority);
    const unit = units[place];
    if (unit === undefined) return "given-up";
    const to = latestFree(unit, latestEnds[place] ?? Infinity, standing);
    if (!Number.isFinite(to) || to < earliestEnd(unit, standing)) return place;
    if (to - unit.pathMin <= horizon) return "given-up";
    ends[place] = to;
    for (const hold of unit.holds) putInOrder(held[hold.need], hold, to);
    for (const earlier of unit.before) {
      const left = (waiting[earlier] ?? 0) - 1;
      waiting[earlier] = left;
      if (left === 0) ready.push(earlier);
    }
  }
  return "none";
}

/** The ready unit of the highest priority, taken out; the first of equal ones; -1 for none. */
function taken(ready: number[], priority: readonly number[]): number {
  let best = 0;
  let most = -Infinity;
  for (let index = 0; index < ready.length; index += 1) {
    const own = priority[ready[index] ?? 0] ?? 0;
    if (own <= most) continue;
    best = index;
    most = own;
  }
  const place = ready[best] ?? -1;
  ready.splice(best, 1);
  return place;
}

/** The minute at which a unit ends at the earliest, by what must not wait for it longer. */
function earliestEnd({ links }: BoundUnit, standing: Standing): number {
  let earliest = -Infinity;
  for (const link of links)
    earliest = Math.max(earliest, endOf(link.to, standing) - link.mostBefore);
  return earliest;
}

/**
 * The latest end, by its followers and by `latest`, at which everything a unit holds is free and
 * somebody is there; minus infinity when it is never.
 */
function latestFree(
  { links, holds, presence }: BoundUnit,
  latest: number,
  standing: Standing,
): number {
  let to = latest;
  for (const link of links) to = Math.min(to, endOf(link.to, standing) - link.leastBefore);
  for (let before = Infinity; to < before && Number.isFinite(to);) {
    before = to;
    for (const hold of holds) to = besideHeld(hold, standing.held[hold.need], to);
    if (standing.away.length > 0)
      for (const stretch of presence) to = besideAway(stretch, standing.away, to);
  }
  return to;
}

/** How many of some stretches, in the order of time, begin before a minute. */
function countBefore(inOrder: readonly Stretch[], minute: number): number {
  let [low, high] = [0, inOrder.length];
  while (low < high) {
    const middle = Math.floor((low + high) / 2);
    if ((inOrder[middle]?.from ?? Infinity) < minute) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** Puts what a unit that ends at `end` holds in its place; no minutes before what begins with it. */
function putInOrder(inOrder: Stretch[], { beganBefore, endsBefore }: Attended, end: number): void {
  const stretch = { from: end - beganBefore, to: end - endsBefore };
  let place = countBefore(inOrder, stretch.from);
  while (inOrder[place]?.from === stretch.from && (inOrder[place]?.to ?? 0) < stretch.to)
    place += 1;
  inOrder.splice(place, 0, stretch);
}

/** The latest end at or before `to` at which a stretch of a unit meets nothing that is held. */
function besideHeld(
  { beganBefore, endsBefore }: Attended,
  inOrder: readonly Stretch[],
  to: number,
): number {
  let free = to;
  for (let last = countBefore(inOrder, to - endsBefore) - 1; last >= 0; last -= 1) {
    const own = inOrder[last];
    if (own === undefined || own.to <= free - beganBefore) break;
    free = own.from + endsBefore;
  }
  return free;
}

/** An end at or before `to` at which a stretch of a unit meets none of these, seen in turn. */
function besideAway(
  { beganBefore, endsBefore }: Attended,
  away: readonly Stretch[],
  to: number,
): number {
  let free = to;
  for (const each of away)
    if (each.from < free - endsBefore && each.to > free - beganBefore)
      free = each.from + endsBefore;
  return free;
}
