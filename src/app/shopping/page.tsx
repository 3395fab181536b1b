import { addDays, formatISO, parseISO } from "date-fns";
import type { Metadata } from "next";
import * as z from "@/core/zod";
import { FreshList } from "@/components/frame/kitchen-changed";
import { Trouble } from "@/components/frame/trouble";
import { Shopping } from "@/components/shopping/shopping";
import {
  findPantry,
  kitchenDatabase,
  listCakesBetween,
  listGot,
  listLarder,
  nextWantedOn,
  stored,
} from "@/data";
import { storageText } from "@/words";

export const metadata: Metadata = { title: "Shopping" };

const DateSchema = z.iso.date();
type ShoppingPageProps = {
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
};

/** A week of days, the first included. */
const WEEK = 6;
const isoDay = (date: Date): string => formatISO(date, { representation: "date" });

/** What has to be bought for the cakes of some days: the coming week where nobody says which. */
export default async function ShoppingPage({ searchParams }: ShoppingPageProps) {
  const asked = await searchParams;
  const dayOf = (name: string): string | null => {
    const day = DateSchema.safeParse(asked[name]);
    return day.success ? day.data : null;
  };
  const from = dayOf("from") ?? isoDay(new Date());
  const last = dayOf("to");
  const to = last !== null && last >= from ? last : isoDay(addDays(parseISO(from), WEEK));
  const kitchen = await stored(async () => {
    const database = kitchenDatabase();
    const cakes = await listCakesBetween(database, from, to);
    return {
      cakes: cakes.flatMap(({ id, name, doc, wantedOn, state }) =>
        doc === null ? [] : [{ id, name, doc, wantedOn, isBaked: state !== "to-bake" }],
      ),
      unread: cakes.flatMap(({ name, doc }) => (doc === null ? [name] : [])),
      got: await listGot(
        database,
        cakes.map(({ id }) => id),
      ),
      larder: await listLarder(database),
      pantry: await findPantry(database),
      next: cakes.length > 0 ? null : await nextWantedOn(database, to),
    };
  });
  return (
    <>
      <FreshList />
      <h1 className="mt-2 mb-3 text-[27px]">Shopping</h1>
      {kitchen.ok ? (
        <Shopping key={`${from} ${to}`} from={from} to={to} {...kitchen.value} />
      ) : (
        <Trouble text={storageText(kitchen.issue)} />
      )}
    </>
  );
}
