import { isNull, sql, type Column, type SQL } from "drizzle-orm";
import {
  archivePath,
  STORED_COPY,
  STORED_OVEN,
  STORED_PORTIONS,
  STORED_QUESTION,
  STORED_RECIPE,
  STORED_RECORD,
  STORED_TIN,
  type ArchivedThing,
} from "@/core/kept";
import { IngredientSchema, type Pantry } from "@/core/pantry";
import { LarderRowSchema } from "@/core/shopping";
import { recipeFacts, recipeSearchText, workRecipe } from "@/core/plan";
import type { Result } from "@/core/measure";
import { cakeColumns, cakeSearchText } from "./cakes";
import type { Connection, Database } from "./connection";
import { parsedJson } from "./parsed-json";
import { larderColumns } from "./larder";
import { portionsColumns } from "./portions";
import { recipeRow } from "./recipes";
import { recordColumns } from "./records";
import { cakes, ingredients, larder, ovens, portions, recipes, records, tins } from "./schema";

type Doc = Readonly<Record<string, unknown>>;
const docOf = (text: string): Doc => parsedJson(text) as Doc;

/** A thing of the kitchen as an archive holds it, besides its place not looked at yet. */
type Thing = Pick<ArchivedThing, "kind" | "id">;

/**
 * Everything in the kitchen that is not deleted, a thing at a time, its documents as they are
 * stored. One that can't be read any more is among them: what reads the archive says so.
 */
export async function archivedThings({ db }: Connection): Promise<readonly Thing[]> {
  const own = [
    ...(await db.select().from(tins).where(isNull(tins.deletedAt))).map(
      ({ id, name, owned, spec }) => ({ kind: "tin" as const, id, name, owned, tin: docOf(spec) }),
    ),
    ...(await db.select().from(ovens).where(isNull(ovens.deletedAt))).map(({ id, name, spec }) => ({
      kind: "oven" as const,
      id,
      name,
      oven: docOf(spec),
    })),
    ...(await db.select().from(recipes).where(isNull(recipes.deletedAt))).map(({ id, recipe }) => ({
      kind: "recipe" as const,
      id,
      recipe: docOf(recipe),
    })),
    ...(await db.select().from(cakes).where(isNull(cakes.deletedAt))).map(
      ({ id, name, eatenOn, question, recipe }) => ({
        kind: "cake" as const,
        id,
        name,
        eatenOn,
        question: docOf(question),
        recipe: recipe === null ? null : docOf(recipe),
      }),
    ),
    ...(await db.select().from(records).where(isNull(records.deletedAt))).map(
      ({ id, cakeId, doc }) => ({ kind: "bake" as const, id, cakeId, record: docOf(doc) }),
    ),
    ...(await db.select().from(portions).where(isNull(portions.deletedAt))).map(({ id, doc }) => ({
      kind: "portions" as const,
      id,
      portions: docOf(doc),
    })),
  ];
  const foods = (await db.select().from(ingredients)).flatMap(({ id, spec }) => {
    const read = IngredientSchema.safeParse(parsedJson(spec));
    return read.success ? [{ kind: "ingredient" as const, id, ingredient: read.data }] : [];
  });
  const has = (await db.select().from(larder)).flatMap(({ item, doc }) => {
    const read = LarderRowSchema.safeParse(parsedJson(doc));
    return read.success ? [{ kind: "larder" as const, id: item, row: read.data }] : [];
  });
  return [...own, ...foods, ...has];
}

/** How the things of an archive stand to those of the kitchen. */
type ComparedThings = {
  readonly new: readonly ArchivedThing[];
  readonly same: readonly ArchivedThing[];
  readonly changed: readonly ArchivedThing[];
};

/** What of an archive is new here, what is the same, and what is another state of the same thing. */
export async function compareThings(
  connection: Connection,
  things: readonly ArchivedThing[],
): Promise<ComparedThings> {
  const own = new Map(
    (await archivedThings(connection)).map((thing) => [archivePath(thing), JSON.stringify(thing)]),
  );
  const isNew = (thing: ArchivedThing): boolean => !own.has(archivePath(thing));
  const isSame = (thing: ArchivedThing): boolean =>
    own.get(archivePath(thing)) === JSON.stringify(thing);
  return {
    new: things.filter(isNew),
    same: things.filter(isSame),
    changed: things.filter((thing) => !isNew(thing) && !isSame(thing)),
  };
}

