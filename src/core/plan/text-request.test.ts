import { describe, expect, it } from "vitest";
import { planFileAnswer } from "./plan-file";
import { parsePlanFile } from "./text-request";
import { FEW_WORDS } from "./answer-words.test-data";

const DAY = { day: { wantedAt: "2026-12-05T15:00" } };

function answered(text: string, rest: object = DAY) {
  const file = { recipe: { text }, ...rest };
  const [asked, answer] = [parsePlanFile(file), planFileAnswer(file, FEW_WORDS)];
  if (!asked.ok || !answer.ok || !("bake" in answer.value))
    throw new Error(JSON.stringify([asked, answer]));
  return {
    input: asked.value.input,
    answer: answer.value,
    tasks: answer.value.day?.tasks ?? [],
  };
}

/** The task that says something, with when it begins. */
function saying(tasks: ReturnType<typeof answered>["tasks"], words: string) {
  const found = tasks.find((task) => `${task.text} ${task.words ?? ""}`.includes(words));
  if (found === undefined) throw new Error(`no task says “${words}”`);
  return found;
}

const TOPPING_FIRST = `Net loft pear cake

For the topping: whip 200 ml double cream with 20 g icing sugar and keep it cold.

225 g butter, soft
225 g caster sugar
4 eggs
225 g plain flour
2 tsp baking powder
2 pears, diced

Heat the oven to 180 C. Grease and line a 23 cm round tin.
Cream the butter and sugar for 5 minutes. Beat in the eggs, then fold in the flour, baking powder and pears.
Scrape into the tin and bake for 45 to 50 minutes.
Leave in the tin for 10 minutes, then turn out and brush with a little hot syrup.
When it is cold, spread the cream over the top.
Serve in wedges with tea.
Keeps for two days in the fridge.`;

