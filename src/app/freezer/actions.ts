"use server";

import { randomUUID } from "node:crypto";
import { formatISO } from "date-fns";
import {
  movedPortions,
  parsePortions,
  PLACES,
  putAwayIssue,
  putBack,
  type Place,
  type Portions,
} from "@/core/freezer";
import {
  addPortions,
  changePortions,
  deletePortions,
  findPortions,
  kitchenDatabase,
  restorePortions,
  stored,
  withPortions,
  type OpenedPortions,
} from "@/data";
import type { KeptOutcome, Outcome, SaveOutcome, Theirs } from "@/components/frame/outcome";
import { baseOf, keeping, keepingChange } from "@/server/kept-action";
import { idOf } from "@/server/id-of";
import { issueText, type Units } from "@/words";
import { putAwayIssueText } from "@/words/freezer";
import { visitorUnits } from "@/app/visitor-units";

const GONE = "This is not in the kitchen any more.";

type Checked =
  | { readonly ok: true; readonly portions: Portions }
  | { readonly ok: false; readonly message: string };

function checked(input: unknown, units: Units): Checked {
  const read = parsePortions(input);
  if (!read.ok) return { ok: false, message: issueText(read.issue, units) };
  const issue = putAwayIssue(read.value);
  return issue === null
    ? { ok: true, portions: read.value }
    : { ok: false, message: putAwayIssueText(issue, units) };
}

/** Puts portions away. */
export async function putAway(input: Portions): Promise<KeptOutcome> {
  const read = checked(input, await visitorUnits());
  if (!read.ok) return read;
  const id = randomUUID();
  const outcome = await keeping(
    async () => {
      await addPortions(kitchenDatabase(), { id, portions: read.portions }, new Date());
      return true;
    },
    GONE,
    "/freezer",
  );
  return outcome.ok ? { ok: true, id } : outcome;
}

const theirsOf = ({ portions, version, updatedAt }: OpenedPortions): Theirs<Portions> => ({
  value: portions,
  version,
  at: updatedAt.getTime(),
});

/** Keeps changed portions; when another page changed them since `base`, gives what that one kept. */
export async function savePortions(
  id: string,
  input: Portions,
  base: number,
): Promise<SaveOutcome<Portions>> {
  const read = checked(input, await visitorUnits());
  if (!read.ok) return read;
  return keepingChange(
    () =>
      changePortions(
        kitchenDatabase(),
        { id: idOf(id), portions: read.portions },
        baseOf(base),
        new Date(),
      ),
    theirsOf,
    GONE,
  );
}

/** What is kept of portions now, when it is another version than the page's; null when not. */
export async function lookAtPortions(
  id: string,
  version: number,
): Promise<Theirs<Portions> | null> {
  const found = await stored(() => findPortions(kitchenDatabase(), idOf(id)));
  return found.ok && found.value !== null && found.value.version !== version
    ? theirsOf(found.value)
    : null;
}

const MOST_AT_ONCE = 3000;

/** Takes so many away, or puts them back where the number is negative. */
export async function takePortions(id: string, count: number): Promise<Outcome> {
  if (!Number.isInteger(count) || Math.abs(count) > MOST_AT_ONCE)
    return { ok: false, message: `Take 1 to ${MOST_AT_ONCE} at once, not ${String(count)}.` };
  return keeping(
    () =>
      withPortions(
        kitchenDatabase(),
        idOf(id),
        (portions) => ({
          ...portions,
          left: Math.min(portions.count, Math.max(0, portions.left - count)),
        }),
        new Date(),
      ),
    GONE,
    "/freezer",
  );
}

/** Puts portions in another place, today. */
export async function movePortions(id: string, place: Place): Promise<Outcome> {
  if (!PLACES.includes(place)) return { ok: false, message: "There is no such place." };
  const on = formatISO(new Date(), { representation: "date" });
  return keeping(
    () =>
      withPortions(
        kitchenDatabase(),
        idOf(id),
        (portions) => movedPortions(portions, place, on),
        new Date(),
      ),
    GONE,
    "/freezer",
  );
}

/** Puts portions back to where they were, after they were moved by mistake. */
export async function putPortionsBack(id: string, before: Portions): Promise<Outcome> {
  const read = parsePortions(before);
  if (!read.ok) return { ok: false, message: issueText(read.issue, await visitorUnits()) };
  return keeping(
    () =>
      withPortions(
        kitchenDatabase(),
        idOf(id),
        (portions) => putBack(portions, read.value),
        new Date(),
      ),
    GONE,
    "/freezer",
  );
}

/** Deletes portions; {@link bringBackPortions} undoes it. */
export async function removePortions(id: string): Promise<Outcome> {
  return keeping(() => deletePortions(kitchenDatabase(), idOf(id), new Date()), GONE, "/freezer");
}

/** Brings deleted portions back. */
export async function bringBackPortions(id: string): Promise<Outcome> {
  return keeping(() => restorePortions(kitchenDatabase(), idOf(id)), GONE, "/freezer");
}
