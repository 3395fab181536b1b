"use client";

import { useMemo } from "react";
import type { Look, LookAdvice } from "@/core/bake";
import type { BakeDoc, PlannedCake } from "@/core/kept";
import { isThere, NOTHING_RECEIVED, openTin, type ovenFirst } from "@/core/live";
import type { Task } from "@/core/day";
import type { BakeRecord } from "@/core/logbook";
import { dialText, heatText, ovenText, minutesText, weightText, type Units } from "@/words";
import { adviceText } from "@/words/bakes";
import { comingText } from "@/words/clocks";
import { lookedAtText, ordinal, ovenFirstText, stepWords } from "@/words/live";
import { doingText } from "@/words/day";
import { lastTimeText } from "@/words/logbook";
import { useSay } from "../frame/units";
import { STATION_NAMES } from "../frame/stations";
import { STATION_DRAWINGS } from "../section/strip-drawings";
import { clockAt, dateAt } from "../frame/now";
import { PouringTins, scaleText, tinsToFill } from "./pouring-tins";
import { ProbeCurve } from "./probe-curve";
import { SeenSigns } from "./seen-signs";
import type { LiveBake } from "./use-live-bake";
import { TickList, linesOf } from "./tick-list";
import { Cautions } from "./step-cautions";
import { Pane } from "./pane";

export type StepPaneProps = {
  readonly view: LiveBake;
  readonly doc: BakeDoc;
  readonly units: Units;
  /** The step that is shown; null when there is nothing to do. */
  readonly task: Task | null;
  /** Whether it is only offered: its time has not come. */
  readonly isEarly: boolean;
  readonly look: Look;
  readonly advice: LookAdvice | null;
  /** How it went last time; null where there was none. */
  readonly lastTime: BakeRecord | null;
  /** The tin of the load that is looked at, by its place; null where there is only one. */
  readonly lookedAt: number | null;
  readonly tinsLeft: number;
  /** The oven that has to go on first; null when it is warm in time. */
  readonly oven: ReturnType<typeof ovenFirst>;
  readonly onLookedAll: () => void;
  readonly onLook: (look: Look) => void;
  readonly onTick: (line: string, isTicked: boolean) => void;
  /** What the scale had counted before it was set to nothing is batter. */
  readonly onCountIn: () => void;
};

/** One step: what to do in large letters, why in a line, and the drawing it is done by. */
export function StepPane(props: StepPaneProps) {
  const say = useSay();
  const { view, doc, units, task, isEarly } = props;
  const { present, now, loads } = view;
  const cakes = doc.cakes.length;
  const inOven = loads.find(({ inAt, outAt }) => inAt !== null && outAt === null);
  const curve =
    inOven === undefined ||
    (inOven.readings.length === 0 &&
      view.known.devices.get("core-probe")?.serial == null) ? null : (
      <ProbeCurve
        curve={inOven.curve}
        minutes={inOven.minutes}
        refit={inOven.refit}
        readings={inOven.readings}
        minute={now - (inOven.inAt ?? now)}
        doneC={inOven.doneC}
        units={units}
      />
    );
  if (task === null || isEarly) {
    const next = present.timers[0];
    const coming =
      task ??
      next?.task ??
      doc.tasks
        .filter(({ id }) => present.rest.has(id))
        .toSorted(
          (one, other) =>
            (present.rest.get(one.id)?.from ?? 0) - (present.rest.get(other.id)?.from ?? 0),
        )[0];
    return (
      <Pane
        step={task === null ? "Waiting" : `Step ${present.step} of ${present.steps} · in good time`}
        title={
          task === null
            ? "Nothing to do but wait"
            : `Nothing has to be done before ${whenText(present.current?.by ?? now, now, units)}`
        }
        why={
          task === null
            ? present.nextAt === null
              ? ""
              : `Next at ${whenText(present.nextAt, now, units)}${next === undefined || next.endsAt > present.nextAt ? "" : `: ${comingText(next.task.doing, !next.isStanding, units)}`}.`
            : `Next: ${doingText(task.doing, units)}. It can be done now.`
        }
      >
        {isEarly && props.oven !== null && (
          <p
            role="status"
            className="max-w-[56ch] rounded-panel border-2 border-yolk px-4 py-2 text-[19px] leading-snug"
          >
            {ovenFirstText(props.oven)}
          </p>
        )}
        {curve ?? (
          <StationDrawing
            station={coming?.station ?? "finish"}
            planned={view.planned[coming?.cake ?? 0] ?? null}
          />
        )}
      </Pane>
    );
  }
  const cake = doc.cakes[task.cake];
  const planned = view.planned[task.cake] ?? null;
  const load = loads.find(({ bake, look }) => bake.id === task.id || look.id === task.id);
  const words = stepWords(task, units, {
    // What is toasted may want another heat than the cake.
    dialText:
      planned !== null &&
      task.doing.do === "warm-up" &&
      task.doing.ovenC === planned.plan.bake.dialC
        ? dialText(planned.plan.bake, units)
        : ovenText(task.doing.do === "warm-up" ? task.doing.ovenC : 0, units),
    doorShutMin: load?.minutes.doorShutUntilMin ?? task.minutes,
    firstLookMin: load?.refit.firstLookMin ?? task.minutes,
    source: cake?.doc.question.oven?.spec.source ?? null,
  });
  const step = `Step ${present.step} of ${present.steps} · ${STATION_NAMES[task.station].toLowerCase()}${cakes > 1 ? ` · ${cake?.name ?? ""}` : ""}`;
  if (task.doing.do === "fill" && planned !== null)
    return <FillStep {...props} task={task} step={step} planned={planned} />;
  if (task.doing.do === "look-and-bake-on" && cake !== undefined) {
    return (
      <Pane
        step={step}
        title={
          props.lookedAt === null
            ? words.title
            : lookedAtText(props.lookedAt, task.doing.tins ?? 1, units)
        }
        why={props.advice === null ? words.why : ""}
      >
        {props.advice !== null && (
          <p role="status" className="figure-text text-[26px] text-yolk">
            {adviceText(props.advice, units)}
          </p>
        )}
        {props.lastTime !== null && (
          <p className="max-w-[56ch] border-l-4 border-yolk pl-3 text-[20px] leading-snug">
            {lastTimeText(props.lastTime, units)}
          </p>
        )}
        <SeenSigns kind={cake.kind} look={props.look} onLook={props.onLook} />
        {props.tinsLeft > 1 && props.advice !== null && (
          <button type="button" className="live-button max-w-md" onClick={props.onLookedAll}>
            The same for all {props.tinsLeft}
            {say` tins`}
          </button>
        )}
        {props.look.coreC !== undefined && load !== undefined && (
          <p className="text-[20px]">
            The middle is at <strong>{heatText(props.look.coreC, units)}</strong>, done from{" "}
            {heatText(load.doneC, units)}; by the probe likely {minutesText(load.refit.likelyMin)}{" "}
            in all.
          </p>
        )}
      </Pane>
    );
  }
  const lines = linesOf(task, planned, cake, units);
  return (
    <Pane step={step} title={words.title} why={words.why}>
      {task.words !== undefined && (
        <p className="max-w-[60ch] text-[19px] leading-snug text-deep-text">
          The recipe says: {task.words}
        </p>
      )}
      {task.doing.do === "step" && task.doing.text.length > words.title.length + 1 && (
        <p className="max-w-[60ch] text-[22px] leading-snug">{task.doing.text}</p>
      )}
      <Cautions task={task} planned={planned} units={units} />
      {lines.length > 0 && (
        <TickList
          lines={lines}
          ticked={view.log.ticked.get(task.id) ?? new Set()}
          onTick={props.onTick}
        />
      )}
      {lines.length === 0 && (curve ?? <StationDrawing station={task.station} planned={planned} />)}
    </Pane>
  );
}

