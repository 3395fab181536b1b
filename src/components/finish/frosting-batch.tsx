"use client";

import { useMemo } from "react";
import { X } from "lucide-react";
import type { Coating } from "@/core/build";
import {
  colourBoxes,
  partsMadeFor,
  readQuestion,
  USUAL_WAY,
  type FinishBoxes,
  type Question,
} from "@/core/ask";
import { madeSpread, planCake, workRecipe } from "@/core/plan";
import type { CakeDoc } from "@/core/kept";
import { colourBowls, nextSpoon, ROUNDINGS, sharedNeeds, type Batch } from "@/core/finish";
import { pantryOf, type KitchenPantry } from "@/core/pantry";
import { capitalised } from "@/core/measure";
import type { PartFormula } from "@/core/recipe";
import {
  FROSTING_NAMES,
  issueText,
  extraText,
  SPREAD_NAMES,
  volumeText,
  weightText,
  type Units,
} from "@/words";
import { nextSpoonText, ROUNDING_NAMES, stuffName } from "@/words/finishing";
import { useSay } from "../frame/units";
import { Choice, Field } from "../frame/field";
import { More } from "../frame/more";
import type { StationProps } from "../frame/station-props";
import { WeighOut } from "./weigh-out";

/** Another cake of the kitchen, as far as its finish goes. */
export type OtherCake = { readonly id: string; readonly name: string; readonly question: Question };

type FrostingBatchProps = StationProps & {
  readonly recipe: CakeDoc["recipe"];
  readonly pantry: KitchenPantry;
  readonly others: readonly OtherCake[];
  readonly onFinish: (changes: Partial<FinishBoxes>, field?: string) => void;
};

const MOST_COLOURS = 6;
/** What another cake needs of each spread; nothing while it can't be planned. */
function needsOf(other: OtherCake, units: Units): readonly Batch[] {
  const { input } = readQuestion(other.question, { size: units.measure, heat: units.heat });
  const plan = input.ok ? planCake(input.value) : input;
  return plan.ok ? plan.value.finish.batches : [];
}

/**
 * What has to be made: each spread once, the frosting by its formula, in bowls by colour, and what
 * to do when it is too soft or too stiff.
 */
