import { addDays, addWeeks, differenceInCalendarDays, format, parseISO } from "date-fns";
import { eq, inArray } from "drizzle-orm";
import type { Connection, Database } from "./connection";
import { askAboutRecipe, FIRST_QUESTION, type Question } from "@/core/ask";
import { recipeFacts, recipeSearchText, workRecipe } from "@/core/plan";
import { emptyRecord, plannedCake, STORED_OVEN, STORED_TIN, type CakeDoc } from "@/core/kept";
import type { Portions } from "@/core/freezer";
import { pantryOf } from "@/core/pantry";
import { readRecipe } from "@/core/recipe";
import { cakeColumns, cakeSearchText } from "./cakes";
import { DEMO_BAKES, DEMO_WEIGHED } from "./demo-bakes";
import {
  DEMO_CAKES,
  DEMO_LARDER,
  DEMO_OVENS,
  DEMO_PORTIONS,
  DEMO_TINS,
  DEMO_WEEK,
} from "./demo-kitchen";
import { DEMO_RECIPE_TEXTS } from "./demo-recipes";
import { demoAnswers } from "./demo-practice";
import { larderColumns } from "./larder";
import { portionsColumns } from "./portions";
import { answerRow } from "./practice";
import { recipeRow } from "./recipes";
import { noteBaked, recordColumns } from "./records";
import {
  cakes,
  kitchen,
  larder,
  ovens,
  portions,
  practiceAnswers,
  recipes,
  records,
  tins,
} from "./schema";

type Tx = Parameters<Parameters<Database["transaction"]>[0]>[0];

const SEEDED = "demo-laid-in";

/**
 * Lays the demo kitchen in, once: a database that has had it, or that already holds anything of the
 * baker's, is left alone. All of it arrives together or none of it.
 * @returns whether anything was laid in
 */
export async function seedDemoKitchen(connection: Connection, now: Date): Promise<boolean> {
  return connection.write((db) =>
    db.transaction(async (tx) => {
      const [marked, anyTin, anyRecipe, anyCake, anyOven] = [
        await tx.select().from(kitchen).where(eq(kitchen.key, SEEDED)),
        await tx.select().from(tins).limit(1),
        await tx.select().from(recipes).limit(1),
        await tx.select().from(cakes).limit(1),
        await tx.select().from(ovens).limit(1),
      ];
      if ([marked, anyTin, anyRecipe, anyCake, anyOven].some((rows) => rows.length > 0))
        return false;
      await layIn(tx, now);
      await tx.insert(practiceAnswers).values(demoAnswers(now).map(answerRow));
      await tx
        .insert(larder)
        .values(
          DEMO_LARDER.map(({ key, name, has, price }) =>
            larderColumns({ key, name, has, pack: null, price, at: now.getTime() }),
          ),
        );
      await tx.insert(kitchen).values({ key: SEEDED, value: now.toISOString() });
      return true;
    }),
  );
}

/** Lays in what is of the demo kitchen and not there; what is there stays as it is. */
async function layIn(tx: Tx, now: Date): Promise<void> {
  await tx
    .insert(tins)
    .values(
      DEMO_TINS.map(({ spec, ...tin }) => ({
        ...tin,
        spec: STORED_TIN.write(spec),
        updatedAt: now.getTime(),
      })),
    )
    .onConflictDoNothing();
  await tx
    .insert(recipes)
    .values([...demoRecipes(now)])
    .onConflictDoNothing();
  const at = now.getTime();
  await tx
    .insert(ovens)
    .values(
      DEMO_OVENS.map(({ spec, ...oven }, index) => ({
        ...oven,
        spec: STORED_OVEN.write(spec),
        createdAt: at + index,
        updatedAt: at,
      })),
    )
    .onConflictDoNothing();
  await tx
    .insert(cakes)
    .values(
      DEMO_CAKES.map(({ id, name, recipe, oven, baked, question }, index) => {
        const doc = demoCake(recipe, {
          oven: DEMO_OVENS.find((each) => each.id === oven) ?? null,
          ...question,
          ...(question.day === undefined || baked !== undefined
            ? {}
            : { day: { ...question.day, wantedAt: coming(question.day.wantedAt, now) } }),
        });
        return {
          id,
          name,
          ...cakeColumns(doc),
          search: cakeSearchText(name, doc),
          eatenOn: baked?.eatenOn ?? "",
          createdAt: at - index,
          updatedAt: at - index,
        };
      }),
    )
    .onConflictDoNothing();
  await tx
    .insert(records)
    .values(
      demoRecords().map((row, index) => ({
        ...row,
        createdAt: at - index,
        updatedAt: at - index,
      })),
    )
    .onConflictDoNothing();
  await tx
    .insert(portions)
    .values(
      demoPortions(now).map(({ id, doc }) => ({
        id,
        ...portionsColumns(doc),
        createdAt: at,
        updatedAt: at,
      })),
    )
    .onConflictDoNothing();
  for (const { recipe, madeOn } of DEMO_BAKES)
    await noteBaked(tx, { recipe: { id: recipe, name: "" }, madeOn });
}

