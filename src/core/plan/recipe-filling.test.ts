import { describe, expect, it } from "vitest";
import {
  FIRST_QUESTION,
  partsMadeFor,
  readQuestion,
  recipeBoxes,
  USUAL_WAY,
  type ReadingHabit,
} from "../ask";
import { pantryOf } from "../pantry";
import { readAnyRecipe } from "../reading";
import { FEW_WORDS } from "./answer-words.test-data";
import { madeSpread } from "./finish-detail";
import { planCake, type CakePlan } from "./plan";
import { planFileAnswer } from "./plan-file";
import { recipeFacts, workRecipe } from "./recipe-facts";
import type { Filled } from "./recipe-filling";
import { workRequest } from "./request";
import { parsePlanFile } from "./text-request";

const HABIT: ReadingHabit = { size: "metric", heat: "C" };
const JAM = ["250 g blackcurrant jam"];
const TWO = [{ shape: "round", diameterMm: 200, depthMm: 50, count: 2 }];

/** What a cake is filled with whose filling is of these lines and put in by this step. */
function filledWith(
  step: string,
  lines: readonly string[] = JAM,
  {
    role = "filling",
    tins = TWO,
  }: { readonly role?: string; readonly tins?: readonly object[] } = {},
): Filled | null {
  const parsed = parsePlanFile({
    recipe: {
      lines: ["230 g butter", "230 g sugar", "4 eggs", "230 g flour"],
      parts: [{ role, name: "Hold of the boat", lines, steps: [{ text: step, stage: "cold" }] }],
      reference: { tins, ovenC: 180, minutes: 30 },
    },
    tins,
  });
  if (!parsed.ok) throw new RangeError(JSON.stringify(parsed.issue));
  return workRequest(parsed.value.input).input.recipe.filled ?? null;
}

describe("what a recipe fills its own layers with", () => {
  it.each([
    "Sandwich the cakes with it.",
    "Spread it over one and set the other on top.",
    "Stack the cold layers.",
    "Put half between each of them.",
  ])("%s", (step) => {
    expect(filledWith(step)).toMatchObject({ like: "jam", name: "Hold of the boat", massG: 250 });
  });

  it("is nothing in one cake, where it goes elsewhere, or where there is hardly any", () => {
    expect(filledWith("Sandwich with it.", JAM, { tins: [{ ...TWO[0], count: 1 }] })).toBeNull();
    expect(filledWith("Spoon it beside each piece.")).toBeNull();
    expect(filledWith("Sandwich with it.", ["20 g jam"])).toBeNull();
    expect(filledWith("Sandwich with it.", ["90 kg jam"])).toBeNull();
  });

  it.each([
    [["60 g lemon juice", "100 g sugar", "100 g eggs", "60 g butter"], "curd"],
    [["500 g milk", "80 g egg yolks", "100 g sugar", "40 g cornflour"], "custard"],
    [["300 g double cream", "20 g icing sugar"], "whipped-cream"],
    [["120 g butter", "240 g icing sugar"], "butter-and-sugar"],
  ])("is most like %s", (lines, like) => {
    expect(filledWith("Sandwich the cakes with it.", lines)?.like).toBe(like);
  });

  it("is a frosting that covers nothing", () => {
    const lines = ["120 g butter", "240 g icing sugar"];
    expect(filledWith("Sandwich the cakes with it.", lines, { role: "frosting" })?.like).toBe(
      "butter-and-sugar",
    );
    const all = "Sandwich the cakes with half and cover the top and sides with the rest.";
    expect(filledWith(all, lines, { role: "frosting" })).toBeNull();
    // Told in two sentences: what is on the top is no filling.
    const apart = "Stack them with the frosting between. And on top, then nuts round like a clock.";
    expect(filledWith(apart, lines, { role: "frosting" })).toBeNull();
    // What is poured over layers that are stacked with something else does not go between.
    const glaze = ["200 g dark chocolate", "200 g double cream"];
    const poured = "Stack the cakes with jam and pour the glaze over.";
    expect(filledWith(poured, glaze, { role: "frosting" })).toBeNull();
  });

  it("weighs with cream what it and the jam under it weigh together", () => {
    // 349 g: 150 of jam at 1.2 g/mL and 199 of cream at 0.47 take 125 + 423 mL.
    const both = filledWith("Put one on the other.", ["150 g jam", "199 g double cream"]);
    expect(both).toMatchObject({ like: "whipped-cream", massG: 349 });
    expect(both?.gPerMl).toBeCloseTo(349 / 548, 2);
  });
});

const TEXT = `Breakwater sandwich

Cake:
225 g butter
225 g caster sugar
4 eggs
225 g self-raising flour

Lemon curd filling:
60 ml lemon juice
100 g sugar
2 eggs
60 g butter

Coffee icing:
150 g butter
300 g icing sugar

Heat the oven to 180 °C and line two 20 cm round tins.
Cream the butter and sugar, beat in the eggs, fold in the flour. Divide between the tins.
Bake for 25 minutes. Turn out after 5 minutes and leave until cold.
For the filling whisk juice, sugar and eggs over hot water until thick, beat in the butter and chill.
For the icing beat the butter and sugar.
Sandwich the cakes with the curd and cover the top and sides with the icing.
`;

