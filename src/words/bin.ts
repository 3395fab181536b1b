/** What lies in the bin; matches the data layer's without depending on it. */
type Kind = "cake" | "recipe" | "tin" | "oven" | "record" | "portions";

export const BIN_NAMES: Readonly<Record<Kind, string>> = {
  cake: "a cake",
  recipe: "a recipe",
  tin: "a tin",
  oven: "an oven",
  record: "a page of the logbook",
  portions: "from the freezer",
};

export const BIN_TOLD = "What you delete stays here for thirty days, then it goes for good.";

export const START_EMPTY_TOLD =
  "All recipes, cakes, tins, ovens and bakes go, the logbook and the freezer too. Before that a backup is made, and bringing it back undoes this.";
