"use client";

import { AIR_MM, type ShelfPlan } from "@/core/bake";
import type { TinGeometry } from "@/core/tin";
import { depthText, tinText, type Units } from "@/words";
import { useSay } from "../frame/units";
import type { StationProps } from "../frame/station-props";
import { ShelfDrawing } from "../oven/shelf-drawing";

type ShelfLoadsProps = {
  readonly plan: ShelfPlan;
  readonly oven: StationProps["question"]["oven"];
  readonly tins: readonly TinGeometry[];
  readonly units: Units;
};

/** How the tins go onto the oven's shelves: all at once, or load after load. */
export function ShelfLoads({ plan, oven, tins, units }: ShelfLoadsProps) {
  const say = useSay();
  if (oven === null) return null;
  const name = (tin: number): string => {
    const spec = tins[tin]?.tin;
    return spec === undefined
      ? say`a tin`
      : tinText({ ...spec, ...(spec.shape === "well" ? {} : { count: 1 }) }, units);
  };
  return (
    <div>
      {plan.tooLarge.map((tin) => (
        <p key={tin} className="font-semibold text-tomato">
          The {name(tin)} does not go onto this oven&apos;s shelf with {depthText(AIR_MM, units)} of
          air around it.
        </p>
      ))}
      {plan.crowding.map((tin) => (
        <p key={tin} className="font-semibold text-crust">
          The {name(tin)} covers over three quarters of the shelf: air can hardly pass, so it bakes
          unevenly. Turn it at the first look.
        </p>
      ))}
      {plan.loads.length > 0 && (
        <p>
          {plan.loads.length === 1
            ? `All of it goes in at once${(plan.loads[0]?.length ?? 0) > 1 ? ", on two shelves: change them over at the first look" : ""}.`
            : say`${plan.loads.length} loads: with ${depthText(AIR_MM, units)} of air around each tin not all of them fit at once.`}
        </p>
      )}
      {(plan.loads.length > 1 || (plan.loads[0]?.flat().length ?? 0) > 1) && (
        <ol className="flex flex-wrap gap-4 pt-2">
          {plan.loads.map((load, index) => (
            <li key={index}>
              <p className="text-[14px] text-ink-2">
                {plan.loads.length > 1 ? `Load ${index + 1}` : "From above"}
              </p>
              {load.map((standing, level) => (
                <ShelfDrawing
                  key={level}
                  shelf={oven.spec.shelf}
                  standing={standing}
                  names={tins.map((_, tin) => name(tin))}
                  widthPx={150}
                />
              ))}
            </li>
          ))}
        </ol>
      )}
    </div>
  );
}
