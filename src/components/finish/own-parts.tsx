"use client";

import { useMemo } from "react";
import { partsMadeFor } from "@/core/ask";
import { ownPutOn, workRecipe, type RecipeWear } from "@/core/plan";
import type { CakeDoc } from "@/core/kept";
import { pantryOf, type KitchenPantry } from "@/core/pantry";
import type { RecipeDoc } from "@/core/recipe";
import { weightText } from "@/words";
import { WORN_NAMES } from "@/words/kinds";
import { Choice } from "../frame/field";
import { isCoating } from "../section/on-it";
import type { StationProps } from "../frame/station-props";

const POURED_WAYS: readonly RecipeWear["as"][] = ["over-top", "drips", "over-all", "unseen"];
const STREWN_WAYS: readonly RecipeWear["as"][] = ["strewn", "unseen"];
const waysOf = ({ as, like }: RecipeWear): readonly RecipeWear["as"][] =>
  as === "strewn" || !isCoating(like) ? STREWN_WAYS : POURED_WAYS;

/** The parts besides the batter that a recipe makes and puts on by its own steps. */
export const partsBesides = (doc: RecipeDoc): RecipeDoc["parts"] =>
  doc.parts.filter(({ role, lines }) => role !== "batter" && lines.length > 0);

type OwnPartsProps = Pick<StationProps, "plan" | "question" | "units" | "onChange"> & {
  readonly recipe: CakeDoc["recipe"];
  readonly pantry: KitchenPantry;
};

/**
 * What the recipe itself puts on the cake, in its own amounts, where nothing of the plan takes its
 * place; a frosting can be spread to measure instead.
 */
export function OwnParts({ plan, question, units, recipe, pantry, onChange }: OwnPartsProps) {
  const formula = useMemo(
    () =>
      recipe === null ? null : workRecipe(recipe.doc, pantryOf(pantry.own, pantry.learnt)).formula,
    [recipe, pantry],
  );
  const { finish: boxes } = question;
  const { worn } = plan;
  const own = formula === null ? [] : ownPutOn(plan, formula, partsMadeFor(question));
  if (own.length === 0) return null;
  return (
    <div className="border-t-[1.5px] border-line px-6 py-3 max-sm:px-4">
      <h3 className="text-[17px]">From the recipe, as its steps say</h3>
      <ul aria-label="From the recipe">
        {own.map(({ part: { id, name, role }, massG }) => (
          <li
            key={id}
            className="flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1 border-t-[1.5px] border-line py-1.5 first:border-t-0"
          >
            <span className="min-w-0 wrap-anywhere">{name}</span>
            {worn
              .filter(({ part }) => part === id)
              .map((each) => (
                <Choice
                  key={id}
                  label={`How ${name} lies`}
                  className="field mr-auto w-auto max-sm:order-last py-0 pr-1 text-[15px]"
                  value={each.as}
                  choices={waysOf(each).map((as) => [as, WORN_NAMES[as]] as const)}
                  onChange={(as) =>
                    onChange(
                      { worn: question.worn.map((w) => (w.part === id ? { ...w, as } : w)) },
                      `worn-${id}`,
                    )
                  }
                />
              ))}
            {role === "frosting" && (
              <button
                type="button"
                className="ml-auto text-[15px] underline underline-offset-3"
                onClick={() =>
                  onChange({ cover: "top", finish: { ...boxes, part: id } }, "own-frosting")
                }
              >
                Measure it to cover the top
              </button>
            )}
            <span className="figure-text text-[21px]">{weightText(massG, units)}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}
