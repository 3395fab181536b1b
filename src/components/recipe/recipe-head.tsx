"use client";

import type { ReactNode } from "react";
import type { Pantry } from "@/core/pantry";
import { planCake, type RecipeFacts, type WorkedRecipe } from "@/core/plan";
import { recipeCautions } from "@/core/caution";
import { BATTER_KINDS } from "@/core/kind";
import { MOST_GAS, scaledBatter } from "@/core/mix";
import type { RecipeDoc } from "@/core/recipe";
import { writeTin } from "@/core/tin";
import {
  heatText,
  KIND_NAMES,
  KIND_REASONS,
  minutesText,
  volumeText,
  weightText,
  type Units,
  tinText,
} from "@/words";
import { HEAT_SOURCE_NAMES } from "@/words/bakes";
import { useSay } from "../frame/units";
import { NoteList } from "../ask/plan-figures";
import { Choice } from "../frame/field";
import { ChoicesAsked } from "./choices-asked";
import { OwnBakes } from "./own-bakes";
import { RecipeFactsForm } from "./recipe-facts-form";
import { FilledTin } from "../section/filled-tin";

type RecipeHeadProps = {
  readonly doc: RecipeDoc;
  readonly worked: WorkedRecipe;
  readonly pantry: Pantry;
  readonly facts: RecipeFacts;
  readonly times: number;
  readonly scaleBar: ReactNode;
  readonly units: Units;
  readonly onChange: (change: (doc: RecipeDoc) => RecipeDoc, field?: string) => void;
};

/**
 * What the recipe is, on the bench: its own tins with its batter in them, its kind, weight, heat
 * and minutes.
 */
export function RecipeHead({
  doc,
  worked,
  pantry,
  facts,
  times,
  units,
  scaleBar,
  onChange,
}: RecipeHeadProps) {
  const say = useSay();
  const { batter, kind, isKindChosen } = worked;
  const made = batter === null ? null : scaledBatter(batter.batter, times);
  return (
    <>
      <OwnBakes doc={doc} units={units} onChange={onChange} />
      <ChoicesAsked doc={doc} pantry={pantry} onChange={onChange} />
      <div className="grid grid-cols-2 gap-x-6 border-b-4 border-ink md:grid-cols-[minmax(0,1.2fr)_repeat(4,minmax(0,1fr))]">
        <OwnTins facts={facts} units={units} />
        <div className="px-1 py-2">
          <p className="label">Batter{times === 1 ? "" : ", scaled"}</p>
          <p className="figure-text text-[23px] leading-tight">
            {made === null ? "not weighed" : weightText(made.massG, units)}
          </p>
          {batter !== null && made !== null && (
            <p className="text-[14px] text-ink-2">
              about {volumeText(made.volumeMl, units)}, {volumeText(made.volumeRangeMl[0], units)}{" "}
              to {volumeText(made.volumeRangeMl[1], units)}
              {batter.unweighed > 0 && (
                <span className="block font-semibold text-tomato">
                  without {batter.unweighed} {batter.unweighed === 1 ? "line" : "lines"} of no
                  weight
                </span>
              )}
              {(batter.gasShare < 0 || batter.gasShare > MOST_GAS) && (
                <span className="block font-semibold text-crust">
                  {batter.gasShare < 0
                    ? "heavier than its parts: another kind?"
                    : "more air than a batter holds: another kind?"}
                </span>
              )}
            </p>
          )}
        </div>
        <div className="px-1 py-2">
          <Choice
            label="Kind of batter"
            className="label -ml-1 max-w-full bg-transparent field-sizing-content"
            value={isKindChosen ? kind.kind : "-"}
            choices={[
              ["-", say`Kind, as recognised`],
              ...BATTER_KINDS.map((each) => [each, `Kind: ${KIND_NAMES[each]}`] as const),
            ]}
            onChange={(chosen) =>
              onChange((old) => ({ ...old, kind: chosen === "-" ? undefined : chosen }))
            }
          />
          <p className="figure-text text-[23px] leading-tight">{KIND_NAMES[kind.kind]}</p>
          <p className="text-[14px] text-ink-2">
            {isKindChosen ? "your choice" : say(KIND_REASONS[kind.reason])}
          </p>
        </div>
        <div className="px-1 py-2">
          <p className="label">Oven</p>
          <p className="figure-text text-[23px] leading-tight">
            {facts.bake.source !== undefined && facts.bake.source !== "oven"
              ? "no oven"
              : facts.bake.ovenC === undefined
                ? "not said"
                : heatText(facts.bake.ovenC, units)}
          </p>
          <p className="text-[14px] text-ink-2">
            {facts.bake.source !== undefined && facts.bake.source !== "oven"
              ? say(HEAT_SOURCE_NAMES[facts.bake.source])
              : facts.bake.fan === true
                ? say`fan`
                : "top and bottom heat"}
          </p>
        </div>
        <div className="px-1 py-2">
          <p className="label">Minutes</p>
          <p className="figure-text text-[23px] leading-tight">
            {facts.bake.minutes === undefined ? "not said" : minutesText(facts.bake.minutes)}
          </p>
          <p className="text-[14px] text-ink-2">
            {say`in its own tins`}
            {facts.bake.checkAtMin !== undefined &&
              `, start checking at ${minutesText(facts.bake.checkAtMin)}`}
          </p>
        </div>
      </div>
      <div className="-mx-4 md:-mx-6">
        <NoteList
          cautions={recipeCautions(worked.holds, facts.bake.source ?? "oven")}
          remarks={[]}
          units={units}
        />
      </div>
      <div className="py-2">{scaleBar}</div>
      <RecipeFactsForm doc={doc} worked={worked} units={units} onChange={onChange} />
    </>
  );
}

/** The recipe's own tin with its batter in it, when it can be drawn. */
function OwnTins({ facts, units }: { readonly facts: RecipeFacts; readonly units: Units }) {
  const say = useSay();
  const { tins, ovenC = 175, isSizeAssumed = false } = facts.bake;
  const plan =
    tins.length === 0
      ? null
      : planCake({ recipe: { batter: facts.batter, reference: { tins, ovenC } }, tins });
  const fill = plan?.ok === true ? plan.value.reference.tins[0] : undefined;
  return (
    <div className="flex flex-col justify-end px-1 pt-3 max-md:order-last max-md:col-span-2 max-md:items-center">
      {fill === undefined ? (
        <p className="pb-2 text-ink-2">{say`No tin named yet.`}</p>
      ) : (
        <>
          <p className="pb-1.5 text-[14px] text-ink-2">
            {tins.map((tin) => tinText(tin, units)).join(" and ")}
            {isSizeAssumed && (
              <span className="block font-semibold text-crust">
                of usual size: the recipe does not say
              </span>
            )}
          </p>
          <div
            className="flex items-end gap-1.5"
            role="img"
            aria-label={say`The recipe's own tins: ${tins.map(writeTin).join(" and ")}; ${volumeText(fill.batterMl, units)} of batter in each`}
          >
            {Array.from({ length: Math.min(2, fill.geometry.count) }, (_, copy) => (
              <FilledTin key={copy} fill={fill} pxPerMm={0.5} />
            ))}
          </div>
        </>
      )}
    </div>
  );
}
