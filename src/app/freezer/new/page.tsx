import { formatISO } from "date-fns";
import type { Metadata } from "next";
import { Trouble } from "@/components/frame/trouble";
import { NewPortions } from "@/components/freezer/new-portions";
import { PUT_AWAY_ROWS, type Portions } from "@/core/freezer";
import { plannedCake, portionsOfCake } from "@/core/kept";
import { pantryOf } from "@/core/pantry";
import { findCake, findPantry, kitchenDatabase, lastBakedOn, stored } from "@/data";
import { storageText } from "@/words";
import { visitorUnits } from "@/app/visitor-units";
import { putAway } from "../actions";

export const metadata: Metadata = { title: "Put something away" };

type NewPortionsPageProps = {
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
};

const ownPortions = (madeOn: string): Portions => ({
  name: "",
  what: "cake",
  count: 12,
  left: 12,
  eachG: null,
  keeping: PUT_AWAY_ROWS.cake.keeping,
  isCold: false,
  allergens: [],
  madeOn,
  place: "freezer",
  thawedOn: "",
  bestBefore: "",
  wantedAt: "",
  cakeId: null,
  notes: "",
});

/** Something is put away: a kept cake's pieces, `?cake=…`, or anything else. */
export default async function NewPortionsPage({ searchParams }: NewPortionsPageProps) {
  const { cake: id } = await searchParams;
  const units = await visitorUnits();
  const today = formatISO(new Date(), { representation: "date" });
  const loaded = await stored(async () => {
    const database = kitchenDatabase();
    const cake = typeof id === "string" ? await findCake(database, id) : null;
    if (cake?.doc == null) return ownPortions(today);
    const { own, learnt } = await findPantry(database);
    const planned = plannedCake(
      cake.doc,
      { size: units.measure, heat: units.heat },
      pantryOf(own, learnt),
    );
    const bakedOn = (await lastBakedOn(database, cake.id)) || today;
    return planned === null
      ? { ...ownPortions(bakedOn), name: cake.name, cakeId: cake.id }
      : portionsOfCake(cake, planned, bakedOn);
  });
  if (!loaded.ok) return <Trouble text={storageText(loaded.issue)} />;
  return <NewPortions start={loaded.value} today={today} putAway={putAway} />;
}
