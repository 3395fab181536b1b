import { describe, expect, it } from "vitest";
import { scheduleDay, tasksOf, type Task } from "../day";
import { pantryOf } from "../pantry";
import { parseCakeInput, type CakeInput } from "./input";
import { planAnswer } from "./answer";
import { planCake, type CakePlan } from "./plan";
import { workRequest } from "./request";
import { dayCake } from "./day-detail";
import { serveDetail } from "./serve-detail";

const TINS = [{ shape: "springform", diameterMm: 230, depthMm: 65 }] as const;
const BASE = { recipe: { reference: { tins: TINS, ovenC: 160, minutes: 55 } }, tins: TINS };

type Changes = { readonly recipe?: object; readonly [field: string]: unknown };

function requested(changes: Changes): {
  readonly input: CakeInput;
  readonly plan: CakePlan;
  readonly tasks: readonly Task[];
  readonly answer: ReturnType<typeof planAnswer>;
} {
  const parsed = parseCakeInput({
    ...BASE,
    ...changes,
    recipe: { ...BASE.recipe, ...changes.recipe },
  });
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issue));
  const request = workRequest(parsed.value, pantryOf());
  const plan = planCake(request.input);
  if (!plan.ok) throw new Error(JSON.stringify(plan.issue));
  const answer = planAnswer(plan.value, request, {
    caution: ({ code }) => code,
    built: ({ code }) => code,
    remark: ({ code }) => code,
    doing: (doing) => ("text" in doing ? doing.text : doing.do),
  });
  return {
    input: request.input,
    plan: plan.value,
    tasks: tasksOf(dayCake(request.input, plan.value, request.formula, request.made), 0),
    answer,
  };
}

const CHEESE = {
  lines: ["700 g cream cheese", "200 g sugar", "4 eggs", "200 ml double cream", "30 g cornflour"],
  steps: [
    "Beat the cheese and sugar until smooth.",
    "Beat in the eggs and cream.",
    "Pour into the tin.",
    "Bake for 55 minutes until the edge is set.",
    "Leave to cool in the tin.",
    "Chill overnight in the fridge.",
  ],
};
const LAYERS = [
  "225 g butter",
  "225 g sugar",
  "4 eggs",
  "225 g plain flour",
  "2 tsp baking powder",
];

describe("what is kept cold", () => {
  it("a baked cheese cake goes to the fridge within two hours of the oven; caution, Serve and Day say the same", () => {
    const { plan, tasks, input } = requested({ recipe: CHEESE, finish: { cover: "none" } });
    expect(plan.mix.kind).toBe("baked-cheese");
    const fridge = tasks.find(({ id }) => id === "0.into-fridge1");
    expect(fridge?.after).toContainEqual({ id: "0.out1", leastMin: 0, mostMin: 120 });
    const schedule = scheduleDay({ tasks, wantedAt: [10_000] });
    const at = (id: string): { readonly from: number; readonly to: number } =>
      schedule?.placed.find((each) => each.id === `0.${id}`) ?? { from: NaN, to: NaN };
    expect(at("into-fridge1").to - at("out1").to).toBeLessThanOrEqual(120);
    expect(at("chill1").from).toBe(at("into-fridge1").to);
    const caution = plan.cautions.find(({ code }) => code === "keep-cold");
    expect([caution, serveDetail(input, plan).keeping.roomHours]).toMatchObject([
      { because: "kind", hours: 2 },
      2,
    ]);
  });

  it("fresh fruit on top: the same two hours everywhere, and a plain cake stands", () => {
    const fruit = requested({
      recipe: { lines: LAYERS },
      finish: { cover: "none", fruit: { at: "top", pattern: "rings", widthMm: 30 } },
    });
    expect(fruit.plan.keeping).toMatchObject({ because: "fruit", roomHours: 2 });
    expect(fruit.tasks.find(({ id }) => id === "0.into-fridge")?.after).toContainEqual({
      id: "0.decorate",
      leastMin: 0,
      mostMin: 120,
    });
    const plain = requested({ recipe: { lines: LAYERS }, finish: { cover: "none" } });
    expect(plain.plan.keeping.because).toBeNull();
    expect(plain.tasks.some(({ doing }) => doing.do === "into-fridge")).toBe(false);
  });

  it("a recipe's own cream, whatever the plan calls it", () => {
    const parts = [
      {
        role: "topping",
        name: "Cream",
        lines: ["300 ml whipping cream", "20 g icing sugar"],
        steps: ["Whip the cream and pile it on."],
      },
    ];
    const { plan, tasks } = requested({
      recipe: { lines: LAYERS, parts },
      finish: { cover: "none" },
    });
    expect(plan.keeping.because).toBe("part");
    expect(tasks.some(({ doing }) => doing.do === "into-fridge")).toBe(true);
  });
});

