import { describe, expect, it } from "vitest";
import { FIRST_QUESTION, readQuestion, type Question } from "../ask";
import { tasksOf } from "../day";
import { dayCake } from "./day-detail";
import { planCake, type CakePlan } from "./plan";
import type { CakeInput } from "./input";

const asked = (changes: Partial<Question>) =>
  readQuestion(
    { ...FIRST_QUESTION, tins: ["2 x 20 x 5 cm round"], weight: "900 g", ...changes },
    { size: "metric", heat: "C" },
  );
function planned(changes: Partial<Question>): {
  readonly input: CakeInput;
  readonly plan: CakePlan;
} {
  const { input } = asked(changes);
  const plan = input.ok ? planCake(input.value) : input;
  if (!input.ok || !plan.ok) throw new Error(JSON.stringify(plan));
  return { input: input.value, plan: plan.value };
}
const NUTS = { what: "nuts", where: "top", name: "", much: "" } as const;
const SUGAR = { what: "cinnamon-sugar", where: "between", name: "", much: "120 g" } as const;
const FIGS = { what: "own", where: "floor", name: "figs", much: "200 g" } as const;

describe("what she puts on the raw batter", () => {
  it("is weighed, takes room and minutes, and brings what it holds", () => {
    const holds = { allergens: ["wheat" as const], hazards: [] };
    const bare = planned({ holds }).plan;
    const { plan } = planned({ holds, onBatter: [NUTS, SUGAR] });
    const [nuts, sugar] = plan.laid;
    expect(nuts?.massG).toBeGreaterThan(100);
    expect(sugar?.massG).toBe(120);
    expect(plan.fruitG).toBe((nuts?.massG ?? 0) + 120);
    expect(plan.fill.tins[0]?.depthMm).toBeGreaterThan(bare.fill.tins[0]?.depthMm ?? 99);
    expect(plan.bake.likelyMin).toBeGreaterThan(bare.bake.likelyMin);
    const contains = ({ cautions }: CakePlan): string => JSON.stringify(cautions);
    expect(contains(plan)).toContain('"nuts"');
    expect(contains(bare)).not.toContain('"nuts"');
  });

  it("is done in its order: floors, half the batter, the rest, on top", () => {
    const { input, plan } = planned({
      onBatter: [NUTS, SUGAR, FIGS],
      marble: { share: "third", with: "cocoa", much: "20 g" },
    });
    const tasks = tasksOf(dayCake(input, plan), 0);
    const order = ["lay-floor1", "divide", "between1", "fill", "swirl", "lay1"];
    const place = new Map(tasks.map(({ id }, index) => [id.slice(2), index]));
    expect(order.map((id) => place.has(id))).toEqual(order.map(() => true));
    const before = (id: string): readonly string[] =>
      tasks.find((task) => task.id === `0.${id}`)?.after.map((link) => link.id.slice(2)) ?? [];
    expect(before("between1")).toEqual(expect.arrayContaining(["divide", "lay-floor1"]));
    expect(before("fill")).toContain("between1");
    expect(before("swirl")).toEqual(["fill"]);
    expect(before("lay1")).toEqual(["swirl"]);
    expect(before("bake1")).toContain("lay1");
    expect(tasks.find(({ id }) => id === "0.divide")?.doing).toEqual({
      do: "divide-batter",
      batterG: 300,
      called: "cocoa",
      massG: 20,
    });
    // What lies on the floor is the top of the cake.
    expect(plan.cool.turned).toBe("once");
  });

  it.each([
    [{ ...FIGS, name: " " }, "dressName", "missing"],
    [{ ...FIGS, much: "" }, "layMuch", "missing"],
    [{ ...NUTS, much: "a few" }, "layMuch", "unreadable"],
    [{ ...NUTS, much: "90 kg" }, "layMuch", "out-of-range"],
  ])("names what is wrong with %j", (box, field, code) => {
    expect(asked({ onBatter: [NUTS, box] }).issues.onBatter).toMatchObject({
      path: `onBatter[1].${field}`,
      code,
    });
  });

  it("marbles nothing in where no share is, and says what it can't read", () => {
    expect(planned({ marble: { share: "none", with: "cocoa", much: "9 kg" } }).plan.marbledG).toBe(
      0,
    );
    expect(
      asked({ marble: { share: "half", with: "", much: "lots" } }).issues.marble,
    ).toMatchObject({ code: "unreadable" });
  });
});
