"use server";

import { randomUUID } from "node:crypto";
import { formatISO } from "date-fns";
import * as z from "@/core/zod";
import { parseCakeDoc, type CakeDoc } from "@/core/kept";
import { parseQuestion, type Question } from "@/core/ask";
import {
  addCake,
  deleteCake,
  duplicateCake,
  eatCake,
  findCake,
  findRecipe,
  kitchenDatabase,
  nameCake,
  restoreCake,
  saveCake,
  stored,
  type Cake,
} from "@/data";
import type { RecipeDoc } from "@/core/recipe";
import type { KeptOutcome, Outcome, SaveOutcome, Theirs } from "@/components/frame/outcome";
import { issueText } from "@/words";
import { baseOf, keeping, keepingChange } from "@/server/kept-action";
import { idOf } from "@/server/id-of";
import { visitorUnits } from "@/app/visitor-units";

const MOST_NAME = 120;
const NameSchema = z.string().check(z.trim(), z.minLength(1), z.maxLength(MOST_NAME));

const GONE = "This cake is not in the kitchen any more.";

function named(name: string): string | null {
  const parsed = NameSchema.safeParse(name);
  return parsed.success ? parsed.data : null;
}

function nameTrouble(name: string): { ok: false; message: string } {
  const length = name.trim().length;
  return {
    ok: false,
    message:
      length === 0
        ? "A cake needs a name: 1 to 120 letters."
        : `The name is ${length} letters long: 1 to ${MOST_NAME}.`,
  };
}

/**
 * Keeps a question as a new cake.
 * @param recipeId the kitchen's recipe that it asks about; the cake gets its own copy. Null when
 * only its tins are known.
 */
export async function keepCake(
  name: string,
  input: Question,
  recipeId: string | null,
): Promise<KeptOutcome> {
  const checked = named(name);
  if (checked === null) return nameTrouble(name);
  const question = parseQuestion(input);
  if (!question.ok) return { ok: false, message: issueText(question.issue, await visitorUnits()) };
  const id = randomUUID();
  const outcome = await keeping(async () => {
    const doc = recipeId === null ? null : await recipeForCake(recipeId);
    const recipe = recipeId === null || doc === null ? null : { id: recipeId, doc };
    await addCake(
      kitchenDatabase(),
      { id, name: checked, doc: { question: { ...question.value, eggs: "whole" }, recipe } },
      new Date(),
    );
    return true;
  }, GONE);
  return outcome.ok ? { ok: true, id } : outcome;
}

/** A recipe as a cake copies it; null when it is not in the kitchen or can't be read. */
export async function recipeForCake(recipeId: string): Promise<RecipeDoc | null> {
  return (await findRecipe(kitchenDatabase(), idOf(recipeId)))?.doc ?? null;
}

function theirsOf({ doc, version, updatedAt }: Cake): Theirs<CakeDoc> | null {
  return doc === null ? null : { value: doc, version, at: updatedAt.getTime() };
}

/** Keeps a changed cake; when another page changed it since `base`, gives what that one kept. */
export async function changeCake(
  id: string,
  input: CakeDoc,
  base: number,
): Promise<SaveOutcome<CakeDoc>> {
  const doc = parseCakeDoc(input);
  if (!doc.ok) return { ok: false, message: issueText(doc.issue, await visitorUnits()) };
  return keepingChange(
    () => saveCake(kitchenDatabase(), idOf(id), doc.value, baseOf(base), new Date()),
    theirsOf,
    GONE,
  );
}

/** What is kept of a cake now, when it is another version than the page's; null when it is not. */
export async function lookAtCake(id: string, version: number): Promise<Theirs<CakeDoc> | null> {
  const cake = await stored(() => findCake(kitchenDatabase(), idOf(id)));
  return cake.ok && cake.value !== null && cake.value.version !== version
    ? theirsOf(cake.value)
    : null;
}

/** Keeps one state of a cake as a cake of its own, so that choosing the other loses nothing. */
export async function keepApart(name: string, input: CakeDoc): Promise<KeptOutcome> {
  const doc = parseCakeDoc(input);
  if (!doc.ok) return { ok: false, message: issueText(doc.issue, await visitorUnits()) };
  const id = randomUUID();
  const outcome = await keeping(async () => {
    await addCake(
      kitchenDatabase(),
      { id, name: named(name.slice(0, MOST_NAME)) ?? "Cake", doc: doc.value },
      new Date(),
    );
    return true;
  }, GONE);
  return outcome.ok ? { ok: true, id } : outcome;
}

/** Gives a cake another name. */
export async function renameCake(id: string, name: string): Promise<Outcome> {
  const checked = named(name);
  if (checked === null) return nameTrouble(name);
  return keeping(() => nameCake(kitchenDatabase(), idOf(id), checked, new Date()), GONE, "/cakes");
}

/** Copies a cake. */
export async function copyCake(id: string, name: string): Promise<Outcome> {
  const checked = named(`${name.slice(0, MOST_NAME - 6)}, copy`) ?? "Copy";
  return keeping(
    () =>
      duplicateCake(kitchenDatabase(), idOf(id), { id: randomUUID(), name: checked }, new Date()),
    GONE,
    "/cakes",
  );
}

/** Says that a cake is eaten, today, or that it is not. */
export async function markEaten(id: string, isEaten: boolean): Promise<Outcome> {
  const on = isEaten ? formatISO(new Date(), { representation: "date" }) : "";
  return keeping(() => eatCake(kitchenDatabase(), idOf(id), on), GONE, "/cakes");
}

/** Plans a cake once more as a new one, its day still open. */
export async function planAgain(id: string): Promise<KeptOutcome> {
  const newId = randomUUID();
  const outcome = await keeping(async () => {
    const cake = await findCake(kitchenDatabase(), idOf(id));
    if (cake?.doc == null) return false;
    const { question, recipe } = cake.doc;
    const day = { ...question.day, wantedAt: "", outFrom: "", outTo: "", moved: {} };
    const doc = { question: { ...question, day }, recipe };
    await addCake(kitchenDatabase(), { id: newId, name: cake.name, doc }, new Date());
    return true;
  }, GONE);
  return outcome.ok ? { ok: true, id: newId } : outcome;
}

/** Deletes a cake; {@link bringBackCake} undoes it. */
export async function removeCake(id: string): Promise<Outcome> {
  return keeping(() => deleteCake(kitchenDatabase(), idOf(id), new Date()), GONE, "/cakes");
}

/** Brings a deleted cake back. */
export async function bringBackCake(id: string): Promise<Outcome> {
  return keeping(() => restoreCake(kitchenDatabase(), idOf(id)), GONE, "/cakes");
}
