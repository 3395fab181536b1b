import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { recipeCautions } from "../caution";
import { parseCakeInput, type CakeInput } from "./input";
import { planAnswer } from "./answer";
import { AnswerSchema } from "./answer-schema";
import { planCake, type CakePlan } from "./plan";
import { workRequest } from "./request";

/** The harbour supper cake: two 20 cm rounds moved into a 33 x 23. */
const SUPPER: CakeInput = {
  recipe: {
    name: "Blackcurrant and poppy seed layers",
    batter: { kind: "creamed", volumeMl: 1200, massG: 1030 },
    reference: {
      tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
      ovenC: 177,
      minutes: 34,
    },
  },
  tins: [{ shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 }],
};

function plan(
  changes: Partial<CakeInput> = {},
  recipe: Partial<CakeInput["recipe"]> = {},
): CakePlan {
  const result = planCake({ ...SUPPER, ...changes, recipe: { ...SUPPER.recipe, ...recipe } });
  if (!result.ok) throw new Error(JSON.stringify(result.issue));
  return result.value;
}

const codes = (things: readonly { readonly code: string }[]): readonly string[] =>
  things.map(({ code }) => code);

describe("a whole plan", () => {
  it("keeps the batter: the weight of the recipe is the weight in the tins", () => {
    const { fill, mix, scale } = plan({
      tins: [
        { shape: "round", diameterMm: 200, depthMm: 50, count: 2 },
        { shape: "well", rimMm: 70, depthMm: 32, count: 6 },
      ],
    });
    const poured = fill.tins.reduce((sum, tin) => sum + tin.geometry.count * tin.batterG, 0);
    expect(scale).toBe(1);
    expect(mix.massG).toBe(1030);
    expect(Math.abs(poured - 1030)).toBeLessThan(1);
  });

  it("gives the recipe its own minutes, heat and depth back in its own tins", () => {
    const { bake, fill, reference } = plan({ tins: SUPPER.recipe.reference.tins });
    expect(bake).toMatchObject({ likelyMin: 34, ovenC: 177, dialC: 177, reason: "not-thicker" });
    expect(fill.tins[0]?.depthMm).toBeCloseTo(reference.tins[0]?.depthMm ?? 0, 9);
  });

  it("is gentler by itself for a deep tin, and only then", () => {
    expect(plan({ tins: [{ shape: "round", diameterMm: 200, depthMm: 90 }] }).bake).toMatchObject({
      reason: "gentler",
      ovenC: 162,
    });
    expect(plan().bake).toMatchObject({ reason: "not-thicker", ovenC: 177 });
  });

  it("turns the dial for what the oven reads and for a fan", () => {
    expect(plan({ oven: { readsC: -6 } }).bake).toMatchObject({ ovenC: 177, dialC: 183 });
    expect(plan({ oven: { fan: true } }).bake).toMatchObject({ ovenC: 157, dialC: 157 });
    expect(
      Math.abs(plan({ oven: { fan: true } }).bake.likelyMin - plan().bake.likelyMin),
    ).toBeLessThanOrEqual(1);
  });

  it("looks first at the quickest tin and waits for the slowest", () => {
    const { bake } = plan({
      tins: [
        { shape: "round", diameterMm: 200, depthMm: 50 },
        { shape: "well", rimMm: 70, depthMm: 32, count: 12 },
      ],
    });
    const [round, cups] = bake.tins;
    expect(cups?.likelyMin).toBeLessThan(round?.likelyMin ?? 0);
    expect(bake.firstLookMin).toBe(cups?.firstLookMin);
    expect(bake.likelyMin).toBe(round?.likelyMin);
  });

  it("fills each tin to its own limit when asked to be as full as is safe", () => {
    const { fill, scale } = plan({
      scale: "fill-limit",
      tins: [
        { shape: "round", diameterMm: 150, depthMm: 40 },
        { shape: "round", diameterMm: 200, depthMm: 70 },
      ],
    });
    for (const tin of fill.tins) expect(tin.batterMl).toBeCloseTo(tin.limit.volumeMl, 3);
    expect(scale).toBeCloseTo(fill.tins.reduce((sum, tin) => sum + tin.batterMl, 0) / 1200, 6);
    expect(fill.overG).toBe(0);
  });
});

