"use client";

import { useState } from "react";
import { AIR_MM, shelfPlan, type KitchenOven } from "@/core/bake";
import { tinGeometry } from "@/core/tin";
import { depthText, type Say, type Units } from "@/words";
import { useSay, useUnits } from "../frame/units";
import type { TinChoice } from "../frame/choices";
import { ShelfDrawing } from "./shelf-drawing";
import { Tick } from "../frame/tick";

type ShelfTrialProps = { readonly spec: KitchenOven; readonly tins: readonly TinChoice[] };

/**
 * The shelf from above, with the baker's own tins on it: what goes in at once with 25 mm of air
 * around each tin.
 */
export function ShelfTrial({ spec, tins }: ShelfTrialProps) {
  const say = useSay();
  const { units } = useUnits();
  const [taken, setTaken] = useState<ReadonlyMap<string, number>>(
    () =>
      new Map(
        [tins.find(({ owned, tin }) => owned > 1 && tin.shape !== "well") ?? tins[0]].flatMap(
          (first) => (first === undefined ? [] : [[first.id, first.owned] as const]),
        ),
      ),
  );
  const chosen = tins.flatMap(({ id, name, tin }) => {
    const number = taken.get(id) ?? 0;
    const geometry = tinGeometry(tin);
    return number > 0 && geometry.ok
      ? [
          {
            name,
            number,
            geometry: {
              ...geometry.value,
              ...(tin.shape === "well"
                ? { count: geometry.value.count * number }
                : { count: number }),
            },
          },
        ]
      : [];
  });
  const plan = shelfPlan(
    chosen.map(({ geometry }) => geometry),
    spec.shelf,
  );
  const names = chosen.map(({ name }) => name);
  const set = (id: string, number: number): void => setTaken(new Map([...taken, [id, number]]));
  return (
    <section aria-labelledby="shelf" className="panel px-4 pt-3 pb-4 md:px-6">
      <h2 id="shelf" className="text-[19px]">
        On its shelf
      </h2>
      <p role="status" className="text-[15px] text-ink-2">
        {verdict(plan, names, say, units)}
      </p>
      <div className="flex flex-wrap gap-4 pt-2">
        {(plan.loads.length === 0 ? [[[]]] : plan.loads).map((load, index) => (
          <div key={index} className="min-w-0">
            {plan.loads.length > 1 && <p className="label">Load {index + 1}</p>}
            {load.map((standing, level) => (
              <ShelfDrawing
                key={level}
                shelf={spec.shelf}
                standing={standing}
                names={names}
                widthPx={plan.loads.length > 1 ? 190 : 300}
              />
            ))}
          </div>
        ))}
      </div>
      <fieldset className="pt-2">
        <legend className="label">{say`Tins to stand on it`}</legend>
        <ul className="flex flex-wrap gap-x-4">
          {tins.map(({ id, name, owned }) => (
            <li key={id}>
              <Tick
                className="min-h-10 text-[15px]"
                checked={(taken.get(id) ?? 0) > 0}
                onChange={(isOn) => set(id, isOn ? owned : 0)}
              >
                {owned > 1 ? `${owned} × ` : ""}
                {name}
              </Tick>
            </li>
          ))}
        </ul>
      </fieldset>
    </section>
  );
}

function verdict(
  { loads, tooLarge, crowding }: ReturnType<typeof shelfPlan>,
  names: readonly string[],
  say: Say,
  units: Units,
): string {
  const name = (tin: number): string => names[tin] ?? say`a tin`;
  const said = [
    ...tooLarge.map((tin) => `${name(tin)} is too large for it.`),
    ...crowding.map((tin) => `${name(tin)} covers over three quarters of it: air can hardly pass.`),
    loads.length === 0
      ? ""
      : loads.length === 1
        ? `These go in at once, with ${depthText(AIR_MM, units)} of air around each.`
        : `These take ${loads.length} loads.`,
  ].filter((line) => line !== "");
  return said.length === 0 ? say`Choose tins to see how they stand.` : said.join(" ");
}
