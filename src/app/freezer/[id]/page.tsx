import { formatISO } from "date-fns";
import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { cache } from "react";
import { Trouble } from "@/components/frame/trouble";
import { PortionsPage } from "@/components/freezer/portions-page";
import { findCake, findPortions, kitchenDatabase, newestRecordOf, stored } from "@/data";
import { storageText } from "@/words";
import { bringBackPortions, lookAtPortions, removePortions, savePortions } from "../actions";

type PageProps = { readonly params: Promise<{ readonly id: string }> };

const load = cache(async (id: string) =>
  stored(async () => {
    const database = kitchenDatabase();
    const found = await findPortions(database, id);
    const cakeId = found?.portions.cakeId ?? null;
    return {
      found,
      cake: cakeId === null ? null : await findCake(database, cakeId),
      bake: cakeId === null ? null : await newestRecordOf(database, cakeId),
    };
  }),
);

export async function generateMetadata({ params }: PageProps): Promise<Metadata> {
  const loaded = await load((await params).id);
  return { title: loaded.ok ? (loaded.value.found?.portions.name ?? "Nothing here") : "Freezer" };
}

export default async function OpenPortions({ params }: PageProps) {
  const loaded = await load((await params).id);
  if (!loaded.ok) return <Trouble text={storageText(loaded.issue)} />;
  const { found, cake, bake } = loaded.value;
  if (found === null) notFound();
  return (
    <PortionsPage
      key={found.id}
      id={found.id}
      portions={found.portions}
      updatedAt={found.updatedAt.getTime()}
      version={found.version}
      cake={cake === null ? null : { id: cake.id, name: cake.name }}
      bake={bake}
      today={formatISO(new Date(), { representation: "date" })}
      save={savePortions}
      look={lookAtPortions}
      remove={removePortions}
      bringBack={bringBackPortions}
    />
  );
}
