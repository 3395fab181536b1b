"use client";

import type { Comparison, RuleError } from "@/core/bake";
import type { Lesson } from "@/core/logbook";
import { heatText, minutesText, percentText } from "@/words";
import { RULE_NAMES } from "@/words/bakes";
import { useSay, useUnits } from "../frame/units";
import { PastBakes } from "./past-bakes";
import type { PastBake } from "./past-chart";
import { UsualChart } from "./usual-chart";

type HowSureProps = {
  readonly comparison: readonly Comparison[];
  readonly rules: readonly RuleError[];
  /** Her own bakes, oldest first, and what else her logbook says. */
  readonly own: readonly PastBake[];
  readonly other: readonly Lesson[];
};

/** What the forecast of minutes rests on and how wrong it may be, misses included. */
export function HowSure({ comparison, rules, own, other }: HowSureProps) {
  const say = useSay();
  const { units } = useUnits();
  const others = comparison.slice(1);
  const inside = others.filter(({ missMin }) => missMin < 0.5).length;
  const worst = others.reduce(
    (best, each) => (each.missMin > best.missMin ? each : best),
    others[0] ?? { missMin: 0, usual: { name: "" } },
  );
  return (
    <article className="max-w-4xl space-y-6">
      <header>
        <h1 className="mt-2 text-[27px]">How sure is this?</h1>
        <p className="pt-1 text-[17px]">
          A forecast says when to look, not when it is done. From one bake of a creamed batter in
          two 8 in rounds, {inside} of {others.length}
          {say` other tins come out within half a minute of their usual range; the worst miss is `}
          {minutesText(Math.round(worst.missMin))}, for {worst.usual.name}.
        </p>
      </header>
      <PastBakes own={own} other={other} />
      <section aria-labelledby="usual" className="panel px-4 py-4 md:px-6">
        <h2 id="usual" className="text-[19px]">
          1.2 L of creamed batter at {heatText(177, units)}
          {say`, shiny tins`}
        </h2>
        <p className="text-[15px] text-ink-2">
          Bars: the minutes recipes usually give. Dots: our forecast from the first line alone.
        </p>
        <UsualChart comparison={comparison} />
        <div
          className="overflow-x-auto"
          role="region"
          aria-label="Usual and forecast minutes"
          tabIndex={0}
        >
          <table className="mt-2 w-full text-left text-[15px]">
            <thead className="label">
              <tr>
                <th scope="col" className="py-1 pr-3 font-normal">
                  {say`Tins`}
                </th>
                <th scope="col" className="py-1 pr-3 font-normal">
                  Usual
                </th>
                <th scope="col" className="py-1 pr-3 font-normal">
                  Forecast
                </th>
                <th scope="col" className="py-1 pr-3 font-normal">
                  Cell by cell
                </th>
                <th scope="col" className="py-1 font-normal">
                  Off by
                </th>
              </tr>
            </thead>
            <tbody>
              {comparison.map(({ usual, closedFormMin, solvedMin, missMin }, index) => (
                <tr key={usual.name} className="border-t-[1.5px] border-line">
                  <th scope="row" className="py-1 pr-3 font-semibold">
                    {usual.name}
                    {usual.ovenC === 177 ? "" : ` at ${heatText(usual.ovenC, units)}`}
                  </th>
                  <td className="pr-3 whitespace-nowrap">
                    {usual.fromMin} to {minutesText(usual.toMin)}
                  </td>
                  <td className="pr-3 whitespace-nowrap">
                    {minutesText(Math.round(closedFormMin))}
                  </td>
                  <td className="pr-3 whitespace-nowrap">{minutesText(Math.round(solvedMin))}</td>
                  <td className={missMin >= 2.5 ? "font-semibold text-tomato" : ""}>
                    {index === 0
                      ? "it rests on this"
                      : missMin < 0.5
                        ? "inside"
                        : minutesText(Math.round(missMin))}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <p className="pt-2 text-[15px]">
          {say`Red: more than two and a half minutes outside. For one tin filled much deeper than the recipe's own the usual times contradict any smooth law: such a forecast gets a wider window and says so.`}
        </p>
      </section>
      <section aria-labelledby="rules" className="panel px-4 py-4 md:px-6">
        <h2 id="rules" className="text-[19px]">
          Against rules of thumb
        </h2>
        <p className="text-[15px] text-ink-2">
          {say`Minutes carried from every tin above to every other one, and how far off they land.`}
        </p>
        <table className="mt-2 w-full max-w-xl text-left text-[15px]">
          <thead className="label">
            <tr>
              <th scope="col" className="py-1 pr-3 font-normal">
                Going by
              </th>
              <th scope="col" className="py-1 pr-3 font-normal">
                Off on average
              </th>
              <th scope="col" className="py-1 font-normal">
                At worst
              </th>
            </tr>
          </thead>
          <tbody>
            {rules.map(({ rule, mean, worst: most }) => (
              <tr key={rule} className="border-t-[1.5px] border-line">
                <th scope="row" className="py-1 pr-3 font-semibold">
                  {RULE_NAMES[rule]}
                </th>
                <td className="pr-3">{percentText(mean)}</td>
                <td>{percentText(most)}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="pt-2 text-[15px]">
          {say`The forecast is worth having for cups, loaves, rings, deep tins and changes of heat. Among flat tins filled to one depth a good rule does as well.`}
        </p>
      </section>
      <section aria-labelledby="window" className="space-y-2 text-[16px]">
        <h2 id="window" className="text-[19px]">
          The window, and what is not in it
        </h2>
        <p>
          {say`“Start checking” to “latest” holds about seven bakes in ten, not all. In the recipe's own tin at another temperature it runs from 0.90 to 1.12 of the likely minutes. In another tin it is wider, the wider the further the minutes are from the recipe's; without any minutes to go by it is about a quarter either way. Your own bakes narrow it: add them under “What the minutes rest on”.`}
        </p>
        <p>
          {say`Crown and colour are only told against the recipe's own bake, less, same or more: the absolute figures are not good enough to print.`}
        </p>
        <p>
          {say`Not counted: crowded shelves, the glare of an element, chilled tins, an opened door. Silicone comes out too fast. Heights above sea level are left to the recipe. Two signs that agree outrank every number here.`}
        </p>
      </section>
    </article>
  );
}
