import * as fc from "fast-check";
import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import {
  amountIn,
  changedLarder,
  costOf,
  itemOf,
  LarderMoveSchema,
  LarderRowSchema,
  leftOver,
  broughtHome,
  readItemAmount,
  readPrice,
  shoppingList,
  shoppingLists,
  takenOut,
  type CakeNeed,
  type Item,
  type LarderRow,
} from ".";

const PANTRY = pantryOf();
const item = (id: string): Item => itemOf({ key: id, name: id }, PANTRY);
const need = (id: string, netG: number | null, of: Partial<CakeNeed> = {}): CakeNeed => ({
  item: item(id),
  netG,
  pieces: null,
  cake: "a",
  ...of,
});
const grams = (amount: number) => ({ in: "g" as const, amount });
const count = (amount: number) => ({ in: "pieces" as const, amount });
const known = (key: string, of: Partial<LarderRow>): LarderRow => ({
  key,
  name: key,
  has: null,
  pack: null,
  price: null,
  at: 1,
  ...of,
});
const larderOf = (...rows: readonly LarderRow[]) => new Map(rows.map((row) => [row.key, row]));
const listed = (needs: readonly CakeNeed[], ...rows: readonly LarderRow[]) =>
  shoppingLists(needs, [], PANTRY, larderOf(...rows));

describe("an amount in a baker's words", () => {
  it.each([
    ["800 g", "plain-flour", grams(800)],
    ["about 1.5 kg", "plain-flour", grams(1500)],
    ["~1 lb", "plain-flour", grams(453.6)],
    ["7", "egg", count(7)],
    ["half a dozen", "egg", count(6)],
    ["2", "lemons", count(2)],
    ["plenty", "salt", "plenty"],
    ["None", "plain-flour", grams(0)],
    ["0", "plain-flour", grams(0)],
  ] as const)("%s of %s", (text, id, amount) => {
    const read = readItemAmount(text, item(id), null);
    if (typeof amount === "string" || typeof read === "string" || read === null)
      expect(read).toEqual(amount);
    else {
      expect(read.in).toBe(amount.in);
      expect(read.amount).toBeCloseTo(amount.amount, 0);
    }
  });

  it("is a part of a pack where it says so", () => {
    expect(readItemAmount("half a pack", item("plain-flour"), grams(1500))).toEqual(grams(750));
    expect(readItemAmount("2 packs", item("plain-flour"), grams(1000))).toEqual(grams(2000));
  });

  it.each(["", "rubbish", "500", "-3 g", "…"])("is none: %s of flour", (text) => {
    expect(readItemAmount(text, item("plain-flour"), null)).toBeNull();
  });
});

describe("a price", () => {
  it.each([
    ["£1.20", { amount: 1.2, sign: "£" }],
    ["2,50 €", { amount: 2.5, sign: "€" }],
    ["Rs 90", { amount: 90, sign: "Rs" }],
    ["3", { amount: 3, sign: "" }],
    ["0", { amount: 0, sign: "" }],
  ])("%s", (text, price) => {
    expect(readPrice(text)).toEqual(price);
  });

  it.each(["", "cheap", "-1", "1.2.3", "£1€", "123456789", "1.234"])("is none: %s", (text) => {
    expect(readPrice(text)).toBeNull();
  });
});

