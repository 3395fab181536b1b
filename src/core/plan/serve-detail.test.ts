import { describe, expect, it } from "vitest";
import { FIRST_QUESTION, readQuestion, type Question } from "../ask";
import { planCake } from "./plan";
import { serveDetail, type ServeDetail } from "./serve-detail";

function served(changes: Partial<Question>): ServeDetail {
  const { input } = readQuestion({ ...FIRST_QUESTION, ...changes }, { size: "metric", heat: "C" });
  const plan = input.ok ? planCake(input.value) : input;
  if (!input.ok || !plan.ok) throw new Error(JSON.stringify(plan));
  return serveDetail(input.value, plan.value);
}

it("cuts stacked layers as one cake, and tins of a kind each by itself", () => {
  const tins = ["2 x 20 x 5 cm round"];
  const [stacked] = served({ tins, cover: "top-and-sides" }).cakes;
  const [single] = served({ tins, cover: "top" }).cakes;
  expect([stacked?.cakes, single?.cakes]).toEqual([1, 2]);
  // Two layers and the filling between in each piece.
  expect(stacked?.pieceG ?? 0).toBeGreaterThan(2 * (single?.pieceG ?? 0) * 0.95);
});

it("gives as many pieces as asked, and the nearest with the reason when that can't be", () => {
  const tins = ["33 x 23 x 5 cm rectangle"];
  expect(served({ tins, pieces: "24" })).toMatchObject({
    pieces: 24,
    cakes: [{ issue: null, cutting: { style: "grid" } }],
  });
  expect(served({ tins, pieces: "23" })).toMatchObject({
    pieces: 24,
    cakes: [{ issue: { code: "ribbons", pieces: 23, nearest: 24 } }],
  });
  expect(
    readQuestion({ ...FIRST_QUESTION, pieces: "many" }, { size: "metric", heat: "C" }).issues
      .pieces,
  ).toMatchObject({ code: "unreadable", value: "many" });
  expect(
    readQuestion({ ...FIRST_QUESTION, pieces: "500" }, { size: "metric", heat: "C" }).issues.pieces,
  ).toMatchObject({ value: 500, max: 200 });
});

it("says nothing of a usual number that had to move, and falls back on the usual way where one can't be", () => {
  for (let cm = 12; cm <= 34; cm += 1) {
    for (const cut of ["wedges", "strips"] as const) {
      const [cake] = served({ tins: [`${cm} x 7 cm springform`], cut }).cakes;
      expect([cm, cut, cake?.issue, (cake?.pieces ?? 0) > 1]).toEqual([cm, cut, null, true]);
    }
  }
  // A small round has no room for a ring round a core.
  const [small] = served({ tins: ["12 x 7 cm springform"], cut: "core", pieces: "6" }).cakes;
  expect(small).toMatchObject({
    issue: { code: "not-so", pieces: 6 },
    cutting: { style: "wedges" },
  });
});

it("all pieces together weigh what the cakes do, whatever they are cut into", () => {
  const weight = (pieces: string): number => {
    const [cake] = served({ tins: ["24 x 6 cm springform"], pieces }).cakes;
    return (cake?.pieceG ?? 0) * (cake?.pieces ?? 0);
  };
  expect(weight("8")).toBeCloseTo(weight("12"), 6);
});

it("needs no knife for cups: one each", () => {
  expect(served({ tins: ["12 cups"] })).toMatchObject({
    pieces: 12,
    cakes: [{ cutting: null, cakes: 12, pieces: 1 }],
  });
});

it("takes a way of cutting only for cakes that can be cut so", () => {
  const detail = served({
    tins: ["24 x 6 cm springform", "33 x 23 x 5 cm rectangle"],
    cut: "strips",
  });
  expect(detail.cakes.map(({ cutting }) => cutting?.style)).toEqual(["strips", "grid"]);
});

it("cuts enough for the guests the cake is made for, none smaller than for a party", () => {
  const tins = ["33 x 23 x 5 cm rectangle"];
  const usual = served({ tins }).pieces;
  const for54 = served({ tins, scale: "guests", amount: "54" });
  expect(usual).toBeLessThan(54);
  expect(for54.pieces).toBe(54);
  expect(for54.guests).toMatchObject({ asked: 54, times: 1 });
  // Said at Serve as well, it is the same; a number of pieces stands over both.
  expect(served({ tins, guests: "54" }).pieces).toBe(54);
  expect(served({ tins, guests: "54", pieces: "12" }).pieces).toBe(12);
  const tooMany = served({ tins, guests: "200" });
  expect(tooMany.pieces).toBe(usual);
  expect(tooMany.guests?.times).toBeGreaterThan(1);
});

describe("pieces by the recipe's own words", () => {
  const [SHEET, ROUNDS] = ["33 x 23 x 5 cm rectangle", "2 x 20 x 5 cm round"];
  const sheet = { from: SHEET, tins: [SHEET] };

  it("are as many of each cake as it gives, however many are made, and say so", () => {
    expect(served({ ...sheet, recipePortions: 15 })).toMatchObject({
      pieces: 15,
      cakes: [{ because: "recipe" }],
    });
    const twice = served({
      ...sheet,
      tins: [`2 x ${SHEET}`],
      recipePortions: 15,
      scale: "times",
      amount: "2",
    });
    expect(twice).toMatchObject({ pieces: 30, cakes: [{ cakes: 2, pieces: 15 }] });
    // Two rounds that stand as one cake; and nobody cuts a round in seven.
    const rounds = { from: ROUNDS, tins: [ROUNDS], cover: "top-and-sides" as const };
    expect(served({ ...rounds, recipePortions: 7 }).cakes).toMatchObject([{ cakes: 1, pieces: 8 }]);
    expect(served({ ...rounds, cover: "top", recipePortions: 12 }).cakes).toMatchObject([
      { cakes: 2, pieces: 6 },
    ]);
  });

  it("say nothing of a cake of another form or size", () => {
    for (const from of [ROUNDS, "20 x 20 x 5 cm square", "28 x 18 x 5 cm rectangle"])
      expect(served({ ...sheet, from, recipePortions: 15 }).cakes[0]).toMatchObject({
        because: "usual",
      });
  });

  it("give way to her own number and to the guests, and to none that can't be cut", () => {
    expect(served({ ...sheet, recipePortions: 15, pieces: "12" })).toMatchObject({
      pieces: 12,
      cakes: [{ because: "asked" }],
    });
    const many = served({ ...sheet, recipePortions: 15, guests: "48" });
    expect(many.cakes[0]).toMatchObject({ because: "guests" });
    // 300 of one sheet would be crumbs, and one is no cutting.
    for (const recipePortions of [300, 1])
      expect(served({ ...sheet, recipePortions }).cakes[0]).toMatchObject({ because: "usual" });
  });
});
