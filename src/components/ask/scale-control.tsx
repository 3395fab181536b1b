"use client";

import { useRef } from "react";
import { SCALES, type Question, type ReadQuestion } from "@/core/ask";
import type { CakePlan } from "@/core/plan";
import { PORTIONS } from "@/core/fill";
import { INCH_MM } from "@/core/measure";
import { issueText, PORTION_NAMES, SCALE_NAMES, timesText, type Units } from "@/words";
import { useSay } from "../frame/units";
import { Choice, Field } from "../frame/field";
import { Tick } from "../frame/tick";

type ScaleControlProps = {
  readonly question: Question;
  readonly read: ReadQuestion;
  /** Null while the cake can't be planned. */
  readonly plan: CakePlan | null;
  readonly units: Units;
  readonly onChange: (changes: Partial<Question>, field?: string) => void;
};

type Scale = Question["scale"];

/** What each way of scaling asks for, and an answer to begin with. */
const AMOUNTS: Partial<
  Readonly<
    Record<
      Scale,
      { readonly label: string; readonly first: (plan: CakePlan | null, units: Units) => string }
    >
  >
> = {
  times: { label: "Times", first: (plan) => String(Math.round((plan?.scale ?? 1) * 100) / 100) },
  depth: {
    label: "Deep in the first tin",
    first: (plan, units) => firstDepth(plan?.fill.tins[0]?.depthMm ?? 25, units),
  },
  guests: { label: "Guests", first: () => "24" },
};

function firstDepth(depthMm: number, units: Units): string {
  return units.measure === "us"
    ? `${Math.round((depthMm / INCH_MM) * 8) / 8} in`
    : `${Math.round(depthMm) / 10} cm`;
}

/**
 * How much of the recipe to make: as it is, by depth, by room, by number, by guests; and whether
 * eggs stay whole.
 */
export function ScaleControl({ question, read, plan, units, onChange }: ScaleControlProps) {
  const say = useSay();
  const asked = AMOUNTS[question.scale];
  const issue = read.issues.amount;
  return (
    <div className="space-y-2">
      <div className="flex flex-wrap items-start gap-2">
        <label className="min-w-44 flex-1">
          <span className="label block">How much to make</span>
          <Choice
            label="How much to make"
            className="field pr-1"
            value={question.scale}
            choices={SCALES.map((scale) => [scale, SCALE_NAMES[scale]] as const)}
            onChange={(scale) =>
              onChange({ scale, amount: AMOUNTS[scale]?.first(plan, units) ?? "" })
            }
          />
        </label>
        {asked !== undefined && (
          <div className="flex w-32">
            <Field
              label={say(asked.label)}
              value={question.amount}
              onChange={(amount) => onChange({ amount }, "amount")}
              problem={issue === undefined ? null : issueText(issue, units)}
            />
          </div>
        )}
        {question.scale === "guests" && (
          <label className="min-w-32 flex-1">
            <span className="label block">Each eats</span>
            <Choice
              label="Each eats"
              className="field pr-1"
              value={question.portion}
              choices={PORTIONS.map((portion) => [portion, PORTION_NAMES[portion]] as const)}
              onChange={(portion) => onChange({ portion })}
            />
          </label>
        )}
      </div>
      {question.recipeEggs !== "" && question.scale !== "keep" && (
        <Tick
          checked={question.eggs === "whole"}
          onChange={(isOn) => onChange({ eggs: isOn ? "whole" : "as-scaled" })}
        >
          keep to whole eggs where the depth allows it
        </Tick>
      )}
    </div>
  );
}

/** The slider runs from a quarter of the recipe to four times it, even in its logarithm. */
const OCTAVES = 2;
const STEPS_PER_OCTAVE = 100;
/** Marks of whole eggs closer than this would touch, in shares of the slider. */
const LEAST_APART = 0.075;

/** The scale as a slider, with a mark where each whole number of eggs lands. */
export function ScaleSlider({
  question,
  plan,
  onChange,
}: Pick<ScaleControlProps, "question" | "onChange"> & { readonly plan: CakePlan }) {
  const grip = useRef(0);
  const steps = OCTAVES * STEPS_PER_OCTAVE;
  const stepOf = (times: number): number => Math.log2(times) * STEPS_PER_OCTAVE;
  const eggs = Number(question.recipeEggs);
  const counts =
    Number.isFinite(eggs) && eggs > 0
      ? Array.from({ length: Math.floor(eggs * 2 ** OCTAVES) }, (_, index) => index + 1)
      : [];
  let last = -1;
  const marks = counts.flatMap((count) => {
    const at = (stepOf(count / eggs) + steps) / (2 * steps);
    if (at < 0 || at > 1 || at - last < LEAST_APART) return [];
    last = at;
    return [{ count, at }];
  });
  return (
    <div className="px-6 pt-2 max-sm:px-4">
      <label className="flex items-center gap-3">
        <span className="label">Scale</span>
        <input
          type="range"
          className="h-8 min-w-0 flex-1 accent-ink"
          min={-steps}
          max={steps}
          step={1}
          value={Math.round(stepOf(plan.asked))}
          aria-valuetext={`${timesText(plan.scale)} of the recipe${plan.egg === null ? "" : `, ${plan.egg.eggs} eggs`}`}
          onPointerDown={() => {
            grip.current += 1;
          }}
          onFocus={() => {
            grip.current += 1;
          }}
          onChange={(event) =>
            onChange(
              {
                scale: "times",
                amount: String(
                  Math.round(2 ** (Number(event.target.value) / STEPS_PER_OCTAVE) * 100) / 100,
                ),
              },
              `scale-${grip.current}`,
            )
          }
        />
        <span className="figure-text w-16 text-right text-[19px]">{timesText(plan.scale)}</span>
      </label>
      {marks.length > 0 && (
        <div aria-hidden className="relative mr-[76px] ml-[50px] h-5 text-[12px] text-ink-2">
          {marks.map(({ count, at }) => (
            <span
              key={count}
              className={`absolute -translate-x-1/2 ${plan.egg?.eggs === count ? "font-bold text-ink" : ""}`}
              style={{ left: `${1 + at * 98}%` }}
            >
              {count}
            </span>
          ))}
          <span className="absolute left-full ml-2">eggs</span>
        </div>
      )}
    </div>
  );
}
