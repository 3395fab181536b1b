"use client";

import { minutesText } from "@/words";
import { doingText } from "@/words/day";
import { clockAt, dateAt } from "../frame/now";
import { Timeline, type TimelineProps } from "./timeline";

/** A day as it is planned: when to begin, the hours by what they take, and every task in order. */
export function Planned(props: TimelineProps) {
  const { schedule, tasks, names, now, units } = props;
  const wantedAt = Math.max(...props.wantedAt);
  const { startsAt, critical, placed } = schedule;
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const days = [...new Set(placed.map(({ from }) => dateAt(from, units)))];
  const hands = tasks
    .filter(({ needs }) => needs.includes("hands"))
    .reduce((sum, { minutes }) => sum + minutes, 0);
  return (
    <>
      <p className="figure-text px-6 pt-4 text-[25px] leading-tight max-sm:px-4">
        Begin at {clockAt(startsAt, units)}
        <span className="font-sans text-[15px] font-normal text-ink-2">
          {" "}
          on {dateAt(startsAt, units)}, wanted at {clockAt(wantedAt, units)}
          {days.length > 1 ? ` on ${dateAt(wantedAt, units)}` : ""}; {minutesText(hands)} of it by
          hand
        </span>
      </p>
      {now > startsAt && (
        <p role="status" className="px-6 pt-1 font-semibold text-tomato max-sm:px-4">
          {now > wantedAt
            ? `${clockAt(wantedAt, units)} on ${dateAt(wantedAt, units)} is past.`
            : `It should have begun ${minutesText(now - startsAt)} ago: have it wanted later, or leave something out.`}
        </p>
      )}
      <Timeline {...props} />
      {days.map((day) => (
        <div key={day}>
          {days.length > 1 && <h3 className="px-6 pt-3 text-[17px] max-sm:px-4">{day}</h3>}
          <ol
            aria-label={`Tasks of ${day}`}
            className="px-6 py-1 max-sm:px-4 print:columns-2 print:gap-x-6"
          >
            {placed
              .filter(({ from }) => dateAt(from, units) === day)
              .map(({ id, from, to, earlierBy }) => {
                const task = byId.get(id);
                if (task === undefined) return null;
                return (
                  <li
                    key={id}
                    className="grid grid-cols-[4.2rem_minmax(0,1fr)_auto] items-baseline gap-x-3 border-t-[1.5px] border-line py-1.5 first:border-t-0 print:grid-cols-[2.6rem_minmax(0,1fr)_auto] print:gap-x-1.5 print:break-inside-avoid print:border-t print:py-0 print:text-[12.5px] print:leading-[1.45]"
                  >
                    <span className="figure-text text-[19px] print:text-[14px]">
                      {clockAt(from, units)}
                    </span>
                    <span className={task.needs.includes("hands") ? "" : "text-ink-2"}>
                      {doingText(task.doing, units)}
                      {names.length > 1 && (
                        <span className="text-[14px] text-ink-2 print:text-[11px]">
                          {" "}
                          · {names[task.cake]}
                        </span>
                      )}
                      {task.words !== undefined && (
                        <span className="block text-[14px] text-ink-2 print:hidden">
                          {task.words}
                        </span>
                      )}
                    </span>
                    <span className="text-right text-[14px] text-ink-2 max-sm:max-w-26 print:max-w-none print:text-[11px]">
                      {minutesText(to - from)}
                      {earlierBy > 0 && !critical.includes(id) && (
                        <span className="no-print">, {minutesText(earlierBy)} earlier is fine</span>
                      )}
                      {critical.includes(id) && (
                        <span className="sr-only">, no minute to spare</span>
                      )}
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
