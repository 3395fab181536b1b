"use client";

import { useCallback, useState } from "react";
import { Pencil } from "lucide-react";
import type { Question } from "@/core/cake";
import { RenameSheet } from "../cakes/rename-sheet";
import type { Outcome } from "../frame/outcome";
import { SavedMark } from "../frame/saved-mark";
import { useAutosave } from "../frame/use-autosave";
import { Bench } from "./bench";
import type { RecipeChoice, TinChoice } from "./choices";

type BenchOfCakeProps = {
  readonly cake: { readonly id: string; readonly name: string; readonly question: Question; readonly updatedAt: number };
  readonly recipes: readonly RecipeChoice[];
  readonly cupboard: readonly TinChoice[];
  readonly save: (id: string, question: Question) => Promise<Outcome>;
  readonly rename: (id: string, name: string) => Promise<Outcome>;
};

/** A kept cake on the bench. */
export function BenchOfCake({ cake, recipes, cupboard, save, rename }: BenchOfCakeProps) {
  const [state, dispatch] = useAutosave(cake.question, cake.updatedAt, useCallback((question: Question) => save(cake.id, question), [save, cake.id]));
  const [isRenaming, setIsRenaming] = useState(false);
  return (
    <>
      <Bench
        question={state.value}
        onChange={(changes) => dispatch({ type: "changed", change: (question) => ({ ...question, ...changes }), field: Object.keys(changes).join() })}
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
            <SavedMark state={state} dispatch={dispatch} />
          </div>
        }
      />
      {isRenaming && <RenameSheet cake={cake} rename={rename} onClose={() => setIsRenaming(false)} />}
    </>
  );
}
