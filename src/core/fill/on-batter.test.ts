import { describe, expect, it } from "vitest";
import { laidMass, ON_BATTER_THINGS, settledOn, timesLaid, hasUsualOnBatter } from ".";
import { laidVolume } from "./on-batter";

describe("what lies under, in or on raw batter", () => {
  it("has its usual amount by area where nobody says how much", () => {
    // 314 cm² of a 20 cm round: nuts 0.2 g/cm² make 63 g.
    const area = Math.PI * 100 ** 2;
    expect(settledOn([{ where: "top", what: "nuts" }], area)).toEqual([
      { where: "top", what: "nuts", massG: 63 },
    ]);
    const said = [
      { where: "top" as const, what: "nuts" as const, massG: 10 },
      { where: "in" as const, volumeMl: 40 },
      { where: "in" as const },
    ];
    expect(settledOn(said, area)).toEqual(said);
  });

  it("takes the space of how loosely it lies", () => {
    // 65 g of chips at 0.65 g/mL, and 133 g of jam at 1.33.
    expect(
      laidVolume([
        { where: "top", what: "chips", massG: 65 },
        { where: "between", what: "jam", massG: 133 },
      ]),
    ).toBeCloseTo(200, 6);
    expect(laidMass([{ where: "in", what: "jam", volumeMl: 100 }])).toBeCloseTo(133, 6);
    // What nobody names is as fruit.
    expect(laidVolume([{ where: "in", massG: 95 }])).toBeCloseTo(100, 6);
  });

  it("stays what it is when the cake is made more often", () => {
    expect(timesLaid([{ where: "between", what: "own", name: "figs", massG: 50 }], 1.5)).toEqual([
      { where: "between", what: "own", name: "figs", massG: 75 },
    ]);
  });

  it("has a usual amount for all but what only she knows", () => {
    expect(ON_BATTER_THINGS.filter((what) => !hasUsualOnBatter(what))).toEqual(["own"]);
  });
});
