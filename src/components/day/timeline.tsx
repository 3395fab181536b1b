"use client";

import { useState, type KeyboardEvent, type PointerEvent } from "react";
import { scaleLinear } from "d3-scale";
import {
  isOvernight,
  RESOURCES,
  type Resource,
  type Schedule,
  type Stretch,
  type Task,
} from "@/core/day";
import { minutesText, type Units } from "@/words";
import { doingText, holdText, RESOURCE_NAMES } from "@/words/day";
import { clockAt } from "../frame/now";

const ROW = 34;
const WIDTH = 800;
const LEFT = 58;
const RIGHT = 30;
/** The mark that is pulled stands above the rows. */
const HANDLE = 20;
/** What is dragged goes in steps of five minutes; keys do too. */
const STEP_MIN = 5;

export type TimelineProps = {
  readonly schedule: Schedule;
  readonly tasks: readonly Task[];
  /** When each cake is wanted, minutes since 1970. */
  readonly wantedAt: readonly number[];
  readonly names: readonly string[];
  readonly now: number;
  readonly units: Units;
  /** When nobody is there: nothing by hand is done then. */
  readonly away: readonly Stretch[];
  /** Puts a task elsewhere; left out where nothing can be moved. */
  readonly onMove?: (id: string, from: number) => void;
  readonly onWanted?: (cake: number, at: number) => void;
};

/** What is being pulled, how far, and the hours as they were when it began. */
type Pull = {
  readonly id: string;
  readonly fromX: number;
  readonly byMin: number;
  readonly domain: readonly [number, number];
};

type Row = Resource | "waits";
const rowsOf = ({ needs }: Task): readonly Row[] => (needs.length === 0 ? ["waits"] : needs);

/**
 * The day by what it takes: hands, mixer, oven, and what only has to wait, on one line of hours.
 * Tasks are pulled about in their freedom.
 */
