import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FIRST_QUESTION } from "./first-question";
import { readQuestion } from "./question";
import { parseQuestion, type Question } from "./question-schema";
import { askAboutNewer, askAboutRecipe, recipeBoxes } from "./recipe-boxes";
import { readTin, writeTin } from "../tin";
import { planCake, type CakeInput, type RecipeFacts } from "../plan";

const METRIC = { size: "metric", heat: "C" } as const;
const read = (changes: Partial<Question>): ReturnType<typeof readQuestion> =>
  readQuestion({ ...FIRST_QUESTION, ...changes }, METRIC);

function input(changes: Partial<Question> = {}): CakeInput {
  const { input: found } = read(changes);
  if (!found.ok) throw new Error(JSON.stringify(found.issue));
  return found.value;
}

describe("the question bakers ask most", () => {
  it("is read whole: two 20 cm rounds at 180 °C for 34 minutes, into a 33 x 23", () => {
    expect(input()).toMatchObject({
      recipe: {
        batter: { kind: "creamed" },
        reference: {
          tins: [{ shape: "round", diameterMm: 200, depthMm: 50, count: 2 }],
          ovenC: 180,
          minutes: 34,
        },
      },
      tins: [{ shape: "rectangle", lengthMm: 330, widthMm: 230, depthMm: 50 }],
    });
    expect(planCake(input()).ok).toBe(true);
  });

  it("reads several tins, of the recipe and of the kitchen", () => {
    const found = input({ from: "20 cm round + 12 cups", tins: ["9 in", "6 cups"] });
    expect(found.recipe.reference.tins).toHaveLength(2);
    expect(found.tins).toHaveLength(2);
  });

  it("takes empty minutes, weight and volume as not known", () => {
    const { recipe } = input({ minutes: " ", weight: "", volume: "" });
    expect(recipe.reference.minutes).toBeUndefined();
    expect(recipe.batter).toEqual({ kind: "creamed" });
    expect(input({ weight: "1.03 kg", volume: "5 cups" }).recipe.batter).toEqual({
      kind: "creamed",
      massG: 1030,
      volumeMl: 1182.9411825,
    });
  });
});

describe("other bakes of the recipe", () => {
  it("blow as the recipe does unless they say otherwise", () => {
    const also = [
      { from: "9 in round", heat: "", minutes: "30" },
      { from: "9 in round", heat: "170 °C", minutes: "28", fan: false },
    ];
    expect(input({ recipeFan: true, also }).recipe.alsoBaked).toMatchObject([
      { fan: true, ovenC: 180 },
      { fan: false, ovenC: 170 },
    ]);
    expect(input({ also }).recipe.alsoBaked).toMatchObject([{ fan: false }, { fan: false }]);
  });
});

describe("numbers without a unit", () => {
  const bare: Question = {
    ...FIRST_QUESTION,
    tins: ["9 x 2 round"],
    scale: "depth",
    amount: "1.5",
    heat: "350",
  };
  const US = { size: "us", heat: "F" } as const;

  it("mean what they meant when the question was kept, whoever looks", () => {
    const kept = readQuestion({ ...bare, habit: US }, METRIC).input;
    expect(kept).toEqual(readQuestion({ ...bare, habit: US }, US).input);
    expect(kept).toMatchObject({
      ok: true,
      value: { scale: { depthMm: 38.1 }, tins: [{ diameterMm: 228.6 }] },
    });
  });

  it("mean what the looker's measures say while nobody kept it", () => {
    expect(readQuestion(bare, US).input).toEqual(
      readQuestion({ ...bare, habit: US }, METRIC).input,
    );
    expect(readQuestion({ ...bare, heat: "180" }, METRIC).input).toMatchObject({
      ok: true,
      value: { scale: { depthMm: 15 } },
    });
  });
});

