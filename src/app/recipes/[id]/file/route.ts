import { workRecipe } from "@/core/plan";
import { writeCsv, writeJsonLd, writeMarkdown, type RecipeDoc } from "@/core/recipe";
import { findRecipe, kitchenDatabase, stored } from "@/data";
import { storageText } from "@/words";
import { kitchenPantry } from "../../kitchen-recipes";

const TYPES: Readonly<Record<string, string>> = {
  md: "text/markdown",
  json: "application/ld+json",
  csv: "text/csv",
};

async function written(doc: RecipeDoc, as: string): Promise<string> {
  if (as === "md") return writeMarkdown(doc);
  return as === "json"
    ? writeJsonLd(doc)
    : writeCsv(workRecipe(doc, await kitchenPantry()).formula);
}

/** A recipe as a file: `?as=md`, `json` (schema.org JSON-LD) or `csv` (its lines). */
export async function GET(
  request: Request,
  { params }: { readonly params: Promise<{ readonly id: string }> },
): Promise<Response> {
  const as = new URL(request.url).searchParams.get("as") ?? "md";
  const type = Object.hasOwn(TYPES, as) ? TYPES[as] : undefined;
  if (type === undefined)
    return new Response(`“${as.slice(0, 20)}” is not a kind of file known here: md, json, csv.`, {
      status: 400,
    });
  const { id } = await params;
  const found = await stored(async () => {
    const recipe = await findRecipe(kitchenDatabase(), id);
    return recipe?.doc == null ? null : { name: recipe.name, text: await written(recipe.doc, as) };
  });
  if (!found.ok) return new Response(storageText(found.issue), { status: 503 });
  if (found.value === null) return new Response("There is no such recipe.", { status: 404 });
  const name = found.value.name.replaceAll(/[^\p{L}\p{N} -]/gu, "").trim() || "recipe";
  return new Response(found.value.text, {
    headers: {
      "content-type": `${type}; charset=utf-8`,
      "content-disposition": `attachment; filename*=UTF-8''${encodeURIComponent(`${name}.${as}`)}`,
    },
  });
}
