"use client";

import { scaleLinear } from "d3-scale";
import { goingOf, type Task } from "@/core/day";
import type { Present } from "@/core/live";
import { useUnits } from "../frame/units";
import { STATION_NAMES } from "../frame/stations";
import { clockAt } from "../frame/now";
import { useWidth } from "../frame/use-width";

const HEIGHT = 92;
const SIDE = 4;

const FILLS: Readonly<Record<Task["station"], string>> = {
  mix: "fill-deep-leaf",
  fill: "fill-yolk",
  bake: "fill-crumb",
  cool: "fill-deep-steel",
  build: "fill-deep-fruit",
  finish: "fill-deep-fruit",
  serve: "fill-deep-steel",
};

/**
 * The day on one line: what hands and oven do above, what goes on by itself below, and where it
 * stands now.
 */
export function LiveStrip({
  present,
  tasks,
  now,
}: {
  readonly present: Present;
  readonly tasks: readonly Task[];
  readonly now: number;
}) {
  const { units } = useUnits();
  const [frame, width] = useWidth<HTMLDivElement>(1200);
  const stretches = tasks.flatMap((task) => {
    const state = present.states.get(task.id);
    const rest = present.rest.get(task.id);
    const stretch = state?.is === "over" ? { from: state.startedAt, to: state.doneAt } : rest;
    return stretch === undefined ? [] : [{ task, ...stretch, isOver: state?.is === "over" }];
  });
  const last = Math.max(...present.wantedAt, ...stretches.map(({ to }) => to), now);
  const x = scaleLinear(
    [Math.min(now, ...stretches.map(({ from }) => from)), last],
    [SIDE, width - SIDE],
  );
  const isMain = (task: Task): boolean =>
    goingOf(task) === "by-hand" || task.needs.includes("oven");
  const laneOf = (task: Task): { readonly y: number; readonly height: number } =>
    goingOf(task) === "by-hand"
      ? { y: 26, height: 22 }
      : task.needs.includes("oven")
        ? { y: 51, height: 14 }
        : { y: 68, height: 8 };
  // A name stands where its station begins, if the one before leaves room.
  const names: { at: number; text: string }[] = [];
  for (const { task, from } of stretches
    .filter(({ task: each }) => isMain(each))
    .toSorted((one, other) => one.from - other.from)) {
    const text = STATION_NAMES[task.station];
    const before = names.at(-1);
    if (before?.text === text) continue;
    if (before === undefined || x(from) > before.at + 10 * before.text.length + 14)
      names.push({ at: x(from), text });
  }
  return (
    <div ref={frame} className="min-w-0" aria-hidden>
      <svg width={width} height={HEIGHT} className="block">
        {names
          .filter(({ at, text }) => at + 9 * text.length < width - 130)
          .map(({ at, text }) => (
            <text key={at} x={at} y={16} className="fill-white" fontSize="17">
              {text}
            </text>
          ))}
        <text x={width - SIDE} y={16} textAnchor="end" className="fill-white" fontSize="17">
          wanted {clockAt(Math.max(...present.wantedAt), units)}
        </text>
        {stretches.map(({ task, from, to, isOver }) => (
          <rect
            key={task.id}
            x={x(from)}
            width={Math.max(3, x(to) - x(from) - 2)}
            rx="4"
            y={laneOf(task).y}
            height={laneOf(task).height}
            className={isMain(task) ? FILLS[task.station] : "fill-deep-line"}
            opacity={isOver ? 0.45 : 1}
          />
        ))}
        {present.wantedAt.map((at, cake) => (
          <line
            key={cake}
            x1={x(at)}
            x2={x(at)}
            y1={24}
            y2={74}
            className="stroke-white"
            strokeWidth="2"
            strokeDasharray="3 5"
          />
        ))}
        <line x1={x(now)} x2={x(now)} y1={20} y2={84} className="stroke-white" strokeWidth="4" />
      </svg>
    </div>
  );
}
