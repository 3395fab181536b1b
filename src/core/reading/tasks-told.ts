// What of a telling is work, and where one thing to do ends and the next begins.
import { heatIn } from "../recipe";
import { hasAct, type Chunk } from "./chunks";
import type { ToldStep } from "./steps-told";

/** A step of fewer words than this goes on with what is told next. */
const SHORT_WORDS = 5;

/** Whether something is to be done, or waited for; the rest is talk. */
export const isTask = ({ clauses, stage, text, waitMin }: ToldStep): boolean =>
  stage === "oven" ||
  stage === "keep" ||
  waitMin !== null ||
  clauses.some(hasAct) ||
  heatIn(text) !== null;

/** Speech without a stop, a step at each thing to do. */
export function brokenDown(step: ToldStep): readonly ToldStep[] {
  const groups: Chunk[][] = [];
  for (const clause of step.clauses) {
    const group = groups.at(-1);
    const words = group?.flatMap((each) => each.words).length ?? 0;
    const isNew = hasAct(clause) && (words >= SHORT_WORDS || group?.some(hasAct) === false);
    if (group === undefined || isNew) groups.push([clause]);
    else group.push(clause);
  }
  return groups.map((clauses) => joined(step, clauses));
}

/**
 * What one line tells: all that is done at one time, for one part, is a step; talk goes with the
 * work that it stands beside.
 */
export function inOneLine(steps: readonly ToldStep[]): readonly ToldStep[] {
  const groups: Group[] = [];
  const talk: Chunk[] = [];
  for (const step of steps) {
    const last = groups.at(-1);
    if (!isTask(step) && last === undefined) talk.push(...step.clauses);
    else if (last !== undefined && (!isTask(step) || isSameTime(last.first, step))) {
      last.clauses.push(...step.clauses);
      last.isStageSure &&= step.isStageSure;
    } else
      groups.push({
        first: step,
        clauses: [...talk.splice(0), ...step.clauses],
        isStageSure: step.isStageSure,
      });
  }
  const [first] = steps;
  if (groups.length === 0) return first === undefined ? [] : [joined(first, talk)];
  return groups.map((group) =>
    joined({ ...group.first, isStageSure: group.isStageSure }, group.clauses),
  );
}

/** Steps that are being put together. */
type Group = { readonly first: ToldStep; readonly clauses: Chunk[]; isStageSure: boolean };

/** More words than this beside a thing to do are no part of it. */
const MOST_TALK = 16;

/** Things to do with the short talk after each; longer talk stays by itself. */
export function withTalk(steps: readonly ToldStep[]): readonly ToldStep[] {
  const tasks: ToldStep[] = [];
  for (const step of steps) {
    const last = tasks.at(-1);
    const words = step.clauses.flatMap((clause) => clause.words).length;
    if (last !== undefined && isTask(last) && !isTask(step) && words <= MOST_TALK)
      tasks[tasks.length - 1] = joined(last, [...last.clauses, ...step.clauses]);
    else tasks.push(step);
  }
  return tasks;
}

const isSameTime = (one: ToldStep, other: ToldStep): boolean =>
  one.stage === other.stage && one.part === other.part;

const joined = (step: ToldStep, clauses: readonly Chunk[]): ToldStep => ({
  ...step,
  clauses,
  text: clauses.map(({ written }) => written).join(" "),
});
