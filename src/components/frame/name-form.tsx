"use client";

import { useState, useTransition } from "react";
import { Field } from "./field";
import type { Outcome } from "./outcome";

type NameFormProps = {
  readonly label: string;
  readonly initial: string;
  /** What the button says, and what it says meanwhile. */
  readonly verb: string;
  readonly busyVerb: string;
  /** Does it; the form stays, with what was typed and why, when it fails. */
  readonly submit: (name: string) => Promise<Outcome>;
  readonly onCancel: () => void;
};

/** Asks for a name. */
export function NameForm({ label, initial, verb, busyVerb, submit, onCancel }: NameFormProps) {
  const [name, setName] = useState(initial);
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, startTransition] = useTransition();
  return (
    <form
      className="space-y-4"
      onSubmit={(event) => {
        event.preventDefault();
        startTransition(async () => {
          const outcome = await submit(name);
          if (!outcome.ok) setProblem(outcome.message);
        });
      }}
    >
      <Field label={label} value={name} onChange={setName} problem={problem} />
      <div className="flex justify-end gap-2">
        <button type="button" className="button" onClick={onCancel}>
          Not now
        </button>
        <button type="submit" className="button button-next" disabled={isBusy}>
          {isBusy ? busyVerb : verb}
        </button>
      </div>
    </form>
  );
}
