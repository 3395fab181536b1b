"use client";

import { debounce, parseAsInteger, parseAsString, parseAsStringLiteral, useQueryStates } from "nuqs";
import { planCake, type RecipeFacts, type WorkedRecipe } from "@/core/cake";
import { EGGS_G, readAmount, readMassG } from "@/core/measure";
import { altitudeChanges, eggsIn, scaleTimes, settleEggs, type AltitudeChanges, type EggChoice, type LeaveningSchool, type RecipeDoc } from "@/core/recipe";
import { readTin } from "@/core/tin";
import { heatStepText, issueText, timesText, weightText, type Units } from "@/words";
import { Choice, Field } from "../frame/field";

const WAYS = ["written", "times", "portions", "eggs", "line", "tins"] as const;
type Way = (typeof WAYS)[number];
const WAY_NAMES: Readonly<Record<Way, string>> = {
  written: "as written", times: "so many times", portions: "for so many", eggs: "with the eggs I have", line: "with what I have of", tins: "for my tin",
};
const EXAMPLES: Readonly<Record<Way, string>> = { written: "", times: "1.5", portions: "18", eggs: "3", line: "640 g", tins: "23 cm, 33 x 23 x 5 cm" };
const SCHOOLS = ["as-written", "less-when-wide"] as const;

/** The scaling lives in the address, so that it can be bookmarked; it never changes the recipe itself. */
const SCALE_ADDRESS = {
  make: parseAsStringLiteral(WAYS).withDefault("written"),
  of: parseAsString.withDefault(""),
  line: parseAsString.withDefault(""),
  leavening: parseAsStringLiteral(SCHOOLS).withDefault("as-written"),
  altitude: parseAsInteger.withDefault(0),
};

/** The address follows after a pause in typing, ms. */
const ADDRESS_AFTER_MS = 250;

export type Scaling = {
  readonly times: number;
  readonly leavening: LeaveningSchool;
  readonly egg: EggChoice | null;
  readonly altitude: AltitudeChanges | null;
};

/** How much of the recipe to make, from the address. */
export function useScaling(doc: RecipeDoc, worked: WorkedRecipe, facts: RecipeFacts, units: Units): { readonly scaling: Scaling; readonly problem: string | null; readonly bar: React.ReactNode } {
  const [address, setAddress] = useQueryStates(SCALE_ADDRESS, { history: "replace", limitUrlUpdates: debounce(ADDRESS_AFTER_MS) });
  const { make, of, leavening } = address;
  const result = timesOf(address, doc, worked, facts, units);
  const wanted = typeof result === "number" ? result : 1;
  const eggs = eggsIn(worked.formula);
  // With the eggs in hand there is nothing to settle.
  const egg = eggs > 0 && wanted !== 1 && make !== "eggs" ? settleEggs(eggs, wanted, EGGS_G[worked.measures.egg]) : null;
  const metres = Math.min(5000, Math.max(0, address.altitude));
  const altitude = metres > 900 ? altitudeChanges(metres) : null;
  const scaling: Scaling = { times: egg === null || egg.how === "eggs-only" ? wanted : egg.times, leavening, egg, altitude };
  const problem = typeof result === "string" ? result : null;
  const lines = worked.formula.parts.flatMap(({ rows }) => rows).filter(({ massG }) => massG !== null);
  const bar = (
    <div className="no-print flex flex-wrap items-start gap-x-3 gap-y-2">
      <label className="flex items-center gap-2">
        <span className="label">Make it</span>
        <Choice label="How much to make" className="field !w-auto pr-1" value={make} choices={WAYS.map((way) => [way, WAY_NAMES[way]] as const)} onChange={(way) => void setAddress({ make: way, of: "" })} />
      </label>
      {make === "line" && (
        <label className="flex max-w-56">
          <span className="sr-only">Ingredient</span>
          <Choice
            label="Ingredient I have"
            className="field pr-1"
            value={lines.some(({ line }) => line.id === address.line) ? address.line : ""}
            choices={[["", "choose"], ...lines.map(({ line, read, ingredient }) => [line.id, ingredient?.name ?? read.name] as const)]}
            onChange={(line) => void setAddress({ line })}
          />
        </label>
      )}
      {make !== "written" && (
        <div className="flex w-52">
          <Field isLabelHidden label={make === "tins" ? "My tin" : "Amount"} value={of} onChange={(text) => void setAddress({ of: text })} placeholder={EXAMPLES[make]} problem={of === "" ? null : problem} />
        </div>
      )}
      <details className="pt-1 text-[14px] text-ink-2">
        <summary className="py-1.5">Schools</summary>
        <div className="flex flex-wrap items-end gap-3 pb-1">
          <label className="flex flex-col">
            <span className="label">Leavener in big batches</span>
            <Choice label="Leavener in big batches" value={leavening} choices={[["as-written", "in proportion"], ["less-when-wide", "a little less past twice"]]} onChange={(school) => void setAddress({ leavening: school })} />
          </label>
          <div className="flex w-32">
            <Field label="Altitude, m" value={address.altitude === 0 ? "" : String(address.altitude)} onChange={(text) => void setAddress({ altitude: Math.trunc(Number(text.replaceAll(/\D/gu, ""))) })} placeholder="off" />
          </div>
        </div>
      </details>
      <p role="status" className="basis-full text-[15px] empty:hidden">
        <ScalingText scaling={scaling} units={units} eggs={eggs} />
      </p>
    </div>
  );
  return { scaling, problem, bar };
}

