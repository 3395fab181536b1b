"use server";

import { randomUUID } from "node:crypto";
import * as z from "zod";
import { parseQuestion, type Question } from "@/core/cake";
import {
  addCake, changeCake, deleteCake, duplicateCake, kitchenDatabase, restoreCake,
} from "@/data";
import type { Kept, Outcome } from "@/components/frame/outcome";
import { issueText, METRIC } from "@/words";
import { keeping } from "../keeping";

const MOST_NAME = 120;
const NameSchema = z.string().trim().min(1).max(MOST_NAME);
const IdSchema = z.string().min(1).max(100);

const GONE = "This cake is not in the kitchen any more.";

function named(name: string): string | null {
  const parsed = NameSchema.safeParse(name);
  return parsed.success ? parsed.data : null;
}

function nameTrouble(name: string): { ok: false; message: string } {
  const length = name.trim().length;
  return { ok: false, message: length === 0 ? "A cake needs a name: 1 to 120 letters." : `The name is ${length} letters long: 1 to ${MOST_NAME}.` };
}

/** Keeps a question as a new cake. */
export async function keepCake(name: string, input: Question): Promise<Kept> {
  const checked = named(name);
  if (checked === null) return nameTrouble(name);
  const question = parseQuestion(input);
  if (!question.ok) return { ok: false, message: issueText(question.issue, METRIC) };
  const id = randomUUID();
  const outcome = await keeping(async () => {
    await addCake(kitchenDatabase(), { id, name: checked, question: question.value }, new Date());
    return true;
  }, GONE);
  return outcome.ok ? { ok: true, id } : outcome;
}

/** Keeps the changed question of a cake. */
export async function saveCake(id: string, input: Question): Promise<Outcome> {
  const question = parseQuestion(input);
  if (!question.ok) return { ok: false, message: issueText(question.issue, METRIC) };
  return keeping(() => changeCake(kitchenDatabase(), IdSchema.parse(id), { question: question.value }, new Date()), GONE);
}

/** Gives a cake another name. */
export async function renameCake(id: string, name: string): Promise<Outcome> {
  const checked = named(name);
  if (checked === null) return nameTrouble(name);
  return keeping(() => changeCake(kitchenDatabase(), IdSchema.parse(id), { name: checked }, new Date()), GONE);
}

/** Copies a cake. */
export async function copyCake(id: string, name: string): Promise<Outcome> {
  const checked = named(`${name.slice(0, MOST_NAME - 6)}, copy`) ?? "Copy";
  return keeping(() => duplicateCake(kitchenDatabase(), IdSchema.parse(id), { id: randomUUID(), name: checked }, new Date()), GONE);
}

/** Deletes a cake; {@link bringBackCake} undoes it. */
export async function removeCake(id: string): Promise<Outcome> {
  return keeping(() => deleteCake(kitchenDatabase(), IdSchema.parse(id), new Date()), GONE);
}

/** Brings a deleted cake back. */
export async function bringBackCake(id: string): Promise<Outcome> {
  return keeping(() => restoreCake(kitchenDatabase(), IdSchema.parse(id)), GONE);
}
