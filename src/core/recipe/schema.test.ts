import { describe, expect, it } from "vitest";
import { emptyRecipe, freshId, parseRecipeDoc, RECIPE_LIMITS, type RecipeDoc } from ".";
import { withSharedPart } from "./shared-part";

const doc = emptyRecipe("Loaf");
const line = (id: string, text: string): RecipeDoc["parts"][number]["lines"][number] => ({
  id,
  text,
});

describe("a recipe from outside", () => {
  it("is taken whole", () => {
    expect(parseRecipeDoc(doc)).toEqual({ ok: true, value: doc });
    expect(
      parseRecipeDoc(
        JSON.parse(JSON.stringify({ ...doc, kind: "pound", weighedGravity: 0.9, portions: 8 })),
      ),
    ).toMatchObject({ ok: true, value: { kind: "pound", portions: 8 } });
  });

  it.each<[string, unknown, object]>([
    ["nothing", null, { code: "wrong-type" }],
    ["no name", { ...doc, name: "  " }, { code: "missing", path: "name" }],
    ["a field nobody knows", { ...doc, colour: "blue" }, { code: "unknown-field", path: "colour" }],
    ["no part", { ...doc, parts: [] }, { code: "missing", path: "parts" }],
    [
      "too many lines",
      {
        ...doc,
        parts: [
          {
            ...doc.parts[0],
            lines: Array.from({ length: RECIPE_LIMITS.lines + 1 }, (_, at) => line(`l${at}`, "x")),
          },
        ],
      },
      { code: "too-many", path: "parts[0].lines", value: 401, max: 400 },
    ],
    [
      "a batter lighter than foam",
      { ...doc, weighedGravity: 0.01 },
      { code: "out-of-range", path: "weighedGravity", value: 0.01, min: 0.15, max: 1.5 },
    ],
    [
      "an oven that melts",
      { ...doc, bake: { tins: [], ovenC: 900 } },
      { code: "out-of-range", path: "bake.ovenC", max: 260 },
    ],
    [
      "a tin that is none",
      { ...doc, bake: { tins: [{ shape: "star" }] } },
      { code: "not-a-choice", path: "bake.tins[0].shape" },
    ],
    [
      "an own cup of a thimble",
      {
        ...doc,
        measures: {
          cup: { ownMl: 5 },
          spoon: "us",
          heap: "level",
          flour: "spooned",
          egg: "us-large",
        },
      },
      { code: "out-of-range", path: "measures.cup.ownMl", value: 5, min: 100 },
    ],
  ])("%s is refused, named with its range", (_name, input, issue) => {
    expect(parseRecipeDoc(input)).toMatchObject({ ok: false, issue });
  });

  it("gives new lines the first id that is free", () => {
    expect(freshId("l", ["l1", "l3"])).toBe("l2");
    expect(freshId("p", [])).toBe("p1");
  });
});

describe("a part of another recipe", () => {
  const owner: RecipeDoc = {
    ...doc,
    parts: [
      {
        id: "p2",
        role: "frosting",
        name: "Malt frosting",
        steps: [{ id: "s1", text: "Beat." }],
        lines: [
          {
            ...line("l1", "150 g oil"),
            swap: { id: "butter-to-oil", was: [line("l0", "180 g butter")] },
          },
        ],
      },
    ],
  };
  const part = {
    id: "p9",
    role: "frosting",
    name: "Frosting",
    lines: [line("x", "old")],
    steps: [],
    from: { recipe: "malt", part: "p2" },
  } as const;
  const used = { ...part, lines: [...part.lines], steps: [] };

  it("has that recipe's lines and steps as they are now, under ids of its own and without its swaps", () => {
    const filled = withSharedPart(used, owner);
    expect(filled.lines).toEqual([{ id: "p9-l1", text: "150 g oil" }]);
    expect(filled.steps).toEqual([{ id: "p9-s1", text: "Beat." }]);
    expect(filled).toMatchObject({ id: "p9", name: "Frosting" });
  });

  it("stays the copy it was when the recipe or its part is gone, and a part of its own stays itself", () => {
    expect(withSharedPart(used, null)).toBe(used);
    expect(
      withSharedPart({ ...used, from: { recipe: "malt", part: "gone" } }, owner).lines,
    ).toEqual(used.lines);
    expect(withSharedPart({ ...used, from: undefined }, owner).lines).toEqual(used.lines);
  });
});
