// What food can do to who eats it: without the catalogue, for pages that only name it.

export const ALLERGENS = [
  "wheat",
  "milk",
  "egg",
  "nuts",
  "peanut",
  "sesame",
  "soya",
  "sulphites",
  "oats",
  "barley",
] as const;
export type Allergen = (typeof ALLERGENS)[number];

/** What an ingredient can do to who eats it or works with it, besides allergens. */
export const HAZARDS_OF_FOOD = [
  "alcohol",
  "raw-root",
  "raw-kernel",
  "raw-bean",
  "hard-sweets",
] as const;
