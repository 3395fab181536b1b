import { describe, expect, it } from "vitest";
import type { Tin } from "../tin";
import { chosenPieces, timesTins, withPieces } from "./chosen-tins";
import { FIRST_QUESTION } from "./first-question";

const ROUND: Tin = { shape: "round", diameterMm: 203, depthMm: 51 };
const TRAY: Tin = { shape: "well", rimMm: 70, depthMm: 32, count: 12 };

describe("choosing from the cupboard", () => {
  it("adds, changes in place, and takes out", () => {
    const one = withPieces(["23 cm"], ROUND, 1, "metric");
    expect(one).toEqual(["23 cm", "20.3 x 5.1 cm round"]);
    const two = withPieces([...one, "9 in"], ROUND, 2, "metric");
    expect(two).toEqual(["23 cm", "2 x 20.3 x 5.1 cm round", "9 in"]);
    expect(chosenPieces(two, ROUND, "metric")).toBe(2);
    expect(withPieces(two, ROUND, 0, "metric")).toEqual(["23 cm", "9 in"]);
  });

  it("counts trays of wells as trays", () => {
    const two = withPieces([], TRAY, 2, "metric");
    expect(two).toEqual(["24 cups 7 x 3.2 cm"]);
    expect(chosenPieces(two, TRAY, "metric")).toBe(2);
  });

  it("replaces the example, and keeps a half-typed tin", () => {
    expect(withPieces(FIRST_QUESTION.tins, ROUND, 1, "metric")).toEqual(["20.3 x 5.1 cm round"]);
    expect(withPieces(["30 x", ""], ROUND, 1, "metric")).toEqual(["30 x", "20.3 x 5.1 cm round"]);
  });
});

it("makes the written tins so many times as many, and leaves what can't be read", () => {
  expect(timesTins(["2 x 20 cm round", "23 x 13 x 7 cm loaf", "a pan"], 3, "metric")).toEqual([
    "6 x 20 cm round",
    "3 x 23 x 13 x 7 cm loaf",
    "a pan",
  ]);
});
