import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { pageLines } from "../recipe";
import { readText } from ".";

const told = (text: string) => readText(pageLines(text), pantryOf());
const REST = "\n\n200 g flour\n150 g butter\n3 eggs\nMix it all and bake at 180 C for 40 minutes.";

describe("what a recipe is called", () => {
  it.each([
    ["Slipway treacle sheet", "Slipway treacle sheet"],
    [
      "LANTERN ROW CANTEEN          card no. 12\nQUINCE AND OAT LOAF     serves 8",
      "QUINCE AND OAT LOAF",
    ],
    ["*** 3. DAMSON LOAF ***", "DAMSON LOAF"],
    [
      "PARISH LEAFLET, page 4\n\n**Barley Swirl Cake (8 in / 20 cm square tin)**",
      "Barley Swirl Cake",
    ],
    ["Product: NET LOFT GINGERBREAD", "NET LOFT GINGERBREAD"],
    [
      "7 Lantern Row\nTuesday, windy\n\nDear Iris,\n\nYou asked for the quay plum cake, and here it is.",
      "quay plum cake",
    ],
  ])("%j", (top, name) => {
    expect(told(`${top}${REST}`).name).toBe(name);
  });

  it("is sure where a title stands by itself, and nothing to do", () => {
    const { doubts, steps } = told(`Slipway treacle sheet${REST}`);
    expect(doubts).not.toContain("name");
    expect(steps.map(({ text }) => text).join(" ")).not.toContain("Slipway");
  });

  it("is heard in running speech, without the words before it or a spoon", () => {
    expect(
      told(
        "okay so saffron cake, two cups of flour with a teaspoon of bread soda, half a cup of butter, beat it, bake it at three fifty for forty minutes",
      ).name,
    ).toBe("saffron cake");
  });
});
