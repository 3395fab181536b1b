import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { cache } from "react";
import { CakePage } from "@/components/cake/cake-page";
import { Trouble } from "@/components/frame/trouble";
import {
  findCake,
  findPantry,
  findRecipe,
  kitchenDatabase,
  listRecipeChoices,
  listOpenBakes,
  listOthers,
  listOvens,
  listTins,
  stored,
} from "@/data";
import { historyOf } from "@/server/history";
import { storageText } from "@/words";
import { startBake } from "../../bakes/actions";
import { recipeFactsOf } from "../../recipe-facts";
import { settleRecord } from "../../logbook/actions";
import { changeCake, keepApart, lookAtCake, recipeForCake, renameCake } from "../actions";

type CakePageProps = { readonly params: Promise<{ readonly id: string }> };

/** So many of the cakes changed last are offered for their finish. */
const OTHERS = 50;

const load = cache(async (id: string) =>
  stored(async () => {
    const database = kitchenDatabase();
    const cake = await findCake(database, id);
    const recipeId = cake?.doc?.recipe?.id;
    return {
      cake,
      recipeNow:
        recipeId === undefined ? null : ((await findRecipe(database, recipeId))?.doc ?? null),
      choices: await listRecipeChoices(database),
      cupboard: await listTins(database),
      ovens: await listOvens(database),
      pantry: await findPantry(database),
      bakes: await listOpenBakes(database, new Date()),
      history: await historyOf(database, {
        id: recipeId ?? "",
        name: cake?.doc?.question.recipe ?? "",
      }),
      others: cake === null ? [] : await listOthers(database, cake, OTHERS),
    };
  }),
);

export async function generateMetadata({ params }: CakePageProps): Promise<Metadata> {
  const loaded = await load((await params).id);
  return { title: loaded.ok ? (loaded.value.cake?.name ?? "No such cake") : "Cake" };
}

export default async function OpenCake({ params }: CakePageProps) {
  const loaded = await load((await params).id);
  if (!loaded.ok) return <Trouble text={storageText(loaded.issue)} />;
  const { cake, choices, ...kitchen } = loaded.value;
  if (cake === null) notFound();
  const { id, name, doc, version } = cake;
  if (doc === null) {
    return (
      <Trouble
        text={`What “${name}” was planned from can't be read. It is still in the kitchen's data file, unchanged.`}
      />
    );
  }
  return (
    <CakePage
      key={id}
      cake={{ id, name, doc, version, updatedAt: cake.updatedAt.getTime() }}
      recipes={{ all: choices, factsOf: recipeFactsOf }}
      {...kitchen}
      actions={{
        change: changeCake,
        look: lookAtCake,
        keepApart,
        recipeForCake,
        startBake,
        rename: renameCake,
        settle: settleRecord,
      }}
    />
  );
}