describe("a recipe of which only the tins are known", () => {
  const guessed = plan({}, { batter: undefined });

  it("is taken to be filled to four fifths of the usual half, and says so with the range", () => {
    // Two cylinders of 203 x 51 mm at 0.4 of their depth hold 1.32 L; the fillet takes a little.
    expect(guessed.mix.volumeMl).toBeGreaterThan(1300);
    expect(guessed.mix.volumeMl).toBeLessThan(1321);
    expect(guessed.mix.volumeRangeMl[0] / guessed.mix.volumeMl).toBeCloseTo(0.75, 2);
    expect(guessed.mix.volumeRangeMl[1] / guessed.mix.volumeMl).toBeCloseTo(1.25, 2);
    expect(codes(guessed.remarks)).toEqual(["batter-assumed", "kind-assumed"]);
  });
});

describe("remarks", () => {
  it("are silent when all is known", () => {
    expect(plan().remarks).toEqual([]);
  });

  it.each<[string, Partial<CakeInput>, Partial<CakeInput["recipe"]>]>([
    ["unusual-gravity", {}, { batter: { kind: "creamed", massG: 500, volumeMl: 1200 } }],
    ["no-reference-minutes", {}, { reference: { tins: SUPPER.recipe.reference.tins, ovenC: 177 } }],
    ["much-thicker", { tins: [{ shape: "round", diameterMm: 203, depthMm: 90 }] }, {}],
    ["outside-fit", { heat: { ovenC: 205 } }, {}],
    [
      "silicone",
      { tins: [{ shape: "round", diameterMm: 203, depthMm: 51, material: "silicone", count: 2 }] },
      {},
    ],
    [
      "strips-unsuited",
      { strips: true, tins: [{ shape: "loaf", lengthMm: 220, widthMm: 110, depthMm: 70 }] },
      {},
    ],
    [
      "other-material",
      {
        tins: [{ shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51, material: "glass" }],
      },
      {},
    ],
    ["lines-unread", {}, { lines: ["230 g butter"], batter: { kind: "creamed", massG: 1030 } }],
  ])("%s", (code, changes, recipe) => {
    expect(codes(plan(changes, recipe).remarks)).toContain(code);
  });
});

