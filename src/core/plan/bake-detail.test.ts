import { describe, expect, it } from "vitest";
import { bakeInside, USUAL_OVEN } from "../bake";
import { bakeDetail, insideCases, solvedTin } from "./bake-detail";
import { FIRST_QUESTION, readQuestion, type Question } from "../ask";
import { planCake, type CakePlan } from "./plan";
import type { CakeInput } from "./input";

const METRIC = { size: "metric", heat: "C" } as const;

function planned(changes: Partial<Question>): {
  readonly input: CakeInput;
  readonly plan: CakePlan;
} {
  const { input } = readQuestion({ ...FIRST_QUESTION, ...changes }, METRIC);
  const plan = input.ok ? planCake(input.value) : input;
  if (!input.ok || !plan.ok) throw new Error(JSON.stringify(plan));
  return { input: input.value, plan: plan.value };
}

const oven = (changes: Partial<typeof USUAL_OVEN>): Question["oven"] => ({
  id: "o",
  name: "An oven",
  spec: { ...USUAL_OVEN, ...changes },
});

describe("what a plan says of its bake", () => {
  it("takes the quickest tins out first, those within a minute together", () => {
    const { input, plan } = planned({
      tins: ["20 cm round", "12 cups", "20.3 cm round", "fluted ring 25 cm"],
    });
    const { outOrder } = bakeDetail(input, plan);
    expect(outOrder[0]).toEqual([1]);
    expect(outOrder.flat().toSorted()).toEqual([0, 1, 2, 3]);
    expect(outOrder.find((group) => group.includes(0))).toContain(2);
  });

  it("knows loads only of an oven whose shelf is known", () => {
    const tins = ["2 x 23 cm round", "12 cups"];
    const { input, plan } = planned({ tins });
    expect(bakeDetail(input, plan).shelves).toBeNull();
    const inOven = planned({ tins, oven: oven({}) });
    expect(bakeDetail(inOven.input, inOven.plan).shelves?.loads.length).toBeGreaterThan(1);
  });
});

describe("a solved tin", () => {
  it("in the recipe's own tin has its own minutes, crown and crust", () => {
    const { input, plan } = planned({ tins: ["2 x 20 x 5 cm round"], school: "as-written" });
    const cases = insideCases(input, plan);
    const [own] = cases?.tins ?? [];
    if (cases == null || own === undefined) throw new Error("no case");
    expect(
      solvedTin(
        bakeInside(own),
        bakeInside(cases.reference),
        34,
        plan.bake.tins[0]?.likelyMin ?? 0,
      ),
    ).toMatchObject({ crown: "same", crust: "same", minutes: 34 });
  });

  it("is solved in its strips, its fruit and the heat of the plan", () => {
    const { input, plan } = planned({
      tins: ["20 cm round", "loaf 22 x 11 cm"],
      strips: true,
      fruit: "300 g",
      school: "low",
    });
    const [round, loaf] = insideCases(input, plan)?.tins ?? [];
    expect([round?.hasStrips, loaf?.hasStrips]).toEqual([true, false]);
    expect(round?.ovenC).toBe(150);
    expect((round?.batterMl ?? 0) + (loaf?.batterMl ?? 0)).toBeGreaterThan(plan.mix.volumeMl);
  });
});

it("the same tins at other heats take longer the cooler it is, the chosen heat in the middle", () => {
  const { input, plan } = planned({ school: "as-written" });
  const { otherHeats } = bakeDetail(input, plan);
  expect(otherHeats.map(({ ovenC }) => ovenC)).toEqual([160, 170, 180, 190, 200]);
  expect(otherHeats[2]).toEqual({ ovenC: 180, likelyMin: plan.bake.likelyMin });
  const minutes = otherHeats.map(({ likelyMin }) => likelyMin);
  expect(minutes).toEqual(minutes.toSorted((a, b) => b - a));
});

it("paper where the recipe has none makes a bake a little longer, by both models", () => {
  const minutes = (lined: boolean): number =>
    planned({ lined, tins: ["2 x 20 x 5 cm round"], school: "as-written" }).plan.bake.likelyMin;
  expect(minutes(true)).toBeGreaterThan(minutes(false));
  expect(minutes(true)).toBeLessThan(1.1 * minutes(false));
  const solved = [true, false].map((lined) => {
    const { input, plan } = planned({ lined, tins: ["2 x 20 x 5 cm round"], school: "as-written" });
    const [own] = insideCases(input, plan)?.tins ?? [];
    return own === undefined ? Number.NaN : (bakeInside(own).doneMinute ?? Number.NaN);
  });
  expect(solved[0]).toBeGreaterThan(solved[1] ?? Number.NaN);
  expect(solved[0]).toBeLessThan(1.1 * (solved[1] ?? Number.NaN));
});

