import { sum } from "d3-array";
import type { Ingredient, Pantry } from "../pantry";
import type { Aisle } from "./aisles";
import type { ItemAmount } from "./larder";
import type { ListedRow } from "./got";
import type { CakeNeed } from "./need";

/** What is left of what was bought: of an opened pack, or the other half of an egg. */
export type LeftOver = { readonly ingredient: Ingredient; readonly amount: ItemAmount };

/** Where what is left of a pack does not keep for months. */
const FRESH: readonly Aisle[] = ["fridge", "fruit-and-vegetables", "tins-jars-bottles"];
/** Less than this of a pack is scraped out with the rest. A judgement. */
const LEAST_SHARE = 0.1;
/** So little less than a whole one is one. */
const NEARLY_ONE = 0.1;

/**
 * What will be over of the fresh things on a list, and whites or yolks that nothing takes.
 * @param needs of all cakes, so that a white one cake leaves is another's
 * @param rows as they are to be bought, or are in the kitchen
 */
export function leftOver(
  needs: readonly CakeNeed[],
  rows: readonly ListedRow[],
  pantry: Pantry,
): readonly LeftOver[] {
  return [
    ...rows.flatMap((row): readonly LeftOver[] => {
      const { item, aisle } = row;
      const rest = restOf(row);
      return rest !== null && item.is === "ingredient" && FRESH.includes(aisle)
        ? [{ ingredient: item.ingredient, amount: rest }]
        : [];
    }),
    ...otherHalves(needs, pantry),
  ];
}

/** What is over of the packs to be bought, or of what is in the kitchen; null for next to nothing. */
function restOf({ packs, inKitchen, how, exact, grossG }: ListedRow): ItemAmount | null {
  if (how !== "stocked" || inKitchen === null)
    return packs === null ? null : worthAUse(packs.each, packs.over);
  const needed = exact ?? grossG;
  return inKitchen.amount === "plenty" || needed === null
    ? null
    : worthAUse(inKitchen.amount, inKitchen.amount.amount - needed);
}

const worthAUse = (all: ItemAmount, over: number): ItemAmount | null =>
  (all.in === "pieces" ? over >= 1 : over > LEAST_SHARE * all.amount)
    ? { in: all.in, amount: over }
    : null;

/** Of eggs bought for their whites the yolks, or the other way round. */
function otherHalves(needs: readonly CakeNeed[], pantry: Pantry): readonly LeftOver[] {
  const [whites, yolks] = ["egg-white", "egg-yolk"].map((id) => {
    const half = pantry.byId.get(id);
    const wanted = sum(needs, ({ item, netG, pieces }) =>
      item.is === "ingredient" && item.ingredient.id === id
        ? (pieces ?? (netG ?? 0) / (item.ingredient.eachG ?? Infinity))
        : 0,
    );
    return { half, wanted };
  });
  if (whites?.half === undefined || yolks?.half === undefined) return [];
  const amount = Math.floor(Math.abs(whites.wanted - yolks.wanted) + NEARLY_ONE);
  const ingredient = whites.wanted > yolks.wanted ? yolks.half : whites.half;
  return amount === 0 ? [] : [{ ingredient, amount: { in: "pieces", amount } }];
}
