"use server";

import { randomUUID } from "node:crypto";
import type { RecordChoice } from "@/components/logbook/record-choice";
import type { KeptOutcome, Outcome, SaveOutcome, Theirs } from "@/components/frame/outcome";
import { bakedAgain } from "@/core/ask";
import type { CakeDoc } from "@/core/kept";
import { parseRecord, type BakeRecord } from "@/core/logbook";
import {
  addCake,
  addRecords,
  changeRecord,
  deleteRecord,
  findCake,
  findRecipe,
  findRecord,
  kitchenDatabase,
  restoreRecord,
  stored,
  type OpenedRecord,
} from "@/data";
import { issueText } from "@/words";
import { baseOf, keeping, keepingChange } from "@/server/kept-action";
import { idOf } from "@/server/id-of";
import { visitorUnits } from "@/app/visitor-units";

const GONE = "This page is not in the logbook any more.";

/** Writes a bake down that was not run at the bench. */
export async function keepRecord(input: BakeRecord, cakeId: string | null): Promise<KeptOutcome> {
  const record = parseRecord(input);
  if (!record.ok) return { ok: false, message: issueText(record.issue, await visitorUnits()) };
  const id = randomUUID();
  const outcome = await keeping(
    async () => {
      await addRecords(
        kitchenDatabase(),
        [{ id, record: record.value, ...(cakeId === null ? {} : { cakeId: idOf(cakeId) }) }],
        new Date(),
      );
      return true;
    },
    GONE,
    "/logbook",
  );
  return outcome.ok ? { ok: true, id } : outcome;
}

const theirsOf = ({ id, record, version, updatedAt }: OpenedRecord): Theirs<RecordChoice> => ({
  value: { id, record },
  version,
  at: updatedAt.getTime(),
});

/** Keeps a changed page; when another one changed it since `base`, gives what that one kept. */
export async function saveRecord(
  input: RecordChoice,
  base: number,
): Promise<SaveOutcome<RecordChoice>> {
  const record = parseRecord(input.record);
  if (!record.ok) return { ok: false, message: issueText(record.issue, await visitorUnits()) };
  return keepingChange(
    () =>
      changeRecord(
        kitchenDatabase(),
        { id: idOf(input.id), record: record.value },
        baseOf(base),
        new Date(),
      ),
    theirsOf,
    GONE,
  );
}

/** What is kept of a page now, when it is another version than the one that is open. */
export async function lookAtRecord(
  id: string,
  version: number,
): Promise<Theirs<RecordChoice> | null> {
  const page = await stored(() => findRecord(kitchenDatabase(), idOf(id)));
  return page.ok && page.value !== null && page.value.version !== version
    ? theirsOf(page.value)
    : null;
}

/** Deletes a page; {@link bringBackRecord} undoes it. */
export async function removeRecord(id: string): Promise<Outcome> {
  return keeping(() => deleteRecord(kitchenDatabase(), idOf(id), new Date()), GONE, "/logbook");
}

/** Brings a deleted page back. */
export async function bringBackRecord(id: string): Promise<Outcome> {
  return keeping(() => restoreRecord(kitchenDatabase(), idOf(id)), GONE, "/logbook");
}

/** What she wanted to change is seen to: it is not said again. */
export async function settleRecord(id: string): Promise<Outcome> {
  return keeping(async () => {
    const page = await findRecord(kitchenDatabase(), idOf(id));
    if (page === null) return false;
    const kept = await changeRecord(
      kitchenDatabase(),
      { id: page.id, record: { ...page.record, isSettled: true } },
      page.version,
      new Date(),
    );
    return kept.kind === "kept";
  }, GONE);
}

/** A new cake just like a bake, from what was really done. */
export async function bakeAgain(id: string): Promise<KeptOutcome> {
  const cakeId = randomUUID();
  const outcome = await keeping(async () => {
    const database = kitchenDatabase();
    const page = await findRecord(database, idOf(id));
    if (page === null) return false;
    const old =
      page.cakeId === null ? null : ((await findCake(database, page.cakeId))?.doc ?? null);
    const recipe = old?.recipe ?? (await copyOf(page.record.recipe.id));
    const doc = { question: bakedAgain(page.record, old?.question ?? null), recipe };
    await addCake(database, { id: cakeId, name: page.record.name.slice(0, 120), doc }, new Date());
    return true;
  }, GONE);
  return outcome.ok ? { ok: true, id: cakeId } : outcome;
}

/** A cake's copy of a recipe of the kitchen; null when it is gone. */
async function copyOf(recipeId: string): Promise<CakeDoc["recipe"]> {
  const recipe = recipeId === "" ? null : await findRecipe(kitchenDatabase(), recipeId);
  return recipe?.doc == null ? null : { id: recipeId, doc: recipe.doc };
}
