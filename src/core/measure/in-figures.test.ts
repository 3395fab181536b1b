import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { inFigures } from "./in-figures";

describe("numbers in words", () => {
  it.each([
    ["two and a half cups of flour", "2.5 cups of flour"],
    ["a cup and a quarter of oil", "1.25 cup of oil"],
    ["an hour and a quarter", "1.25 hour"],
    ["three-quarters of an hour", "0.75 hour"],
    ["half a teaspoon of salt", "0.5 teaspoon of salt"],
    ["half a dozen eggs", "6 eggs"],
    ["two dozen eggs", "24 eggs"],
    ["a couple of hours", "2 hours"],
    ["twenty-five to thirty minutes", "25 to 30 minutes"],
    ["a hundred and fifty grams", "150 grams"],
    ["two hundred and seventy five grams", "275 grams"],
    ["one point five litres", "1.5 litres"],
    ["1 and 1/2 cups", "1.5 cups"],
    ["1 and a half hours", "1.5 hours"],
    ["at three fifty", "at 350"],
    ["at one eighty", "at 180"],
    ["oven at three fifty two nine inch rounds", "oven at 350 2 9 inch rounds"],
    ["three twenty five on the dial", "325 on the dial"],
    ["two twenty centimetre tins", "2 20 centimetre tins"],
    ["1 1/2 cups", "1 1/2 cups"],
    ["1 hour and 45 minutes", "1 hour and 45 minutes"],
  ])("%j is %j", (written, figures) => {
    expect(inFigures(written).text).toBe(figures);
  });

  it.each([
    "half of the buttercream",
    "half the flour",
    "a cup and half the sugar",
    "the second tin",
  ])("%j stays as it is: a share of what was made, or no number", (written) => {
    expect(inFigures(written).text).toBe(written);
  });

  it("tells where each stretch of it stood", () => {
    const written = "Take two and a half cups of flour, then twenty-five minutes.";
    const { text, from } = inFigures(written);
    for (const word of ["Take", "cups", "flour", "then", "minutes"])
      expect(from(text.indexOf(word))).toBe(written.indexOf(word));
  });

  it("changes nothing in a text without numbers in words, and never runs long", () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const { text: figured, from } = inFigures(text.replaceAll(/\p{L}/gu, ""));
        expect(figured).toBe(text.replaceAll(/\p{L}/gu, ""));
        expect(from(0)).toBe(0);
      }),
    );
  });
});
