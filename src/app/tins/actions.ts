"use server";

import { randomUUID } from "node:crypto";
import * as z from "@/core/zod";
import type { KeptOutcome, Outcome, SaveOutcome, Theirs } from "@/components/frame/outcome";
import type { TinChoice } from "@/components/frame/choices";
import { numberIn, parseWith, wholeIn } from "@/core/measure";
import { tinGeometry, TinSchema } from "@/core/tin";
import {
  addTin,
  changeTin,
  countTin,
  deleteTin,
  findTin,
  kitchenDatabase,
  restoreTin,
  stored,
  type CupboardTin,
  type OpenedTin,
} from "@/data";
import { issueText, sayIn, storageText } from "@/words";
import { baseOf, keeping, keepingChange } from "@/server/kept-action";
import { idOf } from "@/server/id-of";
import { visitorSay, visitorUnits } from "@/app/visitor-units";

const MOST_NAME = 80;
const IdSchema = z.string().check(z.minLength(1), z.maxLength(100));
/** Lengths of names are checked as numbers so that a message can name them. */
const NameLengthSchema = numberIn(1, MOST_NAME, "count");
const TinToKeepSchema = z.strictObject({
  id: IdSchema,
  name: z.string(),
  tin: TinSchema,
  owned: wholeIn(1, 99),
});

const GONE = "This tin is not in the cupboard any more.";

async function checked(
  input: TinChoice,
): Promise<
  | { readonly ok: true; readonly tin: CupboardTin }
  | { readonly ok: false; readonly message: string }
> {
  const units = await visitorUnits();
  const say = sayIn(units);
  const parsed = parseWith(TinToKeepSchema, input);
  if (!parsed.ok) return { ok: false, message: issueText(parsed.issue, units) };
  const name = parsed.value.name.trim();
  if (!NameLengthSchema.safeParse(name.length).success) {
    return {
      ok: false,
      message:
        name === ""
          ? say`A tin needs a name: 1 to ${MOST_NAME} letters.`
          : `The name is ${name.length} letters long: 1 to ${MOST_NAME}.`,
    };
  }
  const geometry = tinGeometry(parsed.value.tin);
  return geometry.ok
    ? { ok: true, tin: { ...parsed.value, name } }
    : { ok: false, message: issueText(geometry.issue, units) };
}

const nameTaken = async (name: string): Promise<string> => {
  const say = await visitorSay();
  return say`There is already a tin called “${name}”. Give this one another name, or change how many of that one you own.`;
};

/** Puts a new tin into the cupboard. */
export async function keepTin(input: Omit<TinChoice, "id">): Promise<KeptOutcome> {
  const id = randomUUID();
  const tin = await checked({ ...input, id });
  if (!tin.ok) return tin;
  const result = await stored(() => addTin(kitchenDatabase(), tin.tin, new Date()));
  if (!result.ok) return { ok: false, message: storageText(result.issue) };
  if (result.value.kind === "name-taken")
    return { ok: false, message: await nameTaken(tin.tin.name) };
  return { ok: true, id };
}

function theirsOf({ updatedAt, version, ...tin }: OpenedTin): Theirs<TinChoice> {
  return { value: tin, version, at: updatedAt.getTime() };
}

/** Keeps a changed tin; when another page changed it since `base`, gives what that one kept. */
export async function saveTin(input: TinChoice, base: number): Promise<SaveOutcome<TinChoice>> {
  const tin = await checked(input);
  if (!tin.ok) return tin;
  const result = await stored(() =>
    changeTin(kitchenDatabase(), tin.tin, baseOf(base), new Date()),
  );
  if (!result.ok) return { ok: false, message: storageText(result.issue) };
  const { value } = result;
  if (value.kind === "name-taken") return { ok: false, message: await nameTaken(tin.tin.name) };
  return keepingChange(() => Promise.resolve(value), theirsOf, GONE);
}

/** Counts how many of a tin there are. */
export async function ownTins(id: string, owned: number): Promise<Outcome> {
  const checkedCount = wholeIn(1, 99).safeParse(owned);
  if (!checkedCount.success)
    return { ok: false, message: (await visitorSay())`${owned} of one tin: 1 to 99.` };
  return keeping(
    () => countTin(kitchenDatabase(), idOf(id), checkedCount.data, new Date()),
    GONE,
    "/tins",
  );
}

/** What is kept of a tin now, when it is another version than the page's; null when it is not. */
export async function lookAtTin(id: string, version: number): Promise<Theirs<TinChoice> | null> {
  const tin = await stored(() => findTin(kitchenDatabase(), idOf(id)));
  return tin.ok && tin.value !== null && tin.value.version !== version ? theirsOf(tin.value) : null;
}

/** Takes a tin out of the cupboard; {@link bringBackTin} undoes it. */
export async function removeTin(id: string): Promise<Outcome> {
  return keeping(() => deleteTin(kitchenDatabase(), idOf(id), new Date()), GONE, "/tins");
}

/** Puts a tin back into the cupboard. */
export async function bringBackTin(id: string): Promise<Outcome> {
  return keeping(() => restoreTin(kitchenDatabase(), idOf(id)), GONE, "/tins");
}
