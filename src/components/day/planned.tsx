"use client";

import { useSyncExternalStore } from "react";
import { scaleLinear } from "d3-scale";
import { RESOURCES, type Resource, type Schedule, type Task } from "@/core/day";
import { minutesText, type Units } from "@/words";
import { clockText, dayText, doingText, RESOURCE_NAMES } from "@/words/day";

const MS_PER_MIN = 60_000;

const TICK_MS = 15_000;

function everyMinute(tell: () => void): () => void {
  const timer = setInterval(tell, TICK_MS);
  return () => clearInterval(timer);
}

/** Minutes since 1970 by the clock of the baker's own machine, which the server does not know: null there. */
export const useNow = (): number | null => useSyncExternalStore(everyMinute, () => Math.floor(Date.now() / MS_PER_MIN), () => null);

const clockAt = (minute: number): string => clockText(new Date(minute * MS_PER_MIN));
const dateAt = (minute: number): string => dayText(new Date(minute * MS_PER_MIN), "long");

type PlannedProps = {
  readonly schedule: Schedule;
  readonly tasks: readonly Task[];
  /** When the last cake is wanted, minutes since 1970. */
  readonly wantedAt: number;
  /** Names of the cakes, told with each task where there are several. */
  readonly names: readonly string[];
  readonly now: number;
  readonly units: Units;
};

/** A day as it is planned: when to begin, the hours by what they take, and every task in order. */
export function Planned({ schedule, tasks, wantedAt, names, now, units }: PlannedProps) {
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
      {now > startsAt && (
        <p role="status" className="px-6 pt-1 font-semibold text-tomato max-sm:px-4">
          {now > wantedAt ? `${clockAt(wantedAt)} on ${dateAt(wantedAt)} is past.` : `It should have begun ${minutesText(now - startsAt)} ago: have it wanted later, or leave something out.`}
        </p>
      )}
      <Timeline {...{ schedule, tasks, wantedAt, now, units }} />
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
                  <span className={task.needs.includes("hands") ? "" : "text-ink-2"}>
                    {doingText(task.doing, units)}
                    {names.length > 1 && <span className="text-[14px] text-ink-2"> · {names[task.cake]}</span>}
                  </span>
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
function Timeline({ schedule, tasks, wantedAt, now, units }: Omit<PlannedProps, "names">) {
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
        {now >= startsAt && now <= wantedAt && <line x1={x(now)} x2={x(now)} y1={0} y2={height} className="stroke-tomato" strokeWidth="2.5" />}
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

/** No day holds all of it. */
export function NoDay() {
  return <p className="px-6 py-8 text-[17px] font-semibold text-tomato max-sm:px-4">It can&apos;t be done in these hours: some task finds no place before the cake is wanted. Let the day begin earlier or end later, be home longer, or have it wanted another time.</p>;
}
