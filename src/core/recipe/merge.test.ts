import { describe, expect, it } from "vitest";
import { emptyRecipe, mergedRecipe, type Part, type RecipeDoc } from ".";

const part: Part = {
  id: "p1",
  role: "batter",
  name: "Cake",
  lines: [
    { id: "a", text: "200 g flour" },
    { id: "b", text: "3 eggs" },
  ],
  steps: [{ id: "s", text: "Mix." }],
};
const BASE: RecipeDoc = { ...emptyRecipe("Pear loaf"), parts: [part], notes: "" };
const withPart = (changes: Partial<Part>): RecipeDoc => ({
  ...BASE,
  parts: [{ ...part, ...changes }],
});

describe("two changes of one recipe", () => {
  it("come together where they are of other lines, steps and fields", () => {
    const mine = withPart({
      lines: [
        { id: "a", text: "250 g flour" },
        { id: "b", text: "3 eggs" },
      ],
    });
    const theirs = {
      ...withPart({
        steps: [{ id: "s", text: "Mix well." }],
        lines: [...part.lines, { id: "c", text: "1 pear" }],
      }),
      notes: "For the ferry.",
    };
    expect(mergedRecipe(BASE, mine, theirs)).toEqual({
      ...BASE,
      notes: "For the ferry.",
      parts: [
        {
          ...part,
          lines: [
            { id: "a", text: "250 g flour" },
            { id: "b", text: "3 eggs" },
            { id: "c", text: "1 pear" },
          ],
          steps: [{ id: "s", text: "Mix well." }],
        },
      ],
    });
  });

  it.each<[string, RecipeDoc, RecipeDoc]>([
    [
      "one line",
      withPart({
        lines: [
          { id: "a", text: "250 g flour" },
          { id: "b", text: "3 eggs" },
        ],
      }),
      withPart({
        lines: [
          { id: "a", text: "300 g flour" },
          { id: "b", text: "3 eggs" },
        ],
      }),
    ],
    ["the name", { ...BASE, name: "Plum loaf" }, { ...BASE, name: "Fig loaf" }],
    [
      "a part that one took out and the other changed",
      { ...BASE, parts: [] },
      withPart({ name: "Loaf" }),
    ],
  ])("are the baker's to settle where both changed %s", (_what, mine, theirs) => {
    expect(mergedRecipe(BASE, mine, theirs)).toBeNull();
  });
});
