export { type DayBoxes, DayBoxesSchema, readDay, SPLITS, USUAL_HOURS } from "./day-boxes";
export {
  type DayCake,
  type DayPart,
  isBeaten,
  mayWait,
  type MethodStep,
  NO_WORDS,
  type OwnPart,
  type RecipeWords,
} from "./day-cake";
export { type CakeOfDay, type DayPlan, dayPlan, type WayOut, waysOut } from "./day-plan";
export type { Hold } from "./freedom";
export { isKeptCold, MADE, type Made } from "./making";
export { type DayRequest, dueOf } from "./net";
export { isOvernight, localMinute } from "./nights";
export { type Schedule, scheduleDay } from "./schedule";
export { nameInCake } from "./task-list";
export {
  type Doing,
  goingOf,
  type Link,
  presenceOf,
  type Resource,
  RESOURCES,
  type Shorter,
  type Stretch,
  type Task,
  TaskSchema,
  type Way,
  WAYS,
} from "./task";
export { SOFT_BUTTER, tasksOf } from "./tasks";