export function FrostingBatch({
  question,
  read,
  plan,
  units,
  recipe,
  pantry,
  others,
  onFinish,
}: FrostingBatchProps) {
  const say = useSay();
  const { finish: boxes } = question;
  const { finish } = plan;
  const worked = useMemo(
    () => (recipe === null ? null : workRecipe(recipe.doc, pantryOf(pantry.own, pantry.learnt))),
    [recipe, pantry],
  );
  const parts =
    worked?.formula.parts.filter(({ part, massG }) => part.role !== "batter" && massG > 0) ?? [];
  const along = useMemo(
    () =>
      others
        .filter(({ id }) => boxes.alsoFor.includes(id))
        .map((other) => ({ name: other.name, needs: needsOf(other, units) })),
    [others, boxes.alsoFor, units],
  );
  // What is her own is named where it goes on; how it is made is hers.
  const batches = finish.batches.filter(({ stuff }) => stuff !== "own");
  // The recipe's own filling is made by itself, whatever it is like.
  const { called } = plan.build;
  const ownFilling = batches.find((batch) => called !== undefined && batch.called === called);
  const together = batches.filter((batch) => batch !== ownFilling);
  const shared = sharedNeeds([{ name: "", needs: together }, ...along]).filter(({ stuff }) =>
    together.some((batch) => batch.stuff === stuff),
  );
  const neededOf = (spread: Coating): number =>
    shared.find(({ stuff }) => stuff === spread)?.massG ?? 0;
  const partOf = (id: string): PartFormula | null =>
    parts.find(({ part }) => part.id === id) ?? null;
  const { part: frostingPart, fillingPart } = partsMadeFor(question);
  const made = madeSpread(
    finish.frosting,
    neededOf(finish.frosting),
    boxes.rounding,
    partOf(frostingPart),
  );
  const fillingG =
    ownFilling?.massG ??
    (plan.build.filling === finish.frosting ? 0 : neededOf(plan.build.filling));
  const hasFilling = fillingG > 0;
  const filling = hasFilling
    ? madeSpread(plan.build.filling, fillingG, boxes.rounding, partOf(fillingPart))
    : null;
  const fillingName = ownFilling?.called ?? SPREAD_NAMES[plan.build.filling];
  const shares = colourBoxes(boxes);
  const { bowls, tooSmall } =
    made === null || shares.length === 0
      ? { bowls: [], tooSmall: [] }
      : colourBowls(made.formula.massG, shares);
  const next =
    made === null || boxes.feels.length === 0
      ? null
      : nextSpoon(finish.frosting, made.formula.massG, boxes.feels);
  const free = others.filter(({ id }) => !boxes.alsoFor.includes(id));
  if (batches.length === 0) return null;
  return (
    <div className="border-t-[1.5px] border-line px-6 py-3 max-sm:px-4">
      <h3 className="text-[17px]">To make</h3>
      <ul aria-label="To make">
        {ownFilling !== undefined && (
          <li className="flex flex-wrap items-baseline justify-between gap-x-4 py-1.5">
            <span className="first-letter:uppercase">
              {ownFilling.called}
              <span className="text-[14px] text-ink-2">
                {ownFilling.volumeMl === null ? "" : `, ${volumeText(ownFilling.volumeMl, units)}`}
              </span>
            </span>
            <span className="figure-text text-[21px]">{weightText(ownFilling.massG, units)}</span>
          </li>
        )}
        {shared.map(({ stuff, massG, volumeMl, cakes }) => {
          const batch = batches.find((each) => each.stuff === stuff);
          const isSpread = batch !== undefined && Math.abs(batch.massG - batch.neededG) > 1e-6;
          return (
            <li
              key={stuff}
              className="flex flex-wrap items-baseline justify-between gap-x-4 border-t-[1.5px] border-line py-1.5 first:border-t-0"
            >
              <span className="first-letter:uppercase">
                {stuffName(stuff)}
                <span className="text-[14px] text-ink-2">
                  {volumeMl === null ? "" : `, ${volumeText(volumeMl, units)}`}
                  {isSpread ? `, ${extraText(finish.marginFraction)}` : ""}
                  {cakes.length > 1
                    ? `, for ${cakes.filter((name) => name !== "").join(" and ")} too`
                    : ""}
                </span>
              </span>
              <span className="figure-text text-[21px]">{weightText(massG, units)}</span>
            </li>
          );
        })}
      </ul>
      {hasFilling && (filling !== null || parts.length > 0) && (
        <section aria-label="The recipe for the filling" className="pt-2">
          {filling !== null && <WeighOut made={filling} name={fillingName} units={units} />}
          {parts.length > 0 && (
            <label className="block max-w-64">
              <span className="label block">{capitalised(fillingName)} made by</span>
              <Choice
                label="Filling made by"
                className="field pr-1"
                value={fillingPart}
                choices={[
                  [
                    "",
                    madeSpread(plan.build.filling, 1, "grams", null) === null
                      ? "nothing: it is bought"
                      : "the usual formula",
                  ],
                  ...parts.map(({ part }) => [part.id, part.name] as const),
                ]}
                onChange={(part) =>
                  onFinish({
                    fillingPart: part === "" && ownFilling !== undefined ? USUAL_WAY : part,
                  })
                }
              />
            </label>
          )}
        </section>
      )}
      {made !== null && (
        <section aria-label={say`The recipe for the frosting`} className="pt-2">
          <WeighOut made={made} name={say(FROSTING_NAMES[finish.frosting])} units={units} />
          <div className="flex flex-wrap items-end gap-2">
            {parts.length > 0 && (
              <label className="min-w-44">
                <span className="label block">Made by</span>
                <Choice
                  label="Made by"
                  className="field pr-1"
                  value={frostingPart}
                  choices={[
                    ["", "the usual formula"],
                    ...parts.map(({ part }) => [part.id, part.name] as const),
                  ]}
                  onChange={(part) => onFinish({ part: part === "" ? USUAL_WAY : part })}
                />
              </label>
            )}
            <label className="min-w-44">
              <span className="label block">Rounded up</span>
              <Choice
                label="Rounded up"
                className="field pr-1"
                value={boxes.rounding}
                choices={ROUNDINGS.map((each) => [each, ROUNDING_NAMES[each]] as const)}
                onChange={(rounding) => onFinish({ rounding })}
              />
            </label>
            {free.length > 0 && boxes.alsoFor.length < 6 && (
              <label className="min-w-44">
                <span className="label block">Make it for another cake too</span>
                <Choice
                  label="Make it for another cake too"
                  className="field pr-1"
                  value=""
                  choices={[
                    ["", "only for this one"],
                    ...free.map(({ id, name }) => [id, name] as const),
                  ]}
                  onChange={(id) => {
                    if (id !== "") onFinish({ alsoFor: [...boxes.alsoFor, id] });
                  }}
                />
              </label>
            )}
          </div>
          {boxes.alsoFor.length > 0 && (
            <ul aria-label="Made along" className="flex flex-wrap gap-2 pt-2 text-[15px]">
              {boxes.alsoFor.map((id) => (
                <li
                  key={id}
                  className="flex items-center gap-1 rounded-control border-[1.5px] border-line bg-white pl-2.5"
                >
                  {others.find((other) => other.id === id)?.name ?? "a cake that is gone"}
                  <button
                    type="button"
                    className="flex size-9 items-center justify-center"
                    aria-label={`Not for ${others.find((other) => other.id === id)?.name ?? "it"}`}
                    onClick={() =>
                      onFinish({ alsoFor: boxes.alsoFor.filter((each) => each !== id) })
                    }
                  >
                    <X size={16} aria-hidden />
                  </button>
                </li>
              ))}
            </ul>
          )}
          <More summary="Too soft, or too stiff?">
            <div className="flex flex-wrap items-center gap-2 pt-1">
              <button
                type="button"
                className="button"
                onClick={() => onFinish({ feels: [...boxes.feels, "too-soft"] })}
              >
                Too soft
              </button>
              <button
                type="button"
                className="button"
                onClick={() => onFinish({ feels: [...boxes.feels, "too-stiff"] })}
              >
                Too stiff
              </button>
              {boxes.feels.length > 0 && (
                <button type="button" className="button" onClick={() => onFinish({ feels: [] })}>
                  Begin again
                </button>
              )}
            </div>
            <p role="status" className="pt-1 font-semibold">
              {next === null ? "" : nextSpoonText(next)}
            </p>
          </More>
          <More
            summary={
              boxes.colours.length === 0
                ? say`In several colours`
                : say(
                    `In ${boxes.colours.length} ${boxes.colours.length === 1 ? "colour" : "colours"}`,
                  )
            }
            isNeeded={read.issues.colours !== undefined}
          >
            <ul aria-label="Bowls" className="space-y-1.5 pt-1">
              {boxes.colours.map(({ name, share }, index) => {
                const change = (changes: Partial<{ name: string; share: string }>): void =>
                  onFinish(
                    {
                      colours: boxes.colours.map((each, at) =>
                        at === index ? { ...each, ...changes } : each,
                      ),
                    },
                    `colour-${index}-${Object.keys(changes).join()}`,
                  );
                const issue =
                  read.issues.colours?.path.includes(`[${index}]`) === true
                    ? read.issues.colours
                    : undefined;
                return (
                  <li key={index} className="flex flex-wrap items-end gap-2">
                    <div className="flex w-40">
                      <Field
                        label={say`Colour ${index + 1}`}
                        value={name}
                        onChange={(text) => change({ name: text.slice(0, 40) })}
                      />
                    </div>
                    <div className="flex w-28">
                      <Field
                        label={say`Share of colour ${index + 1}`}
                        value={share}
                        onChange={(text) => change({ share: text })}
                        problem={issue === undefined ? null : issueText(issue, units)}
                        placeholder="1"
                      />
                    </div>
                    <span className="figure-text min-w-16 pb-1.5 text-[19px]">
                      {bowls[index] === undefined ? "" : weightText(bowls[index].massG, units)}
                    </span>
                    <button
                      type="button"
                      className="flex size-10 items-center justify-center"
                      aria-label={say`Take away colour ${index + 1}`}
                      onClick={() =>
                        onFinish(
                          { colours: boxes.colours.filter((_, at) => at !== index) },
                          "remove",
                        )
                      }
                    >
                      <X size={17} aria-hidden />
                    </button>
                  </li>
                );
              })}
            </ul>
            {tooSmall.length > 0 && (
              <p className="text-[15px] font-semibold text-crust">
                {tooSmall.map((name) => name || "one").join(", ")}
                {say`: under 40 g is hard to colour evenly and to pipe.`}
              </p>
            )}
            {boxes.colours.length < MOST_COLOURS && (
              <button
                type="button"
                className="button mt-1.5"
                onClick={() =>
                  onFinish(
                    {
                      colours: [
                        ...boxes.colours,
                        { name: boxes.colours.length === 0 ? "plain" : "", share: "" },
                      ],
                    },
                    "add-colour",
                  )
                }
              >
                {say`Add a colour`}
              </button>
            )}
          </More>
        </section>
      )}
    </div>
  );
}
