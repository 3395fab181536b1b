import type { MethodStep } from "./day-cake";
import {
  goingOf,
  type Doing,
  type TaskLink,
  type Resource,
  type Shorter,
  type TaskStation,
  type Task,
} from "./task";

/** A step that does not say how long it takes, minutes. */
export const STEP_MIN = 3;

/** The tasks of one cake, written down one after the other. */
export type TaskList = {
  readonly tasks: readonly Task[];
  /** The id that a name has in this list. */
  readonly idOf: (name: string) => string;
  /** @returns the task's id */
  readonly add: (
    name: string,
    station: TaskStation,
    doing: Doing,
    minutes: number,
    needs: readonly Resource[],
    after: readonly TaskLink[],
    shorter?: readonly Shorter[],
    words?: string,
  ) => string;
  /**
   * Steps one after the other: what hands are at, they go on with at once, unless it `canWait`.
   * @param needed what else has to be over before a step, by its place
   * @returns the id of the last
   */
  readonly addSteps: (
    name: string,
    station: TaskStation,
    steps: readonly MethodStep[],
    first: readonly TaskLink[],
    canWait?: boolean,
    needed?: (at: number) => readonly TaskLink[],
  ) => string;
  readonly isByHand: (id: string) => boolean;
};

/** What a task is called within its cake. @example nameInCake("0.bake1") // "bake1" */
export function nameInCake(id: string): string {
  return id.slice(id.indexOf(".") + 1);
}

/** The id of a cake's task by its name. @example idInDay(0, "bake1") // "0.bake1" */
export function idInDay(cake: number, name: string): string {
  return `${cake}.${name}`;
}

/** After another task, so many minutes at least and at most. */
export function next(id: string, leastMin = 0, mostMin: number | null = null): TaskLink {
  return { id, leastMin, mostMin };
}

/** Whole minutes of work by hand, at least one. */
export function hands(minutes: number): number {
  return Math.max(1, Math.round(minutes));
}

/** No more of a recipe's words stands beside a task. */
const MOST_WORDS = 2000;

/**
 * @param warmUpMin what the oven takes to be warm, for what is toasted in it
 * @param handsRatio minutes of her hands over what is usual; what a recipe says stays as it is
 */
export function taskList(cake: number, warmUpMin: number, handsRatio = 1): TaskList {
  const tasks: Task[] = [];
  const idOf = (name: string): string => idInDay(cake, name);
  const add: TaskList["add"] = (name, station, doing, minutes, needs, ...rest) =>
    put(
      name,
      station,
      doing,
      needs.includes("hands") ? hands(minutes * handsRatio) : minutes,
      needs,
      ...rest,
    );
  const put: TaskList["add"] = (
    name,
    station,
    doing,
    minutes,
    needs,
    after,
    shorter = [],
    words = "",
  ) => {
    const id = idOf(name);
    const whole = Math.max(0, Math.round(minutes));
    tasks.push({
      id,
      cake,
      station,
      doing,
      minutes: whole,
      needs,
      after,
      shorter: shorter.filter((each) => each.minutes < whole),
      ...(words === "" ? {} : { words: words.slice(0, MOST_WORDS) }),
    });
    return id;
  };
  const isByHand = (id: string): boolean =>
    tasks.some((task) => task.id === id && goingOf(task) === "by-hand");
  const addSteps: TaskList["addSteps"] = (
    name,
    station,
    steps,
    first,
    canWait = false,
    needed = () => [],
  ) => {
    let last: string | null = null;
    for (const [index, { text, minutes, isWait, usesMixer, ovenC }] of steps.entries()) {
      const isAtOnce = !canWait && !isWait && last !== null && isByHand(last);
      const before = last === null ? first : [next(last, 0, isAtOnce ? 0 : null)];
      const warm =
        ovenC === null
          ? []
          : [
              next(
                add(
                  `${name}warm-up${index + 1}`,
                  station,
                  { do: "warm-up", ovenC },
                  warmUpMin,
                  ["oven"],
                  [],
                ),
                0,
                0,
              ),
            ];
      const needs: readonly Resource[] =
        ovenC !== null ? ["oven"] : isWait ? [] : usesMixer ? ["hands", "mixer"] : ["hands"];
      last = put(
        `${name}step${index + 1}`,
        station,
        { do: "step", text, isWait },
        hands(minutes ?? STEP_MIN * handsRatio),
        needs,
        [...before, ...needed(index), ...warm],
      );
    }
    if (last === null)
      throw new RangeError(`a method needs at least one step, got none for ${idOf(name)}`);
    return last;
  };
  return { tasks, idOf, add, addSteps, isByHand };
}
