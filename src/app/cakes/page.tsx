import type { Metadata } from "next";
import Link from "next/link";
import { CakeList } from "@/components/cakes/cake-list";
import { Trouble } from "@/components/frame/trouble";
import { kitchenDatabase, listCakes, stored } from "@/data";
import { storageText } from "@/words";
import { bringBackCake, copyCake, removeCake, renameCake } from "./actions";

export const metadata: Metadata = { title: "Cakes" };

export default async function CakesPage() {
  const cakes = await stored(() => listCakes(kitchenDatabase()));
  return (
    <>
      <h1 className="mt-2 mb-4 text-[27px]">Cakes</h1>
      {!cakes.ok && <Trouble text={storageText(cakes.issue)} />}
      {cakes.ok && cakes.value.length === 0 && (
        <div className="panel space-y-3 p-6">
          <p>No cake is kept yet. Ask the bench about a tin, then keep the answer as a cake.</p>
          <Link href="/" className="button button-next">
            To the bench
          </Link>
        </div>
      )}
      {cakes.ok && cakes.value.length > 0 && <CakeList cakes={cakes.value} actions={{ bringBackCake, copyCake, removeCake, renameCake }} />}
    </>
  );
}