describe("a list in a kitchen that has something", () => {
  it("leaves out what is there, and says to look where it is close", () => {
    const needs = [need("plain-flour", 500)];
    const { open, got } = listed(needs, known("plain-flour", { has: grams(550) }));
    expect(open).toEqual([]);
    expect(got).toMatchObject([
      { key: "plain-flour", how: "stocked", inKitchen: { isClose: true } },
    ]);
    const lots = listed(needs, known("plain-flour", { has: grams(2000) }));
    expect(lots.got[0]?.inKitchen).toEqual({ amount: grams(2000), isClose: false });
    expect(listed(needs, known("plain-flour", { has: "plenty" })).open).toEqual([]);
  });

  it("buys the rest, for the cakes that come later", () => {
    const needs = [need("plain-flour", 300), need("plain-flour", 400, { cake: "b" })];
    const { open } = listed(needs, known("plain-flour", { has: grams(350) }));
    expect(open).toHaveLength(1);
    expect(open[0]?.grossG).toBeCloseTo(350);
    expect(open[0]?.shares).toMatchObject([{ cake: "b" }]);
    expect(open[0]?.shares[0]?.netG).toBeCloseTo(350);
  });

  it("buys what is missing from a sack too", () => {
    const { open } = listed(
      [need("plain-flour", 1100)],
      known("plain-flour", { has: grams(100), pack: grams(25_000) }),
    );
    expect(open[0]?.grossG).toBeCloseTo(1000);
  });

  it("counts 3 eggs of 5 and buys a box for the others", () => {
    const { open } = listed(
      [need("egg", 250, { pieces: 5 })],
      known("egg", { has: count(3), pack: count(4) }),
    );
    expect(open[0]?.pieces).toBe(2);
    expect(open[0]?.packs).toEqual({ count: 1, each: count(4), over: 2, isOwn: true });
  });

  it("looks through the peel: 500 g of roots with 18 % waste are 410 g", () => {
    const row = listed([need("parsnips", 410)], known("parsnips", { has: grams(500) }));
    expect(row.open).toEqual([]);
    const short = listed([need("parsnips", 492)], known("parsnips", { has: grams(500) }));
    // 600 g as bought: 100 g more, of roots of 110 g net.
    expect(short.open[0]?.grossG).toBeCloseTo(100, 0);
  });

  it("keeps what a cake was ticked off to have for that cake", () => {
    const had = {
      cake: "a",
      key: "plain-flour",
      how: "had" as const,
      netG: 300,
      pieces: null,
      at: 2,
    };
    const needs = [need("plain-flour", 300), need("plain-flour", 400, { cake: "b" })];
    const { open } = shoppingLists(
      needs,
      [had],
      PANTRY,
      larderOf(known("plain-flour", { has: grams(500) })),
    );
    expect(open[0]?.grossG).toBeCloseTo(200);
  });

  it("never buys more for having something, nor nothing where too little is there", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 3000, noNaN: true }),
        fc.double({ min: 1, max: 3000, noNaN: true }),
        fc.double({ min: 0, max: 6000, noNaN: true }),
        (one, other, has) => {
          const needs = [need("caster-sugar", one), need("caster-sugar", other, { cake: "b" })];
          const { open, got } = listed(needs, known("caster-sugar", { has: grams(has) }));
          const all = one + other;
          const bought = open[0]?.grossG ?? 0;
          expect(bought).toBeLessThanOrEqual(all + 1e-6);
          expect(bought + has).toBeGreaterThanOrEqual(all * 0.96 - 1e-6);
          if (open.length > 0) expect(bought + Math.min(has, all)).toBeCloseTo(all, 3);
          expect(open.length + got.length).toBe(1);
        },
      ),
    );
  });
});

describe("what the kitchen has", () => {
  const moved = (rows: ReturnType<typeof broughtHome>, before: LarderRow | null = null) =>
    rows.map(({ change }) => changedLarder(before, change).has);

  it("grows by whole packs that were put away, and covers the list from then on", () => {
    const needs = [need("plain-flour", 700), need("egg", 150, { pieces: 3 })];
    const rows = shoppingList(needs).map((row) => ({ ...row, name: row.key }));
    const moves = broughtHome(rows, 5);
    for (const move of moves) expect(LarderMoveSchema.safeParse(move).success).toBe(true);
    const larder = larderOf(...moves.map(({ change }) => changedLarder(null, change)));
    for (const row of larder.values()) expect(LarderRowSchema.safeParse(row).success).toBe(true);
    expect(larder.get("egg")?.has).toEqual(count(6));
    const after = shoppingLists(
      needs,
      moves.flatMap(({ ticks }) => ticks),
      PANTRY,
      larder,
    );
    expect(after.open).toEqual([]);
    expect(after.got.map(({ how }) => how)).toEqual(["stocked", "stocked"]);
  });

  it("has what came home of a thing there was none of, however that was said", () => {
    const cases: CakeNeed = {
      item: { is: "bought", what: "cases" },
      netG: null,
      pieces: 12,
      cake: "a",
    };
    const moves = broughtHome(
      shoppingList([cases]).map((row) => ({ ...row, name: "paper cases" })),
      5,
    );
    expect(moved(moves, known("bought:cases", { has: grams(0) }))).toEqual([count(12)]);
    expect(moved(moves, known("bought:cases", { has: count(3) }))).toEqual([count(15)]);
  });

  it("does not take a teaspoon for the jar it came in", () => {
    const rows = shoppingList([need("cloves", 1)]).map((row) => ({ ...row, name: row.key }));
    expect(rows).toHaveLength(1);
    expect(broughtHome(rows, 5)).toEqual([]);
  });

  it("shrinks by what a baked cake took, no further than nothing, and only where it was counted", () => {
    const rows = shoppingList([need("plain-flour", 700)]).map((row) => ({ ...row, name: row.key }));
    const moves = takenOut(rows, 5);
    expect(moved(moves, known("plain-flour", { has: grams(1000) }))).toEqual([grams(300)]);
    expect(moved(moves, known("plain-flour", { has: grams(100) }))).toEqual([grams(0)]);
    expect(moved(moves, known("plain-flour", { has: "plenty" }))).toEqual(["plenty"]);
    expect(moved(moves)).toEqual([null]);
    expect(moves[0]?.ticks).toMatchObject([{ cake: "a", how: "used" }]);
  });

  it("goes back to what it was: in and out again", () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 5000, noNaN: true }), (netG) => {
        const rows = shoppingList([need("honey", netG)]).map((row) => ({ ...row, name: row.key }));
        const [out] = takenOut(rows, 1);
        if (out === undefined) throw new Error("nothing taken");
        const before = known("honey", { has: grams(6000) });
        const back = changedLarder(changedLarder(before, out.change), {
          ...out.change,
          more: { g: -(out.change.more?.g ?? 0), pieces: null },
        });
        expect(back.has).toMatchObject({ in: "g" });
        expect(typeof back.has === "object" ? back.has?.amount : 0).toBeCloseTo(6000, 6);
      }),
    );
  });

  it("refuses a pack of nothing, and more than 100 kg", () => {
    const row = known("honey", {});
    expect(LarderRowSchema.safeParse({ ...row, pack: grams(0) }).success).toBe(false);
    expect(LarderRowSchema.safeParse({ ...row, has: grams(100_001) }).success).toBe(false);
    expect(LarderRowSchema.safeParse({ ...row, has: grams(-1) }).success).toBe(false);
  });

  it("tells pieces in grams and back, where one knows what they weigh", () => {
    expect(amountIn(count(2), item("plain-flour"), "g")).toBeNull();
    const eachG = amountIn(count(1), item("parsnips"), "g") ?? 0;
    // 110 g of use from a root that loses 18 %.
    expect(eachG).toBeCloseTo(110 / 0.82, 1);
    expect(amountIn(grams(eachG), item("parsnips"), "pieces")).toBeCloseTo(1);
  });
});

