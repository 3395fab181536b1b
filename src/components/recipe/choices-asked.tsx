"use client";

import type { Pantry } from "@/core/pantry";
import { otherChoice, type RecipeDoc } from "@/core/recipe";
import { changeLine } from "./recipe-changes";

/** The ingredients a recipe gives a choice of: which of them is taken, and the other a click away. */
export function ChoicesAsked({
  doc: { parts },
  pantry,
  onChange,
}: {
  readonly doc: RecipeDoc;
  readonly pantry: Pantry;
  readonly onChange: (change: (doc: RecipeDoc) => RecipeDoc) => void;
}) {
  const asked = parts
    .flatMap(({ lines }) => lines)
    .flatMap((line) => {
      const other = otherChoice(line.text, pantry);
      return other === null ? [] : [{ line, other }];
    });
  if (asked.length === 0) return null;
  return (
    <ul
      aria-label="Which will it be?"
      className="no-print space-y-1 border-b-[1.5px] border-line py-2"
    >
      {asked.map(({ line, other }) => (
        <li key={line.id} className="flex flex-wrap items-center gap-2">
          <span className="label">Which will it be?</span>
          <button type="button" aria-pressed className="button button-next !min-h-9">
            {other.own}
          </button>
          <button
            type="button"
            aria-pressed={false}
            className="button !min-h-9"
            onClick={() =>
              onChange(
                changeLine(line.id, {
                  text: other.turned,
                  ingredient: undefined,
                  weighedG: undefined,
                }),
              )
            }
          >
            {other.line}
          </button>
        </li>
      ))}
    </ul>
  );
}
