import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { pageLines } from "../recipe";
import { readText } from ".";

const told = (text: string) =>
  readText(
    pageLines(`Pilot cake\n200 g flour\n200 g sugar\n4 eggs\nMix it all.\n${text}`),
    pantryOf(),
  );

describe("tins that may be taken instead", () => {
  it("have the heat and minutes told with them", () => {
    const { tins, alternatives } = told(
      "Bake in two 9 inch round tins at 325 F for 45 minutes, or in 24 cupcake cases at 350 F for 18 minutes.",
    );
    expect(tins).toHaveLength(2);
    expect(alternatives).toHaveLength(1);
    expect(alternatives[0]).toMatchObject({
      tins: [{ shape: "cups" }],
      minutes: { low: 18, high: 18 },
    });
    expect(Math.round(alternatives[0]?.heat?.tempC ?? 0)).toBe(177);
  });

  it("say nothing of what is not told", () => {
    const { alternatives } = told(
      "Scrape into a 20 cm round tin or a 23 x 13 cm loaf tin. Bake until a straw comes out clean.",
    );
    expect(alternatives).toMatchObject([{ tins: [{ shape: "loaf" }], heat: null, minutes: null }]);
  });

  it("are heard after the cake is baked, where they are for who has not the first", () => {
    const { tins, alternatives } = told(
      "Scrape into a 23 x 13 cm loaf tin and bake for 50 minutes.\nLeave in the tin till cold.\nIf you have no loaf tin, an 18 cm round does as well.",
    );
    expect(tins[0]).toMatchObject([{ shape: "loaf" }]);
    expect(alternatives).toMatchObject([{ tins: [{ shape: "round", diameterMm: 180 }] }]);
  });

  it("have the size that stands by itself after the tin", () => {
    const { tins } = told("Loaf pan. Eight and a half by four and a half. Bake it 50 minutes.");
    expect(tins).toMatchObject([[{ shape: "loaf", lengthMm: 215.9, widthMm: 114.3 }]]);
  });

  it("are none where there is one tin, or two that are used together", () => {
    expect(told("Bake in a 20 cm round tin for 30 minutes.").alternatives).toEqual([]);
    const both = told("Bake in a 20 cm round tin and a 15 cm round tin for 30 minutes.");
    expect([both.tins.length, both.alternatives.length]).toEqual([1, 0]);
  });
});
