export { type DayBoxes, DayBoxesSchema, readDay, SPLITS, USUAL_HOURS } from "./day-boxes";
export {
  type DayCake,
  type DayPart,
  type Dressed,
  mayWait,
  type MethodStep,
  NO_WORDS,
  type OwnPart,
  type RecipeWords,
} from "./day-cake";
export { type CakeOfDay, type DayPlan, dayPlan, type WayOut, waysOut } from "./day-plan";
export type { HeldBy } from "./float";
export { isKeptCold, MADE, type Made } from "./making";
export { type DayRequest, dueOf } from "./activity-network";
export { isOvernight, localMinute } from "./nights";
export { type Schedule, scheduleDay, whyNoDay } from "./schedule";
export { idInDay, nameInCake, STEP_MIN } from "./task-list";
export {
  type Doing,
  goingOf,
  inOvenBefore,
  type TaskLink,
  presenceOf,
  type Resource,
  OVENS,
  RESOURCES,
  type Shorter,
  type Stretch,
  type Task,
  type TaskStation,
  TaskSchema,
  type Shortcut,
  SHORTCUTS,
} from "./task";
export { tasksOf } from "./tasks";
export { CALENDAR_STRETCHES, type CalendarStretch, wantedOnDay, weeksShown } from "./weeks";
export { SOFT_BUTTER } from "./mixed";
