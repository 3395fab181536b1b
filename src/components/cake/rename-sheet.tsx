"use client";

import { useRouter } from "next/navigation";
import { NameForm } from "../frame/name-form";
import type { Outcome } from "../frame/outcome";
import { Sheet } from "../frame/sheet";

type RenameSheetProps = {
  readonly cake: { readonly id: string; readonly name: string };
  readonly rename: (id: string, name: string) => Promise<Outcome>;
  readonly onClose: () => void;
};

const UNREACHABLE: Outcome = {
  ok: false,
  message: "The kitchen's server can't be reached. Try again.",
};

/** Asks for another name for a cake. */
export function RenameSheet({ cake, rename, onClose }: RenameSheetProps) {
  const router = useRouter();
  return (
    <Sheet title="Rename the cake" onClose={onClose}>
      <NameForm
        label="Name of the cake"
        initial={cake.name}
        verb="Rename"
        busyVerb="Renaming…"
        onCancel={onClose}
        submit={async (name) => {
          const outcome = await rename(cake.id, name).catch(() => UNREACHABLE);
          if (outcome.ok) {
            router.refresh();
            onClose();
          }
          return outcome;
        }}
      />
    </Sheet>
  );
}
