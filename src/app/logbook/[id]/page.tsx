import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { cache } from "react";
import { RecordPage } from "@/components/logbook/record-page";
import { Trouble } from "@/components/frame/trouble";
import { findCake, findRecord, kitchenDatabase, stored } from "@/data";
import { storageText } from "@/words";
import { bakeAgain, bringBackRecord, lookAtRecord, removeRecord, saveRecord } from "../actions";

type RecordPageProps = { readonly params: Promise<{ readonly id: string }> };

const load = cache(async (id: string) =>
  stored(async () => {
    const database = kitchenDatabase();
    const page = await findRecord(database, id);
    const cakeId = page?.cakeId ?? null;
    const cake = cakeId === null ? null : await findCake(database, cakeId);
    return { page, cakeId: cake === null ? null : cakeId };
  }),
);

export async function generateMetadata({ params }: RecordPageProps): Promise<Metadata> {
  const loaded = await load((await params).id);
  return { title: loaded.ok ? (loaded.value.page?.record.name ?? "No such page") : "Logbook" };
}

export default async function OpenRecord({ params }: RecordPageProps) {
  const loaded = await load((await params).id);
  if (!loaded.ok) return <Trouble text={storageText(loaded.issue)} />;
  const { page, cakeId } = loaded.value;
  if (page === null) notFound();
  const { id, record, version, updatedAt } = page;
  return (
    <RecordPage
      key={id}
      page={{ id, record }}
      version={version}
      updatedAt={updatedAt.getTime()}
      cakeId={cakeId}
      save={saveRecord}
      look={lookAtRecord}
      remove={removeRecord}
      bringBack={bringBackRecord}
      again={bakeAgain}
    />
  );
}
