"use client";

import { useMemo } from "react";
import type { Pantry } from "@/core/pantry";
import { workRecipe } from "@/core/plan";
import { readAnyRecipe } from "@/core/reading";
import type { RecipeDoc } from "@/core/recipe";
import { useUnits } from "../frame/units";
import { ReadingRows } from "./reading-rows";
import { understoodOf } from "./understood";

type OriginalProps = { readonly doc: RecipeDoc; readonly pantry: Pantry };

/** The text it was read from, with the reading line by line. */
export function Original({ doc: { original, corrections }, pantry }: OriginalProps) {
  const { units } = useUnits();
  const reading = useMemo(
    () => (original === "" ? null : readAnyRecipe(original, pantry, corrections)),
    [original, corrections, pantry],
  );
  if (reading?.ok !== true)
    return <p className="panel p-6">This recipe was written here: there is no other original.</p>;
  return (
    <section className="panel p-4" aria-label="The original as it was read">
      <ReadingRows
        rows={reading.value.rows}
        understood={understoodOf(workRecipe(reading.value.doc, pantry), units)}
      />
    </section>
  );
}