describe("cautions, each with a plan that shows it and one that does not", () => {
  it.each<[string, Partial<CakeInput>]>([
    ["tray-underneath", { tins: [{ shape: "round", diameterMm: 150, depthMm: 50 }] }],
    [
      "thermal-shock",
      {
        tins: [{ shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51, material: "glass" }],
      },
    ],
    ["spray-residue", { tins: [{ shape: "fluted", diameterMm: 250, depthMm: 90 }] }],
    ["wet-strips", { strips: true }],
    ["keep-cold", { finish: { frosting: "cream-cheese" } }],
    [
      "keep-cold",
      {
        build: { filling: "curd" },
        finish: { cover: "top-and-sides" },
        tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
      },
    ],
    ["keep-cold", { finish: { fruit: { at: "top", pattern: "rings", widthMm: 30 } } }],
    ["raw-egg", { finish: { frosting: "meringue-butter" } }],
    ["hot-sugar", { finish: { frosting: "boiled-fudge" } }],
    ["hot-sugar", { build: { soakMlPerKg: 80 } }],
    [
      "supports-out",
      {
        build: { standing: "tiers" },
        tins: [
          { shape: "round", diameterMm: 203, depthMm: 51 },
          { shape: "round", diameterMm: 150, depthMm: 51 },
        ],
      },
    ],
  ])("%s", (code, changes) => {
    expect(codes(plan(changes).cautions)).toContain(code);
    expect(codes(plan().cautions)).not.toContain(code);
  });

  it.each([
    "alcohol",
    "raw-root",
    "raw-kernel",
    "raw-bean",
    "hard-sweets",
    "raw-flour-part",
    "whole-nuts",
    "microwave-melting",
    "sharp-tools",
    "not-food",
    "freezing",
    "selling",
  ] as const)("%s, of a recipe that holds it", (hazard) => {
    expect(codes(plan({}, { holds: { allergens: [], hazards: [hazard] } }).cautions)).toEqual([
      hazard,
    ]);
    expect(codes(plan({}, { holds: { allergens: [], hazards: [] } }).cautions)).toEqual([]);
  });

  it("name what it contains, the frosting's too, once something is known of the recipe", () => {
    const contained = (changes: Partial<CakeInput>, holds: CakeInput["recipe"]["holds"]): unknown =>
      plan(changes, { holds }).cautions.find(({ code }) => code === "allergens");
    expect(
      contained(
        { finish: { cover: "top", frosting: "meringue-butter" } },
        { allergens: ["wheat"], hazards: [] },
      ),
    ).toEqual({ code: "allergens", allergens: ["wheat", "milk", "egg"] });
    expect(contained({ finish: { cover: "none" } }, { allergens: ["wheat"], hazards: [] })).toEqual(
      { code: "allergens", allergens: ["wheat"] },
    );
    expect(contained({}, { allergens: [], hazards: [] })).toBeUndefined();
  });

  it("speak of a tin that leaves the air no way round it, where the shelf is known", () => {
    const shelf = (widthMm: number): Partial<CakeInput> => ({
      oven: { shelf: { widthMm, depthMm: 360, atOnce: 1, clearMm: 300 } },
    });
    expect(codes(plan(shelf(340)).cautions)).toContain("air-blocked");
    expect(codes(plan(shelf(445)).cautions)).not.toContain("air-blocked");
  });

  it("of a recipe for a closed pot or a microwave stand with the recipe and with its plan", () => {
    const none = { allergens: [], hazards: [] };
    expect(codes(recipeCautions(none, "closed-pot"))).toEqual(["closed-pot"]);
    expect(codes(recipeCautions(none, "microwave"))).toEqual(["mug"]);
    expect(recipeCautions(none, "oven")).toEqual([]);
    const by = (source: "microwave" | "oven") => ({
      ...SUPPER,
      tins: SUPPER.recipe.reference.tins,
      recipe: { ...SUPPER.recipe, reference: { ...SUPPER.recipe.reference, source } },
    });
    const [mug, cake] = [planCake(by("microwave")), planCake(by("oven"))];
    if (!mug.ok || !cake.ok) throw new Error("not planned");
    expect(codes(mug.value.cautions)).toContain("mug");
    expect(codes(cake.value.cautions)).not.toContain("mug");
    // An oven's bake is no shorter than an oven's.
    expect(
      planCake({
        ...SUPPER,
        recipe: { ...SUPPER.recipe, reference: { ...SUPPER.recipe.reference, minutes: 2 } },
      }),
    ).toMatchObject({
      ok: false,
      issue: { code: "out-of-range", path: "recipe.reference.minutes", value: 2, min: 5 },
    });
  });

  it("do not speak of fresh fruit that is cooked in syrup, nor of a filling without a gap", () => {
    expect(
      codes(
        plan({ finish: { fruit: { at: "top", pattern: "rings", widthMm: 30, syrup: true } } })
          .cautions,
      ),
    ).not.toContain("keep-cold");
    expect(codes(plan({ build: { filling: "curd" } }).cautions)).not.toContain("keep-cold");
  });

  it("say how much to take out when the tin is too small, and for how many cups", () => {
    const [tray] = plan({ tins: [{ shape: "round", diameterMm: 150, depthMm: 50 }] }).cautions;
    if (tray?.code !== "tray-underneath") throw new Error("no tray");
    expect(tray.takeOutG).toBeGreaterThan(500);
    expect(tray.takeOutG).toBeLessThan(1030);
    expect(tray.cups?.count).toBeGreaterThan(10);
  });
});

