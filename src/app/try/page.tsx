import type { Metadata } from "next";
import { redirect } from "next/navigation";
import { askHref } from "@/components/ask/ask-address";
import { AskInAddress } from "@/components/ask/ask-in-address";
import { CakeCards } from "@/components/cake/cake-cards";
import { FreshList } from "@/components/frame/kitchen-changed";
import { Trouble } from "@/components/frame/trouble";
import { FIRST_IN_INCHES, FIRST_QUESTION } from "@/core/ask";
import { STORED_QUESTION } from "@/core/kept";
import {
  kitchenDatabase,
  LAST_CHANGED,
  listCakes,
  listRecipeChoices,
  listTins,
  stored,
} from "@/data";
import { sayIn, storageText } from "@/words";
import { keepCake } from "../cakes/actions";
import { recipeFactsOf } from "../recipe-facts";
import { visitorSay, visitorUnits } from "@/app/visitor-units";

export const generateMetadata = async (): Promise<Metadata> => ({
  title: (await visitorSay())("Try a tin"),
});

/** How many of the last changed cakes stand below the bench. */
const RECENT = 3;

/** The same batter in another tin: answered at once, kept only when she says so. */
export default async function TryPage({
  searchParams,
}: {
  readonly searchParams: Promise<Readonly<Record<string, unknown>>>;
}) {
  const units = await visitorUnits();
  if (units.measure === "us" && Object.keys(await searchParams).length === 0)
    redirect(askHref(FIRST_IN_INCHES));
  const say = sayIn(units);
  const kitchen = await stored(async () => {
    const database = kitchenDatabase();
    return {
      cakes: (await listCakes(database, LAST_CHANGED, { limit: RECENT })).cakes.map((cake) => {
        const question = STORED_QUESTION.read(cake.question, FIRST_QUESTION);
        return { ...cake, question: question.ok ? question.value : null };
      }),
      choices: await listRecipeChoices(database),
      cupboard: await listTins(database),
    };
  });
  const { cakes, choices, cupboard } = kitchen.ok
    ? kitchen.value
    : { cakes: [], choices: [], cupboard: [] };
  return (
    <div className="space-y-5">
      <FreshList />
      {!kitchen.ok && (
        <Trouble
          text={say`${storageText(kitchen.issue)} Trying a tin works all the same; cakes can't be kept meanwhile.`}
        />
      )}
      <AskInAddress
        recipes={{ all: choices, factsOf: recipeFactsOf }}
        cupboard={cupboard}
        keep={keepCake}
      />
      {cakes.length > 0 && (
        <section aria-labelledby="kept" className="no-print">
          <h2 id="kept" className="mb-2 text-[19px]">
            Kept cakes
          </h2>
          <CakeCards cakes={cakes} />
        </section>
      )}
    </div>
  );
}