describe("a cake in layers with a filling of its recipe's own", () => {
  const read = readAnyRecipe(TEXT, pantryOf());
  if (!read.ok) throw new RangeError(JSON.stringify(read.issue));
  const { doc } = read.value;
  const facts = recipeFacts(doc, workRecipe(doc, pantryOf()));
  const question = {
    ...FIRST_QUESTION,
    ...recipeBoxes(doc.name, facts),
    tins: ["2 x 20 cm round"],
  };
  const planned = (changes: object = {}): CakePlan => {
    const { input } = readQuestion({ ...question, ...changes }, HABIT);
    const plan = input.ok ? planCake(input.value) : input;
    if (!plan.ok) throw new RangeError(JSON.stringify(plan.issue));
    return plan.value;
  };
  const curd = { build: { ...FIRST_QUESTION.build, filling: "frosting" as const } };

  it("has all of it between, as thick as that is, and nothing to spare", () => {
    const { build, finish } = planned();
    // 322 g of curd at 1.15 g/mL over a circle of 20 cm.
    const massG = facts.filled?.massG ?? 0;
    expect(build).toMatchObject({ filling: "curd", called: "Lemon curd filling" });
    expect(build.fillingMm).toBeCloseTo(massG / 1.15 / (Math.PI * 10 ** 2) / 0.1, 1);
    const batch = finish.batches.find(({ called }) => called === "Lemon curd filling");
    expect(batch?.massG).toBeCloseTo(massG, 6);
    expect(finish.massG).toBe(
      finish.batches.find(({ stuff }) => stuff === "butter-and-sugar")?.massG,
    );
  });

  it("is made as it is written, not rounded up, where all of it is needed", () => {
    const part = workRecipe(doc, pantryOf()).formula.parts.find(
      ({ part: { id } }) => id === facts.filled?.part,
    );
    if (part === undefined) throw new RangeError("no part");
    const once = madeSpread("curd", facts.filled?.massG ?? 0, "grams", part);
    expect(once).toMatchObject({
      own: "Lemon curd filling",
      formula: { times: 1 },
      consistency: null,
    });
    expect(madeSpread("curd", 2.2 * part.massG, "grams", part)?.formula.overG).toBeGreaterThan(0);
  });

  it("is as thick in other tins, and takes as much as they are large", () => {
    const small = planned({ tins: ["2 x 18 cm round"] });
    expect(small.build.fillingMm).toBe(planned().build.fillingMm);
    const batch = small.finish.batches.find(({ called }) => called === "Lemon curd filling");
    expect(batch?.massG).toBeCloseTo((facts.filled?.massG ?? 0) * (18 / 20) ** 2, 0);
  });

  it("is the frosting where she says so, and made by the recipe's part until she does", () => {
    expect(planned(curd).build).toMatchObject({ filling: "butter-and-sugar", fillingMm: 6 });
    expect(planned(curd).build.called).toBeUndefined();
    expect(partsMadeFor(question).fillingPart).toBe(facts.filled?.part);
    expect(partsMadeFor({ ...question, ...curd }).fillingPart).toBe("");
    const usual = { ...question, finish: { ...question.finish, fillingPart: USUAL_WAY } };
    expect(partsMadeFor(usual).fillingPart).toBe("");
  });

  it("stands stacked with nothing over it, and kept cold", () => {
    const bare = planned({ cover: "none" });
    expect(bare.build).toMatchObject({ standing: "stacked", filling: "curd" });
    expect(bare.keeping.because).toBe("curd");
  });

  it("is made once and put in once, by the recipe's own steps", () => {
    const answer = planFileAnswer(
      { recipe: { text: TEXT }, day: { wantedAt: "2026-12-05T15:00" } },
      FEW_WORDS,
    );
    if (!answer.ok) throw new RangeError(JSON.stringify(answer));
    expect(answer.value.build).toMatchObject({ standing: "stacked", filling: "curd" });
    expect(answer.value.finish.make[0]).toMatchObject({ called: "Lemon curd filling" });
    const tasks = answer.value.day?.tasks.map(({ text }) => text) ?? [];
    const of = (words: RegExp): readonly string[] => tasks.filter((text) => words.test(text));
    expect(of(/whisk juice/u)).toHaveLength(1);
    expect(of(/Sandwich the cakes/u)).toHaveLength(1);
    expect(of(/Make |coat|Fill and stack/u)).toEqual([]);
    expect(tasks.findIndex((text) => /whisk juice/u.test(text))).toBeLessThan(
      tasks.findIndex((text) => /Sandwich/u.test(text)),
    );
  });
});