describe("a box that can't be used", () => {
  it.each<[Partial<Question>, string, object]>([
    [{ from: "two zonks" }, "from", { code: "unreadable", value: "zonks" }],
    [{ heat: "hot" }, "heat", { code: "unreadable", value: "hot" }],
    [{ heat: "" }, "heat", { code: "missing" }],
    [{ heat: "90 C" }, "heat", { code: "out-of-range", value: 90, min: 100, max: 260 }],
    [{ minutes: "2" }, "minutes", { code: "out-of-range", value: 2, min: 5, max: 240 }],
    [{ minutes: "soon" }, "minutes", { code: "unreadable", value: "soon" }],
    [{ weight: "-5" }, "weight", { code: "unreadable", value: "-5" }],
    [{ weight: "2 g" }, "weight", { code: "out-of-range", value: 2, min: 20 }],
    [{ volume: "90 L" }, "volume", { code: "out-of-range", value: 90_000, max: 60_000 }],
  ])("%j says so at %s", (changes, box, issue) => {
    const found = read(changes);
    expect(found.issues[box as "heat"]).toMatchObject(issue);
    expect(found.input.ok).toBe(false);
  });

  it("says which wanted tin is wrong, and reads the others", () => {
    const found = read({ tins: ["23 cm", "0 cm"] });
    expect(found.tins.map(({ ok }) => ok)).toEqual([true, false]);
    expect(found.input).toMatchObject({
      ok: false,
      issue: { path: "tins[1].diameterMm", value: 0 },
    });
  });

  it("asks for a tin when there is none", () => {
    expect(read({ tins: [] }).input).toMatchObject({
      ok: false,
      issue: { code: "missing", path: "tins" },
    });
  });

  it("never throws, whatever is typed", () => {
    const text = fc.string({ unit: "grapheme", maxLength: 40 });
    fc.assert(
      fc.property(
        text,
        text,
        text,
        fc.array(text, { maxLength: 3 }),
        (from, heat, minutes, tins) => {
          const found = read({ from, heat, minutes, tins });
          if (found.input.ok) expect(typeof planCake(found.input.value).ok).toBe("boolean");
        },
      ),
    );
  });
});

describe("what is done in the oven", () => {
  it("is the recipe's until something of it is changed", () => {
    const recipeDuring: Question["recipeDuring"] = [{ do: "turn", atMin: 20 }];
    const own = read({ recipeDuring }).input;
    expect(own.ok && [own.value.recipe.during, own.value.during]).toEqual([
      recipeDuring,
      undefined,
    ]);
    const changed = read({
      recipeDuring,
      during: [
        { do: "heat", at: "15 min", to: "160", name: "", ifNeeded: false },
        { do: "add", at: "25", to: "", name: " Almonds on ", ifNeeded: false },
      ],
    }).input;
    expect(changed.ok && changed.value.during).toEqual([
      { do: "heat", atMin: 15, ovenC: 160 },
      { do: "add", atMin: 25, name: "Almonds on" },
    ]);
  });

  it.each([
    ["", "", "duringAt", "missing"],
    ["soon", "", "duringAt", "unreadable"],
    ["9 h", "", "duringAt", "out-of-range"],
    ["20 min", "", "duringTo", "missing"],
    ["20 min", "900 °C", "duringTo", "out-of-range"],
  ])("names what is wrong with %j to %j", (at, to, field, code) => {
    const { issues } = read({ during: [{ do: "heat", at, to, name: "", ifNeeded: false }] });
    expect(issues.during).toMatchObject({ path: `during[0].${field}`, code });
  });
});

describe("the way out of the tin", () => {
  it.each<[Partial<Question>, CakeInput["cool"]]>([
    [{}, undefined],
    [{ cooling: "after", inTin: "25 min" }, { inTinMin: 25 }],
    [{ cooling: "after" }, undefined],
    [{ cooling: "cold", inTin: "25 min" }, { until: "cold" }],
    [{ cooling: "dish" }, { stays: true }],
    // What stays in its dish is not turned.
    [{ cooling: "dish", turned: "once" }, { stays: true }],
    [
      { turned: "once", offOven: "20 min", coolsCovered: true, coolsOvernight: true },
      { turned: "once", offOvenMin: 20, covered: true, overnight: true },
    ],
    [{ offOven: "0 min" }, undefined],
  ])("%j asks for %j", (boxes, cool) => {
    const { input } = read(boxes);
    expect(input.ok && input.value.cool).toEqual(cool);
  });

  it("names minutes that nobody leaves a warm cake in its tin", () => {
    const { issues } = readQuestion({ ...FIRST_QUESTION, cooling: "after", inTin: "5 h" }, METRIC);
    expect(issues.inTin).toMatchObject({ code: "out-of-range", path: "inTinMin", max: 240 });
  });

  it("is the recipe's where its steps say one", () => {
    const facts = { batter: {}, bake: { tins: [] } };
    expect(recipeBoxes("Net loft pear cake", { ...facts, cool: { inTinMin: 15 } })).toMatchObject({
      cooling: "after",
      inTin: "15 min",
    });
    expect(recipeBoxes("Net loft pear cake", { ...facts, cool: { stays: true } }).cooling).toBe(
      "dish",
    );
    expect(recipeBoxes("Net loft pear cake", facts).cooling).toBe("usual");
    // What a recipe says comes back from its boxes as it was.
    const cool = {
      inTinMin: 5,
      turned: "once",
      offOvenMin: 15,
      covered: true,
      overnight: true,
    } as const;
    const bake = {
      tins: [{ shape: "round", diameterMm: 200, depthMm: 50 }],
      ovenC: 170,
      minutes: 40,
    } as const;
    const asked = read({
      ...recipeBoxes("Net loft pear cake", {
        batter: { massG: 900 },
        bake: { ...bake, tins: [...bake.tins] },
        cool,
      }),
      tins: ["20 x 5 cm"],
    });
    expect(asked.input.ok && asked.input.value.cool).toEqual(cool);
  });
});

