"use client";

import Link from "next/link";
import { useDeferredValue, useMemo } from "react";
import type { ReadQuestion } from "@/core/ask";
import { logFor, THIS_RECIPE } from "@/core/logbook";
import { planWithLog, type CakeInput, type CakePlan } from "@/core/plan";
import { minutesText } from "@/words";
import { learntText, nextToLearnText } from "@/words/logbook";
import { useSay } from "../frame/units";
import type { StationProps } from "../frame/station-props";
import type { History } from "../logbook/history";
import { LearntChart } from "./learnt-chart";

type LearntNoteProps = Pick<StationProps, "question" | "read" | "plan" | "onChange"> & {
  readonly history: History;
};

/** Which of the logbook's bakes a cake can rest on. */
const OF = ["recipe", "kitchen"] as const;
type Of = (typeof OF)[number];

function inputOf(read: ReadQuestion): CakeInput | null {
  return read.input.ok ? read.input.value : null;
}

/**
 * What her own bakes say of this cake's minutes: what they would change and how sure that is, taken
 * into the plan or out of it by a button.
 */
export function LearntNote({ question, read, plan, history, onChange }: LearntNoteProps) {
  const say = useSay();
  const input = useDeferredValue(inputOf(read));
  const { bakes, key, untold } = history;
  const ways = useMemo(() => {
    if (input === null || bakes.length === 0) return null;
    const bare = planWithLog(input, []);
    if (bare === null) return null;
    const found = OF.flatMap((of) => {
      const log = logFor(
        bakes.map(({ record }) => record),
        key,
        of,
      ).map(({ bake }) => bake);
      const own = log.filter(({ recipe }) => recipe === THIS_RECIPE).length;
      const made =
        log.length === 0 || (of === "kitchen" && own === log.length)
          ? null
          : planWithLog(input, log);
      return made === null ? [] : [{ of, ...made }];
    });
    return { bare: bare.plan, found };
  }, [input, bakes, key]);
  if (ways === null || ways.found.length === 0) return null;
  const { learnsFrom, log } = question;
  const slowest = slowestOf(plan);
  const setAside = plan.bake.learnt?.setAside ?? [];
  const isNewer = (of: Of): boolean => {
    const now = ways.found.find((way) => way.of === of);
    return now !== undefined && JSON.stringify(now.log) !== JSON.stringify(log);
  };
  const take = (of: Of): void => {
    const way = ways.found.find((each) => each.of === of);
    if (way !== undefined) onChange({ learnsFrom: of, log: [...way.log] }, "learns");
  };
  return (
    <section
      aria-label="What your bakes teach"
      className="border-t-[1.5px] border-line px-6 py-3 max-sm:px-4"
    >
      <h3 className="text-[17px]">What your bakes teach</h3>
      <ul className="space-y-2 pt-1">
        {ways.found.map((way) => {
          const learnt = way.plan.bake.learnt;
          const ratio = learnt?.tins[slowest];
          if (learnt === null || ratio === undefined) return null;
          const isUsed = learnsFrom === way.of;
          return (
            <li key={way.of} className="flex flex-wrap items-center gap-x-4 gap-y-1 text-[15px]">
              <p className="min-w-0 flex-1 basis-72">
                {learntText(ratio, learnt.bakes, way.of)} That is{" "}
                {minutesText(way.plan.bake.likelyMin)} instead of{" "}
                {minutesText(ways.bare.bake.likelyMin)}.
              </p>
              {isUsed && !isNewer(way.of) ? (
                <button
                  type="button"
                  className="button"
                  aria-pressed
                  onClick={() => onChange({ learnsFrom: "nothing", log: [] }, "learns")}
                >
                  In the minutes: leave out
                </button>
              ) : (
                <button type="button" className="button" onClick={() => take(way.of)}>
                  {isUsed
                    ? "Take the newer bakes in"
                    : way.of === "recipe"
                      ? "Use them"
                      : "Use all bakes"}
                </button>
              )}
            </li>
          );
        })}
      </ul>
      <LearntChart
        bars={[
          { name: "recipe alone", minutes: ways.bare.bake },
          ...ways.found.map((way) => ({
            name: way.of === "recipe" ? "its own bakes" : "all bakes",
            minutes: way.plan.bake,
          })),
        ]}
      />
      <p className="pt-1 text-[14px] text-ink-2">
        {setAside.length > 0 &&
          `${setAside.length === 1 ? "One bake is" : `${setAside.length} bakes are`} set aside: too far from all the others (${setAside
            .map((at) => minutesText(log[at]?.minutes ?? 0))
            .join(", ")}). Its page can say that it was so. `}
        {say(
          nextToLearnText({
            readings: question.oven?.spec.readings.length ?? 0,
            untold,
            hasOven: question.oven !== null,
          }),
        )}{" "}
        <Link
          className="underline underline-offset-2"
          href={`/logbook?recipe=${encodeURIComponent(key)}`}
        >
          Its bakes in the logbook
        </Link>
      </p>
    </section>
  );
}

const slowestOf = ({ bake: { tins } }: CakePlan): number =>
  tins.reduce(
    (best, each, index) => (each.likelyMin > (tins[best]?.likelyMin ?? 0) ? index : best),
    0,
  );
