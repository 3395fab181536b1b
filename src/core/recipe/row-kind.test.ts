import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { rowKind, unmarked, unnumbered, type RowPlace, type RowKind } from "./row-kind";

const PANTRY = pantryOf();
const kind = (text: string, mode: RowPlace["mode"], changes: Partial<RowPlace> = {}): RowKind =>
  rowKind(
    unmarked(text),
    text,
    { title: "Cake", mode, hasIngredientHeading: mode !== "top", ...changes },
    PANTRY,
  );

describe("a line among the ingredients", () => {
  it.each<[string, RowKind]>([
    ["200 g plain flour", "ingredient"],
    ["• 2 eggs", "ingredient"],
    ["salt", "ingredient"],
    ["a little milk, if needed", "ingredient"],
    ["Zest and juice of 1 lemon", "ingredient"],
    ["butter for greasing", "ingredient"],
    ["100 g dark chocolate (70 %), melted", "ingredient"],
    ["1 x 400 g tin peaches in juice, drained", "ingredient"],
    ["For the syrup:", "part"],
    ["**Frosting**", "part"],
    ["Crumble topping", "part"],
    ["To fill", "part"],
    ["To decorate", "part"],
    ["For the icing beat butter and sugar", "step"],
    ["For the crumble topping", "part"],
    ["Method", "heading"],
    ["Directions:", "heading"],
    ["Notes", "heading"],
    ["Preheat the oven to 180 °C.", "step"],
    ["1. Mix the flour and eggs.", "step"],
    ["Beat everything.", "step"],
    ["Cream butter and sugar until light.", "step"],
    ["Oven 170", "heat"],
    ["Serves 8", "yield"],
    ["Tins: 2 x 20 cm round", "tins"],
    ["https://lantern-row.example/loaf", "source"],
  ])("%j is %s", (text, expected) => {
    expect(kind(text, "ingredients")).toBe(expected);
  });
});

describe("a line at the top, before anything is known", () => {
  it.each<[string, RowKind]>([
    ["Makes 12 squares", "yield"],
    ["Prep time: 20 mins | Cook time: 40 mins", "minutes"],
    ["180 °C fan", "heat"],
    ["a lined 33 x 23 cm tray", "tins"],
    ["250 g self-raising flour", "ingredient"],
    ["Our neighbour on the quay has made this for every supper since the lamps were lit", "note"],
    ["Heat the oven to 170 °C.", "step"],
    ["Ingredients", "heading"],
    ["You'll need:", "heading"],
  ])("%j is %s", (text, expected) => {
    expect(kind(text, "top")).toBe(expected);
  });

  it("is the name of the recipe while there is none, whatever it looks like", () => {
    for (const text of ["Pear loaf", "CHOCOLATE STOUT CAKE", "Cake of the harbour, in two layers"])
      expect(kind(text, "top", { title: null })).toBe("title");
    expect(kind("Ingredients", "top", { title: null })).toBe("heading");
  });
});

describe("a line among the steps", () => {
  it.each<[string, RowKind]>([
    ["Bake for 30 minutes until golden.", "step"],
    ["3. Cool.", "step"],
    ["Step 4: Turn out and peel off the paper.", "step"],
    ["100 g icing sugar", "ingredient"],
    ["For the frosting", "part"],
    ["Tips", "heading"],
    ["Enjoy!", "note"],
    ["Ingredients", "second-recipe"],
  ])("%j is %s", (text, expected) => {
    expect(kind(text, "steps")).toBe(expected);
  });
});

it("everything after the notes is a note, but a heading", () => {
  expect(kind("Keeps 3 days in the fridge.", "notes")).toBe("note");
  expect(kind("200 g of it freezes well", "notes")).toBe("note");
  expect(kind("Method", "notes")).toBe("heading");
});

it("marks of lists and Markdown are taken off, numbers only from steps", () => {
  expect(
    ["## Method", "- [x] 2 eggs", "* **200 g** flour", "> 3 pears", "☐ milk"].map(unmarked),
  ).toEqual(["Method", "2 eggs", "200 g flour", "3 pears", "milk"]);
  expect(
    ["1. Mix", "2) Bake", "Step 3: Cool", "4 - Eat", "1.5 hours in the oven"].map(unnumbered),
  ).toEqual(["Mix", "Bake", "Cool", "Eat", "1.5 hours in the oven"]);
});
