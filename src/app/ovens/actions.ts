"use server";

import { randomUUID } from "node:crypto";
import * as z from "@/core/zod";
import type { OvenChoice } from "@/components/frame/choices";
import type { KeptOutcome, Outcome, SaveOutcome, Theirs } from "@/components/frame/outcome";
import { KitchenOvenSchema, USUAL_OVEN } from "@/core/bake";
import { parseWith } from "@/core/measure";
import {
  addOven,
  changeOven,
  deleteOven,
  findOven,
  kitchenDatabase,
  restoreOven,
  stored,
  type OpenedOven,
} from "@/data";
import { issueText, storageText } from "@/words";
import { baseOf, keeping, keepingChange } from "@/server/kept-action";
import { idOf } from "@/server/id-of";
import { visitorUnits } from "@/app/visitor-units";

const MOST_NAME = 80;
const IdSchema = z.string().check(z.minLength(1), z.maxLength(100));
const OvenToKeepSchema = z.strictObject({
  id: IdSchema,
  name: z.string().check(z.trim(), z.maxLength(MOST_NAME)),
  spec: KitchenOvenSchema,
});
const GONE = "This oven is not in the kitchen any more.";

/** A new oven, an ordinary one until more is known of it. */
export async function keepOven(): Promise<KeptOutcome> {
  const id = randomUUID();
  const result = await stored(() =>
    addOven(kitchenDatabase(), { id, name: "New oven", spec: USUAL_OVEN }, new Date()),
  );
  if (!result.ok) return { ok: false, message: storageText(result.issue) };
  return { ok: true, id };
}

function theirsOf({ updatedAt, version, ...oven }: OpenedOven): Theirs<OvenChoice> {
  return { value: oven, version, at: updatedAt.getTime() };
}

/** Keeps a changed oven; when another page changed it since `base`, gives what that one kept. */
export async function saveOven(input: OvenChoice, base: number): Promise<SaveOutcome<OvenChoice>> {
  const oven = parseWith(OvenToKeepSchema, input);
  if (!oven.ok) return { ok: false, message: issueText(oven.issue, await visitorUnits()) };
  if (oven.value.name === "")
    return { ok: false, message: `An oven needs a name: 1 to ${MOST_NAME} letters.` };
  return keepingChange(
    () => changeOven(kitchenDatabase(), oven.value, baseOf(base), new Date()),
    theirsOf,
    GONE,
  );
}

/** What is kept of an oven now, when it is another version than the page's; null when it is not. */
export async function lookAtOven(id: string, version: number): Promise<Theirs<OvenChoice> | null> {
  const oven = await stored(() => findOven(kitchenDatabase(), idOf(id)));
  return oven.ok && oven.value !== null && oven.value.version !== version
    ? theirsOf(oven.value)
    : null;
}

/** Takes an oven out of the kitchen; {@link bringBackOven} undoes it. */
export async function removeOven(id: string): Promise<Outcome> {
  return keeping(() => deleteOven(kitchenDatabase(), idOf(id), new Date()), GONE, "/ovens");
}

/** Puts an oven back into the kitchen. */
export async function bringBackOven(id: string): Promise<Outcome> {
  return keeping(() => restoreOven(kitchenDatabase(), idOf(id)), GONE, "/ovens");
}
