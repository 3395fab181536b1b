"use client";

import Link from "next/link";
import { useMemo } from "react";
import { pantryOf, type KitchenPantry } from "@/core/pantry";
import { workRecipe } from "@/core/plan";
import type { CakeDoc } from "@/core/kept";
import { scaledRow, totalMass, type RecipeDoc } from "@/core/recipe";
import {
  eggText,
  gramsText,
  ingredientText,
  kitchenText,
  KIND_NAMES,
  METRIC,
  piecesText,
  timesText,
  volumeText,
  weightText,
} from "@/words";
import { useUnits, useSay } from "../frame/units";
import { Notes } from "../ask/plan-figures";
import { isGuessed } from "../ask/describe";
import { RecipeSide } from "../ask/recipe-side";
import type { RecipeChoices } from "../frame/choices";
import type { StationProps } from "../frame/station-props";
import { ScaleControl, ScaleSlider } from "../ask/scale-control";

type MixStationProps = StationProps & {
  readonly recipe: CakeDoc["recipe"];
  readonly recipes: RecipeChoices;
  readonly pantry: KitchenPantry;
  /** The recipe as it is in the kitchen now, when that is not the cake's copy. */
  readonly newer: RecipeDoc | null;
  readonly onTakeNewer: () => void;
};

/** Mix: the recipe scaled, line by line, and what moved. */
export function MixStation({
  question,
  read,
  plan,
  isStale,
  units,
  recipe,
  recipes,
  pantry,
  newer,
  onTakeNewer,
  onChange,
}: MixStationProps) {
  const say = useSay();
  const { mix, egg } = plan;
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,400px)_minmax(0,1fr)]">
      <div className="space-y-4 max-lg:order-2">
        <RecipeSide
          question={question}
          read={read}
          recipes={recipes}
          units={units}
          batter={plan.own}
          onChange={onChange}
        />
        <ScaleControl
          question={question}
          read={read}
          plan={plan}
          units={units}
          onChange={onChange}
        />
      </div>
      <section
        aria-label="What to weigh"
        className={`panel min-w-0 overflow-hidden pb-4 ${isStale ? "opacity-50" : ""}`}
      >
        <dl className="flex flex-wrap gap-x-9 gap-y-2 px-6 pt-4 max-sm:px-4">
          <Figure
            name="Batter"
            value={`${isGuessed(mix) ? "about " : ""}${weightText(mix.massG, units)}`}
            note={KIND_NAMES[mix.kind]}
          />
          <Figure
            name="Volume"
            value={volumeText(mix.volumeMl, units)}
            note={
              mix.volumeRangeMl[0] === mix.volumeRangeMl[1]
                ? "as the recipe gives it"
                : `likely ${volumeText(mix.volumeRangeMl[0], units)} to ${volumeText(mix.volumeRangeMl[1], units)}`
            }
          />
          <Figure
            name="Scale"
            value={plan.scale === 1 ? "as written" : timesText(plan.scale)}
            note={plan.asked === plan.scale ? "" : `${timesText(plan.asked)} was asked for`}
          />
          {egg !== null && (
            <Figure
              name="Eggs"
              value={String(egg.eggs)}
              note={
                egg.how === "exact" ? "whole" : `${Math.round(egg.wanted * 100) / 100} came out`
              }
            />
          )}
        </dl>
        {egg !== null && (
          <p className="px-6 pt-1 text-[15px] text-ink-2 max-sm:px-4">
            {eggText(egg, Number(question.recipeEggs), units)}
          </p>
        )}
        <ScaleSlider question={question} plan={plan} onChange={onChange} />
        {newer !== null && (
          <p className="mx-6 my-2 flex flex-wrap items-center gap-x-3 gap-y-1 rounded-control bg-yolk-soft px-3 py-1.5 text-[15px] max-sm:mx-4">
            <span>The recipe was changed since this cake copied it. The cake keeps its copy.</span>
            <button type="button" className="choice" onClick={onTakeNewer}>
              Take it as it is now
            </button>
          </p>
        )}
        {recipe === null ? (
          <p className="px-6 pt-3 text-ink-2 max-sm:px-4">
            {say`Only the recipe's tins are known. Choose a recipe beside, and its lines stand here, scaled and ready to weigh.`}
          </p>
        ) : (
          <Lines recipe={recipe} pantry={pantry} plan={plan} />
        )}
        <Notes plan={plan} station="mix" remarks={["main-missing"]} units={units} />
      </section>
    </div>
  );
}

function Figure({
  name,
  value,
  note,
}: {
  readonly name: string;
  readonly value: string;
  readonly note: string;
}) {
  return (
    <div>
      <dt className="label">{name}</dt>
      <dd className="figure-text text-[23px] leading-tight">{value}</dd>
      {note !== "" && <dd className="text-[14px] text-ink-2">{note}</dd>}
    </div>
  );
}

/** The batter's lines as they are to be weighed. */
function Lines({
  recipe,
  pantry,
  plan,
}: {
  readonly recipe: NonNullable<CakeDoc["recipe"]>;
  readonly pantry: KitchenPantry;
  readonly plan: StationProps["plan"];
}) {
  const { units } = useUnits();
  const worked = useMemo(
    () => workRecipe(recipe.doc, pantryOf(pantry.own, pantry.learnt)),
    [recipe, pantry],
  );
  const scaling = { times: plan.scale, leavening: "as-written", egg: plan.egg } as const;
  const rows = worked.part.rows.map((row) => scaledRow(row, scaling, worked.measures));
  const isScaled = plan.scale !== 1;
  return (
    <div className="px-6 pt-3 max-sm:px-4">
      <table className="w-full text-left">
        <caption className="sr-only">The batter, scaled</caption>
        <thead className="label">
          <tr>
            <th scope="col" className="font-normal">
              Weigh
            </th>
            <th scope="col" className="pl-3 font-normal">
              of
            </th>
            <th scope="col" className="pl-3 text-right font-normal max-sm:hidden">
              or
            </th>
            {isScaled && (
              <th scope="col" className="pl-3 text-right font-normal">
                was
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ row, shownG, eggs, kitchen }) => (
            <tr key={row.line.id} className="border-t-[1.5px] border-line">
              <td className="w-24 py-1 text-[17px] font-bold whitespace-nowrap">
                {shownG === null ? "—" : gramsText(shownG)}
              </td>
              <td className="py-1 pl-3">{ingredientText(row, units)}</td>
              <td className="py-1 pl-3 text-right text-[14px] text-ink-2 max-sm:hidden">
                {eggs !== null ? piecesText(eggs) : kitchen === null ? "" : kitchenText(kitchen)}
              </td>
              {isScaled && (
                <td className="py-1 pl-3 text-right text-[14px] whitespace-nowrap text-ink-2">
                  {row.massG === null ? "" : gramsText(Math.round(row.massG))}
                </td>
              )}
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr className="border-t-[1.5px] border-line">
            <td className="py-1 font-bold">{weightText(totalMass(rows), METRIC)}</td>
            <td className="pl-3 text-[14px] text-ink-2">in all</td>
          </tr>
        </tfoot>
      </table>
      <p className="pt-2 text-[14px] text-ink-2">
        From the cake&apos;s own copy of{" "}
        <Link href={`/recipes/${recipe.id}`} className="underline underline-offset-3">
          {recipe.doc.name}
        </Link>
        .
      </p>
    </div>
  );
}