describe("a plan of a recipe's text alone", () => {
  const { input, answer, tasks } = answered(TOPPING_FIRST);

  it("takes name, tins, heat and minutes from it", () => {
    expect(input.recipe).toMatchObject({
      name: "Net loft pear cake",
      reference: { tins: [{ shape: "round", diameterMm: 230 }], ovenC: 180, minutes: 48 },
    });
    expect(input.tins).toEqual(input.recipe.reference.tins);
    expect(answer.mix.kind).toBe("creamed");
  });

  it("looks first when the text says to", () => {
    const text = TOPPING_FIRST.replace("50 minutes.", "50 minutes. Check at 35.");
    expect(answered(text).answer.bake.firstLookMin).toBe(35);
    expect(answer.bake.firstLookMin).toBeGreaterThan(35);
  });

  it("says of each tin what a log of its bakes teaches, and of the slowest", () => {
    const { answer: learnt, input: asked } = answered(TOPPING_FIRST, {
      ...DAY,
      log: [
        {
          recipe: "same",
          tins: [{ shape: "round", diameterMm: 230, depthMm: 50 }],
          ovenC: 180,
          minutes: 54,
          verdict: "right",
        },
      ],
    });
    expect(asked.log).toHaveLength(1);
    const [tin] = learnt.bake.tins;
    // ln(54/48) x 0.0208/0.0244, by hand, for an oven that a degree moves by a hundredth.
    expect(tin?.learnt?.logRatio).toBeCloseTo(0.1, 2);
    expect(tin?.learnt).toMatchObject({ bakes: 1, setAside: [] });
    expect(learnt.bake.learnt).toEqual(tin?.learnt);
    expect(learnt.bake.likelyMin).toBe(Math.round(48 * Math.exp(tin?.learnt?.logRatio ?? 0)));
    expect(answer.bake).not.toHaveProperty("learnt");
  });

  it("puts each step where the cake is: nothing done to it comes before the oven", () => {
    const bakes = saying(tasks, "bake for 45 to 50 minutes");
    for (const early of ["Cream the butter and sugar", "Scrape into the tin"])
      expect([early, saying(tasks, early).from < bakes.from]).toEqual([early, true]);
    for (const [late, stage] of [
      ["brush with a little hot syrup", "hot"],
      ["spread the cream over the top", "cold"],
      ["Serve in wedges", "serve"],
      ["Keeps for two days", "keep"],
    ] as const) {
      const task = saying(tasks, late);
      expect([late, task.stage, task.from > bakes.from]).toEqual([late, stage, true]);
    }
  });

  it("says storing after the hour it is wanted, and takes no time of the day for it", () => {
    expect(saying(tasks, "Keeps for two days")).toMatchObject({
      from: "2026-12-05T15:00",
      minutes: 0,
    });
  });

  it("adds no frosting of its own", () => {
    expect(tasks.some(({ text }) => /butter and sugar frosting/u.test(text))).toBe(false);
  });

  it("waits with a clock where the text says a wait", () => {
    const { tasks: told } = answered(
      "Slip ginger cake. 200 g butter, 200 g sugar, 4 eggs, 250 g flour, 1 tsp baking powder. " +
        "Cream the butter and sugar, beat in the eggs, fold in the flour. Pour into a 20 cm round tin. " +
        "Bake at 170 C for 40 minutes. Turn the tin over on a bottle and let it hang for 90 minutes.",
    );
    const hangs = told.find(({ minutes, needs }) => minutes === 90 && needs.length === 0);
    expect(hangs?.stage).toBe("hot");
  });

  it("says what stays in its tin with the turning out, not after it", () => {
    const { tasks: told } = answered(
      TOPPING_FIRST.replace(
        "10 minutes, then turn out and brush",
        "10 minutes. Turn out and brush",
      ),
    );
    expect(saying(told, "Leave in the tin for 10 minutes").text).toBe("Turn out the cake");
  });

  it("leaves a cake in its tin as the text says, and warms the oven in its own time", () => {
    const { answer: sheet, tasks: day } = answered(`Slipway treacle sheet

Heat the oven to 170C. Line a 20 x 30 cm tin with paper.

150g butter
150g dark brown sugar
3 eggs
200g self-raising flour
100ml milk

Melt the butter, cool 5 minutes, then beat in the sugar and the eggs. Stir in flour and milk.
Pour into the tin and bake for 35 to 40 minutes.
Leave in the tin till cold.`);
    expect(sheet.cool.tins.map(({ turnOutMin }) => turnOutMin)).toEqual([null]);
    expect(saying(day, "Leave in the tin till cold")).toMatchObject({ text: "Cool in the tin" });
    expect(day.some(({ text }) => text.startsWith("Turn out"))).toBe(false);
    expect(saying(day, "Heat the oven to 170C").minutes).toBeGreaterThanOrEqual(10);
    expect(day.some((task) => `${task.text} ${task.words}`.includes("Slipway treacle"))).toBe(
      false,
    );
    // The wait is said once, without what is done after it.
    expect(saying(day, "Cool 5 minutes")).toMatchObject({ text: "Cool 5 minutes", minutes: 5 });
  });

  it("leaves a cake in the switched-off oven, under a cloth and over night, each said once", () => {
    const { answer: cake, tasks: day } = answered(`Breakwater hazelnut round

Line a 20 cm springform tin. Heat the oven to 170C.

4 eggs
160g caster sugar
180g ground hazelnuts
40g plain flour

Whisk the eggs and sugar until thick, fold in the nuts and flour and pour into the tin.
Bake for 40 minutes.
Turn the oven off and leave it inside with the door ajar for 15 minutes.
Take it out, cover it with a clean tea towel and leave it overnight.
Dust with icing sugar.`);
    expect(cake.cool).toMatchObject({ offOvenMin: 15, covered: true, overnight: true });
    const off = saying(day, "leave it inside with the door ajar");
    expect(off).toMatchObject({ text: "Oven off, the cake stays in", minutes: 15 });
    expect(saying(day, "leave it overnight").text).toContain("overnight");
    expect(saying(day, "leave it overnight").minutes).toBeGreaterThan(400);
    expect(day.filter(({ words }) => words?.includes("overnight") === true)).toHaveLength(1);
    expect(day.filter(({ words }) => words?.includes("ajar") === true)).toHaveLength(1);
  });

  it("turns what lies on its floor over once, while it is warm", () => {
    const turned = (cool: object, onBatter: readonly object[]): readonly unknown[] =>
      answered(TOPPING_FIRST, { ...DAY, onBatter, cool }).answer.cool.tins.map((tin) => [
        tin.turned,
        tin.turnOutMin,
      ]);
    const pears = [{ where: "floor", massG: 300 }];
    expect(turned({}, pears)).toEqual([["once", 5]]);
    expect(turned({}, [])).toEqual([["twice", 10]]);
    expect(turned({ inTinMin: 15 }, pears)).toEqual([["once", 15]]);
    expect(turned({ turned: "twice" }, pears)).toEqual([["twice", 5]]);
    expect(turned({ stays: true }, pears)).toEqual([["no", null]]);
  });

  it("lets what is given stand over what is told", () => {
    const given = answered(TOPPING_FIRST, {
      tins: [{ shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 }],
      heat: { ovenC: 165 },
    });
    expect(given.input.tins).toMatchObject([{ shape: "rectangle" }]);
    expect(given.answer.bake.ovenC).toBe(165);
    expect(given.answer.day).toBeUndefined();
  });

  it("refuses an empty text and unknown fields by name", () => {
    expect(parsePlanFile({ recipe: { text: "" } })).toMatchObject({
      ok: false,
      issue: { path: "recipe.text" },
    });
    expect(parsePlanFile({ recipe: { text: "cake", words: 3 } })).toMatchObject({ ok: false });
    expect(parsePlanFile({ recipe: { text: 7 } })).toMatchObject({
      ok: false,
      issue: { path: "recipe.text" },
    });
  });

  it("plans a text that names no tin and no heat with what is usual", () => {
    const bare = answered("Cake. 200 g flour, 200 g sugar, 200 g butter, 4 eggs. Mix and bake.");
    expect(bare.input.tins).toHaveLength(1);
    expect(bare.answer.fill.tins[0]?.batterG).toBeGreaterThan(500);
    const doubted = bare.answer.doubts?.map(({ about }) => about);
    expect(doubted).toEqual(expect.arrayContaining(["tins", "heat", "minutes"]));
  });

  const MUG = {
    recipe: {
      text: "Night watch mug cake. In a mug mix 4 tbsp flour, 3 tbsp sugar, 1 egg and 2 tbsp oil. Microwave on high for 90 seconds. Let it stand 2 minutes. Eat from the mug with a spoon.",
    },
    ...DAY,
  };

  it("plans a mug of the microwave as it is told, and gives no oven's heat", () => {
    const { answer: mug, tasks: day } = answered(MUG.recipe.text);
    expect(mug.bake).toMatchObject({
      source: "microwave",
      ovenC: null,
      dialC: null,
      firstLookMin: 1.5,
      likelyMin: 1.5,
      otherHeats: [],
    });
    expect(mug.fill.tins[0]).toMatchObject({ shape: "mug", verdict: "fits" });
    expect(mug.fill.tins[0]?.limitMl).toBeLessThanOrEqual(0.5 * (mug.fill.tins[0]?.brimMl ?? 0));
    expect(mug.cautions.map(({ code }) => code)).toContain("mug");
    expect(mug.cool.tins[0]).toMatchObject({ stays: true, turned: "no" });
    expect(mug.serve.pieces).toBe(1);
    expect(day.map(({ text }) => text)).toEqual([
      "Weigh 4 ingredients",
      "In a mug mix 4 tbsp flour, 3 tbsp sugar, 1 egg and 2 tbsp oil",
      "Cook in the microwave",
      "Look, and bake on until two signs agree",
      "Take out",
      "Let it stand 2 minutes",
      "Eat from the mug with a spoon",
    ]);
    expect(saying(day, "Cook in the microwave").minutes).toBe(2);
    expect(saying(day, "Eat from the mug").stage).toBe("serve");
  });

  it("carries a mug to a smaller one by what is in it, and to nothing else", () => {
    const half = { scale: 0.5, tins: [{ shape: "mug", diameterMm: 70, depthMm: 80 }] };
    const { answer: small } = answered(MUG.recipe.text, { ...DAY, ...half });
    expect(small.bake).toMatchObject({ likelyMin: 0.75 });
    expect(small.bake.firstLookMin).toBeLessThan(0.75);
    expect(small.bake.notPastMin).toBeGreaterThanOrEqual(1);
    for (const tin of [
      { shape: "round", diameterMm: 203, depthMm: 51 },
      { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 },
    ])
      expect(planFileAnswer({ ...MUG, tins: [tin] }, FEW_WORDS)).toMatchObject({
        ok: false,
        issue: { code: "not-extrapolated", path: "tins[0]", source: "microwave" },
      });
    // Nor three times as much into one.
    expect(planFileAnswer({ ...MUG, scale: 3 }, FEW_WORDS)).toMatchObject({
      ok: false,
      issue: { code: "not-extrapolated" },
    });
  });

  it("plans a closed pot with its bed of salt, its lid and its own minutes", () => {
    const { answer: pot, tasks: day } = answered(`Lamp trimmer's pot cake

1 1/2 cups plain flour
3/4 cup sugar
1 cup yogurt
1/2 cup oil
1 tsp baking powder
1/2 tsp baking soda

Take a heavy pot, spread 2 cups of salt in it, set a stand on the salt, close the lid and preheat it on a medium flame for 10 minutes.
Grease a 7 inch round tin. Mix the yogurt and sugar, let it sit 5 minutes, then whisk in the oil and fold in the flour, baking powder and soda.
Pour into the tin, stand it in the pot, close the lid and cook on a low flame for 40 to 45 minutes. Check at 35.
Take the tin out and leave it to cool, then turn it out onto a plate.`);
    expect(pot.bake).toMatchObject({ source: "closed-pot", ovenC: null, firstLookMin: 35 });
    expect(pot.bake.likelyMin).toBeGreaterThanOrEqual(42);
    expect(pot.cautions.map(({ code }) => code)).toContain("closed-pot");
    expect(day.map(({ text }) => text)).toContain("Cook in the closed pot");
    expect(day.some(({ text }) => text.startsWith("Oven on"))).toBe(false);
  });
});
