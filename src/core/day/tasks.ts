import { usesOfBowl, type DayCake, type InOven } from "./day-cake";
import { bowlFor, partsMade, readyFor } from "./parts-made";
import { next, taskList, type TaskList } from "./task-list";
import type { TaskLink, Task } from "./task";
import { TAKES } from "./takes";
import { batterInTins } from "./mixed";
import { cooled } from "./cooled";
import { finished } from "./finished";

/**
 * The day's tasks of one cake, each with what must come before it. All hands-on times are whole
 * minutes, at least one. What is mixed is gone on with at once up to the tins, and the mixer's one
 * bowl is washed before it is used again.
 * @param cake its place among the day's cakes, which is part of every id
 * @param isBowlShared whether another cake of the day needs the mixer's bowl too
 */
export function tasksOf(day: DayCake, cake: number, isBowlShared = false): readonly Task[] {
  const list = taskList(cake, day.warmUpMin, day.handsRatio);
  const bowl = bowlFor(list, usesOfBowl(day), isBowlShared);
  const toppings = partsMade(list, day, bowl, "before-batter");
  const filled = batterInTins(list, day, bowl);
  const made = [...toppings, ...partsMade(list, day, bowl, "after-batter")];
  const outs = baked(list, day, filled, readyFor(made, "before-oven"));
  const cold = cooled(list, day, outs, made);
  const done = finished(list, day, made, cold);
  if (day.serveSteps.length > 0) list.addSteps("serve-", "serve", day.serveSteps, done, true);
  return list.tasks;
}

/** What is done to a load in the oven, with the minute that it begins at. */
type EventInOven = InOven & { readonly fromMin: number };

const until = (event: EventInOven | undefined): { readonly until?: InOven["doing"]["what"] } =>
  event === undefined ? {} : { until: event.doing.what };

/**
 * One after the other, each at its minute; what would come after the first look comes right before
 * it, and what is told before that leaves it the room.
 */
function doneInOven(during: readonly InOven[], firstLookMin: number): readonly EventInOven[] {
  const found: EventInOven[] = [];
  for (const [index, event] of during.entries()) {
    const latest = firstLookMin - TAKES.inOvenMin * (during.length - index);
    const free = (found.at(-1)?.fromMin ?? 1 - TAKES.inOvenMin) + TAKES.inOvenMin;
    const fromMin = Math.max(free, Math.min(event.atMin, latest));
    // A bake has no more minutes than it has.
    if (fromMin + TAKES.inOvenMin <= firstLookMin) found.push({ ...event, fromMin });
  }
  return found;
}

/**
 * Load after load, in an oven that is warm when the first goes in.
 * @returns the ids of taking each out
 */
function baked(
  list: TaskList,
  day: DayCake,
  { filled, ready }: ReturnType<typeof batterInTins>,
  toppings: readonly TaskLink[],
): readonly string[] {
  const { heatedBy } = day;
  let before: readonly TaskLink[] =
    heatedBy === undefined
      ? [
          next(
            list.add(
              "warm-up",
              "bake",
              { do: "warm-up", ovenC: day.ovenC },
              day.warmUpMin,
              ["oven"],
              [],
              [],
              day.words.warmUp,
            ),
            0,
            0,
          ),
        ]
      : [];
  return day.loads.map(({ tins, firstLookMin, likelyMin, during = [] }, index) => {
    const which = { load: index + 1, loads: day.loads.length };
    const full = index === 0 ? [...ready, ...toppings] : [next(filled)];
    const events = doneInOven(during, firstLookMin);
    const first = list.add(
      `bake${index + 1}`,
      "bake",
      {
        do: "bake",
        tins,
        ...which,
        ...(heatedBy === undefined ? {} : { by: heatedBy }),
        ...until(events[0]),
      },
      events[0]?.fromMin ?? firstLookMin,
      ["oven"],
      [...before, ...full],
      [],
      heatedBy === undefined ? day.words.bake : `${day.words.warmUp} ${day.words.bake}`.trim(),
    );
    const shut = events.reduce((last, { doing, fromMin }, at) => {
      const done = list.add(
        `in-oven${index + 1}-${at + 1}`,
        "bake",
        { do: "in-oven", ...doing, tins, ...which },
        TAKES.inOvenMin,
        ["hands", "oven"],
        [next(last, 0, 0)],
      );
      const onMin = (events[at + 1]?.fromMin ?? firstLookMin) - fromMin - TAKES.inOvenMin;
      return onMin <= 0
        ? done
        : list.add(
            `bake-on${index + 1}-${at + 1}`,
            "bake",
            { do: "bake-on", ...which, ...until(events[at + 1]) },
            onMin,
            ["oven"],
            [next(done, 0, 0)],
          );
    }, first);
    const on = list.add(
      `look${index + 1}`,
      "bake",
      { do: "look-and-bake-on", ...which, tins },
      Math.max(1, likelyMin - firstLookMin),
      ["oven"],
      [next(shut, 0, 0)],
    );
    const off =
      day.offOvenMin === 0
        ? on
        : list.add(
            `off-oven${index + 1}`,
            "bake",
            { do: "off-oven", ...which },
            day.offOvenMin,
            ["oven"],
            [next(on, 0, 0)],
            [],
            day.words.offOven,
          );
    const out = list.add(
      `out${index + 1}`,
      "bake",
      { do: "take-out", ...which },
      TAKES.takeOutMin,
      ["hands"],
      [next(off, 0, 0)],
    );
    // The next load goes in when this one is out, not when a look has said that it may be.
    before = [next(out, 0, 0)];
    return out;
  });
}
