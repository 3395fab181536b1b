import { describe, expect, it } from "vitest";
import { recipeBoxes, FIRST_QUESTION, readQuestion } from "../ask";
import { pantryOf } from "../pantry";
import { readAnyRecipe } from "../reading";
import { FEW_WORDS } from "./answer-words.test-data";
import { planFileAnswer } from "./plan-file";
import { recipeFacts, workRecipe, type RecipeFacts } from "./recipe-facts";
import type { CakeInput } from "./input";
import { splitByRecipe } from "./recipe-split";
import { workRequest } from "./request";
import { parsePlanFile } from "./text-request";

const ROUND = { shape: "round", diameterMm: 200, depthMm: 90 };
const CUPS = { shape: "well", rimMm: 70, floorMm: 50, depthMm: 35, count: 12 };

/** Slices a cake is split into whose recipe says so in a cold step. */
function slicesOf(step: string, tin: object = ROUND): number | null {
  const parsed = parsePlanFile({
    recipe: {
      lines: ["230 g butter", "230 g sugar", "4 eggs", "230 g flour"],
      parts: [
        {
          role: "filling",
          name: "Jam",
          lines: ["200 g jam"],
          steps: [{ text: step, stage: "cold" }],
        },
      ],
      reference: { tins: [tin], ovenC: 170, minutes: 55 },
    },
    tins: [ROUND],
  });
  if (!parsed.ok) throw new RangeError(JSON.stringify(parsed.issue));
  const { input, formula } = workRequest(parsed.value.input);
  return formula === null ? null : splitByRecipe(formula, input.recipe.reference.tins);
}

describe("slices a recipe splits its cake into", () => {
  it.each([
    ["Split the cake in two and fill with the jam.", 2],
    ["Cut it through once, horizontally.", 2],
    ["Halve the torte and sandwich with two thirds of the jam.", 2],
    ["Slice the cold cake horizontally into three layers.", 3],
    ["Cut through the middle of the cake; spread the bottom with jam.", 2],
    ["With a long knife cut the sponge into 3 even layers.", 3],
    ["Split each cake in half, so that you have four layers.", 2],
    ["Cut the cake in half. Spread jam on the cut side and put the lid back on.", 2],
    ["Carefully split both cakes in half horizontally.", 2],
    ["Slice the cake horizontally in four and stack it with the jam between.", 4],
    ["Split the loaf twice and spread the layers with jam.", 3],
  ])("%s", (step, slices) => {
    expect(slicesOf(step)).toBe(slices);
  });

  it.each([
    "Cut the cake into squares.",
    "Cut the cake in half crosswise and set one half on the other.",
    "Slice the cake and serve it in two halves.",
    "Split the buttercream in two bowls.",
    "Do not split the cake.",
    "Halve the strawberries and lay them between the cakes.",
    "Cut the cake into three.",
    "Divide the jam in half and spread it on the cake.",
  ])("none where it says: %s", (step) => {
    expect(slicesOf(step)).toBeNull();
  });

  it("none of cups", () => {
    expect(slicesOf("Split each cake in half and fill with jam.", CUPS)).toBeNull();
  });
});

const TEXT = `Harbour bell sponge

225 g butter
225 g caster sugar
4 eggs
225 g self-raising flour

For the filling:
250 g blackcurrant jam

Heat the oven to 170 C. Line a deep 20 cm round tin.
Cream the butter and sugar. Beat in the eggs. Fold in the flour. Spread in the tin.
Bake for 50 minutes. Turn out and leave until cold.
Split the cake in half horizontally and sandwich it with the jam.`;

function factsOf(text: string): RecipeFacts {
  const read = readAnyRecipe(text, pantryOf());
  if (!read.ok) throw new RangeError(JSON.stringify(read.issue));
  return recipeFacts(read.value.doc, workRecipe(read.value.doc, pantryOf()));
}

type Answer = {
  readonly build: {
    readonly cakes: readonly {
      readonly tiers: readonly { readonly layers: number; readonly layerMm: number }[];
    }[];
  };
  readonly finish: {
    readonly quantities: readonly { readonly thing: string; readonly massG: number }[];
  };
  readonly day: { readonly tasks: readonly { readonly id: string; readonly words?: string }[] };
};
const answer = (changes: object): Answer => {
  const of = planFileAnswer(
    {
      recipe: { text: TEXT },
      day: { wantedAt: "2026-12-05T16:00" },
      ...changes,
    },
    FEW_WORDS,
  );
  if (!of.ok) throw new RangeError(JSON.stringify(of.issue));
  return of.value as unknown as Answer;
};

describe("a cake whose recipe splits it", () => {
  it("keeps that, with the filling between", () => {
    expect(factsOf(TEXT)).toMatchObject({ split: 2, filled: { like: "jam", massG: 250 } });
    expect(factsOf(TEXT.replace("Split the cake in half horizontally and s", "S")).split).toBe(
      undefined,
    );
  });

  it("is split in the plan, filled with all of it, and does it once, by its own step", () => {
    const { build, finish, day } = answer({});
    expect(build.cakes[0]?.tiers[0]).toMatchObject({ layers: 2 });
    const filling = finish.quantities.filter(({ thing }) => thing === "filling");
    expect(filling).toHaveLength(1);
    expect(filling[0]?.massG).toBeCloseTo(250, 0);
    const says = day.tasks.filter(({ words = "" }) => words.includes("Split the cake in half"));
    expect(says.map(({ id }) => id)).toEqual(["0.split-and-fill"]);
  });

  it("has slices about as thick in other tins, and none that tears", () => {
    const tin = (depthMm: number, count: number): object => ({
      tins: [{ shape: "round", diameterMm: 200, depthMm, count }],
    });
    const slices = (of: Answer): readonly number[] =>
      of.build.cakes.flatMap(({ tiers }) => tiers.map(({ layers }) => layers));
    expect(slices(answer(tin(90, 1)))).toEqual([2]);
    // Half of it in each of two tins: a layer each, and nothing to split.
    expect(slices(answer(tin(50, 2)))).toEqual([2]);
    expect(slices(answer({ ...tin(90, 1), build: { splits: 3 } }))).toEqual([3]);
    expect(slices(answer({ ...tin(90, 1), build: { splits: 1 } }))).toEqual([1]);
  });

  it("is split by the plan's own task where she splits it otherwise", () => {
    const { day } = answer({ build: { splits: 3 } });
    expect(day.tasks.filter(({ id }) => /split/u.test(id))).toHaveLength(1);
  });
});

describe("the question of a recipe that splits its cake", () => {
  it("asks for what the recipe has until she chooses", () => {
    const boxes = recipeBoxes("Harbour bell sponge", factsOf(TEXT));
    const asked = (splits: number | null): CakeInput => {
      const { input } = readQuestion(
        { ...FIRST_QUESTION, ...boxes, build: { ...FIRST_QUESTION.build, splits } },
        { size: "metric", heat: "C" },
      );
      if (!input.ok) throw new RangeError(JSON.stringify(input.issue));
      return input.value;
    };
    expect(asked(null)).toMatchObject({ recipe: { split: 2 }, build: {} });
    expect(asked(null).build).not.toHaveProperty("splits");
    expect(asked(1)).toMatchObject({ build: { splits: 1 } });
  });
});
