import type { Stuff } from "../build";
import type { OnBatterThing } from "../fill";
import { foldName, type Ingredient } from "../pantry";

/** What is put on a cake or baked in and is bought by the piece or as it is, besides its pantry. */
export type Bought = Stuff | OnBatterThing | "cases" | "baking-paper";

/** Something to be had before a cake can be made. */
export type Item =
  | { readonly is: "ingredient"; readonly ingredient: Ingredient }
  | { readonly is: "bought"; readonly what: Bought }
  /** What nobody has a row for, by the recipe's own words. */
  | { readonly is: "named"; readonly name: string };

/** What one line of one cake takes of something. */
export type Need = {
  readonly item: Item;
  /** As it is used: peeled, stoned, shelled, g. Null where the line says no amount. */
  readonly netG: number | null;
  /** Where it is counted: eggs, candles, strawberries. Null where it is weighed. */
  readonly pieces: number | null;
};

/** A need with the cake that has it. */
export type CakeNeed = Need & { readonly cake: string };

/** Keys are no longer, however long a line is that nobody can read. */
export const MOST_KEY = 200;

/** What an item is known by: the same for all lines that mean the same thing in a shop. */
export function itemKey(item: Item): string {
  switch (item.is) {
    case "ingredient":
      return item.ingredient.id;
    case "bought":
      return `bought:${item.what}`;
    case "named":
      return `named:${foldName(item.name)}`.slice(0, MOST_KEY);
    default:
      return item satisfies never;
  }
}
