import { describe, expect, it } from "vitest";
import { LAYERS_RECORD } from "../logbook/record.test-data";
import { planCake } from "../plan";
import { bakedAgain } from "./again";
import { FIRST_QUESTION } from "./first-question";
import { readQuestion } from "./question";

const HABIT = { size: "metric", heat: "C" } as const;
const inputOf = (question: typeof FIRST_QUESTION) => {
  const { input } = readQuestion(question, HABIT);
  if (!input.ok) throw new RangeError(JSON.stringify(input.issue));
  return input.value;
};
const plannedFrom = (record: typeof LAYERS_RECORD, of = FIRST_QUESTION) => {
  const plan = planCake(inputOf(bakedAgain(record, of)));
  if (!plan.ok) throw new RangeError(JSON.stringify(plan.issue));
  return plan.value;
};

describe("a bake asked for again", () => {
  it("is forecast to take what it took, with what she wanted more or less", () => {
    const took = { ...LAYERS_RECORD, minutes: 39, verdict: "over" as const };
    expect(plannedFrom(took).bake.likelyMin).toBe(39);
    expect(plannedFrom({ ...took, nextTimeMin: -2 }).bake.likelyMin).toBe(37);
  });

  it("has the batter that was really poured", () => {
    const [tin] = LAYERS_RECORD.tins;
    if (tin === undefined) throw new RangeError("no tin");
    const weighed = { ...LAYERS_RECORD, tins: [{ ...tin, batterG: 1100, isWeighed: true }] };
    expect(plannedFrom(weighed).mix.massG).toBe(1100);
  });

  it("of a recipe that was made larger is made as large, and has learnt what it took", () => {
    const larger = { ...LAYERS_RECORD, scale: 1.5, minutes: 50, verdict: "right" as const };
    const { mix, own, scale, bake } = plannedFrom(larger);
    expect([Math.round(mix.massG), own.massG, scale]).toEqual([1545, 1030, 1.5]);
    const { bakes } = bake.learnt ?? { bakes: 0 };
    expect(bakes).toBe(1);
    const bare = planCake({ ...inputOf(bakedAgain(larger, FIRST_QUESTION)), log: undefined });
    const without = bare.ok ? bare.value.bake.likelyMin : 0;
    expect(Math.abs(bake.likelyMin - 50)).toBeLessThan(Math.abs(without - 50));
  });

  it("keeps what its cake had on and around it, and learns from nothing yet", () => {
    const of = {
      ...FIRST_QUESTION,
      cover: "top" as const,
      guests: "24",
      learnsFrom: "recipe" as const,
    };
    expect(bakedAgain(LAYERS_RECORD, of)).toMatchObject({
      cover: "top",
      guests: "24",
      learnsFrom: "nothing",
      recipe: "Net loft layers",
      heat: "177 °C",
    });
  });
});
