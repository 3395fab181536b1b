import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import {
  batterPart,
  emptyRecipe,
  formulaOf,
  holdsOf,
  measuresOf,
  missingMain,
  type Hazard,
  type Holds,
  type Part,
  type RecipeDoc,
} from ".";

const PANTRY = pantryOf();
type Given = {
  readonly lines?: readonly string[];
  readonly steps?: readonly string[];
  readonly parts?: readonly Omit<Part, "id" | "lines" | "steps">[];
  readonly partLines?: readonly string[];
  readonly partSteps?: readonly string[];
  readonly notes?: string;
  readonly source?: "oven" | "microwave";
};

const LINES = ["225 g butter", "225 g sugar", "4 eggs", "225 g plain flour", "2 tsp baking powder"];

function doc({
  lines = LINES,
  steps = [],
  partLines,
  partSteps = [],
  notes = "",
  source,
  parts = [{ role: "topping", name: "Topping" }],
}: Given): RecipeDoc {
  const part = (
    id: string,
    head: Omit<Part, "id" | "lines" | "steps">,
    of: readonly string[],
    how: readonly string[],
  ): Part => ({
    ...head,
    id,
    lines: of.map((text, at) => ({ id: `${id}l${at + 1}`, text })),
    steps: how.map((text, at) => ({ id: `${id}s${at + 1}`, text })),
  });
  const batter = part("p1", { role: "batter", name: "Cake" }, lines, steps);
  return {
    ...emptyRecipe("Harbour cake"),
    parts:
      partLines === undefined
        ? [batter]
        : [batter, ...parts.map((head) => part("p2", head, partLines, partSteps))],
    notes,
    bake: { tins: [], ...(source === undefined ? {} : { source }) },
  };
}

function holds(given: Given): Holds {
  const recipe = doc(given);
  return holdsOf(recipe, formulaOf(recipe, PANTRY, measuresOf(recipe)), PANTRY);
}

describe("what can hurt, each with a recipe that has it and the plain one that has not", () => {
  it.each<[Hazard, Given]>([
    ["alcohol", { lines: [...LINES, "3 tbsp dark rum"] }],
    ["raw-root", { lines: ["500 g grated cassava", "3 eggs", "400 ml coconut milk"] }],
    ["raw-kernel", { lines: [...LINES, "20 g bitter almonds"] }],
    ["raw-bean", { lines: [...LINES, "100 g kidney bean flour"] }],
    ["hard-sweets", { lines: [...LINES, "50 g boiled sweets"] }],
    [
      "raw-egg-part",
      {
        partLines: ["2 egg whites", "100 g sugar"],
        partSteps: ["Whisk to peaks and spread over."],
      },
    ],
    [
      "raw-flour-part",
      { partLines: ["100 g flour", "60 g butter"], partSteps: ["Rub together and press on top."] },
    ],
    ["cold-part", { partLines: ["300 ml whipping cream"], partSteps: ["Whip and spread over."] }],
    ["cold-part", { partLines: ["200 g strawberries"], partSteps: ["Arrange on top."] }],
    ["whole-nuts", { lines: [...LINES, "100 g hazelnuts"] }],
    ["hot-sugar", { steps: ["Boil the sugar and water to the soft-ball stage."] }],
    ["microwave-melting", { steps: ["Melt the butter in the microwave."] }],
    ["sharp-tools", { steps: ["Peel and grate the carrots."] }],
    ["not-food", { steps: ["Push wooden skewers in to hold the tiers."] }],
    ["freezing", { notes: "Freezes well for two months." }],
    ["selling", { notes: "Made for the cake stall." }],
  ])("%s", (hazard, given) => {
    expect(holds(given).hazards).toContain(hazard);
    expect(holds({ steps: ["Bake until a skewer comes out clean."] }).hazards).not.toContain(
      hazard,
    );
  });

  it("is not said of what is cooked, prepared or named otherwise", () => {
    expect(
      holds({
        partLines: ["2 egg yolks", "100 g sugar"],
        partSteps: ["Heat to 74 °C over simmering water."],
      }).hazards,
    ).not.toContain("raw-egg-part");
    expect(
      holds({
        parts: [{ role: "topping", name: "Crumble" }],
        partLines: ["100 g flour", "60 g butter"],
        partSteps: ["Rub together."],
      }).hazards,
    ).not.toContain("raw-flour-part");
    expect(
      holds({ partLines: ["200 ml cream", "200 g dark chocolate"], partSteps: ["Pour over."] })
        .hazards,
    ).not.toContain("cold-part");
    expect(holds({ lines: [...LINES, "100 g hazelnuts, chopped"] }).hazards).not.toContain(
      "whole-nuts",
    );
    expect(holds({ lines: [...LINES, "1 tsp almond extract"] }).hazards).toEqual([]);
    expect(
      holds({ steps: ["Microwave on high for 90 seconds."], source: "microwave" }).hazards,
    ).not.toContain("microwave-melting");
  });
});

