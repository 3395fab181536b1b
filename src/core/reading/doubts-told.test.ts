import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { pageLines } from "../recipe";
import { readText } from ".";

const doubts = (text: string): readonly string[] => readText(pageLines(text), pantryOf()).doubts;

const PLAIN = [
  "Signal hut seed cake",
  "",
  "200 g butter",
  "200 g sugar",
  "4 eggs",
  "200 g flour",
  "",
  "Heat the oven to 170 C. Cream the butter and sugar, beat in the eggs, fold in the flour.",
  "Scrape into a 20 cm round tin and bake for 50 minutes.",
];

describe("what of a reading may be wrong", () => {
  it("is nothing where each thing is told once", () => {
    expect(doubts(PLAIN.join("\n"))).toEqual([]);
  });

  it.each([
    ["name", "Page 14", 0],
    ["tins", "Scrape into a tin and bake for 50 minutes.", 8],
    ["tins", "Scrape into a 20 cm round tin or a 23 x 13 cm loaf tin and bake for 50 minutes.", 8],
    ["minutes", "Scrape into a 20 cm round tin and bake until it is done.", 8],
    [
      "minutes",
      "Scrape into a 20 cm round tin. Bake for 50 minutes, or for 35 minutes as cups.",
      8,
    ],
    ["heat", "Scrape into a 20 cm round tin and bake at 150 C for 50 minutes.", 8],
    ["check", "Scrape into a 20 cm round tin and bake for 50 minutes; check at 40.", 8],
  ])("is the %s in “%s”", (about, line, at) => {
    expect(doubts(PLAIN.with(at, line).join("\n"))).toContain(about);
  });

  it("is the heat that is told nowhere", () => {
    const cold = PLAIN.with(7, "Cream the butter and sugar, beat in the eggs, fold in the flour.");
    expect(doubts(cold.join("\n"))).toContain("heat");
  });

  it("is the name of a recipe that is told with none", () => {
    expect(doubts("take 200 g flour and 200 g sugar and bake it")).toContain("name");
  });
});