/** An hour, with its day when that is another one. */
function whenText(minute: number, now: number, units: Units): string {
  return dateAt(minute, units) === dateAt(now, units)
    ? clockAt(minute, units)
    : `${clockAt(minute, units)} on ${dateAt(minute, units)}`;
}

/** What stands on the bench at a station, to scale. */
function StationDrawing({
  station,
  planned,
}: {
  readonly station: Task["station"];
  readonly planned: PlannedCake | null;
}) {
  if (planned === null) return null;
  const { widthMm, heightMm, drawing } = STATION_DRAWINGS[station](planned.plan);
  const widest = Math.max(widthMm, 420);
  return (
    <svg
      viewBox={`${-widest / 2} ${-heightMm} ${widest} ${heightMm + 4}`}
      className="mx-auto mt-6 block max-h-[30vh] w-full overflow-visible"
      aria-hidden
    >
      {drawing}
      <line
        x1={-widest / 2}
        x2={widest / 2}
        y1={2}
        y2={2}
        className="stroke-white"
        strokeWidth="6"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}

type FillStepProps = StepPaneProps & {
  readonly task: Task;
  readonly step: string;
  readonly planned: PlannedCake;
};

/** Pouring: the tin that is next, to its weight. */
function FillStep({ view, doc, units, task, step, planned, onCountIn }: FillStepProps) {
  const say = useSay();
  const { known, log } = view;
  const targets = doc.cakes[task.cake]?.tinsG;
  const tins = useMemo(() => tinsToFill(planned.plan.fill.tins, targets ?? []), [planned, targets]);
  const weighed = log.weighed.get(task.id);
  const open = openTin(log, task.id, tins.length);
  const scale = known.devices.get("scale") ?? NOTHING_RECEIVED;
  const isOn = isThere(scale);
  const pouring = known.pouring?.task === task.id ? known.pouring.state : null;
  const place = open === -1 ? tins.length - 1 : open;
  const target = tins[place];
  const before = weighed?.get(place);
  const title =
    target === undefined
      ? doingText(task.doing, units)
      : say`Pour the ${tins.length > 1 ? `${ordinal(place)} ` : ""}tin to ${weightText(target.targetG, units)}`;
  return (
    <Pane
      step={step}
      title={title}
      why={scaleText(pouring, place, scale, before?.isWhole === false ? before.massG : 0, units)}
    >
      <Cautions task={task} planned={planned} units={units} />
      {isOn && pouring !== null && pouring.droppedG > 0 && (
        <p
          role="status"
          className="mb-3 flex flex-wrap items-center gap-x-5 gap-y-2 text-[22px] text-white max-sm:text-[19px]"
        >
          {weightText(pouring.droppedG, units)} stood there when it was set to nothing.
          <button type="button" className="live-button" onClick={onCountIn}>
            It was batter: count it in
          </button>
        </p>
      )}
      {target !== undefined && (
        <PouringTins
          tins={tins}
          weighed={weighed}
          open={place}
          pouring={pouring}
          scale={scale}
          units={units}
        />
      )}
    </Pane>
  );
}
