import { formatISO } from "date-fns";
import type { Metadata } from "next";
import * as z from "@/core/zod";
import { Calendar } from "@/components/calendar/calendar";
import { FreshList } from "@/components/frame/kitchen-changed";
import { Trouble } from "@/components/frame/trouble";
import { CALENDAR_STRETCHES, weeksShown } from "@/core/day";
import {
  findPantry,
  kitchenDatabase,
  listCakesBetween,
  listPortions,
  listUndatedCakes,
  stored,
} from "@/data";
import { REGION_ROWS, storageText } from "@/words";
import { visitorUnits } from "../visitor-units";
import { changeCake } from "../cakes/actions";

export const metadata: Metadata = { title: "Calendar" };

const DateSchema = z.iso.date();
/** More cakes without a day than these are named, not shown. */
const MOST_UNDATED = 12;

type CalendarPageProps = {
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
};

/** Cakes by the day they are wanted: this month, where nobody says which. */
export default async function CalendarPage({ searchParams }: CalendarPageProps) {
  const asked = await searchParams;
  const day = DateSchema.safeParse(asked["on"]);
  const today = formatISO(new Date(), { representation: "date" });
  const on = day.success ? day.data : today;
  const stretch = CALENDAR_STRETCHES.find((each) => each === asked["as"]) ?? "month";
  const { region } = await visitorUnits();
  const weeks = weeksShown(on, stretch, REGION_ROWS[region].firstDay);
  const kitchen = await stored(async () => {
    const database = kitchenDatabase();
    const dated = await listCakesBetween(database, weeks[0]?.[0] ?? on, weeks.at(-1)?.at(-1) ?? on);
    const undated = await listUndatedCakes(database, MOST_UNDATED);
    return {
      cakes: [
        ...dated.map(({ state, ...cake }) => ({ ...cake, isBaked: state !== "to-bake" })),
        ...undated.cakes.map((cake) => ({ ...cake, wantedOn: "", isBaked: false })),
      ].flatMap(({ id, name, doc, version, wantedOn, isBaked }) =>
        doc === null ? [] : [{ id, name, doc, version, wantedOn, isBaked }],
      ),
      moreUndated: undated.total - undated.cakes.length,
      portions: await listPortions(database),
      pantry: await findPantry(database),
    };
  });
  if (!kitchen.ok) return <Trouble text={storageText(kitchen.issue)} />;
  const kept = kitchen.value.cakes.map(({ id, version }) => `${id} ${version}`).join(" ");
  return (
    <>
      <FreshList />
      <Calendar
        key={`${on} ${stretch} ${kept}`}
        on={on}
        today={today}
        stretch={stretch}
        weeks={weeks}
        {...kitchen.value}
        change={changeCake}
      />
    </>
  );
}
