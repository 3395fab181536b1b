"use client";

import { useMemo } from "react";
import Link from "next/link";
import { CalendarPlus, Printer } from "lucide-react";
import { dayPlan, type CakeOfDay, type DayBoxes, localMinute, nameInCake } from "@/core/day";
import { comingOut, type KeptPortions } from "@/core/freezer";
import { plannedCake, type BakeDoc, type PlannedCake } from "@/core/kept";
import { pantryOf, type KitchenPantry } from "@/core/pantry";
import { useKeptCakes, type ChangeCake, type KeptCake } from "../frame/use-kept-cakes";
import { StartBaking, type OpenBake } from "../live/start-baking";
import type { KeptOutcome } from "../frame/outcome";
import { useUnits } from "../frame/units";
import { saveCalendar } from "./calendar";
import { CakeRemarks } from "./cake-remarks";
import { NoDay } from "./no-day";
import { cakeOfDay } from "./of-day";
import { useNow } from "../frame/now";
import { WhatIsLeft } from "./what-is-left";
import { OutOfFreezer } from "./out-of-freezer";
import { Planned } from "./planned";

type DayOfCakesProps = {
  readonly date: string;
  readonly cakes: readonly KeptCake[];
  /** Names of those wanted that day that are baked already. */
  readonly baked: readonly string[];
  /** What is put away. */
  readonly portions: readonly KeptPortions[];
  readonly pantry: KitchenPantry;
  readonly change: ChangeCake;
  readonly bakes: readonly OpenBake[];
  readonly startBake: (doc: BakeDoc, speed: number) => Promise<KeptOutcome>;
};

/**
 * More cakes than this are worked out in the browser, once the page stands: the server has others
 * to answer.
 */
const AT_ONCE = 3;

/** All cakes of a date in one day, with one pair of hands, one mixer and one oven between them. */
export function DayOfCakes({
  date,
  cakes: kept,
  baked,
  portions,
  pantry,
  change,
  bakes,
  startBake,
}: DayOfCakesProps) {
  const { units } = useUnits();
  const now = useNow();
  const { cakes, changeDay } = useKeptCakes(kept, change);
  const isAwaited = now === null && cakes.length > AT_ONCE;
  const planned = useMemo(() => {
    if (isAwaited) return [];
    const kitchen = pantryOf(pantry.own, pantry.learnt);
    return cakes.flatMap(
      (
        each,
      ): readonly {
        readonly kept: KeptCake;
        readonly of: CakeOfDay;
        readonly made: PlannedCake;
      }[] => {
        const made = plannedCake(each.doc, { size: units.measure, heat: units.heat }, kitchen);
        const of = made === null ? null : cakeOfDay(each.doc, made);
        return made === null || of === null ? [] : [{ kept: each, made, of }];
      },
    );
  }, [cakes, isAwaited, pantry, units]);
  const ofDay = useMemo(() => planned.map(({ of }) => of), [planned]);
  const day = useMemo(() => dayPlan(ofDay), [ofDay]);
  const {
    request: { tasks, wantedAt, away = [] },
    schedule,
  } = day;
  const thaws = useMemo(() => comingOut(portions, date, date), [portions, date]);
  const names = planned.map(({ kept: { name } }) => name);
  const left = isAwaited
    ? []
    : cakes.filter(({ id }) => !planned.some((each) => each.kept.id === id));

  /** What is pulled here is kept with its cake. */
  function onDay(cake: number, changes: (boxes: DayBoxes) => DayBoxes): void {
    const own = planned[cake]?.kept;
    if (own !== undefined) changeDay(own.id, changes);
  }

  return (
    <>
      <div className="no-print flex flex-wrap items-start justify-between gap-2">
        <ul aria-label="Cakes of the day" className="flex flex-wrap gap-2">
          {cakes.map(({ id, name }) => (
            <li key={id}>
              <Link className="button" href={`/cakes/${id}?at=day`}>
                {name}
              </Link>
            </li>
          ))}
        </ul>
        {schedule !== null && (
          <StartBaking
            cakes={planned.map(({ kept: { id, name, doc }, made: { input, plan } }) => ({
              id,
              name,
              doc,
              input,
              plan,
            }))}
            day={day}
            open={bakes}
            start={startBake}
          />
        )}
      </div>
      {baked.length > 0 && (
        <p className="text-ink-2">
          Baked already: {baked.map((name) => `“${name}”`).join(", ")}. To bake it once more, choose
          “Again” among{" "}
          <Link className="underline underline-offset-4" href="/cakes?show=baked">
            the cakes
          </Link>
          .
        </p>
      )}
      {left.length > 0 && (
        <p className="font-semibold text-tomato">
          {left.map(({ name }) => `“${name}”`).join(", ")} can&apos;t be planned yet, and is left
          out here.
        </p>
      )}
      <OutOfFreezer thaws={thaws} units={units} />
      <section aria-label="The day" className="panel overflow-hidden">
        {isAwaited && (
          <p role="status" className="px-6 py-8 text-[17px] max-sm:px-4">
            Working out the day of {cakes.length} cakes…
          </p>
        )}
        {!isAwaited && tasks.length === 0 && (
          <p className="px-6 py-8 text-[17px] max-sm:px-4">
            {baked.length > 0
              ? "There is nothing left to bake that day."
              : "No cake that can be planned is wanted that day. Say on a cake's Day when it is wanted."}
          </p>
        )}
        {planned.map(({ kept: { id, name }, of: { cake }, made: { plan } }) => (
          <CakeRemarks key={id} cake={cake} plan={plan} name={name} units={units} />
        ))}
        {tasks.length > 0 && schedule === null && <NoDay cakes={ofDay} units={units} />}
        {schedule !== null && now !== null && (
          <Planned
            schedule={schedule}
            tasks={tasks}
            wantedAt={wantedAt}
            away={away}
            names={names}
            now={now}
            units={units}
            onMove={(id, from) => {
              const cake = tasks.find((task) => task.id === id)?.cake ?? 0;
              onDay(cake, (boxes) => ({
                ...boxes,
                moved: { ...boxes.moved, [nameInCake(id)]: (wantedAt[cake] ?? from) - from },
              }));
            }}
            onWanted={(cake, at) =>
              onDay(cake, (boxes) => ({ ...boxes, wantedAt: localMinute(at) }))
            }
          />
        )}
        {schedule !== null && <WhatIsLeft heading="h2" cakes={ofDay.map(({ cake }) => cake)} />}
      </section>
      {schedule !== null && (
        <div className="no-print flex flex-wrap gap-2">
          <button type="button" className="button" onClick={() => globalThis.print()}>
            <Printer size={17} aria-hidden /> Print the day
          </button>
          <button
            type="button"
            className="button"
            onClick={() =>
              void saveCalendar({
                name: `Cakes of ${date}`,
                id: date,
                schedule,
                tasks,
                names,
                thaws,
                units,
              })
            }
          >
            <CalendarPlus size={17} aria-hidden /> To the calendar
          </button>
        </div>
      )}
    </>
  );
}
