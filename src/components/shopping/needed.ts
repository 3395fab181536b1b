"use client";

import { useEffect, useState } from "react";
import { partsMadeFor } from "@/core/ask";
import { allergensOn } from "@/core/caution";
import { plannedCake, type CakeDoc, type PlannedCake } from "@/core/kept";
import type { Allergen, Pantry } from "@/core/pantry";
import { needsOf, serveDetail } from "@/core/plan";
import type { CakeNeed } from "@/core/shopping";
import type { Units } from "@/words";

export type WantedCake = {
  readonly id: string;
  readonly name: string;
  readonly doc: CakeDoc;
  /** The day it is wanted, `2026-12-05`. */
  readonly wantedOn: string;
  /** It was baked already: nothing of it is to be begun or bought. */
  readonly isBaked: boolean;
};

/** What a cake takes, once it is worked out. */
export type NeededCake = WantedCake & {
  /** Null where it can't be planned yet. */
  readonly planned: PlannedCake | null;
  /** What it still takes; nothing once it is baked. */
  readonly needs: readonly CakeNeed[];
  /** What it takes, or took. */
  readonly takes: readonly CakeNeed[];
  /** How many it is cut in. */
  readonly pieces: number;
  readonly allergens: readonly Allergen[];
};

function neededFor(cake: WantedCake, pantry: Pantry, units: Units): NeededCake {
  const planned = plannedCake(cake.doc, { size: units.measure, heat: units.heat }, pantry);
  if (planned === null) return { ...cake, planned, needs: [], takes: [], pieces: 0, allergens: [] };
  const { input, plan, formula } = planned;
  const made = partsMadeFor(cake.doc.question);
  const takes = needsOf(input, plan, formula, made, pantry).map((need) => ({
    ...need,
    cake: cake.id,
  }));
  return {
    ...cake,
    planned,
    needs: cake.isBaked ? [] : takes,
    takes,
    pieces: serveDetail(input, plan).pieces,
    allergens: allergensOn(
      plan.finish.batches.map(({ stuff }) => stuff),
      input.recipe.holds ?? { allergens: [], hazards: [] },
    ),
  };
}

/** So many are worked out with the page, the others in the browser, one after another. */
const WITH_THE_PAGE = 2;
const AT_A_TIME = 3;

/**
 * What each cake takes; those not yet worked out are left out, the first come first. Cakes that
 * arrive anew are worked out anew.
 */
export function useNeeded(
  cakes: readonly WantedCake[],
  pantry: Pantry,
  units: Units,
): readonly NeededCake[] {
  const some = (from: number, count: number): readonly NeededCake[] =>
    cakes.slice(from, from + count).map((cake) => neededFor(cake, pantry, units));
  const [worked, setWorked] = useState(() => ({ cakes, units, needed: some(0, WITH_THE_PAGE) }));
  const isOfThese = worked.cakes === cakes && worked.units === units;
  const needed = isOfThese ? worked.needed : NOTHING;
  useEffect(() => {
    if (needed.length >= cakes.length) return;
    const next = setTimeout(() => {
      const more = cakes
        .slice(needed.length, needed.length + AT_A_TIME)
        .map((cake) => neededFor(cake, pantry, units));
      setWorked({ cakes, units, needed: [...needed, ...more] });
    });
    return () => clearTimeout(next);
  }, [needed, cakes, pantry, units]);
  return needed;
}

const NOTHING: readonly NeededCake[] = [];