describe("allergens", () => {
  it("are those of both where a line names two", () => {
    expect(holds({ lines: [...LINES, "100 g dried fruits or nuts"] }).allergens).toEqual(
      expect.arrayContaining(["nuts"]),
    );
    expect(holds({ lines: [...LINES, "80 g raisins and walnuts"] }).allergens).toContain("nuts");
    expect(holds({}).allergens).toEqual(["wheat", "milk", "egg"]);
    expect(holds({ lines: ["200 g flour", "200 ml almond milk", "100 ml oil"] }).allergens).toEqual(
      ["wheat", "nuts"],
    );
  });
});

describe("a main ingredient without a weight", () => {
  const missing = (lines: readonly string[]): readonly string[] => {
    const recipe = doc({ lines });
    return missingMain(batterPart(formulaOf(recipe, PANTRY, measuresOf(recipe))));
  };

  it("is named: flour, sugar, fat or egg that no line weighs", () => {
    expect(missing(["flour", "100 g sugar", "2 eggs"])).toEqual(["flour"]);
    expect(missing(["200 g flour", "sugar", "butter", "eggs"])).toEqual([
      "sugar",
      "butter",
      "eggs",
    ]);
    expect(holds({ lines: ["flour", "100 g sugar"] }).missing).toEqual(["flour"]);
  });

  it("is not flour for dusting, butter for the tin, or a second sugar", () => {
    expect(
      missing([
        ...LINES,
        "flour for dusting",
        "butter, for greasing",
        "sugar to sprinkle",
        "caster sugar",
      ]),
    ).toEqual([]);
    expect(holds({})).not.toHaveProperty("missing");
  });
});

describe("several batter parts", () => {
  it("make one batter", () => {
    const recipe: RecipeDoc = {
      ...emptyRecipe("Two bowls"),
      parts: [
        {
          id: "p1",
          role: "batter",
          name: "Dry ingredients",
          lines: [{ id: "l1", text: "200 g flour" }],
          steps: [],
        },
        {
          id: "p2",
          role: "batter",
          name: "Wet ingredients",
          lines: [
            { id: "l2", text: "300 ml milk" },
            { id: "l3", text: "100 g oil" },
          ],
          steps: [{ id: "s1", text: "Whisk." }],
        },
      ],
    };
    const part = batterPart(formulaOf(recipe, PANTRY, measuresOf(recipe)));
    expect(part.rows.map(({ massG }) => Math.round(massG ?? 0))).toEqual([200, 308, 100]);
    expect(part.massG).toBeCloseTo(608.2, 0);
    expect(part.rows[2]?.percent).toBeCloseTo(50, 6);
    expect(part.part.steps).toHaveLength(1);
  });
});

describe("cups by the words of a recipe", () => {
  it.each([
    ["2 cups all-purpose flour", "us"],
    ["1 cup cornstarch", "us"],
    ["8 oz cream cheese\n1 lb carrots", "us"],
    ["2 sticks butter", "us"],
    ["8 oz caster sugar", "metric"],
    ["8 oz butter\n225 g flour", "metric"],
    ["2 cups flour", "metric"],
  ] as const)("%j: %s", (text, cup) => {
    expect(measuresOf(doc({ lines: text.split("\n") })).cup).toBe(cup);
  });

  it.each([
    ["1 cup is 240 ml\n2 cups maida", 240],
    ["2 glasses of flour\na glass holds 200 ml", 200],
    ["fill a 250 ml cup twice", 250],
  ])("%j: one of %d mL", (text, ownMl) => {
    expect(measuresOf(doc({ lines: text.split("\n") })).cup).toEqual({ ownMl });
  });

  it("is not of a size no cup has", () => {
    expect(measuresOf(doc({ lines: ["2 cups flour", "1 cup is 900 ml"] })).cup).toBe("metric");
  });
});
