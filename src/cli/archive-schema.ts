import { KitchenOvenSchema } from "@/core/bake";
import { PortionsDocSchema } from "@/core/freezer";
import { ArchivedThingSchema, ArchiveIndexSchema, CopiedRecipeSchema } from "@/core/kept";
import { RecordSchema } from "@/core/logbook";
import { QuestionSchema } from "@/core/ask";
import { RecipeDocSchema } from "@/core/recipe";
import { TinSchema } from "@/core/tin";
import { bare } from "./plan-schema";

/**
 * The JSON Schema of an archive's files, as it stands in docs/archive.schema.json: a thing is one of
 * `thing`, the document in it one of the others with the version of its fields as `v`.
 */
export function archiveSchemaText(): string {
  const schema = {
    $schema: "https://json-schema.org/draft/2020-12/schema",
    title: "A kitchen as one archive",
    description:
      "kitchen.json is an index; every other .json file a thing. Lengths in mm, volumes in mL, weights in g, temperatures in °C, times in minutes.",
    $defs: {
      index: named("index", ArchiveIndexSchema),
      thing: named("thing", ArchivedThingSchema),
      tin: named("tin", TinSchema),
      oven: named("oven", KitchenOvenSchema),
      recipe: named("recipe", RecipeDocSchema),
      cakesQuestion: named("cakesQuestion", QuestionSchema),
      cakesRecipe: named("cakesRecipe", CopiedRecipeSchema),
      bakesRecord: named("bakesRecord", RecordSchema),
      portions: named("portions", PortionsDocSchema),
    },
    anyOf: [{ $ref: "#/$defs/index" }, { $ref: "#/$defs/thing" }],
  };
  return `${JSON.stringify(schema, null, 2)}\n`;
}

/** A schema that stands by itself under a name: what it refers to is within it. */
const named = (name: string, schema: Parameters<typeof bare>[0]): object => ({
  $id: name,
  ...bare(schema, "ref"),
});
