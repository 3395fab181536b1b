import { sum } from "d3-array";
import { describe, expect, it } from "vitest";
import {
  FIRST_QUESTION,
  readQuestion,
  recipeBoxes,
  type Question,
  type ReadingHabit,
} from "../ask";
import { pantryOf } from "../pantry";
import { readAnyRecipe } from "../reading";
import type { RecipeDoc } from "../recipe";
import { FEW_WORDS } from "./answer-words.test-data";
import type { Answer } from "./answer-schema";
import type { CakeInput } from "./input";
import { planCake, type CakePlan } from "./plan";
import { planFileAnswer } from "./plan-file";
import { recipeFacts, workRecipe } from "./recipe-facts";
import type { RecipeWear } from "./recipe-worn";
import { serveDetail } from "./serve-detail";
import { workRequest } from "./request";
import { parsePlanFile } from "./text-request";

const ONE = [{ shape: "round", diameterMm: 200, depthMm: 70 }];
const GANACHE = ["150 g dark chocolate", "150 g double cream"];

/** What shows of a part of these lines that is put on by this step. */
function wornOf(
  step: string,
  lines: readonly string[],
  { role = "frosting", stage = "cold" }: { readonly role?: string; readonly stage?: string } = {},
): readonly Pick<RecipeWear, "like" | "as" | "massG">[] {
  const parsed = parsePlanFile({
    recipe: {
      lines: ["230 g butter", "230 g sugar", "4 eggs", "230 g flour"],
      parts: [{ role, name: "Lamplight", lines, steps: [{ text: step, stage }] }],
      reference: { tins: ONE, ovenC: 180, minutes: 40 },
    },
    tins: ONE,
  });
  if (!parsed.ok) throw new RangeError(JSON.stringify(parsed.issue));
  const { worn = [] } = workRequest(parsed.value.input).input.recipe;
  return worn.map(({ like, as, massG }) => ({ like, as, massG }));
}

describe("what shows of a recipe's own parts", () => {
  it.each([
    ["Pour it over the cold cake.", "over-top"],
    ["Pour it over the cake and let it drip down the sides.", "drips"],
    ["Pour it over to cover the top and sides.", "over-all"],
    ["Dip each cake in it.", "over-all"],
  ] as const)("ganache, “%s”: %s", (step, as) => {
    expect(wornOf(step, GANACHE)).toEqual([{ like: "pouring-ganache", as, massG: 300 }]);
  });

  it.each([
    ["Drizzle it over the top.", ["150 g icing sugar", "30 g lemon juice"], "water-icing", 180],
    [
      "Pour over the hot cake.",
      ["100 g butter", "200 g light brown sugar", "60 g double cream"],
      "boiled-fudge",
      360,
    ],
    ["Brush over the top.", ["80 g apricot jam"], "jam", 80],
  ] as const)("“%s” %s is %s", (step, lines, like, massG) => {
    const stage = step.includes("hot") ? "hot" : "cold";
    expect(wornOf(step, lines, { stage })).toEqual([{ like, as: "over-top", massG }]);
  });

  it.each([
    [["50 g chopped hazelnuts"], "nuts", 50],
    [["icing sugar"], "dusting-sugar", 0],
    [["40 g desiccated coconut", "10 g icing sugar"], "coconut", 50],
    [["60 g dark chocolate"], "shavings", 60],
  ] as const)("a topping of %s is strewn", (lines, like, massG) => {
    const worn = wornOf("Scatter over the top.", lines, { role: "topping" });
    expect(worn).toEqual([{ like, as: "strewn", massG }]);
  });

  it("chocolate that is melted is poured", () => {
    const worn = wornOf("Melt and drizzle over the cake.", ["60 g dark chocolate"], {
      role: "topping",
    });
    expect(worn).toMatchObject([{ like: "pouring-ganache" }]);
  });

  it("is nothing of what a cake drinks, of what is baked with it, or of what no step puts on", () => {
    const syrup = ["100 g sugar", "100 g water"];
    expect(wornOf("Spoon over the hot cake.", syrup, { role: "syrup", stage: "hot" })).toEqual([]);
    const nuts = ["50 g hazelnuts"];
    expect(wornOf("Scatter over the top.", nuts, { role: "topping", stage: "before" })).toEqual([]);
    expect(wornOf("Melt together.", GANACHE)).toEqual([]);
  });
});

