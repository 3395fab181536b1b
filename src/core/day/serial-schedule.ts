import type { Attended, UnitHold, ActivityNetwork } from "./activity-network";
import type { Bound as Unit, Resource, Stretch } from "./task";

/**
 * Repairs made when a task finds no place in its window: at most so many for a day, and so many of
 * one order before another is tried. Both are judgements: more of them found no shorter day.
 */
const MOST_REPAIRS = 240;
const MOST_OF_ONE = 24;
/** How many repairs are left, and the task last left without a place. */
export type RepairBudget = { repairs: number; stuck: string | null };

/** All the repairs a day may take. */
export const budgetOfRepairs = (): RepairBudget => ({ repairs: MOST_REPAIRS, stuck: null });

/**
 * Serial schedule generation, backwards from the end: of the units whose followers stand, the one
 * of the highest priority is placed as late as may be.
 * @param priority by task; a unit has the highest of its tasks'
 * @param horizon a start, in minutes since 1970, that is known already: an order that can't begin
 *   later is given up
 * @returns where each task stands; null when one finds no place, or at the horizon
 */
export function serialSchedule(
  network: ActivityNetwork,
  priority: ReadonlyMap<string, number>,
  away: readonly Stretch[],
  budget: RepairBudget,
  horizon: number,
): Map<string, Stretch> | null {
  const caps = new Map<string, number>();
  const priorities = new Map(
    network.units.map((unit) => [
      unit,
      Math.max(...unit.members.map(({ task }) => priority.get(task.id) ?? 0)),
    ]),
  );
  const until = Math.max(0, budget.repairs - MOST_OF_ONE);
  for (; budget.repairs > until; budget.repairs -= 1) {
    const placed = new Map<string, Stretch>();
    const held = new Map<Resource, Stretch[]>();
    let stuck: Unit | null = null;
    const waiting = new Map(network.followers);
    const ready = network.units.filter((unit) => waiting.get(unit) === 0);
    let open = network.units.length;
    while (open > 0 && stuck === null) {
      const unit = taken(ready, priorities);
      // Tasks bound to each other to the minute leave no room for what has to come between them.
      if (unit === null) return null;
      const { latest, earliest } = windowOf(network, unit, placed, caps);
      const to = latestFree(
        network.holds.get(unit) ?? [],
        network.presence.get(unit) ?? [],
        latest,
        held,
        away,
      );
      if (to === null || to < earliest) stuck = unit;
      else {
        open -= 1;
        for (const earlier of network.before.get(unit) ?? []) {
          const left = (waiting.get(earlier) ?? 0) - 1;
          waiting.set(earlier, left);
          if (left === 0) ready.push(earlier);
        }
        for (const { task, endsBefore } of unit.members) {
          const stretch = { from: to - endsBefore - task.minutes, to: to - endsBefore };
          if (stretch.to - (network.longestPathMin.get(task.id) ?? 0) <= horizon) return null;
          placed.set(task.id, stretch);
        }
        for (const { need, beganBefore, endsBefore } of network.holds.get(unit) ?? []) {
          const stretch = { from: to - beganBefore, to: to - endsBefore };
          const so = held.get(need);
          if (so === undefined) held.set(need, [stretch]);
          else so.push(stretch);
        }
      }
    }
    if (stuck === null) return isKept(network, placed) ? placed : null;
    budget.stuck =
      stuck.members.find(({ task }) => task.needs.includes("hands"))?.task.id ?? stuck.id;
    // What must follow it closely has to move earlier: as far as the next place that is free for
    // the one that is stuck.
    const to = latestFree(
      network.holds.get(stuck) ?? [],
      network.presence.get(stuck) ?? [],
      windowOf(network, stuck, placed, caps).latest,
      held,
      away,
    );
    if (to === null || !cappedFollowers(network, stuck, to, placed, caps)) return null;
  }
  return null;
}

/**
 * Links inside a unit may contradict each other; those between units are kept by how they are
 * placed.
 */
