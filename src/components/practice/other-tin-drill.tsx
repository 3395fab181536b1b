"use client";

import { useMemo, useState } from "react";
import { numberIn, boxed, readMinutes } from "@/core/measure";
import { guessJudged, otherTinCase, type DrillRecipe } from "@/core/practice";
import type { Tin, TinFamily } from "@/core/tin";
import { heatText, issueText, minutesText, tinText } from "@/words";
import { guessText, otherTinLesson } from "@/words/practice";
import { Field } from "../frame/field";
import { useSay, useUnits } from "../frame/units";
import { EmptyTin } from "../section/empty-tin";
import { DrillEnd } from "./drill-end";
import { useAnswer, type KeepAnswer } from "./use-answer";

type OtherTinDrillProps = {
  readonly seed: number;
  readonly family: TinFamily;
  readonly recipes: readonly DrillRecipe[];
  readonly tins: readonly Tin[];
  readonly keep: KeepAnswer;
};

const GuessSchema = numberIn(1, 400, "min");

/** How long in another tin: a guess first, then the forecast. */
export function OtherTinDrill({ seed, family, recipes, tins, keep }: OtherTinDrillProps) {
  const say = useSay();
  const { units } = useUnits();
  const asked = useMemo(
    () => otherTinCase(seed, family, recipes, tins),
    [seed, family, recipes, tins],
  );
  const [typed, setTyped] = useState("");
  const [guess, setGuess] = useState<number | null>(null);
  const answer = useAnswer(keep);
  if (asked === null)
    return (
      <p className="panel px-6 py-5">
        {say`No recipe of this kitchen can be asked about in such a tin. Add one with its tins, its heat and its minutes.`}
      </p>
    );
  const { reference } = asked.recipe;
  const ownMin = reference.minutes ?? asked.minutes.likelyMin;
  const read = boxed("minute", typed, readMinutes, GuessSchema, "minutes");
  const own = reference.tins[0];

  function judge(minutes: number): void {
    if (asked === null) return;
    setGuess(minutes);
    const { verdict, log } = guessJudged(asked, minutes);
    answer.tell({
      drill: "other-tin",
      about: family,
      seed,
      verdict,
      log,
    });
  }

  return (
    <section className="panel space-y-4 px-6 py-5 max-sm:px-4" aria-label={say`The other tin`}>
      <p className="max-w-[70ch] text-[17px]">
        {say`“${asked.name}” is written for ${reference.tins.map((tin) => tinText(tin, units)).join(", ")}: ${minutesText(ownMin)} at ${heatText(reference.ovenC, units)}. It goes as deep into this tin: ${tinText(asked.tin, units)}.`}
      </p>
      <div className="flex flex-wrap items-end gap-x-10 gap-y-3" aria-hidden>
        {own !== undefined && <Drawn tin={own} says={say`its own`} />}
        <Drawn tin={asked.tin} says={say`this tin`} />
      </div>
      {guess === null ? (
        <form
          className="flex max-w-xs items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            if (read.ok) judge(read.value);
          }}
        >
          <Field
            label="How many minutes, you think?"
            value={typed}
            onChange={setTyped}
            placeholder="25"
            problem={typed === "" || read.ok ? null : issueText(read.issue, units)}
          />
          <button type="submit" className="button button-next" disabled={!read.ok}>
            Guess
          </button>
        </form>
      ) : (
        <DrillEnd
          drill="other-tin"
          isRight={guessJudged(asked, guess).verdict === "right"}
          verdict={say(guessText(guessJudged(asked, guess), asked))}
          lesson={say(otherTinLesson(ownMin, asked))}
          trouble={answer.trouble}
          onKeepAgain={answer.again}
        >
          <p>You said {minutesText(guess)}.</p>
        </DrillEnd>
      )}
    </section>
  );
}

/** All tins of a drill are drawn at one scale. */
const PX_PER_MM = 0.6;

function Drawn({ tin, says }: { readonly tin: Tin; readonly says: string }) {
  return (
    <span className="flex flex-col items-center gap-1">
      <EmptyTin tin={tin} pxPerMm={PX_PER_MM} />
      <span className="text-[14px] text-ink-2">{says}</span>
    </span>
  );
}