describe("grated root with coconut milk and egg, no flour", () => {
  const lines = [
    "1 kg grated cassava",
    "400 ml coconut milk",
    "3 eggs",
    "250 g sugar",
    "60 g melted butter",
  ];
  const pudding = requested({ recipe: { lines }, finish: { cover: "none" } });

  it("is a set pudding that hardly rises, spoils in the room, and is never tasted raw", () => {
    expect(pudding.plan.mix.kind).toBe("set-pudding");
    expect(pudding.plan.mix.specificGravity).toBeCloseTo(1.05, 2);
    expect(pudding.plan.keeping).toMatchObject({ because: "kind", roomHours: 2 });
    expect(pudding.plan.cautions.map(({ code }) => code)).toEqual(
      expect.arrayContaining(["raw-root", "keep-cold", "allergens"]),
    );
    expect(pudding.tasks.find(({ id }) => id === "0.turn-out1")).toBeUndefined();
  });

  it("says when it would bake shorter than the recipe's own pace, and only then", () => {
    const codes = (changes: Changes): readonly string[] =>
      requested({ ...changes, recipe: { lines }, finish: { cover: "none" } }).plan.remarks.map(
        ({ code }) => code,
      );
    expect(codes({ heat: { ovenC: 190 } })).toContain("shorter-than-written");
    expect(codes({})).not.toContain("shorter-than-written");
  });
});

describe("steps of a recipe in the order of the oven", () => {
  const steps = [
    "Preheat the oven to 180 °C for 25 minutes.",
    "Grease and line the tin.",
    "Cream the butter and sugar for 5 minutes.",
    "Beat in the eggs and fold in the flour.",
    "Scrape the batter into the tin.",
    "Scatter the nuts over.",
    "Bake for 55 minutes.",
    "Cool in the tin for 10 minutes, then turn out.",
    "Melt the chocolate with the cream.",
    "Leave it to stand for 15 minutes.",
    "Pour it over the cake.",
  ];
  const { tasks } = requested({
    recipe: { lines: [...LAYERS, "50 g walnuts, chopped"], steps },
    finish: { cover: "none" },
  });
  const told = (task: Task): string =>
    [task.words ?? "", task.doing.do === "step" ? task.doing.text : ""].join(" ");
  const placeOf = (words: string): string =>
    tasks.find((task) => told(task).includes(words))?.id ?? "nowhere";

  it("drops none of them", () => {
    for (const step of steps) expect([step, placeOf(step)]).not.toEqual([step, "nowhere"]);
  });

  it("puts nothing that stands after the bake before it", () => {
    const schedule = scheduleDay({ tasks, wantedAt: [10_000] });
    const from = (words: string): number =>
      schedule?.placed.find(({ id }) => id === placeOf(words))?.from ?? NaN;
    const out = schedule?.placed.find(({ id }) => id === "0.out1")?.to ?? NaN;
    for (const step of steps.slice(8)) expect([step, from(step) >= out]).toEqual([step, true]);
    expect(from("Scatter the nuts")).toBeGreaterThanOrEqual(from("Scrape the batter"));
    expect(from("Scatter the nuts")).toBeLessThan(from("Bake for 55"));
  });

  it("brings butter out once, and stands by nothing that only warms", () => {
    const out = "Take the butter and eggs out at least 60 minutes before.";
    const creamed = requested({
      recipe: {
        lines: LAYERS,
        steps: [
          out,
          "Cream butter and sugar.",
          "Beat in the eggs and flour.",
          "Bake for 55 minutes.",
        ],
      },
    }).tasks;
    expect(creamed.filter(({ id, words }) => id === "0.soften" || words === out)).toMatchObject([
      { id: "0.soften", words: out, needs: [] },
    ]);
    expect(creamed.some(({ doing }) => "text" in doing && doing.text === out)).toBe(false);
    const stirred = requested({
      recipe: {
        batter: { kind: "oil" },
        lines: LAYERS,
        steps: ["Bring the eggs out 60 minutes before.", "Stir all of it.", "Bake for 55 minutes."],
      },
    }).tasks;
    expect(
      stirred.find(({ doing }) => "text" in doing && doing.text.startsWith("Bring the eggs")),
    ).toMatchObject({ minutes: 60, needs: [] });
  });

  it("warms the oven as long as the recipe says, unless her own is known", () => {
    expect(tasks.find(({ id }) => id === "0.warm-up")).toMatchObject({
      minutes: 25,
      words: steps[0],
    });
    const known = requested({
      recipe: { lines: LAYERS, steps },
      oven: { warmUpMin: 12 },
      finish: { cover: "none" },
    });
    expect(known.tasks.find(({ id }) => id === "0.warm-up")?.minutes).toBe(12);
  });
});

