"use client";

import { SCHOOLS, type Question, type ReadQuestion } from "@/core/ask";
import { dialText, HEAT_WORDS, issueText, SCHOOL_NAMES, type Units } from "@/words";
import { costText } from "@/words/bakes";
import type { StationProps } from "../frame/station-props";
import type { HeatWay } from "./heat-ways";

type HeatChoicesProps = Pick<StationProps, "question" | "units" | "onChange"> & {
  readonly read: ReadQuestion;
  readonly ways: readonly HeatWay[];
};

/**
 * The schools of heat side by side: what the dial is set to, how long it takes, and what it does to
 * crown and crust.
 */
export function HeatChoices({ question, read, ways, units, onChange }: HeatChoicesProps) {
  return (
    <fieldset>
      <legend className="label">Oven temperature</legend>
      <div className="panel mt-1 divide-y-[1.5px] divide-line overflow-hidden">
        {SCHOOLS.filter((school) => school !== "own").map((school) => {
          const way = ways.find((each) => each.school === school) ?? null;
          return (
            <label
              key={school}
              className="flex min-h-14 items-center gap-3 px-3 py-2 has-[:checked]:bg-yolk-soft"
            >
              <input
                type="radio"
                name="heat"
                className="size-5 accent-ink"
                checked={question.school === school}
                onChange={() => onChange({ school })}
              />
              <span className="min-w-0 flex-1">
                <span className="block font-semibold">{SCHOOL_NAMES[school]}</span>
                <span className="block text-[14px] leading-snug text-ink-2">
                  {lineOf(way, units)}
                </span>
              </span>
              <span className="figure-text text-[19px] whitespace-nowrap">
                {way?.plan == null ? "" : dialText(way.plan.bake, units)}
              </span>
            </label>
          );
        })}
        <OwnHeat
          question={question}
          read={read}
          way={ways.find((each) => each.school === "own") ?? null}
          units={units}
          onChange={onChange}
        />
      </div>
    </fieldset>
  );
}

function lineOf(way: HeatWay | null, units: Units): string {
  if (way?.plan == null) return "can't be planned";
  const { bake } = way.plan;
  const cost = costText(bake.likelyMin, way.solved, units);
  return bake.reason === "not-thicker" ? `${HEAT_WORDS["not-thicker"]}. ${cost}` : cost;
}

type OwnHeatProps = Omit<HeatChoicesProps, "ways"> & { readonly way: HeatWay | null };

function OwnHeat({ question, read, way, units, onChange }: OwnHeatProps) {
  const issue = read.issues.ownHeat;
  const isOwn = question.school === "own";
  const choose = (changes: Partial<Question>): void =>
    onChange({ school: "own", ...changes }, "ownHeat");
  return (
    <div className="flex flex-wrap items-center gap-x-3 px-3 py-2 has-[:checked]:bg-yolk-soft">
      <label className="flex min-h-10 flex-1 items-center gap-3">
        <input
          type="radio"
          name="heat"
          className="size-5 accent-ink"
          checked={isOwn}
          onChange={() => choose({})}
        />
        <span className="min-w-0">
          <span className="block font-semibold">{SCHOOL_NAMES.own}</span>
          {isOwn && issue === undefined && (
            <span className="block text-[14px] leading-snug text-ink-2">{lineOf(way, units)}</span>
          )}
        </span>
      </label>
      <input
        aria-label="My own temperature, true in the oven"
        className="field !w-24 text-right"
        value={question.ownHeat}
        placeholder={units.heat === "C" ? "170 °C" : "340 °F"}
        maxLength={40}
        autoComplete="off"
        aria-invalid={issue !== undefined}
        aria-describedby={issue === undefined ? undefined : "own-heat-note"}
        onChange={(event) => choose({ ownHeat: event.target.value })}
      />
      {issue !== undefined && (
        <p id="own-heat-note" className="basis-full text-[13px] font-semibold text-tomato">
          {issueText(issue, units)}
        </p>
      )}
    </div>
  );
}
