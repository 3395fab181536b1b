export { clockMinutes, nightsBefore, type ClockHours } from "./nights";
export { scheduleDay, type DayRequest, type Schedule, type Stretch } from "./schedule";
export { RESOURCES, type Doing, type Resource, type Task } from "./task";
export { mayWait, tasksOf, type DayCake, type MethodStep } from "./tasks";
