"use client";

import { useEffect, useState } from "react";
import type { Scaling, WorkedRecipe } from "@/core/plan";
import { scaledRow, totalMass } from "@/core/recipe";
import { ingredientText, gramsText, kitchenText, METRIC, weightText } from "@/words";
import { useUnits } from "../frame/units";

/**
 * Ticking off the lines while weighing, with floury hands: large rows, and the weight that should
 * be in the bowl.
 */
export function WeighView({
  recipeId,
  worked,
  scaling,
}: {
  readonly recipeId: string;
  readonly worked: WorkedRecipe;
  readonly scaling: Scaling;
}) {
  const { units } = useUnits();
  const key = `weighed-${recipeId}`;
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());

  useEffect(() => {
    const kept = (localStorage.getItem(key) ?? "").split(" ").filter((id) => id !== "");
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the ticks are only known in the browser
    setTicked(new Set(kept));
  }, [key]);

  function tick(ids: ReadonlySet<string>): void {
    setTicked(ids);
    localStorage.setItem(key, [...ids].join(" "));
  }

  return (
    <div className="space-y-5">
      {worked.formula.parts
        .filter(({ rows }) => rows.length > 0)
        .map(({ part, rows }) => {
          const scaled = rows.map((row) => scaledRow(row, scaling, worked.measures));
          const inBowl = totalMass(scaled.filter(({ row }) => ticked.has(row.line.id)));
          return (
            <section
              key={part.id}
              aria-label={`Weigh ${part.name}`}
              className="panel overflow-hidden"
            >
              <div className="flex items-baseline justify-between gap-3 bg-yolk-soft px-4 py-3">
                <h2 className="text-xl">{part.name}</h2>
                <p role="status">
                  in the bowl{" "}
                  <span className="figure-text text-2xl">
                    {inBowl === 0 ? `0\u00a0g` : weightText(inBowl, METRIC)}
                  </span>
                </p>
              </div>
              <ul className="divide-y-[1.5px] divide-line">
                {scaled.map(({ row, shownG, kitchen, eggs }) => {
                  const isTicked = ticked.has(row.line.id);
                  const name = ingredientText(row, units);
                  return (
                    <li key={row.line.id}>
                      <label
                        className={`flex min-h-16 items-center gap-4 px-4 py-2 text-[19px] ${isTicked ? "text-ink-2" : ""}`}
                      >
                        <input
                          type="checkbox"
                          className="size-8 shrink-0 accent-ink"
                          checked={isTicked}
                          onChange={(event) => {
                            const ids = new Set(ticked);
                            if (event.target.checked) ids.add(row.line.id);
                            else ids.delete(row.line.id);
                            tick(ids);
                          }}
                        />
                        <span
                          className={`min-w-0 flex-1 break-words ${isTicked ? "line-through" : ""}`}
                        >
                          {name === "" ? row.line.text : name}
                          {row.read.note !== "" && (
                            <span className="block text-[17px] text-ink-2">{row.read.note}</span>
                          )}
                        </span>
                        <span className="max-w-[48%] text-right">
                          <span className="figure-text block text-2xl whitespace-nowrap">
                            {shownG === null ? "—" : gramsText(shownG)}
                          </span>
                          <span className="block text-[17px] text-ink-2">
                            {eggs !== null
                              ? `${eggs} pieces`
                              : kitchen === null
                                ? ""
                                : kitchenText(kitchen)}
                          </span>
                        </span>
                      </label>
                    </li>
                  );
                })}
              </ul>
            </section>
          );
        })}
      <button
        type="button"
        className="button min-h-16"
        onClick={() => tick(new Set())}
        disabled={ticked.size === 0}
      >
        Start again: nothing weighed
      </button>
    </div>
  );
}
