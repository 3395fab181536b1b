import { usesOfBowl, type DayCake } from "./day-cake";
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
  const list = taskList(cake, day.warmUpMin);
  const bowl = bowlFor(list, usesOfBowl(day), isBowlShared);
  const toppings = partsMade(list, day, bowl, "before-batter");
  const filled = batterInTins(list, day, bowl);
  const made = [...toppings, ...partsMade(list, day, bowl, "after-batter")];
  const outs = baked(list, day, filled, readyFor(made, "before-oven"));
  const ofRecipe = { hot: readyFor(made, "for-hot"), cold: readyFor(made, "for-cold") };
  const cold = cooled(list, day, outs, made, ofRecipe);
  const done = finished(list, day, made, cold);
  if (day.serveSteps.length > 0) list.addSteps("serve-", "serve", day.serveSteps, done, true);
  return list.tasks;
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
  return day.loads.map(({ tins, firstLookMin, likelyMin }, index) => {
    const which = { load: index + 1, loads: day.loads.length };
    const full = index === 0 ? [...ready, ...toppings] : [next(filled)];
    const shut = list.add(
      `bake${index + 1}`,
      "bake",
      { do: "bake", tins, ...which, ...(heatedBy === undefined ? {} : { by: heatedBy }) },
      firstLookMin,
      ["oven"],
      [...before, ...full],
      [],
      heatedBy === undefined ? day.words.bake : `${day.words.warmUp} ${day.words.bake}`.trim(),
    );
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
