"use client";

import { useId } from "react";
import type { Question } from "@/core/ask";
import type { HeatWhileBaking, Lesson } from "@/core/logbook";
import { heatWhileBakingText, LESSON_CHANGES, lessonText } from "@/words/lessons";
import { useSay } from "../frame/units";
import type { StationProps } from "../frame/station-props";
import type { History } from "../logbook/history";

type LessonsProps = Pick<StationProps, "question" | "plan" | "units" | "onChange"> & {
  readonly history: History;
};

/** What her pages teach beside minutes, each taken into the plan or out of it by a button. */
export function Lessons({ question, plan, units, history, onChange }: LessonsProps) {
  const say = useSay();
  const { taught, oven } = question;
  const lessons = history.lessons.filter(({ kind }) => kind === null || kind === plan.mix.kind);
  const heats = history.heats.filter((heat) => heat.oven === oven?.name);
  const gone = TAUGHT.filter(
    (of) => taught[of] !== undefined && !lessons.some((lesson) => lesson.of === of),
  );
  if (lessons.length === 0 && heats.length === 0 && gone.length === 0) return null;
  const take = (of: Lesson["of"], value: number | undefined): void =>
    onChange({ taught: { ...taught, [of]: value } }, `taught-${of}`);
  return (
    <section
      aria-label="What else your pages say"
      className="border-t-[1.5px] border-line px-6 py-3 max-sm:px-4"
    >
      <h3 className="text-[17px]">What else your pages say</h3>
      <ul className="space-y-2 pt-1">
        {lessons.map((lesson) => (
          <Said
            key={lesson.of}
            text={lessonText(lesson, units)}
            changes={say(LESSON_CHANGES[lesson.of])}
            use={takenOf(lesson, taught[lesson.of])}
            onUse={() => take(lesson.of, valueOf(lesson))}
            onTakeOut={() => take(lesson.of, undefined)}
          />
        ))}
        {gone.map((of) => (
          <Said
            key={of}
            text="No page says this any more, and it is still in the plan."
            changes={say(LESSON_CHANGES[of])}
            use="used"
            onUse={() => undefined}
            onTakeOut={() => take(of, undefined)}
          />
        ))}
        {oven !== null &&
          heats.map((heat) => {
            const without = oven.spec.readings.filter((reading) => !isSame(reading, heat));
            const readings = [...without, { dialC: heat.dialC, trueC: heat.trueC }];
            const change = (to: typeof readings): void =>
              onChange(
                { oven: { ...oven, spec: { ...oven.spec, readings: to } } },
                `heat-${heat.dialC}`,
              );
            return (
              <Said
                key={`heat ${heat.dialC}`}
                text={heatWhileBakingText(heat, units)}
                changes="where the dial is set"
                use={without.length < oven.spec.readings.length ? "used" : "unused"}
                onUse={() => change(readings)}
                onTakeOut={() => change(without)}
              />
            );
          })}
      </ul>
    </section>
  );
}

const TAUGHT = Object.keys(LESSON_CHANGES) as readonly Lesson["of"][];

const isSame = (
  reading: { readonly dialC: number; readonly trueC: number },
  heat: HeatWhileBaking,
): boolean => reading.dialC === heat.dialC && reading.trueC === heat.trueC;

/** As it is taken over, to three places. */
const valueOf = ({ learnt }: Lesson): number => Number(learnt.mean.toFixed(3));

type Taken = "unused" | "used" | "older";

const takenOf = (lesson: Lesson, taken: Question["taught"][Lesson["of"]]): Taken =>
  taken === undefined ? "unused" : taken === valueOf(lesson) ? "used" : "older";

function Said({
  text,
  changes,
  use,
  onUse,
  onTakeOut,
}: {
  readonly text: string;
  readonly changes: string;
  readonly use: Taken;
  readonly onUse: () => void;
  readonly onTakeOut: () => void;
}) {
  const said = useId();
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 text-[15px]">
      <p id={said} className="min-w-0 flex-1 basis-72">
        {text} <span className="text-ink-2">Changes {changes}.</span>
      </p>
      {use === "older" && (
        <button type="button" className="button" aria-describedby={said} onClick={onUse}>
          Take the newer pages in
        </button>
      )}
      <button
        type="button"
        className="button"
        aria-describedby={said}
        aria-pressed={use !== "unused"}
        onClick={use === "unused" ? onUse : onTakeOut}
      >
        {use === "unused" ? "Use it" : "In the plan: leave out"}
      </button>
    </li>
  );
}
