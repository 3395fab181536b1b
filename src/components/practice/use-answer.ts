"use client";

import { useState } from "react";
import { v4 as newId } from "uuid";
import { MOST_LOG, type PracticeAnswer } from "@/core/practice";
import { kitchenChanged } from "../frame/kitchen-changed";
import type { Outcome } from "../frame/outcome";

export type KeepAnswer = (answer: PracticeAnswer) => Promise<Outcome>;

/** Keeps one answer; an empty text while it is, or will be, else why not, with another try. */
export function useAnswer(keep: KeepAnswer): {
  readonly trouble: string;
  readonly tell: (answer: Omit<PracticeAnswer, "id" | "at">) => void;
  readonly again: () => void;
} {
  const [told, setTold] = useState<PracticeAnswer | null>(null);
  const [trouble, setTrouble] = useState("");
  function send(answer: PracticeAnswer): void {
    setTold(answer);
    void keep(answer)
      .catch(() => ({ ok: false, message: "The kitchen's server can't be reached." }) as const)
      .then((outcome) => {
        setTrouble(outcome.ok ? "" : outcome.message);
        if (outcome.ok) kitchenChanged();
      });
  }
  return {
    trouble,
    tell: ({ log, ...answer }) =>
      send({
        ...answer,
        log: Math.min(MOST_LOG, Math.max(-MOST_LOG, log)),
        id: newId(),
        at: Date.now(),
      }),
    again: () => {
      if (told !== null) send(told);
    },
  };
}
