import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { gotFor, GotSchema, latestGot, shoppingLists, type CakeNeed, type Got } from ".";

const PANTRY = pantryOf();
const butter = (cake: string, netG: number | null): CakeNeed => {
  const ingredient = PANTRY.byId.get("unsalted-butter");
  if (ingredient === undefined) throw new Error("no butter");
  return { cake, item: { is: "ingredient", ingredient }, netG, pieces: null };
};
const ticked = (cake: string, netG: number | null, of: Partial<Got> = {}): Got => ({
  cake,
  key: "unsalted-butter",
  how: "bought",
  netG,
  pieces: null,
  at: 1,
  ...of,
});

const inG = (rows: readonly { netG: number | null }[]): readonly (number | null)[] =>
  rows.map(({ netG }) => netG);

describe("a list with ticks", () => {
  it("has nothing more to buy of what is ticked", () => {
    const { open, got } = shoppingLists([butter("a", 200)], [ticked("a", 200)]);
    expect(open).toEqual([]);
    expect(inG(got)).toEqual([200]);
  });

  it("has the rest to buy once the cake takes more", () => {
    const { open, got } = shoppingLists([butter("a", 320)], [ticked("a", 200)]);
    expect(inG(open)).toEqual([120]);
    expect(inG(got)).toEqual([200]);
  });

  it("lets a gram more be", () => {
    expect(shoppingLists([butter("a", 203)], [ticked("a", 200)]).open).toEqual([]);
  });

  it("keeps another cake's share open", () => {
    const { open } = shoppingLists([butter("a", 200), butter("b", 90)], [ticked("a", 200)]);
    expect(inG(open)).toEqual([90]);
    expect(open[0]?.shares.map(({ cake }) => cake)).toEqual(["b"]);
  });

  it("takes what was said last, in whatever order it arrives", () => {
    const both = [ticked("a", 200, { at: 5, how: "open" }), ticked("a", 200, { at: 3 })];
    expect(shoppingLists([butter("a", 200)], both).open).toHaveLength(1);
    expect(shoppingLists([butter("a", 200)], [...both].reverse()).open).toHaveLength(1);
    expect([...latestGot(both).values()].map(({ at }) => at)).toEqual([5]);
  });

  it("tells what was bought from what was in the kitchen", () => {
    const { got } = shoppingLists(
      [butter("a", 200), butter("b", 90)],
      [ticked("a", 200), ticked("b", 90, { how: "had" })],
    );
    expect(got.map(({ how, netG }) => [how, netG])).toEqual([
      ["bought", 200],
      ["had", 90],
    ]);
  });

  it("ticks “some” of a thing, and wants more once it is weighed", () => {
    expect(shoppingLists([butter("a", null)], [ticked("a", null)]).open).toEqual([]);
    expect(inG(shoppingLists([butter("a", 50)], [ticked("a", null)]).open)).toEqual([50]);
  });

  it("forgets ticks of cakes that are not on it", () => {
    expect(shoppingLists([butter("a", 200)], [ticked("gone", 200)]).got).toEqual([]);
  });

  it("is told of any row, however long the line is that nobody can read", () => {
    const name = "a handful of whatever stands about ".repeat(25);
    const need: CakeNeed = { cake: "a", item: { is: "named", name }, netG: null, pieces: null };
    const [row] = shoppingLists([need], []).open;
    if (row === undefined) throw new Error("nothing to buy");
    const ticks = gotFor(row, "bought", [], 1);
    expect(ticks.every((tick) => GotSchema.safeParse(tick).success)).toBe(true);
    expect(shoppingLists([need], ticks).open).toEqual([]);
  });

  it("adds the rest that is bought to what was", () => {
    const before = [ticked("a", 200)];
    const [rest] = shoppingLists([butter("a", 320)], before).open;
    if (rest === undefined) throw new Error("nothing to buy");
    const [all] = gotFor(rest, "bought", before, 2);
    expect(all?.netG).toBeCloseTo(320);
    expect(shoppingLists([butter("a", 320)], all === undefined ? [] : [all]).open).toEqual([]);
  });
});
