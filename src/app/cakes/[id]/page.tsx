import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { cache } from "react";
import { BenchOfCake } from "@/components/bench/bench-of-cake";
import { Trouble } from "@/components/frame/trouble";
import { findCake, kitchenDatabase, listBenchRecipes, listTins, stored } from "@/data";
import { storageText } from "@/words";
import { renameCake, saveCake } from "../actions";

type CakePageProps = { readonly params: Promise<{ readonly id: string }> };

const load = cache(async (id: string) =>
  stored(async () => {
    const database = kitchenDatabase();
    return { cake: await findCake(database, id), recipes: await listBenchRecipes(database), cupboard: await listTins(database) };
  }),
);

export async function generateMetadata({ params }: CakePageProps): Promise<Metadata> {
  const loaded = await load((await params).id);
  return { title: loaded.ok ? (loaded.value.cake?.name ?? "No such cake") : "Cake" };
}

export default async function CakePage({ params }: CakePageProps) {
  const loaded = await load((await params).id);
  if (!loaded.ok) return <Trouble text={storageText(loaded.issue)} />;
  const { cake, recipes, cupboard } = loaded.value;
  if (cake === null) notFound();
  if (cake.question === null) {
    return <Trouble text={`What “${cake.name}” was planned from can't be read. It is still in the kitchen's data file, unchanged.`} />;
  }
  return (
    <BenchOfCake
      key={cake.id}
      cake={{ id: cake.id, name: cake.name, question: cake.question, updatedAt: cake.updatedAt.getTime() }}
      recipes={recipes}
      cupboard={cupboard}
      save={saveCake}
      rename={renameCake}
    />
  );
}
