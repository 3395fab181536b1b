import { parseISO } from "date-fns";
import type { Metadata } from "next";
import * as z from "@/core/zod";
import { DayChooser } from "@/components/day/day-chooser";
import { DayOfCakes } from "@/components/day/day-of-cakes";
import { Trouble } from "@/components/frame/trouble";
import {
  findPantry,
  kitchenDatabase,
  listCakesOf,
  listOpenBakes,
  listPortions,
  stored,
} from "@/data";
import { storageText } from "@/words";
import { startBake } from "../bakes/actions";
import { changeCake } from "../cakes/actions";
import { dayText } from "@/words/dates";
import { visitorUnits } from "../visitor-units";

export const metadata: Metadata = { title: "Day" };

const DateSchema = z.iso.date();
type DayPageProps = { readonly searchParams: Promise<{ readonly on?: string | string[] }> };

/** All cakes that are wanted on a date. */
export default async function DayPage({ searchParams }: DayPageProps) {
  const asked = DateSchema.safeParse((await searchParams).on);
  if (!asked.success)
    return (
      <Trouble text="Name a day in the address, like /day?on=2026-12-05, or come here from the Day of a cake." />
    );
  const on = asked.data;
  const kitchen = await stored(async () => {
    const database = kitchenDatabase();
    const cakes = await listCakesOf(database, on);
    return {
      baked: cakes.flatMap(({ name, state }) => (state === "to-bake" ? [] : [name])),
      cakes: cakes.flatMap((cake) =>
        cake.doc === null || cake.state !== "to-bake"
          ? []
          : [{ id: cake.id, name: cake.name, doc: cake.doc, version: cake.version }],
      ),
      portions: await listPortions(database),
      pantry: await findPantry(database),
      bakes: await listOpenBakes(database, new Date()),
    };
  });
  if (!kitchen.ok) return <Trouble text={storageText(kitchen.issue)} />;
  return (
    <div className="space-y-4">
      <div className="mt-2 flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
        <h1 className="text-[27px]">{dayText(parseISO(on), "long", await visitorUnits())}</h1>
        <DayChooser on={on} />
      </div>
      <DayOfCakes key={on} date={on} {...kitchen.value} change={changeCake} startBake={startBake} />
    </div>
  );
}
