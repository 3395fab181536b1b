import { allergensOn } from "../caution";
import type { Portions } from "../freezer";
import { serveDetail } from "../plan";
import type { PlannedCake } from "./planned-cake";

/**
 * The pieces of a kept cake as they are put away: how many there are, what one weighs, how long they
 * keep and what they hold, by its plan.
 * @param cake its id and name @param madeOn `2026-12-05`
 */
export function portionsOfCake(
  cake: { readonly id: string; readonly name: string },
  { input, plan }: PlannedCake,
  madeOn: string,
): Portions {
  const { cakes, pieces, keeping } = serveDetail(input, plan);
  const massG = cakes.reduce((sum, each) => sum + each.cakes * each.pieces * each.pieceG, 0);
  const { because, ...days } = keeping;
  return {
    name: cake.name,
    what: "cake",
    count: pieces,
    left: pieces,
    eachG: massG > 0 ? Math.round(massG / pieces) : null,
    keeping: days,
    isCold: because !== null,
    allergens: [
      ...allergensOn(
        plan.finish.batches.map(({ stuff }) => stuff),
        input.recipe.holds ?? { allergens: [], hazards: [] },
      ),
    ],
    madeOn,
    place: days.freezerMonths === 0 ? "fridge" : "freezer",
    thawedOn: "",
    bestBefore: "",
    wantedAt: "",
    cakeId: cake.id,
    notes: "",
  };
}
