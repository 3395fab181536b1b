import { and, asc, count, desc, eq, inArray, isNull, or, sql, type SQL } from "drizzle-orm";
import { RecipeFactsSchema, type RecipeFacts } from "@/core/plan";
import { STORED_RECIPE } from "@/core/kept";
import { foldName } from "@/core/pantry";
import { withSharedPart, type Part, type RecipeDoc } from "@/core/recipe";
import { holdsPart, holdsWords } from "./holds-words";
import type { Connection } from "./connection";
import { parsedJson } from "./parsed-json";
import type { Saved } from "./saved";
import { recipes, recipeVersions } from "./schema";
import { bringBack, takeOut } from "./shelf";

/** A recipe as lists and the bench need it. */
export type ListedRecipe = {
  readonly id: string;
  readonly name: string;
  readonly facts: RecipeFacts;
  readonly updatedAt: Date;
  readonly lastBakedAt: Date | null;
};

/**
 * A recipe opened. A document that no longer parses is null: the row is shown, and never thrown
 * away.
 */
export type KeptRecipe = {
  readonly id: string;
  readonly name: string;
  readonly doc: RecipeDoc | null;
  readonly revision: number;
  readonly updatedAt: Date;
  readonly lastBakedAt: Date | null;
};

/** What is kept beside a recipe for lists and searches. */
export type RecipeIndex = { readonly facts: RecipeFacts; readonly search: string };

/** Changes within this long of a version's first go into the same version, ms. */
const SAME_VERSION_MS = 10 * 60_000;

/** As many as a choice can hold and still be looked through. */
const MOST_CHOICES = 50;

const NO_FACTS: RecipeFacts = { batter: {}, bake: { tins: [] } };

export function docFrom(text: string): RecipeDoc | null {
  const parsed = STORED_RECIPE.read(text);
  return parsed.ok ? parsed.value : null;
}

/**
 * Recipes whose words hold all the words typed, by name; all of them for an empty text.
 * @param page from `offset`, at most `limit`
 */
export async function searchRecipes(
  { db }: Connection,
  text: string,
  page: { readonly limit: number; readonly offset: number },
): Promise<{ readonly recipes: readonly ListedRecipe[]; readonly total: number }> {
  const where = and(isNull(recipes.deletedAt), ...holdsWords(recipes.search, text));
  const columns = {
    id: recipes.id,
    name: recipes.name,
    facts: recipes.facts,
    updatedAt: recipes.updatedAt,
    lastBakedAt: recipes.lastBakedAt,
  };
  const rows = await db
    .select(columns)
    .from(recipes)
    .where(where)
    .orderBy(asc(recipes.name), asc(recipes.id))
    .limit(page.limit)
    .offset(page.offset);
  const [counted] = await db.select({ total: count() }).from(recipes).where(where);
  return { recipes: rows.map(listed), total: counted?.total ?? 0 };
}

type ListedRow = {
  readonly id: string;
  readonly name: string;
  readonly facts: string;
  readonly updatedAt: number;
  readonly lastBakedAt: number | null;
};

function factsFrom(text: string): RecipeFacts {
  const facts = RecipeFactsSchema.safeParse(parsedJson(text));
  return facts.success ? facts.data : NO_FACTS;
}

function listed(row: ListedRow): ListedRecipe {
  return {
    id: row.id,
    name: row.name,
    facts: factsFrom(row.facts),
    updatedAt: new Date(row.updatedAt),
    lastBakedAt: row.lastBakedAt === null ? null : new Date(row.lastBakedAt),
  };
}

/**
 * The last changed recipes, by name, for choosing one at the bench; all others are one step away in
 * the list of recipes.
 */
export async function listRecipeChoices({
  db,
}: Connection): Promise<readonly { readonly id: string; readonly name: string }[]> {
  const hasTins = sql`case when json_valid(${recipes.facts}) then json_array_length(${recipes.facts}, '$.bake.tins') > 0 end`;
  const rows = await db
    .select({ id: recipes.id, name: recipes.name })
    .from(recipes)
    .where(and(isNull(recipes.deletedAt), hasTins))
    .orderBy(desc(recipes.updatedAt))
    .limit(MOST_CHOICES);
  return rows.toSorted((a, b) => a.name.localeCompare(b.name));
}

