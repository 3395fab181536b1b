"use client";

import { useMemo, useSyncExternalStore } from "react";
import { scaleLinear } from "d3-scale";
import { Printer } from "lucide-react";
import { dayCake, readDayHours, USUAL_HOURS, workRecipe, type CakeDoc, type DayBoxes } from "@/core/cake";
import { mayWait, nightsBefore, RESOURCES, scheduleDay, tasksOf, type Resource, type Schedule, type Task } from "@/core/day";
import { pantryOf } from "@/core/pantry";
import { issueText, minutesText, type Units } from "@/words";
import { clockText, dayText, doingText, RESOURCE_NAMES } from "@/words/day";
import { Field } from "../frame/field";
import type { StationProps } from "./fill-station";
import type { KitchenPantry } from "./mix-station";

const MS_PER_MIN = 60_000;

/** Times are told by the clock of the baker's own machine, which the server does not know. */
const useIsHere = (): boolean => useSyncExternalStore(() => () => undefined, () => true, () => false);

const clockAt = (minute: number): string => clockText(new Date(minute * MS_PER_MIN));
const dateAt = (minute: number): string => dayText(new Date(minute * MS_PER_MIN), "long");

/** Day: worked backwards from when the cake is wanted, nothing twice in one hand or one oven. */
export function DayStation({ question, read, plan, isStale, units, recipe, pantry, onChange }: StationProps & { readonly recipe: CakeDoc["recipe"]; readonly pantry: KitchenPantry }) {
  const { day: boxes } = question;
  const isHere = useIsHere();
  const formula = useMemo(() => (recipe === null ? null : workRecipe(recipe.doc, pantryOf(pantry.own, pantry.learnt)).formula), [recipe, pantry]);
  const hours = readDayHours(boxes);
  const wantedAt = boxes.wantedAt === "" ? null : new Date(boxes.wantedAt).getTime() / MS_PER_MIN;
  const cake = useMemo(() => (read.input.ok ? dayCake(read.input.value, plan, formula) : null), [read, plan, formula]);
  const tasks = useMemo(() => (cake === null ? null : tasksOf(cake, 0)), [cake]);
  const schedule = useMemo(() => {
    const times = readDayHours(boxes);
    if (tasks === null || wantedAt === null || !Number.isFinite(wantedAt) || !times.ok) return null;
    const midnight = new Date(wantedAt * MS_PER_MIN).setHours(0, 0, 0, 0) / MS_PER_MIN;
    const { fromMin, toMin, out } = times.value;
    return scheduleDay({ tasks, wantedAt: [wantedAt], away: nightsBefore(wantedAt, fromMin, toMin, out === null ? [] : [{ from: midnight + out.fromMin, to: midnight + out.toMin }]) });
  }, [tasks, wantedAt, boxes]);
  const change = (changes: Partial<DayBoxes>): void => onChange({ day: { ...boxes, ...changes } }, `day-${Object.keys(changes).join()}`);
  const problem = (path: string): string | null => (hours.ok || hours.issue.path !== path ? null : issueText(hours.issue, units));
  const canSay = wantedAt !== null && Number.isFinite(wantedAt) && hours.ok && tasks !== null;
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,300px)_minmax(0,1fr)] print:block">
      <div className="no-print space-y-3">
        <label className="block">
          <span className="label block">Wanted</span>
          <input type="datetime-local" className="field" value={boxes.wantedAt} onChange={(event) => change({ wantedAt: event.target.value })} />
        </label>
        <div className="flex gap-2">
          <Field label="Not before" value={boxes.from} onChange={(from) => change({ from })} problem={problem("dayFrom")} placeholder={USUAL_HOURS.from} />
          <Field label="Nor after" value={boxes.to} onChange={(to) => change({ to })} problem={problem("dayTo")} placeholder={USUAL_HOURS.to} />
        </div>
        <div className="flex gap-2">
          <Field label="Out of the house from" value={boxes.outFrom} onChange={(outFrom) => change({ outFrom })} problem={problem("outFrom")} placeholder="not at all" />
          <Field label="until" value={boxes.outTo} onChange={(outTo) => change({ outTo })} problem={problem("outTo")} placeholder="" />
        </div>
        {schedule !== null && <button type="button" className="button" onClick={() => globalThis.print()}><Printer size={17} aria-hidden /> Print the day</button>}
      </div>
      <section aria-label="The day" aria-live="polite" className={`panel min-w-0 overflow-hidden ${isStale ? "opacity-50" : ""}`}>
        {!canSay && <p className="px-6 py-8 text-[17px] max-sm:px-4">Say when the cake is wanted: the day is worked backwards from that hour.</p>}
        {canSay && schedule === null && (
          <p className="px-6 py-8 text-[17px] font-semibold text-tomato max-sm:px-4">It can&apos;t be done in these hours: some task finds no place before the cake is wanted. Let the day begin earlier or end later, be home longer, or have it wanted another time.</p>
        )}
        {cake !== null && !mayWait(cake) && <p className="px-6 pt-4 font-semibold text-crust max-sm:px-4">This batter loses its lift while it waits: mix it anew for each load, or take fewer tins.</p>}
        {canSay && schedule !== null && isHere && <Planned schedule={schedule} tasks={tasks} wantedAt={wantedAt} units={units} />}
      </section>
    </div>
  );
}

