"use client";

import { useState, useTransition } from "react";
import { useRouter } from "next/navigation";
import type { Question } from "@/core/cake";
import { Sheet } from "../frame/sheet";
import { useTell } from "../frame/toasts";
import type { Kept } from "../frame/outcome";
import { Field } from "../frame/field";

type KeepCakeProps = {
  readonly question: Question;
  readonly keep: (name: string, question: Question) => Promise<Kept>;
  readonly onClose: () => void;
};

const UNREACHABLE = "Not kept: the kitchen's server can't be reached. Your question is still here; try again.";

/** Asks for a name and keeps the question as a cake. */
export function KeepCake({ question, keep, onClose }: KeepCakeProps) {
  const [name, setName] = useState(question.recipe === "" ? `Cake for ${question.tins.join(" and ")}`.slice(0, 120) : question.recipe);
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, startKeeping] = useTransition();
  const router = useRouter();
  const tell = useTell();

  function submit(): void {
    startKeeping(async () => {
      const kept = await keep(name, question).catch((): Kept => ({ ok: false, message: UNREACHABLE }));
      if (!kept.ok) {
        setProblem(kept.message);
        return;
      }
      onClose();
      tell(`Kept as “${name.trim()}”.`, { name: "Open", run: () => router.push(`/cakes/${kept.id}`) });
      router.refresh();
    });
  }

  return (
    <Sheet title="Keep this as a cake" onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          submit();
        }}
        className="space-y-4"
      >
        <Field label="Name of the cake" value={name} onChange={setName} problem={problem} />
        <div className="flex justify-end gap-2">
          <button type="button" className="button" onClick={onClose}>
            Not now
          </button>
          <button type="submit" className="button button-next" disabled={isBusy}>
            {isBusy ? "Keeping…" : "Keep"}
          </button>
        </div>
      </form>
    </Sheet>
  );
}
