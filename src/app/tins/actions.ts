"use server";

import { randomUUID } from "node:crypto";
import { revalidatePath } from "next/cache";
import * as z from "zod/mini";
import type { Kept, Outcome } from "@/components/frame/outcome";
import type { TinChoice } from "@/components/bench/choices";
import { numberIn, parseWith, wholeIn } from "@/core/measure";
import { tinGeometry, TinSchema } from "@/core/tin";
import { addTin, changeTin, deleteTin, kitchenDatabase, restoreTin, stored, type CupboardTin } from "@/data";
import { issueText, METRIC, storageText } from "@/words";
import { keeping } from "../keeping";
import { idOf } from "../id-of";

const MOST_NAME = 80;
const IdSchema = z.string().check(z.minLength(1), z.maxLength(100));
/** Lengths of names are checked as numbers so that a message can name them. */
const NameLengthSchema = numberIn(1, MOST_NAME, "count");
const TinToKeepSchema = z.strictObject({ id: IdSchema, name: z.string(), tin: TinSchema, owned: wholeIn(1, 99) });

const GONE = "This tin is not in the cupboard any more.";

function checked(input: TinChoice): { readonly ok: true; readonly tin: CupboardTin } | { readonly ok: false; readonly message: string } {
  const parsed = parseWith(TinToKeepSchema, input);
  if (!parsed.ok) return { ok: false, message: issueText(parsed.issue, METRIC) };
  const name = parsed.value.name.trim();
  if (!NameLengthSchema.safeParse(name.length).success) {
    return { ok: false, message: name === "" ? `A tin needs a name: 1 to ${MOST_NAME} letters.` : `The name is ${name.length} letters long: 1 to ${MOST_NAME}.` };
  }
  const geometry = tinGeometry(parsed.value.tin);
  return geometry.ok ? { ok: true, tin: { ...parsed.value, name } } : { ok: false, message: issueText(geometry.issue, METRIC) };
}

/** Keeps a tin, and says in words what kept it from being kept. */
async function keepingTin(input: TinChoice, work: (tin: CupboardTin) => ReturnType<typeof addTin>): Promise<Outcome> {
  const tin = checked(input);
  if (!tin.ok) return tin;
  const result = await stored(() => work(tin.tin));
  if (!result.ok) return { ok: false, message: storageText(result.issue) };
  if (result.value === "gone") return { ok: false, message: GONE };
  if (result.value === "name-taken") {
    return { ok: false, message: `There is already a tin called “${tin.tin.name}”. Give this one another name, or change how many of that one you own.` };
  }
  revalidatePath("/", "layout");
  return { ok: true };
}

/** Puts a new tin into the cupboard. */
export async function keepTin(input: Omit<TinChoice, "id">): Promise<Kept> {
  const id = randomUUID();
  const outcome = await keepingTin({ ...input, id }, (tin) => addTin(kitchenDatabase(), tin, new Date()));
  return outcome.ok ? { ok: true, id } : outcome;
}

/** Keeps a changed tin. */
export async function saveTin(input: TinChoice): Promise<Outcome> {
  return keepingTin(input, (tin) => changeTin(kitchenDatabase(), tin, new Date()));
}

/** Takes a tin out of the cupboard; {@link bringBackTin} undoes it. */
export async function removeTin(id: string): Promise<Outcome> {
  return keeping(() => deleteTin(kitchenDatabase(), idOf(id), new Date()), GONE);
}

/** Puts a tin back into the cupboard. */
export async function bringBackTin(id: string): Promise<Outcome> {
  return keeping(() => restoreTin(kitchenDatabase(), idOf(id)), GONE);
}
