import { describe, expect, it } from "vitest";
import { planFileAnswer } from "./plan-file";
import { bakeDetail } from "./bake-detail";
import { duringDetail, isAmiss } from "./during-detail";
import type { CakeInput } from "./input";
import { planCake, type CakePlan } from "./plan";
import { FEW_WORDS } from "./answer-words.test-data";

const ROUND = { shape: "round", diameterMm: 200, depthMm: 50 } as const;
const asked = (changes: Partial<CakeInput> = {}): CakeInput => ({
  recipe: {
    batter: { kind: "creamed", massG: 900 },
    reference: { tins: [ROUND], ovenC: 180, minutes: 60 },
    during: [
      { do: "turn", atMin: 30 },
      { do: "heat", atMin: 15, ovenC: 160 },
    ],
  },
  tins: [ROUND],
  heat: "as-written",
  ...changes,
});
function planned(input: CakeInput): CakePlan {
  const plan = planCake(input);
  if (!plan.ok) throw new Error(JSON.stringify(plan.issue));
  return plan.value;
}

describe("what is done in the oven", () => {
  it("keeps the recipe's minutes in the recipe's tins, the first first", () => {
    const input = asked();
    expect(duringDetail(input, planned(input))).toEqual([
      expect.objectContaining({
        do: "heat",
        atMin: 15,
        trueC: 160,
        dial: { dialC: 160, mark: null },
      }),
      expect.objectContaining({ do: "turn", atMin: 30, dial: null }),
    ]);
  });

  it("comes at the same share of a shorter bake", () => {
    const input = asked({ tins: [{ ...ROUND, count: 2 }] });
    const plan = planned(input);
    const turn = duringDetail(input, plan).find(({ do: what }) => what === "turn");
    expect(plan.bake.likelyMin).toBeLessThan(50);
    expect(turn?.atMin).toBe(Math.round(plan.bake.likelyMin / 2));
  });

  it("changes the heat as far as the recipe does, by her dial", () => {
    const input = asked({ heat: { ovenC: 170 }, oven: { readsC: -10 } });
    const [heat] = duringDetail(input, planned(input));
    expect(heat).toMatchObject({ trueC: 150, dial: { dialC: 160 } });
  });

  it("is hers at these tins' minutes where she says so, also nothing", () => {
    const input = asked({ tins: [{ ...ROUND, count: 2 }], during: [{ do: "foil", atMin: 20 }] });
    expect(duringDetail(input, planned(input))).toMatchObject([{ do: "foil", atMin: 20 }]);
    const none = asked({ during: [] });
    expect(duringDetail(none, planned(none))).toEqual([]);
  });

  it("is amiss before the door may be opened, but for the heat, and when the cake is out", () => {
    const minutes = { doorShutUntilMin: 20, notPastMin: 40 };
    const at = (what: "turn" | "heat", atMin: number) => isAmiss({ do: what, atMin }, minutes);
    expect([at("turn", 19), at("turn", 20), at("turn", 39), at("turn", 40)]).toEqual([
      "early",
      null,
      null,
      "late",
    ]);
    expect([at("heat", 5), at("heat", 40)]).toEqual([null, "late"]);
    const late = asked({ during: [{ do: "foil", atMin: 200 }] });
    expect(duringDetail(late, planned(late))).toEqual([]);
  });

  it("takes the place of the usual look for foil", () => {
    const plain = asked({ during: [] });
    expect(bakeDetail(plain, planned(plain)).foilLookMin).not.toBeNull();
    const told = asked({ during: [{ do: "foil", atMin: 40 }] });
    expect(bakeDetail(told, planned(told)).foilLookMin).toBeNull();
  });
});

describe("a recipe's text that bakes in two stretches", () => {
  const TEXT = `Ferry crumb cake

200 g butter
200 g sugar
3 eggs
220 g plain flour
2 tsp baking powder

For the topping:
50 g flaked almonds
2 tbsp demerara sugar

Heat the oven to 175 °C. Grease a 23 cm springform tin.
Beat butter and sugar until fluffy, beat in the eggs, stir in flour and baking powder.
Spread into the tin and bake 25 minutes. Scatter the almonds and demerara over the cake and bake another 20 minutes, until golden.
Leave in the tin 10 minutes.`;

  it("bakes for both together, and the Day has what is done between", () => {
    const answer = planFileAnswer(
      { recipe: { text: TEXT }, day: { wantedAt: "2031-05-03T15:00" } },
      FEW_WORDS,
    );
    if (!answer.ok || !("bake" in answer.value)) throw new Error(JSON.stringify(answer));
    const { bake, day } = answer.value;
    expect(bake.likelyMin).toBe(45);
    expect(bake.during).toEqual([
      { do: "add", atMin: 25, name: "Scatter the almonds and demerara over the cake" },
    ]);
    const at = (id: string): number =>
      new Date(day?.tasks.find((task) => task.id === id)?.from ?? "").getTime() / 60_000;
    expect(at("0.in-oven1-1") - at("0.bake1")).toBe(25);
    expect(at("0.look1") - at("0.bake1")).toBe(bake.firstLookMin);
  });
});
