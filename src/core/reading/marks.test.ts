import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { readAnyRecipe, type AnyReading } from ".";

const pantry = pantryOf();
function read(text: string): AnyReading {
  const reading = readAnyRecipe(text, pantry);
  if (!reading.ok) throw new Error(JSON.stringify(reading.issue));
  return reading.value;
}
const marksIn = (text: string, line: string): readonly string[] =>
  read(text)
    .rows.filter((row) => row.text === line)
    .flatMap((row) =>
      row.marks.map(
        ({ is, from, to, isUsed }) => `${isUsed ? "" : "not "}${is}: ${row.text.slice(from, to)}`,
      ),
    );

const CAKE = `Ferry loaf
200 g flour
3 eggs
a cup and a half of sugar
Heat the oven to three fifty, or 160 fan.
Stir it for five minutes and put it in a 9 x 5 inch loaf tin.
Bake for an hour and a quarter, look at fifty minutes.
Turn out after ten minutes.`;

describe("the marks of a text", () => {
  it.each<[string, readonly string[]]>([
    ["200 g flour", ["ingredient: 200 g flour"]],
    ["a cup and a half of sugar", ["ingredient: a cup and a half of sugar"]],
    ["Heat the oven to three fifty, or 160 fan.", ["heat: three fifty", "not heat: 160"]],
    ["Turn out after ten minutes.", ["not time: ten minutes"]],
  ])("stand on its own words, numbers in words too: %j", (line, marks) => {
    expect(marksIn(CAKE, line)).toEqual(marks);
  });

  it("tell the bake's minutes from a first look and from any other time", () => {
    const all = read(CAKE).rows.flatMap((row) =>
      row.marks.map(({ is, from, to }) => `${is}: ${row.text.slice(from, to)}`),
    );
    expect(all).toContain("minutes: an hour and a quarter");
    expect(all).toContain("look: fifty minutes");
    expect(all).toContain("time: five minutes");
    expect(all).toContain("tin: 9 x 5 inch loaf tin");
  });

  it("are in order and apart, inside their line, whatever the line", () => {
    const word = fc.constantFrom(
      "bake",
      "an hour and",
      "ten minutes",
      "350F",
      "180 °C",
      "two",
      "9 inch",
      "round tin",
      "flour",
      "200 g",
      "½ cup",
      "of",
      "sugar",
      "or",
      ",",
      "half a dozen eggs",
      "gas 4",
      "é",
      "🎂",
    );
    fc.assert(
      fc.property(fc.array(word, { minLength: 1, maxLength: 14 }), (words) => {
        const { rows } = read(`Cake\n200 g flour\n3 eggs\n${words.join(" ")}`);
        for (const { text, marks } of rows) {
          let last = 0;
          for (const { from, to } of marks) {
            expect(from).toBeGreaterThanOrEqual(last);
            expect(to).toBeGreaterThan(from);
            last = to;
          }
          expect(last).toBeLessThanOrEqual(text.length);
        }
      }),
      { numRuns: 200 },
    );
  });

  it("name the line that a word of a step became", () => {
    const { doc, rows } = read(
      "take two cups of flour and a cup of sugar then three eggs stir it and bake at 350 for forty minutes in a loaf tin",
    );
    const ids = rows.flatMap(({ as, marks }) =>
      as === "step" ? marks.flatMap(({ id }) => (id === null ? [] : [id])) : [],
    );
    expect(new Set(ids)).toEqual(
      new Set(doc.parts.flatMap(({ lines }) => lines.map(({ id }) => id))),
    );
  });
});
