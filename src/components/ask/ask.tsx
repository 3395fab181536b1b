"use client";

import { useMemo, useState, type ReactNode } from "react";
import { planCake, type CakePlan } from "@/core/plan";
import { readQuestion, type Question } from "@/core/ask";
import { issueText } from "@/words";
import { useSay, useUnits } from "../frame/units";
import { SectionDrawing, type TinRow } from "../section/section-drawing";
import type { RecipeChoices, TinChoice } from "../frame/choices";
import { describeFills } from "./describe";
import { EachTin, PlanFigures, Notes } from "./plan-figures";
import { RecipeSide } from "./recipe-side";
import { TinsSide } from "./tins-side";

type AskProps = {
  readonly question: Question;
  readonly onChange: (changes: Partial<Question>) => void;
  readonly recipes: RecipeChoices;
  readonly cupboard: readonly TinChoice[];
  /** The panel's heading, and what can be done with the answer. */
  readonly heading: ReactNode;
};

/**
 * The question and its answer on one bench line. Everything is planned anew at each keystroke;
 * while a box can't be read, the last answer stays, dimmed.
 */
export function Ask({ question, onChange, recipes, cupboard, heading }: AskProps) {
  const say = useSay();
  const { units } = useUnits();
  const read = useMemo(
    () => readQuestion(question, { size: units.measure, heat: units.heat }),
    [question, units],
  );
  const plan = useMemo(() => (read.input.ok ? planCake(read.input.value) : read.input), [read]);
  const [last, setLast] = useState<CakePlan | null>(plan.ok ? plan.value : null);
  if (plan.ok && plan.value !== last) setLast(plan.value);
  const shown = plan.ok ? plan.value : last;
  // A box says what is wrong with it where it stands; only what belongs to no box is said here.
  const isAtBox =
    Object.keys(read.issues).length > 0 ||
    read.tins.some(({ ok }) => !ok) ||
    question.tins.length === 0;
  const problem = plan.ok
    ? null
    : isAtBox
      ? "Something above can't be used yet."
      : issueText(plan.issue, units);

  const groups: readonly TinRow[] =
    shown === null
      ? []
      : [
          {
            title: say`The recipe's tins`,
            fills: shown.reference.tins,
            description: describeFills(say`The recipe's tins`, shown.reference.tins, units),
          },
          {
            title: say`My tins`,
            fills: shown.fill.tins,
            description: describeFills(say`My tins`, shown.fill.tins, units),
          },
        ];
  return (
    <section className="panel overflow-hidden" aria-label={say`Same batter, other tin`}>
      <div className="px-4 pt-4 md:px-6">{heading}</div>
      <div className="grid gap-x-10 gap-y-4 px-4 pt-3 md:grid-cols-2 md:px-6">
        <RecipeSide
          question={question}
          read={read}
          recipes={recipes}
          units={units}
          batter={shown?.mix ?? null}
          onChange={onChange}
        />
        <TinsSide
          question={question}
          read={read}
          cupboard={cupboard}
          units={units}
          onChange={onChange}
        />
      </div>
      <p
        aria-live="polite"
        className={
          problem === null
            ? "sr-only"
            : "mx-4 my-3 rounded-control border-[1.5px] border-tomato bg-white px-3 py-1.5 font-semibold text-tomato md:mx-6"
        }
      >
        {problem}
        {problem !== null && (
          <span className="font-normal text-ink-2">
            {shown === null
              ? " The answer stands here once it can."
              : " Below stands the last answer."}
          </span>
        )}
      </p>
      {shown !== null && (
        <>
          <div className="px-4 pt-10 md:px-6">
            <SectionDrawing groups={groups} units={units} isStale={!plan.ok} />
          </div>
          <div className="h-1 bg-ink max-md:hidden" />
          <div className={plan.ok ? "" : "opacity-40"}>
            <PlanFigures plan={shown} question={question} units={units} onChange={onChange} />
            <EachTin plan={shown} units={units} />
            <Notes plan={shown} units={units} />
          </div>
        </>
      )}
    </section>
  );
}
