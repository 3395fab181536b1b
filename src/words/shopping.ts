import { kitchenGrams, roundTo } from "@/core/measure";
import type { FoodGroup } from "@/core/pantry";
import type { OnBatterThing } from "@/core/fill";
import type { Stuff } from "@/core/build";
import type { Aisle, Bought, HowGot, Item, ShoppingRow } from "@/core/shopping";
import { foodName } from "./vocabulary";
import { ON_BATTER_NAMES } from "./filling";
import { stuffName } from "./finishing";
import { fraction, volumeText, weightText } from "./quantities";
import type { Units } from "./regions";

export const AISLE_NAMES: Readonly<Record<Aisle, string>> = {
  "fruit-and-vegetables": "Fruit and vegetables",
  fridge: "Eggs, butter, milk",
  baking: "Baking",
  "nuts-and-dried-fruit": "Nuts and dried fruit",
  "tins-jars-bottles": "Jars, cans and bottles",
  decoration: "Decoration and paper",
  cupboard: "A little of each: look in the cupboard first",
  other: "Everything else",
};

export const GOT_NAMES: Readonly<Record<HowGot, string>> = {
  bought: "in the basket",
  had: "in the kitchen",
  open: "to buy",
};

/** What is measured rather than weighed in a shop. */
const POURED: readonly FoodGroup[] = ["milk", "cream", "oil", "acid-liquid", "water"];

/** A row of a shopping list as one reads it in a shop. */
export type ShoppingLine = {
  readonly name: string;
  /** How much is needed: 7, 320 g, some. */
  readonly amount: string;
  /** How it is sold, and what of that is left: 2 × 250 g, 180 g over; empty where nobody knows. */
  readonly packs: string;
  /** What else there is to know: about how heavy, what of it is wanted. */
  readonly note: string;
};

/** @example of 7 eggs: { name: "eggs", amount: "7", packs: "2 boxes of 6, 5 over", note: "" } */
export function shoppingLine(row: ShoppingRow, units: Units): ShoppingLine {
  const { item, pieces, grossG, isSome, parts } = row;
  const weight = grossG === null ? null : heldText(item, grossG, units);
  const amount = pieces === null ? (weight ?? "some") : String(pieces);
  const isEggs = item.is === "ingredient" && item.ingredient.group === "egg";
  const notes = [
    pieces !== null && weight !== null && parts.length === 0 && !isEggs ? `about ${weight}` : "",
    parts.length > 0 ? `for ${partsText(row)}` : "",
    isSome && amount !== "some" ? "and some more" : "",
  ];
  return {
    name: itemName(item, units),
    amount,
    packs: packsText(row, units),
    note: notes.filter((note) => note !== "").join(", "),
  };
}

/** What an item is called. */
function itemName(item: Item, units: Units): string {
  switch (item.is) {
    case "ingredient":
      return foodName(item.ingredient.name, units);
    case "named":
      return item.name;
    case "bought":
      return boughtName(item.what);
    default:
      return item satisfies never;
  }
}

function boughtName(what: Bought): string {
  if (what === "cases") return "paper cases";
  if (what === "fruit") return "fruit";
  return what in ON_BATTER_NAMES
    ? ON_BATTER_NAMES[what as OnBatterThing].toLowerCase()
    : stuffName(what as Stuff);
}

/** What of a whole thing is wanted, as it stands in its recipes: lemon zest and lemon juice. */
const partsText = ({ parts }: ShoppingRow): string => parts.map(({ name }) => name).join(", ");

function heldText(item: Item, grossG: number, units: Units): string {
  const poured = item.is === "ingredient" && POURED.includes(item.ingredient.group);
  if (poured) return volumeText(grossG / item.ingredient.batterGPerMl, units);
  const isKilos = units.measure === "metric" && grossG >= 1000;
  return isKilos
    ? `${roundTo(grossG / 1000, grossG < 10_000 ? 0.05 : 0.1)}\u00a0kg`
    : weightText(grossG, units);
}

/** Packs as they are sold where one weighs in grams; elsewhere they are of other sizes. */
function packsText({ item, packs, aisle }: ShoppingRow, units: Units): string {
  if (packs === null || item.is !== "ingredient") return "";
  const { count, eachG, overG } = packs;
  const { group, eachG: pieceG = 0 } = item.ingredient;
  if (group === "egg") {
    const [inBox, over] = [Math.round(eachG / pieceG), Math.floor(overG / pieceG + 0.01)];
    return `${count} ${count === 1 ? "box" : "boxes"} of ${inBox}${over === 0 ? "" : `, ${over} over`}`;
  }
  if (aisle === "cupboard" || units.measure !== "metric") return "";
  const over = kitchenGrams(overG) < LEAST_OVER_G ? "" : `, ${heldText(item, overG, units)} over`;
  return `${fraction(count)} × ${heldText(item, eachG, units)}${over}`;
}

/** Less that is left over is nothing, g. */
const LEAST_OVER_G = 10;

/** A row in one line, to be sent or read out. */
export function shoppingText(line: ShoppingLine): string {
  const besides = [line.packs, line.note].filter((each) => each !== "").join("; ");
  return `${line.amount} ${line.name}${besides === "" ? "" : ` (${besides})`}`;
}
