import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { cache } from "react";
import { Trouble } from "@/components/frame/trouble";
import { OvenPage } from "@/components/oven/oven-page";
import { findOven, kitchenDatabase, listTins, stored } from "@/data";
import { storageText } from "@/words";
import { bringBackOven, lookAtOven, removeOven, saveOven } from "../actions";

type OvenPageProps = { readonly params: Promise<{ readonly id: string }> };

const load = cache(async (id: string) =>
  stored(async () => ({
    oven: await findOven(kitchenDatabase(), id),
    tins: await listTins(kitchenDatabase()),
  })),
);

export async function generateMetadata({ params }: OvenPageProps): Promise<Metadata> {
  const loaded = await load((await params).id);
  return { title: loaded.ok ? (loaded.value.oven?.name ?? "No such oven") : "Oven" };
}

export default async function OpenOven({ params }: OvenPageProps) {
  const loaded = await load((await params).id);
  if (!loaded.ok) return <Trouble text={storageText(loaded.issue)} />;
  const { oven, tins } = loaded.value;
  if (oven === null) notFound();
  const { updatedAt, version, ...rest } = oven;
  return (
    <OvenPage
      key={oven.id}
      oven={rest}
      updatedAt={updatedAt.getTime()}
      version={version}
      tins={tins}
      save={saveOven}
      look={lookAtOven}
      remove={removeOven}
      bringBack={bringBackOven}
    />
  );
}