/**
 * Brings things of an archive into the kitchen, all of them or none: new ones, and others over what
 * stands there. Their documents are kept as the archive has them.
 */
export async function bringIn(
  connection: Connection,
  things: readonly ArchivedThing[],
  pantry: Pantry,
  now: Date,
): Promise<void> {
  await connection.write((db) =>
    db.transaction(async (tx) => {
      for (const thing of things) await put(tx, thing, pantry, now);
    }),
  );
}

/** A document that was read before it came here. */
function sure<T>(read: Result<T>): T {
  if (!read.ok) throw new RangeError(`an archive's thing can't be read: ${read.issue.code}`);
  return read.value;
}

/** Puts a thing over the one of its id, which counts one save more; deleted, it is there again. */
async function put(
  tx: Pick<Database, "insert">,
  thing: ArchivedThing,
  pantry: Pantry,
  now: Date,
): Promise<void> {
  const { id } = thing;
  const at = now.getTime();
  const there = { updatedAt: at, deletedAt: null };
  switch (thing.kind) {
    case "tin": {
      const spec = JSON.stringify(thing.tin);
      sure(STORED_TIN.read(spec));
      const set = { name: thing.name, owned: thing.owned, spec, ...there };
      await tx
        .insert(tins)
        .values({ id, ...set })
        .onConflictDoUpdate({ target: tins.id, set: { ...set, version: more(tins.version) } });
      return;
    }
    case "oven": {
      const spec = JSON.stringify(thing.oven);
      sure(STORED_OVEN.read(spec));
      const set = { name: thing.name, spec, ...there };
      await tx
        .insert(ovens)
        .values({ id, createdAt: at, ...set })
        .onConflictDoUpdate({ target: ovens.id, set: { ...set, version: more(ovens.version) } });
      return;
    }
    case "recipe": {
      const recipe = JSON.stringify(thing.recipe);
      const doc = sure(STORED_RECIPE.read(recipe));
      const worked = workRecipe(doc, pantry);
      const index = { facts: recipeFacts(doc, worked), search: recipeSearchText(doc, worked) };
      const set = { ...recipeRow(id, doc, index, now), recipe, ...there };
      await tx
        .insert(recipes)
        .values(set)
        .onConflictDoUpdate({
          target: recipes.id,
          set: { ...set, revision: more(recipes.revision) },
        });
      return;
    }
    case "cake": {
      const question = JSON.stringify(thing.question);
      const recipe = thing.recipe === null ? null : JSON.stringify(thing.recipe);
      const doc = {
        question: sure(STORED_QUESTION.read(question)),
        recipe: recipe === null ? null : sure(STORED_COPY.read(recipe)),
      };
      const { name, eatenOn } = thing;
      const search = cakeSearchText(name, doc);
      const set = { ...cakeColumns(doc), name, eatenOn, question, recipe, search, ...there };
      await tx
        .insert(cakes)
        .values({ id, createdAt: at, ...set })
        .onConflictDoUpdate({ target: cakes.id, set: { ...set, version: more(cakes.version) } });
      return;
    }
    case "bake": {
      const doc = JSON.stringify(thing.record);
      const columns = recordColumns(sure(STORED_RECORD.read(doc)));
      const set = { ...columns, doc, cakeId: thing.cakeId, ...there };
      await tx
        .insert(records)
        .values({ id, createdAt: at, ...set })
        .onConflictDoUpdate({
          target: records.id,
          set: { ...set, version: more(records.version) },
        });
      return;
    }
    case "portions": {
      const doc = JSON.stringify(thing.portions);
      const set = { ...portionsColumns(sure(STORED_PORTIONS.read(doc))), doc, ...there };
      await tx
        .insert(portions)
        .values({ id, createdAt: at, ...set })
        .onConflictDoUpdate({
          target: portions.id,
          set: { ...set, version: more(portions.version) },
        });
      return;
    }
    case "ingredient": {
      const set = { spec: JSON.stringify(thing.ingredient) };
      await tx
        .insert(ingredients)
        .values({ id, ...set })
        .onConflictDoUpdate({ target: ingredients.id, set });
      return;
    }
    case "larder": {
      const set = larderColumns({ ...thing.row, key: id });
      await tx.insert(larder).values(set).onConflictDoUpdate({ target: larder.item, set });
    }
  }
}

/** A count of saves, one more. */
const more = (column: Column): SQL => sql`${column} + 1`;
