import type { Metadata } from "next";
import { NewRecord } from "@/components/logbook/new-record";
import { Trouble } from "@/components/frame/trouble";
import { dayByClock } from "@/core/live";
import { findCake, kitchenDatabase, listOvens, listRecipeChoices, stored } from "@/data";
import { storageText } from "@/words";
import { recipeFactsOf } from "../../recipe-facts";
import { keepRecord } from "../actions";

export const metadata: Metadata = { title: "Write down a bake" };

type NewRecordPageProps = {
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
};

export default async function NewRecordPage({ searchParams }: NewRecordPageProps) {
  const { cake } = await searchParams;
  const loaded = await stored(async () => {
    const database = kitchenDatabase();
    const kept = typeof cake === "string" ? await findCake(database, cake) : null;
    return {
      today: dayByClock(new Date().getTime()),
      recipes: await listRecipeChoices(database),
      ovens: await listOvens(database),
      cake:
        kept?.doc == null
          ? null
          : {
              id: kept.id,
              name: kept.name,
              question: kept.doc.question,
              recipeId: kept.doc.recipe?.id ?? "",
            },
    };
  });
  if (!loaded.ok) return <Trouble text={storageText(loaded.issue)} />;
  return <NewRecord {...loaded.value} factsOf={recipeFactsOf} keep={keepRecord} />;
}
