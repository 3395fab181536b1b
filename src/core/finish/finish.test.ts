import { describe, expect, it } from "vitest";
import type { BuildRequest, Quantity } from "../build";
import { baked, built } from "../build/built.test-data";
import type { TinFill } from "../fill";
import type { Tin } from "../tin";
import { drawnBeads, finishCakes, type Finish, type FinishRequest } from ".";

const ROUND: Tin = { shape: "springform", diameterMm: 200, depthMm: 65 };
const round = baked(ROUND, 60);
const CUPS = baked({ shape: "well", rimMm: 70, floorMm: 60, depthMm: 32, count: 24 }, 26);
const US_CUP = 236.5882365;

function finished(
  request: FinishRequest,
  tins: readonly TinFill[],
  build: BuildRequest = {},
): Finish {
  const { cover = "top" } = request;
  const result = finishCakes(request, built(build, tins, cover !== "none" && cover !== "top"));
  if (!result.ok) throw new Error(JSON.stringify(result.issue));
  return result.value;
}

function quantity(request: FinishRequest, thing: Quantity["thing"], tin = round): Quantity {
  const found = finished(request, [tin]).quantities.find((each) => each.thing === thing);
  if (found === undefined) throw new Error(`no ${thing}`);
  return found;
}

describe("swirls on cups", () => {
  it.each([
    ["low", 25],
    ["medium", 29],
    ["tall", 37],
  ] as const)("%s ones take about %d g of butter and sugar each", (style, grams) => {
    expect(quantity({ swirls: { style } }, "swirls", CUPS).massG / 24).toBeGreaterThan(grams - 0.6);
    expect(quantity({ swirls: { style } }, "swirls", CUPS).massG / 24).toBeLessThan(grams + 0.6);
  });

  it("24 tall ones come to about 4.7 US cups, and stand in place of what is spread", () => {
    const { quantities, volumeMl } = finished({ swirls: { style: "tall" }, marginFraction: 0 }, [
      CUPS,
    ]);
    expect(volumeMl / US_CUP).toBeCloseTo(4.7, 1);
    expect(quantities.map(({ thing }) => thing)).toEqual(["swirls"]);
  });
});

describe("borders", () => {
  it("run inside the edge of the coat and outside its foot: π·(216 ∓ 12) of ½·12²", () => {
    const request = (at: "top" | "base"): FinishRequest => ({
      cover: "top-and-sides",
      borders: [{ at, style: "shell", widthMm: 12 }],
    });
    expect(quantity(request("top"), "border").volumeMl).toBeCloseTo((Math.PI * 204 * 72) / 1000, 6);
    expect(quantity(request("base"), "border").volumeMl).toBeCloseTo(
      (Math.PI * 228 * 72) / 1000,
      6,
    );
  });

  it("count shells by their pitch and pearls by their width; ropes and ruffles are not counted", () => {
    const count = (style: "shell" | "pearl" | "rope"): number | null =>
      quantity({ cover: "top-and-sides", borders: [{ at: "top", style, widthMm: 12 }] }, "border")
        .count;
    expect([count("shell"), count("pearl"), count("rope")]).toEqual([
      Math.round((Math.PI * 204) / 9.6),
      Math.round((Math.PI * 204) / 12),
      null,
    ]);
  });

  it("are drawn with the beads that are counted, and lines piped in one go with waves as wide as shells", () => {
    const drawn = (style: "shell" | "pearl" | "rope"): number =>
      drawnBeads({ at: "top", style, widthMm: 12 }, Math.PI * 204);
    expect([drawn("shell"), drawn("pearl"), drawn("rope")]).toEqual([67, 53, 67]);
    expect(drawnBeads({ at: "top", style: "rope", widthMm: 40 }, 5)).toBe(1);
  });

  it.each([
    ["shell", 72],
    ["rope", 86.4],
    ["pearl", 50.4],
    ["ruffle", 43.2],
    ["star", 0.72 * Math.PI * 36],
    ["round", 1.1 * Math.PI * 36],
  ] as const)("a %s of 12 mm has %d mm²", (style, sectionMm2) => {
    expect(
      quantity({ cover: "top-and-sides", borders: [{ at: "top", style, widthMm: 12 }] }, "border")
        .why,
    ).toMatchObject({ how: "along", sectionMm2: expect.closeTo(sectionMm2, 6) as number });
  });
});

