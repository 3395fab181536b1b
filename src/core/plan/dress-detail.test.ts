import { describe, expect, it } from "vitest";
import { tasksOf, type Task } from "../day";
import type { Dress } from "../finish";
import { dayCake } from "./day-detail";
import { dressDetail } from "./dress-detail";
import type { CakeInput } from "./input";
import { planCake, type CakePlan } from "./plan";

const SHEET = { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 } as const;
const input = (dress: readonly Dress[], more: Partial<CakeInput> = {}): CakeInput => ({
  recipe: {
    batter: { kind: "creamed", massG: 1200 },
    reference: { tins: [SHEET], ovenC: 177, minutes: 33 },
  },
  tins: [SHEET],
  ...more,
  finish: { cover: "none", dress: [...dress], ...more.finish },
});
function planned(asked: CakeInput): CakePlan {
  const plan = planCake(asked);
  if (!plan.ok) throw new Error(JSON.stringify(plan.issue));
  return plan.value;
}
function tasks(asked: CakeInput): readonly Task[] {
  return tasksOf(dayCake(asked, planned(asked)), 0);
}
const dressOf = (all: readonly Task[]): readonly Task[] =>
  all.filter(({ doing }) => doing.do === "dress");

describe("when something is put on", () => {
  it("is hot before the cake leaves its tin, warm from then on, until what is spread sets", () => {
    const plan = planned(
      input([
        { what: "syrup", when: "hot" },
        { what: "jam", when: "warm" },
        { what: "curd", when: "cold" },
      ]),
    );
    const [hot, warm, cold] = dressDetail(plan);
    expect(hot?.afterOvenMin).toEqual([0, 10]);
    expect(warm?.afterOvenMin?.[0]).toBe(10);
    expect(warm?.afterOvenMin?.[1]).toBeGreaterThan(20);
    expect(cold?.afterOvenMin).toBeNull();
  });

  it("is told apart from the same thing at another time", () => {
    const plan = planned(
      input([
        { what: "jam", when: "warm", massG: 40 },
        { what: "jam", when: "cold", massG: 100 },
      ]),
    );
    expect(dressDetail(plan).map(({ massG }) => massG)).toEqual([40, 100]);
  });

  it("is later where it stays in its dish", () => {
    const plan = planned(input([{ what: "jam", when: "warm" }], { cool: { stays: true } }));
    expect(dressDetail(plan)[0]?.afterOvenMin?.[0]).toBe(15);
  });
});

describe("in the day", () => {
  it("comes within its minutes of the oven, after what has to be made for it", () => {
    const all = tasks(input([{ what: "boiled-fudge", when: "hot", poked: true }]));
    const make = all.find(({ doing }) => doing.do === "make");
    const [on] = dressOf(all);
    expect(on?.doing).toMatchObject({ what: "boiled-fudge", when: "hot", isPoked: true });
    expect(on?.after).toContainEqual({ id: "0.out1", leastMin: 0, mostMin: 10 });
    expect(on?.after).toContainEqual(expect.objectContaining({ id: make?.id }));
  });

  it("has a spread on the cold cake under its frosting and all else on top of it", () => {
    const all = tasks(
      input(
        [
          { what: "curd", when: "cold" },
          { what: "strawberries", when: "cold", count: 8 },
        ],
        { finish: { cover: "top", frosting: "whipped-cream" } },
      ),
    );
    const at = (id: string | undefined): number => all.findIndex((task) => task.id === id);
    const [curd, berries] = dressOf(all);
    const coat = all.find(({ doing }) => doing.do === "final-coat");
    expect(coat?.after.map(({ id }) => id)).toContain(curd?.id);
    expect(berries?.after.map(({ id }) => id)).toContain(coat?.id);
    expect(at(curd?.id)).toBeLessThan(at(coat?.id));
    // Pieces with a time of their own are not put on twice.
    expect(all.some(({ doing }) => doing.do === "decorate")).toBe(false);
  });

  it("puts each of two loads' cakes on when it is out", () => {
    const asked = input([{ what: "syrup", when: "hot" }], {
      tins: [{ ...SHEET, count: 2 }],
      oven: { shelf: { widthMm: 400, depthMm: 350, atOnce: 1, clearMm: 300 } },
    });
    const on = dressOf(tasks(asked));
    expect(on.map(({ after }) => after[0]?.id)).toEqual(["0.out1", "0.out2"]);
  });
});

it("fresh fruit that is put on has to be kept cold, dried nuts not", () => {
  const keeping = (what: Dress["what"]): unknown =>
    planned(input([{ what, when: "cold" }])).keeping.because;
  expect(keeping("strawberry-halves")).toBe("fruit");
  expect(keeping("hazelnuts")).toBeNull();
});
