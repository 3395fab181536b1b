export { benchAt, offersAt, type Bench, type BenchDay, type Offer } from "./bench";
export type { Hold } from "./freedom";
export { openTin, parseBenchEvents, replayed, VERDICTS, type BenchEvent, type Log, type Verdict } from "./log";
export { FROM_SOFT_BUTTER, MADE, type Made } from "./making";
export { clockMinutes, localMinute, nightsBefore, type ClockHours } from "./nights";
export { movedDay, scheduleDay, whyNoDay, type DayRequest, type Schedule } from "./schedule";
export { rungAt } from "./rung";
export { goingOf, RESOURCES, TaskSchema, type Doing, type Resource, type Stretch, type Task, type Way } from "./task";
export { mayWait, tasksOf, usesBowl, type DayCake, type DayPart, type MethodStep } from "./tasks";
