import type { Metadata } from "next";
import { FreshList } from "@/components/frame/kitchen-changed";
import { Trouble } from "@/components/frame/trouble";
import { Cupboard } from "@/components/tin/cupboard";
import { kitchenDatabase, listTins, stored } from "@/data";
import { storageText } from "@/words";
import { keepTin, ownTins } from "./actions";
import { visitorSay } from "@/app/visitor-units";

export const generateMetadata = async (): Promise<Metadata> => ({
  title: (await visitorSay())("Tins"),
});

export default async function TinsPage() {
  const say = await visitorSay();
  const tins = await stored(() => listTins(kitchenDatabase()));
  return (
    <>
      <FreshList />
      <h1 className="mt-2 mb-4 text-[27px]">{say`Tins`}</h1>
      {tins.ok ? (
        <Cupboard tins={tins.value} keep={keepTin} own={ownTins} />
      ) : (
        <Trouble text={storageText(tins.issue)} />
      )}
    </>
  );
}