const DRIP = `Quayside mocha drip cake

For the cake
225 g butter, soft
225 g caster sugar
4 eggs
200 g self-raising flour
25 g cocoa powder
2 tbsp milk

For the coffee buttercream
200 g butter
400 g icing sugar
2 tbsp strong coffee

For the ganache
100 g dark chocolate
100 ml double cream

Heat the oven to 180 C. Grease and line two 20 cm sandwich tins.
Beat the butter and sugar, then the eggs, fold in flour and cocoa with the milk.
Divide between the tins and bake for 25 minutes. Turn out after 5 minutes and leave to cool.
For the buttercream, beat the butter with the icing sugar for 5 minutes, then beat in the coffee.
Sandwich the cakes with a third of the buttercream and cover the top and sides with the rest. Chill for 30 minutes.
For the ganache, heat the cream and pour it over the chopped chocolate. Stir until smooth and leave to cool for 10 minutes.
Pour the ganache over the cake and let it drip down the sides.`;

const HABIT: ReadingHabit = { size: "metric", heat: "C" };
function docOf(text: string): RecipeDoc {
  const read = readAnyRecipe(text, pantryOf());
  if (!read.ok) throw new RangeError(JSON.stringify(read.issue));
  return read.value.doc;
}

function planned(question: Question): { readonly input: CakeInput; readonly plan: CakePlan } {
  const { input } = readQuestion(question, HABIT);
  const plan = input.ok ? planCake(input.value) : input;
  if (!input.ok || !plan.ok) throw new RangeError(JSON.stringify(plan));
  return { input: input.value, plan: plan.value };
}

describe("a drip over a coat", () => {
  const answer = planFileAnswer(
    { recipe: { text: DRIP }, day: { wantedAt: "2026-12-05T15:00" } },
    FEW_WORDS,
  );
  if (!answer.ok || !("bake" in answer.value)) throw new RangeError(JSON.stringify(answer));
  const { finish, day }: Answer = answer.value;
  const tasks = day?.tasks ?? [];
  const when = (words: string): number => {
    const task = tasks.find(({ text, words: said = "" }) => `${text} ${said}`.includes(words));
    if (task === undefined) throw new RangeError(`no task says “${words}”`);
    return Date.parse(`${task.from}:00Z`) / 60_000;
  };

  it("keeps its name, shows, and leaves the coat as it is", () => {
    // 100 g of chocolate and 100 mL of cream, which weigh 99 g.
    expect(finish.worn).toEqual([
      { name: "Ganache", like: "pouring-ganache", as: "drips", massG: 199 },
    ]);
    expect(finish.cover).toBe("top-and-sides");
  });

  it("is made while the coat is cold and poured over it, every step of it once", () => {
    const order = ["Sandwich", "Chill", "heat the cream", "Stir until", "Pour the ganache"];
    const minutes = order.map(when);
    expect(minutes).toEqual(minutes.toSorted((a, b) => a - b));
    expect(when("Weigh 2 ingredients")).toBeGreaterThan(when("Sandwich"));
    const pours = tasks.filter(({ text }) => text.includes("ganache over"));
    expect(pours).toHaveLength(1);
  });

  it("reads the same on the recipe's page, each step with the part it is of", () => {
    const { parts } = docOf(DRIP);
    expect(parts.map(({ name }) => name)).toEqual(["Cake", "Coffee buttercream", "Ganache"]);
    expect(parts[2]?.steps.map(({ text }) => text).join(" ")).toContain("Stir until smooth");
    expect(parts[1]?.steps.map(({ text }) => text).join(" ")).not.toContain("ganache");
  });

  it("is weighed in each piece that is served", () => {
    const doc = docOf(DRIP);
    const facts = recipeFacts(doc, workRecipe(doc, pantryOf()));
    const question = { ...FIRST_QUESTION, ...recipeBoxes(doc.name, facts) };
    const servedG = (worn: Question["worn"]): number => {
      const { input, plan } = planned({ ...question, worn });
      return sum(serveDetail(input, plan).cakes, (each) => each.cakes * each.pieces * each.pieceG);
    };
    // The recipe as written: all of its 199 g of ganache.
    expect(servedG(question.worn) - servedG([])).toBeCloseTo(199, 6);
  });

  it("is drawn as she says, and not under a cover of her own where the recipe has no coat", () => {
    const doc = docOf(DRIP);
    const facts = recipeFacts(doc, workRecipe(doc, pantryOf()));
    const question = { ...FIRST_QUESTION, ...recipeBoxes(doc.name, facts) };
    const shown = (changes: Partial<Question>): readonly string[] =>
      planned({ ...question, ...changes }).plan.worn.map(({ as }) => as);
    expect(shown({})).toEqual(["drips"]);
    expect(shown({ worn: question.worn.map((each) => ({ ...each, as: "over-all" })) })).toEqual([
      "over-all",
    ]);
    expect(shown({ cover: "top" })).toEqual(["drips"]);
    const glaze = question.worn.map((each): RecipeWear => ({ ...each, role: "frosting" }));
    expect(shown({ cover: "none", frosted: null, worn: glaze })).toEqual(["drips"]);
    expect(shown({ cover: "top", frosted: null, worn: glaze })).toEqual([]);
  });
});
