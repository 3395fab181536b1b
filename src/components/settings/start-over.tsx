"use client";

import { useState } from "react";
import { useRouter } from "next/navigation";
import { START_EMPTY_TOLD } from "@/words/bin";
import type { Outcome } from "../frame/outcome";
import { Sheet } from "../frame/sheet";
import { useTell } from "../frame/toasts";
import { useSay } from "../frame/units";
import type { BroughtBack } from "./backups";
import { UNREACHABLE } from "./unreachable";

type StartOverProps = {
  readonly actions: {
    readonly startEmpty: () => Promise<BroughtBack>;
    readonly demoBack: () => Promise<Outcome>;
    readonly bringBackBackup: (name: string) => Promise<BroughtBack>;
  };
};

/** An empty kitchen to begin with, and the demo kitchen to look round in. */
export function StartOver({ actions }: StartOverProps) {
  const say = useSay();
  const tell = useTell();
  const router = useRouter();
  const [isAsking, setIsAsking] = useState(false);
  const [isBusy, setIsBusy] = useState(false);

  async function done<T>(asked: Promise<T>): Promise<T | typeof UNREACHABLE> {
    setIsBusy(true);
    const outcome = await asked.catch(() => UNREACHABLE);
    setIsBusy(false);
    setIsAsking(false);
    router.refresh();
    return outcome;
  }

  async function undo(name: string): Promise<void> {
    const outcome = await done(actions.bringBackBackup(name));
    tell(outcome.ok ? "Everything is as it was before." : outcome.message);
  }

  async function empty(): Promise<void> {
    const outcome = await done(actions.startEmpty());
    if (!outcome.ok) {
      tell(outcome.message);
      return;
    }
    const { before } = outcome;
    tell(
      "The kitchen is empty.",
      before === null ? undefined : { name: "Undo", run: () => void undo(before) },
    );
  }

  return (
    <section className="panel space-y-3 p-6 max-sm:p-4" aria-labelledby="start-over">
      <h2 id="start-over" className="text-xl">
        Start over
      </h2>
      <p className="text-[15px]">
        {say`Begin with an empty kitchen once you have looked round, or bring the demo kitchen of Lantern Row back beside your own things.`}
      </p>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="button" onClick={() => setIsAsking(true)}>
          Start empty …
        </button>
        <button
          type="button"
          className="button"
          disabled={isBusy}
          onClick={() =>
            void done(actions.demoBack()).then((outcome) =>
              tell(outcome.ok ? "The demo kitchen is back." : outcome.message),
            )
          }
        >
          Bring the demo kitchen back
        </button>
      </div>
      {isAsking && (
        <Sheet title="Start with an empty kitchen" onClose={() => setIsAsking(false)}>
          <p className="pb-4">{say(START_EMPTY_TOLD)}</p>
          <button
            type="button"
            className="button button-next"
            disabled={isBusy}
            onClick={() => void empty()}
          >
            Back it up and empty it
          </button>
        </Sheet>
      )}
    </section>
  );
}