describe("fruit on the floor of a tin", () => {
  const fruit = { at: "floor", pattern: "packed", widthMm: 70, thickMm: 10 } as const;
  const onFloor = requested({ recipe: { lines: LAYERS }, finish: { cover: "none", fruit } });
  const without = requested({ recipe: { lines: LAYERS }, finish: { cover: "none" } });

  it("takes its room in Fill, its grams in Build, and lies there before the batter in the Day", () => {
    const [tin, bare] = [onFloor.plan.fill.tins[0], without.plan.fill.tins[0]];
    // Eight of 70 mm go into a round of 230, squeezed a little: 8·π/4·70²·10 = 308 mL, at 0.95 g/mL
    // 292 g.
    expect(tin?.fruitMl).toBeCloseTo(307.9, 0);
    expect(tin?.fruitG).toBeCloseTo(292.5, 0);
    expect(tin?.depthMm).toBeGreaterThan((bare?.depthMm ?? 0) + 5);
    const cake = (plan: CakePlan): number => {
      const tier = plan.build.cakes[0]?.tiers[0];
      return (tier?.cakeG ?? 0) + (tier?.trimmedG ?? 0);
    };
    expect(cake(onFloor.plan) - cake(without.plan)).toBeCloseTo(292.5, 0);
    expect(onFloor.tasks.find(({ id }) => id === "0.fill")?.after.map(({ id }) => id)).toContain(
      "0.floor",
    );
    expect(onFloor.tasks.some(({ doing }) => doing.do === "decorate")).toBe(false);
  });

  it("keeps the recipe's minutes where its own bake held it too, and says so where it did not", () => {
    const reference = { ...BASE.recipe.reference, onTop: [{ where: "floor", massG: 292.5 }] };
    const held = requested({
      recipe: { lines: LAYERS, reference },
      finish: { cover: "none", fruit },
    });
    expect(held.plan.bake.likelyMin).toBe(55);
    expect(held.plan.remarks.map(({ code }) => code)).not.toContain("fruit-not-in-reference");
    expect(onFloor.plan.bake.likelyMin).toBeGreaterThan(62);
    expect(onFloor.plan.remarks.map(({ code }) => code)).toContain("fruit-not-in-reference");
  });

  it("pressed in, by the request's own word for it", () => {
    const onBatter = [{ where: "in", massG: 292.5 }];
    const reference = { ...BASE.recipe.reference, onTop: onBatter };
    expect(
      requested({ recipe: { lines: LAYERS, reference }, onBatter, finish: { cover: "none" } }).plan
        .bake.likelyMin,
    ).toBe(55);
  });
});

describe("a recipe without a main weight, and in other measures", () => {
  it("is judged by its tins and says what is missing", () => {
    const { plan } = requested({
      recipe: { lines: ["flour", "100 g sugar", "2 eggs"] },
      finish: { cover: "none" },
    });
    expect(plan.mix.basis).toBe("tins");
    expect(plan.mix.massG).toBeGreaterThan(500);
    expect(plan.remarks).toContainEqual({ code: "main-missing", names: ["flour"] });
  });

  it("takes cups, spoons and eggs as the request has them", () => {
    const mass = (measures?: object): number =>
      requested({
        recipe: {
          lines: ["2 cups sugar", "2 large eggs"],
          ...(measures === undefined ? {} : { measures }),
        },
        finish: { cover: "none" },
      }).plan.own.massG;
    expect(mass()).toBe(Math.round(2 * 200 * (250 / 236.588) + 2 * 58));
    expect(mass({ region: "us" })).toBe(400 + 100);
    expect(mass({ cupMl: 200, eggG: 45 })).toBe(Math.round((400 * 200) / 236.588 + 90));
    expect(
      parseCakeInput({ ...BASE, recipe: { ...BASE.recipe, measures: { cupMl: 20 } } }),
    ).toMatchObject({ ok: false, issue: { path: "recipe.measures.cupMl", min: 100, max: 400 } });
  });

  it("lists what it contains, its frosting's too", () => {
    const { answer } = requested({
      recipe: { lines: ["200 g flour", "200 g sugar", "100 ml oil", "50 g dried fruits or nuts"] },
      finish: { cover: "top", frosting: "cream-cheese" },
    });
    expect(answer.ok && answer.value.contains).toEqual(["wheat", "milk", "nuts"]);
  });
});

describe("a method told in paragraphs", () => {
  const told = (steps: readonly unknown[]): readonly (readonly [string, string])[] =>
    requested({ recipe: { lines: LAYERS, steps } }).tasks.map(({ id, doing, words }) => [
      id.slice(2),
      doing.do === "step" ? doing.text : (words ?? ""),
    ]);

  it("is done sentence by sentence where a paragraph heats, makes and fills", () => {
    const tasks = new Map(
      told([
        "Heat the oven to 180 C. Line the tin. Cream the butter and sugar. Fold in the flour. Spread in the tin. Scatter the nuts over.",
        "Bake for 55 minutes.",
      ]),
    );
    expect(tasks.get("warm-up")).toBe("Heat the oven to 180 C.");
    expect(tasks.get("tins")).toBe("Line the tin.");
    expect(tasks.get("step1")).toBe("Cream the butter and sugar. Fold in the flour.");
    expect(tasks.get("fill")).toBe("Spread in the tin.");
    expect([...tasks.values()]).toContain("Scatter the nuts over.");
  });

  it("stays whole where the baker said how long it takes", () => {
    const text = "Beat everything. Spread in the tin.";
    const tasks = new Map(told([{ text, minutes: 9 }, "Bake for 55 minutes."]));
    expect(tasks.get("fill")).toBe(text);
  });
});
