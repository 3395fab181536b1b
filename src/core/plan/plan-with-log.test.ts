import { describe, expect, it } from "vitest";
import type { LoggedBake } from "../logbook";
import type { Tin } from "../tin";
import type { CakeInput } from "./input";
import { planWithLog } from "./plan-with-log";

const ROUND: Tin = { shape: "round", diameterMm: 203, depthMm: 51, count: 2 };
const INPUT: CakeInput = {
  recipe: {
    batter: { kind: "creamed", volumeMl: 1200, massG: 1030 },
    reference: { tins: [ROUND], ovenC: 177, minutes: 34 },
  },
  tins: [ROUND],
  heat: "as-written",
};
const baked = (minutes: number, recipe = "same"): LoggedBake => ({
  recipe,
  tins: [ROUND],
  ovenC: 177,
  minutes,
  verdict: "right",
});

describe("a plan with a log in place of its own", () => {
  it("learns from it, and with none is as it would be without", () => {
    const learnt = planWithLog(INPUT, [baked(39), baked(39)]);
    expect(learnt?.plan.bake.learnt?.bakes).toBe(2);
    const bare = planWithLog({ ...INPUT, log: [baked(60)] }, []);
    expect(bare?.plan.bake).toMatchObject({ likelyMin: 34, learnt: null });
  });

  it("leaves out the bakes that name nothing to compare with, wherever they stand", () => {
    const [one, two] = [baked(39), baked(38)];
    const found = planWithLog(INPUT, [baked(20, "loaf"), one, baked(21, "ring"), two]);
    expect(found?.log).toEqual([one, two]);
    expect(found?.plan.bake.learnt?.bakes).toBe(2);
  });

  it("is none where the cake itself can't be planned", () => {
    expect(planWithLog({ ...INPUT, heat: { ovenC: 250 }, scale: 60 }, [baked(39)])).toBeNull();
  });
});
