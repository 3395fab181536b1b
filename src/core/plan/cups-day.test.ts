import { describe, expect, it } from "vitest";
import { tasksOf, type Task } from "../day";
import { dayCake } from "./day-detail";
import { planCake } from "./plan";
import { workRequest } from "./request";
import { parsePlanFile } from "./text-request";

const TEXT = `Ferry fairy cakes

200 g butter
200 g sugar
4 eggs
200 g self-raising flour

Heat the oven to 180 °C and line a 12-hole muffin tin with cases. Beat everything together. Divide between the cases. Bake for 18 minutes. Cool on a rack.

For the icing: 200 g icing sugar and 30 ml water. Mix and spread over the cold cakes.`;
const CUPS = { shape: "well", rimMm: 70, floorMm: 50, depthMm: 32, count: 24 };

function tasks(tins: readonly unknown[]): ReadonlyMap<string, Task> {
  const file = parsePlanFile({ recipe: { text: TEXT }, tins });
  if (!file.ok) throw new Error(JSON.stringify(file.issue));
  const { input, formula, made } = workRequest(file.value.input);
  const plan = planCake(input);
  if (!plan.ok) throw new Error(JSON.stringify(plan.issue));
  const list = tasksOf(dayCake(input, plan.value, formula, made), 0);
  return new Map(list.map((task) => [task.id.slice(2), task]));
}

describe("the day of cups", () => {
  const day = tasks([CUPS]);

  it("lines and fills them by the case, and lifts them out", () => {
    expect(day.get("tins")?.doing).toEqual({ do: "prepare-tins", tins: 2, cups: 24 });
    // 600 g and four eggs of 50 to 60 g, in 24.
    const filled = day.get("fill")?.doing;
    expect(filled).toMatchObject({ do: "fill", cups: { count: 24 } });
    const cups = filled?.do === "fill" ? filled.cups : undefined;
    expect(cups?.eachG).toBeGreaterThanOrEqual(33);
    expect(cups?.eachG).toBeLessThanOrEqual(35);
    expect(day.get("turn-out1")?.doing).toMatchObject({ do: "turn-out", isCups: true });
  });

  it("is that of tins where there is another beside them", () => {
    const both = tasks([CUPS, { shape: "round", diameterMm: 180, depthMm: 50 }]);
    expect(both.get("fill")?.doing).not.toHaveProperty("cups");
    expect(both.get("turn-out1")?.doing).not.toHaveProperty("isCups");
  });

  it("makes an icing that is listed without steps from its own lines, and spreads it as told", () => {
    expect(day.get("frosting-weigh")?.doing).toMatchObject({ do: "weigh", lines: 2 });
    expect(day.get("frosting")?.doing).toMatchObject({ do: "make", called: "Icing" });
    expect([...day.values()].find(({ doing }) => doing.do === "final-coat")?.words ?? "").toBe(
      "Mix and spread over the cold cakes.",
    );
  });
});
