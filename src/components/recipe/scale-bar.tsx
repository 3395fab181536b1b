"use client";

import type { ReactNode } from "react";
import {
  debounce,
  parseAsInteger,
  parseAsString,
  parseAsStringLiteral,
  useQueryStates,
} from "nuqs";
import {
  makeTimes,
  MAKES,
  settledScaling,
  type MakeRequest,
  type RecipeFacts,
  type Scaling,
  type WorkedRecipe,
} from "@/core/plan";
import { eggsIn, type RecipeDoc } from "@/core/recipe";
import { ingredientText, eggText, heatStepText, issueText, timesText, type Units } from "@/words";
import { useSay } from "../frame/units";
import { Choice, Field } from "../frame/field";

type Way = MakeRequest["make"];
const WAY_NAMES: Readonly<Record<Way, string>> = {
  written: "as written",
  times: "multiply by",
  portions: "for so many",
  eggs: "with the eggs I have",
  line: "with what I have of",
  tins: "for my tin",
};
const EXAMPLES: Readonly<Record<Way, string>> = {
  written: "",
  times: "1.5",
  portions: "18",
  eggs: "3",
  line: "640 g",
  tins: "23 cm, 33 x 23 x 5 cm",
};
const SCHOOLS = ["as-written", "less-when-wide"] as const;

/**
 * The scaling lives in the address, so that it can be bookmarked; it never changes the recipe
 * itself.
 */
const SCALE_ADDRESS = {
  make: parseAsStringLiteral(MAKES).withDefault("written"),
  of: parseAsString.withDefault(""),
  line: parseAsString.withDefault(""),
  leavening: parseAsStringLiteral(SCHOOLS).withDefault("as-written"),
  altitude: parseAsInteger.withDefault(0),
};

/** The address follows after a pause in typing, ms. */
const ADDRESS_AFTER_MS = 250;

/** How much of the recipe to make, from the address. */
export function useScaling(
  doc: RecipeDoc,
  worked: WorkedRecipe,
  facts: RecipeFacts,
  units: Units,
): { readonly scaling: Scaling; readonly bar: ReactNode } {
  const say = useSay();
  const [address, setAddress] = useQueryStates(SCALE_ADDRESS, {
    history: "replace",
    limitUrlUpdates: debounce(ADDRESS_AFTER_MS),
  });
  const { make, of, leavening } = address;
  const wanted = makeTimes(address, doc, worked, facts, units.measure);
  const scaling = settledScaling(wanted.ok ? wanted.value : 1, address, worked);
  const problem = wanted.ok ? null : issueText(wanted.issue, units);
  const eggs = eggsIn(worked.formula);
  const lines = worked.formula.parts
    .flatMap(({ rows }) => rows)
    .filter(({ massG }) => massG !== null);
  const bar = (
    <div className="no-print flex flex-wrap items-start gap-x-3 gap-y-2">
      <label className="flex items-center gap-2">
        <span className="label">Make it</span>
        <Choice
          label="How much to make"
          className="field !w-auto pr-1"
          value={make}
          choices={MAKES.map((way) => [way, say(WAY_NAMES[way])] as const)}
          onChange={(way) => void setAddress({ make: way, of: "" })}
        />
      </label>
      {make === "line" && (
        <label className="flex max-w-56">
          <span className="sr-only">Ingredient</span>
          <Choice
            label="Ingredient I have"
            className="field pr-1"
            value={lines.some(({ line }) => line.id === address.line) ? address.line : ""}
            choices={[
              ["", "choose"],
              ...lines.map((row) => [row.line.id, ingredientText(row, units)] as const),
            ]}
            onChange={(line) => void setAddress({ line })}
          />
        </label>
      )}
      {make !== "written" && (
        <div className="flex w-52">
          <Field
            isLabelHidden
            label={make === "tins" ? say`My tin` : "Amount"}
            value={of}
            onChange={(text) => void setAddress({ of: text })}
            placeholder={EXAMPLES[make]}
            problem={of === "" ? null : problem}
          />
        </div>
      )}
      <details className="pt-1 text-[14px] text-ink-2">
        <summary className="py-1.5">Preferences</summary>
        <div className="flex flex-wrap items-end gap-3 pb-1">
          <label className="flex flex-col">
            <span className="label">Leavener in big batches</span>
            <Choice
              label="Leavener in big batches"
              value={leavening}
              choices={[
                ["as-written", "in proportion"],
                ["less-when-wide", "a little less past twice"],
              ]}
              onChange={(school) => void setAddress({ leavening: school })}
            />
          </label>
          <div className="flex w-32">
            <Field
              label="Altitude, m"
              value={address.altitude === 0 ? "" : String(address.altitude)}
              onChange={(text) =>
                void setAddress({ altitude: Math.trunc(Number(text.replaceAll(/\D/gu, ""))) })
              }
              placeholder="off"
            />
          </div>
        </div>
      </details>
      <p role="status" className="basis-full text-[15px] empty:hidden">
        <ScalingText scaling={scaling} units={units} eggs={eggs} />
      </p>
    </div>
  );
  return { scaling, bar };
}

function ScalingText({
  scaling,
  units,
  eggs,
}: {
  readonly scaling: Scaling;
  readonly units: Units;
  readonly eggs: number;
}) {
  const { times, egg, altitude } = scaling;
  const parts = [
    times === 1 ? "" : `${timesText(times)} of the recipe.`,
    egg === null ? "" : eggText(egg, eggs, units),
    altitude === null
      ? ""
      : `Thin air: leavening ${timesText(altitude.leavening)}, sugar ${timesText(altitude.sugar)}, liquid ${timesText(altitude.liquid)}, ${heatStepText(altitude.heatC, units)} hotter, minutes ${timesText(altitude.minutes)}.`,
  ].filter((part) => part !== "");
  return parts.length === 0 ? null : parts.join(" ");
}
