export { benchAt, ovenFirst, type Bench, type BenchDay } from "./bench";
export {
  isBeaten,
  mayWait,
  usesOfBowl,
  NO_WORDS,
  type RecipeWords,
  type DayCake,
  type DayPart,
  type MethodStep,
  type OwnPart,
} from "./day-cake";
export type { Hold } from "./freedom";
export {
  openTin,
  parseBenchEvents,
  replayed,
  tinsInOven,
  VERDICTS,
  type BenchEvent,
  type Log,
  type Verdict,
} from "./log";
export { isKeptCold, MADE, type Made } from "./making";
export {
  clockMinutes,
  isOvernight,
  localMinute,
  minuteOf,
  nightsBefore,
  type ClockHours,
} from "./nights";
export { clockToExtend, rungAt } from "./rung";
export type { DayRequest } from "./net";
export { lateCakes, leastOffer, offersAt, type Offer } from "./offers";
export { movedDay, scheduleDay, whyNoDay, type Schedule } from "./schedule";
export { idInDay, nameInCake } from "./task-list";
export {
  goingOf,
  RESOURCES,
  TaskSchema,
  type Doing,
  type Resource,
  type Stretch,
  type Task,
  type Way,
} from "./task";
export { SOFT_BUTTER, tasksOf } from "./tasks";
