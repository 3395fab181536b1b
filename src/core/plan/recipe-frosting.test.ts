import { describe, expect, it } from "vitest";
import {
  AS_RECIPE,
  FIRST_QUESTION,
  partsMadeFor,
  readQuestion,
  recipeBoxes,
  USUAL_WAY,
  type ReadingHabit,
} from "../ask";
import { pantryOf } from "../pantry";
import { readAnyRecipe } from "../reading";
import { planFileAnswer } from "./plan-file";
import { planCake } from "./plan";
import { recipeFacts, workRecipe } from "./recipe-facts";
import type { Frosted } from "./recipe-frosting";
import { workRequest } from "./request";
import { parsePlanFile } from "./text-request";
import { FEW_WORDS } from "./answer-words.test-data";

const HABIT: ReadingHabit = { size: "metric", heat: "C" };
const BUTTERCREAM = ["150 g butter", "300 g icing sugar", "15 g milk"];

/** A cake of two rounds whose frosting is put on by these steps. */
function frostedWith(
  steps: readonly string[],
  lines: readonly string[] = BUTTERCREAM,
  tins = [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
): Frosted | null {
  const parsed = parsePlanFile({
    recipe: {
      name: "Lamp oil room layers",
      lines: ["230 g butter", "230 g sugar", "4 eggs", "230 g flour"],
      parts: [
        {
          role: "frosting",
          name: "Quay icing",
          lines,
          steps: steps.map((text) => ({ text, stage: "cold" })),
        },
      ],
      reference: { tins, ovenC: 180, minutes: 30 },
    },
    tins,
  });
  if (!parsed.ok) throw new RangeError(JSON.stringify(parsed.issue));
  return workRequest(parsed.value.input).input.recipe.frosted ?? null;
}

describe("what a recipe frosts its own cake with", () => {
  it.each([
    [
      "Sandwich with a third of the icing and cover the top and sides with the rest.",
      "top-and-sides",
    ],
    ["Stack and frost the cooled cakes.", "top-and-sides"],
    ["Sandwich with half of the icing and swirl the other half over the top.", "naked"],
    ["Spread the icing on the top only.", "top"],
    ["Give it a thin crumb coat, chill it, then the real coat.", "top-and-sides"],
  ])("%s", (step, over) => {
    expect(frostedWith(["Beat the butter and sugar pale.", step])).toMatchObject({
      like: "butter-and-sugar",
      over,
      name: "Quay icing",
    });
  });

  it.each([
    "Drizzle the icing over the cold cake.",
    "Pour it over and let it run down the sides.",
    "Beat until smooth.",
    "Sandwich the cakes with the icing.",
  ])("says nothing of a frosting where its steps do not: %s", (step) => {
    expect(frostedWith([step])).toBeNull();
  });

  it("goes where frosting goes when a part called so only says how it is made", () => {
    const only = (name: string): unknown => {
      const parsed = parsePlanFile({
        recipe: {
          lines: ["230 g butter", "230 g sugar", "4 eggs", "230 g flour"],
          parts: [{ role: "frosting", name, lines: BUTTERCREAM, steps: ["Beat until white."] }],
          reference: {
            tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
            ovenC: 180,
          },
        },
        tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
      });
      return parsed.ok ? (workRequest(parsed.value.input).input.recipe.frosted?.over ?? null) : "";
    };
    expect(only("Frosting")).toBe("top-and-sides");
    expect(only("Lemon icing")).toBeNull();
  });

  it("is over the top of one cake, and of cups, unless its sides are named", () => {
    const one = [{ shape: "round", diameterMm: 203, depthMm: 51, count: 1 }];
    expect(frostedWith(["Spread the icing over the cold cake."], BUTTERCREAM, one)?.over).toBe(
      "top",
    );
    const cups = [{ shape: "well", rimMm: 70, floorMm: 50, depthMm: 32, count: 12 }] as never;
    expect(
      frostedWith(["Pipe onto the cooled cups and top with sprinkles."], BUTTERCREAM, cups)?.over,
    ).toBe("top");
    expect(frostedWith(["Swirl it over the sides."], BUTTERCREAM, cups)?.over).toBe("top");
  });

  it.each([
    [["250 g cream cheese", "60 g butter", "150 g icing sugar"], "cream-cheese"],
    [["300 g whipping cream", "20 g icing sugar"], "whipped-cream"],
    [["300 g sugar", "120 g water", "66 g egg whites"], "marshmallow"],
    [["200 g dark chocolate", "200 g double cream"], "whipped-ganache"],
    [["300 g icing sugar", "40 g water"], "water-icing"],
    [["200 g butter", "130 g sugar", "90 g egg whites"], "meringue-butter"],
  ])("is most like %s", (lines, like) => {
    expect(frostedWith(["Spread over the tops and sides."], lines)?.like).toBe(like);
  });

  it("is nothing made of something else", () => {
    expect(frostedWith(["Cover the top and sides."], ["700 g marzipan"])).toBeNull();
    expect(frostedWith(["Cover the top and sides."], ["300 g passion fruit"])).toBeNull();
  });
});

const TEXT = `Harbour coffee layers

Cake:
230 g soft butter
230 g caster sugar
4 eggs
230 g plain flour
2 tsp baking powder

Coffee icing:
200 g soft butter
400 g icing sugar
2 tbsp strong coffee

Heat the oven to 180 °C and line two 20 cm round tins.
Cream the butter and sugar, beat in the eggs, fold in the flour and baking powder.
Bake for 25 minutes. Turn out after 10 minutes and leave until cold.
For the icing beat the butter pale, then beat in the icing sugar and the coffee.
Stack the cold cakes with icing between them and cover the top and sides with the rest.
`;

describe("a cake that begins as its recipe says", () => {
  const read = readAnyRecipe(TEXT, pantryOf());
  if (!read.ok) throw new RangeError(JSON.stringify(read.issue));
  const { doc } = read.value;
  const facts = recipeFacts(doc, workRecipe(doc, pantryOf()));
  const question = { ...FIRST_QUESTION, ...recipeBoxes(doc.name, facts) };
  const standing = (tins: readonly string[], changes: object = {}): readonly unknown[] => {
    const { input } = readQuestion({ ...question, ...changes, tins: [...tins] }, HABIT);
    const plan = input.ok ? planCake(input.value) : input;
    if (!plan.ok) throw new RangeError(JSON.stringify(plan.issue));
    return [plan.value.finish.cover, plan.value.build.standing];
  };

  it("stands stacked under its own frosting, which lies on the top alone of a sheet", () => {
    expect(question).toMatchObject({ cover: AS_RECIPE, frosting: "butter-and-sugar" });
    expect(standing(["2 x 20 cm round"])).toEqual(["top-and-sides", "stacked"]);
    expect(standing(["33 x 23 x 5 cm"])).toEqual(["top", "apart"]);
    expect(standing(["12 cups"])).toEqual(["top", "apart"]);
    expect(standing(["2 x 20 cm round"], { cover: "none" })).toEqual(["none", "apart"]);
  });

  it("is made by the recipe's own part until something else is chosen", () => {
    expect(partsMadeFor(question).part).toBe(facts.frosted?.part);
    expect(partsMadeFor({ ...question, frosting: "cream-cheese" }).part).toBe("");
    const usual = { ...question, finish: { ...question.finish, part: USUAL_WAY } };
    expect(partsMadeFor(usual).part).toBe("");
  });

  it("is nothing that a recipe without frosting is given", () => {
    const bare = recipeBoxes("Bare cake", { batter: {}, bake: { tins: [] } });
    expect({ ...question, ...bare }.frosted).toBeNull();
    expect(standing(["2 x 20 cm round"], { frosted: null })).toEqual(["none", "apart"]);
  });

  it("is the same from a plan file, with a task that makes it and one that puts it on", () => {
    const answer = planFileAnswer(
      { recipe: { text: TEXT }, day: { wantedAt: "2026-12-05T15:00" } },
      FEW_WORDS,
    );
    if (!answer.ok) throw new RangeError(JSON.stringify(answer));
    expect(answer.value.finish).toMatchObject({ cover: "top-and-sides", layers: 2 });
    expect(answer.value.finish.frostingMade?.lines.map(({ name }) => name)).toEqual([
      "soft butter",
      "icing sugar",
      "strong coffee",
    ]);
    const after = answer.value.day?.tasks.map(({ text }) => text) ?? [];
    const at = (words: RegExp): readonly number[] =>
      after.flatMap((text, place) => (words.test(text) ? [place] : []));
    const [made, put] = [at(/beat the butter pale/u), at(/icing between/u)];
    expect([made.length, put.length]).toEqual([1, 1]);
    // It is made before it is put on, and nothing is coated twice.
    expect(made[0]).toBeLessThan(put[0] ?? -1);
    expect(after.filter((text) => /coat|Fill and stack/u.test(text))).toEqual([]);
  });
});
