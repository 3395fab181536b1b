import { describe, expect, it } from "vitest";
import { FEW_WORDS } from "./answer-words.test-data";
import { planFileAnswer } from "./plan-file";
import { coatTimes } from "./recipe-coat";

describe("how thick a coat is that takes all of a recipe's frosting", () => {
  it("is found where the mass grows evenly, and where it grows faster", () => {
    expect(coatTimes(450, (times) => 300 * times)).toBeCloseTo(1.5, 6);
    // 200 t + 50 t² = 450 at t = 1.6056.
    expect(coatTimes(450, (times) => 200 * times + 50 * times ** 2)).toBeCloseTo(1.6056, 2);
  });

  it("stays within what a cake can wear, and as usual where it wears none", () => {
    expect(coatTimes(9000, (times) => 300 * times)).toBe(4);
    expect(coatTimes(1, (times) => 300 * times)).toBe(0.25);
    expect(coatTimes(400, () => 0)).toBe(1);
    expect(coatTimes(400, () => null)).toBe(1);
    // What would be too thick for it is left at the last that goes.
    expect(coatTimes(600, (times) => (times > 1.2 ? null : 300 * times))).toBe(1);
  });
});

const TEXT = `Signal mast buns

120 g butter
120 g sugar
2 eggs
120 g self-raising flour

For the buttercream:
150 g soft butter
300 g icing sugar

Heat the oven to 180 C. Line a 12-cup muffin tin with cases.
Cream the butter and sugar, beat in the eggs, fold in the flour. Bake for 18 minutes.
Beat the butter and icing sugar until white. Pipe the buttercream onto the cold cakes.`;

type Answer = {
  readonly finish: { readonly massG: number; readonly topMm: number; readonly topCm2: number };
};
function answer(text: string, changes: object = {}): Answer {
  const of = planFileAnswer({ recipe: { text }, ...changes }, FEW_WORDS);
  if (!of.ok) throw new RangeError(JSON.stringify(of.issue));
  return of.value;
}

describe("the frosting of a recipe on its own cake", () => {
  it("is all of it and no more, on cups and on layers alike", () => {
    expect(answer(TEXT).finish.massG).toBeCloseTo(450, -1);
    const layers = TEXT.replace("a 12-cup muffin tin with cases", "two 18 cm round tins").replace(
      "Pipe the buttercream onto the cold cakes",
      "Sandwich with a third of the buttercream and spread the rest over the top and sides",
    );
    expect(answer(layers).finish.massG).toBeCloseTo(450, -1);
  });

  it("lies as thick on other tins", () => {
    const six = {
      tins: [{ shape: "well", rimMm: 70, floorMm: 50, depthMm: 32, count: 6 }],
    };
    const twelve = { tins: [{ ...six.tins[0], count: 12 }] };
    const [few, many] = [answer(TEXT, six), answer(TEXT, twelve)];
    expect(few.finish.topMm).toBeCloseTo(many.finish.topMm, 6);
    const perCm2 = ({ finish }: Answer): number => finish.massG / finish.topCm2;
    expect(perCm2(few) / perCm2(many)).toBeCloseTo(1, 2);
  });

  it("is as usual, with some to spare, where she has it her own way", () => {
    const hers = answer(TEXT, { finish: { cover: "top" } });
    expect(hers.finish.topMm).toBe(6);
    expect(answer(TEXT, { finish: { topMm: 6 } }).finish.massG).toBeCloseTo(
      hers.finish.massG / 1.12,
      0,
    );
  });
});
