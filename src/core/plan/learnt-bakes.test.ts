import { describe, expect, it } from "vitest";
import { planCake, type CakeInput } from ".";
import { parseCakeInput } from "./input";
import type { Tin } from "../tin";

const ROUND: Tin = { shape: "round", diameterMm: 203, depthMm: 51, count: 2 };
const NINE: Tin = { shape: "round", diameterMm: 229, depthMm: 51, count: 2 };
const LOAF: Tin = { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 70 };
type Logged = NonNullable<CakeInput["log"]>[number];

const logged = (minutes: number, changes: Partial<Logged> = {}): Logged => ({
  recipe: "same",
  tins: [ROUND],
  ovenC: 177,
  minutes,
  verdict: "right",
  ...changes,
});

function planned(log: readonly Logged[] | null, changes: Partial<CakeInput> = {}) {
  const plan = planCake({
    recipe: {
      batter: { kind: "creamed", volumeMl: 1200, massG: 1030 },
      reference: { tins: [ROUND], ovenC: 177, minutes: 35 },
    },
    tins: [ROUND],
    heat: "as-written",
    ...(log === null ? {} : { log: [...log] }),
    ...changes,
  });
  if (!plan.ok) throw new Error(JSON.stringify(plan.issue));
  return plan.value.bake;
}