/**
 * Brings the demo kitchen back beside her own: what is missing of it is laid in, what was deleted
 * comes out of the bin, and what she changed stays changed. Nobody else's practice comes with it.
 */
export async function bringDemoBack(connection: Connection, now: Date): Promise<void> {
  await connection.write((db) =>
    db.transaction(async (tx) => {
      for (const [table, ids] of [
        [tins, DEMO_TINS.map(({ id }) => id)],
        [ovens, DEMO_OVENS.map(({ id }) => id)],
        [recipes, DEMO_RECIPE_TEXTS.map(([id]) => id)],
        [cakes, DEMO_CAKES.map(({ id }) => id)],
        [portions, DEMO_PORTIONS.map(({ id }) => id)],
        [records, DEMO_BAKES.map((_, at) => demoBakeId(at))],
      ] as const)
        await tx.update(table).set({ deletedAt: null }).where(inArray(table.id, ids));
      await layIn(tx, now);
    }),
  );
}

/** A demo cake's hour in the first week that is all still to come. */
function coming(wantedAt: string, now: Date): string {
  const past = differenceInCalendarDays(now, parseISO(DEMO_WEEK));
  const weeks = Math.max(0, Math.ceil((past + 1) / 7));
  return weeks === 0 ? wantedAt : format(addWeeks(parseISO(wantedAt), weeks), "yyyy-MM-dd'T'HH:mm");
}

/** A demo cake, its boxes filled from its recipe as if it had been asked about at the bench. */
function demoCake(id: string, changes: Partial<Question>): CakeDoc {
  const text = DEMO_RECIPE_TEXTS.find(([each]) => each === id)?.[1] ?? "";
  const pantry = pantryOf();
  const read = readRecipe(text, pantry);
  if (!read.ok) throw new RangeError(`the demo recipe ${id} can't be read`);
  const { doc } = read.value;
  const question = askAboutRecipe(
    FIRST_QUESTION,
    doc.name,
    recipeFacts(doc, workRecipe(doc, pantry)),
  );
  return { question: { ...question, eggs: "whole", ...changes }, recipe: { id, doc } };
}

/** What is put away, by the day the kitchen is laid in. */
function demoPortions(now: Date): readonly { readonly id: string; readonly doc: Portions }[] {
  const day = (days: number): string => format(addDays(now, days), "yyyy-MM-dd");
  return DEMO_PORTIONS.map(({ id, madeDaysAgo, wantedInDays, portions: own }) => ({
    id,
    doc: {
      ...own,
      madeOn: day(-madeDaysAgo),
      thawedOn: "",
      bestBefore: "",
      wantedAt: wantedInDays === undefined ? "" : `${day(wantedInDays)}T16:00`,
      notes: "",
    },
  }));
}

const demoBakeId = (at: number): string => `demo-bake-${String(at + 1)}`;

/** The demo bakes as pages of the logbook, each planned from its recipe. */
function demoRecords() {
  return DEMO_BAKES.map(({ madeOn, recipe, oven, tins, ...happened }, at) => {
    const doc = demoCake(recipe, {
      oven: DEMO_OVENS.find(({ id }) => id === oven) ?? null,
      tins: [...tins],
      scale: tins.length === 1 ? "same-depth" : "keep",
      school: "as-written",
    });
    const planned = plannedCake(doc, { size: "metric", heat: "C" }, pantryOf());
    if (planned === null) throw new RangeError(`the demo bake of ${madeOn} can't be planned`);
    const name = doc.question.recipe;
    const record = emptyRecord(
      { ...planned, name, question: doc.question, recipe: { id: recipe, name } },
      madeOn,
    );
    const { usedG = null, tins: measured = {}, ...weighed } = DEMO_WEIGHED[madeOn] ?? {};
    const frosting = { ...record.frosting, usedG };
    return {
      id: demoBakeId(at),
      cakeId: DEMO_CAKES.find(({ baked }) => baked?.on === madeOn)?.id ?? null,
      ...recordColumns({
        ...record,
        ...happened,
        ...weighed,
        frosting,
        tins: record.tins.map((tin, at) => (at === 0 ? { ...tin, ...measured } : tin)),
      }),
    };
  });
}

/** The demo recipes, read from their texts like any other. */
function demoRecipes(now: Date): readonly ReturnType<typeof recipeRow>[] {
  const pantry = pantryOf();
  return DEMO_RECIPE_TEXTS.map(([id, text]) => {
    const read = readRecipe(text, pantry);
    if (!read.ok) throw new RangeError(`the demo recipe ${id} can't be read`);
    const { doc } = read.value;
    const worked = workRecipe(doc, pantry);
    // Long ago, so that the first change keeps the recipe as it came.
    return {
      ...recipeRow(
        id,
        doc,
        { facts: recipeFacts(doc, worked), search: recipeSearchText(doc, worked) },
        now,
      ),
      versionAt: 0,
    };
  });
}