describe("requests that can't be planned", () => {
  it.each<[string, unknown, object]>([
    ["nothing", null, { code: "wrong-type", path: "" }],
    ["no tins", { ...SUPPER, tins: [] }, { code: "missing", path: "tins" }],
    [
      "a field nobody knows",
      { ...SUPPER, colour: "blue" },
      { code: "unknown-field", path: "colour" },
    ],
    [
      "a shape nobody knows",
      { ...SUPPER, tins: [{ shape: "star", depthMm: 50 }] },
      { code: "not-a-choice", path: "tins[0].shape", value: "star" },
    ],
    [
      "a kind nobody knows",
      { ...SUPPER, recipe: { ...SUPPER.recipe, batter: { kind: "lumpy" } } },
      { code: "not-a-choice", path: "recipe.batter.kind" },
    ],
    [
      "a scale nobody knows",
      { ...SUPPER, scale: "double" },
      { code: "not-a-choice", path: "scale", value: "double" },
    ],
    [
      "a scale of nothing",
      { ...SUPPER, scale: 0 },
      { code: "out-of-range", path: "scale", value: 0, min: 0.05, max: 20 },
    ],
    [
      "an oven that melts",
      { ...SUPPER, heat: { ovenC: 400 } },
      { code: "out-of-range", path: "heat.ovenC", value: 400, max: 260 },
    ],
    [
      "21 tins",
      { ...SUPPER, tins: Array.from({ length: 21 }, () => SUPPER.tins[0]) },
      { code: "too-many", path: "tins", value: 21, max: 20 },
    ],
    [
      "minutes of a slow cooker",
      {
        ...SUPPER,
        recipe: { ...SUPPER.recipe, reference: { ...SUPPER.recipe.reference, minutes: 241 } },
      },
      { code: "out-of-range", path: "recipe.reference.minutes", max: 240 },
    ],
  ])("%s", (_name, input, issue) => {
    expect(parseCakeInput(input)).toMatchObject({ ok: false, issue });
  });

  it.each<[string, Partial<CakeInput>, Partial<CakeInput["recipe"]>, object]>([
    [
      "a weight no batter has",
      {},
      { batter: { massG: 5000, volumeMl: 1000 } },
      { path: "recipe.batter.specificGravity", value: 5, max: 1.5 },
    ],
    [
      "a tin that contradicts itself",
      { tins: [{ shape: "tube", diameterMm: 200, depthMm: 100, tubeMm: 190 }] },
      {},
      { path: "tins[0].tubeMm" },
    ],
    [
      "a heat turned down below setting",
      { heat: "low" },
      { reference: { tins: SUPPER.recipe.reference.tins, ovenC: 120 } },
      { path: "heat", value: 90, because: "heat-never-sets" },
    ],
    [
      "a coat that closes the hole",
      {
        tins: [{ shape: "tube", diameterMm: 200, depthMm: 100, tubeMm: 15 }],
        finish: { cover: "top-and-sides", sideMm: 20 },
      },
      {},
      { path: "finish.sideMm" },
    ],
  ])("%s is refused when planned", (_name, changes, recipe, issue) => {
    expect(
      planCake({ ...SUPPER, ...changes, recipe: { ...SUPPER.recipe, ...recipe } }),
    ).toMatchObject({ ok: false, issue });
  });
});

it("the answer keeps to its own schema and rounds for a bench", () => {
  const tins: CakeInput["tins"] = [{ shape: "round", diameterMm: 150, depthMm: 50 }];
  const answer = planAnswer(plan({ tins }), workRequest({ ...SUPPER, tins }), {
    caution: ({ code }) => code,
    built: ({ code }) => code,
    remark: ({ code }) => code,
    doing: ({ do: what }) => what,
  });
  if (!answer.ok) throw new Error(JSON.stringify(answer.issue));
  expect(AnswerSchema.parse(answer.value)).toEqual(answer.value);
  expect(answer.value.fill.tins[0]?.depthMm).toBe(50);
  expect(answer.value.cautions).toEqual([{ code: "tray-underneath", text: "tray-underneath" }]);
});

it("the answer has the frosting as it is made, in bowls, with the next spoonful", () => {
  const finish: CakeInput["finish"] = {
    rounding: "half-sticks",
    colours: [
      { name: "plain", share: 2 },
      { name: "plum", share: 1 },
    ],
    feels: ["too-stiff"],
  };
  const answer = planAnswer(plan({ finish }), workRequest({ ...SUPPER, finish }), {
    caution: ({ code }) => code,
    built: ({ code }) => code,
    remark: ({ code }) => code,
    doing: ({ do: what }) => what,
  });
  if (!answer.ok) throw new Error(JSON.stringify(answer.issue));
  const { frostingMade, massG } = answer.value.finish;
  expect(frostingMade?.massG ?? 0).toBeGreaterThanOrEqual(massG);
  // Butter in half sticks of 56.7 g.
  const sticks = (frostingMade?.lines[0]?.massG ?? 0) / 56.7;
  expect(Math.abs(sticks - Math.round(sticks)) * 56.7).toBeLessThanOrEqual(0.5);
  expect(frostingMade?.bowls?.reduce((sum, bowl) => sum + bowl.massG, 0)).toBeCloseTo(
    frostingMade?.massG ?? 0,
    -1,
  );
  expect(frostingMade?.next).toMatchObject({ do: "add", name: "milk", soFarTsp: 0 });
});

