"use client";

import type { RecipeDoc } from "@/core/recipe";
import { heatText, minutesText, tinText, type Units } from "@/words";

type Bake = RecipeDoc["bake"];

/** The bakes a recipe tells of, when it tells of several: one is its own, any other can be. */
export function OwnBakes({
  doc: { bake, otherBakes = [] },
  units,
  onChange,
}: {
  readonly doc: RecipeDoc;
  readonly units: Units;
  readonly onChange: (change: (doc: RecipeDoc) => RecipeDoc) => void;
}) {
  if (otherBakes.length === 0) return null;
  // In an order of their own, so that they keep their places whichever is chosen.
  const all = [bake, ...otherBakes]
    .map((each) => ({ each, text: bakeText(each, units) }))
    .toSorted((a, b) => a.text.localeCompare(b.text));
  return (
    <div
      role="group"
      aria-label="Baked in one of these"
      className="no-print flex flex-wrap items-center gap-2 border-b-[1.5px] border-line py-2"
    >
      <span className="label">Baked in</span>
      {all.map(({ each, text }) => (
        <button
          key={JSON.stringify(each)}
          type="button"
          className={`button !min-h-9 ${each === bake ? "button-next" : ""}`}
          aria-pressed={each === bake}
          onClick={() =>
            onChange((old) => ({
              ...old,
              bake: each,
              otherBakes: [old.bake, ...(old.otherBakes ?? [])].filter(
                (other) => JSON.stringify(other) !== JSON.stringify(each),
              ),
            }))
          }
        >
          {text}
        </button>
      ))}
    </div>
  );
}

const bakeText = ({ tins, ovenC, minutes }: Bake, units: Units): string =>
  [
    tins.map((tin) => tinText(tin, units)).join(" and "),
    ovenC === undefined ? "" : heatText(ovenC, units),
    minutes === undefined ? "minutes not said" : minutesText(minutes),
  ]
    .filter((part) => part !== "")
    .join(", ");
