"use client";

import Link from "next/link";
import { askAboutRecipe, FIRST_QUESTION } from "@/core/cake";
import { heatText, KIND_NAMES, minutesText, tinText, weightText } from "@/words";
import { benchHref } from "../bench/bench-address";
import type { RecipeChoice } from "../bench/choices";
import { useUnits } from "../frame/units";

/** The kitchen's recipes, each one step from the bench. */
export function RecipeList({ recipes }: { readonly recipes: readonly RecipeChoice[] }) {
  const { units } = useUnits();
  if (recipes.length === 0) return <p className="panel p-6">No recipe yet. The bench can work from a recipe's tins alone.</p>;
  return (
    <ul className="panel divide-y-[1.5px] divide-line">
      {recipes.map(({ id, name, recipe }) => {
        const { reference, batter } = recipe;
        const bake = `${heatText(reference.ovenC, units)}${reference.fan === true ? " fan" : ""}${reference.minutes === undefined ? "" : `, ${minutesText(reference.minutes)}`}`;
        return (
          <li key={id} className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 py-3">
            <div className="min-w-0 flex-1 basis-64">
              <h2 className="text-[17px]">{name}</h2>
              <p className="text-[14px] text-ink-2">
                {[batter?.kind === undefined ? "" : KIND_NAMES[batter.kind], batter?.massG === undefined ? "" : `${weightText(batter.massG, units)} of batter`].filter((part) => part !== "").join(" · ")}
              </p>
            </div>
            <p className="basis-64 text-[15px]">
              {reference.tins.map((tin) => tinText(tin, units)).join(" and ")}
              <span className="block text-[14px] text-ink-2">{bake}</span>
            </p>
            <Link href={benchHref(askAboutRecipe(FIRST_QUESTION, recipe))} className="button">
              In another tin
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
