import { formatISO } from "date-fns";
import type { Metadata } from "next";
import { CakeList } from "@/components/cake/cake-list";
import { FreshList } from "@/components/frame/kitchen-changed";
import { Trouble } from "@/components/frame/trouble";
import { CAKE_STATES } from "@/core/kept";
import { CAKE_ORDERS, kitchenDatabase, listCakes, stored } from "@/data";
import { storageText } from "@/words";
import { planAgain, bringBackCake, copyCake, markEaten, removeCake, renameCake } from "./actions";

export const metadata: Metadata = { title: "Cakes" };

/** How many cakes are added to the list at a time. */
const PAGE = 50;

type CakesPageProps = {
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
};

export default async function CakesPage({ searchParams }: CakesPageProps) {
  const { q, show, order, more } = await searchParams;
  const text = typeof q === "string" ? q.slice(0, 200) : "";
  const pages = Math.min(100, Math.max(1, Math.trunc(Number(more)) || 1));
  const today = formatISO(new Date(), { representation: "date" });
  const filter = {
    text,
    state: CAKE_STATES.find((state) => state === show) ?? "",
    order: CAKE_ORDERS.find((each) => each === order) ?? "day",
    today,
  } as const;
  const found = await stored(() => listCakes(kitchenDatabase(), filter, { limit: PAGE * pages }));
  return (
    <>
      <FreshList />
      {found.ok ? (
        <CakeList
          {...found.value}
          today={today}
          isNarrowed={text !== "" || filter.state !== ""}
          pages={pages}
          actions={{ planAgain, bringBackCake, copyCake, markEaten, removeCake, renameCake }}
        />
      ) : (
        <>
          <h1 className="mt-2 mb-4 text-[27px]">Cakes</h1>
          <Trouble text={storageText(found.issue)} />
        </>
      )}
    </>
  );
}