describe("the oven of a question", () => {
  it("turns the dial by what its thermometer said", () => {
    const { plan } = planned({
      school: "as-written",
      oven: oven({ dial: { scale: "C", step: 1 }, readings: [{ dialC: 180, trueC: 172 }] }),
    });
    expect(plan.bake).toMatchObject({ ovenC: 180, dialC: 188, dialScale: "C", dialMark: null });
  });

  it("bakes at what a coarse dial can be set to", () => {
    const { plan } = planned({
      school: "own",
      ownHeat: "171",
      oven: oven({ dial: { scale: "gas", step: 1 } }),
    });
    expect(plan.bake).toMatchObject({ dialMark: "3", dialC: 165, ovenC: 165 });
  });

  it("blows or not as it can, whatever the box says", () => {
    const minutes = (air: "still" | "fan" | "either", fan: boolean): number =>
      planned({ fan, school: "own", ownHeat: "170", oven: oven({ air }) }).plan.bake.likelyMin;
    expect(minutes("still", true)).toBe(minutes("either", false));
    expect(minutes("fan", false)).toBe(minutes("either", true));
    expect(minutes("fan", false)).toBeLessThan(minutes("still", false));
  });
});

describe("other boxes of the bake", () => {
  it("rests on other bakes that went well, and says which is wrong", () => {
    const also = [
      { from: "12 cups", heat: "", minutes: "20 min" },
      { from: "", heat: "", minutes: "" },
    ];
    expect(planned({ also }).input.recipe.alsoBaked).toMatchObject([
      { ovenC: 180, minutes: 20, tins: [{ shape: "well", count: 12 }] },
    ]);
    const issueOf = (changes: Partial<Question["also"][number]>): unknown =>
      readQuestion(
        { ...FIRST_QUESTION, also: [{ from: "12 cups", heat: "", minutes: "20", ...changes }] },
        METRIC,
      ).issues.also;
    expect(issueOf({ from: "two zonks" })).toMatchObject({
      code: "unreadable",
      path: "also[0].size",
      value: "zonks",
    });
    expect(issueOf({ minutes: "2" })).toMatchObject({
      path: "also[0].minutes",
      value: 2,
      min: 5,
      max: 240,
    });
    expect(issueOf({ minutes: "" })).toMatchObject({ code: "missing", path: "also[0].minutes" });
    expect(issueOf({ heat: "50 C" })).toMatchObject({ path: "also[0].ovenC", value: 50, min: 100 });
  });

  it("takes a heat of her own, and until it is written the recipe's", () => {
    expect(planned({ school: "own", ownHeat: "165" }).plan.bake).toMatchObject({
      ovenC: 165,
      reason: "chosen",
    });
    expect(planned({ school: "own", ownHeat: "" }).plan.bake).toMatchObject({
      ovenC: 180,
      reason: "as-written",
    });
    expect(
      readQuestion({ ...FIRST_QUESTION, school: "own", ownHeat: "300 C" }, METRIC).issues.ownHeat,
    ).toMatchObject({ value: 300, max: 260 });
    expect(
      readQuestion({ ...FIRST_QUESTION, school: "low", ownHeat: "rubbish" }, METRIC).issues.ownHeat,
    ).toBeUndefined();
  });

  it.each(["microwave", "closed-pot"] as const)(
    "asks no heat of a %s recipe, and carries it to no other kind of tin",
    (source) => {
      const asked = (tins: readonly string[]) =>
        readQuestion(
          {
            ...FIRST_QUESTION,
            source,
            heat: "",
            from: "8 x 9 cm mug",
            minutes: "2 min",
            weight: "150 g",
            tins: [...tins],
          },
          METRIC,
        );
      const same = asked(["7.5 x 8 cm mug"]);
      expect(same.issues).toEqual({});
      const plan = same.input.ok ? planCake(same.input.value) : same.input;
      expect(plan).toMatchObject({ ok: true, value: { bake: { source, likelyMin: 2 } } });
      if (!plan.ok || !same.input.ok) throw new Error("not planned");
      expect(bakeDetail(same.input.value, plan.value)).toMatchObject({
        otherHeats: [],
        foilLookMin: null,
        shelves: null,
      });
      expect(insideCases(same.input.value, plan.value)).toBeNull();
      const other = asked(["20 x 5 cm"]);
      expect(other.input.ok && planCake(other.input.value)).toMatchObject({
        ok: false,
        issue: { code: "not-extrapolated", source },
      });
    },
  );

  it("plans twenty tins at once", () => {
    const { input, plan } = planned({
      tins: Array.from({ length: 20 }, (_, index) => `${10 + index} cm round`),
      oven: oven({}),
      scale: "times",
      amount: "8",
    });
    const detail = bakeDetail(input, plan);
    expect(detail.outOrder.flat()).toHaveLength(20);
    expect(detail.shelves?.loads.flat(2)).toHaveLength(20);
  });
});
