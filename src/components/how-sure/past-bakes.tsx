"use client";

import Link from "next/link";
import { group } from "d3-array";
import type { Lesson } from "@/core/logbook";
import { offBy } from "@/core/plan";
import { minutesText, percentText } from "@/words";
import { lessonText } from "@/words/lessons";
import { recordDay } from "@/words/logbook";
import { useUnits } from "../frame/units";
import { PastChart, type PastBake } from "./past-chart";

type PastBakesProps = { readonly own: readonly PastBake[]; readonly other: readonly Lesson[] };

/** Forecasts of her own bakes, with and without what the bakes before each had taught. */
export function PastBakes({ own, other }: PastBakesProps) {
  const { units } = useUnits();
  const right = own.map((each, at) => ({ ...each, at }));
  const [bare, learnt] = [offBy(right, "bareMin"), offBy(right, "learntMin")];
  const others = other.map((lesson) => lessonText(lesson, units));
  return (
    <section aria-labelledby="own" className="panel px-4 py-4 md:px-6">
      <h2 id="own" className="text-[19px]">
        Your own bakes
      </h2>
      {bare === null || learnt === null ? (
        <p className="text-[15px]">
          No bake of yours came out right with its minutes told yet.{" "}
          <Link className="underline underline-offset-2" href="/logbook/new">
            Write one down
          </Link>{" "}
          and it stands here.
        </p>
      ) : (
        <>
          <p className="text-[15px] text-ink-2">
            {right.length === 1 ? "One bake" : `${right.length} bakes`} that came out right. Half of
            them were within {percentText(bare)} of the recipe&apos;s own forecast, and within{" "}
            {percentText(learnt)} of one that had learnt from the bakes before. Rings: without
            learning. Dots: with it.
          </p>
          <PastChart own={right} />
          <div className="overflow-x-auto" role="region" aria-label="Recipe by recipe" tabIndex={0}>
            <table className="mt-2 w-full min-w-[520px] text-left text-[15px]">
              <thead className="label">
                <tr>
                  {["Recipe", "Bakes", "Last", "Took", "Forecast", "With learning"].map((name) => (
                    <th key={name} scope="col" className="py-1 pr-3 font-normal">
                      {name}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {[...group(right, ({ recipe }) => recipe)].map(([recipe, bakes]) => {
                  const last = bakes.at(-1);
                  return last === undefined ? null : (
                    <tr key={recipe} className="border-t-[1.5px] border-line">
                      <th scope="row" className="py-1 pr-3 font-semibold">
                        {recipe}
                      </th>
                      <td className="pr-3">{bakes.length}</td>
                      <td className="pr-3 whitespace-nowrap">{recordDay(last.madeOn, units)}</td>
                      <td className="pr-3 whitespace-nowrap">{minutesText(last.tookMin)}</td>
                      <td className="pr-3 whitespace-nowrap">
                        {minutesText(Math.round(last.bareMin))}
                      </td>
                      <td className="whitespace-nowrap">
                        {minutesText(Math.round(last.learntMin))}
                      </td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
          </div>
        </>
      )}
      {others.length > 0 && (
        <>
          <h3 className="pt-3 text-[17px]">What else your pages say</h3>
          <ul className="text-[15px]">
            {others.map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
