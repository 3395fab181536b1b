"use client";

import { useRef, useState } from "react";
import type { DayBoxes } from "@/core/day";
import type { CakeDoc } from "@/core/kept";
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

/**
 * Several kept cakes whose days are changed on one page. A change shows at once; a cake that could
 * not be kept, or was changed on another page meanwhile, stands again as it is kept, and that is
 * said.
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
    const doc = { ...own.doc, question: { ...question, day: changes(question.day) } };
    const put = (next: Cake): void => {
      latest.current = latest.current.map((each) => (each.id === next.id ? next : each));
      setCakes(latest.current);
    };
    // The next change rests on this one, whether or not it has arrived.
    put({ ...own, doc, version: own.version + 1 });
    void change(own.id, doc, own.version)
      .catch(() => null)
      .then((outcome) => {
        if (outcome?.ok === true) {
          kitchenChanged();
          return;
        }
        put(
          outcome?.theirs === undefined
            ? own
            : { ...own, doc: outcome.theirs.value, version: outcome.theirs.version },
        );
        tell(
          outcome?.theirs === undefined
            ? `“${own.name}” could not be kept: move it again.`
            : `“${own.name}” was changed on another page; this is how it is now.`,
        );
      });
  }

  return { cakes, changeDay };
}
