import { describe, expect, it } from "vitest";
import { FIRST_QUESTION, readQuestion, recipeBoxes } from "../ask";
import { pantryOf } from "../pantry";
import { readAnyRecipe } from "../reading";
import { planFileAnswer } from "./plan-file";
import { planCake } from "./plan";
import { recipeFacts, workRecipe } from "./recipe-facts";
import { FEW_WORDS } from "./answer-words.test-data";

const CRUMB = `Ropewalk crumb cake

For the cake:
150 g butter
150 g caster sugar
3 eggs
200 g plain flour
2 tsp baking powder

For the crumble:
120 g plain flour
80 g demerara sugar
80 g butter

Heat the oven to 180C. Grease and line a 20 cm square tin.
Rub the flour, sugar and butter for the crumble together until it clumps.
Cream the butter and sugar, beat in the eggs and fold in the flour and baking powder.
Spread into the tin, scatter the crumble over the top and bake for 45 minutes.
Cool in the tin.`;

const PEARS = `Net loft upside-down pears

For the topping:
50 g butter
80 g brown sugar
300 g pears, sliced

For the cake:
120 g butter
120 g caster sugar
2 eggs
150 g self-raising flour

Melt the butter and sugar for the topping, pour it into the bottom of a 20 cm round tin and lay the pears on it.
Cream the butter and sugar, beat in the eggs, fold in the flour and spread it over the pears.
Bake at 180C for 40 minutes. Stand 5 minutes, then invert onto a plate.`;

function answered(text: string, rest: object = {}) {
  const answer = planFileAnswer({ recipe: { text }, ...rest }, FEW_WORDS);
  if (!answer.ok) throw new Error(JSON.stringify(answer));
  return answer.value;
}

/** What a recipe that is kept fills into the bench's boxes, planned in its own tin so many times. */
function benched(text: string, changes: object = {}) {
  const pantry = pantryOf();
  const read = readAnyRecipe(text, pantry);
  if (!read.ok) throw new Error("not read");
  const { doc } = read.value;
  const boxes = recipeBoxes(doc.name, recipeFacts(doc, workRecipe(doc, pantry)));
  const { input } = readQuestion(
    { ...FIRST_QUESTION, ...boxes, tins: [boxes.from ?? ""], ...changes },
    { size: "metric", heat: "C" },
  );
  const plan = input.ok ? planCake(input.value) : input;
  if (!plan.ok) throw new Error(JSON.stringify(plan.issue));
  return { boxes, plan: plan.value };
}

describe("what a recipe lays on its batter", () => {
  it("takes room and weighs, at the bench as in the plan file", () => {
    const { boxes, plan } = benched(CRUMB);
    // By hand: 280 g; flour at 120, sugar at about 200 and butter at 227 g a cup.
    expect(boxes.recipeOn).toEqual([
      { where: "top", massG: 280, volumeMl: expect.any(Number) as number },
    ]);
    expect(boxes.recipeOn?.[0]?.volumeMl).toBeGreaterThan(390);
    expect(boxes.recipeOn?.[0]?.volumeMl).toBeLessThan(440);
    expect(plan.fruitG).toBe(280);
    const bare = benched(CRUMB, { isRecipeOnLeftOff: true }).plan;
    expect(bare.fruitG).toBe(0);
    const [withIt, without] = [plan.fill.tins[0], bare.fill.tins[0]];
    expect(withIt?.depthMm ?? 0).toBeGreaterThan((without?.depthMm ?? 0) + 8);
    expect(withIt?.fullFraction ?? 0).toBeGreaterThan(without?.fullFraction ?? 0);
    const file = answered(CRUMB);
    expect(file.fill.tins[0]?.depthMm).toBeCloseTo(withIt?.depthMm ?? 0, 1);
    // In its own tin its own minutes hold it already.
    expect(file.bake.likelyMin).toBe(45);
  });

  it("is made as often as the batter", () => {
    expect(benched(CRUMB, { scale: "times", amount: "2", eggs: "as-scaled" }).plan.fruitG).toBe(
      560,
    );
    const full = benched(CRUMB, { scale: "fill-limit", eggs: "as-scaled" }).plan;
    expect(full.fruitG / full.scale).toBeCloseTo(280, 3);
    expect(full.fill.tins[0]?.verdict).not.toBe("overflows");
  });

  it("lies on the floor of a cake that is turned over, which is turned once", () => {
    const { boxes } = benched(PEARS);
    expect(boxes.recipeOn).toMatchObject([{ where: "floor", massG: 430 }]);
    expect(answered(PEARS).cool.tins[0]).toMatchObject({ turned: "once", turnOutMin: 5 });
  });

  it("is what somebody says where they say it", () => {
    const said = answered(CRUMB, { onBatter: [] });
    expect(said.fill.tins[0]?.depthMm).toBeLessThan(
      (answered(CRUMB).fill.tins[0]?.depthMm ?? 0) - 8,
    );
  });

  it("is under what is turned over, though some of it is put back after", () => {
    const flipped = PEARS.replace(
      "then invert onto a plate.",
      "then invert onto a plate. If a slice of the topping sticks, put it back.",
    );
    expect(benched(flipped).boxes.recipeOn).toMatchObject([{ where: "floor", massG: 430 }]);
  });

  it("leaves out what is served beside it", () => {
    const served = CRUMB.replace(
      "80 g butter\n\nHeat",
      "80 g butter\n150 ml double cream\n\nHeat",
    ).concat("\nServe with the double cream.");
    expect(benched(served).boxes.recipeOn).toMatchObject([{ where: "top", massG: 280 }]);
  });

  it("is nothing of a frosting, nor of what goes on after the oven", () => {
    const iced = CRUMB.replace("scatter the crumble over the top and bake", "bake").replace(
      "Cool in the tin.",
      "Cool in the tin. Scatter the crumble over the cold cake.",
    );
    expect(benched(iced).boxes.recipeOn).toEqual([]);
  });
});
