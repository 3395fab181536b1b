import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { emptyRecipe, type RecipeDoc } from "../recipe";
import { makeTimes, settledScaling, type MakeRequest, type Scaling } from "./make";
import { recipeFacts, recipeSearchText, workRecipe } from "./recipe-facts";
import type { Result } from "../measure";

const PANTRY = pantryOf();
const doc: RecipeDoc = {
  ...emptyRecipe("Gull Rock layers"),
  portions: 12,
  bake: {
    tins: [{ shape: "round", diameterMm: 203.2, depthMm: 50.8, count: 2 }],
    ovenC: 177,
    minutes: 34,
  },
  parts: [
    {
      id: "p1",
      role: "batter",
      name: "Batter",
      lines: [
        "200 g plain flour",
        "200 g butter",
        "200 g caster sugar",
        "4 eggs",
        "2 tsp baking powder",
      ].map((text, index) => ({ id: `l${index + 1}`, text })),
      steps: [{ id: "s1", text: "Cream the butter and sugar until pale." }],
    },
  ],
};
const worked = workRecipe(doc, PANTRY);
const facts = recipeFacts(doc, worked);
const request = (changes: Partial<MakeRequest>): MakeRequest => ({
  make: "written",
  of: "",
  line: "",
  leavening: "as-written",
  altitude: 0,
  ...changes,
});
const times = (changes: Partial<MakeRequest>, of: RecipeDoc = doc): Result<number> =>
  makeTimes(
    request(changes),
    of,
    workRecipe(of, PANTRY),
    recipeFacts(of, workRecipe(of, PANTRY)),
    "metric",
  );
const scaling = (factor: number, changes: Partial<MakeRequest> = {}): Scaling =>
  settledScaling(factor, request(changes), worked);

describe("how much to make", () => {
  it.each<[Partial<MakeRequest>, number]>([
    [{}, 1],
    [{ make: "times", of: "1 1/2" }, 1.5],
    [{ make: "portions", of: "18" }, 1.5],
    [{ make: "eggs", of: "3" }, 0.75],
    [{ make: "line", line: "l1", of: "640 g" }, 3.2],
    [{ make: "times", of: "  " }, 1],
    [{ make: "line", line: "l2", of: "1 lb" }, 453.59237 / 200],
  ])("%j is %d times", (changes, expected) => {
    const found = times(changes);
    if (!found.ok) throw new Error(JSON.stringify(found.issue));
    expect(found.value).toBeCloseTo(expected, 9);
  });

  it("for another tin is as deep as in the recipe's own: two 9 in rounds are 1.27 of two 8 in", () => {
    const found = times({ make: "tins", of: "2 x 9 in round" });
    if (!found.ok) throw new Error(JSON.stringify(found.issue));
    // 81/64 by area; the fillet of the floor takes a little.
    expect(Math.abs(found.value - 81 / 64)).toBeLessThan(0.01);
  });

  it.each<[Partial<MakeRequest>, object]>([
    [
      { make: "times", of: "many" },
      { code: "unreadable", path: "times", value: "many" },
    ],
    [
      { make: "times", of: "3 cups" },
      { code: "unreadable", path: "times" },
    ],
    [
      { make: "times", of: "0" },
      { code: "unreadable", path: "times" },
    ],
    [
      { make: "times", of: "21" },
      { code: "out-of-range", path: "make", value: 21, min: 0.05, max: 20 },
    ],
    [
      { make: "line", line: "l1", of: "1 g" },
      { code: "out-of-range", path: "make", value: 0.005 },
    ],
    [
      { make: "line", line: "", of: "640 g" },
      { code: "missing", path: "line" },
    ],
    [
      { make: "tins", of: "zonk" },
      { code: "unreadable", value: "zonk" },
    ],
    [
      { make: "tins", of: "1 cm" },
      { code: "out-of-range", path: "diameterMm" },
    ],
  ])("%j is refused", (changes, issue) => {
    expect(times(changes)).toMatchObject({ ok: false, issue });
  });

  it("needs something to go by", () => {
    const bare: RecipeDoc = {
      ...emptyRecipe("Bare"),
      parts: [
        {
          id: "p1",
          role: "batter",
          name: "Batter",
          steps: [],
          lines: [{ id: "l1", text: "200 g flour" }],
        },
      ],
    };
    expect(times({ make: "portions", of: "8" }, bare)).toMatchObject({
      ok: false,
      issue: { code: "missing", path: "portions" },
    });
    expect(times({ make: "eggs", of: "2" }, bare)).toMatchObject({
      ok: false,
      issue: { code: "missing", path: "eggs" },
    });
    expect(times({ make: "tins", of: "9 in" }, bare)).toMatchObject({
      ok: false,
      issue: { code: "missing", path: "tinsOfRecipe" },
    });
  });
});

