import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { fraction } from "@/words";
import { kitchenMeasure, METRIC_MEASURES, US_MEASURES, type KitchenMeasures } from "../measure";
import { matchIngredient, pantryOf } from "../pantry";
import { readLine } from "./line";
import { lineMass } from "./line-mass";

const PANTRY = pantryOf();

function massOf(text: string, measures: KitchenMeasures = METRIC_MEASURES): number | string {
  const line = readLine(text);
  const mass = lineMass(line, matchIngredient(line.name, PANTRY)?.ingredient ?? null, measures);
  return typeof mass === "string" ? mass : mass.massG;
}

describe("weights", () => {
  it("of a cup of flour range from spooned to dipped, unless the line says how", () => {
    const flour = PANTRY.byId.get("plain-flour") ?? null;
    expect(lineMass(readLine("1 cup plain flour"), flour, US_MEASURES)).toMatchObject({
      massG: 122,
      rangeG: [122, 145],
      assumedWay: "spooned",
    });
    expect(lineMass(readLine("1 packed cup plain flour"), flour, US_MEASURES)).toMatchObject({
      massG: 160,
      assumedWay: null,
    });
    expect(lineMass(readLine("1 cup sifted plain flour"), flour, US_MEASURES)).toMatchObject({
      massG: 113,
    });
    expect(lineMass(readLine("1 cup plain flour, sifted"), flour, US_MEASURES)).toMatchObject({
      massG: 122,
    });
  });

  it("the baker has weighed come before any other", () => {
    expect(lineMass(readLine("1 cup plain flour (120 g)"), null, US_MEASURES, 131)).toMatchObject({
      massG: 131,
      basis: "weighed",
    });
  });

  it("keep to the line's range", () => {
    expect(lineMass(readLine("200-250 g sugar"), null, METRIC_MEASURES)).toMatchObject({
      massG: 225,
      rangeG: [200, 250],
      basis: "written",
    });
  });

  it("are the same in every unit of weight", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5000 }), (grams) => {
        const texts = [
          `${grams} g sugar`,
          `${grams / 1000} kg sugar`,
          `${grams * 1000 > 20_000 ? grams / 28.349523125 : grams / 28.349523125} oz sugar`,
          `sugar: ${grams}g`,
          `sugar (${grams} g)`,
        ];
        for (const text of texts) expect(Number(massOf(text)) / grams).toBeCloseTo(1, 6);
      }),
    );
  });
});

describe("a line nobody can use", () => {
  it.each([
    ["", "no-name"],
    ["-5 g salt", "negative"],
    ["99999999 g flour", "huge"],
    ["salt", "no-amount"],
    ["cups flour", "no-number"],
    ["100 g each butter and sugar", "two-things"],
    ["butter or margarine", "alternative"],
    ["250 g", "no-name"],
  ] as const)("%j is doubted: %s", (text, doubt) => {
    expect(readLine(text).doubts).toContain(doubt);
    expect(readLine(text).text).toBe(text);
  });

  it("never throws, and keeps every character", () => {
    fc.assert(
      fc.property(fc.string({ unit: "binary", maxLength: 120 }), (text) => {
        const line = readLine(text);
        expect(line.text).toBe(text);
        lineMass(line, matchIngredient(line.name, PANTRY)?.ingredient ?? null, US_MEASURES);
      }),
      { numRuns: 500 },
    );
  });
});

describe("reading what was written", () => {
  it("gives the same quantity: cups and spoons written for a kitchen read back to their volume", () => {
    const water = PANTRY.byId.get("water") ?? null;
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 2000, noNaN: true }),
        fc.constantFrom(US_MEASURES, METRIC_MEASURES),
        (volumeMl, measures) => {
          const { pieces, error } = kitchenMeasure(volumeMl, measures);
          const text = `${pieces.map(({ count, unit }) => `${fraction(count)} ${unit}`).join(" + ")} water`;
          const mass = lineMass(readLine(text), water, measures);
          // Water weighs 237 g a US cup here; thirds are written as fractions and read back
          // exactly.
          expect(
            typeof mass === "string"
              ? mass
              : mass.massG / ((volumeMl * (1 + error) * 237) / 236.5882365),
          ).toBeCloseTo(1, 3);
        },
      ),
    );
  });

  it("gives the same grams, whatever the unit they are written in", () => {
    const units = fc.constantFrom<readonly [string, number]>(
      ["g", 1],
      ["kg", 1000],
      ["oz", 28.349523125],
      ["lb", 453.59237],
    );
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), units, (amount, [unit, grams]) => {
        expect(massOf(`${amount} ${unit} caster sugar`)).toBeCloseTo(amount * grams, 6);
      }),
    );
  });
});

describe("a second measure in brackets", () => {
  it.each([
    ["3/4 cup (1 1/2 sticks) unsalted butter", 1.5, "stick"],
    ["1 1/2 sticks (3/4 cup) butter", 0.75, "cup"],
    ["2 cups (250 g/9 oz) flour", 250, "g"],
    ["2 cups (9 oz / 250 g) flour", 9, "oz"],
  ])("%s", (line, amount, unit) => {
    expect(readLine(line).stated).toMatchObject({ amount: { low: amount, high: amount }, unit });
  });
});
