import type { Metadata } from "next";
import { RecipeList } from "@/components/recipes/recipe-list";
import { Trouble } from "@/components/frame/trouble";
import { kitchenDatabase, listRecipes, stored } from "@/data";
import { storageText } from "@/words";

export const metadata: Metadata = { title: "Recipes" };

export default async function RecipesPage() {
  const recipes = await stored(() => listRecipes(kitchenDatabase()));
  return (
    <>
      <h1 className="mt-2 mb-4 text-[27px]">Recipes</h1>
      {recipes.ok ? <RecipeList recipes={recipes.value} /> : <Trouble text={storageText(recipes.issue)} />}
    </>
  );
}
