import { describe, expect, it } from "vitest";
import { FEW_WORDS } from "./answer-words.test-data";
import { planFileAnswer } from "./plan-file";

function shopped(text: string, rest: object = {}) {
  const answer = planFileAnswer({ recipe: { text }, ...rest }, FEW_WORDS);
  if (!answer.ok) throw new Error(JSON.stringify(answer.issue));
  const rows = new Map(answer.value.shopping.map((row) => [row.item, row]));
  return { answer: answer.value, rows };
}

const LIGHTHOUSE = `Lighthouse carrot layers

Two 20 cm round tins

300 g plain flour
10 g baking powder
280 g light brown sugar
4 eggs
240 ml sunflower oil
350 g carrots, grated

For the frosting
400 g cream cheese
150 g soft butter
300 g icing sugar

Heat the oven to 170 C. Whisk the eggs, sugar and oil, fold in the flour, baking powder and carrots. Divide between the tins and bake for 35 minutes. Cool.
Beat the frosting and sandwich and cover the layers with it.`;

describe("what a cake takes", () => {
  it("is its recipe's lines, frosting and all, with the peel", () => {
    const { rows } = shopped(LIGHTHOUSE);
    expect(rows.get("plain-flour")).toMatchObject({ netG: 300, packs: { count: 1, overG: 1200 } });
    expect(rows.get("egg")).toMatchObject({ pieces: 4, aisle: "fridge" });
    // 350 g grated of carrots that lose 15 %.
    expect(rows.get("carrots")?.grossG).toBeCloseTo(411.8, 1);
    expect(rows.get("cream-cheese")?.netG).toBe(400);
    expect(rows.get("icing-sugar")?.netG).toBe(300);
    // 240 mL of oil at 216 g a US cup.
    expect(rows.get("vegetable-oil")?.netG).toBeCloseTo((240 / 236.588) * 216, 0);
  });

  it("is so many times as much for other tins", () => {
    const { answer, rows } = shopped(LIGHTHOUSE, {
      scale: "same-depth",
      tins: [{ shape: "round", diameterMm: 250, depthMm: 75, count: 2 }],
    });
    expect(answer.scale).toBeGreaterThan(1.2);
    expect(rows.get("plain-flour")?.netG).toBeCloseTo(300 * answer.scale, 0);
    const spread = ["cream-cheese", "icing-sugar"].map((item) => rows.get(item)?.netG ?? 0);
    // Frosting goes with the surface, in the proportions of its part.
    expect((spread[0] ?? 0) / (spread[1] ?? 1)).toBeCloseTo(400 / 300, 2);
    expect(spread[0]).toBeGreaterThan(400);
  });

  it("is the usual formula where the recipe has no frosting and she asks for one", () => {
    const plain = LIGHTHOUSE.slice(0, LIGHTHOUSE.indexOf("For the frosting"));
    const method = LIGHTHOUSE.slice(
      LIGHTHOUSE.indexOf("Heat the oven"),
      LIGHTHOUSE.indexOf("Beat the"),
    );
    expect(shopped(plain + method).rows.has("icing-sugar")).toBe(false);
    const { answer, rows } = shopped(plain + method, {
      finish: { cover: "top", frosting: "butter-and-sugar", topMm: 5 },
    });
    const made = answer.finish.frostingMade;
    expect(made?.lines.find(({ name }) => name === "icing sugar")?.massG).toBeCloseTo(
      rows.get("icing-sugar")?.netG ?? 0,
      0,
    );
  });

  it("has what is put on it, by the piece or by weight, and a case for each cup", () => {
    const { rows } = shopped(LIGHTHOUSE, {
      tins: [{ shape: "well", rimMm: 70, floorMm: 50, depthMm: 32, count: 24 }],
      finish: {
        dress: [
          { what: "candles", when: "cold", count: 1 },
          { what: "walnut-halves", when: "cold", count: 2 },
        ],
      },
    });
    expect(rows.get("bought:cases")?.pieces).toBe(24);
    expect(rows.get("bought:candles")?.pieces).toBe(24);
    expect(rows.get("walnuts")?.netG).toBeCloseTo(24 * 2 * 3, 0);
  });

  it.each([
    ["Line the tin with baking paper.", true],
    ["Grease the tin and line its base with a disc of paper.", true],
    ["Set it on a sheet of parchment.", true],
    ["Line a 12-hole tin with paper cases.", false],
    ["Dry them on kitchen paper.", false],
    ["Grease the tin.", false],
  ])("takes paper where its steps use some: %s", (step, isNeeded) => {
    const { rows } = shopped(LIGHTHOUSE.replace("Heat the oven", `${step} Heat the oven`));
    const { rows: bare } = shopped(LIGHTHOUSE);
    expect(bare.has("bought:baking-paper")).toBe(false);
    expect(rows.has("bought:baking-paper")).toBe(isNeeded);
  });

  it("names what the pantry does not know, and what has no weight", () => {
    const { rows } = shopped(
      LIGHTHOUSE.replace("10 g baking powder", "10 g baking powder\n2 bay leaves\nsalt to taste"),
    );
    expect(rows.get("named:bay leaf")).toMatchObject({ netG: null, pieces: 2, aisle: "other" });
    expect(rows.get("salt")).toMatchObject({ netG: null, some: true, aisle: "cupboard" });
  });

  it("has nothing of a batter whose recipe is not known", () => {
    const answer = planFileAnswer(
      {
        recipe: {
          reference: { tins: [{ shape: "round", diameterMm: 200, depthMm: 60 }], ovenC: 175 },
        },
        tins: [{ shape: "round", diameterMm: 200, depthMm: 60 }],
      },
      FEW_WORDS,
    );
    expect(answer.ok && answer.value.shopping.filter(({ aisle }) => aisle === "baking")).toEqual(
      [],
    );
  });
});