type PlannedProps = { readonly schedule: Schedule; readonly tasks: readonly Task[]; readonly wantedAt: number; readonly units: Units };

function Planned({ schedule, tasks, wantedAt, units }: PlannedProps) {
  const { startsAt, critical, placed } = schedule;
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const days = [...new Set(placed.map(({ from }) => dateAt(from)))];
  const hands = tasks.filter(({ needs }) => needs.includes("hands")).reduce((sum, { minutes }) => sum + minutes, 0);
  return (
    <>
      <p className="figure-text px-6 pt-4 text-[25px] leading-tight max-sm:px-4">
        Begin at {clockAt(startsAt)}
        <span className="font-sans text-[15px] font-normal text-ink-2">
          {" "}on {dateAt(startsAt)}, wanted at {clockAt(wantedAt)}{days.length > 1 ? ` on ${dateAt(wantedAt)}` : ""}; {minutesText(hands)} of it by hand
        </span>
      </p>
      <Timeline {...{ schedule, tasks, units }} wantedAt={wantedAt} />
      {days.map((day) => (
        <div key={day}>
          {days.length > 1 && <h3 className="px-6 pt-3 text-[17px] max-sm:px-4">{day}</h3>}
          <ol aria-label={`Tasks of ${day}`} className="px-6 py-1 max-sm:px-4">
            {placed.filter(({ from }) => dateAt(from) === day).map(({ id, from, to, earlierBy }) => {
              const task = byId.get(id);
              if (task === undefined) return null;
              return (
                <li key={id} className="grid grid-cols-[4.2rem_minmax(0,1fr)_auto] items-baseline gap-x-3 border-t-[1.5px] border-line py-1.5 first:border-t-0">
                  <span className="figure-text text-[19px]">{clockAt(from)}</span>
                  <span className={task.needs.includes("hands") ? "" : "text-ink-2"}>{doingText(task.doing, units)}</span>
                  <span className="text-right text-[14px] text-ink-2">
                    {minutesText(to - from)}
                    {earlierBy > 0 && !critical.includes(id) ? `, ${minutesText(earlierBy)} earlier is fine` : ""}
                    {critical.includes(id) && <span className="sr-only">, no minute to spare</span>}
                  </span>
                </li>
              );
            })}
          </ol>
        </div>
      ))}
    </>
  );
}

const ROW = 26;
const WIDTH = 800;
const LEFT = 58;

/** The day by what it takes: hands, mixer, oven, and what only has to wait, on one line of hours. */
function Timeline({ schedule, tasks, wantedAt, units }: PlannedProps) {
  const { placed, startsAt, critical } = schedule;
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const x = scaleLinear([startsAt, wantedAt], [LEFT, WIDTH - 24]);
  const rows: readonly (Resource | "waits")[] = [...RESOURCES, "waits"];
  const hour = hourStep(wantedAt - startsAt);
  const first = Math.ceil(startsAt / hour) * hour;
  const hours = Array.from({ length: Math.max(0, Math.floor((wantedAt - first) / hour) + 1) }, (_, index) => first + index * hour);
  const height = rows.length * ROW;
  return (
    <div className="overflow-x-auto px-6 pt-4 max-sm:px-3" role="group" aria-label="The hours" tabIndex={0}>
      <svg viewBox={`0 0 ${WIDTH} ${height + 22}`} className="min-w-[560px]" role="img" aria-label={`From ${clockAt(startsAt)} to ${clockAt(wantedAt)}; the list below has every task`}>
        {hours.map((at) => (
          <g key={at}>
            <line x1={x(at)} x2={x(at)} y1={0} y2={height} className="stroke-line" strokeWidth="1" />
            <text x={x(at)} y={height + 17} textAnchor="middle" className="fill-ink-2" fontSize="12">{clockAt(at)}</text>
          </g>
        ))}
        {rows.map((row, index) => (
          <g key={row}>
            <text x={0} y={index * ROW + 17} className="fill-ink-2" fontSize="13">{row === "waits" ? "Waits" : RESOURCE_NAMES[row]}</text>
            {placed.map(({ id, from, to }) => {
              const task = byId.get(id);
              if (task === undefined || !(row === "waits" ? task.needs.length === 0 : task.needs.includes(row))) return null;
              return (
                <rect key={id} x={x(from)} y={index * ROW + 4} width={Math.max(2, x(to) - x(from) - 1)} height={ROW - 8} rx="3" className={`${FILLS[row]} ${critical.includes(id) ? "stroke-ink" : "stroke-white"}`} strokeWidth="1.25">
                  <title>{`${clockAt(from)} ${doingText(task.doing, units)}, ${minutesText(to - from)}`}</title>
                </rect>
              );
            })}
          </g>
        ))}
        <line x1={LEFT} x2={WIDTH} y1={height} y2={height} className="stroke-ink" strokeWidth="3" />
      </svg>
    </div>
  );
}

const FILLS = { hands: "fill-yolk", mixer: "fill-batter", oven: "fill-crumb", waits: "fill-line" } as const;

/** Hours are marked so that no more than a dozen stand on the line. */
function hourStep(spanMin: number): number {
  return [30, 60, 120, 240, 480].find((step) => spanMin / step <= 12) ?? 720;
}