/** What the bench needs of a recipe; null when it is not in the kitchen. */
export async function findRecipeFacts({ db }: Connection, id: string): Promise<RecipeFacts | null> {
  const [row] = await db
    .select({ facts: recipes.facts })
    .from(recipes)
    .where(and(eq(recipes.id, id), isNull(recipes.deletedAt)));
  return row === undefined ? null : factsFrom(row.facts);
}

/**
 * One recipe that is not deleted, the parts it shares with others as they are there; null when
 * there is none of that id.
 */
export async function findRecipe(connection: Connection, id: string): Promise<KeptRecipe | null> {
  const [row] = await connection.db
    .select()
    .from(recipes)
    .where(and(eq(recipes.id, id), isNull(recipes.deletedAt)));
  return row === undefined ? null : keptFrom(connection, row);
}

async function keptFrom(
  connection: Pick<Connection, "db">,
  row: typeof recipes.$inferSelect,
): Promise<KeptRecipe> {
  return {
    id: row.id,
    name: row.name,
    doc: await withSharedParts(connection, docFrom(row.recipe)),
    revision: row.revision,
    updatedAt: new Date(row.updatedAt),
    lastBakedAt: row.lastBakedAt === null ? null : new Date(row.lastBakedAt),
  };
}

async function withSharedParts(
  { db }: Pick<Connection, "db">,
  doc: RecipeDoc | null,
): Promise<RecipeDoc | null> {
  const owners = doc?.parts.flatMap(({ from }) => (from === undefined ? [] : [from.recipe])) ?? [];
  if (doc === null || owners.length === 0) return doc;
  const rows = await db
    .select({ id: recipes.id, recipe: recipes.recipe })
    .from(recipes)
    .where(and(inArray(recipes.id, owners), isNull(recipes.deletedAt)));
  const byId = new Map(rows.map((row) => [row.id, docFrom(row.recipe)]));
  return {
    ...doc,
    parts: doc.parts.map((part) => withSharedPart(part, byId.get(part.from?.recipe ?? "") ?? null)),
  };
}

/** A part that another recipe could use. */
export type SharablePart = {
  readonly recipe: string;
  readonly recipeName: string;
  readonly part: Part;
};

/**
 * Parts of other recipes that this one could use: its frostings, fillings and the like, not its
 * batters or what it borrowed itself.
 */
export async function listSharableParts(
  { db }: Connection,
  exceptId: string,
): Promise<readonly SharablePart[]> {
  const rows = await db
    .select({ id: recipes.id, name: recipes.name, recipe: recipes.recipe })
    .from(recipes)
    .where(isNull(recipes.deletedAt))
    .orderBy(desc(recipes.updatedAt))
    .limit(MOST_CHOICES);
  return rows
    .filter(({ id }) => id !== exceptId)
    .flatMap(({ id, name, recipe }) =>
      (docFrom(recipe)?.parts ?? [])
        .filter(({ role, from }) => role !== "batter" && from === undefined)
        .map((part) => ({ recipe: id, recipeName: name, part })),
    )
    .sort((a, b) => a.part.name.localeCompare(b.part.name));
}

/** Keeps a new recipe. */
export async function addRecipe(
  connection: Connection,
  id: string,
  doc: RecipeDoc,
  index: RecipeIndex,
  now: Date,
): Promise<void> {
  await connection.write((db) => db.insert(recipes).values(recipeRow(id, doc, index, now)));
}

/** The row of a new recipe. */
export function recipeRow(
  id: string,
  doc: RecipeDoc,
  index: RecipeIndex,
  now: Date,
): typeof recipes.$inferInsert {
  const at = now.getTime();
  return {
    id,
    name: doc.name,
    recipe: STORED_RECIPE.write(doc),
    facts: JSON.stringify(index.facts),
    search: index.search,
    versionAt: at,
    updatedAt: at,
  };
}

/**
 * Keeps a changed recipe, unless another page has kept another change of it since: then nothing is
 * written. The state before is kept as a version, unless this change belongs to the one begun
 * within the last ten minutes. The text it was read from never changes: a document that comes
 * without it keeps it.
 * @param base the revision that was changed
 * @param isNewVersion keep the state before as a version in any case
 */
