import type { Composition, CupG, FoodGroup, Ingredient } from "../ingredient";

/** Where each column's figures come from. */
export const SOURCES: Readonly<Record<string, string>> = {
  cupG: "Level US cups, from public household-weight tables and the usual kitchen ranges; judgement where they disagree.",
  batterGPerMl:
    "Densities of the dissolved or dispersed solid, by group; judgement from general food-engineering figures.",
  per100:
    "Public food-composition tables, rounded to the gram; ranges between varieties are wider than the rounding.",
  allergens: "What the plain ingredient is made of. A pack's own label comes first.",
  eachG: "Household weights of medium pieces, from public tables.",
  yieldShare: "Usual kitchen losses; a weighed-again amount replaces it.",
  packG: "Packs commonly sold; judgement.",
  keeps: "General household advice; the pack's own date comes first.",
};

type Defaults = Pick<
  Ingredient,
  "batterGPerMl" | "allergens" | "isInclusion" | "hasAcid" | "keeps"
>;
const usual = (batterGPerMl: number, keeps: string, extra: Partial<Defaults> = {}): Defaults => ({
  batterGPerMl,
  keeps,
  allergens: [],
  isInclusion: false,
  hasAcid: false,
  ...extra,
});

const DRY = "cupboard, closed, 12 months";
const COLD = "fridge, by the date on it";

/** What is the same for nearly all of a group. */
const GROUP_DEFAULTS: Readonly<Record<FoodGroup, Defaults>> = {
  flour: usual(1.45, DRY),
  starch: usual(1.5, DRY),
  sugar: usual(1.6, "cupboard, dry, for years"),
  "brown-sugar": usual(1.58, "cupboard, airtight, 18 months", { hasAcid: true }),
  syrup: usual(1.4, "cupboard, 12 months", { hasAcid: true }),
  butter: usual(0.93, "fridge 2 months, freezer 6", { allergens: ["milk"] }),
  oil: usual(0.915, "cupboard, dark, 6 months"),
  egg: usual(1.035, "fridge, 3 to 4 weeks", { allergens: ["egg"] }),
  "egg-white": usual(1.035, "fridge 2 days, freezer 3 months", { allergens: ["egg"] }),
  "egg-yolk": usual(1.035, "fridge 2 days, under water", { allergens: ["egg"] }),
  milk: usual(1.03, COLD, { allergens: ["milk"] }),
  "cultured-milk": usual(1.03, COLD, { allergens: ["milk"], hasAcid: true }),
  cream: usual(0.99, COLD, { allergens: ["milk"] }),
  "soft-cheese": usual(1.03, COLD, { allergens: ["milk"] }),
  water: usual(1, "as it comes"),
  "acid-liquid": usual(1.02, COLD, { hasAcid: true }),
  leavener: usual(2.2, "cupboard, dry, 6 months once opened"),
  soda: usual(2.2, "cupboard, dry, 6 months once opened"),
  salt: usual(2.2, "for ever"),
  cocoa: usual(1.42, "cupboard, 18 months"),
  chocolate: usual(1.3, "cupboard, cool, 12 months", { allergens: ["milk", "soya"] }),
  "nut-meal": usual(1.08, "fridge 3 months, freezer 6", { allergens: ["nuts"] }),
  nuts: usual(1.05, "fridge 3 months, freezer 6", { allergens: ["nuts"], isInclusion: true }),
  oats: usual(1.35, DRY, { allergens: ["oats"] }),
  "dried-fruit": usual(1.38, "cupboard, 6 months once opened", { isInclusion: true }),
  "fresh-fruit": usual(1.03, "fridge, a few days", { isInclusion: true }),
  puree: usual(1.03, "fridge, 3 days", { hasAcid: true }),
  spice: usual(1.4, "cupboard, dark, 12 months"),
  flavouring: usual(1, "cupboard, for years"),
  setting: usual(1.3, DRY),
  other: usual(1.1, DRY),
};

type Extras = Partial<Omit<Ingredient, "id" | "name" | "also" | "group" | "cupG" | "per100">>;

/**
 * One row of the catalogue.
 * @param names the usual name, then what else it is called, parted by bars
 * @param cupG grams a US cup: spooned, or by way; null when it is not measured so
 * @param composition water, fat, sugar, protein, starch, salt of 100 g
 */
export function row(
  id: string,
  group: FoodGroup,
  names: string,
  cupG: number | CupG | null,
  composition: readonly [
    water: number,
    fat: number,
    sugar: number,
    protein: number,
    starch: number,
    salt: number,
  ],
  extras: Extras = {},
): Ingredient {
  const [name = id, ...also] = names.split("|");
  const [water, fat, sugar, protein, starch, salt] = composition;
  const per100: Composition = { water, fat, sugar, protein, starch, salt };
  return {
    id,
    name,
    also,
    group,
    cupG: typeof cupG === "number" ? { spooned: cupG } : cupG,
    per100,
    ...GROUP_DEFAULTS[group],
    ...extras,
  };
}
