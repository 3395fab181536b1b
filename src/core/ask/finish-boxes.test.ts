import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { readRecipe } from "../recipe";
import { colourBoxes } from "./finish-boxes";
import { FIRST_QUESTION } from "./first-question";
import { readQuestion } from "./question";
import { laidFruit, madeSpread, planCake, workRecipe, type CakePlan } from "../plan";
import type { Question } from "./question-schema";

const METRIC = { size: "metric", heat: "C" } as const;
const { build, finish } = FIRST_QUESTION;

function read(
  changes: {
    readonly build?: Partial<Question["build"]>;
    readonly finish?: Partial<Question["finish"]>;
  } & Partial<Omit<Question, "build" | "finish">>,
  habit: Parameters<typeof readQuestion>[1] = METRIC,
): ReturnType<typeof readQuestion> {
  return readQuestion(
    {
      ...FIRST_QUESTION,
      tins: ["2 x 20 x 7 cm springform"],
      cover: "top-and-sides",
      ...changes,
      build: { ...build, ...changes.build },
      finish: { ...finish, ...changes.finish },
    },
    habit,
  );
}

function plan(changes: Parameters<typeof read>[0]): CakePlan {
  const { input } = read(changes);
  const planned = input.ok ? planCake(input.value) : input;
  if (!planned.ok) throw new Error(JSON.stringify(planned.issue));
  return planned.value;
}

describe("the boxes of Build and Finish", () => {
  it("left empty ask for nothing", () => {
    const { input } = read({});
    expect(input.ok && input.value).toMatchObject({
      build: {},
      finish: { cover: "top-and-sides", frosting: "butter-and-sugar" },
    });
  });

  it("read thicknesses in millimetres, or in inches where the kitchen does", () => {
    const inMm = read({
      build: { fillingMm: "8", damMm: "1/2 in" },
      finish: { topMm: "0.9 cm", sideMm: "5mm", margin: "20", rolledMm: "4" },
    });
    expect(inMm.input.ok && inMm.input.value).toMatchObject({
      build: { fillingMm: 8, damMm: 12.7 },
      finish: { topMm: 9, sideMm: 5, marginFraction: 0.2, rolledMm: 4 },
    });
    const inInches = read({ build: { fillingMm: "1/4" } }, { size: "us", heat: "F" });
    expect(inInches.input.ok && inInches.input.value.build).toEqual({ fillingMm: 6.35 });
  });

  it.each([
    [
      "fillingMm",
      { build: { fillingMm: "60 mm" } },
      { code: "out-of-range", path: "fillingMm", value: 60, max: 40 },
    ],
    ["damMm", { build: { damMm: "wide" } }, { code: "unreadable", path: "damMm", value: "wide" }],
    ["soak", { build: { soak: "900 mL" } }, { path: "soakMlPerKg", value: 900, max: 250 }],
    ["heights", { build: { heights: ["", "3 mm"] } }, { path: "heightsMm[1]", value: 3, min: 8 }],
    ["sideMm", { finish: { sideMm: "5 cm" } }, { path: "sideMm", value: 50, max: 40 }],
    ["margin", { finish: { margin: "200 %" } }, { path: "marginFraction", value: 2, max: 1 }],
    [
      "borders",
      {
        finish: {
          borders: [
            { at: "top", style: "shell", widthMm: "" },
            { at: "base", style: "rope", widthMm: "1 m" },
          ],
        },
      },
      { code: "unreadable", path: "borders[1].widthMm" },
    ],
    [
      "swirls",
      { finish: { swirl: "low", swirls: "2.5" } },
      { code: "not-whole", path: "swirls.count" },
    ],
    [
      "drips",
      { finish: { pour: "jam", drips: "500" } },
      { path: "pour.drips", value: 500, max: 120 },
    ],
    [
      "fruit",
      {
        finish: {
          fruit: {
            at: "top",
            pattern: "rings",
            widthMm: "",
            overlap: "60 %",
            each: "",
            syrup: false,
          },
        },
      },
      { path: "fruit.overlap", value: 0.6, max: 0.4 },
    ],
    [
      "colours",
      { finish: { colours: [{ name: "plum", share: "none" }] } },
      { code: "unreadable", path: "colours[0].share" },
    ],
  ] as const)("%s says what is wrong with it, and stops the plan", (box, changes, issue) => {
    const { issues, input } = read(changes as Parameters<typeof read>[0]);
    expect(issues[box as keyof typeof issues]).toMatchObject(issue);
    expect(input.ok).toBe(false);
  });

  it("refuse together what each allows: a split too thin, a dam too wide", () => {
    const { input } = read({ build: { splits: 6 } });
    expect(input.ok && planCake(input.value)).toMatchObject({
      ok: false,
      issue: { path: "build.splits", value: 6, because: "split-too-thin" },
    });
  });
});

