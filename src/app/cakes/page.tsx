import type { Metadata } from "next";
import Link from "next/link";
import { CakeList } from "@/components/cake/cake-list";
import { FreshList } from "@/components/frame/kitchen-changed";
import { Trouble } from "@/components/frame/trouble";
import { kitchenDatabase, listCakes, stored } from "@/data";
import { storageText } from "@/words";
import { bringBackCake, copyCake, removeCake, renameCake } from "./actions";
import { visitorSay } from "@/app/visitor-units";

export const metadata: Metadata = { title: "Cakes" };

/** How many cakes stand on one page of the list. */
const PAGE = 50;

type CakesPageProps = {
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
};

export default async function CakesPage({ searchParams }: CakesPageProps) {
  const say = await visitorSay();
  const asked = Math.trunc(Number((await searchParams)["page"]));
  const page = asked >= 1 && asked <= 10_000 ? asked : 1;
  const cakes = await stored(() =>
    listCakes(kitchenDatabase(), { limit: PAGE, offset: PAGE * (page - 1) }),
  );
  return (
    <>
      <FreshList />
      <h1 className="mt-2 mb-4 text-[27px]">Cakes</h1>
      {!cakes.ok && <Trouble text={storageText(cakes.issue)} />}
      {cakes.ok && cakes.value.total === 0 && (
        <div className="panel space-y-3 p-6">
          <p>{say`No cake is kept yet. Try a batter in a tin, then keep it as a cake.`}</p>
          <Link href="/try" className="button button-next">
            {say`Try a tin`}
          </Link>
        </div>
      )}
      {cakes.ok && cakes.value.total > 0 && (
        <CakeList
          cakes={cakes.value.cakes}
          actions={{ bringBackCake, copyCake, removeCake, renameCake }}
        />
      )}
      {cakes.ok && <Pages page={page} pages={Math.ceil(cakes.value.total / PAGE)} />}
    </>
  );
}

/** The ways to the pages before and after this one; none where one page holds all. */
function Pages({ page, pages }: { readonly page: number; readonly pages: number }) {
  if (pages < 2) return null;
  return (
    <nav aria-label="Pages of cakes" className="mt-3 flex items-center gap-3">
      {page > 1 && (
        <Link className="button" href={page === 2 ? "/cakes" : `/cakes?page=${page - 1}`}>
          Changed later
        </Link>
      )}
      <span>
        Page {page} of {pages}
      </span>
      {page < pages && (
        <Link className="button" href={`/cakes?page=${page + 1}`}>
          Changed earlier
        </Link>
      )}
    </nav>
  );
}
