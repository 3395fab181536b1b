"use client";

import { useMemo } from "react";
import { readQuestion, type Question } from "@/core/ask";
import type { Units } from "@/words";

type HabitNoteProps = {
  readonly question: Question;
  readonly units: Units;
  readonly onChange: (changes: Partial<Question>, field?: string) => void;
};

/**
 * Says that the cake's figures without a unit are read as they were written, where the looker's own
 * measures would read them otherwise.
 */
export function HabitNote({ question, units, onChange }: HabitNoteProps) {
  const { habit } = question;
  const mine = useMemo(() => ({ size: units.measure, heat: units.heat }), [units]);
  const isOther = useMemo(
    () =>
      habit !== null &&
      (habit.size !== mine.size || habit.heat !== mine.heat) &&
      JSON.stringify(readQuestion(question, mine).input) !==
        JSON.stringify(readQuestion({ ...question, habit: mine }, mine).input),
    [question, habit, mine],
  );
  if (habit === null || !isOther) return null;
  return (
    <p className="no-print mb-3 flex flex-wrap items-center gap-x-3 gap-y-1 text-[15px]">
      <span>Figures without a unit were written as {namesOf(habit)} here, and are read so.</span>
      <button type="button" className="button" onClick={() => onChange({ habit: mine }, "habit")}>
        Read them as {namesOf(mine)}
      </button>
    </p>
  );
}

const namesOf = ({ size, heat }: NonNullable<Question["habit"]>): string =>
  `${size === "us" ? "inches" : "centimetres"} and °${heat}`;