describe("the cost of a list", () => {
  const larder = larderOf(
    known("plain-flour", { pack: grams(1500), price: { amount: 1.5, sign: "£" } }),
    known("egg", { price: { amount: 2.4, sign: "£" } }),
    known("honey", { price: { amount: 4, sign: "€" }, pack: grams(400) }),
  );
  const rows = shoppingList([
    need("plain-flour", 600),
    need("egg", 150, { pieces: 3 }),
    need("honey", 100),
    need("caster-sugar", 200),
  ]);

  it("is what the cakes take of each pack, each money by itself", () => {
    // 600 of 1500 g for 1.50, 3 of 6 eggs for 2.40, 100 of 400 g for 4.
    const { sums, unpriced } = costOf(rows, larder, "used");
    expect(unpriced).toBe(1);
    expect(sums.find(({ sign }) => sign === "£")?.amount).toBeCloseTo(0.6 + 1.2);
    expect(sums.find(({ sign }) => sign === "€")?.amount).toBeCloseTo(1);
  });

  it("is whole packs as one pays", () => {
    const { sums } = costOf(rows, larder, "bought");
    expect(sums.find(({ sign }) => sign === "£")?.amount).toBeCloseTo(1.5 + 2.4);
    expect(sums.find(({ sign }) => sign === "€")?.amount).toBeCloseTo(4);
  });

  it("is nothing where nothing has a price", () => {
    expect(costOf(rows, new Map(), "used")).toEqual({ sums: [], unpriced: 4 });
  });
});

describe("what is left over", () => {
  const left = (needs: readonly CakeNeed[], ...rows: readonly LarderRow[]) =>
    leftOver(needs, Object.values(listed(needs, ...rows)).flat(), PANTRY).map(
      ({ ingredient, amount }) => [ingredient.id, amount.in, Math.round(amount.amount)],
    );

  it("is the rest of an opened pack of what does not keep", () => {
    // 250 g packs of butter: 75 g of the second are over. Sugar keeps.
    expect(left([need("unsalted-butter", 425), need("caster-sugar", 300)])).toEqual([
      ["unsalted-butter", "g", 75],
    ]);
    expect(left([need("unsalted-butter", 245)])).toEqual([]);
  });

  it("is the rest of what the kitchen has", () => {
    const cream = need("double-cream", 200);
    expect(left([cream], known("double-cream", { has: grams(600) }))).toEqual([
      ["double-cream", "g", 400],
    ]);
    expect(left([cream], known("double-cream", { has: "plenty" }))).toEqual([]);
  });

  it("is the yolks of eggs bought for their whites, less what takes yolks", () => {
    const whites = need("egg-white", 132, { pieces: 4 });
    expect(left([whites])).toContainEqual(["egg-yolk", "pieces", 4]);
    expect(left([whites, need("egg-yolk", 17, { pieces: 1, cake: "b" })])).toContainEqual([
      "egg-yolk",
      "pieces",
      3,
    ]);
    expect(left([need("egg-yolk", 34)])).toContainEqual(["egg-white", "pieces", 2]);
  });
});