function isKept({ tasks }: ActivityNetwork, placed: ReadonlyMap<string, Stretch>): boolean {
  return tasks.every((task) =>
    task.after.every(({ id, leastMin, mostMin }) => {
      const lag = (placed.get(task.id)?.from ?? 0) - (placed.get(id)?.to ?? 0);
      return lag >= leastMin && (mostMin === null || lag <= mostMin);
    }),
  );
}

/** Holds back whatever follows a unit more closely than it can come; false when nothing does. */
function cappedFollowers(
  network: ActivityNetwork,
  unit: Unit,
  to: number,
  placed: ReadonlyMap<string, Stretch>,
  caps: Map<string, number>,
): boolean {
  let isAny = false;
  for (const { task, endsBefore } of unit.members) {
    for (const { to: follower, mostMin } of network.later.get(task.id) ?? []) {
      const stands = placed.get(follower.id);
      const other = network.unitOf.get(follower.id);
      if (
        stands === undefined ||
        mostMin === null ||
        other === undefined ||
        other === unit ||
        stands.from - (to - endsBefore) <= mostMin
      )
        continue;
      const its = other.members.find((member) => member.task.id === follower.id)?.endsBefore ?? 0;
      const cap = to - endsBefore + mostMin + follower.minutes + its;
      caps.set(other.id, Math.min(caps.get(other.id) ?? Infinity, cap));
      isAny = true;
    }
  }
  return isAny;
}

/** The ready unit of the highest priority, taken out; the first of equal ones. */
function taken(ready: Unit[], priorities: ReadonlyMap<Unit, number>): Unit | null {
  let best = 0;
  for (let index = 1; index < ready.length; index += 1) {
    const [one, other] = [ready[index], ready[best]];
    if (
      one !== undefined &&
      other !== undefined &&
      (priorities.get(one) ?? 0) > (priorities.get(other) ?? 0)
    )
      best = index;
  }
  return ready.splice(best, 1)[0] ?? null;
}

/** The latest and the earliest a unit may end, as far as what follows it says. */
function windowOf(
  network: ActivityNetwork,
  unit: Unit,
  placed: ReadonlyMap<string, Stretch>,
  caps: ReadonlyMap<string, number>,
): { readonly latest: number; readonly earliest: number } {
  let latest = caps.get(unit.id) ?? Infinity;
  let earliest = -Infinity;
  for (const { task, endsBefore } of unit.members) {
    latest = Math.min(latest, network.due(task) + endsBefore);
    for (const { to, leastMin, mostMin } of network.later.get(task.id) ?? []) {
      const stands = placed.get(to.id);
      if (stands === undefined || network.unitOf.get(to.id) === unit) continue;
      latest = Math.min(latest, stands.from - leastMin + endsBefore);
      if (mostMin !== null) earliest = Math.max(earliest, stands.from - mostMin + endsBefore);
    }
  }
  return { latest, earliest };
}

/**
 * The latest end at or before `latest` at which everything a unit holds is free and somebody is
 * there; null when it is never.
 */
function latestFree(
  holds: readonly UnitHold[],
  presence: readonly Attended[],
  latest: number,
  held: ReadonlyMap<Resource, readonly Stretch[]>,
  away: readonly Stretch[],
): number | null {
  let to = latest;
  const clash = (
    { beganBefore, endsBefore }: Attended,
    busy: readonly Stretch[],
  ): number | null => {
    const found = busy.find((each) => each.from < to - endsBefore && each.to > to - beganBefore);
    return found === undefined ? null : found.from + endsBefore;
  };
  for (let isMoved = true; isMoved && Number.isFinite(to);) {
    isMoved = false;
    for (const hold of holds) {
      const earlier = clash(hold, held.get(hold.need) ?? []);
      if (earlier === null) continue;
      to = earlier;
      isMoved = true;
      break;
    }
    if (isMoved) continue;
    for (const each of presence) {
      const earlier = clash(each, away);
      if (earlier === null) continue;
      to = earlier;
      isMoved = true;
      break;
    }
  }
  return Number.isFinite(to) ? to : null;
}
