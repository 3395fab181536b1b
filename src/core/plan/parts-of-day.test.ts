import { describe, expect, it } from "vitest";
import { tasksOf, type Task } from "../day";
import type { Stage } from "../recipe";
import { dayCake } from "./day-detail";
import { parseCakeInput, type CakeInput } from "./input";
import { ownPutOn } from "./parts-of-day";
import { planCake } from "./plan";
import { workRequest } from "./request";

type Said = readonly [text: string, stage: Stage];
type Cover = NonNullable<CakeInput["finish"]>["cover"];

/** The tasks of a plain cake with one more part. */
function tasks(
  role: "frosting" | "syrup" | "topping",
  steps: readonly Said[],
  cover: Cover = "none",
): readonly Task[] {
  const parsed = parseCakeInput({
    recipe: {
      lines: ["225 g butter", "225 g sugar", "4 eggs", "225 g plain flour"],
      steps: ["Cream the butter and sugar.", "Scrape into the tin.", "Bake for 40 minutes."],
      parts: [
        {
          role,
          name: "Besides",
          lines: ["150 g butter", "300 g icing sugar"],
          steps: steps.map(([text, stage]) => ({ text, stage })),
        },
      ],
      reference: {
        tins: [{ shape: "round", diameterMm: 203, depthMm: 70 }],
        ovenC: 177,
        minutes: 40,
      },
    },
    tins: [{ shape: "round", diameterMm: 203, depthMm: 70 }],
    finish: { cover },
  });
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issue));
  const request = workRequest(parsed.value);
  const plan = planCake(request.input);
  if (!plan.ok) throw new Error(JSON.stringify(plan.issue));
  return tasksOf(dayCake(request.input, plan.value, request.formula, request.made), 0);
}

const says = (all: readonly Task[], words: string): readonly Task[] =>
  all.filter(
    ({ doing, words: own = "" }) =>
      own.includes(words) || (doing.do === "step" && doing.text.includes(words)),
  );

/** All tasks that have to be over before a task begins, as the links say. */
function before(all: readonly Task[], { after }: Task): ReadonlySet<string> {
  return new Set(
    after.flatMap(({ id }) => {
      const task = all.find((each) => each.id === id);
      return task === undefined ? [] : [id, ...before(all, task)];
    }),
  );
}

const FROSTING: readonly Said[] = [
  ["Beat the butter with the icing sugar.", "cold"],
  ["Spread it over the cake.", "cold"],
];

describe("a part whose steps say when they are done", () => {
  it("is made when the tins are full, and put on when the cake is cold, each said once", () => {
    const all = tasks("frosting", FROSTING);
    const [beat, spread] = [says(all, "Beat the butter"), says(all, "Spread it over")];
    expect([beat.length, spread.length]).toEqual([1, 1]);
    for (const [task, first] of [
      [beat[0], "0.fill"],
      [spread[0], "0.cool1"],
      [spread[0], beat[0]?.id],
    ] as const) {
      if (task === undefined || first === undefined) throw new Error("a step has no task");
      expect([...before(all, task)]).toContain(first);
    }
  });

  it("loses no word where the plan makes its frosting by it", () => {
    const all = tasks("frosting", FROSTING, "top");
    expect(says(all, "Beat the butter")).toHaveLength(1);
    expect(says(all, "Spread it over").map(({ doing }) => doing.do)).toEqual(["final-coat"]);
  });

  it("is ready before the hot cake is brushed with it", () => {
    const all = tasks("syrup", [
      ["Boil the sugar with water.", "hot"],
      ["Brush it over the cake.", "hot"],
    ]);
    const [brush] = says(all, "Brush it over");
    const [boil] = says(all, "Boil the sugar");
    if (brush === undefined || boil === undefined) throw new Error("a step has no task");
    expect([...before(all, brush)]).toEqual(expect.arrayContaining(["0.out1", boil.id]));
  });

  it("goes on before the oven where none of it comes after", () => {
    const all = tasks("topping", [["Rub the butter into the sugar.", "before"]]);
    const [rub] = says(all, "Rub the butter");
    const bake = all.find(({ id }) => id === "0.bake1");
    if (rub === undefined || bake === undefined) throw new Error("a step has no task");
    expect([...before(all, bake)]).toContain(rub.id);
  });
});

it("a recipe puts on itself what the plan makes nothing in place of, as much as it is made", () => {
  const own = (finish: CakeInput["finish"], made: "own" | "usual" = "usual") => {
    const parsed = parseCakeInput({
      recipe: {
        lines: ["225 g butter", "225 g sugar", "4 eggs", "225 g plain flour"],
        parts: [
          {
            role: "frosting",
            name: "Icing",
            lines: ["80 g butter", "160 g icing sugar"],
            steps: [],
          },
          { role: "topping", name: "Crunch", lines: ["50 g hazelnuts"], steps: [] },
        ],
        reference: { tins: [{ shape: "round", diameterMm: 203, depthMm: 70 }], ovenC: 177 },
      },
      tins: [{ shape: "round", diameterMm: 203, depthMm: 70 }],
      scale: 1.5,
      finish,
    });
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.issue));
    const { input, formula, made: ways } = workRequest(parsed.value);
    const plan = planCake(input);
    if (!plan.ok || formula === null) throw new Error("no plan");
    return ownPutOn(plan.value, formula, made === "own" ? ways : { part: "", fillingPart: "" }).map(
      ({ part, massG }) => [part.name, massG],
    );
  };
  // One and a half times 240 g and 50 g.
  expect(own({ cover: "none" })).toEqual([
    ["Icing", expect.closeTo(360, 6)],
    ["Crunch", expect.closeTo(75, 6)],
  ]);
  expect(own({ cover: "top" })).toEqual([["Crunch", expect.closeTo(75, 6)]]);
  expect(own({ cover: "top" }, "own")).toEqual([["Crunch", expect.closeTo(75, 6)]]);
});
