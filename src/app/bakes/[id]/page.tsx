import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { cache } from "react";
import { BakingMode } from "@/components/live/baking-mode";
import { Trouble } from "@/components/frame/trouble";
import { eventsSince, findBake, findPantry, kitchenDatabase, stored } from "@/data";
import { historyOf } from "@/server/history";
import { storageText } from "@/words";
import { stopBake } from "../actions";

type BakePageProps = { readonly params: Promise<{ readonly id: string }> };

const load = cache(async (id: string) =>
  stored(async () => {
    const database = kitchenDatabase();
    const bake = await findBake(database, id);
    // Taken together with the events: how long their clocks have run.
    return {
      bake,
      events: (await eventsSince(database, id, 0)).events,
      serverMs: Date.now(),
      pantry: await findPantry(database),
      lastTimes: await Promise.all(
        (bake?.doc?.cakes ?? []).map(async ({ doc: { recipe, question } }) => {
          const of = { id: recipe?.id ?? "", name: question.recipe };
          const { last } = await historyOf(database, of);
          return last === null || last.record.isSettled ? null : last.record;
        }),
      ),
    };
  }),
);

export async function generateMetadata({ params }: BakePageProps): Promise<Metadata> {
  const loaded = await load((await params).id);
  return { title: loaded.ok ? (loaded.value.bake?.name ?? "No such bake") : "Bake" };
}

/** A bake at the bench. */
export default async function BakePage({ params }: BakePageProps) {
  const loaded = await load((await params).id);
  if (!loaded.ok) return <Trouble text={storageText(loaded.issue)} />;
  const { bake, events, serverMs, pantry, lastTimes } = loaded.value;
  if (bake === null) notFound();
  const { id, name, doc, endedAt } = bake;
  if (doc === null)
    return (
      <Trouble
        text={`What the bake “${name}” began with can't be read. It is still in the kitchen's data file, unchanged.`}
      />
    );
  return (
    <BakingMode
      key={id}
      bake={{ id, name, doc, events, isEnded: endedAt !== null }}
      pantry={pantry}
      lastTimes={lastTimes}
      serverMs={serverMs}
      stop={stopBake}
    />
  );
}