type Address = { readonly make: Way; readonly of: string; readonly line: string };

/** The factor, or what is wrong with what was typed. An empty box is the recipe as written. */
function timesOf({ make, of, line }: Address, doc: RecipeDoc, worked: WorkedRecipe, facts: RecipeFacts, units: Units): number | string {
  if (make === "written" || of.trim() === "") return 1;
  if (make === "tins") return timesForTin(of, facts, units);
  const amount = make === "line" ? readMassG(of) : wholeAmount(of);
  if (amount === null || amount <= 0) return `“${of}” can't be read: write an amount like ${EXAMPLES[make]}.`;
  const by = { times: { by: "times", times: amount }, portions: { by: "portions", portions: amount }, eggs: { by: "eggs", eggs: amount }, line: { by: "line", line, massG: amount } } as const;
  const times = scaleTimes(by[make], worked.formula, doc.portions ?? null);
  if (times === null) return make === "portions" ? "The recipe does not say how many it serves: write it under Makes." : make === "eggs" ? "No eggs are counted in the batter." : "Choose the ingredient it is.";
  return times >= 0.05 && times <= 20 ? times : `${of} is ${timesText(times)} of the recipe: × 0.05 to × 20.`;
}

function wholeAmount(text: string): number | null {
  const amount = readAmount(text);
  return amount === null || amount.rest !== "" ? null : amount.value;
}

function timesForTin(text: string, facts: RecipeFacts, units: Units): number | string {
  const tin = readTin(text, units.measure);
  if (!tin.ok) return issueText(tin.issue, units);
  const { ovenC = 175, tins } = facts.bake;
  if (tins.length === 0) return "The recipe names no tin to compare with: write it under Its tins.";
  const plan = planCake({ recipe: { batter: facts.batter, reference: { tins, ovenC } }, tins: [tin.value.tin], scale: "same-depth" });
  return plan.ok ? plan.value.scale : issueText(plan.issue, units);
}

function ScalingText({ scaling, units, eggs }: { readonly scaling: Scaling; readonly units: Units; readonly eggs: number }) {
  const { times, egg, altitude } = scaling;
  const parts = [
    times === 1 ? "" : `${timesText(times)} of the recipe.`,
    egg === null ? "" : eggText(egg, eggs, units),
    altitude === null ? "" : `Thin air: leavening ${timesText(altitude.leavening)}, sugar ${timesText(altitude.sugar)}, liquid ${timesText(altitude.liquid)}, ${heatStepText(altitude.heatC, units)} hotter, minutes ${timesText(altitude.minutes)}.`,
  ].filter((part) => part !== "");
  return parts.length === 0 ? null : parts.join(" ");
}

/** What happened to the eggs, and what moved with them. */
function eggText({ wanted, eggs: settled, how, liquidG }: EggChoice, written: number, units: Units): string {
  const asked = `${Math.round(wanted * 100) / 100} eggs`;
  switch (how) {
    case "exact":
      return `${settled} eggs instead of ${written}.`;
    case "whole":
      return `${asked} became ${settled}; everything else moved with them.`;
    case "half":
      return `${asked} became ${settled}: beat one and weigh half of it; everything else moved with them.`;
    case "eggs-only":
      return `${asked} became ${settled}, alone: ${liquidG < 0 ? "leave out" : "add"} ${weightText(Math.abs(liquidG), units)} of liquid for it.`;
  }
}
