import { formatISO } from "date-fns";
import type { Metadata } from "next";
import { FreshList } from "@/components/frame/kitchen-changed";
import { Trouble } from "@/components/frame/trouble";
import { FreezerList } from "@/components/freezer/freezer-list";
import { kitchenDatabase, listPortions, stored } from "@/data";
import { storageText } from "@/words";
import {
  bringBackPortions,
  movePortions,
  removePortions,
  takePortions,
  putPortionsBack,
} from "./actions";

export const metadata: Metadata = { title: "Freezer" };

/** What is put away, and what of it is to be eaten first. */
export default async function FreezerPage() {
  const found = await stored(() => listPortions(kitchenDatabase()));
  if (!found.ok) return <Trouble text={storageText(found.issue)} />;
  return (
    <>
      <FreshList />
      <FreezerList
        rows={found.value}
        today={formatISO(new Date(), { representation: "date" })}
        actions={{ bringBackPortions, movePortions, removePortions, takePortions, putPortionsBack }}
      />
    </>
  );
}
