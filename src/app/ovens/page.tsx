import type { Metadata } from "next";
import { FreshList } from "@/components/frame/kitchen-changed";
import { Trouble } from "@/components/frame/trouble";
import { OvenList } from "@/components/oven/oven-list";
import { kitchenDatabase, listOvens, stored } from "@/data";
import { storageText } from "@/words";
import { keepOven } from "./actions";

export const metadata: Metadata = { title: "Ovens" };

export default async function OvensPage() {
  const ovens = await stored(() => listOvens(kitchenDatabase()));
  return (
    <>
      <FreshList />
      <h1 className="mt-2 mb-4 text-[27px]">Ovens</h1>
      {ovens.ok ? (
        <OvenList ovens={ovens.value} keep={keepOven} />
      ) : (
        <Trouble text={storageText(ovens.issue)} />
      )}
    </>
  );
}
