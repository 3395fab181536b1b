import type { Metadata } from "next";
import { Trouble } from "@/components/frame/trouble";
import { TinList } from "@/components/tins/tin-list";
import { kitchenDatabase, listTins, stored } from "@/data";
import { storageText } from "@/words";

export const metadata: Metadata = { title: "Tins" };

export default async function TinsPage() {
  const tins = await stored(() => listTins(kitchenDatabase()));
  return (
    <>
      <h1 className="mt-2 mb-4 text-[27px]">Tins</h1>
      {tins.ok ? <TinList tins={tins.value} /> : <Trouble text={storageText(tins.issue)} />}
    </>
  );
}