describe("a plan with a log of bakes", () => {
  it("without one, or with an empty one, forecasts as ever", () => {
    const bare = planned(null);
    expect(bare.learnt).toBeNull();
    expect(planned([])).toMatchObject({ tins: bare.tins, learnt: { bakes: 0, setAside: [] } });
  });

  it("takes over what one bake in its own tin teaches", () => {
    // 35 min x e^0.2 taken: e^0.1705 of 35 likely, e^(−1.6·σ) of that the first look,
    // σ = √(0.055² + 0.06²) = 0.0814.
    const { learnt, tins } = planned([logged(35 * Math.exp(0.2))]);
    expect(learnt?.bakes).toBe(1);
    expect(learnt?.tins[0]?.logRatio).toBeCloseTo(0.1705, 3);
    expect(learnt?.tins[0]?.sd).toBeCloseTo(0.055, 3);
    expect(tins[0]).toMatchObject({ firstLookMin: 36, likelyMin: 42, notPastMin: 47 });
  });

  it("is surer with each bake, of its own tin more than of another", () => {
    const five = Array.from({ length: 5 }, () => logged(35));
    const sd = (tin: Tin, log: readonly Logged[]): number =>
      planned(log, { tins: [tin] }).learnt?.tins[0]?.sd ?? 9;
    const width = (tin: Tin, log: readonly Logged[] | null): number => {
      const [each] = planned(log, { tins: [tin] }).tins;
      return (each?.notPastMin ?? 0) / (each?.firstLookMin ?? 1);
    };
    expect(width(ROUND, five)).toBeLessThan(width(ROUND, [logged(35)]));
    for (const tin of [ROUND, NINE, LOAF])
      expect(sd(tin, five)).toBeLessThan(sd(tin, [logged(35)]));
    expect(sd(ROUND, five)).toBeLessThan(sd(NINE, five));
    expect(sd(NINE, five)).toBeLessThan(sd(LOAF, five));
  });

  it("rests on the recipe's other bakes too, which are none of hers", () => {
    const elsewhere = {
      recipe: {
        batter: { kind: "creamed" as const, volumeMl: 1200, massG: 1030 },
        reference: { tins: [ROUND], ovenC: 177, minutes: 35 },
        alsoBaked: [{ tins: [NINE], ovenC: 177, minutes: 30 }],
      },
    };
    const [alone, both] = [planned([logged(38)]), planned([logged(38)], elsewhere)];
    expect(both.learnt?.bakes).toBe(1);
    expect(both.learnt?.tins[0]?.sd).toBeLessThan(alone.learnt?.tins[0]?.sd ?? 0);
  });

  it("counts a wish for minutes more as right with those", () => {
    const wished = planned([logged(35, { verdict: "under", nextTimeMin: 5 })]);
    expect(wished.tins).toEqual(planned([logged(40)]).tins);
  });

  it("learns a little of the oven from another recipe", () => {
    const other = logged(36, {
      recipe: "harbour sheet",
      reference: { tins: [{ shape: "square", sideMm: 200, depthMm: 50 }], ovenC: 177, minutes: 30 },
      tins: [{ shape: "square", sideMm: 200, depthMm: 50 }],
    });
    const ratio = planned([other]).learnt?.tins[0]?.logRatio ?? 0;
    expect(ratio).toBeGreaterThan(0.02);
    expect(ratio).toBeLessThan(0.1);
    // A thermometer that was read in the oven leaves less to learn of it.
    const read = planned([other], {
      oven: { readings: Array.from({ length: 20 }, () => ({ dialC: 177, trueC: 177 })) },
    });
    expect(read.learnt?.tins[0]?.logRatio).toBeLessThan(ratio / 4);
  });

  it("moves the look the recipe tells with the minutes", () => {
    const looking = (log: readonly Logged[] | null) =>
      planned(log, {
        recipe: {
          batter: { kind: "creamed", volumeMl: 1200, massG: 1030 },
          reference: { tins: [ROUND], ovenC: 177, minutes: 35, checkAtMin: 30 },
        },
      });
    expect(looking(null).firstLookMin).toBe(30);
    const fast = looking(Array.from({ length: 5 }, () => logged(28)));
    // 30 min x e^(0.9665·ln(28/35)), by hand: 24.2.
    expect([fast.firstLookMin, fast.likelyMin]).toEqual([24, 28]);
  });

  it("takes what lies on the recipe's batter to lie on a logged one too", () => {
    const recipe: CakeInput["recipe"] = {
      batter: { kind: "creamed", volumeMl: 1200, massG: 1030 },
      reference: {
        tins: [ROUND],
        ovenC: 177,
        minutes: 35,
        onTop: [{ where: "top", massG: 400, volumeMl: 420 }],
      },
    };
    const { learnt } = planned([logged(35)], { recipe });
    expect(learnt?.tins[0]?.logRatio).toBeCloseTo(0, 9);
  });

  it("sets a wild bake aside, says which, and forecasts as if it were not there", () => {
    const found = planned([logged(70)]);
    expect(found.learnt).toMatchObject({ bakes: 0, setAside: [0] });
    expect(found.tins).toEqual(planned(null).tins);
    expect(planned([logged(70, { isConfirmed: true })]).likelyMin).toBeGreaterThan(45);
  });

  it.each([100, 260])("is read at the end of an oven's range too, %d °C", (ovenC) => {
    const { learnt } = planned([logged(60, { ovenC })], { heat: { ovenC } });
    expect(Number.isFinite(learnt?.tins[0]?.logRatio)).toBe(true);
  });

  it("is never slower in a hotter oven", () => {
    const log = [logged(40), logged(50, { tins: [LOAF], verdict: "under" })];
    const minutes = [150, 160, 170, 180, 190].map(
      (ovenC) => planned(log, { heat: { ovenC } }).likelyMin,
    );
    expect(minutes).toEqual(minutes.toSorted((a, b) => b - a));
  });

  it.each<[string, object, object]>([
    [
      "3 minutes",
      { minutes: 3 },
      { code: "out-of-range", path: "log[0].minutes", min: 5, max: 240 },
    ],
    ["9 hours", { minutes: 540 }, { code: "out-of-range", path: "log[0].minutes", max: 240 }],
    ["no known verdict", { verdict: "burnt" }, { code: "not-a-choice", path: "log[0].verdict" }],
    ["no tin", { tins: [] }, { path: "log[0].tins" }],
  ])("refuses a bake with %s", (_name, changes, issue) => {
    const asked = parseCakeInput({
      recipe: { reference: { tins: [ROUND], ovenC: 177 } },
      tins: [ROUND],
      log: [{ ...logged(35), ...changes }],
    });
    expect(asked).toMatchObject({ ok: false, issue });
  });

  it("refuses a bake of another recipe without that recipe's own", () => {
    expect(
      planCake({
        recipe: { reference: { tins: [ROUND], ovenC: 177 } },
        tins: [ROUND],
        log: [logged(35, { recipe: "harbour sheet" })],
      }),
    ).toMatchObject({ ok: false, issue: { code: "missing", path: "log[0].reference" } });
  });
});
