import { describe, expect, it } from "vitest";
import type { Stage, Step } from "./schema";
import { stepStages } from "./step-stages";

const steps = (...texts: readonly (string | readonly [text: string, stage: Stage])[]): Step[] =>
  texts.map((each, index) =>
    typeof each === "string"
      ? { id: `s${index}`, text: each }
      : { id: `s${index}`, text: each[0], stage: each[1] },
  );

describe("when a cake's steps are done", () => {
  it("follows from their place: before the bake, in it, hot until it cools, then cold", () => {
    expect(
      stepStages(
        steps(
          "Cream the butter and sugar.",
          "Bake for 30 minutes.",
          "Brush with syrup.",
          "Leave to cool in the tin.",
          "Drizzle the icing over.",
        ),
      ),
    ).toEqual(["before", "oven", "hot", "hot", "cold"]);
  });

  it("is the longest bake's, not that of a base which is only browned", () => {
    expect(
      stepStages(steps("Bake the base for 8 minutes.", "Mix.", "Bake for 50 minutes.")),
    ).toEqual(["before", "before", "oven"]);
  });

  it("is what a step says itself, and the others go by it", () => {
    expect(
      stepStages(
        steps(
          ["Bake the meringue top 5 minutes.", "hot"],
          ["Stir.", "cold"],
          "Bake for 40 minutes.",
        ),
      ),
    ).toEqual(["hot", "cold", "oven"]);
    expect(stepStages(steps("Mix.", ["Toast with tea.", "serve"]))).toEqual(["before", "serve"]);
  });

  it("is before the oven where nothing bakes", () => {
    expect(stepStages(steps("Mix.", "Stir."))).toEqual(["before", "before"]);
    expect(stepStages([])).toEqual([]);
  });
});