export async function saveRecipe(
  connection: Connection,
  id: string,
  changed: RecipeDoc,
  index: RecipeIndex,
  base: number,
  now: Date,
  isNewVersion = false,
): Promise<Saved<KeptRecipe>> {
  const saved = await connection.write((db) =>
    db.transaction(async (tx): Promise<Saved<typeof recipes.$inferSelect>> => {
      const [row] = await tx
        .select()
        .from(recipes)
        .where(and(eq(recipes.id, id), isNull(recipes.deletedAt)));
      if (row === undefined) return { kind: "gone" };
      if (row.revision !== base) return { kind: "changed-elsewhere", theirs: row };
      const at = now.getTime();
      const before = docFrom(row.recipe);
      const doc =
        changed.original === "" ? { ...changed, original: before?.original ?? "" } : changed;
      const recipe = STORED_RECIPE.write(doc);
      if (before !== null && recipe === STORED_RECIPE.write(before))
        return { kind: "kept", version: row.revision };
      const begins = isNewVersion || at - row.versionAt > SAME_VERSION_MS;
      if (begins) await tx.insert(recipeVersions).values(versionRow(row));
      const revision = row.revision + 1;
      await tx
        .update(recipes)
        .set({
          name: doc.name,
          recipe,
          facts: JSON.stringify(index.facts),
          search: index.search,
          revision,
          updatedAt: at,
          ...(begins ? { version: row.version + 1, versionAt: at } : {}),
        })
        .where(eq(recipes.id, id));
      return { kind: "kept", version: revision };
    }),
  );
  return saved.kind === "changed-elsewhere"
    ? { kind: saved.kind, theirs: await keptFrom(connection, saved.theirs) }
    : saved;
}

/** A recipe's state as a version: without the text it was read from, which all of them share. */
function versionRow(row: typeof recipes.$inferSelect): typeof recipeVersions.$inferInsert {
  const doc = docFrom(row.recipe);
  return {
    recipeId: row.id,
    version: row.version,
    recipe: doc === null ? row.recipe : STORED_RECIPE.write({ ...doc, original: "" }),
    savedAt: row.updatedAt,
  };
}

/**
 * Deletes a recipe so that {@link restoreRecipe} can bring it back.
 * @returns whether it was there
 */
export function deleteRecipe(connection: Connection, id: string, now: Date): Promise<boolean> {
  return takeOut(connection, recipes, id, now);
}

/** Brings a deleted recipe back. @returns whether there was one */
export function restoreRecipe(connection: Connection, id: string): Promise<boolean> {
  return bringBack(connection, recipes, id);
}

/** Notes that a recipe was baked. @returns whether it was there */
export async function markBaked(connection: Connection, id: string, now: Date): Promise<boolean> {
  const rows = await connection.write((db) =>
    db
      .update(recipes)
      .set({ lastBakedAt: now.getTime() })
      .where(and(eq(recipes.id, id), isNull(recipes.deletedAt)))
      .returning({ id: recipes.id }),
  );
  return rows.length > 0;
}

/** Recipes worked out before the server turns to other work. */
const AT_ONCE = 20;

/**
 * Works the index of recipes out anew, after what some names mean has changed: of those whose words
 * hold one of them, a few at a time so that the server answers others meanwhile.
 */
export async function reindexRecipes(
  connection: Connection,
  names: readonly string[],
  indexOf: (doc: RecipeDoc) => RecipeIndex,
): Promise<void> {
  const held = names
    .map(foldName)
    .filter((name) => name !== "")
    .map((name): SQL => holdsPart(recipes.search, name));
  if (held.length === 0) return;
  const ids = await connection.db
    .select({ id: recipes.id })
    .from(recipes)
    .where(or(...held));
  for (let from = 0; from < ids.length; from += AT_ONCE) {
    const some = ids.slice(from, from + AT_ONCE).map(({ id }) => id);
    const rows = await connection.db
      .select({ id: recipes.id, recipe: recipes.recipe, facts: recipes.facts })
      .from(recipes)
      .where(inArray(recipes.id, some));
    const changed = rows.flatMap(({ id, recipe, facts: before }) => {
      const doc = docFrom(recipe);
      const index = doc === null ? null : indexOf(doc);
      const facts = JSON.stringify(index?.facts);
      return index === null || facts === before ? [] : [{ id, facts, search: index.search }];
    });
    if (changed.length > 0) {
      await connection.write((db) =>
        db.transaction(async (tx) => {
          for (const { id, ...index } of changed)
            await tx.update(recipes).set(index).where(eq(recipes.id, id));
        }),
      );
    }
    await new Promise((resolve) => {
      setImmediate(resolve);
    });
  }
}