describe("the frosting as it is made", () => {
  const lines =
    "Buttered plum frosting\n\nFor the cake:\n225 g butter\n225 g sugar\n4 eggs\n225 g flour\n\nFor the frosting:\n200 g icing sugar\n100 g butter\n20 g milk\n\n1. Bake at 180 °C for 30 minutes.";
  const doc = readRecipe(lines, pantryOf());
  if (!doc.ok) throw new Error("the recipe can't be read");
  const parts = workRecipe(doc.value.doc, pantryOf()).formula.parts;
  const own = parts.find(({ part }) => part.role === "frosting") ?? null;

  it("by the recipe's own part leads with its fat, and is told to spread from its water and sugar", () => {
    const { massG } = plan({}).finish;
    const made = madeSpread("butter-and-sugar", massG, "grams", own);
    expect(made?.formula.lines.map(({ name }) => name)).toEqual(["butter", "icing sugar", "milk"]);
    expect((made?.formula.lines[1]?.massG ?? 0) / (made?.formula.lines[0]?.massG ?? 1)).toBeCloseTo(
      2,
      9,
    );
    expect(made).toMatchObject({ own: own?.part.name, consistency: "spreading" });
    expect(made?.formula.massG ?? 0).toBeGreaterThanOrEqual(massG);
  });

  it("goes by the usual formula otherwise; what is bought or not needed is not made", () => {
    expect(madeSpread("water-icing", 200, "grams", null)).toMatchObject({
      own: null,
      consistency: "pouring",
    });
    expect(madeSpread("whipped-cream", 200, "packs", null)?.formula.lines[0]?.massG).toBe(250);
    expect(madeSpread("jam", 200, "grams", null)).toBeNull();
    // A filling nobody has a usual formula for is made by a part of the recipe.
    expect(madeSpread("curd", 200, "grams", own)).toMatchObject({ own: own?.part.name });
    expect(madeSpread("butter-and-sugar", 0, "grams", null)).toBeNull();
  });

  it("goes into bowls by shares that nobody has to add up", () => {
    expect(
      colourBoxes({
        ...finish,
        colours: [
          { name: "plain", share: "" },
          { name: "plum", share: "50 %" },
          { name: "odd", share: "lots" },
        ],
      }),
    ).toEqual([
      { name: "plain", share: 1 },
      { name: "plum", share: 50 },
    ]);
  });
});

it("fruit keeps clear of a border on the top, and goes onto each cake that is no cup", () => {
  const fruit = {
    at: "top" as const,
    pattern: "rings" as const,
    widthMm: "20 mm",
    overlap: "",
    each: "2",
    syrup: false,
  };
  const count = (borders: Question["finish"]["borders"]): number => {
    const { input } = read({
      tins: ["2 x 20 x 7 cm springform", "12 cups"],
      finish: { fruit, borders },
    });
    const planned = input.ok ? planCake(input.value) : input;
    const laid = input.ok && planned.ok ? laidFruit(input.value, planned.value) : null;
    if (laid?.ok !== true) throw new Error("no fruit");
    expect(laid.value).toHaveLength(1);
    expect(laid.value[0]?.layout.fruits).toBe(
      Math.ceil((laid.value[0]?.layout.places.length ?? 0) / 2),
    );
    return laid.value[0]?.layout.places.length ?? 0;
  };
  expect(count([{ at: "top", style: "shell", widthMm: "16 mm" }])).toBeLessThan(count([]));
});
