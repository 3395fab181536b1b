import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { layoutOf } from "./layout";
import { laterRecipes } from "./recipes-of-page";

const pantry = pantryOf();
const starts = (text: string): readonly string[] => {
  const lines = text.split("\n");
  const rows = layoutOf(
    lines.map((line) => ({ text: line, is: null })),
    pantry,
  );
  return laterRecipes(rows).map((at) => lines[at] ?? "");
};

const LOAF = `Pear loaf
200 g flour
150 g sugar
3 eggs
Stir it all and bake in a loaf tin at 170 C for 50 minutes.
Keeps three days.`;

describe("recipes on a page", () => {
  it.each<[string, string, readonly string[]]>([
    ["one is one", LOAF, []],
    [
      "a second one begins under its name",
      `${LOAF}\n\nOAT THINS\n100 g oats\n80 g butter\n50 g sugar\nMelt, stir, and bake at 180 C for 12 minutes.`,
      ["OAT THINS"],
    ],
    [
      "or under its number, with its heat and minutes alone",
      `${LOAF}\n\n2. Plum cups\n6 egg whites\n180 g butter\n100 g icing sugar\nInto 12 cups, 200 °C, 22 minutes.`,
      ["2. Plum cups"],
    ],
    [
      "or where speech says so",
      `${LOAF}\nnow number two is the scones. four hundred grams of flour, fifty grams of butter, fifty grams of sugar, two twenty for twelve minutes.`,
      [
        "now number two is the scones. four hundred grams of flour, fifty grams of butter, fifty grams of sugar, two twenty for twelve minutes.",
      ],
    ],
    [
      "an icing is no recipe, though it has a list",
      `${LOAF}\n\nLemon icing\n100 g icing sugar\n20 g butter\n1 egg white\nBeat it for 5 minutes.`,
      [],
    ],
    [
      "nor are honeycomb pieces, which no oven sees",
      `${LOAF}\n\nHoneycomb\n100 g sugar\n50 g golden syrup\n1 tsp bicarbonate of soda\nBoil for 5 minutes.`,
      [],
    ],
    [
      "nor the base of a cake that goes on",
      `Crumb cake\nBase\n200 g flour\n100 g butter\n50 g sugar\nBake for 10 minutes at 180 C.\n\nCheesecake layer\n500 g cream cheese\n3 eggs\n100 g sugar\nBake for 40 minutes at 160 C.`,
      [],
    ],
  ])("%s", (_name, text, names) => {
    expect(starts(text)).toEqual(names);
  });
});
