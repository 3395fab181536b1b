"use client";

import type { BakeDetail, CakePlan, SolvedTin } from "@/core/plan";
import { minutesText, tinText, type Units } from "@/words";
import { againstText } from "@/words/bakes";
import { useSay } from "../frame/units";

type BakeTinsProps = {
  readonly plan: CakePlan;
  readonly detail: BakeDetail;
  readonly shown: number;
  readonly solvedOf: (tin: number) => SolvedTin | null;
  readonly units: Units;
  readonly onShow: (tin: number) => void;
};

/**
 * Several kinds of tin at once: when each is looked at, which comes out first; each can be cut
 * open.
 */
export function BakeTins({ plan, detail, shown, solvedOf, units, onShow }: BakeTinsProps) {
  const say = useSay();
  if (plan.bake.tins.length < 2) return null;
  const place = (tin: number): number => detail.outOrder.findIndex((group) => group.includes(tin));
  return (
    <div
      role="region"
      aria-label={say`The tins`}
      tabIndex={0}
      className="overflow-x-auto border-t-[1.5px] border-line px-6 py-3 max-sm:px-4"
    >
      <table className="w-full text-left text-[15px]">
        <caption className="sr-only">{say`The tins in the order they come out`}</caption>
        <thead className="label">
          <tr>
            <th scope="col" className="py-1 pr-3 font-normal">
              Comes out
            </th>
            <th scope="col" className="py-1 pr-3 font-normal">
              {say`Tin`}
            </th>
            <th scope="col" className="py-1 pr-3 font-normal">
              Start checking
            </th>
            <th scope="col" className="py-1 pr-3 font-normal">
              Likely
            </th>
            <th scope="col" className="py-1 pr-3 font-normal">
              Latest
            </th>
            <th scope="col" className="py-1 font-normal max-sm:hidden">
              Against the recipe&apos;s own
            </th>
          </tr>
        </thead>
        <tbody>
          {detail.outOrder.flat().map((tin) => {
            const minutes = plan.bake.tins[tin];
            const fill = plan.fill.tins[tin];
            const solved = solvedOf(tin);
            if (minutes === undefined || fill === undefined) return null;
            return (
              <tr
                key={tin}
                className={`border-t-[1.5px] border-line ${tin === shown ? "bg-yolk-soft" : ""}`}
              >
                <td className="py-1 pr-3">{ORDINALS[place(tin)] ?? `${place(tin) + 1}th`}</td>
                <th scope="row" className="pr-3 font-semibold">
                  <button
                    type="button"
                    aria-pressed={tin === shown}
                    className="min-h-9 text-left underline-offset-2 hover:underline"
                    onClick={() => onShow(tin)}
                  >
                    {tinText(fill.geometry.tin, units)}
                  </button>
                </th>
                <td className="pr-3 whitespace-nowrap">{minutesText(minutes.firstLookMin)}</td>
                <td className="pr-3 font-semibold whitespace-nowrap">
                  {minutesText(minutes.likelyMin)}
                </td>
                <td className="pr-3 whitespace-nowrap">{minutesText(minutes.notPastMin)}</td>
                <td className="max-sm:hidden">
                  {solved === null ? "" : againstText(solved, units)}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {plan.bake.tins.length > 1 && (
        <p className="pt-1 text-[14px] text-ink-2">
          Shut the door quickly when one comes out: the others lose heat too.
        </p>
      )}
    </div>
  );
}

const ORDINALS: Readonly<Record<number, string>> = { 0: "1st", 1: "2nd", 2: "3rd" };
