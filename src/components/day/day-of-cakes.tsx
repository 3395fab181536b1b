"use client";

import { useMemo } from "react";
import Link from "next/link";
import { CalendarPlus, Printer } from "lucide-react";
import { dayCake, planCake, readDay, readQuestion, workRecipe, type CakeDoc } from "@/core/cake";
import { scheduleDay, tasksOf, type Task } from "@/core/day";
import { pantryOf } from "@/core/pantry";
import type { KitchenPantry } from "../cake/mix-station";
import { useUnits } from "../frame/units";
import { saveCalendar } from "./calendar";
import { NoDay, Planned, useNow } from "./planned";

type DayOfCakesProps = { readonly date: string; readonly cakes: readonly { readonly id: string; readonly name: string; readonly doc: CakeDoc }[]; readonly pantry: KitchenPantry };

/** All cakes of a date in one day, with one pair of hands, one mixer and one oven between them. */
export function DayOfCakes({ date, cakes, pantry }: DayOfCakesProps) {
  const { units } = useUnits();
  const now = useNow();
  const planned = useMemo(() => {
    const kitchen = pantryOf(pantry.own, pantry.learnt);
    return cakes.flatMap(({ id, name, doc: { question, recipe } }) => {
      const { input } = readQuestion(question, { size: units.measure, heat: units.heat });
      const plan = input.ok ? planCake(input.value) : input;
      const day = readDay(question.day);
      if (!input.ok || !plan.ok || !day.ok || day.value.wantedAt === null) return [];
      return [{ id, name, wantedAt: day.value.wantedAt, away: day.value.away, cake: dayCake(input.value, plan.value, recipe === null ? null : workRecipe(recipe.doc, kitchen).formula) }];
    });
  }, [cakes, pantry, units]);
  const tasks = useMemo(() => planned.flatMap(({ cake }, index): readonly Task[] => tasksOf(cake, index)), [planned]);
  const wanted = planned.map(({ wantedAt }) => wantedAt);
  // Whoever bakes them all is away when any of them says so.
  const schedule = useMemo(() => (tasks.length === 0 ? null : scheduleDay({ tasks, wantedAt: planned.map(({ wantedAt }) => wantedAt), away: planned.flatMap(({ away }) => away) })), [tasks, planned]);
  const names = planned.map(({ name }) => name);
  const left = cakes.filter(({ id }) => !planned.some((each) => each.id === id));
  return (
    <>
      <ul aria-label="Cakes of the day" className="no-print flex flex-wrap gap-2">
        {cakes.map(({ id, name }) => <li key={id}><Link className="button" href={`/cakes/${id}?at=day`}>{name}</Link></li>)}
      </ul>
      {left.length > 0 && <p className="font-semibold text-tomato">{left.map(({ name }) => `“${name}”`).join(", ")} can&apos;t be planned yet, and is left out here.</p>}
      <section aria-label="The day" className="panel overflow-hidden">
        {tasks.length === 0 && <p className="px-6 py-8 text-[17px] max-sm:px-4">No cake that can be planned is wanted that day. Say on a cake&apos;s Day when it is wanted.</p>}
        {tasks.length > 0 && schedule === null && <NoDay />}
        {schedule !== null && now !== null && <Planned schedule={schedule} tasks={tasks} wantedAt={Math.max(...wanted)} names={names} now={now} units={units} />}
      </section>
      {schedule !== null && (
        <div className="no-print flex flex-wrap gap-2">
          <button type="button" className="button" onClick={() => globalThis.print()}><Printer size={17} aria-hidden /> Print the day</button>
          <button type="button" className="button" onClick={() => void saveCalendar({ name: `Cakes of ${date}`, id: date, schedule, tasks, names, units })}><CalendarPlus size={17} aria-hidden /> To the calendar</button>
        </div>
      )}
    </>
  );
}