describe("the scaling that comes of it", () => {
  it("settles odd eggs, and moves the recipe with them", () => {
    expect(scaling(1.04)).toMatchObject({ times: 1, egg: { how: "whole", eggs: 4 } });
    expect(scaling(0.62)).toMatchObject({ times: 2.5 / 4, egg: { how: "half", eggs: 2.5 } });
    expect(scaling(0.5)).toMatchObject({ times: 0.5, egg: { how: "exact" } });
  });

  it("leaves the eggs in hand, and the recipe as written, alone", () => {
    expect(scaling(0.7, { make: "eggs" })).toMatchObject({ times: 0.7, egg: null });
    expect(scaling(1)).toMatchObject({ times: 1, egg: null, altitude: null });
  });

  it("turns thin air on above 900 m only, and no further than 5000", () => {
    expect(scaling(1, { altitude: 900 }).altitude).toBeNull();
    expect(scaling(1, { altitude: 1500 }).altitude?.leavening).toBeCloseTo(0.76, 9);
    expect(scaling(1, { altitude: 9999 }).altitude?.leavening).toBe(0.5);
  });
});

describe("a recipe worked through", () => {
  it("knows its kind, and the batter for the bench, by hand: 800 g and two metric teaspoons of powder at 0.86 g/mL", () => {
    const massG = 800 + (10 * 216) / 236.5882365;
    expect(worked.kind).toEqual({ kind: "creamed", reason: "creamed" });
    expect(facts).toMatchObject({
      eggs: 4,
      eggG: 50,
      holds: { allergens: ["wheat", "milk", "egg"], hazards: [] },
      batter: { kind: "creamed", massG: Math.round(massG), volumeMl: Math.round(massG / 0.86) },
      bake: doc.bake,
    });
  });

  it("takes the kind the baker chose, and ignores one nobody knows", () => {
    expect(workRecipe({ ...doc, kind: "pound" }, PANTRY)).toMatchObject({
      isKindChosen: true,
      kind: { kind: "pound" },
    });
    expect(workRecipe({ ...doc, kind: "lumpy" }, PANTRY)).toMatchObject({
      isKindChosen: false,
      kind: { kind: "creamed" },
    });
  });

  it("takes US measures when it speaks of sticks or of °F, and what was chosen for it before that", () => {
    const cupOf = (changes: Partial<RecipeDoc>): unknown =>
      workRecipe({ ...doc, ...changes }, PANTRY).measures.cup;
    expect(cupOf({})).toBe("metric");
    expect(cupOf({ original: "Bake at 350 °F." })).toBe("us");
    expect(cupOf({ original: "2 sticks butter" })).toBe("us");
    expect(
      cupOf({ original: "Bake at 350 °F.", measures: { ...worked.measures, cup: "small" } }),
    ).toBe("small");
  });

  it("leaves a batter that is no batter out of its facts", () => {
    const crumb: RecipeDoc = {
      ...doc,
      parts: [
        {
          id: "p1",
          role: "batter",
          name: "Batter",
          steps: [],
          lines: [{ id: "l1", text: "3 g salt" }],
        },
      ],
    };
    expect(recipeFacts(crumb, workRecipe(crumb, PANTRY)).batter).toEqual({ kind: "creamed" });
  });

  it("is found by its name, lines, kind and notes", () => {
    const text = recipeSearchText({ ...doc, notes: "For Lantern Row" }, worked);
    for (const word of ["gull", "caster", "creamed", "lantern"]) expect(text).toContain(word);
  });
});
