"use client";

import { useRouter } from "next/navigation";
import type { Question } from "@/core/ask";
import { NameForm } from "../frame/name-form";
import type { KeptOutcome } from "../frame/outcome";
import { Sheet } from "../frame/sheet";
import { useTell } from "../frame/toasts";

type KeepCakeProps = {
  readonly question: Question;
  readonly keep: (name: string) => Promise<KeptOutcome>;
  readonly onClose: () => void;
};

const UNREACHABLE: KeptOutcome = {
  ok: false,
  message:
    "Not kept: the kitchen's server can't be reached. Your question is still here; try again.",
};

/** Asks for a name and keeps the question as a cake. */
export function KeepCake({ question, keep, onClose }: KeepCakeProps) {
  const router = useRouter();
  const tell = useTell();
  return (
    <Sheet title="Keep this as a cake" onClose={onClose}>
      <NameForm
        label="Name of the cake"
        initial={
          question.recipe === ""
            ? `Cake for ${question.tins.join(" and ")}`.slice(0, 120)
            : question.recipe
        }
        verb="Keep"
        busyVerb="Keeping…"
        onCancel={onClose}
        submit={async (name) => {
          const kept = await keep(name).catch(() => UNREACHABLE);
          if (!kept.ok) return kept;
          onClose();
          tell(`Kept as “${name.trim()}”.`, {
            name: "Open",
            run: () => router.push(`/cakes/${kept.id}`),
          });
          router.refresh();
          return kept;
        }}
      />
    </Sheet>
  );
}
