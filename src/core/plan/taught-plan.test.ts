import { describe, expect, it } from "vitest";
import type { Taught } from "../logbook";
import { volumeAt, tinGeometry } from "../tin";
import { dayCake } from "./day-detail";
import type { CakeInput } from "./input";
import { planCake, type CakePlan } from "./plan";
import { tasksOf } from "../day";
import { workRequest } from "./request";
import { parsePlanFile } from "./text-request";

const TIN = { shape: "round", diameterMm: 200, depthMm: 60 } as const;
const CAKE: CakeInput = {
  recipe: {
    batter: { kind: "creamed", massG: 800, volumeMl: 930 },
    reference: { tins: [TIN], ovenC: 170, minutes: 45 },
  },
  tins: [TIN],
  finish: { cover: "top-and-sides" },
};

function planned(taught?: Taught, changes: Partial<CakeInput> = {}): CakePlan {
  const plan = planCake({ ...CAKE, ...changes, ...(taught === undefined ? {} : { taught }) });
  if (!plan.ok) throw new RangeError(JSON.stringify(plan.issue));
  return plan.value;
}

describe("a plan that takes over what her pages teach", () => {
  it("is as it was where nothing is taken over", () => {
    expect(planned({})).toEqual(planned());
  });

  it("makes as much frosting as she uses, unless she says how much is to spare", () => {
    const bare = planned();
    expect(planned({ frosting: 0.8 }).finish.massG).toBeCloseTo(0.8 * bare.finish.massG, 6);
    const hers = { finish: { cover: "top-and-sides", marginFraction: 0.2 } } as const;
    expect(planned({ frosting: 0.8 }, hers).finish.massG).toBeCloseTo(
      planned({}, hers).finish.massG,
      6,
    );
  });

  it("weighs the cake by what hers lose in the oven", () => {
    const cakeG = (plan: CakePlan): number => plan.build.cakes[0]?.tiers[0]?.cakeG ?? 0;
    const trimmedG = (plan: CakePlan): number => plan.build.cakes[0]?.tiers[0]?.trimmedG ?? 0;
    const plan = planned({ massLoss: 0.15 });
    expect(cakeG(plan) + trimmedG(plan)).toBeCloseTo(0.85 * 800, 6);
  });

  it("has as much batter, as heavy, as she found", () => {
    const plan = planned({ yield: 0.95, gravity: 0.8 });
    expect(plan.mix.massG).toBeCloseTo(760, 6);
    expect(plan.mix.volumeMl).toBeCloseTo(950, 6);
    expect(plan.mix.specificGravity).toBeCloseTo(0.8, 10);
    expect(planned({ yield: 0.95 }).mix.volumeMl).toBeCloseTo(0.95 * 930, 6);
    // A batter that is heavier than its pieces would fill is all pieces, and never less than none.
    const pieces = { ...CAKE.recipe, batter: { ...CAKE.recipe.batter, piecesMl: 900 } };
    const heavy = planned({ gravity: 1.2 }, { recipe: pieces }).mix;
    expect(heavy.piecesMl).toBeCloseTo(heavy.volumeMl, 6);
  });

  it("stands as high as hers rise", () => {
    const geometry = tinGeometry(TIN);
    if (!geometry.ok) throw new RangeError("no tin");
    const plan = planned({ rise: 1.5 });
    const [fill] = plan.fill.tins;
    const edgeMm = fill?.baked.edgeMm ?? 0;
    const crownMm = (fill?.baked.crownTopMm ?? 0) - edgeMm;
    // Edge and half the crown's volume come to 1.5 times the batter.
    const capMl = (0.5 * crownMm * Math.PI * 100 ** 2) / 1000;
    expect(volumeAt(geometry.value, edgeMm) + capMl).toBeCloseTo(1.5 * 930, -1);
    expect(edgeMm).toBeLessThan(planned().fill.tins[0]?.baked.edgeMm ?? 0);
  });

  it("stands as high by a rise whatever its batter is found to weigh", () => {
    const edge = (plan: CakePlan): number => plan.fill.tins[0]?.baked.edgeMm ?? 0;
    expect(edge(planned({ rise: 1.5, gravity: 0.75 }))).toBeCloseTo(
      edge(planned({ rise: 1.5 })),
      6,
    );
  });

  it("keeps the batter as written beside the one she found", () => {
    const { own, found } = planned({ yield: 0.9, gravity: 0.8 });
    expect([own.massG, own.volumeMl]).toEqual([800, 930]);
    expect(found.massG).toBeCloseTo(720, 6);
    expect(planned().found).toEqual(planned().own);
  });

  it("gives hands her minutes, but what the recipe times stays as long", () => {
    const minutes = (hands: number): ReadonlyMap<string, number> => {
      const file = parsePlanFile({
        ...CAKE,
        recipe: {
          ...CAKE.recipe,
          lines: ["200 g butter", "200 g sugar", "4 eggs", "200 g flour"],
          steps: ["Beat the butter and sugar for 8 minutes.", "Fold in the flour."],
        },
        ...(hands === 1 ? {} : { taught: { hands } }),
      });
      if (!file.ok) throw new RangeError(JSON.stringify(file.issue));
      const { input, formula, made } = workRequest(file.value.input);
      const plan = planCake(input);
      if (!plan.ok) throw new RangeError(JSON.stringify(plan.issue));
      const tasks = tasksOf(dayCake(input, plan.value, formula, made), 0);
      return new Map(tasks.map(({ id, minutes: takes }) => [id, takes]));
    };
    const [usual, slow] = [minutes(1), minutes(1.5)];
    expect(slow.get("0.final-coat")).toBe(Math.round(1.5 * (usual.get("0.final-coat") ?? 0)));
    const beaten = [...usual].find(([, takes]) => takes === 8)?.[0] ?? "";
    expect(slow.get(beaten)).toBe(8);
    expect(slow.get("0.bake1")).toBe(usual.get("0.bake1"));
  });

  it.each<[object, string]>([
    [{ frosting: 9 }, "taught.frosting"],
    [{ massLoss: 0.9 }, "taught.massLoss"],
    [{ rise: "high" }, "taught.rise"],
    [{ luck: 1 }, "taught.luck"],
  ])("does not take over %j", (taught, path) => {
    const file = parsePlanFile({ ...CAKE, taught });
    expect(file).toMatchObject({ ok: false, issue: { path } });
  });
});
