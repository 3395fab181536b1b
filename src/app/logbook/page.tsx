import type { Metadata } from "next";
import { FreshList } from "@/components/frame/kitchen-changed";
import { LogbookList } from "@/components/logbook/logbook-list";
import { Trouble } from "@/components/frame/trouble";
import { kitchenDatabase, listRecords, recordChoices, stored } from "@/data";
import { storageText } from "@/words";

export const metadata: Metadata = { title: "Logbook" };

/** How many bakes stand on one page of the list. */
const PAGE = 50;

type LogbookProps = {
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
};

export default async function LogbookPage({ searchParams }: LogbookProps) {
  const { q, recipe, oven, came, more } = await searchParams;
  const text = (value: string | readonly string[] | undefined): string =>
    typeof value === "string" ? value.slice(0, 200) : "";
  const pages = Math.min(100, Math.max(1, Math.trunc(Number(more)) || 1));
  const filter = { text: text(q), recipe: text(recipe), oven: text(oven), verdict: text(came) };
  const found = await stored(async () => {
    const database = kitchenDatabase();
    return {
      ...(await listRecords(database, filter, { limit: PAGE * pages, offset: 0 })),
      choices: await recordChoices(database),
    };
  });
  if (!found.ok) return <Trouble text={storageText(found.issue)} />;
  return (
    <>
      <FreshList />
      <LogbookList
        {...found.value}
        pages={pages}
        isNarrowed={Object.values(filter).some((value) => value !== "")}
      />
    </>
  );
}
