"use client";

import { useMemo } from "react";
import { partsMadeFor } from "@/core/ask";
import { ownPutOn, workRecipe } from "@/core/plan";
import type { CakeDoc } from "@/core/kept";
import { pantryOf, type KitchenPantry } from "@/core/pantry";
import type { RecipeDoc } from "@/core/recipe";
import { weightText } from "@/words";
import type { StationProps } from "../frame/station-props";

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
