import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { cache } from "react";
import { Trouble } from "@/components/frame/trouble";
import { OneTin } from "@/components/tin/tin-page";
import { findTin, kitchenDatabase, stored } from "@/data";
import { storageText } from "@/words";
import { bringBackTin, lookAtTin, removeTin, saveTin } from "../actions";
import { visitorSay } from "@/app/visitor-units";

type TinPageProps = { readonly params: Promise<{ readonly id: string }> };

const load = cache(async (id: string) => stored(() => findTin(kitchenDatabase(), id)));

export async function generateMetadata({ params }: TinPageProps): Promise<Metadata> {
  const [loaded, say] = [await load((await params).id), await visitorSay()];
  return { title: loaded.ok ? (loaded.value?.name ?? say`No such tin`) : say`Tin` };
}

export default async function TinPage({ params }: TinPageProps) {
  const loaded = await load((await params).id);
  if (!loaded.ok) return <Trouble text={storageText(loaded.issue)} />;
  if (loaded.value === null) notFound();
  const { updatedAt, ...tin } = loaded.value;
  return (
    <OneTin
      key={tin.id}
      tin={{ ...tin, updatedAt: updatedAt.getTime() }}
      save={saveTin}
      look={lookAtTin}
      remove={removeTin}
      bringBack={bringBackTin}
    />
  );
}
