"use client";

import { useEffect, useReducer, useState } from "react";
import { Check, Pencil } from "lucide-react";
import type { Question } from "@/core/cake";
import { RenameSheet } from "../cakes/rename-sheet";
import { Bench } from "./bench";
import type { Outcome, RecipeChoice, TinChoice } from "./choices";
import { saving, type SaveState } from "./saving";

type BenchOfCakeProps = {
  readonly cake: { readonly id: string; readonly name: string; readonly question: Question; readonly updatedAt: number };
  readonly recipes: readonly RecipeChoice[];
  readonly cupboard: readonly TinChoice[];
  readonly save: (id: string, question: Question) => Promise<Outcome>;
  readonly rename: (id: string, name: string) => Promise<Outcome>;
};

/** A pause in typing this long saves; a failed save is tried again after a longer one, ms. */
const SAVE_AFTER_MS = 600;
const RETRY_AFTER_MS = 5000;
const UNREACHABLE = "the kitchen's server can't be reached";

/** A kept cake on the bench: each change is saved by itself, and kept on the page until it is. */
export function BenchOfCake({ cake, recipes, cupboard, save, rename }: BenchOfCakeProps) {
  const [state, dispatch] = useReducer(saving, { question: cake.question, saved: cake.question, savedAt: cake.updatedAt, trouble: null, tries: 0 });
  const [isRenaming, setIsRenaming] = useState(false);
  const { question, saved, trouble, tries } = state;
  const isDirty = question !== saved;

  useEffect(() => {
    if (!isDirty) return;
    const timer = setTimeout(() => {
      void save(cake.id, question)
        .catch((): Outcome => ({ ok: false, message: UNREACHABLE }))
        .then((outcome) => dispatch(outcome.ok ? { type: "saved", question, at: Date.now() } : { type: "failed", trouble: outcome.message }));
    }, trouble === null ? SAVE_AFTER_MS : RETRY_AFTER_MS);
    return () => clearTimeout(timer);
  }, [isDirty, question, cake.id, save, trouble, tries]);

  useEffect(() => {
    if (!isDirty) return;
    const warn = (event: BeforeUnloadEvent): void => event.preventDefault();
    window.addEventListener("beforeunload", warn);
    return () => window.removeEventListener("beforeunload", warn);
  }, [isDirty]);

  return (
    <>
      <Bench
        question={question}
        onChange={(changes) => dispatch({ type: "changed", changes })}
        recipes={recipes}
        cupboard={cupboard}
        heading={
          <div className="flex flex-wrap items-center justify-between gap-2">
            <h1 className="flex min-w-0 items-center gap-2 text-[27px]">
              <span className="min-w-0 break-words">{cake.name}</span>
              <button type="button" className="button no-print !px-2.5" aria-label="Rename" aria-haspopup="dialog" onClick={() => setIsRenaming(true)}>
                <Pencil size={17} aria-hidden />
              </button>
            </h1>
            <SavedMark state={state} />
          </div>
        }
      />
      {isRenaming && <RenameSheet cake={cake} rename={rename} onClose={() => setIsRenaming(false)} />}
    </>
  );
}

function SavedMark({ state }: { readonly state: SaveState }) {
  if (state.trouble !== null) {
    return <p role="status" className="font-semibold text-tomato">Not saved yet: {state.trouble}. Trying again; keep this page open.</p>;
  }
  if (state.question !== state.saved) return <p role="status" className="text-ink-2">Saving…</p>;
  return (
    <p role="status" className="flex items-center gap-1 text-ink-2">
      <Check size={17} aria-hidden /> Saved{" "}
      <time dateTime={new Date(state.savedAt).toISOString()} suppressHydrationWarning>
        {new Intl.DateTimeFormat("en-GB", { hour: "2-digit", minute: "2-digit" }).format(state.savedAt)}
      </time>
    </p>
  );
}
