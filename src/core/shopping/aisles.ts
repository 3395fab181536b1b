import type { FoodGroup } from "../pantry";
import type { Item } from "./need";

/** Places of a shop, in the order one walks through it; at last what most kitchens have. */
export const AISLES = [
  "fruit-and-vegetables",
  "fridge",
  "baking",
  "nuts-and-dried-fruit",
  "tins-jars-bottles",
  "decoration",
  "cupboard",
  "other",
] as const;
export type Aisle = (typeof AISLES)[number];

/** Where a shop has each group. `cupboard`: a little of what is bought once a year. */
const AISLE_OF: Readonly<Record<FoodGroup, Aisle>> = {
  flour: "baking",
  starch: "baking",
  sugar: "baking",
  "brown-sugar": "baking",
  syrup: "tins-jars-bottles",
  butter: "fridge",
  oil: "tins-jars-bottles",
  egg: "fridge",
  "egg-white": "fridge",
  "egg-yolk": "fridge",
  milk: "fridge",
  "cultured-milk": "fridge",
  cream: "fridge",
  "soft-cheese": "fridge",
  water: "tins-jars-bottles",
  "acid-liquid": "tins-jars-bottles",
  leavener: "cupboard",
  soda: "cupboard",
  salt: "cupboard",
  cocoa: "baking",
  chocolate: "baking",
  "nut-meal": "nuts-and-dried-fruit",
  nuts: "nuts-and-dried-fruit",
  oats: "baking",
  "dried-fruit": "nuts-and-dried-fruit",
  "fresh-fruit": "fruit-and-vegetables",
  puree: "fruit-and-vegetables",
  spice: "cupboard",
  flavouring: "cupboard",
  setting: "cupboard",
  other: "other",
};

/** What its group would send to the wrong shelf. */
const ELSEWHERE: Readonly<Record<string, Aisle>> = {
  "evaporated-milk": "tins-jars-bottles",
  "coconut-milk": "tins-jars-bottles",
  "pineapple-rings": "tins-jars-bottles",
  "apple-sauce": "tins-jars-bottles",
  "pumpkin-puree": "tins-jars-bottles",
  "chestnut-puree": "tins-jars-bottles",
  calamansi: "fruit-and-vegetables",
  herbs: "fruit-and-vegetables",
  "ginger-fresh": "fruit-and-vegetables",
  "edible-flowers": "decoration",
  sprinkles: "decoration",
  "sugar-pearls": "decoration",
  "food-colour": "decoration",
  fondant: "decoration",
  "milk-powder": "baking",
  "malted-milk-powder": "baking",
  "meringue-powder": "baking",
  marshmallow: "baking",
  tofu: "fridge",
  "hard-cheese": "fridge",
  coffee: "cupboard",
  tea: "cupboard",
  spirit: "tins-jars-bottles",
  "desiccated-coconut": "nuts-and-dried-fruit",
  ghee: "tins-jars-bottles",
  lard: "fridge",
  shortening: "baking",
};

/** Where an item stands in a shop. */
export function aisleOf(item: Item): Aisle {
  if (item.is === "named") return "other";
  if (item.is === "bought") return "decoration";
  const { id, group } = item.ingredient;
  return ELSEWHERE[id] ?? AISLE_OF[group];
}
