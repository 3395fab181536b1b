import { describe, expect, it } from "vitest";
import { LAYERS_RECORD } from "../logbook/record.test-data";
import { planCake } from "../plan";
import { bakedAgain } from "./again";
import { FIRST_QUESTION, readQuestion } from "./question";

const HABIT = { size: "metric", heat: "C" } as const;
const plannedFrom = (record: typeof LAYERS_RECORD, of = FIRST_QUESTION) => {
  const { input } = readQuestion(bakedAgain(record, of), HABIT);
  const plan = input.ok ? planCake(input.value) : input;
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
    expect(plannedFrom({ ...LAYERS_RECORD, scale: 1.5 }).mix.massG).toBe(1545);
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
