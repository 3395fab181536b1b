"use client";

import { useEffect, useEffectEvent, useRef, useState } from "react";
import * as z from "@/core/zod";
import { DayBoxesSchema, type DayBoxes } from "@/core/day";
import type { CakeDoc } from "@/core/kept";
import { parseWith } from "@/core/measure";
import { draftOf, dropDraft, putDraft } from "./draft";
import { kitchenChanged } from "./kitchen-changed";
import type { SaveOutcome } from "./outcome";
import { useTell } from "./toasts";

/** A cake as it is kept, and as which version. */
export type KeptCake = {
  readonly id: string;
  readonly name: string;
  readonly doc: CakeDoc;
  readonly version: number;
};

/** Keeps a changed cake that was this version before. */
export type ChangeCake = (id: string, doc: CakeDoc, base: number) => Promise<SaveOutcome<CakeDoc>>;

/** A day that was changed and is not known to be kept: it rested on this version of its cake. */
const UnsentSchema = z.strictObject({ day: DayBoxesSchema, base: z.int() });
const parseUnsent = (input: unknown) => parseWith(UnsentSchema, input);
const draftKey = (id: string): string => `cake-day ${id}`;

const isSameDay = (one: DayBoxes | undefined, other: DayBoxes): boolean =>
  JSON.stringify(one) === JSON.stringify(other);

/**
 * Several kept cakes whose days are changed on one page. A change shows at once, and stands in the
 * browser until it is kept: a page that was left too early, or that the server did not hear, sends
 * it when it is next opened. A cake that was changed on another page meanwhile stands again as it
 * is kept, and that is said.
 */
export function useKeptCakes<Cake extends KeptCake>(
  kept: readonly Cake[],
  change: ChangeCake,
): {
  readonly cakes: readonly Cake[];
  readonly changeDay: (id: string, changes: (boxes: DayBoxes) => DayBoxes) => void;
} {
  const tell = useTell();
  const [cakes, setCakes] = useState(kept);
  // An undo that is pressed later rests on the cake as it is then.
  const latest = useRef(kept);

  function changeDay(id: string, changes: (boxes: DayBoxes) => DayBoxes): void {
    const own = latest.current.find((each) => each.id === id);
    if (own === undefined) return;
    const { question } = own.doc;
    const day = changes(question.day);
    const doc = { ...own.doc, question: { ...question, day } };
    const put = (next: Cake): void => {
      latest.current = latest.current.map((each) => (each.id === next.id ? next : each));
      setCakes(latest.current);
    };
    const changed = { ...own, doc, version: own.version + 1 };
    const isLatest = (): boolean =>
      latest.current.find((each) => each.id === id)?.version === changed.version;
    // The next change rests on this one, whether or not it has arrived.
    put(changed);
    putDraft(draftKey(id), { day, base: own.version }, Date.now());
    void change(own.id, doc, own.version)
      .catch(() => null)
      .then((outcome) => {
        if (outcome === null) {
          tell(`“${own.name}” is not kept yet: it is tried again when this page is next opened.`);
          return;
        }
        if (isLatest()) dropDraft(draftKey(id));
        if (outcome.ok) {
          kitchenChanged();
          return;
        }
        put(
          outcome.theirs === undefined
            ? own
            : { ...own, doc: outcome.theirs.value, version: outcome.theirs.version },
        );
        // It was sent twice, and arrived the first time.
        if (isSameDay(outcome.theirs?.value.question.day, day)) return;
        tell(
          outcome.theirs === undefined
            ? `“${own.name}” could not be kept: move it again.`
            : `“${own.name}” was changed on another page; this is how it is now.`,
        );
      });
  }

  const sendAgain = useEffectEvent((): void => {
    for (const { id, version, doc } of latest.current) {
      const unsent = draftOf(draftKey(id), parseUnsent)?.value;
      if (unsent === undefined) continue;
      dropDraft(draftKey(id));
      // It rested on this version, or on changes of its own that never came.
      if (!isSameDay(unsent.day, doc.question.day) && unsent.base >= version)
        changeDay(id, () => unsent.day);
    }
  });
  useEffect(() => {
    const begin = setTimeout(() => sendAgain());
    return () => clearTimeout(begin);
  }, []);

  return { cakes, changeDay };
}
