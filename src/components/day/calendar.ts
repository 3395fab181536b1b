import type { Schedule, Task } from "@/core/day";
import { addMinutes } from "date-fns";
import type { ComingOut } from "@/core/freezer";
import type { Units } from "@/words";
import { doingText } from "@/words/day";
import { takeOutTitle, thawText } from "@/words/freezer";
import { MS_PER_MIN } from "@/core/measure";
import { saveFile } from "../frame/download";

/** A freezer is opened and shut again, min. */
const TAKING_OUT_MIN = 5;

/** What is written into a calendar. */
export type CalendarDay = {
  readonly name: string;
  /** What makes its entries the same ones when it is written again. */
  readonly id: string;
  readonly schedule: Schedule;
  readonly tasks: readonly Task[];
  readonly names: readonly string[];
  /** What comes out of the freezer for that day. */
  readonly thaws: readonly ComingOut[];
  readonly units: Units;
};

/**
 * A day as an iCalendar text: what hands do rings when it begins, what only waits is entered
 * without a sound.
 */
export async function calendarText({
  name: asNamed,
  id,
  schedule,
  tasks,
  names: asCalled,
  thaws,
  units,
}: CalendarDay): Promise<string> {
  const [name, names] = [oneLine(asNamed), asCalled.map(oneLine)];
  const { default: ical, ICalAlarmType } = await import("ical-generator");
  const calendar = ical({
    name,
    prodId: { company: "Steady Tin", product: "Steady Tin", language: "EN" },
  });
  const byId = new Map(tasks.map((task) => [task.id, task]));
  for (const { id: taskId, from, to } of schedule.placed) {
    const task = byId.get(taskId);
    if (task === undefined) continue;
    const summary = oneLine(
      `${doingText(task.doing, units)}${names.length > 1 ? ` · ${names[task.cake] ?? ""}` : ""}`,
    );
    const event = calendar.createEvent({
      id: `${id}-${taskId}@steady-tin`,
      start: new Date(from * MS_PER_MIN),
      end: new Date(to * MS_PER_MIN),
      summary,
      description: name,
    });
    if (task.needs.includes("hands") || task.doing.do === "warm-up")
      event.createAlarm({ type: ICalAlarmType.display, trigger: 0, description: summary });
  }
  for (const { id: portionsId, portions, at } of thaws) {
    const summary = oneLine(`${takeOutTitle(portions)} · ${portions.name}`);
    const event = calendar.createEvent({
      id: `${id}-${portionsId}@steady-tin`,
      start: at,
      end: addMinutes(at, TAKING_OUT_MIN),
      summary,
      description: oneLine(thawText(portions)),
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: 0, description: summary });
  }
  return calendar.toString();
}

/** A break in a name would begin a line of its own, and with it any entry somebody likes. */
const oneLine = (text: string): string => text.replaceAll(/[\p{Cc}\u2028\u2029]+/gu, " ").trim();

/** Gives the day to the browser as a file. */
export async function saveCalendar(day: CalendarDay): Promise<void> {
  saveFile(day.name, "ics", await calendarText(day), "text/calendar");
}
