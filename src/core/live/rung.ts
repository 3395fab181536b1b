import type { Present } from "./present";
import type { Log } from "./log";
import { goingOf, type Task } from "../day";

/** A clock that ran out longer ago rings no more, minutes. */
const RINGS_MIN = 15;

/**
 * Tasks that ring: clocks that ran out, looks that are due, what had to stand first, and what was
 * put off as long as it may be; none of them answered by any hand since, the last first.
 * @param now minutes since 1970
 */
export function rungAt(
  tasks: readonly Task[],
  log: Log,
  present: Present,
  now: number,
): readonly Task[] {
  const since = Math.max(log.handsAt ?? 0, now - RINGS_MIN);
  return tasks
    .flatMap((task) => {
      const at = rungWhen(task, log, present, now);
      return at !== null && at > since ? [{ task, at }] : [];
    })
    .sort((one, other) => other.at - one.at)
    .map(({ task }) => task);
}

function rungWhen(
  task: Task,
  log: Log,
  { states, current, spareMin }: Present,
  now: number,
): number | null {
  const state = states.get(task.id);
  // What was said to be done needs no bell.
  if (state?.is === "over") return log.tasks.get(task.id)?.doneAt === null ? state.doneAt : null;
  if (state?.is === "running")
    return goingOf(task) === "by-looks" && state.endsAt <= now ? state.endsAt : null;
  if (state?.is !== "open") return null;
  if (task.after.some(({ leastMin }) => leastMin > 0)) return state.since;
  // What goes on at once, hands are at already.
  if (task.after.some(({ mostMin }) => mostMin === 0)) return null;
  const isLate = spareMin.some((spare) => spare !== null && spare < 0);
  return task === current?.task &&
    !current.isEarly &&
    !isLate &&
    current.by <= now &&
    log.handsAt !== null
    ? current.by
    : null;
}

/**
 * The clock that more time is given to, and when it would ring: what rings already before what
 * still runs; null when there is neither.
 */
export function clockToExtend(
  { states, timers }: Present,
  rung: readonly Task[],
  now: number,
): { readonly task: Task; readonly endsAt: number } | null {
  // What is only to be begun has no clock.
  const ringing = rung.find(({ id }) => {
    const is = states.get(id)?.is;
    return is === "over" || is === "running";
  });
  return ringing === undefined
    ? (timers.find(({ isStanding }) => !isStanding) ?? null)
    : { task: ringing, endsAt: now };
}
