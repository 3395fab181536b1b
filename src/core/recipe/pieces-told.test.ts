import { describe, expect, it } from "vitest";
import { piecesTold } from "./pieces-told";
import { pantryOf } from "../pantry";
import { readRecipe } from "./read-recipe";

const told = (...texts: readonly string[]): number | null =>
  piecesTold({
    parts: [
      {
        id: "p1",
        role: "batter",
        name: "Batter",
        lines: [],
        steps: ["Beat it all.", "Bake for 40 minutes.", ...texts].map((text, at) => ({
          id: `s${at}`,
          text,
        })),
      },
    ],
  });

describe("how many pieces a recipe gives", () => {
  it.each([
    ["When it is cold, cut it into sixteen squares.", 16],
    ["Cut in 24.", 24],
    ["Cut it nine ways in the tin.", 9],
    ["Cut 6 x 4 and serve from the dish.", 24],
    ["Cut it five by three, fifteen pieces.", 15],
    ["It cuts into 12 neat wedges.", 12],
    ["Lift it out and cut twenty fingers.", 20],
  ])("%s", (text, pieces) => {
    expect(told(text)).toBe(pieces);
  });

  it.each([
    "Cut it in half and sandwich.",
    "Cut it in three strips 40 x 10 cm.",
    "Cut into 2 cm slices.",
    "Don't cut it for 2 hours.",
    "Cut the cake after 30 minutes.",
    "Cut it thick.",
    "Cut into 4 layers.",
  ])("is not told by: %s", (text) => {
    expect(told(text)).toBeNull();
  });

  it("is what it serves before what it is cut into, and no size", () => {
    const portions = (line: string): number | undefined => {
      const read = readRecipe(
        `Quay loaf\n${line}\n\n200 g flour\n\nBake for 40 minutes.`,
        pantryOf(),
      );
      return read.ok ? read.value.doc.portions : undefined;
    };
    expect(portions("Serves 10")).toBe(10);
    expect(portions("Makes one 23 x 13 cm loaf")).toBeUndefined();
    expect(portions("Makes two 9-inch layers")).toBeUndefined();
    expect(piecesTold({ portions: 10, parts: [] })).toBe(10);
  });
});
