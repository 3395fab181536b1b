import type { Metadata } from "next";
import { FreshList } from "@/components/frame/kitchen-changed";
import { RecipeList } from "@/components/recipe/recipe-list";
import { Trouble } from "@/components/frame/trouble";
import { kitchenDatabase, searchRecipes, stored } from "@/data";
import { storageText } from "@/words";
import { bringBackRecipe, removeRecipe } from "./actions";

export const metadata: Metadata = { title: "Recipes" };

/** How many recipes stand on one page of the list. */
const PAGE = 50;

type RecipesPageProps = {
  readonly searchParams: Promise<Readonly<Record<string, string | readonly string[] | undefined>>>;
};

export default async function RecipesPage({ searchParams }: RecipesPageProps) {
  const { q, more } = await searchParams;
  const text = typeof q === "string" ? q.slice(0, 200) : "";
  const pages = Math.min(100, Math.max(1, Math.trunc(Number(more)) || 1));
  const found = await stored(() =>
    searchRecipes(kitchenDatabase(), text, { limit: PAGE * pages, offset: 0 }),
  );
  if (!found.ok) return <Trouble text={storageText(found.issue)} />;
  return (
    <>
      <FreshList />
      <RecipeList
        recipes={found.value.recipes}
        total={found.value.total}
        text={text}
        pages={pages}
        actions={{ removeRecipe, bringBackRecipe }}
      />
    </>
  );
}
