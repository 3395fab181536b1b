"use client";

import { useState, useTransition } from "react";
import { useRouter } from "next/navigation";
import type { Outcome } from "../frame/outcome";
import { Field } from "../frame/field";
import { Sheet } from "../frame/sheet";

type RenameSheetProps = {
  readonly cake: { readonly id: string; readonly name: string };
  readonly rename: (id: string, name: string) => Promise<Outcome>;
  readonly onClose: () => void;
};

/** Asks for another name for a cake. */
export function RenameSheet({ cake, rename, onClose }: RenameSheetProps) {
  const [name, setName] = useState(cake.name);
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, startRenaming] = useTransition();
  const router = useRouter();
  return (
    <Sheet title="Rename the cake" onClose={onClose}>
      <form
        className="space-y-4"
        onSubmit={(event) => {
          event.preventDefault();
          startRenaming(async () => {
            const outcome = await rename(cake.id, name).catch(() => ({ ok: false, message: "The kitchen's server can't be reached. Try again." }) as const);
            if (!outcome.ok) {
              setProblem(outcome.message);
              return;
            }
            router.refresh();
            onClose();
          });
        }}
      >
        <Field label="Name of the cake" value={name} onChange={setName} problem={problem} />
        <div className="flex justify-end gap-2">
          <button type="button" className="button" onClick={onClose}>
            Not now
          </button>
          <button type="submit" className="button button-next" disabled={isBusy}>
            {isBusy ? "Renaming…" : "Rename"}
          </button>
        </div>
      </form>
    </Sheet>
  );
}