describe("ingredient lines in a request", () => {
  const lines = [
    "230 g butter",
    "230 g caster sugar",
    "4 eggs",
    "230 g plain flour",
    "2 tsp baking powder",
    "salt to taste",
  ];
  const weighed = (recipe: Partial<CakeInput["recipe"]>): CakeInput["recipe"] =>
    workRequest({ ...SUPPER, recipe: { ...SUPPER.recipe, ...recipe } }).input.recipe;

  it("are weighed into the batter; what has no weight is kept and remarked on", () => {
    const recipe = weighed({ lines, batter: undefined });
    // 230 x 3 + 4 x 50, and two metric teaspoons of powder at 216 g a US cup.
    expect(recipe.batter).toMatchObject({
      kind: "creamed",
      massG: Math.round(890 + (10 * 216) / 236.5882365),
    });
    expect(recipe.lines).toEqual(["salt to taste"]);
    const planned = planCake({ ...SUPPER, recipe });
    expect(planned.ok && planned.value.remarks).toContainEqual({ code: "lines-unread", count: 1 });
  });

  it("give way to what is given", () => {
    expect(weighed({ lines, batter: { kind: "pound", massG: 1000 } }).batter).toEqual({
      kind: "pound",
      massG: 1000,
    });
  });
});

describe("a loose base", () => {
  const tins = [{ shape: "springform", diameterMm: 230, depthMm: 65, looseBase: true }] as const;
  it("is remarked on for a batter that would run out of it, and for no other", () => {
    expect(
      codes(plan({ tins: [...tins] }, { batter: { kind: "hot-liquid", massG: 1200 } }).remarks),
    ).toContain("loose-base");
    expect(codes(plan({ tins: [...tins] }).remarks)).not.toContain("loose-base");
    expect(codes(plan({}, { batter: { kind: "hot-liquid", massG: 1200 } }).remarks)).not.toContain(
      "loose-base",
    );
  });
});

describe("whole eggs", () => {
  const input: CakeInput = {
    recipe: {
      batter: { kind: "creamed", volumeMl: 1200 },
      eggs: 4,
      reference: {
        tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
        ovenC: 177,
        minutes: 34,
      },
    },
    tins: [{ shape: "round", diameterMm: 229, depthMm: 51, count: 2 }],
    scale: "same-depth",
    eggs: "whole",
  };
  const planned = (changes: Partial<CakeInput>): CakePlan => {
    const plan = planCake({ ...input, ...changes });
    if (!plan.ok) throw new Error(JSON.stringify(plan.issue));
    return plan.value;
  };

  it("move the recipe where the depth allows it: 5.09 eggs become 5", () => {
    const plan = planned({});
    expect(plan.egg).toMatchObject({ eggs: 5, how: "whole" });
    expect(plan.scale).toBeCloseTo(1.25, 9);
    const own = plan.reference.tins[0]?.depthMm ?? 0;
    expect(Math.abs((plan.fill.tins[0]?.depthMm ?? 0) / own - 1)).toBeLessThan(0.1);
  });

  it("are left alone when it does not: only the eggs are rounded", () => {
    const plan = planned({ recipe: { ...input.recipe, eggs: 1 }, scale: 1.25 });
    expect(plan.egg?.how).toBe("eggs-only");
    expect(plan.scale).toBe(1.25);
  });

  it("never fill a tin past its limit", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 9 }),
        fc.integer({ min: 150, max: 300 }),
        (eggs, diameterMm) => {
          const { fill } = planned({
            recipe: { ...input.recipe, eggs },
            tins: [{ shape: "round", diameterMm, depthMm: 51 }],
            scale: "fill-limit",
          });
          for (const tin of fill.tins)
            expect(tin.batterMl).toBeLessThanOrEqual(tin.limit.volumeMl * (1 + 1e-6));
        },
      ),
    );
  });

  it("are nobody's business when the recipe is kept as it is, or was not asked for", () => {
    expect(planned({ scale: "keep" }).egg).toBeNull();
    expect(planned({ eggs: "as-scaled" }).egg).toBeNull();
  });

  it("a scale that no kitchen could make is refused with its range", () => {
    expect(
      planCake({
        ...input,
        tins: [{ shape: "rectangle", lengthMm: 700, widthMm: 700, depthMm: 200, count: 99 }],
        scale: "fill-limit",
      }),
    ).toMatchObject({
      ok: false,
      issue: { code: "out-of-range", path: "scale", max: 50 },
    });
  });
});