export function Timeline({
  schedule,
  tasks,
  wantedAt,
  away,
  names,
  now,
  units,
  onMove,
  onWanted,
}: TimelineProps) {
  const { placed, startsAt, critical } = schedule;
  const [pull, setPull] = useState<Pull | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const last = Math.max(...wantedAt);
  const domain = pull?.domain ?? ([startsAt, last] as const);
  const x = scaleLinear(domain, [LEFT, WIDTH - RIGHT]);
  const hour = hourStep(domain[1] - domain[0]);
  const first = Math.ceil(domain[0] / hour) * hour;
  const hours = Array.from(
    { length: Math.max(0, Math.floor((domain[1] - first) / hour) + 1) },
    (_, index) => first + index * hour,
  );
  // A second oven has a row on the days it is used.
  const rows: readonly Row[] = [...RESOURCES, "waits" as const].filter(
    (row) => row !== "second-oven" || tasks.some(({ needs }) => needs.includes(row)),
  );
  const height = rows.length * ROW;
  const gone = away
    .map((stretch) => ({
      from: Math.max(stretch.from, domain[0]),
      to: Math.min(stretch.to, domain[1]),
      isNight: isOvernight(stretch),
    }))
    .filter(({ from, to }) => to > from);
  const nameOf = (id: string): string => {
    const task = byId.get(id);
    return task === undefined ? "" : doingText(task.doing, units);
  };
  const lanes = lanesOf(placed.filter(({ id }) => byId.get(id)?.needs.length === 0));
  const along = (id: string): boolean =>
    pull !== null &&
    (pull.id === id || placed.find((each) => each.id === pull.id)?.along.includes(id) === true);

  /** As far as it may go; says what holds it where it may go no further. */
  function held(id: string, byMin: number): number {
    const own = placed.find((each) => each.id === id);
    if (own === undefined) return byMin;
    const may = Math.max(-own.earlierBy, Math.min(own.laterBy, byMin));
    const hold = byMin < may ? own.earlierHold : byMin > may ? own.laterHold : null;
    setRefused(
      hold === null
        ? null
        : `“${nameOf(id)}” can't begin ${byMin < 0 ? "before" : "after"} ${clockAt(own.from + may, units)}: ${holdText(hold, nameOf(hold.by === "task" ? hold.id : ""))}.`,
    );
    return may;
  }

  const pulling = (id: string, at: (byMin: number) => void, limit: (byMin: number) => number) => ({
    onPointerDown: (event: PointerEvent<SVGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      setRefused(null);
      setPull({ id, fromX: event.clientX, byMin: 0, domain: [domain[0], domain[1]] });
    },
    onPointerMove: (event: PointerEvent<SVGElement>) => {
      if (pull?.id !== id) return;
      const perPixel =
        (WIDTH / (event.currentTarget.ownerSVGElement?.getBoundingClientRect().width ?? WIDTH)) *
        ((domain[1] - domain[0]) / (WIDTH - RIGHT - LEFT));
      setPull({
        ...pull,
        byMin: limit(Math.round(((event.clientX - pull.fromX) * perPixel) / STEP_MIN) * STEP_MIN),
      });
    },
    onPointerUp: () => {
      if (pull?.id === id && pull.byMin !== 0) at(pull.byMin);
      setPull(null);
    },
    onPointerCancel: () => setPull(null),
    onKeyDown: (event: KeyboardEvent) => {
      const byMin = {
        ArrowLeft: -STEP_MIN,
        ArrowDown: -STEP_MIN,
        ArrowRight: STEP_MIN,
        ArrowUp: STEP_MIN,
        PageDown: -30,
        PageUp: 30,
      }[event.key];
      if (byMin === undefined) return;
      event.preventDefault();
      const may = limit(byMin);
      if (may !== 0) at(may);
    },
  });

  return (
    <div className="px-6 pt-4 max-sm:px-3">
      <div className="overflow-x-auto" role="group" aria-label="The hours" tabIndex={0}>
        <svg
          viewBox={`0 ${-HANDLE - 1} ${WIDTH} ${height + HANDLE + 23}`}
          className="min-w-[560px] select-none"
          role="group"
          aria-label={`From ${clockAt(startsAt, units)} to ${clockAt(last, units)}; the list below has every task`}
        >
          {hours.map((at) => (
            <g key={at}>
              <line
                x1={x(at)}
                x2={x(at)}
                y1={0}
                y2={height}
                className="stroke-line"
                strokeWidth="1"
              />
              <text
                x={x(at)}
                y={height + 17}
                textAnchor="middle"
                className="fill-ink-2"
                fontSize="12"
              >
                {clockAt(at, units)}
              </text>
            </g>
          ))}
          {gone.map(({ from, to, isNight }) => (
            <g key={from}>
              <rect
                x={x(from)}
                y={0}
                width={x(to) - x(from)}
                height={ROW}
                className="fill-line"
                opacity="0.55"
              />
              {x(to) - x(from) > 26 && (
                <text
                  x={(x(from) + x(to)) / 2}
                  y={21}
                  textAnchor="middle"
                  className="fill-ink-2"
                  fontSize="12"
                >
                  {isNight ? "night" : "out"}
                </text>
              )}
              <title>{`Nobody there from ${clockAt(from, units)} to ${clockAt(to, units)}`}</title>
            </g>
          ))}
          {rows.map((row, index) => (
            <text key={row} x={0} y={index * ROW + 21} className="fill-ink-2" fontSize="13">
              {row === "waits" ? "Waits" : RESOURCE_NAMES[row]}
            </text>
          ))}
          {placed.map(({ id, from, to, earlierBy, laterBy }) => {
            const task = byId.get(id);
            if (task === undefined) return null;
            const by = along(id) ? (pull?.byMin ?? 0) : 0;
            const isHeld = earlierBy === 0 && laterBy === 0;
            return rowsOf(task).map((row, index) => {
              const isHandle = onMove !== undefined && index === 0;
              const tall = row === "waits" ? (ROW - 6) / lanes.count : ROW - 6;
              const said = `${clockAt(from + by, units)} ${doingText(task.doing, units)}, ${minutesText(to - from)}`;
              return (
                <rect
                  key={`${id}.${row}`}
                  x={x(from + by)}
                  y={
                    rows.indexOf(row) * ROW +
                    3 +
                    (row === "waits" ? (lanes.of.get(id) ?? 0) * tall : 0)
                  }
                  width={Math.max(3, x(to) - x(from) - 1)}
                  height={tall}
                  rx="4"
                  className={`${FILLS[row]} ${along(id) ? "stroke-ink" : critical.includes(id) ? "stroke-ink" : "stroke-white"} ${isHandle ? `${isHeld ? "cursor-not-allowed" : "cursor-ew-resize"} touch-none` : ""}`}
                  strokeWidth={along(id) ? 3 : 1.25}
                  {...(isHandle
                    ? {
                        role: "slider",
                        tabIndex: 0,
                        "aria-label": doingText(task.doing, units),
                        "aria-valuemin": from - earlierBy,
                        "aria-valuemax": from + laterBy,
                        "aria-valuenow": from + by,
                        "aria-valuetext": said,
                        ...pulling(
                          id,
                          (byMin) => onMove(id, from + byMin),
                          (byMin) => held(id, byMin),
                        ),
                      }
                    : { "aria-hidden": true })}
                >
                  <title>{said}</title>
                </rect>
              );
            });
          })}
          {now >= domain[0] && now <= domain[1] && (
            <g aria-hidden>
              <line
                x1={x(now)}
                x2={x(now)}
                y1={0}
                y2={height}
                className="stroke-tomato"
                strokeWidth="2.5"
              />
              <text
                x={x(now)}
                y={height + 17}
                textAnchor="middle"
                className="fill-tomato font-bold"
                fontSize="12"
              >
                now
              </text>
            </g>
          )}
          <line
            x1={LEFT}
            x2={WIDTH}
            y1={height}
            y2={height}
            className="stroke-ink"
            strokeWidth="3"
          />
          {wantedAt.map((at, cake) => {
            const id = `wanted ${cake}`;
            const by = pull?.id === id ? pull.byMin : 0;
            const name = names.length > 1 ? `“${names[cake] ?? ""}” wanted at` : "Wanted at";
            return (
              <g
                key={id}
                transform={`translate(${x(at + by)} 0)`}
                {...(onWanted === undefined
                  ? { "aria-hidden": true }
                  : {
                      className: "cursor-ew-resize touch-none",
                      role: "slider",
                      tabIndex: 0,
                      "aria-label": name,
                      "aria-valuenow": at + by,
                      "aria-valuemin": at - 1440,
                      "aria-valuemax": at + 1440,
                      "aria-valuetext": clockAt(at + by, units),
                      ...pulling(
                        id,
                        (byMin) => onWanted(cake, at + byMin),
                        (byMin) => byMin,
                      ),
                    })}
              >
                <rect x={-14} y={-HANDLE} width={28} height={height + HANDLE} fill="transparent" />
                <line y1={0} y2={height} className="stroke-ink" strokeWidth="3" />
                <path
                  d={`M-9 ${-HANDLE}H9V-9L0 0L-9 -9Z`}
                  className="fill-yolk stroke-ink"
                  strokeWidth="1.5"
                />
                <title>{`${name} ${clockAt(at + by, units)}`}</title>
              </g>
            );
          })}
        </svg>
      </div>
      <p role="status" aria-label="Where it may stand" className="min-h-6 pt-1 text-[15px]">
        {refused !== null && <span className="font-semibold text-tomato">{refused}</span>}
        {refused === null && pull !== null && (
          <span>
            {pull.id.startsWith("wanted")
              ? `Wanted at ${clockAt((wantedAt[Number(pull.id.slice(7))] ?? 0) + pull.byMin, units)}`
              : `${nameOf(pull.id)} at ${clockAt((placed.find(({ id }) => id === pull.id)?.from ?? 0) + pull.byMin, units)}`}
          </span>
        )}
        {refused === null && pull === null && onMove !== undefined && (
          <span className="text-ink-2 print:text-[11px]">
            <span className="no-print">
              Drag a task to another time, or the mark at the end to when it is wanted.{" "}
            </span>
            What is outlined leaves no minute to spare.
          </span>
        )}
      </p>
    </div>
  );
}

const FILLS = {
  hands: "fill-yolk",
  mixer: "fill-batter",
  oven: "fill-crumb",
  "second-oven": "fill-crumb",
  waits: "fill-line",
} as const;

/** Waits that go on at once stand one below the other: the lane of each, and how many there are. */
function lanesOf(waits: Schedule["placed"]): {
  readonly of: ReadonlyMap<string, number>;
  readonly count: number;
} {
  const ends: number[] = [];
  const of = new Map(
    waits.map(({ id, from, to }) => {
      const free = ends.findIndex((end) => end <= from);
      const lane = free === -1 ? ends.length : free;
      ends[lane] = to;
      return [id, lane] as const;
    }),
  );
  return { of, count: Math.max(1, ends.length) };
}

/** Hours are marked so that no more than a dozen stand on the line. */
function hourStep(spanMin: number): number {
  return [30, 60, 120, 240, 480].find((step) => spanMin / step <= 12) ?? 720;
}
