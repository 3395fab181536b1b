"use client";

import dynamic from "next/dynamic";
import { useState } from "react";
import type { Question } from "@/core/ask";
import { Ask } from "./ask";
import { useQuestionInAddress } from "./use-question-in-address";
import type { KeptOutcome } from "../frame/outcome";
import { useSay, useUnits } from "../frame/units";
import type { RecipeChoices, TinChoice } from "../frame/choices";

const KeepCake = dynamic(() => import("./keep-cake").then((module) => module.KeepCake), {
  ssr: false,
});

type AskInAddressProps = {
  readonly recipes: RecipeChoices;
  readonly cupboard: readonly TinChoice[];
  readonly keep: (
    name: string,
    question: Question,
    recipeId: string | null,
  ) => Promise<KeptOutcome>;
};

/**
 * The bench whose question lives in the address, so that it can be bookmarked and shared, and kept
 * as a cake.
 */
export function AskInAddress({ recipes, cupboard, keep }: AskInAddressProps) {
  const say = useSay();
  const [question, change] = useQuestionInAddress();
  const { units } = useUnits();
  const [isKeeping, setIsKeeping] = useState(false);
  return (
    <>
      <Ask
        question={question}
        onChange={change}
        recipes={recipes}
        cupboard={cupboard}
        heading={
          <div className="flex items-center justify-between gap-2">
            <h1 className="text-[27px] max-sm:text-2xl">{say`Same batter, other tin`}</h1>
            <button
              type="button"
              className="button button-next no-print"
              aria-haspopup="dialog"
              onClick={() => setIsKeeping(true)}
            >
              Keep<span className="max-sm:sr-only">this as a cake</span>
            </button>
          </div>
        }
      />
      {isKeeping && (
        <KeepCake
          question={question}
          keep={(name) =>
            keep(
              name,
              { ...question, habit: { size: units.measure, heat: units.heat } },
              recipes.all.find((recipe) => recipe.name === question.recipe)?.id ?? null,
            )
          }
          onClose={() => setIsKeeping(false)}
        />
      )}
    </>
  );
}
