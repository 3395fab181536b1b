import { kitchenGrams, roundTo } from "@/core/measure";
import type { FoodGroup } from "@/core/pantry";
import type { OnBatterThing } from "@/core/fill";
import type { Stuff } from "@/core/build";
import type {
  Aisle,
  Bought,
  Cost,
  HowListed,
  Item,
  ItemAmount,
  LeftOver,
  ListedRow,
  Price,
  ShoppingRow,
} from "@/core/shopping";
import { foodName, sayIn } from "./vocabulary";
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

export const GOT_NAMES: Readonly<Record<HowListed, string>> = {
  bought: "in the basket",
  had: "in the kitchen",
  open: "to buy",
  used: "used",
  stocked: "in the kitchen",
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
export function itemName(item: Item, units: Units): string {
  switch (item.is) {
    case "ingredient":
      return foodName(item.ingredient.name, units);
    case "named":
      return item.name;
    case "bought":
      return sayIn(units)(boughtName(item.what));
    default:
      return item satisfies never;
  }
}

function boughtName(what: Bought): string {
  if (what === "cases") return "paper cases";
  if (what === "baking-paper") return "baking paper";
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

/** Packs as they are sold: hers, or where one weighs in grams the usual ones. */
function packsText({ item, packs, aisle }: ShoppingRow, units: Units): string {
  if (packs === null) return "";
  const { count, each, over, isOwn } = packs;
  if (each.in === "pieces") {
    const left = Math.floor(over + 0.01);
    return `${count} ${count === 1 ? "box" : "boxes"} of ${roundTo(each.amount, 1)}${left === 0 ? "" : `, ${left} over`}`;
  }
  if (!isOwn && (aisle === "cupboard" || units.measure !== "metric")) return "";
  const left = kitchenGrams(over) < LEAST_OVER_G ? "" : `, ${heldText(item, over, units)} over`;
  return `${fraction(count)} × ${heldText(item, each.amount, units)}${left}`;
}

/** Less that is left over is nothing, g. */
const LEAST_OVER_G = 10;

/** An amount of an item as one reads it: 3, 250 g, 300 ml, plenty. */
export function itemAmountText(amount: ItemAmount | "plenty", item: Item, units: Units): string {
  if (amount === "plenty") return "plenty";
  if (amount.amount === 0) return "none";
  return amount.in === "pieces"
    ? fraction(roundTo(amount.amount, 0.5))
    : heldText(item, amount.amount, units);
}

/** What of a row the kitchen has, as it stands under it. */
export function inKitchenText({ inKitchen, how, item }: ListedRow, units: Units): string {
  if (inKitchen === null) return "";
  const { amount, isClose } = inKitchen;
  if (amount === "plenty") return "plenty here";
  const has = itemAmountText(amount, item, units);
  if (how !== "stocked") return `besides the ${has} here`;
  return isClose ? `about ${has} here: look first` : `about ${has} here`;
}

/** What is left over, and how long it keeps: 100 ml, buttermilk, opened: fridge 7 days. */
export function leftOverText(
  { ingredient, amount }: LeftOver,
  units: Units,
): { readonly name: string; readonly amount: string; readonly keeps: string } {
  return {
    name: foodName(ingredient.name, units),
    amount: itemAmountText(amount, { is: "ingredient", ingredient }, units),
    keeps: ingredient.keeps,
  };
}

/** How much of a list is had: 4 ticked off, 3 here already. */
export function hadText(rows: readonly Pick<ListedRow, "how">[]): string {
  const stocked = rows.filter(({ how }) => how === "stocked").length;
  const ticked = rows.length - stocked;
  return [
    ticked === 0 ? "" : `${ticked} ticked off`,
    stocked === 0 ? "" : `${stocked} here already`,
  ]
    .filter((each) => each !== "")
    .join(", ");
}

/** A price with the sign it was typed with. */
export const priceText = ({ amount, sign }: Price): string =>
  `${sign}${sign.length > 1 ? "\u00a0" : ""}${amount.toFixed(2)}`;

/** @example of two prices, one missing: £3.20, without 1 thing that has no price */
export function sumText({ sums, unpriced }: Cost): string {
  const priced = sums.map(({ sign, amount }) => priceText({ sign, amount })).join(" and ");
  if (priced === "") return "";
  return unpriced === 0
    ? priced
    : `${priced}, without ${unpriced} ${unpriced === 1 ? "thing that has" : "things that have"} no price`;
}

/** What a cake takes, and a piece of it: £3.20, £0.27 a piece. Empty where nothing has a price. */
export function cakeCostText({ sums, unpriced }: Cost, pieces: number): string {
  const [only, ...others] = sums;
  const each =
    only === undefined || others.length > 0 || pieces < 2
      ? ""
      : `, ${priceText({ ...only, amount: only.amount / pieces })} a piece`;
  const priced = sums.map(priceText).join(" and ");
  if (priced === "") return "";
  return unpriced === 0 ? `${priced}${each}` : `${priced}${each}, ${unpriced} without a price`;
}

/** A row in one line, to be sent or read out. */
export function shoppingText(line: ShoppingLine): string {
  const besides = [line.packs, line.note].filter((each) => each !== "").join("; ");
  return `${line.amount} ${line.name}${besides === "" ? "" : ` (${besides})`}`;
}
