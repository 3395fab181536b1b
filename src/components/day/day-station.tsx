"use client";

import { partsMadeFor } from "@/core/ask";
import { useMemo } from "react";
import Link from "next/link";
import { CalendarPlus, Printer } from "lucide-react";
import { dayCake, workRecipe } from "@/core/plan";
import {
  dayPlan,
  readDay,
  SPLITS,
  USUAL_HOURS,
  type DayBoxes,
  localMinute,
  nameInCake,
} from "@/core/day";
import type { BakeDoc, CakeDoc } from "@/core/kept";
import { pantryOf, type KitchenPantry } from "@/core/pantry";
import { issueText } from "@/words";
import { SPLIT_NAMES } from "@/words/day";
import { StartBaking, type OpenBake } from "../live/start-baking";
import { WhatIsLeft } from "./what-is-left";
import { saveCalendar } from "./calendar";
import { CakeRemarks } from "./cake-remarks";
import { NoDay } from "./no-day";
import { useNow } from "../frame/now";
import { Planned } from "./planned";
import { Choice, Field } from "../frame/field";
import type { KeptOutcome } from "../frame/outcome";
import type { StationProps } from "../frame/station-props";
import type { OtherCake } from "../finish/frosting-batch";

type DayStationProps = StationProps & {
  readonly recipe: CakeDoc["recipe"];
  readonly pantry: KitchenPantry;
  readonly others: readonly OtherCake[];
  readonly id: string;
  readonly name: string;
  readonly doc: CakeDoc;
  readonly bakes: readonly OpenBake[];
  readonly startBake: (doc: BakeDoc, speed: number) => Promise<KeptOutcome>;
};

/** Day: worked backwards from when the cake is wanted, nothing twice in one hand or one oven. */
export function DayStation({
  question,
  read,
  plan,
  isStale,
  units,
  recipe,
  pantry,
  others,
  id,
  name,
  doc,
  bakes,
  startBake,
  onChange,
}: DayStationProps) {
  const { day: boxes } = question;
  const now = useNow();
  const formula = useMemo(
    () =>
      recipe === null ? null : workRecipe(recipe.doc, pantryOf(pantry.own, pantry.learnt)).formula,
    [recipe, pantry],
  );
  const day = useMemo(() => readDay(boxes), [boxes]);
  const cake = useMemo(
    () => (read.input.ok ? dayCake(read.input.value, plan, formula, partsMadeFor(question)) : null),
    [read, plan, formula, question],
  );
  const cakes = useMemo(
    () =>
      cake === null || !day.ok || day.value === null ? [] : [{ cake, boxes, read: day.value }],
    [cake, boxes, day],
  );
  const planned = useMemo(() => dayPlan(cakes), [cakes]);
  const { request, schedule, left } = planned;
  const wantedAt = day.ok ? (day.value?.wantedAt ?? null) : null;
  const date = boxes.wantedAt.slice(0, "2026-12-05".length);
  const isShared =
    wantedAt !== null && others.some((other) => other.question.day.wantedAt.startsWith(date));
  const change = (changes: Partial<DayBoxes>): void =>
    onChange({ day: { ...boxes, ...changes } }, `day-${Object.keys(changes).join()}`);
  const problem = (path: string): string | null =>
    day.ok || day.issue.path !== path ? null : issueText(day.issue, units);
  const move = (task: string, from: number): void => {
    if (wantedAt !== null)
      change({ moved: { ...boxes.moved, [nameInCake(task)]: wantedAt - from } });
  };
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,300px)_minmax(0,1fr)] print:block">
      <div className="no-print space-y-3">
        <label className="block">
          <span className="label block">Wanted</span>
          <input
            type="datetime-local"
            className="field"
            value={boxes.wantedAt}
            onChange={(event) => change({ wantedAt: event.target.value })}
          />
        </label>
        <label className="block">
          <span className="label block">Spread over days</span>
          <Choice
            label="Spread over days"
            className="field"
            value={boxes.split}
            choices={SPLITS.map((each) => [each, SPLIT_NAMES[each]])}
            onChange={(split) => change({ split })}
          />
        </label>
        <div className="flex gap-2">
          <Field
            label="Not before"
            value={boxes.from}
            onChange={(from) => change({ from })}
            problem={problem("dayFrom")}
            placeholder={USUAL_HOURS.from}
          />
          <Field
            label="Nor after"
            value={boxes.to}
            onChange={(to) => change({ to })}
            problem={problem("dayTo")}
            placeholder={USUAL_HOURS.to}
          />
        </div>
        <div className="flex gap-2">
          <Field
            label="Out of the house from"
            value={boxes.outFrom}
            onChange={(outFrom) => change({ outFrom })}
            problem={problem("outFrom")}
            placeholder="not at all"
          />
          <Field
            label="until"
            value={boxes.outTo}
            onChange={(outTo) => change({ outTo })}
            problem={problem("outTo")}
            placeholder=""
          />
        </div>
        {!isStale && read.input.ok && (
          <StartBaking
            cakes={[{ id, name, doc, input: read.input.value, plan }]}
            day={planned}
            open={bakes}
            start={startBake}
          />
        )}
        {schedule !== null && (
          <div className="flex flex-wrap gap-2">
            <button type="button" className="button" onClick={() => globalThis.print()}>
              <Printer size={17} aria-hidden /> Print the day
            </button>
            <button
              type="button"
              className="button"
              onClick={() =>
                void saveCalendar({
                  thaws: [],
                  name,
                  id,
                  schedule,
                  tasks: request.tasks,
                  names: [name],
                  units,
                })
              }
            >
              <CalendarPlus size={17} aria-hidden /> To the calendar
            </button>
          </div>
        )}
        {Object.keys(boxes.moved).length > 0 && schedule !== null && (
          <p className="text-[15px]">
            {left.length > 0
              ? "Something you moved has no place there any more. "
              : "Tasks stand where you put them. "}
            <button
              type="button"
              className="underline underline-offset-3"
              onClick={() => change({ moved: {} })}
            >
              Back to as late as may be
            </button>
          </p>
        )}
        {isShared && (
          <p className="text-[15px]">
            Another cake is wanted that day:{" "}
            <Link className="underline underline-offset-3" href={`/day?on=${date}`}>
              see both in one day
            </Link>
            , with one oven between them.
          </p>
        )}
      </div>
      <section
        aria-label="The day"
        aria-live="polite"
        className={`panel min-w-0 overflow-hidden ${isStale ? "opacity-50" : ""}`}
      >
        {day.ok && wantedAt === null && (
          <p className="px-6 py-8 text-[17px] max-sm:px-4">
            Say when the cake is wanted: the day is worked backwards from that hour.
          </p>
        )}
        {!day.ok && (
          <p className="px-6 py-8 text-[17px] max-sm:px-4">The hours can&apos;t be used yet.</p>
        )}
        {wantedAt !== null && schedule === null && cakes.length > 0 && (
          <NoDay cakes={cakes} units={units} onWay={({ boxes: mended }) => change(mended)} />
        )}
        {cake !== null && <CakeRemarks cake={cake} plan={plan} units={units} />}
        {wantedAt !== null && schedule !== null && now !== null && (
          <Planned
            schedule={schedule}
            tasks={request.tasks}
            wantedAt={[wantedAt]}
            away={request.away ?? []}
            names={[name]}
            now={now}
            units={units}
            onMove={move}
            onWanted={(_, at) => change({ wantedAt: localMinute(at) })}
          />
        )}
        {schedule !== null && <WhatIsLeft heading="h3" cakes={cakes.map((each) => each.cake)} />}
      </section>
    </div>
  );
}