describe("what is poured", () => {
  it("over all of it: 4 mm of top, 3 of side, a third more for the pool", () => {
    const { volumeMl, massG } = quantity(
      { cover: "top-and-sides", pour: { what: "pouring-ganache", sides: "all" } },
      "pour",
    );
    const by = ((Math.PI * 100 ** 2 * 4 + Math.PI * 216 * 68 * 3) * 1.35) / 1000;
    expect(volumeMl).toBeCloseTo(by, 3);
    expect(massG).toBeCloseTo(by * 1.15, 3);
  });

  it("in drips: each (π/4)·8·3·L and a drop, so many as are asked or as go round", () => {
    const drips = (given: object): Quantity =>
      quantity(
        { cover: "top-and-sides", pour: { what: "pouring-ganache", sides: "drips", ...given } },
        "drips",
      );
    const length = 0.45 * 68;
    expect(drips({ drips: 10 }).volumeMl).toBeCloseTo(
      10 * (((Math.PI / 4) * 24 * length) / 1000 + 0.15),
      4,
    );
    expect(drips({}).count).toBe(Math.round((Math.PI * 216) / 30));
  });
});

describe("what is laid on by area", () => {
  it.each([
    ["crumble", "light", 0.25],
    ["crumble", "usual", 0.4],
    ["crumb-base", "heavy", 0.65],
    ["nuts", "usual", 0.2],
    ["dusting-sugar", "usual", 0.015],
  ] as const)("%s, %s, is %d g to the cm²", (what, amount, gPerCm2) => {
    const { massG, volumeMl } = quantity(
      { cover: "top-and-sides", toppings: [{ what, at: "top", amount }] },
      "topping",
    );
    expect(massG).toBeCloseTo(Math.PI * 100 * gPerCm2, 6);
    expect(volumeMl).toBeNull();
  });

  it("on the sides goes round the coat: π·216 by 68", () => {
    expect(
      quantity(
        { cover: "top-and-sides", toppings: [{ what: "nuts", at: "sides", amount: "usual" }] },
        "topping",
      ).massG,
    ).toBeCloseTo(Math.PI * 21.6 * 6.8 * 0.2, 3);
  });
});

it("a rolled covering is the size and twice the height and 25 mm, 4 mm thick, at 1.35", () => {
  const request: FinishRequest = { cover: "top-and-sides", rolledMm: 4 };
  const across = 216 + 2 * 68 + 25;
  expect(quantity(request, "covering").massG).toBeCloseTo(
    ((Math.PI / 4) * across ** 2 * 4 * 1.35) / 1000,
    1,
  );
  const block = finished(request, [
    baked(
      { shape: "rectangle", lengthMm: 300, widthMm: 200, depthMm: 60, taperDeg: 0, cornerMm: 0 },
      40,
    ),
  ]);
  expect(block.sheets[0]).toMatchObject({
    lengthMm: expect.closeTo(316 + 96 + 25, 3) as number,
    widthMm: expect.closeTo(216 + 96 + 25, 3) as number,
    isRound: false,
  });
});

it("makes one batch of each spread, and nothing to spare of what is laid on or rolled", () => {
  const { batches, quantities } = finished(
    {
      cover: "top-and-sides",
      rolledMm: 4,
      borders: [{ at: "base", style: "shell", widthMm: 10 }],
      pour: { what: "jam", sides: "drips" },
      toppings: [{ what: "nuts", at: "sides", amount: "usual" }],
    },
    [baked({ ...ROUND, count: 2 }, 30)],
    { filling: "jam", damMm: 12, soakMlPerKg: 80 },
  );
  for (const { stuff, neededG, massG } of batches) {
    const of = quantities
      .filter((each) => each.stuff === stuff)
      .reduce((sum, each) => sum + each.massG, 0);
    expect(neededG).toBeCloseTo(of, 9);
    expect(massG / neededG).toBeCloseTo(
      ["nuts", "rolled-covering", "syrup"].includes(stuff) ? 1 : 1.12,
      9,
    );
  }
  expect(batches.map(({ stuff }) => stuff).toSorted()).toEqual([
    "butter-and-sugar",
    "jam",
    "nuts",
    "rolled-covering",
    "syrup",
  ]);
});
