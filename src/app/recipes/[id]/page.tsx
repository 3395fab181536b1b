import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { cache } from "react";
import { Trouble } from "@/components/frame/trouble";
import { RecipePage } from "@/components/recipe/recipe-page";
import {
  findPantry,
  findRecipe,
  kitchenDatabase,
  listSharableParts,
  listVersions,
  stored,
} from "@/data";
import { historyOf } from "@/server/history";
import { storageText } from "@/words";
import { settleRecord } from "../../logbook/actions";
import {
  addIngredient,
  bakedToday,
  changeRecipe,
  keepAsVersion,
  lookAtRecipe,
  teachName,
  versionOfRecipe,
} from "../actions";

type RecipePageProps = { readonly params: Promise<{ readonly id: string }> };

const load = cache(async (id: string) =>
  stored(async () => {
    const database = kitchenDatabase();
    const recipe = await findRecipe(database, id);
    const { last, picture } = await historyOf(database, { id, name: recipe?.name ?? "" });
    return {
      recipe,
      last,
      picture,
      versions: await listVersions(database, id),
      pantry: await findPantry(database),
      sharable: await listSharableParts(database, id),
    };
  }),
);

export async function generateMetadata({ params }: RecipePageProps): Promise<Metadata> {
  const loaded = await load((await params).id);
  return { title: loaded.ok ? (loaded.value.recipe?.name ?? "No such recipe") : "Recipe" };
}

export default async function OpenRecipe({ params }: RecipePageProps) {
  const loaded = await load((await params).id);
  if (!loaded.ok) return <Trouble text={storageText(loaded.issue)} />;
  const { recipe, versions, pantry, sharable, last, picture } = loaded.value;
  if (recipe === null) notFound();
  if (recipe.doc === null)
    return (
      <Trouble
        text={`“${recipe.name}” can't be read. It is still in the kitchen's data file, unchanged.`}
      />
    );
  return (
    <RecipePage
      key={recipe.id}
      recipe={{
        id: recipe.id,
        doc: recipe.doc,
        revision: recipe.revision,
        updatedAt: recipe.updatedAt.getTime(),
        lastBakedAt: recipe.lastBakedAt?.getTime() ?? null,
      }}
      versions={versions.map(({ version, savedAt }) => ({ version, savedAt: savedAt.getTime() }))}
      pantry={pantry}
      sharable={sharable}
      last={last}
      picture={picture}
      actions={{
        settle: settleRecord,
        change: changeRecipe,
        look: lookAtRecipe,
        keepAsVersion,
        versionOf: versionOfRecipe,
        teachName,
        addIngredient,
        bakedToday,
      }}
    />
  );
}
