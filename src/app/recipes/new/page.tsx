import type { Metadata } from "next";
import { Trouble } from "@/components/frame/trouble";
import { PasteRecipe } from "@/components/recipe/paste-recipe";
import { findPantry, kitchenDatabase, stored } from "@/data";
import { storageText } from "@/words";
import { keepRecipe } from "../actions";

export const metadata: Metadata = { title: "Paste or load a recipe" };

export default async function NewRecipePage() {
  const pantry = await stored(() => findPantry(kitchenDatabase()));
  return (
    <>
      {!pantry.ok && (
        <Trouble
          text={`${storageText(pantry.issue)} The recipe can be read all the same, but not kept meanwhile.`}
        />
      )}
      <PasteRecipe pantry={pantry.ok ? pantry.value : { own: [], learnt: [] }} keep={keepRecipe} />
    </>
  );
}
