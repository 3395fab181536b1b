"use client";

import { Check } from "lucide-react";
import { madeSpread } from "@/core/plan";
import type { BakeDoc, PlannedCake } from "@/core/kept";
import { kitchenGrams } from "@/core/measure";
import { batterPart, scaledRow, measuresOf } from "@/core/recipe";
import type { Task } from "@/core/day";
import { foodName, gramsText, ingredientText, piecesText, type Units } from "@/words";

type TickListProps = {
  readonly lines: readonly {
    readonly id: string;
    readonly massG: number | null;
    readonly name: string;
  }[];
  readonly ticked: ReadonlySet<string>;
  readonly onTick: (line: string, isTicked: boolean) => void;
};

/** What is weighed, each ticked when it is in its bowl. */
export function TickList({ lines, ticked, onTick }: TickListProps) {
  return (
    <ul aria-label="Ingredients" className="grid gap-2 sm:grid-cols-2">
      {lines.map(({ id, massG, name }) => {
        const isTicked = ticked.has(id);
        return (
          <li key={id}>
            <button
              type="button"
              aria-pressed={isTicked}
              onClick={() => onTick(id, !isTicked)}
              className={`flex min-h-16 w-full items-center gap-3 rounded-panel border-2 px-4 text-left ${isTicked ? "border-deep-line bg-transparent text-deep-text" : "border-deep-line bg-deep-2"}`}
            >
              <span className="figure-text w-24 shrink-0 text-[25px]">
                {massG === null ? "—" : gramsText(massG)}
              </span>
              <span
                className={`min-w-0 flex-1 text-[20px] leading-tight ${isTicked ? "line-through" : ""}`}
              >
                {name}
              </span>
              {isTicked && <Check size={26} aria-hidden className="shrink-0 text-deep-leaf" />}
            </button>
          </li>
        );
      })}
    </ul>
  );
}

/**
 * What a step wants weighed: a part's lines, scaled, or the usual formula of what is made; nothing
 * where neither is known.
 */
export function linesOf(
  { doing }: Task,
  planned: PlannedCake | null,
  cake: BakeDoc["cakes"][number] | undefined,
  units: Units,
): TickListProps["lines"] {
  if (planned === null || cake === undefined) return [];
  const { plan, formula } = planned;
  if (doing.do === "make") {
    const made =
      doing.what === "syrup"
        ? null
        : madeSpread(doing.what, doing.massG, cake.doc.question.finish.rounding, null);
    return (
      made?.formula.lines.map(({ name, massG }) => ({
        id: name,
        massG: kitchenGrams(massG),
        name: foodName(name, units),
      })) ?? []
    );
  }
  if (doing.do !== "weigh" || formula === null || cake.doc.recipe === null) return [];
  const { part } = doing;
  const own =
    part === undefined ? undefined : formula.parts.find((each) => each.part.id === part.id);
  const measures = measuresOf(cake.doc.recipe.doc);
  return (own ?? batterPart(formula)).rows
    .map((row) =>
      scaledRow(
        row,
        {
          times: part?.times ?? plan.scale,
          leavening: "as-written",
          egg: own === undefined ? plan.egg : null,
        },
        measures,
      ),
    )
    .map(({ row, shownG, eggs }) => ({
      id: row.line.id,
      massG: shownG,
      name: `${ingredientText(row, units)}${eggs === null ? "" : `, ${piecesText(eggs)}`}`,
    }));
}