describe("questions from outside", () => {
  it("are taken whole or refused", () => {
    expect(parseQuestion(FIRST_QUESTION)).toEqual({ ok: true, value: FIRST_QUESTION });
    expect(parseQuestion({ ...FIRST_QUESTION, kind: "lumpy" })).toMatchObject({
      ok: false,
      issue: { path: "kind", value: "lumpy" },
    });
    expect(
      parseQuestion({ ...FIRST_QUESTION, tins: Array.from({ length: 21 }, () => "9 in") }),
    ).toMatchObject({ ok: false, issue: { code: "too-many" } });
  });

  it("take over what a recipe says, and read back to the same recipe", () => {
    const batter = { kind: "oil", massG: 1150, volumeMl: 1250 } as const;
    const bake: RecipeFacts["bake"] = {
      tins: [{ shape: "rectangle", lengthMm: 330, widthMm: 230, depthMm: 50 }],
      ovenC: 175,
      fan: true,
      minutes: 32,
      checkAtMin: 28,
    };
    const asked = askAboutRecipe(FIRST_QUESTION, "Malt and hazelnut sheet", { batter, bake });
    expect(input(asked).recipe).toEqual({
      name: "Malt and hazelnut sheet",
      batter,
      reference: bake,
    });
    expect(
      askAboutRecipe(FIRST_QUESTION, "Half a recipe", { batter: {}, bake: { tins: [] } }),
    ).toMatchObject({ from: "", heat: "", minutes: "", look: "", weight: "" });
  });

  it("keep their kind, and all the recipe has no say in, when it does not tell its own", () => {
    const typed: Question = { ...FIRST_QUESTION, kind: "chiffon", tins: ["9 in"], scale: "depth" };
    expect(
      askAboutRecipe(typed, "Half a recipe", { batter: {}, bake: { tins: [] } }),
    ).toMatchObject({ kind: "chiffon", tins: ["9 in"], scale: "depth" });
  });
});

describe("a recipe's bakes in other tins", () => {
  it("are what its minutes rest on too, as far as they say how long", () => {
    const square = readTin("20 x 20 cm square", "metric");
    const cups = readTin("12 cups", "metric");
    if (!square.ok || !cups.ok) throw new Error("no tins");
    const boxes = recipeBoxes("Quay squares", {
      batter: {},
      bake: { tins: [square.value.tin], ovenC: 180, minutes: 35 },
      otherBakes: [
        { tins: [cups.value.tin], ovenC: 170, minutes: 18, fan: true },
        { tins: [cups.value.tin], ovenC: 170 },
      ],
    });
    expect(boxes.also).toEqual([
      { from: writeTin(cups.value.tin), heat: "170 °C", minutes: "18 min", fan: true },
    ]);
    const { input } = read(boxes);
    expect(input.ok && input.value.recipe.alsoBaked).toMatchObject([
      { ovenC: 170, fan: true, minutes: 18 },
    ]);
  });
});

describe("a cake whose recipe was changed since", () => {
  const facts: RecipeFacts = {
    batter: { kind: "oil", massG: 700 },
    bake: { tins: [], ovenC: 165, minutes: 40 },
    during: [{ do: "turn", atMin: 20 }],
  };
  const hers: Partial<Question> = {
    cover: "top",
    during: [{ do: "foil", at: "30 min", to: "", name: "", ifNeeded: false }],
    also: [{ from: "12 cups", heat: "", minutes: "18 min" }],
    learnsFrom: "recipe",
  };

  it("takes what the recipe says, and keeps what is hers", () => {
    const now = askAboutNewer({ ...FIRST_QUESTION, ...hers }, "Quay cake", facts);
    expect(now).toMatchObject({ ...hers, heat: "165 °C", minutes: "40 min", kind: "oil" });
    expect(now.recipeDuring).toEqual(facts.during);
  });

  it("keeps the frosting between layers that she frosts herself, where the recipe has a filling now", () => {
    const filled = { like: "curd" as const, part: "p2", name: "Curd", massG: 300 };
    const facts: RecipeFacts = { batter: {}, bake: { tins: [] }, filled };
    const newer = (changes: Partial<Question>): Question =>
      askAboutNewer({ ...FIRST_QUESTION, ...changes }, "Quay cake", facts);
    expect(newer({ cover: "top-and-sides" }).build.filling).toBe("frosting");
    // Nothing of hers is on these: they are as the recipe has them.
    expect(newer({ cover: "none" }).build.filling).toBe("same");
    expect(newer({ cover: "top-and-sides", filled }).build.filling).toBe("same");
  });
});
