import { expect, it } from "vitest";
import { coolDetail, coolStretches, type CooledTin } from "./cool-detail";
import { planCake, type CakePlan } from "./plan";
import type { CakeInput } from "./input";

function planned(cool?: CakeInput["cool"]): CakePlan {
  const plan = planCake({
    recipe: {
      batter: { kind: "creamed", massG: 1030, volumeMl: 1200 },
      reference: {
        tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
        ovenC: 177,
        minutes: 34,
      },
    },
    tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
    ...(cool === undefined ? {} : { cool }),
  });
  if (!plan.ok) throw new Error(JSON.stringify(plan.issue));
  return plan.value;
}

const COOLED: CooledTin = {
  out: { when: "after", minutes: 10 },
  turned: "twice",
  turnOutMin: 10,
  soakUntilMin: 22,
  meltsUntilMin: 39,
  lukewarmMin: 57,
  coldMin: 110,
  fromMin: 83,
  toMin: 138,
  fridgeMin: 80,
  freezerMin: 70,
};

it("says what may be done when while a cake cools", () => {
  expect(coolStretches(COOLED, 132)).toEqual([
    { what: "in-tin", from: 0, to: 10 },
    { what: "soak", from: 10, to: 22 },
    { what: "melt", from: 10, to: 39 },
    { what: "wrap", from: 57, to: 110 },
    { what: "cut", from: 110, to: 132 },
  ]);
});

it("begins at once in what it stays in, and leaves out what is over before it is out", () => {
  const stays = coolStretches({ ...COOLED, out: { when: "never" } }, 132);
  expect(stays.map(({ what, from }) => [what, from])).toEqual([
    ["soak", 0],
    ["melt", 0],
    ["wrap", 57],
    ["cut", 110],
  ]);
  const late = coolStretches({ ...COOLED, out: { when: "after", minutes: 30 } }, 132);
  expect(late.map(({ what }) => what)).toEqual(["in-tin", "melt", "wrap", "cut"]);
});

it("cools the tins of a plan as it is asked", () => {
  const [bare, covered] = [coolDetail(planned()), coolDetail(planned({ covered: true }))];
  expect(bare[0]?.turned).toBe("twice");
  expect(covered[0]?.coldMin).toBeGreaterThan(bare[0]?.coldMin ?? 0);
  expect(coolDetail(planned({ stays: true }))[0]).toMatchObject({
    out: { when: "never" },
    turned: "no",
    turnOutMin: null,
  });
});
